package happysaucer.server.visit;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.casefile.History.Measured;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.visit.CheckView.SignSeen;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Logs checks: small, idempotent, ordered by the time on the technician's device. */
@Service
public class Checks {
  private static final int SHOWN = 60;

  private final CheckMapper mapper;
  private final Visits visits;
  private final AdviceService advice;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  Checks(
      CheckMapper mapper,
      Visits visits,
      AdviceService advice,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.events = events;
    this.mapper = mapper;
    this.visits = visits;
    this.advice = advice;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * One check as it was tapped.
   *
   * @param signs only those looked at
   * @param states of the plant now; null leaves them as they are
   * @param weightG of the planted pot, lifted out of its cover
   * @param heightMm when it was measured; becomes the plant's height
   * @param spreadMm when it was measured; becomes the plant's spread
   */
  public record CheckRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Give the moment of the check.") Instant checkedAt,
      @Nullable List<AdviceRequest.Sign> signs,
      @Nullable List<AdviceRequest.State> states,
      @Nullable
          @DecimalMin(value = "0", message = "Must be 0 or more minutes.")
          @DecimalMax(value = "600", message = "Must be at most 600 minutes.")
          Double minutes,
      @Nullable
          @DecimalMin(value = "10", message = "Must be at least 10 mm.")
          @DecimalMax(value = "20000", message = "Must be at most 20 m.")
          Double heightMm,
      @Nullable
          @DecimalMin(value = "10", message = "Must be at least 10 mm.")
          @DecimalMax(value = "20000", message = "Must be at most 20 m.")
          Double spreadMm,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 g.")
          @DecimalMax(value = "1000000", message = "Must be at most 1000 kg.")
          Double weightG,
      @Nullable @Size(max = 1000, message = "At most 1000 letters.") String note) {}

  /**
   * Stores a check and answers with the advice that now holds. The same check twice does nothing
   * twice.
   *
   * @throws happysaucer.core.advice.RefusedException when signs or states are faulty
   */
  @Transactional
  public Advice log(UUID id, CheckRequest request, Units units) {
    UUID site = mapper.siteOf(request.plantId());
    if (site == null) {
      throw InputException.of("plantId", "There is no such plant in care.", request.plantId());
    }
    checkMoment(request.checkedAt());
    List<AdviceRequest.Sign> signs = request.signs() == null ? List.of() : request.signs();
    List<AdviceRequest.State> states = request.states();
    Advice preview = advice.preview(request.plantId(), signs, states, units);
    if (history.firstTime(id, request)) {
      store(id, site, request, signs, preview);
    }
    return advice.of(request.plantId(), units).advice();
  }

  private void checkMoment(Instant at) {
    if (clock.isAhead(at)) {
      throw InputException.of("checkedAt", "Lies in the future. Set the clock of the device.", at);
    }
  }

  private void store(
      UUID id, UUID site, CheckRequest request, List<AdviceRequest.Sign> signs, Advice preview) {
    LocalDate on = clock.dateOf(request.checkedAt());
    mapper.addCheck(
        id,
        request.plantId(),
        visits.on(site, on),
        user.id(),
        request.checkedAt(),
        on,
        request.minutes(),
        request.heightMm(),
        request.spreadMm(),
        request.weightG(),
        request.note() == null ? "" : request.note().trim(),
        preview.call().action(),
        preview.call().urgency(),
        preview.call().recheck(),
        clock.now());
    mapper.releasePhotosOfOthers(id, request.plantId());
    List<SignSeen> seen =
        signs.stream()
            .map(
                sign ->
                    new SignSeen(
                        sign.code(),
                        sign.state() == null ? "PRESENT" : sign.state(),
                        sign.grade(),
                        sign.value()))
            .filter(sign -> !sign.state().equals("NOT_CHECKED"))
            .toList();
    if (!seen.isEmpty()) {
      mapper.addSigns(id, seen);
    }
    if (request.states() != null) {
      replaceStates(request.plantId(), request.states(), on);
    }
    if (request.heightMm() != null || request.spreadMm() != null) {
      mapper.size(
          request.plantId(), request.heightMm(), request.spreadMm(), clock.now(), user.id());
    }
    events.publishEvent(PlantTouched.of(request.plantId()));
  }

  /** One plant of a stop at which there was nothing to report, with the id of its check. */
  public record WellPlant(
      @NotNull(message = "Make an id for the check.") UUID checkId,
      @NotNull(message = "Say which plant.") UUID plantId) {}

  /** All plants of a stop at which there was nothing to report. */
  public record AllWellRequest(
      @NotNull(message = "Give the moment of the checks.") Instant checkedAt,
      @NotNull(message = "Say which plants.")
          @Size(min = 1, max = 300, message = "1 to 300 plants.")
          List<WellPlant> plants,
      @Nullable
          @DecimalMin(value = "0", message = "Must be 0 or more minutes.")
          @DecimalMax(value = "600", message = "Must be at most 600 minutes.")
          Double minutes) {}

