package happysaucer.server.aftercare;

import happysaucer.core.advice.Advice;
import happysaucer.core.aftercare.ExpectedWet;
import happysaucer.core.aftercare.Recovery;
import happysaucer.core.aftercare.Rescue;
import happysaucer.core.call.Action;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Species;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.Glances;
import happysaucer.server.aftercare.Aftercares.CareView;
import happysaucer.server.aftercare.WatchMapper.RecoveringRow;
import happysaucer.server.aftercare.WatchMapper.SeenRow;
import happysaucer.server.aftercare.WatchMapper.WeekRow;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.job.Jobs;
import happysaucer.server.job.Jobs.JobWork;
import happysaucer.server.team.CurrentUser;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Every plant that recovers from its repot, what presses most first. */
@Service
public class Watch {
  /** Beyond this a plant is not watched any more, whatever was told of it, days. */
  private static final int DAYS = 70;

  /** The drawing goes on a little beyond today. */
  private static final int AHEAD = 10;

  private static final int MOST = 200;

  /** A sign that a later look did not find again is over; one nobody looked for stays so long. */
  private static final int STANDS_DAYS = 28;

  private static final Set<SignCode> WET =
      EnumSet.of(SignCode.STAYS_WET, SignCode.WILTS_WHEN_WET, SignCode.SOUR_SMELL);
  private static final Set<SignCode> DRY =
      EnumSet.of(SignCode.WILTS_SOON_AFTER_WATERING, SignCode.CORE_DRY, SignCode.DRIES_TOO_FAST);

  private final WatchMapper mapper;
  private final Aftercares aftercares;
  private final Jobs jobs;
  private final Glances glances;
  private final Books books;
  private final TeamClock clock;
  private final CurrentUser user;

  Watch(
      WatchMapper mapper,
      Aftercares aftercares,
      Jobs jobs,
      Glances glances,
      Books books,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
    this.aftercares = aftercares;
    this.jobs = jobs;
    this.glances = glances;
    this.books = books;
    this.clock = clock;
    this.user = user;
  }

  /**
   * @param calm how many of them go as they should
   */
  public record WatchView(LocalDate today, List<WatchedPlant> plants, int calm) {}

  /**
   * @param day since the work
   * @param level CALM, WATCH, WORRY or ALARM
   * @param now what to do about the sign that presses most
   * @param due steps that are due today or were missed
   * @param next the step that comes next; null where none is left
   * @param expected how wet it should be, by day
   * @param found what was found, wet or dry
   * @param outcome as told so far; null where nobody said
   */
  public record WatchedPlant(
      UUID plantId,
      UUID jobId,
      String label,
      String commonName,
      String spotName,
      UUID siteId,
      String siteName,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      @Nullable Double rootFill,
      @Nullable Double waterLeft,
      String action,
      LocalDate doneOn,
      int day,
      String level,
      double points,
      List<String> reasons,
      @Nullable NowDo now,
      List<CareView> due,
      @Nullable CareView next,
      List<WetPoint> expected,
      List<LocalDate> poured,
      List<FoundWet> found,
      List<ReportView> reports,
      @Nullable String outcome) {}

  /**
   * @param look the roots are to be looked at
   */
  public record NowDo(String sign, String text, boolean look, LocalDate againOn) {}

  public record WetPoint(LocalDate on, double wet) {}

  public record FoundWet(LocalDate on, boolean wet) {}

  public record ReportView(UUID id, String words, @Nullable UUID photoId, Instant receivedAt) {}

  /** A dozen queries, whatever the number of plants. */
  public WatchView view() {
    LocalDate today = clock.today();
    List<RecoveringRow> rows = mapper.recovering(today.minusDays(DAYS), MOST);
    if (rows.isEmpty()) {
      return new WatchView(today, List.of(), 0);
    }
    glances.bringUpToDateIfStale();
    Known known = known(rows, today);
    List<WatchedPlant> plants =
        rows.stream()
            .map(row -> watched(row, known, today))
            .sorted(
                Comparator.comparingDouble(WatchedPlant::points)
                    .reversed()
                    .thenComparing(WatchedPlant::label))
            .toList();
    int calm =
        (int)
            plants.stream()
                .filter(plant -> plant.level().equals(Recovery.Level.CALM.name()))
                .count();
    return new WatchView(today, plants, calm);
  }

