package happysaucer.server.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.message.MessageMapper.MessageRow;
import jakarta.mail.Address;
import jakarta.mail.SendFailedException;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Properties;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.mail.MailException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSender;

/** What becomes of a message that a mail host takes, puts off, or refuses. */
class PostmanTest {
  private static final UUID ID = UUID.randomUUID();
  private final MessageMapper mapper = mock(MessageMapper.class);
  private final JavaMailSender sender = mock(JavaMailSender.class);
  private final Letters letters = mock(Letters.class);
  private final TeamClock clock = new TeamClock("UTC", "2027-04-12T08:30");
  private final Postman postman =
      new Postman(mapper, mock(Reminders.class), letters, sender, clock, Duration.ZERO);
  private final MimeMessage mail = new MimeMessage(Session.getInstance(new Properties()));

  @BeforeEach
  void oneWaits() {
    when(letters.mail(any())).thenReturn(mail);
    when(mapper.sending(eq(ID), any())).thenReturn(1);
    writtenBefore(Duration.ofHours(1), 2);
  }

  private void writtenBefore(Duration age, int tries) {
    Instant written = clock.now().minus(age);
    MessageRow row =
        new MessageRow(
            ID,
            ID,
            "WATER",
            "s",
            "b",
            MessageStatus.WAITING,
            tries,
            written,
            written,
            null,
            null,
            "Wren",
            "wren@stair.example",
            "http://localhost",
            "t",
            null,
            null,
            ID,
            "Fern",
            "T-1");
    when(mapper.next(any())).thenReturn(row, (MessageRow) null);
  }

  private MessageStatus after(MailException trouble) throws Exception {
    if (trouble != null) {
      doThrow(trouble).when(sender).send(mail);
    }
    postman.now().get(10, TimeUnit.SECONDS);
    ArgumentCaptor<MessageStatus> status = ArgumentCaptor.forClass(MessageStatus.class);
    verify(mapper).tried(eq(ID), status.capture(), any(), any(), any());
    return status.getValue();
  }

  private MailException putOff() {
    return new MailSendException("no", new java.net.ConnectException("refused"));
  }

  @Test
  void takenIsSent() throws Exception {
    assertThat(after(null)).isEqualTo(MessageStatus.SENT);
  }

  @Test
  void putOffWaitsAndSaysWhy() throws Exception {
    assertThat(after(putOff())).isEqualTo(MessageStatus.WAITING);
    verify(mapper)
        .tried(
            eq(ID),
            eq(MessageStatus.WAITING),
            any(),
            eq(clock.now().plus(Postman.wait(2))),
            anyString());
  }

  @Test
  void aReminderOfYesterdayIsGivenUp() throws Exception {
    writtenBefore(Duration.ofHours(30), 6);
    assertThat(after(putOff())).isEqualTo(MessageStatus.FAILED);
  }

  @Test
  void anAddressThatIsRefusedIsNotTriedAgain() throws Exception {
    SendFailedException refused =
        new SendFailedException(
            "no such user",
            null,
            new Address[0],
            new Address[0],
            new Address[] {new InternetAddress("wren@stair.example")});
    assertThat(after(new MailSendException(Map.of(mail, refused)))).isEqualTo(MessageStatus.FAILED);
  }
}
