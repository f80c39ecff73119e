package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.finding.Course;
import happysaucer.core.round.Saucer;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.argument.Arguments;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.outcome.Outcomes;
import happysaucer.server.photo.Photos;
import happysaucer.server.visit.CheckView;
import happysaucer.server.visit.Checks;
import happysaucer.server.watering.Waterings;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything the page of one plant shows, in one answer. */
@Service
class PlantPage {
  private static final int CHANGES = 30;

  /** Courses are drawn over three years. */
  private static final int COURSE_DAYS = 1100;

  private final AdviceService advice;
  private final Checks checks;
  private final Waterings waterings;
  private final Jobs jobs;
  private final Aftercares aftercares;
  private final ChangeLog history;
  private final TeamClock clock;
  private final Arguments arguments;
  private final Photos photos;
  private final Outcomes outcomes;

  PlantPage(
      AdviceService advice,
      Checks checks,
      Waterings waterings,
      Jobs jobs,
      Aftercares aftercares,
      ChangeLog history,
      TeamClock clock,
      Arguments arguments,
      Photos photos,
      Outcomes outcomes) {
    this.arguments = arguments;
    this.photos = photos;
    this.outcomes = outcomes;
    this.advice = advice;
    this.checks = checks;
    this.waterings = waterings;
    this.jobs = jobs;
    this.aftercares = aftercares;
    this.history = history;
    this.clock = clock;
  }

  /**
   * @param trialPourLitres with which soak-in is timed
   * @param standing signs that count today, from the last check and what lasts of earlier ones
   * @param courses how measures went over the visits
   * @param argument what somebody holds against the rules now
   * @param arguments what was ever argued
   * @param openJob the repot that is scheduled
   * @param aftercare of the last repot while it runs
   */
  public record PlantView(
      StoredPlant plant,
      Saucer saucer,
      @Nullable Double waterLeft,
      double trialPourLitres,
      List<AdviceService.StandingSign> standing,
      List<AdviceRequest.State> states,
      Advice advice,
      List<CheckView> checks,
      List<Waterings.WateringView> waterings,
      List<JobSummary> jobs,
      @Nullable JobSummary openJob,
      Aftercares.@Nullable AftercareView aftercare,
      List<ChangeLog.Entry> changes,
      List<CourseView> courses,
      AdviceService.ArgumentView argument,
      AdviceService.MethodView method,
      List<Arguments.ArgumentItem> arguments,
      List<Photos.PhotoView> photos,
      List<Outcomes.OutcomeView> outcomes) {}

  /**
   * @param worsens steadily since the last repot
   */
  public record CourseView(String code, String unit, boolean worsens, List<CoursePoint> points) {}

  public record CoursePoint(LocalDate date, double value) {}

  private List<CourseView> courses(
      AdviceService.Advised advised, List<Waterings.WateringView> poured) {
    StoredPlant plant = advised.plant();
    LocalDate today = clock.today();
    return Course.of(
            advised.thirst(),
            today,
            Optional.ofNullable(plant.lastRepotted()),
            poured.stream()
                .map(w -> new Course.Watering(w.wateredOn(), w.litres(), w.runOffLitres()))
                .toList(),
            checks.measured(plant.id(), today.minusDays(COURSE_DAYS)))
        .stream()
        .map(
            course ->
                new CourseView(
                    course.code().name(),
                    course.code().unit(),
                    course.worsens(),
                    course.points().stream()
                        .map(point -> new CoursePoint(point.date(), point.value()))
                        .toList()))
        .toList();
  }

  @Transactional(readOnly = true)
  public PlantView of(UUID id, Units units) {
    AdviceService.Advised advised = advice.of(id, units);
    List<Waterings.WateringView> poured = waterings.of(id);
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
        advised.trialPourLitres(),
        advised.standing(),
        advised.states(),
        advised.advice(),
        checks.of(id),
        poured,
        of,
        open,
        care,
        history.of(id, CHANGES),
        courses(advised, poured),
        advised.argument(),
        advised.method(),
        arguments.of(id),
        photos.of(id),
        outcomes.of(id));
  }
}
