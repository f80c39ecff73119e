package happysaucer.server.visit;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.History;
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
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Logs checks: small, idempotent, ordered by the time on the technician's device. */
@Service
public class Checks {
  private static final int SHOWN = 60;
  private static final int MOST_AHEAD_MINUTES = 15;

  private final CheckMapper mapper;
  private final AdviceService advice;
  private final History history;
  private final TeamClock clock;
  private final CurrentUser user;

  Checks(
      CheckMapper mapper,
      AdviceService advice,
      History history,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
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
    if (request.checkedAt().isAfter(clock.now().plus(MOST_AHEAD_MINUTES, ChronoUnit.MINUTES))) {
      throw InputException.of(
          "checkedAt", "Lies in the future. Set the clock of the device.", request.checkedAt());
    }
    List<AdviceRequest.Sign> signs = request.signs() == null ? List.of() : request.signs();
    List<AdviceRequest.State> states = request.states();
    Advice preview =
        advice.preview(
            request.plantId(),
            signs,
            states == null ? advice.of(request.plantId(), units).states() : states,
            units);
    if (history.firstTime(id, request)) {
      store(id, site, request, signs, preview);
    }
    return advice.of(request.plantId(), units).advice();
  }

  private void store(
      UUID id, UUID site, CheckRequest request, List<AdviceRequest.Sign> signs, Advice preview) {
    LocalDate on = clock.dateOf(request.checkedAt());
    UUID visit = mapper.visit(site, on, user.id());
    if (visit == null) {
      visit = UUID.randomUUID();
      mapper.addVisit(visit, site, on, user.id());
    }
    mapper.addCheck(
        id,
        request.plantId(),
        visit,
        user.id(),
        request.checkedAt(),
        on,
        request.minutes(),
        request.note() == null ? "" : request.note().trim(),
        preview.call().action(),
        preview.call().urgency(),
        preview.call().recheck(),
        clock.now());
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
  }

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
                    row.note(),
                    row.action(),
                    row.urgency(),
                    signs.getOrDefault(row.id(), List.of())))
        .toList();
  }
}