  /** What is on record of these plants, by plant, by job or by kind. */
  private record Known(
      Map<UUID, JobWork> work,
      Map<UUID, List<CareView>> steps,
      Map<UUID, List<LocalDate>> poured,
      Map<UUID, List<SeenRow>> seen,
      Map<UUID, List<WeekRow>> weeks,
      Map<UUID, List<ReportView>> reports,
      Map<String, Recovery.Before> before,
      Map<UUID, Glances.Glimpse> glimpses) {}

  private Known known(List<RecoveringRow> rows, LocalDate today) {
    List<UUID> plants = rows.stream().map(RecoveringRow::plantId).toList();
    List<UUID> ids = rows.stream().map(RecoveringRow::jobId).toList();
    LocalDate since = today.minusDays(DAYS);
    Map<UUID, List<LocalDate>> poured = new HashMap<>();
    mapper
        .poured(plants, since)
        .forEach(
            row ->
                poured
                    .computeIfAbsent(row.plantId(), id -> new ArrayList<>())
                    .add(row.wateredOn()));
    Map<UUID, List<ReportView>> reports = new HashMap<>();
    mapper
        .reports(plants)
        .forEach(
            row ->
                reports
                    .computeIfAbsent(row.plantId(), id -> new ArrayList<>())
                    .add(new ReportView(row.id(), row.words(), row.photoId(), row.receivedAt())));
    return new Known(
        jobs.workOf(ids),
        aftercares.ofJobs(ids),
        poured,
        mapper.seen(plants, since).stream().collect(Collectors.groupingBy(SeenRow::plantId)),
        mapper.weeks(ids).stream().collect(Collectors.groupingBy(WeekRow::jobId)),
        reports,
        mapper.before(rows.stream().map(RecoveringRow::species).distinct().toList()).stream()
            .collect(
                Collectors.toMap(
                    WatchMapper.BeforeRow::species,
                    row -> new Recovery.Before(row.total(), row.bad()))),
        glances.of(plants));
  }

  private WatchedPlant watched(RecoveringRow row, Known known, LocalDate today) {
    List<CareView> steps = known.steps().getOrDefault(row.jobId(), List.of());
    List<LocalDate> poured =
        known.poured().getOrDefault(row.plantId(), List.of()).stream()
            .filter(on -> !on.isBefore(row.doneOn()))
            .toList();
    List<WeekRow> weeks = known.weeks().getOrDefault(row.jobId(), List.of());
    Advice.@Nullable Repot plan =
        Objects.requireNonNull(known.work().get(row.jobId())).advice().repot();
    LocalDate firstWater =
        plan == null || plan.waterIn() == null ? row.doneOn() : plan.waterIn().on();
    List<SeenRow> seen =
        known.seen().getOrDefault(row.plantId(), List.of()).stream()
            .filter(each -> !each.checkedOn().isBefore(row.doneOn()))
            .toList();
    List<ExpectedWet.Found> found = found(seen);
    List<ExpectedWet.Point> expected =
        weeks.isEmpty()
            ? List.of()
            : ExpectedWet.of(
                row.doneOn(),
                firstWater,
                weeks.stream()
                    .map(
                        week ->
                            new ExpectedWet.Week(
                                week.fromOn(), Optional.ofNullable(week.everyDays())))
                    .toList(),
                poured,
                spent(row.species()),
                today,
                today.plusDays(AHEAD));
    List<ReportView> reports = known.reports().getOrDefault(row.plantId(), List.of());
    Recovery recovery =
        Recovery.of(
            new Recovery.Facts(
                today,
                row.doneOn(),
                Action.valueOf(row.action()),
                plan == null ? 0 : plan.rootWork().rootShare(),
                plan != null && plan.rootWork().loosening().equals("WASH"),
                row.doneOn().isBefore(row.windowFrom()) || row.doneOn().isAfter(row.windowTo()),
                firstWater,
                poured,
                every(weeks, today),
                steps.stream()
                    .filter(CareView::open)
                    .map(step -> new Recovery.Open(step.toOn(), step.who().equals("TECHNICIAN")))
                    .toList(),
                standing(seen, today),
                ExpectedWet.against(expected, found),
                reports.size(),
                known.before().getOrDefault(row.species(), new Recovery.Before(0, 0))));
    return view(row, known, recovery, new Drawn(steps, expected, poured, found, reports), today);
  }

  private record Drawn(
      List<CareView> steps,
      List<ExpectedWet.Point> expected,
      List<LocalDate> poured,
      List<ExpectedWet.Found> found,
      List<ReportView> reports) {}

