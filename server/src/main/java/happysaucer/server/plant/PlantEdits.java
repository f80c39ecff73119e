package happysaucer.server.plant;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Fault;
import happysaucer.core.casefile.SizeWish;
import happysaucer.core.casefile.WatererHabit;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Shape;
import happysaucer.core.species.Group;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.plant.PlantMapper.Edited;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plants and their pots, measured and edited. */
@Service
class PlantEdits {
  /** The core's names of measures, as this form has them. */
  private static final Map<String, String> FIELDS =
      Map.ofEntries(
          Map.entry("pot.topMm", "potTopMm"),
          Map.entry("pot.baseMm", "potBaseMm"),
          Map.entry("pot.heightMm", "potHeightMm"),
          Map.entry("pot.mouthMm", "potMouthMm"),
          Map.entry("pot.topDepthMm", "potTopDepthMm"),
          Map.entry("pot.baseDepthMm", "potBaseDepthMm"),
          Map.entry("pot.footMm", "potFootMm"),
          Map.entry("pot.massG", "potMassG"),
          Map.entry("pot.drainHoles", "potHoles"),
          Map.entry("cover.topMm", "coverTopMm"),
          Map.entry("cover.heightMm", "coverHeightMm"),
          Map.entry("cover.massG", "coverMassG"));

