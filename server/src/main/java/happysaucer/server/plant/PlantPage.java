package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.PlantGlance.Saucer;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.History;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.visit.CheckView;
import happysaucer.server.visit.Checks;
import happysaucer.server.watering.Waterings;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything the page of one plant shows, in one answer. */
@Service
class PlantPage {
  private static final int CHANGES = 30;

  private final AdviceService advice;
  private final Checks checks;
  private final Waterings waterings;
  private final Jobs jobs;
  private final Aftercares aftercares;
  private final History history;
  private final TeamClock clock;

  PlantPage(
      AdviceService advice,
      Checks checks,
      Waterings waterings,
      Jobs jobs,
      Aftercares aftercares,
      History history,
      TeamClock clock) {
    this.advice = advice;
    this.checks = checks;
    this.waterings = waterings;
    this.jobs = jobs;
    this.aftercares = aftercares;
    this.history = history;
    this.clock = clock;
  }

  /**
   * @param signs those that count today, from the last check and the last look at the roots
   * @param openJob the repot that is scheduled
   * @param aftercare of the last repot while it runs
   */
  public record PlantView(
      StoredPlant plant,
      Saucer saucer,
      @Nullable Double waterLeft,
      List<AdviceRequest.Sign> signs,
      List<AdviceRequest.State> states,
      Advice advice,
      List<CheckView> checks,
      List<Waterings.WateringView> waterings,
      List<JobSummary> jobs,
      @Nullable JobSummary openJob,
      Aftercares.@Nullable AftercareView aftercare,
      List<History.Entry> changes) {}

  @Transactional(readOnly = true)
  public PlantView of(UUID id, Units units) {
    AdviceService.Advised advised = advice.of(id, units);
    List<JobSummary> of = jobs.ofPlant(id);
    JobSummary open =
        of.stream().filter(job -> job.status().equals("PLANNED")).findFirst().orElse(null);
    boolean running = aftercares.running(List.of(id), clock.today()).containsKey(id);
    Aftercares.AftercareView care =
        running
            ? of.stream()
                .filter(job -> job.doneOn() != null)
                .findFirst()
                .map(job -> aftercares.ofJob(job.id()))
                .orElse(null)
            : null;
    return new PlantView(
        advised.plant(),
        care != null && advised.saucer() != Saucer.URGENT ? Saucer.IN_AFTERCARE : advised.saucer(),
        advised.waterLeft(),
        advised.signs(),
        advised.states(),
        advised.advice(),
        checks.of(id),
        waterings.of(id),
        of,
        open,
        care,
        history.of(id, CHANGES));
  }
}
