package happysaucer.server.message;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/**
 * Stands in for a mail host where none is set: what would be sent lies as a file in the data
 * folder. A message that is given twice is the same file.
 */
class Outbox extends JavaMailSenderImpl {
  private final Path folder;

  Outbox(Path folder) {
    this.folder = folder;
  }

  @Override
  protected void doSend(MimeMessage[] mails, Object @Nullable [] originals) {
    for (MimeMessage mail : mails) {
      try {
        Files.createDirectories(folder);
        String name = mail.getMessageID().replaceAll("[^A-Za-z0-9@.-]", "");
        Path part = folder.resolve(name + ".part");
        try (OutputStream out = Files.newOutputStream(part)) {
          mail.writeTo(out);
        }
        try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
          written.force(true);
        }
        move(part, folder.resolve(name + ".eml"));
      } catch (IOException | MessagingException e) {
        throw new MailSendException(
            "The outbox cannot be written.", e, Map.of(mail, new IOException(e)));
      }
    }
  }

  private static void move(Path part, Path file) throws IOException {
    try {
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
    }
  }
}
