package happysaucer.server.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.team.CurrentUser;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

class ChangeLogTest {
  private record Write(String what) {}

  private static final UUID ID = UUID.fromString("00000000-0000-4000-8000-000000000001");
  private final ChangeLogMapper mapper = mock();
  private final CurrentUser user = mock();
  private final ChangeLog history =
      new ChangeLog(mapper, new TeamClock("UTC", "2027-04-12T08:30"), user);

  @Test
  void theSameWriteIsKnownAgainAndAnotherWithItsIdIsRefused() {
    AtomicReference<String> stored = new AtomicReference<>();
    assertThat(history.firstTime(ID, new Write("a"))).isTrue();
    verify(mapper)
        .addReceipt(eq(ID), argThat(hash -> stored.compareAndSet(null, hash) || true), any());
    when(mapper.receipt(ID)).thenReturn(stored.get());

    assertThat(history.firstTime(ID, new Write("a"))).isFalse();
    assertThatThrownBy(() -> history.firstTime(ID, new Write("b")))
        .isInstanceOf(ConflictException.class)
        .hasMessageContaining("new id");
  }

  @Test
  void aLongChangeIsKeptAsFarAsItFits() {
    when(user.id()).thenReturn(ID);
    history.log("plant", ID, "x".repeat(9000));
    verify(mapper).log(eq("plant"), eq(ID), any(), eq(ID), argThat(what -> what.length() == 4000));
    verify(mapper, never()).addReceipt(any(), anyString(), any());
  }
}
