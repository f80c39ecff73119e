package happysaucer.server.shelf;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Kept;
import happysaucer.core.pot.CoverFit;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.shelf.ShelfMapper.Reservation;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pots in stock: what there is, what is promised to a job, what comes and goes. */
@Service
public class Shelf {
  /** As many as can be compared for one plant at once. */
  static final int MOST_MAKES = 500;

  private static final int MOST_RESERVATIONS = 2000;

  private final ShelfMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Shelf(ShelfMapper mapper, ChangeLog history, TeamClock clock, CurrentUser user) {
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  public enum Kind {
    GROW,
    COVER
  }

  /**
   * One make of pot, sent whole; measures left out take the usual proportions.
   *
   * @param inStock counts only when the pot is new: later it moves by what comes and goes
   */
  public record ShelfPotRequest(
      @NotBlank(message = "Give it a name.") @Size(max = 120, message = "At most 120 letters.")
          String name,
      @NotNull(message = "Say GROW or COVER.") Kind kind,
      @NotNull(message = "Give the shape.") Shape shape,
      @NotNull(message = "Give the material.") Material material,
      @NotNull(message = "Give the inside width at the top.") Double topMm,
      @Nullable Double baseMm,
      @Nullable Double topDepthMm,
      @Nullable Double baseDepthMm,
      @Nullable Double heightMm,
      @Nullable Double mouthMm,
      @Nullable Double footMm,
      @Nullable Double massG,
      @NotNull(message = "Count the holes.") Integer drainHoles,
      @Nullable Integer feet,
      @Nullable Integer wireHoles,
      @NotNull(message = "Say how many there are.")
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 100000, message = "Must be at most 100000.")
          Integer inStock,
      @NotNull(message = "Say from how many on they are few.")
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 100000, message = "Must be at most 100000.")
          Integer lowAt,
      @Nullable
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 10000000, message = "Must be at most 100000.00.")
          Integer priceCents,
      @NotNull(message = "Send a note, empty if there is none.")
          @Size(max = 400, message = "At most 400 letters.")
          String note,
      @Nullable @Size(max = 60, message = "At most 60 letters.") String place) {}

  /**
   * @param id made by the sender, so that the same move sent twice counts once
   * @param change how many came, or less than 0 went
   */
  public record MoveStockRequest(
      @NotNull(message = "Make an id for this move.") UUID id,
      @NotNull(message = "Say how many.")
          @Min(value = -100000, message = "Must be at least -100000.")
          @Max(value = 100000, message = "Must be at most 100000.")
          Integer change,
      @NotBlank(message = "Say why: delivered, broken, counted anew.")
          @Size(max = 200, message = "At most 200 letters.")
          String reason) {}

  /**
   * @param few no more free than its mark
   * @param leftOut measures on record that the rules refuse; usual ones stand in
   * @param fits grow pots that stand in this cover, or covers that take this grow pot
   */
  public record ShelfItem(
      ShelfPot pot,
      int free,
      boolean few,
      List<ReservationView> reservations,
      List<FitsWith> fits,
      List<Advice.LeftOut> leftOut) {}

  public record ReservationView(
      UUID jobId,
      int count,
      java.time.LocalDate plannedOn,
      String label,
      String commonName,
      String siteName) {}

  /**
   * @param gapMm least gap all round between the two
   */
  public record FitsWith(UUID id, String name, int free, double gapMm) {}

  public record ShelfView(List<ShelfItem> items) {}

  /** Whether anything is kept here; a team that keeps no stock works with trade sizes. */
  public boolean kept() {
    return mapper.count() > 0;
  }

  /** The id of a pot on the shelf, where a text is one; trade sizes have names of their own. */
  public static Optional<UUID> id(@Nullable String text) {
    try {
      return text == null ? Optional.empty() : Optional.of(UUID.fromString(text));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** Everything on the shelf, bounded, with what is reserved of it. */
  public List<ShelfPot> pots() {
    return mapper.all(MOST_MAKES);
  }

  public Optional<ShelfPot> pot(UUID id) {
    return Optional.ofNullable(mapper.of(id));
  }

  /** Everything on the shelf with who has reserved it and which covers fit. */
  public ShelfView view() {
    List<ShelfPot> pots = pots();
    Map<UUID, List<ReservationView>> reserved = reservations();
    List<Completed> completed =
        pots.stream().map(pot -> new Completed(pot, Advise.keptPot(pot.candidate()))).toList();
    Map<UUID, List<FitsWith>> fits = fits(completed);
    return new ShelfView(
        completed.stream()
            .map(
                item ->
                    new ShelfItem(
                        item.stored(),
                        item.stored().free(),
                        item.stored().free() <= item.stored().lowAt(),
                        reserved.getOrDefault(item.stored().id(), List.of()),
                        fits.getOrDefault(item.stored().id(), List.of()),
                        item.kept().leftOut().stream().map(Advice.LeftOut::of).toList()))
            .toList());
  }

  private Map<UUID, List<ReservationView>> reservations() {
    Map<UUID, List<ReservationView>> byPot = new HashMap<>();
    for (Reservation r : mapper.reservations(MOST_RESERVATIONS)) {
      byPot
          .computeIfAbsent(r.shelfPotId(), id -> new ArrayList<>())
          .add(
              new ReservationView(
                  r.jobId(), r.count(), r.plannedOn(), r.label(), r.commonName(), r.siteName()));
    }
    return byPot;
  }

  private static Map<UUID, List<FitsWith>> fits(List<Completed> all) {
    Map<UUID, List<FitsWith>> fits = new HashMap<>();
    for (Completed cover : all) {
      Pot outer = cover.kept().pot();
      if (outer == null || !cover.is(Kind.COVER)) {
        continue;
      }
      for (Completed grow : all) {
        Pot inner = grow.kept().pot();
        if (inner != null && grow.is(Kind.GROW) && CoverFit.fits(inner, outer)) {
          double gap = CoverFit.gapMm(inner, outer);
          add(fits, cover.stored(), grow.stored(), gap);
          add(fits, grow.stored(), cover.stored(), gap);
        }
      }
    }
    return fits;
  }

  private record Completed(ShelfPot stored, Kept.KeptPot kept) {
    boolean is(Kind kind) {
      return stored.kind().equals(kind.name());
    }
  }

  private static void add(
      Map<UUID, List<FitsWith>> fits, ShelfPot of, ShelfPot with, double gapMm) {
    fits.computeIfAbsent(of.id(), id -> new ArrayList<>())
        .add(new FitsWith(with.id(), with.name(), with.free(), gapMm));
  }

  /** Puts a new make of pot on the shelf; the same one twice is put there once. */
  @Transactional
  public void add(UUID id, ShelfPotRequest request) {
    ShelfPot pot = ShelfMeasures.completed(id, request);
    if (!history.firstTime(id, request)) {
      return;
    }
    addAll(List.of(pot));
    history.log("shelf", id, "Put on the shelf: " + pot.inStock());
  }

  void addAll(List<ShelfPot> pots) {
    if (mapper.count() + pots.size() > MOST_MAKES) {
      throw InputException.of(
          "name", "The shelf holds " + MOST_MAKES + " makes of pots. Remove some first.", null);
    }
    pots.forEach(pot -> mapper.add(pot, clock.now(), user.id()));
  }

  /**
   * @throws StaleException naming each field that differs, when someone has edited it meanwhile
   */
  @Transactional
  public void edit(UUID id, int version, ShelfPotRequest request) {
    ShelfPot before = needed(id);
    ShelfPot after = ShelfMeasures.completed(id, request);
    if (mapper.edit(after, version, clock.now(), user.id()) == 0) {
      List<StaleException.Change> changes = changes(after, before);
      if (changes.isEmpty()) {
        // the same edit sent again over a bad line
        return;
      }
      throw new StaleException(before.version(), mapper.changedBy(id), changes);
    }
    history.log("shelf", id, "Edited");
  }

  private static List<StaleException.Change> changes(ShelfPot mine, ShelfPot theirs) {
    List<StaleException.Change> changes = new ArrayList<>();
    StaleException.Change.compare(changes, "name", mine.name(), theirs.name());
    StaleException.Change.compare(changes, "kind", mine.kind(), theirs.kind());
    StaleException.Change.compare(changes, "shape", mine.shape(), theirs.shape());
    StaleException.Change.compare(changes, "material", mine.material(), theirs.material());
    StaleException.Change.compare(changes, "topMm", mine.topMm(), theirs.topMm());
    StaleException.Change.compare(changes, "baseMm", mine.baseMm(), theirs.baseMm());
    StaleException.Change.compare(changes, "topDepthMm", mine.topDepthMm(), theirs.topDepthMm());
    StaleException.Change.compare(changes, "baseDepthMm", mine.baseDepthMm(), theirs.baseDepthMm());
    StaleException.Change.compare(changes, "mouthMm", mine.mouthMm(), theirs.mouthMm());
    StaleException.Change.compare(changes, "footMm", mine.footMm(), theirs.footMm());
    StaleException.Change.compare(changes, "feet", mine.feet(), theirs.feet());
    StaleException.Change.compare(changes, "wireHoles", mine.wireHoles(), theirs.wireHoles());
    StaleException.Change.compare(changes, "heightMm", mine.heightMm(), theirs.heightMm());
    StaleException.Change.compare(changes, "massG", mine.massG(), theirs.massG());
    StaleException.Change.compare(changes, "drainHoles", mine.drainHoles(), theirs.drainHoles());
    StaleException.Change.compare(changes, "lowAt", mine.lowAt(), theirs.lowAt());
    StaleException.Change.compare(changes, "priceCents", mine.priceCents(), theirs.priceCents());
    StaleException.Change.compare(changes, "note", mine.note(), theirs.note());
    StaleException.Change.compare(changes, "place", mine.place(), theirs.place());
    return changes;
  }

  /**
   * What came or went by hand.
   *
   * @throws ConflictException when fewer would be left than are reserved
   */
  @Transactional
  public void move(UUID id, MoveStockRequest request) {
    if (!history.firstTime(request.id(), request)) {
      return;
    }
    lock(id);
    int reserved = needed(id).reserved();
    int left = mapper.inStock(id) + request.change();
    if (left < 0) {
      throw InputException.of(
          "change", "There are only " + mapper.inStock(id) + " of them.", request.change());
    }
    if (request.change() < 0 && left < reserved) {
      throw new ConflictException(
          reserved
              + (reserved == 1 ? " of them is" : " of them are")
              + " reserved. Give those jobs another pot first.");
    }
    mapper.move(id, request.change(), clock.now(), user.id());
    history.log(
        "shelf",
        id,
        (request.change() > 0 ? "+" : "") + request.change() + ": " + request.reason().trim());
  }

  /**
   * Takes a make of pot off the list.
   *
   * @throws ConflictException when a job has reserved one
   */
  @Transactional
  public void remove(UUID id) {
    lock(id);
    if (needed(id).reserved() > 0) {
      throw new ConflictException("A job has reserved one. Give that job another pot first.");
    }
    mapper.remove(id, clock.now(), user.id());
    history.log("shelf", id, "Removed from the shelf");
  }

  /**
   * Makes sure that a job can have so many; the pot stays locked until the job is stored, so that
   * nobody else is promised the same ones.
   *
   * @throws ConflictException when not enough are free
   */
  @Transactional
  public void reserve(UUID pot, int count, UUID job) {
    lock(pot);
    int free = mapper.inStock(pot) - mapper.reservedByOthers(pot, job);
    if (free < count) {
      throw new ConflictException(
          (free <= 0
                  ? "None of these pots is free any more"
                  : "Only "
                      + free
                      + (free == 1 ? " of these pots is free" : " of these pots are free"))
              + ": somebody has reserved them. Choose another.");
    }
  }

  /** What a job used leaves the shelf. */
  @Transactional
  public void takeOut(UUID pot, int count, String why) {
    lock(pot);
    if (mapper.move(pot, -count, clock.now(), user.id()) == 0) {
      throw new ConflictException("There are not so many of these pots on the shelf.");
    }
    history.log("shelf", pot, "-" + count + ": " + why);
  }

  /** An emptied pot goes back: to its like, or as a make of its own. */
  @Transactional
  public void putBack(AdviceRequest.Pot used, String why) {
    Pot pot = Advise.keptPot(used).pot();
    if (pot == null) {
      // nobody knows how large it is, so nothing can be put on the shelf
      return;
    }
    Optional<ShelfPot> like =
        pots().stream()
            .filter(
                other -> {
                  Pot known = Advise.keptPot(other.candidate()).pot();
                  return known != null && ShelfMeasures.alike(known, pot);
                })
            .findFirst();
    UUID id = like.map(ShelfPot::id).orElseGet(() -> addUsed(pot));
    if (like.isPresent()) {
      mapper.move(id, 1, clock.now(), user.id());
    }
    history.log("shelf", id, "+1: " + why);
  }

  private UUID addUsed(Pot pot) {
    UUID id = UUID.randomUUID();
    String name =
        "Used "
            + ShelfMeasures.plain(pot.material().name())
            + " "
            + Math.round(pot.topMm() / 10)
            + " cm";
    mapper.add(
        ShelfMeasures.stored(
            id, name, pot.drainHoles() == 0 ? Kind.COVER : Kind.GROW, pot, 1, 0, null, "", ""),
        clock.now(),
        user.id());
    return id;
  }

  private void lock(UUID id) {
    if (mapper.lock(id) == null) {
      throw new NotFoundException("There is no such pot on the shelf.");
    }
  }

  private ShelfPot needed(UUID id) {
    return pot(id).orElseThrow(() -> new NotFoundException("There is no such pot on the shelf."));
  }
}
