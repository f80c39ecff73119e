package happysaucer.server.supply;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.history.Versions;
import happysaucer.server.job.JobDone;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.supply.SupplyMapper.SupplyRow;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands there of what jobs need besides pots and media: feed, mesh, wire, stakes, layers. */
@Service
public class Supplies {
  private static final String ENTITY = "supply";
  private static final int MOST = 200;

  /** Kinds of needs that are used up and kept in no other store. */
  private static final Set<String> KINDS = Set.of("FEED", "COARSE", "FILLER", "DRESSING", "TOOL");

  private final SupplyMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Supplies(SupplyMapper mapper, ChangeLog history, TeamClock clock, CurrentUser user) {
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * @param key kind and code, as in "FEED/SLOW_RELEASE"
   * @param unit g, L or pieces
   * @param stock that stands there; null where nobody counted, below 0 where more was used than was
   *     there
   * @param pack so much comes in one; null where nobody said
   * @param version 0 where nobody said anything of it yet
   */
  public record SupplyView(
      String key,
      String label,
      String unit,
      @Nullable Double stock,
      @Nullable Double pack,
      String supplier,
      int version) {}

  /**
   * @param stock counted, in the unit in which jobs need it; null where nobody counts
   * @param pack so much comes in one
   */
  public record SupplyRequest(
      @Nullable
          @DecimalMin(value = "0", message = "0 to 1000000.")
          @DecimalMax(value = "1000000", message = "0 to 1000000.")
          Double stock,
      @Nullable
          @DecimalMin(value = "0.1", message = "0.1 to 100000.")
          @DecimalMax(value = "100000", message = "0.1 to 100000.")
          Double pack,
      @NotNull(message = "Name who sells it, empty if nobody yet.")
          @Size(max = 120, message = "At most 120 letters.")
          String supplier) {}

  public List<SupplyView> all() {
    return mapper.all(MOST).stream().map(Supplies::view).toList();
  }

  /** Empty where nobody said anything of it. */
  public Optional<SupplyView> of(String key) {
    return all().stream().filter(each -> each.key().equals(key)).findFirst();
  }

  private static SupplyView view(SupplyRow row) {
    String key = row.kind() + "/" + row.code();
    return new SupplyView(
        key, label(key), unit(row.kind()), row.stock(), row.pack(), row.supplier(), row.version());
  }

  private static String unit(String kind) {
    return switch (kind) {
      case "FEED" -> "g";
      case "TOOL" -> "pieces";
      default -> "L";
    };
  }

  /** In words, by its code. */
  public static String label(String key) {
    String kind = key.substring(0, Math.max(0, key.indexOf('/')));
    String words =
        key.substring(key.indexOf('/') + 1).replace('_', ' ').toLowerCase(Locale.ROOT)
            + switch (kind) {
              case "FEED" -> " feed";
              case "DRESSING" -> " on top";
              case "COARSE" -> " layer below";
              default -> "";
            };
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** Whether a job needs such a thing, or needed it. */
  public boolean needed(String kind, String code) {
    return mapper.needed(kind, code);
  }

  /**
   * Counts it, and says how it is bought.
   *
   * @param version 0 where nobody said anything of it yet
   */
  @Transactional
  public List<SupplyView> save(String kind, String code, int version, SupplyRequest request) {
    if (!KINDS.contains(kind)) {
      throw InputException.of("kind", "One of " + KINDS.stream().sorted().toList() + ".", kind);
    }
    SupplyRow before = mapper.locked(kind, code);
    if (before == null && !needed(kind, code)) {
      throw new NotFoundException("No job needs such a thing.");
    }
    boolean saved =
        Versions.save(
            version,
            before == null ? null : new Versions.Stored(before.version(), before.who()),
            () -> mapper.add(kind, code, request, clock.now(), user.id()),
            () -> mapper.edit(kind, code, version, request, clock.now(), user.id()) == 1,
            () -> differences(request, before));
    if (saved) {
      history.log(ENTITY, id(kind + "/" + code), "Counted: " + request);
    }
    return all();
  }

  private static List<StaleException.Change> differences(
      SupplyRequest yours, @Nullable SupplyRow theirs) {
    List<StaleException.Change> changes = new ArrayList<>();
    if (theirs != null) {
      StaleException.Change.compare(changes, "stock", yours.stock(), theirs.stock());
      StaleException.Change.compare(changes, "pack", yours.pack(), theirs.pack());
      StaleException.Change.compare(changes, "supplier", yours.supplier(), theirs.supplier());
    }
    return changes;
  }

  /**
   * Packs of it came.
   *
   * @param amount in its unit
   */
  @Transactional
  public void came(String key, double amount) {
    int slash = key.indexOf('/');
    mapper.came(key.substring(0, slash), key.substring(slash + 1), amount, clock.now(), user.id());
    history.log(ENTITY, id(key), "Came: " + amount);
  }

  /** What the work took is no longer there. */
  @EventListener
  public void onJobDone(JobDone done) {
    mapper.used(done.jobId(), clock.now(), done.userId());
  }

  private static UUID id(String key) {
    return UUID.nameUUIDFromBytes((ENTITY + " " + key).getBytes(StandardCharsets.UTF_8));
  }
}
