package happysaucer.planner;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.max;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.min;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sum;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ai.timefold.solver.core.api.score.stream.bi.BiConstraintStream;
import ai.timefold.solver.core.api.score.stream.tri.TriConstraintStream;
import java.util.Objects;

/**
 * The rules of a plan, each under a name of its own. Windows, holds, materials, access, absences,
 * skills and two different people are no rules here: a job has only slots that keep them.
 */
public final class SeasonRules implements ConstraintProvider {
  public static final String CREW_MINUTES = "crew minutes";
  public static final String VAN_LITRES = "van litres";
  public static final String VAN_MASS = "van mass";
  public static final String FOLLOW_UP = "follow-up in its days";
  public static final String SITE_MINUTES = "site minutes";
  public static final String SITE_HOURS = "site hours";
  public static final String UNPLANNED = "unplanned";
  public static final String LATE = "late";
  public static final String EARLY = "early";
  public static final String TRIPS = "trips";
  public static final String UNEVEN = "uneven";
  public static final String MOVED = "moved";

  private static final HardMediumSoftLongScore MUST = HardMediumSoftLongScore.ONE_HARD;
  private static final HardMediumSoftLongScore SHOULD = HardMediumSoftLongScore.ONE_SOFT;

  @Override
  public Constraint[] defineConstraints(ConstraintFactory rules) {
    return new Constraint[] {
      crewMinutes(rules),
      vanLitres(rules),
      vanMass(rules),
      followUp(rules),
      siteMinutes(rules),
      siteHours(rules),
      unplanned(rules),
      late(rules),
      early(rules),
      trips(rules),
      uneven(rules),
      moved(rules)
    };
  }

  /** A job with its slot, which it has. */
  private static Slot slot(PlanJob job) {
    return Objects.requireNonNull(job.getSlot());
  }

  private static BiConstraintStream<PlanJob, PlanCrew> work(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .map(job -> job, job -> slot(job).crew())
        .flattenLast(crew -> crew);
  }

  private static TriConstraintStream<PlanCrew, Integer, CrewDay> crewDays(ConstraintFactory rules) {
    return work(rules)
        .groupBy((job, member) -> member, (job, member) -> slot(job).day(), CrewDay.collect());
  }

  Constraint crewMinutes(ConstraintFactory rules) {
    return crewDays(rules)
        .filter((member, day, load) -> load.minutes() > member.minutes()[day])
        .penalizeLong(MUST, (member, day, load) -> load.minutes() - member.minutes()[day])
        .asConstraint(CREW_MINUTES);
  }

  Constraint trips(ConstraintFactory rules) {
    return crewDays(rules)
        .join(PlanWeights.class)
        .penalizeLong(
            SHOULD, (member, day, load, weights) -> (long) load.tripMinutes() * weights.trip())
        .asConstraint(TRIPS);
  }

  Constraint vanLitres(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .groupBy(job -> slot(job).lead(), job -> slot(job).day(), sum(job -> job.demand().litres()))
        .filter((lead, day, litres) -> litres > lead.vanLitres())
        .penalizeLong(MUST, (lead, day, litres) -> litres - lead.vanLitres())
        .asConstraint(VAN_LITRES);
  }

  Constraint vanMass(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .filter(job -> job.demand().grams() > 0)
        .groupBy(job -> slot(job).lead(), job -> slot(job).day(), sum(job -> job.demand().grams()))
        .filter((lead, day, grams) -> grams > lead.vanGrams())
        .penalizeLong(MUST, (lead, day, grams) -> grams - lead.vanGrams())
        .asConstraint(VAN_MASS);
  }

  /**
   * Nothing is looked after that was not done; a repot takes its follow-ups along when it moves.
   */
  Constraint followUp(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .filter(job -> job.follows() != null)
        .join(
            rules.forEachIncludingUnassigned(PlanJob.class),
            equal(job -> Objects.requireNonNull(job.follows()).job(), PlanJob::index))
        .penalizeLong(MUST, SeasonRules::outside)
        .asConstraint(FOLLOW_UP);
  }

  private static long outside(PlanJob job, PlanJob first) {
    Slot at = first.getSlot();
    return at == null ? 1 : Objects.requireNonNull(job.follows()).outside(slot(job), at);
  }

  Constraint siteMinutes(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .groupBy(
            PlanJob::site,
            job -> slot(job).day(),
            sum(job -> job.demand().minutes() * job.demand().people()))
        .filter((site, day, minutes) -> minutes > site.personMinutes())
        .penalizeLong(MUST, (site, day, minutes) -> minutes - site.personMinutes())
        .asConstraint(SITE_MINUTES);
  }

  /** Nobody is there longer than the site is open in the hours of their day. */
  Constraint siteHours(ConstraintFactory rules) {
    return work(rules)
        .filter(
            (job, crew) ->
                job.site().openFor(crew, slot(job).day()) < crew.minutes()[slot(job).day()])
        .groupBy(
            (job, crew) -> job.site(),
            (job, crew) -> slot(job).day(),
            (job, crew) -> crew,
            sum((PlanJob job, PlanCrew crew) -> crew.minutesFor(job.demand(), slot(job).day())))
        .filter((site, day, crew, minutes) -> minutes > site.openFor(crew, day))
        .penalizeLong(MUST, (site, day, crew, minutes) -> minutes - site.openFor(crew, day))
        .asConstraint(SITE_HOURS);
  }

  Constraint unplanned(ConstraintFactory rules) {
    return rules
        .forEachIncludingUnassigned(PlanJob.class)
        .filter(job -> job.getSlot() == null)
        .penalizeLong(HardMediumSoftLongScore.ONE_MEDIUM, job -> job.demand().unplanned())
        .asConstraint(UNPLANNED);
  }

  Constraint late(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .filter(job -> job.daysLate(slot(job)) > 0)
        .join(PlanWeights.class)
        .penalizeLong(
            SHOULD,
            (job, weights) ->
                (long) job.daysLate(slot(job)) * job.demand().weight() * weights.late())
        .asConstraint(LATE);
  }

  Constraint early(ConstraintFactory rules) {
    return rules
        .forEach(PlanJob.class)
        .filter(job -> job.daysEarly(slot(job)) > 0)
        .join(PlanWeights.class)
        .penalizeLong(SHOULD, (job, weights) -> (long) job.daysEarly(slot(job)) * weights.early())
        .asConstraint(EARLY);
  }

  Constraint uneven(ConstraintFactory rules) {
    return work(rules)
        .groupBy(
            (job, member) -> member,
            sum((PlanJob job, PlanCrew member) -> member.minutesFor(job.demand(), slot(job).day())))
        .complement(PlanCrew.class, member -> 0)
        .groupBy(
            max((PlanCrew member, Integer minutes) -> minutes),
            min((PlanCrew member, Integer minutes) -> minutes))
        .join(PlanWeights.class)
        .penalizeLong(SHOULD, (most, least, weights) -> (long) (most - least) * weights.uneven())
        .asConstraint(UNEVEN);
  }

  Constraint moved(ConstraintFactory rules) {
    return rules
        .forEachIncludingUnassigned(PlanJob.class)
        .filter(job -> job.published() != null && !job.published().equals(job.getSlot()))
        .join(PlanWeights.class)
        .penalizeLong(SHOULD, (job, weights) -> weights.moved())
        .asConstraint(MOVED);
  }
}