  private WatchedPlant view(
      RecoveringRow row, Known known, Recovery recovery, Drawn drawn, LocalDate today) {
    Glances.@Nullable Glimpse glimpse = known.glimpses().get(row.plantId());
    Wording wording = new Wording(user.units());
    return new WatchedPlant(
        row.plantId(),
        row.jobId(),
        row.label(),
        row.commonName(),
        row.spotName(),
        row.siteId(),
        row.siteName(),
        row.potShape(),
        row.potTopMm(),
        row.potBaseMm(),
        row.potHeightMm(),
        glimpse == null ? null : glimpse.rootFill(),
        glimpse == null ? null : glimpse.waterLeft(),
        row.action(),
        row.doneOn(),
        recovery.day(),
        recovery.level().name(),
        recovery.points(),
        recovery.reasons().stream()
            .map(Recovery.Reason::text)
            .map(text -> words(wording, text))
            .toList(),
        recovery.now().map(now -> now(wording, now)).orElse(null),
        drawn.steps().stream()
            .filter(step -> step.open() && !step.fromOn().isAfter(today))
            .filter(step -> step.who().equals("TECHNICIAN") || pours(step, today))
            .toList(),
        drawn.steps().stream()
            .filter(step -> step.open() && step.fromOn().isAfter(today))
            .filter(step -> step.who().equals("TECHNICIAN") || step.kind().equals("PROBE"))
            .findFirst()
            .orElse(null),
        drawn.expected().stream().map(point -> new WetPoint(point.on(), point.wet())).toList(),
        drawn.poured(),
        drawn.found().stream().map(each -> new FoundWet(each.on(), each.wet())).toList(),
        drawn.reports(),
        row.outcome());
  }

  /** What whoever waters has to do just now; what lasts for weeks stands on their card. */
  private static boolean pours(CareView step, LocalDate today) {
    return !step.toOn().isBefore(today)
        && (step.kind().equals("PROBE")
            || step.kind().equals("WATER") && step.fromOn().equals(step.toOn()));
  }

  private static String words(Wording wording, Message text) {
    return wording.say(text).words();
  }

  private static NowDo now(Wording wording, Rescue rescue) {
    return new NowDo(
        rescue.sign().name(), words(wording, rescue.text()), rescue.look(), rescue.againOn());
  }

  private double spent(String species) {
    return books
        .team()
        .book()
        .species()
        .find(species)
        .map(Species::traits)
        .map(traits -> traits.refill().spentShare())
        .orElse(0.5);
  }

  private static OptionalDouble every(Collection<WeekRow> weeks, LocalDate today) {
    return weeks.stream()
        .filter(week -> !week.fromOn().isAfter(today))
        .reduce((a, b) -> b)
        .map(WeekRow::everyDays)
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }

  /** What was seen last of each sign, while it stands. */
  private static List<Recovery.Seen> standing(List<SeenRow> newestFirst, LocalDate today) {
    Map<String, SeenRow> last = new HashMap<>();
    newestFirst.forEach(row -> last.putIfAbsent(row.code(), row));
    return last.values().stream()
        .filter(row -> row.state().equals("PRESENT"))
        .filter(row -> !row.checkedOn().isBefore(today.minusDays(STANDS_DAYS)))
        .map(
            row ->
                new Recovery.Seen(
                    SignCode.valueOf(row.code()),
                    Optional.ofNullable(row.grade()).map(Grade::valueOf),
                    row.checkedOn()))
        .toList();
  }

  /** Looks that tell wet from dry. */
  private static List<ExpectedWet.Found> found(List<SeenRow> newestFirst) {
    List<ExpectedWet.Found> found = new ArrayList<>();
    for (SeenRow row : newestFirst) {
      if (!row.state().equals("PRESENT")) {
        continue;
      }
      SignCode sign = SignCode.valueOf(row.code());
      if (sign == SignCode.HEFT && row.grade() != null && Grade.valueOf(row.grade()).isHeft()) {
        found.add(
            new ExpectedWet.Found(row.checkedOn(), Grade.HEAVY == Grade.valueOf(row.grade())));
      } else if (WET.contains(sign)) {
        found.add(new ExpectedWet.Found(row.checkedOn(), true));
      } else if (DRY.contains(sign)) {
        found.add(new ExpectedWet.Found(row.checkedOn(), false));
      }
    }
    found.sort(Comparator.comparing(ExpectedWet.Found::on));
    return found;
  }
}
