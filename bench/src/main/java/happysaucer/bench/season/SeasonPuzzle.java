package happysaucer.bench.season;

import happysaucer.planner.PlanCrew;
import happysaucer.planner.PlanJob;
import happysaucer.planner.PlanSite;
import happysaucer.planner.PlanWeights;
import happysaucer.planner.SeasonPlan;
import happysaucer.planner.Slot;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A season as a puzzle in plain text, mapped onto the planner's own model. */
final class SeasonPuzzle {
  private static final int WORKDAYS = 5;
  private static final int WEEK = 7;
  private static final int MOVED = 40;

  /** Sites of a puzzle have days, no hours; minutes. */
  private static final int WHOLE_DAY = 24 * 60;

  private final Map<String, Integer> params = new HashMap<>();
  private final Map<Integer, PlanCrew> crew = new TreeMap<>();
  private final Map<Integer, PlanSite> sites = new TreeMap<>();
  private final List<String[]> jobLines = new ArrayList<>();
  private final Map<String, Slot> slots = new HashMap<>();

  static SeasonPuzzle read(Path file) throws IOException {
    SeasonPuzzle puzzle = new SeasonPuzzle();
    for (String line : Files.readAllLines(file)) {
      String[] f = line.trim().split("\\s+");
      switch (f[0]) {
        case "PARAM" -> puzzle.params.put(f[1], Integer.parseInt(f[2]));
        case "CREW" -> puzzle.crew(f);
        case "SITE" -> puzzle.site(f);
        case "JOB" -> puzzle.jobLines.add(f);
        default -> {
          // an empty line
        }
      }
    }
    return puzzle;
  }

  private void crew(String[] f) {
    int[] minutes = Arrays.stream(f[3].split(",")).mapToInt(Integer::parseInt).toArray();
    int id = Integer.parseInt(f[1]);
    crew.put(
        id,
        new PlanCrew(
            id,
            Integer.parseInt(f[2]),
            new int[minutes.length],
            minutes,
            Arrays.stream(minutes).map(m -> m > 0 ? 1 : 0).toArray(),
            params.get("vanLitres"),
            Integer.MAX_VALUE));
  }

  private void site(String[] f) {
    int id = Integer.parseInt(f[1]);
    int mask = Integer.parseInt(f[4]);
    int[] open = new int[params.get("days")];
    for (int day = 0; day < open.length; day++) {
      open[day] = (mask >> day % WORKDAYS & 1) == 1 ? WHOLE_DAY : 0;
    }
    sites.put(
        id,
        new PlanSite(
            id, new int[open.length], open, Integer.parseInt(f[5]), Integer.parseInt(f[6])));
  }

  SeasonPlan plan() {
    return new SeasonPlan(
        jobLines.stream().map(this::job).toList(),
        List.copyOf(crew.values()),
        new PlanWeights(
            params.get("latePerDay"),
            params.get("earlyPerDay"),
            1,
            params.get("fairPerMinute"),
            MOVED));
  }

  private PlanJob job(String[] f) {
    PlanSite site = sites.get(Integer.parseInt(f[2]));
    PlanJob.Demand demand =
        new PlanJob.Demand(
            Integer.parseInt(f[3]),
            Integer.parseInt(f[4]),
            Integer.parseInt(f[5]),
            Integer.parseInt(f[6]),
            0,
            Integer.parseInt(f[7]),
            Integer.parseInt(f[8]),
            Integer.parseInt(f[10]));
    return new PlanJob(
        Integer.parseInt(f[1]), site, demand, open(site, demand, Integer.parseInt(f[9]), f[11]));
  }

  /** Every slot that windows, materials, access, absences and skills leave. */
  private List<Slot> open(PlanSite site, PlanJob.Demand demand, int materials, String windows) {
    List<Slot> open = new ArrayList<>();
    for (int day = 0; day < params.get("days"); day++) {
      int date = day / WORKDAYS * WEEK + day % WORKDAYS;
      if (date < materials || !site.isOpen(day) || !within(date, windows)) {
        continue;
      }
      for (PlanCrew lead : crew.values()) {
        if (!lead.worksOn(day) || !lead.can(demand.skills())) {
          continue;
        }
        if (demand.people() == 1) {
          open.add(slot(day, date, lead, null));
          continue;
        }
        for (PlanCrew helper : crew.values()) {
          if (helper != lead && helper.worksOn(day)) {
            open.add(slot(day, date, lead, helper));
          }
        }
      }
    }
    return open;
  }

  private Slot slot(int day, int date, PlanCrew lead, PlanCrew helper) {
    return slots.computeIfAbsent(
        day + "/" + lead.index() + "/" + (helper == null ? -1 : helper.index()),
        key -> new Slot(day, date, lead, helper));
  }

  private static boolean within(int date, String windows) {
    if (windows.equals("-")) {
      return false;
    }
    for (String window : windows.split(",")) {
      int dash = window.indexOf('-', 1);
      if (date >= Integer.parseInt(window.substring(0, dash))
          && date <= Integer.parseInt(window.substring(dash + 1))) {
        return true;
      }
    }
    return false;
  }

  /** Puts jobs where a plan that was made known has them. */
  void publish(SeasonPlan plan, Path published) throws IOException {
    Map<Integer, String> known = new HashMap<>();
    for (String line : Files.readAllLines(published)) {
      String[] f = line.trim().split("\\s+");
      if (f.length == 4 && !f[0].startsWith("#") && Integer.parseInt(f[1]) >= 0) {
        known.put(Integer.parseInt(f[0]), f[1] + "/" + f[2] + "/" + f[3]);
      }
    }
    for (PlanJob job : plan.jobs()) {
      Slot at = slots.get(known.getOrDefault(job.index(), ""));
      if (at != null) {
        job.publish(at);
        if (job.getSlots().contains(at)) {
          job.setSlot(at);
        }
      }
    }
  }

  static String text(SeasonPlan plan) {
    StringBuilder text = new StringBuilder();
    for (PlanJob job : plan.jobs()) {
      Slot slot = job.getSlot();
      if (slot != null) {
        text.append(job.index())
            .append(' ')
            .append(slot.day())
            .append(' ')
            .append(slot.lead().index())
            .append(' ')
            .append(slot.helper() == null ? -1 : slot.helper().index())
            .append('\n');
      }
    }
    return text.toString();
  }
}