  private final PlantMapper mapper;
  private final AdviceService advice;
  private final Books books;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  PlantEdits(
      PlantMapper mapper,
      AdviceService advice,
      Books books,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.advice = advice;
    this.books = books;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /**
   * All that can be edited of a plant; sent whole.
   *
   * @param species any of its names, where it turned out to be another kind; null with no group
   *     leaves it as it is
   * @param group where the species is not in the book, or not known
   * @param heightMm null where nobody measured it; so with spread, base and depth
   * @param sizeWish null where nobody said
   * @param potMouthMm where it is narrower than the top, as an urn's
   * @param potTopDepthMm of a trough, from front to back
   * @param ball the root ball where somebody measured it
   */
  public record PlantRequest(
      @Nullable @Size(max = 120, message = "At most 120 letters.") String species,
      @Nullable Group group,
      @NotBlank(message = "Give it a name.") @Size(max = 120, message = "At most 120 letters.")
          String commonName,
      @Nullable
          @DecimalMin(value = "10", message = "Must be at least 10 mm.")
          @DecimalMax(value = "20000", message = "Must be at most 20 m.")
          Double heightMm,
      @Nullable
          @DecimalMin(value = "10", message = "Must be at least 10 mm.")
          @DecimalMax(value = "20000", message = "Must be at most 20 m.")
          Double spreadMm,
      @Nullable SizeWish sizeWish,
      @NotNull(message = "Say how it is watered.") WatererHabit watererHabit,
      @Nullable Boolean fed,
      @Nullable LocalDate lastRepotted,
      @NotNull(message = "Give the pot's shape.") Shape potShape,
      @NotNull(message = "Give the pot's material.") Material potMaterial,
      @NotNull(message = "Give the pot's width.")
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potTopMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potBaseMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potHeightMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potMouthMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potTopDepthMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potBaseDepthMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double potFootMm,
      @Nullable
          @DecimalMin(value = "1", message = "Must be at least 1 g.")
          @DecimalMax(value = "1000000", message = "Must be at most 1000 kg.")
          Double potMassG,
      @NotNull(message = "Count the holes.")
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 200, message = "Must be at most 200.")
          Integer potHoles,
      @NotNull(message = "Say whether it stands in a cover pot.") Boolean inCoverPot,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double coverTopMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double coverHeightMm,
      @Nullable
          @DecimalMin(value = "1", message = "Must be at least 1 g.")
          @DecimalMax(value = "1000000", message = "Must be at most 1000 kg.")
          Double coverMassG,
      @Nullable Boolean coverFixed,
      @Nullable
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 12, message = "Must be at most 12.")
          Integer potFeet,
      @Nullable
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 12, message = "Must be at most 12.")
          Integer potWireHoles,
      AdviceRequest.@Nullable Ball ball,
      @NotNull(message = "Send a note, empty if there is none.")
          @Size(max = 1000, message = "At most 1000 letters.")
          String note) {}

  /**
   * @throws StaleException naming each field that differs, when someone has edited it meanwhile
   */
  @Transactional
  public void edit(UUID id, int version, PlantRequest request) {
    StoredPlant before = advice.plant(id);
    if (request.lastRepotted() != null && request.lastRepotted().isAfter(clock.today())) {
      throw InputException.of("lastRepotted", "Lies in the future.", request.lastRepotted());
    }
    List<Fault> faults = faults(before, request);
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    KindChoice kind =
        request.species() == null && request.group() == null
            ? null
            : KindChoice.of(books.team(), request.species(), request.group());
    Edited edited =
        new Edited(
            kind == null ? before.species() : kind.species(),
            kind == null
                ? before.speciesGroup()
                : kind.group() == null ? null : kind.group().name(),
            request.commonName().trim(),
            request.heightMm(),
            request.spreadMm(),
            request.sizeWish() == null ? null : request.sizeWish().name(),
            request.watererHabit().name(),
            request.fed(),
            request.lastRepotted(),
            request.potShape().name(),
            request.potMaterial().name(),
            request.potTopMm(),
            request.potBaseMm(),
            request.potHeightMm(),
            request.potMouthMm(),
            request.potShape() == Shape.TROUGH ? request.potTopDepthMm() : null,
            request.potShape() == Shape.TROUGH ? request.potBaseDepthMm() : null,
            request.potFootMm(),
            request.potMassG(),
            request.potHoles(),
            request.inCoverPot(),
            covered(request, request.coverTopMm()),
            covered(request, request.coverHeightMm()),
            covered(request, request.coverMassG()),
            request.inCoverPot() && Boolean.TRUE.equals(request.coverFixed()),
            request.potFeet() == null ? 0 : request.potFeet(),
            request.potWireHoles() == null ? 0 : request.potWireHoles(),
            request.ball() == null ? NO_BALL : request.ball(),
            measuredOn(before, request.ball()),
            request.note().trim());
    List<StaleException.Change> changes = changes(edited, before);
    if (mapper.edit(id, version, edited, clock.now(), user.id()) == 0) {
      throw new StaleException(before.version(), mapper.changedBy(id), changes);
    }
    history.log("plant", id, words(changes));
    mapper.index(id, null);
    events.publishEvent(PlantTouched.of(id));
  }

  private static @Nullable Double covered(PlantRequest request, @Nullable Double measure) {
    return request.inCoverPot() ? measure : null;
  }

  private static final AdviceRequest.Ball NO_BALL =
      new AdviceRequest.Ball(null, null, null, null, null);

  /** A ball that is sent as it was stored was not measured again. */
  private @Nullable LocalDate measuredOn(StoredPlant before, AdviceRequest.@Nullable Ball ball) {
    if (ball == null || ball.topMm() == null) {
      return null;
    }
    return Objects.equals(ball, before.ball()) ? before.ballMeasuredOn() : clock.today();
  }

  /** What the rules would refuse of this pot and ball, at the fields of this form. */
  private List<Fault> faults(StoredPlant plant, PlantRequest request) {
    boolean trough = request.potShape() == Shape.TROUGH;
    AdviceRequest.Pot pot =
        new AdviceRequest.Pot(
            null,
            request.potShape().name(),
            request.potMaterial().name(),
            request.potTopMm(),
            request.potBaseMm(),
            trough ? request.potTopDepthMm() : null,
            trough ? request.potBaseDepthMm() : null,
            request.potHeightMm(),
            request.potMouthMm(),
            request.potFootMm(),
            request.potMassG(),
            request.potHoles(),
            request.inCoverPot(),
            request.potFeet(),
            request.potWireHoles());
    AdviceRequest.Cover cover =
        request.inCoverPot() && request.coverTopMm() != null
            ? new AdviceRequest.Cover(
                null,
                null,
                request.coverTopMm(),
                null,
                request.coverHeightMm(),
                null,
                request.coverMassG(),
                request.coverFixed())
            : null;
    return advice.potFaults(plant.id(), pot, request.ball(), cover).stream()
        .map(
            fault ->
                new Fault(
                    FIELDS.getOrDefault(fault.field(), fault.field()),
                    fault.message(),
                    fault.value()))
        .toList();
  }

  private static List<StaleException.Change> changes(Edited edited, StoredPlant stored) {
    List<StaleException.Change> changes = new ArrayList<>();
    StaleException.Change.compare(changes, "species", edited.species(), stored.species());
    StaleException.Change.compare(changes, "commonName", edited.commonName(), stored.commonName());
    StaleException.Change.compare(changes, "heightMm", edited.heightMm(), stored.heightMm());
    StaleException.Change.compare(changes, "spreadMm", edited.spreadMm(), stored.spreadMm());
    StaleException.Change.compare(changes, "sizeWish", edited.sizeWish(), stored.sizeWish());
    StaleException.Change.compare(
        changes, "watererHabit", edited.watererHabit(), stored.watererHabit());
    StaleException.Change.compare(changes, "fed", edited.fed(), stored.fed());
    StaleException.Change.compare(
        changes, "lastRepotted", edited.lastRepotted(), stored.lastRepotted());
    StaleException.Change.compare(changes, "potShape", edited.potShape(), stored.potShape());
    StaleException.Change.compare(
        changes, "potMaterial", edited.potMaterial(), stored.potMaterial());
    StaleException.Change.compare(changes, "potTopMm", edited.potTopMm(), stored.potTopMm());
    StaleException.Change.compare(changes, "potBaseMm", edited.potBaseMm(), stored.potBaseMm());
    StaleException.Change.compare(
        changes, "potHeightMm", edited.potHeightMm(), stored.potHeightMm());
    StaleException.Change.compare(changes, "potMouthMm", edited.potMouthMm(), stored.potMouthMm());
    StaleException.Change.compare(
        changes, "potTopDepthMm", edited.potTopDepthMm(), stored.potTopDepthMm());
    StaleException.Change.compare(
        changes, "potBaseDepthMm", edited.potBaseDepthMm(), stored.potBaseDepthMm());
    StaleException.Change.compare(changes, "potFootMm", edited.potFootMm(), stored.potFootMm());
    StaleException.Change.compare(changes, "potMassG", edited.potMassG(), stored.potMassG());
    StaleException.Change.compare(changes, "inCoverPot", edited.inCoverPot(), stored.inCoverPot());
    StaleException.Change.compare(changes, "coverTopMm", edited.coverTopMm(), stored.coverTopMm());
    StaleException.Change.compare(
        changes, "coverHeightMm", edited.coverHeightMm(), stored.coverHeightMm());
    StaleException.Change.compare(changes, "coverMassG", edited.coverMassG(), stored.coverMassG());
    StaleException.Change.compare(changes, "coverFixed", edited.coverFixed(), stored.coverFixed());
    StaleException.Change.compare(changes, "potHoles", edited.potHoles(), stored.potHoles());
    StaleException.Change.compare(changes, "potFeet", edited.potFeet(), stored.potFeet());
    StaleException.Change.compare(
        changes, "potWireHoles", edited.potWireHoles(), stored.potWireHoles());
    StaleException.Change.compare(changes, "ballTopMm", edited.ball().topMm(), stored.ballTopMm());
    StaleException.Change.compare(
        changes, "ballHeightMm", edited.ball().heightMm(), stored.ballHeightMm());
    StaleException.Change.compare(changes, "note", edited.note(), stored.note());
    return changes;
  }

  private static String words(List<StaleException.Change> changes) {
    return changes.isEmpty()
        ? "Saved without a change"
        : String.join(
            "; ",
            changes.stream()
                .map(change -> change.field() + ": " + change.theirs() + " -> " + change.yours())
                .toList());
  }
}
