package happysaucer.server.history;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.team.Account;
import happysaucer.server.team.CurrentUser;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;

/** Who changed what and when, and writes that happen once however often they arrive. */
@Component
public class ChangeLog {
  private static final int MOST_TEXT = 4000;

  private final ChangeLogMapper mapper;
  private final TeamClock clock;
  private final CurrentUser user;

  public record Entry(Instant at, String who, String what) {}

  ChangeLog(ChangeLogMapper mapper, TeamClock clock, CurrentUser user) {
    this.mapper = mapper;
    this.clock = clock;
    this.user = user;
  }

  /**
   * True for the first write with this id; false when the very same write has been done before.
   *
   * @throws ConflictException when another write has used this id
   */
  public boolean firstTime(UUID id, Record write) {
    String hash = hash(write.toString());
    String before = mapper.receipt(id);
    if (before == null) {
      try {
        mapper.addReceipt(id, hash, clock.now());
        return true;
      } catch (DuplicateKeyException e) {
        // the same write arrived at the same moment and has been done meanwhile
        before = mapper.receipt(id);
      }
    }
    if (before == null) {
      throw new ConflictException("The same write failed at the same moment. Send it again.");
    }
    if (!before.equals(hash)) {
      throw new ConflictException(
          "The id " + id + " was used for another write. Make a new id for a new write.");
    }
    return false;
  }

  public void log(String entity, UUID id, String what) {
    mapper.log(
        entity,
        id,
        clock.now(),
        user.id(),
        what.length() > MOST_TEXT ? what.substring(0, MOST_TEXT) : what);
  }

  /** What followed of itself from what somebody did, in the name of whoever is signed in. */
  public void logAs(String entity, UUID id, String what, UUID otherwise) {
    mapper.log(
        entity,
        id,
        clock.now(),
        user.account().map(Account::id).orElse(otherwise),
        what.length() > MOST_TEXT ? what.substring(0, MOST_TEXT) : what);
  }

  /** The same of many at once. */
  public void logAll(String entity, List<UUID> ids, String what) {
    mapper.logAll(entity, ids, clock.now(), user.id(), what);
  }

  /** Newest first. */
  public List<Entry> of(UUID id, int most) {
    return mapper.changes(id, most);
  }

  private static String hash(String text) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
