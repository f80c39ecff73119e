package happysaucer.core.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said of a pour can be said of another one. */
class PouringMessageTest {
  @Test
  void onlyTheAmountIsAnother() {
    Message probe = Message.of("care.probe.toTheBase", new Volume(0.5));
    Wording cups = new Wording(Units.METRIC, List.of(new Pouring.Measure("cup", 0.25)));
    assertThat(cups.text(probe)).contains("two cups");
    assertThat(cups.text(probe.pouring(0.25))).contains("one cup").doesNotContain("two");
    assertThat(cups.text(Message.of("card.done.POT_UP").pouring(3)))
        .isEqualTo(cups.text(Message.of("card.done.POT_UP")));
  }
}
