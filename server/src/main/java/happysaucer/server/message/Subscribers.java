package happysaucer.server.message;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.door.Addresses;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.message.MessageMapper.SubscriberRow;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.SecureRandom;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who is reminded: entered by the team at their wish, ended by either. */
@Service
class Subscribers {
  /** 256 bits. */
  private static final int TOKEN_BYTES = 32;

  private static final int MOST = 5;
  private static final int SHOWN = 40;
  private static final Pattern EMAIL =
      Pattern.compile("[^\\s@,;:<>()\\[\\]\"\\\\]{1,64}@[A-Za-z0-9.-]{1,120}\\.[A-Za-z]{2,24}");

  private final MessageMapper mapper;
  private final Addresses addresses;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final SecureRandom random = new SecureRandom();

  Subscribers(
      MessageMapper mapper,
      Addresses addresses,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
    this.addresses = addresses;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * @param zone in whose morning reminders come
   * @param ended they want no more, or their page has ended
   */
  record SubscriberView(
      UUID id, String name, String email, String zone, Units units, boolean ended) {}

  record SubscriberRequest(
      @NotNull(message = "Say of which repot.") UUID jobId,
      @NotBlank(message = "Give a name to greet them by.")
          @Size(max = 80, message = "At most 80 letters.")
          String name,
      @NotBlank(message = "Give the address.") @Size(max = 200, message = "At most 200 letters.")
          String email,
      @NotBlank(message = "Give their time zone.") @Size(max = 60, message = "At most 60 letters.")
          String zone,
      @NotNull(message = "Say METRIC or IMPERIAL.") Units units) {}

  List<SubscriberView> of(UUID job) {
    return mapper.ofJob(job, SHOWN).stream().map(this::view).toList();
  }

  private SubscriberView view(SubscriberRow row) {
    return new SubscriberView(
        row.id(),
        row.name(),
        row.email(),
        row.zone(),
        row.units(),
        row.endedAt() != null
            || row.linkEndedAt() != null
            || clock.today().isAfter(row.expiresOn()));
  }

  /** Somebody who wants to be reminded from now on; sent twice, it is one. */
  @Transactional
  public List<SubscriberView> add(UUID id, SubscriberRequest request) {
    String email = email(request.email().trim());
    String name = request.name().trim();
    if (name.chars().anyMatch(Character::isISOControl)) {
      throw InputException.of("name", "Write it in one line.", name);
    }
    try {
      ZoneId.of(request.zone());
    } catch (DateTimeException e) {
      throw InputException.of(
          "zone", "There is no such time zone. Choose one of the list.", request.zone());
    }
    if (mapper.subscriber(id) != null) {
      return of(request.jobId());
    }
    UUID link = mapper.lockLink(request.jobId(), clock.today());
    if (link == null) {
      throw new ConflictException("Open a page for whoever waters first.");
    }
    if (mapper.subscribers(link) >= MOST) {
      throw new ConflictException("At most " + MOST + " are reminded of one plant.");
    }
    byte[] token = new byte[TOKEN_BYTES];
    random.nextBytes(token);
    mapper.add(
        new MessageMapper.NewSubscriber(
            id,
            link,
            name,
            email,
            request.zone(),
            request.units(),
            Base64.getUrlEncoder().withoutPadding().encodeToString(token),
            addresses.all().get(0)),
        user.id(),
        clock.now());
    history.log("job", request.jobId(), "Somebody who waters is reminded from now on");
    return of(request.jobId());
  }

  private static String email(String given) {
    try {
      InternetAddress address = new InternetAddress(given, true);
      if (EMAIL.matcher(given).matches() && address.getAddress().equals(given)) {
        return given;
      }
    } catch (AddressException e) {
      // said below
    }
    throw InputException.of("email", "Write one address, as wren@house.example.", given);
  }

  /** They get no more, also of what waits to be sent. */
  @Transactional
  public List<SubscriberView> end(UUID id) {
    SubscriberRow row = mapper.subscriber(id);
    if (row == null) {
      throw new NotFoundException("There is nobody like that who is reminded.");
    }
    if (mapper.end(id, clock.now()) > 0) {
      history.log("job", row.jobId(), "Somebody who waters is not reminded any more");
    }
    return of(row.jobId());
  }

  /** By the address in their mail; of one that never was, nothing is told. */
  @Transactional
  public void stop(String token) {
    SubscriberRow row = mapper.byToken(token);
    if (row != null) {
      mapper.end(row.id(), clock.now());
    }
  }
}
