package happysaucer.server.message;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.message.MessageMapper.MessageRow;
import happysaucer.server.message.MessageMapper.StatusCount;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.NotFoundException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/** What was written to caretakers, and how far it has come. */
@Service
class Messages {
  private static final int SHOWN = 100;
  private static final long WAITS_SECONDS = 5;

  private final MessageMapper mapper;
  private final Letters letters;
  private final Postman postman;
  private final TeamClock clock;
  private final String host;

  Messages(
      MessageMapper mapper,
      Letters letters,
      Postman postman,
      TeamClock clock,
      @Value("${spring.mail.host:}") String host) {
    this.mapper = mapper;
    this.letters = letters;
    this.postman = postman;
    this.clock = clock;
    this.host = host;
  }

  /**
   * @param text as it is sent, with the line that ends them
   * @param nextAt when it is tried (again)
   * @param trouble why it has not gone
   */
  record MessageView(
      UUID id,
      String kind,
      String name,
      String email,
      UUID plantId,
      String plant,
      String subject,
      String text,
      MessageStatus status,
      int tries,
      Instant writtenAt,
      Instant nextAt,
      @Nullable Instant sentAt,
      @Nullable String trouble) {}

  /**
   * @param host that mail is given to; null where it stays in the outbox
   * @param from the sender's address
   * @param messages the newest
   */
  record MessagesView(
      @Nullable String host,
      String from,
      int waiting,
      int sent,
      int failed,
      List<MessageView> messages) {}

  MessagesView view() {
    List<StatusCount> counts = mapper.counts();
    return new MessagesView(
        host.isBlank() ? null : host,
        letters.from(),
        count(counts, MessageStatus.WAITING) + count(counts, MessageStatus.SENDING),
        count(counts, MessageStatus.SENT),
        count(counts, MessageStatus.FAILED),
        mapper.newestMessages(SHOWN).stream().map(Messages::view).toList());
  }

  private static int count(List<StatusCount> counts, MessageStatus status) {
    return counts.stream()
        .filter(each -> each.status() == status)
        .mapToInt(StatusCount::messages)
        .sum();
  }

  private static MessageView view(MessageRow row) {
    return new MessageView(
        row.id(),
        row.kind(),
        row.name(),
        row.email(),
        row.plantId(),
        row.commonName() + " " + row.label(),
        row.subject(),
        Letters.text(row),
        row.status(),
        row.tries(),
        row.writtenAt(),
        row.nextAt(),
        row.sentAt(),
        row.trouble());
  }

  private MessageRow required(UUID id) {
    MessageRow row = mapper.message(id);
    if (row == null) {
      throw new NotFoundException("There is no such message.");
    }
    return row;
  }

  byte[] file(UUID id) {
    return letters.file(required(id));
  }

  /** One that failed is tried again. */
  MessagesView again(UUID id) {
    MessageRow row = required(id);
    if (row.unwanted()) {
      throw new ConflictException("They want no more of these.");
    }
    mapper.again(id, clock.now());
    return look();
  }

  /** Does now what is done each minute; what takes longer goes on by itself. */
  MessagesView look() {
    try {
      postman.now().get(WAITS_SECONDS, TimeUnit.SECONDS);
    } catch (TimeoutException | ExecutionException e) {
      // the queue tells how far it has come
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return view();
  }
}
