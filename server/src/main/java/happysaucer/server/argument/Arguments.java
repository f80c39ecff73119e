package happysaucer.server.argument;

import happysaucer.core.call.Action;
import happysaucer.core.finding.EvidenceCodes;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobDone;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People argue with the rules: a line set aside, a call overruled, each with its reason. */
@Service
public class Arguments {
  private static final int SHOWN = 40;

  private final ArgumentMapper mapper;
  private final AdviceService advice;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  Arguments(
      ArgumentMapper mapper,
      AdviceService advice,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.advice = advice;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /** How soon, where not in the window it fits. */
  public enum OverruleHaste {
    NOW,
    SOON
  }

  /**
   * @param sign code of the line, as the evidence gives it
   * @param always false: until the sign is looked at again
   */
  public record AsideRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotBlank(message = "Say which line.") String sign,
      @NotBlank(message = "Give the reason: it is kept on record.")
          @Size(max = 400, message = "At most 400 letters.")
          String reason,
      @NotNull(message = "Say whether it holds for good.") Boolean always) {}

  /**
   * @param urgency null for the window it fits
   * @param recheckDays for a call without work
   */
  public record OverruleRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Say what is to be done instead.") Action action,
      @Nullable OverruleHaste urgency,
      @Nullable
          @Min(value = 1, message = "Must be between 1 and 730 days.")
          @Max(value = 730, message = "Must be between 1 and 730 days.")
          Integer recheckDays,
      @NotBlank(message = "Give the reason: it is kept on record.")
          @Size(max = 400, message = "At most 400 letters.")
          String reason) {}

  /**
   * What was argued, open or ended.
   *
   * @param kind LINE or CALL
   * @param what code of the line or of the action
   */
  public record ArgumentItem(
      UUID id,
      String kind,
      String what,
      String reason,
      LocalDate setOn,
      String who,
      @Nullable Instant endedAt,
      @Nullable String endedWhy) {}

  /** Sets a line aside; one that was set aside before is replaced. */
  @Transactional
  public void setAside(UUID id, AsideRequest request) {
    if (!EvidenceCodes.known(request.sign())) {
      throw InputException.of("sign", "There is no such line of evidence.", request.sign());
    }
    lock(request.plantId());
    if (!history.firstTime(id, request)) {
      return;
    }
    mapper.endAsides(request.plantId(), request.sign(), null, "Replaced", clock.now(), user.id());
    mapper.addAside(
        id,
        request.plantId(),
        request.sign(),
        request.reason().trim(),
        request.always(),
        user.id(),
        clock.now(),
        clock.today());
    events.publishEvent(PlantTouched.of(request.plantId()));
  }

  /** Overrules the call; an earlier overruling is replaced. */
  @Transactional
  public void overrule(UUID id, OverruleRequest request) {
    lock(request.plantId());
    if (!history.firstTime(id, request)) {
      return;
    }
    String rules = advice.rulesAction(request.plantId());
    mapper.endOverrules(request.plantId(), "Replaced", clock.now(), user.id());
    mapper.addOverrule(
        id,
        request.plantId(),
        request.action().name(),
        request.urgency() == null ? null : request.urgency().name(),
        request.recheckDays(),
        request.reason().trim(),
        rules,
        user.id(),
        clock.now(),
        clock.today());
    events.publishEvent(PlantTouched.of(request.plantId()));
  }

  private void lock(UUID plant) {
    if (mapper.lockPlant(plant) == null) {
      throw InputException.of("plantId", "There is no such plant in care.", plant);
    }
  }

  @Transactional
  public void takeBackAside(UUID id) {
    UUID plant = mapper.plantOfAside(id);
    if (plant == null) {
      throw new NotFoundException("This line counts already.");
    }
    mapper.endAsides(plant, null, id, "Taken back", clock.now(), user.id());
    events.publishEvent(PlantTouched.of(plant));
  }

  @Transactional
  public void takeBackOverrule(UUID id) {
    UUID plant = mapper.plantOfOverrule(id);
    if (plant == null) {
      throw new NotFoundException("The rules decide already.");
    }
    mapper.endOverrules(plant, "Taken back", clock.now(), user.id());
    events.publishEvent(PlantTouched.of(plant));
  }

  /** Work done settles what was argued about it. */
  @EventListener
  public void onJobDone(JobDone done) {
    mapper.endAsides(done.plantId(), null, null, "The work was done", clock.now(), user.id());
    mapper.endOverrules(done.plantId(), "The work was done", clock.now(), user.id());
  }

  /** What was argued about a plant, newest first. */
  public List<ArgumentItem> of(UUID plant) {
    return mapper.of(plant, SHOWN);
  }
}
