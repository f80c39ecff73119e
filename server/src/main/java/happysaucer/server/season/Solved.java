package happysaucer.server.season;

import happysaucer.planner.Blocked;
import happysaucer.planner.PlanJob;
import happysaucer.planner.SeasonExplained;
import happysaucer.planner.SeasonExplained.Level;
import happysaucer.planner.SeasonExplained.RuleCost;
import happysaucer.planner.SeasonExplained.Try;
import happysaucer.planner.SeasonPlan;
import happysaucer.planner.SeasonRules;
import happysaucer.planner.SeasonSetup;
import happysaucer.planner.SeasonSetup.At;
import happysaucer.planner.SeasonSetup.Ready;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.season.RunOutcome.LateJob;
import happysaucer.server.season.RunOutcome.Moved;
import happysaucer.server.season.RunOutcome.RuleLine;
import happysaucer.server.season.RunOutcome.Unplanned;
import happysaucer.server.season.SeasonJobMapper.PlantAtRow;
import happysaucer.server.season.Seasons.Season;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells a plan in words: what it costs, what it leaves out and why, what it moves. */
@Component
class Solved {
  /** Of so many jobs that are left out it is tried what would free them. */
  private static final int TRIED = 20;

  private static final int SHOWN = 400;

  /** Of so many that come late it is told why. */
  private static final int LATEST = 60;

  /** In a large season trying takes long: after so much of it the rest is only named. */
  private static final long LATE_NANOS = Duration.ofSeconds(5).toNanos();

  private static final long TRYING_NANOS = Duration.ofSeconds(8).toNanos();

  private final SeasonView view;

  Solved(SeasonView view) {
    this.view = view;
  }

  /**
   * @param ready the season that was searched, with its jobs where the plan puts them
   */
  RunOutcome outcome(Season season, SeasonSetup setup, Ready ready) {
    Map<UUID, At> plan = new HashMap<>();
    ready.jobs().keySet().forEach(id -> ready.at(id).ifPresent(at -> plan.put(id, at)));
    SeasonExplained explained = new SeasonExplained();
    List<RuleCost> costs = explained.costs(ready.plan());
    List<Unplanned> left = new ArrayList<>();
    List<Moved> moved = new ArrayList<>();
    int late = 0;
    int lateDays = 0;
    long begun = System.nanoTime();
    for (SeasonJobRow job : season.jobs()) {
      At at = plan.get(job.id);
      if (at == null) {
        boolean tried = left.size() < TRIED && System.nanoTime() - begun < TRYING_NANOS;
        left.add(left(season, setup, ready, explained, job, tried));
      } else if (job.afterId == null) {
        long days = ChronoUnit.DAYS.between(job.idealOn, season.date(at.day()));
        if (days > 0) {
          late++;
          lateDays += (int) days;
        }
      }
      moved(season, job, at).ifPresent(moved::add);
    }
    return new RunOutcome(
        season.jobs().size(),
        plan.size(),
        late,
        lateDays,
        driving(season, plan),
        costs.stream()
            .filter(cost -> cost.level() == Level.SOFT)
            .sorted(Comparator.comparingLong(RuleCost::amount).reversed())
            .map(cost -> line(cost))
            .toList(),
        left,
        latest(season, ready, explained, plan),
        moved.size() > SHOWN ? moved.subList(0, SHOWN) : moved,
        costs.stream()
            .filter(cost -> cost.level() == Level.HARD)
            .map(cost -> cost.rule() + ": " + cost.amount() + " over, " + cost.times() + " times")
            .toList(),
        view.weeks(
            season,
            job -> Optional.ofNullable(plan.get(job.id)),
            setup.crews().stream().filter(crew -> crew.id().equals(Otherwise.HANDS)).findFirst()));
  }

  /** What stands against the best day of those that come latest: really put there, and reckoned. */
  private static List<LateJob> latest(
      Season season, Ready ready, SeasonExplained explained, Map<UUID, At> plan) {
    record Late(SeasonJobRow job, int days) {}
    long until = System.nanoTime() + LATE_NANOS;
    return season.jobs().stream()
        .filter(job -> job.afterId == null && plan.containsKey(job.id))
        .map(
            job ->
                new Late(
                    job,
                    (int)
                        ChronoUnit.DAYS.between(
                            job.idealOn,
                            season.date(Objects.requireNonNull(plan.get(job.id)).day()))))
        .filter(late -> late.days() > 0)
        .sorted(Comparator.comparingInt(Late::days).reversed())
        .limit(LATEST)
        // the others are told one by one, on the job itself
        .takeWhile(late -> System.nanoTime() < until)
        .map(
            late ->
                new LateJob(
                    late.job().id,
                    name(season, late.job()),
                    place(season, late.job()),
                    late.days(),
                    against(season, ready, explained, late.job())))
        .toList();
  }

