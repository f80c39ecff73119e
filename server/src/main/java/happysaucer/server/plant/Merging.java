package happysaucer.server.plant;

import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.PlantRetired;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A plant that was entered twice becomes one: what was logged at either is on record at it. */
@Service
class Merging {
  private final MergeMapper mapper;
  private final PlantMapper plants;
  private final AdviceService advice;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  Merging(
      MergeMapper mapper,
      PlantMapper plants,
      AdviceService advice,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.plants = plants;
    this.advice = advice;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /**
   * @param twinId the one that ends
   * @param twinVersion as it was seen
   */
  record MergeRequest(
      @NotNull(message = "Say which plant was entered twice.") UUID twinId,
      @NotNull(message = "Give the version of that plant.") Integer twinVersion) {}

  /** What is on record of a plant, to be looked through before it is merged. */
  record TwinView(StoredPlant plant, MergeMapper.TwinCounts counts) {}

  @Transactional(readOnly = true)
  public TwinView twin(UUID plant) {
    return new TwinView(advice.plant(plant), mapper.counts(plant));
  }

  /**
   * Takes everything of the twin over and ends it. Its pot, place and name are not taken, nor its
   * open job: those of the one that stays hold.
   *
   * @throws StaleException when somebody has changed one of the two meanwhile
   */
  @Transactional
  public void merge(UUID id, int version, MergeRequest request) {
    UUID twin = request.twinId();
    if (twin.equals(id)) {
      throw InputException.of("twinId", "This is the plant itself. Choose the other one.", twin);
    }
    StoredPlant stays = advice.plant(id);
    StoredPlant ends = advice.plant(twin);
    if (stays.retiredOn() != null || ends.retiredOn() != null) {
      throw InputException.of("twinId", "One of the two is no longer in care.", twin);
    }
    Instant now = clock.now();
    String reason = "Entered twice: taken into " + stays.label();
    if (mapper.end(twin, id, request.twinVersion(), clock.today(), reason, now, user.id()) == 0) {
      throw stale(ends);
    }
    events.publishEvent(new PlantRetired(twin));
    if (mapper.fill(twin, id, version, now, user.id()) == 0) {
      throw stale(stays);
    }
    mapper.checks(twin, id);
    mapper.waterings(twin, id);
    mapper.photos(twin, id);
    mapper.jobs(twin, id);
    mapper.aftercare(twin, id);
    mapper.careLinks(twin, id);
    mapper.careReports(twin, id);
    mapper.outcomes(twin, id);
    mapper.offspring(twin, id);
    mapper.earlier(twin, id);
    mapper.asides(twin, id, now, user.id());
    mapper.overrules(twin, id, now, user.id());
    mapper.states(twin, id);
    mapper.clearStates(twin);
    mapper.clearGlance(twin);
    history.log("plant", twin, reason);
    history.log("plant", id, "Merged with " + ends.label() + ", which was the same plant");
    events.publishEvent(PlantTouched.of(id));
  }

  private StaleException stale(StoredPlant now) {
    return new StaleException(now.version(), plants.changedBy(now.id()), List.of());
  }
}
