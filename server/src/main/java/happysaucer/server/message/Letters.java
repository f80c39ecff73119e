package happysaucer.server.message;

import happysaucer.server.message.MessageMapper.MessageRow;
import happysaucer.server.settings.Settings;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Date;
import java.util.Properties;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailParseException;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;

/**
 * Messages as mail (RFC 5322). The same message is the same mail however often it is made: its
 * Message-ID is its own, so that a mail host that is given it twice can know it again.
 */
@Component
class Letters {
  private final Settings settings;
  private final String from;

  /**
   * @param from the sender's address, as the mail host accepts it
   */
  Letters(Settings settings, @Value("${saucer.mail-from}") String from) {
    this.settings = settings;
    this.from = from;
  }

  String from() {
    return from;
  }

  /** Keeps its Message-ID when it is sent. */
  private static final class Letter extends MimeMessage {
    private final String id;

    Letter(String id) {
      super(Session.getInstance(new Properties()));
      this.id = id;
    }

    @Override
    protected void updateMessageID() throws MessagingException {
      setHeader("Message-ID", id);
    }
  }

  static String stopPath(MessageRow row) {
    return "/care/stop/" + row.token();
  }

  /** With the line that ends them, which no template can leave out. */
  static String text(MessageRow row) {
    return row.body().stripTrailing()
        + "\n\n-- \nYou asked to be reminded of this plant. No more of these: "
        + row.base()
        + stopPath(row)
        + "\n";
  }

  MimeMessage mail(MessageRow row) {
    try {
      MimeMessage mail = new Letter("<" + row.id() + "@happy-saucer>");
      MimeMessageHelper helper = new MimeMessageHelper(mail, StandardCharsets.UTF_8.name());
      helper.setFrom(new InternetAddress(from, settings.name(), StandardCharsets.UTF_8.name()));
      helper.setTo(new InternetAddress(row.email(), row.name(), StandardCharsets.UTF_8.name()));
      helper.setSubject(row.subject());
      helper.setText(text(row));
      helper.setSentDate(Date.from(row.writtenAt()));
      mail.setHeader("List-Unsubscribe", "<" + row.base() + stopPath(row) + ">");
      mail.setHeader("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
      mail.setHeader("Auto-Submitted", "auto-generated");
      mail.saveChanges();
      return mail;
    } catch (MessagingException | IOException e) {
      throw new MailParseException("It cannot be written as mail.", e);
    }
  }

  /** As a file that mail programs open. */
  byte[] file(MessageRow row) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      mail(row).writeTo(out);
    } catch (MessagingException e) {
      throw new MailParseException("It cannot be written as mail.", e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
