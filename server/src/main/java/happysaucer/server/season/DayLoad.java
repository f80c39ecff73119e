package happysaucer.server.season;

import happysaucer.core.advice.Advice;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.job.Jobs.JobWork;
import happysaucer.server.season.DayPlan.Load;
import happysaucer.server.season.DayPlan.LoadLine;
import happysaucer.server.season.Seasons.Season;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;

/** What a van carries on a day: the needs of its jobs, added up. */
final class DayLoad {
  private static final double GRAMS = 1000;
  private static final double CM = 10;
  private static final String CURRENT = "current";

  private final Map<String, Map<String, Line>> byKind = new TreeMap<>();

  /** By code, the plants by what is said of them. */
  private final Map<String, Map<String, Set<String>>> cautions = new LinkedHashMap<>();

  private final List<String> without = new ArrayList<>();
  private double grams;
  private double litres;
  private int people = 1;

  private DayLoad() {}

  /** One thing that several jobs may need. */
  private static final class Line {
    private final String label;
    private final String place;
    private final String unit;
    private double amount;
    private final Set<String> of = new LinkedHashSet<>();

    Line(String label, String place, String unit) {
      this.label = label;
      this.place = place;
      this.unit = unit;
    }
  }

  static Load of(
      Season season, CrewView crew, List<SeasonJobRow> planned, Map<UUID, JobWork> work) {
    DayLoad load = new DayLoad();
    for (SeasonJobRow row : planned) {
      if (row.status == JobStatus.DONE || !crew.id().equals(row.leadId)) {
        continue;
      }
      load.people = Math.max(load.people, row.people);
      JobWork job = row.jobId == null ? null : work.get(row.jobId);
      if (job != null && job.advice().repot() != null) {
        load.add(
            Objects.requireNonNull(season.plants().get(row.plantId)).label(),
            job,
            job.advice().repot());
      } else if (row.litres > 0 || row.grams > 0) {
        load.without.add(Solved.name(season, row));
        load.grams += row.grams;
        load.litres += row.litres;
      }
    }
    return new Load(
        load.lines("POT").stream()
            .sorted(Comparator.comparing(LoadLine::place).thenComparing(LoadLine::label))
            .toList(),
        load.lines("MIX"),
        load.lines("INGREDIENT"),
        load.lines("COARSE", "FILLER", "DRESSING"),
        load.lines("FEED"),
        load.lines("TOOL"),
        load.people,
        load.grams / GRAMS,
        crew.vanKg(),
        load.litres,
        crew.vanLitres(),
        load.cautions(),
        load.without);
  }

  private void add(String plant, JobWork job, Advice.Repot plan) {
    for (Advice.Need need : plan.needs()) {
      switch (need.kind()) {
        case "MASS" -> grams += need.amount();
        case "VOLUME" -> litres += need.amount();
        case "PEOPLE", "SKILL", "MINUTES", "OLD_MEDIUM" -> {
          // not carried
        }
        default -> line(plant, need, label(need, job, plan), place(need, job));
      }
    }
    for (Advice.Coded caution : job.advice().cautions()) {
      cautions
          .computeIfAbsent(caution.code(), code -> new LinkedHashMap<>())
          .computeIfAbsent(caution.text().words(), words -> new LinkedHashSet<>())
          .add(plant);
    }
  }

  private void line(String plant, Advice.Need need, String label, String place) {
    Line line =
        byKind
            .computeIfAbsent(need.kind(), kind -> new LinkedHashMap<>())
            .computeIfAbsent(need.code(), code -> new Line(label, place, need.unit()));
    // one tarp does for the whole day, a stake only for its own plant
    boolean shared = need.kind().equals("TOOL") && !OWN.contains(need.code());
    line.amount = shared ? Math.max(line.amount, need.amount()) : line.amount + need.amount();
    line.of.add(plant);
  }

  private static final Set<String> OWN = Set.of("MESH", "WIRE", "STAKE");

  private static String place(Advice.Need need, JobWork job) {
    return need.kind().equals("POT") && job.potPlace() != null ? job.potPlace() : "";
  }

  private static String label(Advice.Need need, JobWork job, Advice.Repot plan) {
    return switch (need.kind()) {
      case "POT" -> potWords(job);
      case "MIX" -> plan.mix() == null ? need.code() : plan.mix().label();
      case "INGREDIENT" ->
          plan.mix() == null
              ? need.code()
              : plan.mix().ingredients().stream()
                  .filter(part -> part.code().equals(need.code()))
                  .map(Advice.Ingredient::label)
                  .findFirst()
                  .orElse(need.code());
      default -> need.code();
    };
  }

  /** The pot of a plan, as one reads it off a shelf. */
  static String potWords(JobWork job) {
    if (job.potName() != null) {
      return job.potName();
    }
    Advice advice = job.advice();
    Optional<Advice.Candidate> pot =
        advice.repot() == null ? Optional.empty() : advice.repot().chosen();
    return pot.map(
            chosen ->
                chosen.id().equals(CURRENT)
                    ? "its own pot"
                    : String.format(
                        Locale.ROOT,
                        "%s %s, %.0f cm wide, %.0f cm deep",
                        chosen.pot().shape().toLowerCase(Locale.ROOT),
                        chosen.material().toLowerCase(Locale.ROOT),
                        chosen.pot().topMm() / CM,
                        chosen.pot().heightMm() / CM))
        .orElse("no pot yet");
  }

  /** What holds for all alike is said once; what differs, with the plants it is for. */
  private List<String> cautions() {
    List<String> told = new ArrayList<>();
    cautions
        .values()
        .forEach(
            byWords ->
                byWords.forEach(
                    (words, plants) ->
                        told.add(
                            byWords.size() == 1
                                ? words
                                : String.join(", ", plants) + ": " + words)));
    return told;
  }

  private List<LoadLine> lines(String... kinds) {
    List<LoadLine> lines = new ArrayList<>();
    for (String kind : kinds) {
      byKind
          .getOrDefault(kind, Map.of())
          .forEach(
              (code, line) ->
                  lines.add(
                      new LoadLine(
                          code,
                          line.label,
                          line.place,
                          line.amount,
                          line.unit,
                          List.copyOf(line.of))));
    }
    return lines;
  }
}