  private static String against(
      Season season, Ready ready, SeasonExplained explained, SeasonJobRow job) {
    PlanJob planned = Objects.requireNonNull(ready.jobs().get(job.id));
    int now = Objects.requireNonNull(planned.getSlot()).day();
    int best = Math.max(0, season.day(job.idealOn));
    Try sooner =
        explained.cheapest(
            ready.plan(), planned, slot -> slot.day() < now && slot.day() >= best - WEEK);
    if (sooner == null) {
      return "nobody who can do it gets in there sooner";
    }
    At at = ready.names().at(sooner.slot());
    String day = SeasonWords.day(season.date(at.day()));
    return sooner.allowed()
        ? "on " + day + " it would cost more: " + SeasonWords.costs(sooner)
        : "on " + day + " " + SeasonWords.breaks(season, job, at, sooner);
  }

  private static int driving(Season season, Map<UUID, At> plan) {
    Set<String> trips = new HashSet<>();
    int driving = 0;
    for (SeasonJobRow job : season.jobs()) {
      At at = plan.get(job.id);
      if (at != null) {
        UUID site = season.siteOf(job);
        for (UUID crew : SeasonView.crewsOf(at)) {
          if (trips.add(at.day() + "/" + crew + "/" + site)) {
            driving += season.tripMinutes(site);
          }
        }
      }
    }
    return driving;
  }

  private static RuleLine line(RuleCost cost) {
    long minutes = SeasonWords.driving(cost.amount());
    return new RuleLine(
        cost.rule(),
        switch (cost.rule()) {
          case SeasonRules.LATE -> "Jobs after their best day";
          case SeasonRules.EARLY -> "Jobs before their best day";
          case SeasonRules.TRIPS -> "Driving, parking and setting up";
          case SeasonRules.UNEVEN -> "Work spread unevenly";
          case SeasonRules.MOVED -> "Jobs moved from where they were";
          default -> cost.rule();
        },
        cost.times(),
        minutes);
  }

  private static Optional<Moved> moved(Season season, SeasonJobRow job, @Nullable At at) {
    LocalDate on = at == null ? null : season.date(at.day());
    boolean same =
        Objects.equals(on, job.plannedOn)
            && Objects.equals(at == null ? null : at.lead(), job.leadId)
            && Objects.equals(at == null ? null : at.helper(), job.helperId);
    // a repot with its pot keeps its day also where nobody is found for it
    if (same || at == null && (job.plannedOn == null || job.jobId != null)) {
      return Optional.empty();
    }
    return Optional.of(
        new Moved(
            job.id,
            name(season, job),
            place(season, job),
            job.plannedOn,
            job.leadId == null ? null : SeasonWords.crew(season, job.leadId),
            on,
            at == null ? null : SeasonWords.crew(season, at.lead())));
  }

  static String name(Season season, SeasonJobRow job) {
    PlantAtRow plant = Objects.requireNonNull(season.plants().get(job.plantId));
    return plant.commonName() + " " + plant.label();
  }

  private static String place(Season season, SeasonJobRow job) {
    PlantAtRow plant = Objects.requireNonNull(season.plants().get(job.plantId));
    SeasonSite site = season.sites().get(plant.siteId());
    return site == null ? "" : site.name();
  }

  private static Unplanned left(
      Season season,
      SeasonSetup setup,
      Ready ready,
      SeasonExplained explained,
      SeasonJobRow job,
      boolean tried) {
    Blocked blocked = ready.blocked().get(job.id);
    PlanJob planned = Objects.requireNonNull(ready.jobs().get(job.id));
    String why;
    String frees = null;
    if (blocked != null) {
      why = SeasonWords.blocked(season, job, blocked);
      frees = tried ? freed(season, setup, job, blocked).orElse(null) : null;
    } else if (tried) {
      Try best = explained.cheapest(ready.plan(), planned, slot -> true);
      At at = best == null ? null : ready.names().at(best.slot());
      if (best == null || at == null || best.allowed()) {
        why = "The search ended before it found a day. Let it search longer.";
      } else {
        String day = SeasonWords.day(season.date(at.day()));
        why =
            job.afterId != null && follows(best)
                ? "What it follows has no day yet."
                : "Its days are full: even on "
                    + day
                    + " "
                    + SeasonWords.breaks(season, job, at, best)
                    + ".";
        frees = more(season, at, best, day).orElse(null);
      }
    } else {
      why = "Its days are full.";
    }
    return new Unplanned(job.id, name(season, job), place(season, job), why, frees);
  }

