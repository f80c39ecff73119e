package happysaucer.server.outcome;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.server.advice.AdviceJson;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How repots went, as seen afterwards. */
@Service
public class Outcomes {
  private static final int SHOWN = 20;

  /** A height measured earlier than so long before the work says nothing of the day of the work. */
  private static final int BEFORE_DAYS = 120;

  private final OutcomeMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final AdviceJson json;
  private final ApplicationEventPublisher events;

  Outcomes(
      OutcomeMapper mapper,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      AdviceJson json,
      ApplicationEventPublisher events) {
    this.json = json;
    this.events = events;
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /** How a plant took its repot. */
  public enum Result {
    TOOK_WELL,
    SLOW,
    SET_BACK,
    LOST
  }

  /** Leaves it has lost since the work, by eye. */
  public enum LeafLoss {
    NONE,
    FEW,
    THIRD,
    MOST
  }

  /**
   * @param firstGrowthOn day on which new growth was first seen
   * @param heightMm of the plant now, as a check would measure it
   */
  public record OutcomeRequest(
      @NotNull(message = "Say how it went.") Result result,
      @Nullable LocalDate firstGrowthOn,
      @Nullable LeafLoss leafLoss,
      @Nullable
          @DecimalMin(value = "10", message = "At least 1 cm.")
          @DecimalMax(value = "20000", message = "At most 20 m.")
          Double heightMm,
      @Nullable @Size(max = 400, message = "At most 400 letters.") String note) {}

  /**
   * @param heightMm when it was told, by that or by the last check since the work
   * @param heightBeforeMm last measured in the months before the work
   */
  public record OutcomeView(
      UUID jobId,
      LocalDate workedOn,
      String result,
      @Nullable LocalDate firstGrowthOn,
      @Nullable LeafLoss leafLoss,
      @Nullable Double heightMm,
      @Nullable Double heightBeforeMm,
      String note,
      LocalDate seenOn,
      String who) {}

  /** Records or corrects how a repot went. */
  @Transactional
  public void record(UUID job, OutcomeRequest request) {
    OutcomeMapper.DoneJob done = mapper.done(job);
    if (done == null) {
      throw new NotFoundException("There is no such repot, or it is not done yet.");
    }
    LocalDate growth = request.firstGrowthOn();
    if (growth != null && (growth.isBefore(done.doneOn()) || growth.isAfter(clock.today()))) {
      throw InputException.of("firstGrowthOn", "Must lie between the repot and today.", growth);
    }
    mapper.store(
        done,
        request,
        request.note() == null ? "" : request.note().trim(),
        method(done),
        user.id(),
        clock.now());
    if (request.heightMm() != null
        && mapper.height(done.plantId(), request.heightMm(), user.id(), clock.now()) > 0) {
      events.publishEvent(PlantTouched.of(done.plantId()));
    }
    history.log(
        "job",
        job,
        "Outcome: " + request.result().name().toLowerCase(Locale.ROOT).replace('_', ' '));
  }

  private @Nullable String method(OutcomeMapper.DoneJob done) {
    AdviceRequest.MethodChoice method =
        done.asked() == null ? null : json.asked(done.asked()).method();
    return method == null ? null : json.written(method);
  }

  /** How the last work on a plant went, told as it leaves the team's care; of none, nothing. */
  @Transactional
  public void atItsEnd(UUID plant, Result result) {
    UUID job = mapper.last(plant);
    if (job != null) {
      record(job, new OutcomeRequest(result, null, null, null, null));
    }
  }

  /** Newest first. */
  public List<OutcomeView> of(UUID plant) {
    return mapper.of(plant, BEFORE_DAYS, SHOWN);
  }
}
