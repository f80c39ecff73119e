package happysaucer.server.outcome;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How repots went, as seen afterwards. */
@Service
public class Outcomes {
  private static final int SHOWN = 20;

  private final OutcomeMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Outcomes(OutcomeMapper mapper, ChangeLog history, TeamClock clock, CurrentUser user) {
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

  /**
   * @param firstGrowthOn day on which new growth was first seen
   */
  public record OutcomeRequest(
      @NotNull(message = "Say how it went.") Result result,
      @Nullable LocalDate firstGrowthOn,
      @Nullable @Size(max = 400, message = "At most 400 letters.") String note) {}

  public record OutcomeView(
      UUID jobId,
      String result,
      @Nullable LocalDate firstGrowthOn,
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
        job,
        done.plantId(),
        request.result().name(),
        growth,
        request.note() == null ? "" : request.note().trim(),
        user.id(),
        clock.now());
    history.log(
        "job",
        job,
        "Outcome: " + request.result().name().toLowerCase(Locale.ROOT).replace('_', ' '));
  }

  /** Newest first. */
  public List<OutcomeView> of(UUID plant) {
    return mapper.of(plant, SHOWN);
  }
}
