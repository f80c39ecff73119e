package happysaucer.server.message;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.message.MessageMapper.MessageRow;
import jakarta.mail.SendFailedException;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.mail.MailAuthenticationException;
import org.springframework.mail.MailException;
import org.springframework.mail.MailParseException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Component;

/**
 * Takes messages out of the queue, one after the other, in one thread. What is under way is marked
 * before it goes and after it has gone; what was under way when the server was killed goes again as
 * the same mail, with the Message-ID that it had.
 */
@Component
class Postman implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Postman.class);
  private static final int AT_ONCE = 500;
  private static final Duration LONGEST_WAIT = Duration.ofHours(2);
  private static final int MOST_DOUBLINGS = 7;

  /** A reminder of yesterday is of no use. */
  private static final Duration OF_USE = Duration.ofHours(20);

  private static final int TROUBLE_LETTERS = 400;

  private final MessageMapper mapper;
  private final Reminders reminders;
  private final Letters letters;
  private final JavaMailSender sender;
  private final TeamClock clock;
  private final Duration every;
  private final ScheduledExecutorService worker =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "post");
            thread.setDaemon(true);
            return thread;
          });

  Postman(
      MessageMapper mapper,
      Reminders reminders,
      Letters letters,
      JavaMailSender sender,
      TeamClock clock,
      @Value("${saucer.post-every}") Duration every) {
    this.mapper = mapper;
    this.reminders = reminders;
    this.letters = letters;
    this.sender = sender;
    this.clock = clock;
    this.every = every;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    if (!every.isZero()) {
      worker.scheduleWithFixedDelay(
          this::goRound, every.toMillis(), every.toMillis(), TimeUnit.MILLISECONDS);
    }
  }

  @Override
  public void destroy() {
    worker.shutdownNow();
  }

  /** Writes and sends what is due now. */
  Future<?> now() {
    try {
      return worker.submit(this::goRound);
    } catch (RejectedExecutionException e) {
      throw new IllegalStateException("The server is ending.", e);
    }
  }

  private void goRound() {
    try {
      reminders.write();
      deliver();
    } catch (RuntimeException e) {
      LOG.warn("Messages wait: {}", e.toString());
    }
  }

  private void deliver() {
    // nobody else sends: what is still under way was left by a try that broke off
    mapper.pickUp();
    mapper.endUnwanted("Not wanted any more.");
    for (int i = 0; i < AT_ONCE && !Thread.currentThread().isInterrupted(); i++) {
      MessageRow row = mapper.next(clock.now());
      if (row == null) {
        return;
      }
      if (mapper.sending(row.id(), clock.now()) > 0) {
        deliver(row);
      }
    }
  }

  private void deliver(MessageRow row) {
    Instant now = clock.now();
    try {
      sender.send(letters.mail(row));
      mapper.tried(row.id(), MessageStatus.SENT, now, now, null);
    } catch (MailException e) {
      boolean over =
          refused(e)
              || e instanceof MailParseException
              || now.isAfter(row.writtenAt().plus(OF_USE));
      mapper.tried(
          row.id(),
          over ? MessageStatus.FAILED : MessageStatus.WAITING,
          null,
          now.plus(wait(row.tries())),
          trouble(e));
    }
  }

  /** Longer after each try. */
  static Duration wait(int tries) {
    Duration wait = Duration.ofMinutes(1L << Math.min(tries, MOST_DOUBLINGS));
    return wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
  }

  /** The host takes no mail for that address; trying again would change nothing. */
  private static boolean refused(MailException e) {
    return e instanceof MailSendException sent
        && Arrays.stream(sent.getMessageExceptions())
            .anyMatch(
                each ->
                    each instanceof SendFailedException failed
                        && failed.getInvalidAddresses() != null
                        && failed.getInvalidAddresses().length > 0);
  }

  private static String trouble(MailException e) {
    if (refused(e)) {
      return "The mail host does not take mail for this address.";
    }
    if (e instanceof MailAuthenticationException) {
      return "The mail host does not let us in: name or password is wrong.";
    }
    @Nullable String why = e.getMostSpecificCause().getMessage();
    String told = "The mail host was not reached: " + (why == null ? e.toString() : why);
    return told.length() > TROUBLE_LETTERS ? told.substring(0, TROUBLE_LETTERS) : told;
  }
}
