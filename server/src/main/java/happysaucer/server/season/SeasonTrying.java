package happysaucer.server.season;

import happysaucer.planner.PlanCrew;
import happysaucer.planner.PlanJob;
import happysaucer.planner.SeasonExplained;
import happysaucer.planner.SeasonExplained.Try;
import happysaucer.planner.SeasonSetup.At;
import happysaucer.planner.SeasonSetup.Names;
import happysaucer.planner.SeasonSetup.Ready;
import happysaucer.planner.Slot;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.season.SeasonPlaces.Placing;
import happysaucer.server.season.Seasons.Season;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One job, laid here and there on a copy of the plan. */
final class SeasonTrying {
  /**
   * What another day would be.
   *
   * @param words which rules break, or what it costs
   * @param minutes of driving that it costs as much as, more than now
   */
  record DayOption(
      LocalDate on,
      UUID leadId,
      @Nullable UUID helperId,
      String crew,
      boolean allowed,
      String words,
      long minutes) {}

  private final Season season;
  private final SeasonJobRow job;
  private final Ready ready;
  private final PlanJob planned;
  private final SeasonExplained explained = new SeasonExplained();

  /**
   * @param ready the season as it stands
   */
  SeasonTrying(Season season, SeasonJobRow job, Ready ready) {
    this.season = season;
    this.job = job;
    this.ready = ready;
    planned = Objects.requireNonNull(ready.jobs().get(job.id));
  }

  Names names() {
    return ready.names();
  }

  private PlanCrew crew(UUID id) {
    return ready.plan().crew().get(ready.names().crews().indexOf(id));
  }

  /** Those of its slots on a day that this crew leads. */
  List<Slot> slots(LocalDate on, UUID lead) {
    int day = season.day(on);
    return planned.getSlots().stream()
        .filter(slot -> slot.day() == day && slot.lead().equals(crew(lead)))
        .toList();
  }

  DayOption option(LocalDate on, CrewView lead) {
    DayOption best = null;
    for (Slot slot : slots(on, lead.id())) {
      DayOption each = option(on, lead, slot);
      if (best == null || each.allowed() && (!best.allowed() || each.minutes() < best.minutes())) {
        best = each;
      }
    }
    return best == null
        ? new DayOption(on, lead.id(), null, lead.name(), false, barred(on, lead), 0)
        : best;
  }

  DayOption option(LocalDate on, CrewView lead, Slot slot) {
    Try tried = tryAt(slot);
    At at = ready.names().at(slot);
    return new DayOption(
        on,
        lead.id(),
        at.helper(),
        lead.name(),
        tried.allowed(),
        tried.allowed() ? SeasonWords.costs(tried) : SeasonWords.breaks(season, job, at, tried),
        SeasonWords.driving(tried.cost()));
  }

  /** What follows it comes along: it does not stand against a day. */
  Try tryAt(Slot slot) {
    Map<PlanJob, Slot> out = new HashMap<>();
    for (PlanJob other : followers(slot)) {
      out.put(other, other.getSlot());
      other.setSlot(null);
    }
    try {
      return explained.tryAt(ready.plan(), planned, slot);
    } finally {
      out.forEach(PlanJob::setSlot);
    }
  }

  /** Those that would be out of their days. */
  private List<PlanJob> followers(Slot slot) {
    return ready.plan().jobs().stream()
        .filter(
            other -> {
              PlanJob.Follows after = other.follows();
              Slot at = other.getSlot();
              return after != null
                  && after.job() == planned.index()
                  && at != null
                  && (slot.date() + after.from() > at.date()
                      || slot.date() + after.to() < at.date());
            })
        .toList();
  }

  /** Where the followers go when the job goes there; those that find no day wait. */
  List<Placing> along(Slot slot) {
    List<PlanJob> following = followers(slot);
    following.forEach(other -> other.setSlot(null));
    planned.setSlot(slot);
    List<Placing> along = new ArrayList<>();
    for (PlanJob other : following) {
      Try best = explained.cheapest(ready.plan(), other, each -> true);
      UUID id = ready.names().work(other);
      if (best != null && best.allowed()) {
        other.setSlot(best.slot());
        At at = ready.names().at(best.slot());
        along.add(new Placing(id, season.date(at.day()), at.lead(), at.helper(), false));
      } else {
        along.add(new Placing(id, null, null, null, false));
      }
    }
    return along;
  }

  /** Why this crew cannot have it on that day at all. */
  String barred(LocalDate on, CrewView lead) {
    if (on.isBefore(season.first())) {
      return "that day is over";
    }
    if (job.held != null) {
      return "it is held: " + job.held.words();
    }
    if (job.afterId == null && (on.isBefore(job.fromOn) || on.isAfter(job.toOn))) {
      return "its days are " + SeasonWords.day(job.fromOn) + " to " + SeasonWords.day(job.toOn);
    }
    if (season.day(on) < Math.min(Seasons.materials(season, job), SeasonJobs.DAYS)) {
      return job.materialNever
          ? "its pot does not come"
          : "its pot comes on " + SeasonWords.day(season.date(Seasons.materials(season, job)));
    }
    SeasonSite site = season.sites().get(season.siteOf(job));
    if (site != null && site.on(on).isEmpty()) {
      return "nobody gets in at " + site.name() + " on that day";
    }
    if (lead.minutesOn(on) == 0) {
      return lead.name() + " does not go out on that day";
    }
    if (lead.peopleOn(on) == 0) {
      return "everybody of " + lead.name() + " is away";
    }
    Set<String> learned = new HashSet<>();
    lead.skills().forEach(skill -> learned.add(skill.name()));
    if (!job.skills.isEmpty() && !learned.containsAll(List.of(job.skills.split(",")))) {
      return lead.name() + " has not learned what it takes";
    }
    if (job.people > lead.peopleOn(on)) {
      return "it takes two people, and nobody else is there";
    }
    return "it does not fit into that day: "
        + SeasonWords.minutes(job.minutes)
        + " of work and "
        + SeasonWords.minutes(season.tripMinutes(season.siteOf(job)))
        + " of way";
  }
}
