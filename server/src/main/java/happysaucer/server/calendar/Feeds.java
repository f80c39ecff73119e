package happysaucer.server.calendar;

import happysaucer.server.calendar.FeedMapper.FeedRow;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.season.KnownJobs;
import happysaucer.server.season.KnownJobs.KnownJob;
import jakarta.validation.constraints.NotNull;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may read which calendar, by an address that nobody guesses and that can be taken back. */
@Service
class Feeds {
  /** 256 bits. */
  private static final int TOKEN_BYTES = 32;

  private final FeedMapper mapper;
  private final KnownJobs known;
  private final CalendarFile file;
  private final ChangeLog history;
  private final SecureRandom random = new SecureRandom();

  Feeds(FeedMapper mapper, KnownJobs known, CalendarFile file, ChangeLog history) {
    this.mapper = mapper;
    this.known = known;
    this.file = file;
    this.history = history;
  }

  enum FeedKind {
    CREW,
    CLIENT
  }

  /**
   * @param path of the address to subscribe to; null where there is none
   */
  record FeedView(FeedKind kind, UUID id, String name, @Nullable String path) {}

  record FeedRequest(@NotNull(message = "Say whether it can be subscribed to.") Boolean open) {}

  List<FeedView> all() {
    return mapper.all().stream().map(Feeds::view).toList();
  }

  private static FeedView view(FeedRow row) {
    return new FeedView(
        FeedKind.valueOf(row.kind()),
        row.id(),
        row.name(),
        row.token() == null ? null : "/calendar/" + row.token() + ".ics");
  }

  /** Opens a calendar to whoever knows its address, or ends that address for good. */
  @Transactional
  public FeedView open(FeedKind kind, UUID id, FeedRequest request) {
    FeedRow row = required(kind, id);
    if (request.open() != (row.token() != null)) {
      String token = request.open() ? token() : null;
      if (kind == FeedKind.CREW) {
        mapper.crew(id, token);
      } else {
        mapper.client(id, token);
      }
      history.log(
          kind.name().toLowerCase(Locale.ROOT),
          id,
          request.open() ? "Calendar can be subscribed to" : "Address of its calendar ended");
    }
    return view(required(kind, id));
  }

  private String token() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  private FeedRow required(FeedKind kind, UUID id) {
    FeedRow row = mapper.feed(kind.name(), id);
    if (row == null) {
      throw new NotFoundException("There is no such calendar.");
    }
    return row;
  }

  String calendar(FeedKind kind, UUID id) {
    return written(required(kind, id));
  }

  /**
   * @throws NotFoundException when no calendar has this address, or it was ended
   */
  String byToken(String token) {
    FeedRow row = mapper.byToken(token);
    if (row == null) {
      throw new NotFoundException("There is no calendar at this address, or it was ended.");
    }
    return written(row);
  }

  private String written(FeedRow row) {
    boolean crew = row.kind().equals(FeedKind.CREW.name());
    List<KnownJob> jobs = crew ? known.ofCrew(row.id()) : known.ofClient(row.id());
    return file.of(row.name(), jobs, crew);
  }
}
