package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Differences;
import happysaucer.core.advice.DryDowns;
import happysaucer.core.advice.Fault;
import happysaucer.core.advice.Kept;
import happysaucer.core.method.MethodTable;
import happysaucer.core.round.Saucer;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.PlantCases.Gathered;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.NotFoundException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks the core about stored plants. */
@Service
public class AdviceService {
  private static final String SIGNS = "signs[";

  /** So many touches of a pot are drawn. */
  private static final int MOST_FELT = 60;

  private final PlantCases cases;
  private final Books books;
  private final TeamClock clock;
  private final BenchAdvice bench;

  private final Remembered remembered;
  private final CaseMapper mapper;

  AdviceService(
      PlantCases cases,
      Books books,
      TeamClock clock,
      BenchAdvice bench,
      Remembered remembered,
      CaseMapper mapper) {
    this.bench = bench;
    this.mapper = mapper;
    this.remembered = remembered;
    this.cases = cases;
    this.books = books;
    this.clock = clock;
  }

  /** So many trial pours fill a pot: soak-in is timed with one of them. */
  private static final double TRIAL_POURS = 10;

  /**
   * A stored plant with its advice of today.
   *
   * @param standing signs that count, with the day on which they were seen
   * @param trialPourLitres with which soak-in is timed
   * @param thirst of a day against one of twelve hours of light on which it is awake
   * @param argument what somebody holds against the rules
   * @param method what was chosen for it and at which level
   */
  public record Advised(
      StoredPlant plant,
      Advice advice,
      List<StandingSign> standing,
      List<AdviceRequest.State> states,
      Saucer saucer,
      @Nullable Double waterLeft,
      double trialPourLitres,
      ToDoubleFunction<LocalDate> thirst,
      ArgumentView argument,
      MethodView method) {}

  /**
   * @param lasts whether it goes on counting when the next check says nothing of it
   */
  public record StandingSign(
      String code,
      String state,
      @Nullable String grade,
      @Nullable Double value,
      LocalDate seenOn,
      boolean lasts) {}

  public record ArgumentView(List<AsideView> asides, @Nullable OverruleView overrule) {}

  public record AsideView(
      UUID id, String sign, String reason, boolean always, LocalDate setOn, String who) {}

  /**
   * @param rulesAction what the rules said when it was overruled; they may say something else now
   */
  public record OverruleView(
      UUID id, String action, String reason, String rulesAction, LocalDate setOn, String who) {}

  /**
   * @param chosen choices that differ from the default, with the level that made them
   * @param turns other options that would make another call
   */
  public record MethodView(List<ChoiceView> chosen, List<TurnView> turns) {}

  public record ChoiceView(
      String key, String title, String option, String label, MethodLevel level) {}

  /**
   * @param level that made the present choice, null for the default
   */
  public record TurnView(
      String key,
      String title,
      String chosen,
      @Nullable MethodLevel level,
      String other,
      String action,
      String urgency) {}