  private static boolean follows(Try best) {
    return best.breaks().stream().anyMatch(cost -> cost.rule().equals(SeasonRules.FOLLOW_UP));
  }

  /** So much more of one thing on the day that is cheapest: what breaks there, and nothing else. */
  private static Optional<String> more(Season season, At at, Try best, String day) {
    if (best.breaks().size() != 1) {
      return Optional.empty();
    }
    RuleCost broken = best.breaks().get(0);
    return switch (broken.rule()) {
      case SeasonRules.CREW_MINUTES ->
          Optional.of(
              SeasonWords.minutes(broken.amount())
                  + " more of "
                  + SeasonWords.crew(season, at.lead())
                  + " on "
                  + day
                  + ".");
      case SeasonRules.SITE_HOURS ->
          Optional.of(
              "The site open " + SeasonWords.minutes(broken.amount()) + " longer on " + day + ".");
      case SeasonRules.VAN_LITRES ->
          Optional.of("Room for " + broken.amount() + " L more in the van on " + day + ".");
      default -> Optional.empty();
    };
  }

  private static final int WEEK = 7;
  private static final int LONGER = 28;

  /** One thing otherwise, really tried: the job is laid into the season with it. */
  private static Optional<String> freed(
      Season season, SeasonSetup setup, SeasonJobRow job, Blocked blocked) {
    SeasonSetup.Work work =
        setup.work().stream().filter(each -> each.id().equals(job.id)).findFirst().orElseThrow();
    return switch (blocked) {
      case MATERIAL_LATE ->
          opens(setup, work.within(work.from(), work.to(), work.to() - WEEK))
              ? Optional.of(
                  "Its pot on hand by "
                      + SeasonWords.day(season.date(Math.max(0, work.to() - WEEK)))
                      + ".")
              : Optional.empty();
      case MATERIAL_NEVER ->
          opens(setup, work.within(work.from(), work.to(), 0))
              ? Optional.of("Another pot, from the shelf.")
              : Optional.empty();
      case WINDOW_PASSED ->
          opens(setup, work.within(0, LONGER, work.materials()))
              ? Optional.of(
                  "Done within "
                      + LONGER
                      + " days in spite of its season, with the care that takes.")
              : Optional.empty();
      case NO_SECOND_PERSON, NO_SKILL, NO_CREW ->
          firstDay(season, setup, work)
              .map(
                  day ->
                      (blocked == Blocked.NO_SECOND_PERSON
                              ? "A second person on "
                              : blocked == Blocked.NO_SKILL
                                  ? "Somebody who has learned it on "
                                  : "Somebody at work on ")
                          + SeasonWords.day(day)
                          + ".");
      default -> Optional.empty();
    };
  }

  private static boolean opens(SeasonSetup setup, SeasonSetup.Work work) {
    return !new SeasonSetup(
            setup.days(), setup.crews(), setup.sites(), List.of(work), setup.weights())
        .ready()
        .blocked()
        .containsKey(work.id());
  }

  /** The first day on which two people with every skill could do it. */
  private static Optional<LocalDate> firstDay(
      Season season, SeasonSetup setup, SeasonSetup.Work work) {
    int[] begins = new int[setup.days()];
    int[] minutes = new int[setup.days()];
    Arrays.fill(begins, 480);
    int[] people = new int[setup.days()];
    Arrays.fill(minutes, 480);
    Arrays.fill(people, 2);
    SeasonSetup.Crew able =
        new SeasonSetup.Crew(
            new UUID(0, 1), work.skills(), begins, minutes, people, work.litres(), work.grams());
    PlanJob job =
        Objects.requireNonNull(
            new SeasonSetup(
                    setup.days(), List.of(able), setup.sites(), List.of(work), setup.weights())
                .ready()
                .jobs()
                .get(work.id()));
    return job.getSlots().stream().findFirst().map(slot -> season.date(slot.day()));
  }

  /** The same season with its jobs where a plan puts them. */
  static Ready laid(SeasonSetup setup, Map<UUID, At> plan) {
    List<SeasonSetup.Work> work =
        setup.work().stream().map(each -> each.standing(plan.get(each.id()))).toList();
    return new SeasonSetup(setup.days(), setup.crews(), setup.sites(), work, setup.weights())
        .ready();
  }

  static Map<UUID, At> plan(Ready ready, SeasonPlan solved) {
    Map<UUID, At> plan = new HashMap<>();
    for (PlanJob job : solved.jobs()) {
      if (job.getSlot() != null) {
        plan.put(ready.names().work(job), ready.names().at(job.getSlot()));
      }
    }
    return plan;
  }
}
