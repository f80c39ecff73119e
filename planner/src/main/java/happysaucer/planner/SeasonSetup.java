package happysaucer.planner;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A season as a team has it, told in calendar days from its first one, and how the planner sees it.
 *
 * @param days how many
 */
public record SeasonSetup(
    int days, List<Crew> crews, List<Site> sites, List<Work> work, PlanWeights weights) {

  /** What material that never comes has for its day. */
  public static final int NEVER = Integer.MAX_VALUE;

  private static final int ALL_DAYS_MOST = 4000;

  public SeasonSetup {
    if (days < 1 || days > ALL_DAYS_MOST) {
      throw new IllegalArgumentException("A season of " + days + " days.");
    }
  }

  /**
   * @param begins minutes after midnight, by day
   * @param minutes and people by day
   */
  public record Crew(
      UUID id,
      Set<String> skills,
      int[] begins,
      int[] minutes,
      int[] people,
      int vanLitres,
      int vanGrams) {}

  /**
   * @param opens minutes after midnight, by day
   * @param closes as opens where nobody gets in
   * @param tripMinutes there and back, parking and setting up
   */
  public record Site(UUID id, int[] opens, int[] closes, int tripMinutes) {}

  /** Where a job stands. */
  public record At(int day, UUID lead, @Nullable UUID helper) {}

  /** What may become of where a job stands. */
  public enum Stay {
    /** It goes wherever it is best. */
    FREE,
    /** It stays, unless it cannot be there any more. */
    KEEP,
    /** A person has put it there. */
    PINNED
  }

  /** It comes so many days after another. */
  public record After(UUID job, int from, int to) {}

  /**
   * @param materials first day on which everything is at hand, or NEVER
   * @param at where it stands now
   * @param published where it was made known to be
   */
  public record Work(
      UUID id,
      UUID site,
      int minutes,
      int people,
      Set<String> skills,
      int litres,
      int grams,
      int from,
      int to,
      int ideal,
      int materials,
      boolean held,
      int weight,
      int unplanned,
      @Nullable After after,
      @Nullable At at,
      @Nullable At published,
      Stay stay) {
    /** The same work standing somewhere else, or nowhere. */
    public Work standing(@Nullable At elsewhere) {
      return new Work(
          id, site, minutes, people, skills, litres, grams, from, to, ideal, materials, held,
          weight, unplanned, after, elsewhere, published, stay);
    }

    /** The same work within other days and with its material on another. */
    public Work within(int newFrom, int newTo, int newMaterials) {
      return new Work(
          id,
          site,
          minutes,
          people,
          skills,
          litres,
          grams,
          newFrom,
          newTo,
          ideal,
          newMaterials,
          held,
          weight,
          unplanned,
          after,
          at,
          published,
          stay);
    }
  }

  /**
   * A season ready to be searched.
   *
   * @param jobs the planner's, by the id of the work
   * @param blocked what cannot be planned at all, and why
   */
  public record Ready(
      SeasonPlan plan, Map<UUID, PlanJob> jobs, Map<UUID, Blocked> blocked, Names names) {
    public Optional<At> at(UUID work) {
      PlanJob job = jobs.get(work);
      return job == null || job.getSlot() == null
          ? Optional.empty()
          : Optional.of(names.at(job.getSlot()));
    }
  }

  /** Ids of what the planner knows by number. */
  public record Names(List<UUID> crews, List<UUID> work) {
    public At at(Slot slot) {
      return new At(
          slot.day(),
          crews.get(slot.lead().index()),
          slot.helper() == null ? null : crews.get(slot.helper().index()));
    }

    public UUID work(PlanJob job) {
      return work.get(job.index());
    }
  }

  public Ready ready() {
    return new Building().build();
  }

  private final class Building {
    private final Map<String, Integer> skillBits = new HashMap<>();
    private final List<PlanCrew> planCrews = new ArrayList<>();
    private final Map<UUID, PlanCrew> crewOf = new HashMap<>();
    private final Map<UUID, PlanSite> siteOf = new HashMap<>();
    private final Map<Long, Slot> slots = new HashMap<>();
    private final Map<UUID, Blocked> blocked = new HashMap<>();

    Ready build() {
      for (Crew crew : crews) {
        PlanCrew planned =
            new PlanCrew(
                planCrews.size(),
                bits(crew.skills()),
                crew.begins(),
                crew.minutes(),
                crew.people(),
                crew.vanLitres(),
                crew.vanGrams());
        planCrews.add(planned);
        crewOf.put(crew.id(), planned);
      }
      for (Site site : sites) {
        siteOf.put(
            site.id(),
            new PlanSite(
                siteOf.size(), site.opens(), site.closes(), Integer.MAX_VALUE, site.tripMinutes()));
      }
      // what is followed stands before what follows it: a plan is begun in this order
      Map<UUID, Work> byId = new HashMap<>();
      work.forEach(each -> byId.put(each.id(), each));
      List<Work> ordered =
          work.stream().sorted(Comparator.comparing(each -> depth(each, byId))).toList();
      Map<UUID, PlanJob> jobs = new HashMap<>();
      List<PlanJob> list = new ArrayList<>();
      for (Work each : ordered) {
        PlanJob job = job(list.size(), each);
        jobs.put(each.id(), job);
        list.add(job);
      }
      for (Work each : ordered) {
        After after = each.after();
        if (after != null && jobs.containsKey(after.job())) {
          Objects.requireNonNull(jobs.get(each.id()))
              .follow(
                  new PlanJob.Follows(
                      Objects.requireNonNull(jobs.get(after.job())).index(),
                      after.from(),
                      after.to()));
        }
      }
      return new Ready(
          new SeasonPlan(list, planCrews, weights),
          jobs,
          blocked,
          new Names(
              crews.stream().map(Crew::id).toList(), ordered.stream().map(Work::id).toList()));
    }

    /** How many others it follows, one after the other. */
    private static int depth(Work each, Map<UUID, Work> byId) {
      int depth = 0;
      Work at = each;
      while (at != null && at.after() != null && depth < byId.size()) {
        at = byId.get(at.after().job());
        depth++;
      }
      return depth;
    }

    private int bits(Set<String> skills) {
      int bits = 0;
      for (String skill : skills) {
        bits |= 1 << skillBits.computeIfAbsent(skill, s -> skillBits.size());
      }
      return bits;
    }

    private PlanJob job(int index, Work each) {
      PlanSite site = Objects.requireNonNull(siteOf.get(each.site()));
      PlanJob.Demand demand =
          new PlanJob.Demand(
              each.minutes(),
              each.people(),
              bits(each.skills()),
              each.litres(),
              each.grams(),
              each.weight(),
              each.ideal(),
              each.unplanned());
      List<Slot> open = open(each, site, demand);
      Slot now = slot(each.at());
      // where somebody put it stays, also against what is known of it now
      if (each.stay() == Stay.PINNED && now != null && !open.contains(now)) {
        open.add(now);
        open.sort(Comparator.comparingInt(Slot::day));
      }
      if (open.isEmpty()) {
        blocked.put(each.id(), why(each, site, demand));
      }
      PlanJob job = new PlanJob(index, site, demand, open);
      if (now != null && open.contains(now)) {
        job.setSlot(now);
        job.pin(each.stay() != Stay.FREE);
      }
      job.publish(slot(each.published()));
      return job;
    }

    private @Nullable Slot slot(@Nullable At at) {
      if (at == null || at.day() < 0 || at.day() >= days) {
        return null;
      }
      PlanCrew lead = crewOf.get(at.lead());
      PlanCrew helper = at.helper() == null ? null : crewOf.get(at.helper());
      return lead == null ? null : slot(at.day(), lead, helper);
    }

    private Slot slot(int day, PlanCrew lead, @Nullable PlanCrew helper) {
      long key =
          ((long) day << Short.SIZE | lead.index()) << Short.SIZE
              | (helper == null ? Short.MAX_VALUE : helper.index());
      return slots.computeIfAbsent(key, k -> new Slot(day, day, lead, helper));
    }

    private List<Slot> open(Work each, PlanSite site, PlanJob.Demand demand) {
      List<Slot> open = new ArrayList<>();
      if (each.held()) {
        return open;
      }
      for (int day = Math.max(0, Math.max(each.from(), Math.min(each.materials(), days)));
          day <= Math.min(each.to(), days - 1);
          day++) {
        for (PlanCrew lead : planCrews) {
          add(open, site, demand, day, lead);
        }
      }
      return open;
    }

    private void add(
        List<Slot> open, PlanSite site, PlanJob.Demand demand, int day, PlanCrew lead) {
      if (barred(site, demand, day, lead) != null) {
        return;
      }
      if (demand.people() < 2 || lead.isTwo(day)) {
        open.add(slot(day, lead, null));
        return;
      }
      for (PlanCrew helper : planCrews) {
        if (helper != lead && helper.worksOn(day) && fits(site, demand, day, helper)) {
          open.add(slot(day, lead, helper));
        }
      }
    }

    private static boolean fits(PlanSite site, PlanJob.Demand demand, int day, PlanCrew crew) {
      return crew.minutesFor(demand, day) + site.tripMinutes() <= crew.minutes()[day]
          && crew.minutesFor(demand, day) <= site.openFor(crew, day);
    }

    /** What stands against a day under a lead; null where nothing does. */
    private @Nullable Blocked barred(PlanSite site, PlanJob.Demand demand, int day, PlanCrew lead) {
      if (!site.isOpen(day)) {
        return Blocked.SITE_CLOSED;
      }
      if (!lead.can(demand.skills())) {
        return Blocked.NO_SKILL;
      }
      if (!lead.worksOn(day)) {
        return Blocked.NO_CREW;
      }
      if (lead.minutesFor(demand, day) > site.openFor(lead, day)) {
        return Blocked.SITE_TOO_SHORT;
      }
      if (demand.litres() > lead.vanLitres() || demand.grams() > lead.vanGrams()) {
        return Blocked.VAN_TOO_SMALL;
      }
      return fits(site, demand, day, lead) ? null : Blocked.DAY_TOO_SHORT;
    }

    /** The reason that most of its days and leads come furthest with. */
    private Blocked why(Work each, PlanSite site, PlanJob.Demand demand) {
      if (each.held()) {
        return Blocked.HELD;
      }
      if (each.to() < Math.max(0, each.from()) || each.from() >= days) {
        return Blocked.WINDOW_PASSED;
      }
      if (each.materials() == NEVER) {
        return Blocked.MATERIAL_NEVER;
      }
      if (each.materials() > each.to()) {
        return Blocked.MATERIAL_LATE;
      }
      Map<Blocked, Integer> barring = new EnumMap<>(Blocked.class);
      for (int day = Math.max(0, Math.max(each.from(), each.materials()));
          day <= Math.min(each.to(), days - 1);
          day++) {
        for (PlanCrew lead : planCrews) {
          Blocked bar = barred(site, demand, day, lead);
          barring.merge(bar == null ? Blocked.NO_SECOND_PERSON : bar, 1, Integer::sum);
        }
      }
      // a day on which only the last thing is wanting says more than one on which all is
      for (Blocked last :
          List.of(
              Blocked.NO_SECOND_PERSON,
              Blocked.DAY_TOO_SHORT,
              Blocked.VAN_TOO_SMALL,
              Blocked.SITE_TOO_SHORT,
              Blocked.NO_CREW,
              Blocked.NO_SKILL)) {
        if (barring.containsKey(last)) {
          return last;
        }
      }
      return crews.isEmpty() ? Blocked.NO_CREW : Blocked.SITE_CLOSED;
    }
  }
}