  /**
   * @throws NotFoundException when there is no such plant
   */
  public Advised of(UUID plant, Units units) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Kept kept = books.team().kept(bench.stocked(gathered.request(today, units)));
    Advice advice = remembered.advise(books.team(), kept);
    return new Advised(
        gathered.plant(),
        advice,
        standing(gathered),
        gathered.states(),
        Saucer.of(advice.call()),
        GlanceWriter.waterLeft(gathered, books.team(), kept),
        Advise.pot(kept.request().pot()).inside().litres() / TRIAL_POURS,
        books.team().thirst(kept),
        argument(gathered),
        method(gathered, kept.request()));
  }

  /**
   * A plant as stored, in care or not.
   *
   * @throws NotFoundException when there is no such plant
   */
  public StoredPlant plant(UUID plant) {
    return gathered(plant, clock.today()).plant();
  }

  /** What the rules would refuse of another pot and ball for this plant. */
  public List<Fault> potFaults(
      UUID plant,
      AdviceRequest.Pot pot,
      AdviceRequest.@Nullable Ball ball,
      AdviceRequest.@Nullable Cover cover) {
    LocalDate today = clock.today();
    AdviceRequest request = sound(gathered(plant, today), today);
    return books.team().faults(request.withPot(pot).withBall(ball).withCover(cover)).stream()
        .filter(
            fault ->
                fault.field().startsWith("pot.")
                    || fault.field().startsWith("ball.")
                    || fault.field().startsWith("cover."))
        .toList();
  }

  /** What the rules would refuse of a measured ball, at "ball." and the measure. */
  public List<Fault> ballFaults(UUID plant, AdviceRequest.Ball ball) {
    LocalDate today = clock.today();
    return books.team().faults(sound(gathered(plant, today), today).withBall(ball));
  }

  /** What the rules accept of the record. */
  private AdviceRequest sound(Gathered gathered, LocalDate today) {
    return books.team().kept(gathered.request(today, Units.METRIC)).request();
  }

  private List<StandingSign> standing(Gathered gathered) {
    return gathered.seen().values().stream()
        .map(
            seen ->
                new StandingSign(
                    seen.code(),
                    seen.state(),
                    seen.grade(),
                    seen.value(),
                    seen.on(),
                    cases.countsDays(seen.code()) > 0))
        .toList();
  }

  private static ArgumentView argument(Gathered gathered) {
    return new ArgumentView(
        gathered.openAsides(List.of()).stream()
            .map(a -> new AsideView(a.id(), a.sign(), a.reason(), a.always(), a.setOn(), a.who()))
            .toList(),
        gathered.overrule() == null
            ? null
            : new OverruleView(
                gathered.overrule().id(),
                gathered.overrule().action(),
                gathered.overrule().reason(),
                gathered.overrule().rulesAction(),
                gathered.overrule().setOn(),
                gathered.overrule().who()));
  }

  private MethodView method(Gathered gathered, AdviceRequest request) {
    MethodTable table = books.team().book().methods();
    List<ChoiceView> chosen = new ArrayList<>();
    gathered
        .method()
        .choices()
        .forEach(
            (key, choice) ->
                table
                    .question(key)
                    .ifPresent(
                        question ->
                            chosen.add(
                                new ChoiceView(
                                    key,
                                    question.title(),
                                    choice.option(),
                                    label(question, choice.option()),
                                    choice.level()))));
    List<TurnView> turns =
        remembered.turns(books.team(), request).stream()
            .map(
                turn -> {
                  MethodTable.Question question = table.question(turn.key()).orElseThrow();
                  PlantMethod.Choice now = gathered.method().choices().get(turn.key());
                  return new TurnView(
                      turn.key(),
                      question.title(),
                      now == null
                          ? question.options().get(0).label()
                          : label(question, now.option()),
                      now == null ? null : now.level(),
                      label(question, turn.option()),
                      turn.action(),
                      turn.urgency());
                })
            .toList();
    return new MethodView(chosen, turns);
  }

  private static String label(MethodTable.Question question, String option) {
    return question.options().stream()
        .filter(o -> o.code().equals(option))
        .map(MethodTable.Option::label)
        .findFirst()
        .orElse(option);
  }

  /**
   * What the advice would be with these signs and states; what lasts of earlier checks still counts
   * unless it was looked at again.
   *
   * @param states null where they stay as they are
   * @throws happysaucer.core.advice.RefusedException when these signs or states are faulty
   */
  public Advice preview(
      UUID plant,
      List<AdviceRequest.Sign> signs,
      @Nullable List<AdviceRequest.State> states,
      Units units) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Map<String, AdviceRequest.Sign> earlier = new LinkedHashMap<>();
    gathered
        .signs()
        .forEach(
            sign -> {
              if (cases.countsDays(Objects.requireNonNull(sign.code())) > 0) {
                earlier.put(sign.code(), sign);
              }
            });
    List<AdviceRequest.Sign> merged = new ArrayList<>();
    List<String> codes = new ArrayList<>();
    for (AdviceRequest.Sign sign : signs) {
      earlier.remove(sign.code());
      codes.add(sign.code());
      merged.add(sign);
    }
    // after those tapped, so that a fault names the place it was tapped at
    merged.addAll(earlier.values());
    AdviceRequest request =
        gathered.request(
            today,
            units,
            merged,
            states == null ? gathered.states() : states,
            gathered.openAsides(codes));
    return remembered.advise(
        books.team(),
        books
            .team()
            .kept(
                request,
                fault ->
                    (states != null && fault.field().startsWith("plant.states"))
                        || tapped(fault.field(), signs.size())));
  }

  /** Signs tapped just now stand first; their faults are for whoever tapped them. */
  private static boolean tapped(String field, int signs) {
    int end = field.indexOf(']');
    return field.startsWith(SIGNS)
        && end > 0
        && Integer.parseInt(field.substring(SIGNS.length(), end)) < signs;
  }

  /** The calls of plants at which a check has nothing to report: what lasts still counts. */
  public Map<UUID, Advice.Call> nothingToReport(Collection<UUID> plants) {
    LocalDate today = clock.today();
    Map<UUID, Advice.Call> calls = new LinkedHashMap<>();
    cases
        .gather(plants, today)
        .forEach(
            (id, gathered) -> {
              List<AdviceRequest.Sign> lasting =
                  gathered.signs().stream()
                      .filter(sign -> cases.countsDays(Objects.requireNonNull(sign.code())) > 0)
                      .toList();
              AdviceRequest request =
                  gathered.request(
                      today,
                      Units.METRIC,
                      lasting,
                      gathered.states(),
                      gathered.openAsides(List.of()));
              calls.put(id, books.team().glance(books.team().kept(request)).call());
            });
    return calls;
  }

  /** What the rules alone would say of a stored plant today. */
  public String rulesAction(UUID plant) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Advice.Call call = books.team().glance(sound(gathered, today)).call();
    return call.overruled() == null ? call.action() : call.overruled().action();
  }

  /**
   * What another choice of the method would change for one plant.
   *
   * @param option null takes back what the level chose
   */
  public List<Differences.Difference> methodEffect(
      UUID plant, String key, @Nullable String option, MethodLevel level, Units units) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Gathered other = gathered.withMethod(gathered.method().with(key, option, level));
    return Differences.between(
        books.team().advise(books.team().kept(bench.stocked(gathered.request(today, units)))),
        books.team().advise(books.team().kept(bench.stocked(other.request(today, units)))),
        units);
  }

  /**
   * How a stored plant's pot dries, and would in wider ones.
   *
   * @throws NotFoundException when there is no such plant
   */
  public DryDowns dryDowns(UUID plant, Units units) {
    LocalDate today = clock.today();
    return books
        .team()
        .dryDowns(
            gathered(plant, today).request(today, units),
            mapper.felt(plant, MOST_FELT).stream()
                .filter(row -> !row.code().equals("HEFT") || row.grade() != null)
                .map(
                    row ->
                        new DryDowns.Felt(
                            row.checkedOn(),
                            row.checkedOn().toEpochDay() - row.wateredOn().toEpochDay(),
                            row.code().equals("STAYS_WET") || "HEAVY".equals(row.grade())))
                .toList());
  }

  /** A plant whose plan another book would change, and in what. */
  public record PlanChange(
      UUID plantId,
      String label,
      String commonName,
      String place,
      List<Differences.Difference> differences) {}

  /** The plants among these whose days of water, call or repot other rules would change. */
  public List<PlanChange> plansChangedBy(Advise other, Collection<UUID> plants, Units units) {
    LocalDate today = clock.today();
    List<PlanChange> changes = new ArrayList<>();
    cases
        .gather(plants, today)
        .forEach(
            (id, gathered) -> {
              AdviceRequest request = bench.stocked(gathered.request(today, units));
              List<Differences.Difference> differences =
                  Differences.ofMedium(
                      books.team().advise(books.team().kept(request)),
                      other.advise(other.kept(request)),
                      units);
              if (!differences.isEmpty()) {
                StoredPlant plant = gathered.plant();
                changes.add(
                    new PlanChange(
                        id,
                        plant.label(),
                        plant.commonName(),
                        plant.siteName() + ", " + plant.spotName(),
                        differences));
              }
            });
    return changes;
  }

  /** A plant whose call another book would change. */
  public record CallChange(
      UUID plantId,
      String label,
      String commonName,
      String place,
      String actionBefore,
      String urgencyBefore,
      String actionAfter,
      String urgencyAfter) {}

  /** The plants among these whose call other rules would change, in the order of their places. */
  public List<CallChange> changedBy(Advise other, Collection<UUID> plants) {
    LocalDate today = clock.today();
    List<CallChange> changes = new ArrayList<>();
    cases
        .gather(plants, today)
        .forEach(
            (id, gathered) -> {
              AdviceRequest request = gathered.request(today, Units.METRIC);
              Advice.Call before = books.team().glance(books.team().kept(request)).call();
              Advice.Call after = other.glance(other.kept(request)).call();
              if (!before.action().equals(after.action())
                  || !before.urgency().equals(after.urgency())) {
                StoredPlant plant = gathered.plant();
                changes.add(
                    new CallChange(
                        id,
                        plant.label(),
                        plant.commonName(),
                        plant.siteName() + ", " + plant.spotName(),
                        before.action(),
                        before.urgency(),
                        after.action(),
                        after.urgency()));
              }
            });
    return changes;
  }

  private Gathered gathered(UUID plant, LocalDate today) {
    return cases.gather(plant, today);
  }
}