  /** Logs a check with nothing to report for each of these plants, or for none of them. */
  @Transactional
  public void allWell(AllWellRequest request) {
    if (request.plants().stream().anyMatch(w -> w.checkId() == null || w.plantId() == null)) {
      throw InputException.of("plants", "Each needs the id of its check and of the plant.", null);
    }
    checkMoment(request.checkedAt());
    Set<UUID> there =
        new HashSet<>(mapper.existing(request.plants().stream().map(WellPlant::checkId).toList()));
    List<WellPlant> open =
        request.plants().stream().filter(well -> !there.contains(well.checkId())).toList();
    if (open.isEmpty()) {
      return;
    }
    List<UUID> plants = open.stream().map(WellPlant::plantId).toList();
    Map<UUID, UUID> sites = new HashMap<>();
    mapper.sitesOf(plants).forEach(at -> sites.put(at.plantId(), at.siteId()));
    for (UUID plant : plants) {
      if (!sites.containsKey(plant)) {
        throw InputException.of("plants", "There is no such plant in care.", plant);
      }
    }
    Map<UUID, Advice.Call> calls = advice.nothingToReport(plants);
    LocalDate on = clock.dateOf(request.checkedAt());
    Map<UUID, UUID> visitOf = new HashMap<>();
    new HashSet<>(sites.values()).forEach(site -> visitOf.put(site, visits.on(site, on)));
    double each = request.minutes() == null ? 1 : request.minutes() / request.plants().size();
    mapper.addQuiet(
        open.stream()
            .map(
                well ->
                    new CheckMapper.QuietRow(
                        well.checkId(),
                        well.plantId(),
                        visitOf.get(sites.get(well.plantId())),
                        calls.get(well.plantId()).action(),
                        calls.get(well.plantId()).urgency(),
                        calls.get(well.plantId()).recheck()))
            .toList(),
        user.id(),
        request.checkedAt(),
        on,
        each,
        clock.now());
    events.publishEvent(new PlantTouched(plants));
  }

  /** Takes several checks back at once. */
  @Transactional
  public void undoAll(UndoRequest request) {
    List<UUID> plants = mapper.plantsOf(request.checkIds());
    if (mapper.voidChecks(request.checkIds(), clock.now()) < request.checkIds().size()) {
      throw new NotFoundException("There is no such check, or it has been taken back already.");
    }
    history.logAll("plant_check", request.checkIds(), "Taken back");
    events.publishEvent(new PlantTouched(plants));
  }

  public record UndoRequest(
      @NotNull(message = "Say which checks.")
          @Size(min = 1, max = 300, message = "1 to 300 checks.")
          List<UUID> checkIds) {}

  /** A state that goes on keeps the day on which it began. */
  private void replaceStates(UUID plant, List<AdviceRequest.State> states, LocalDate on) {
    Map<String, LocalDate> before = new HashMap<>();
    mapper.states(plant).forEach(state -> before.put(state.code(), state.since()));
    mapper.clearStates(plant);
    for (AdviceRequest.State state : states) {
      LocalDate since =
          state.days() != null ? on.minusDays(state.days()) : before.getOrDefault(state.code(), on);
      mapper.addState(plant, state.code(), since);
    }
  }

  /** Takes a check back; it stays on record as taken back. */
  @Transactional
  public void undo(UUID id) {
    if (mapper.voidCheck(id, clock.now()) == 0) {
      throw new NotFoundException("There is no such check, or it has been taken back already.");
    }
    history.log("plant_check", id, "Taken back");
    events.publishEvent(PlantTouched.of(mapper.plantOf(id)));
  }

  /** The last checks of a plant, newest first. */
  public List<CheckView> of(UUID plant) {
    List<CheckMapper.CheckRow> rows = mapper.checks(plant, SHOWN);
    if (rows.isEmpty()) {
      return List.of();
    }
    Map<UUID, List<SignSeen>> signs = new HashMap<>();
    mapper
        .signs(rows.stream().map(CheckMapper.CheckRow::id).toList())
        .forEach(
            sign ->
                signs
                    .computeIfAbsent(sign.checkId(), check -> new ArrayList<>())
                    .add(new SignSeen(sign.code(), sign.state(), sign.grade(), sign.value())));
    return rows.stream()
        .map(
            row ->
                new CheckView(
                    row.id(),
                    row.checkedAt(),
                    row.checkedOn(),
                    row.who(),
                    row.minutes(),
                    row.heightMm(),
                    row.spreadMm(),
                    row.weightG(),
                    row.note(),
                    row.action(),
                    row.urgency(),
                    signs.getOrDefault(row.id(), List.of())))
        .toList();
  }

  /** What the checks of the last years measured, sign by sign, and heights. */
  public List<Measured> measured(UUID plant, LocalDate since) {
    return mapper.measured(plant, since).stream()
        .map(row -> new Measured(row.checkedOn(), row.code(), row.amount()))
        .toList();
  }
}
