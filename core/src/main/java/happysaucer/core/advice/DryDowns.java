package happysaucer.core.advice;

import static happysaucer.core.unit.Rounding.outgoing;

import happysaucer.core.aftercare.AftercareRules;
import happysaucer.core.casefile.Case;
import happysaucer.core.pot.Pot;
import happysaucer.core.repot.Candidate;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.Course;
import happysaucer.core.water.Drying;
import happysaucer.core.water.Learned;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * How a plant's pot dries, to be seen: as it is, and in wider and wider pots just planted and
 * rooted through. Shares are of what each store holds when drained, days since watering.
 *
 * @param seen its own waterings and weights, to be held against the curve
 * @param felt how wet it felt at checks in this pot
 * @param widths from its own width on, narrowest first; none where its kind stands over water
 * @param refillLeft share of the reachable water at which its kind wants more
 * @param ringWetStands days of wet fresh medium that its kind stands without a remark
 * @param workDay day for which the planted pots are reckoned
 */
public record DryDowns(
    DryCurve now,
    List<DrySeen> seen,
    List<FeltWet> felt,
    List<PotWidth> widths,
    double refillLeft,
    double ringWetStands,
    LocalDate workDay,
    List<DryLesson> lessons,
    double uncertaintyNext) {
  /** A pot as the trade has it: its base and its depth, of its width. */
  private static final double BASE = 0.76;

  private static final double DEPTH = 0.92;

  private static final int HOLES = 4;

  /** Widths that are compared, and how much wider each is, of the present one. */
  private static final int WIDTHS = 12;

  private static final double WIDER = 0.07;
  private static final double ROUND_MM = 5;

  /**
   * @param ring null where there is no fresh medium
   * @param left of all that its roots can reach
   */
  public record DryPoint(double day, double ball, @Nullable Double ring, double top, double left) {}

  /**
   * @param daysToRefill null when not reached within the horizon; just potted with its roots whole,
   *     at most a third longer than before, since the old ball asks for it
   * @param daysToRefillFrom lower end of its range
   * @param daysAirless days with hardly any air in the pot
   * @param daysRingWet days until half of the fresh medium's water is gone; null where there is
   *     none
   * @param litres from full to the refill point
   */
  public record DryCurve(
      List<DryPoint> points,
      @Nullable Double daysToRefill,
      @Nullable Double daysToRefillFrom,
      @Nullable Double daysToRefillTo,
      @Nullable Double daysAirless,
      @Nullable Double daysRingWet,
      double litresPerDay,
      double litres) {}

  /**
   * @param from WATERED or WEIGHED
   * @param days since the watering before
   * @param daysToday in which it would be as dry by today's light, to be held against the curve
   * @param left share of its water, as found
   */
  public record DrySeen(String from, LocalDate on, double days, double daysToday, double left) {}

  /**
   * How wet a pot felt.
   *
   * @param days since the watering before
   * @param wet heavy in the hand, or wet after days; else light, or dry at its core
   */
  public record Felt(LocalDate on, double days, boolean wet) {}

  /**
   * @param daysToday as of what was measured
   */
  public record FeltWet(LocalDate on, double days, double daysToday, boolean wet) {}

  /**
   * @param material that of the present pot
   * @param ballShare ball, share of what is filled
   * @param air in the drained mix, share of volume
   * @param passes the rules would take it
   * @param best they would take it before the others
   * @param words why not, and what is said of it
   */
  public record PotWidth(
      double topMm,
      double heightMm,
      String material,
      double ballShare,
      double air,
      String mixLabel,
      boolean passes,
      boolean best,
      DryCurve first,
      DryCurve settled,
      List<Said> words) {}

  /**
   * @param from TABLE, WATERED or WEIGHED
   * @param litresPerDay that it says by itself, on a day of twelve hours of light
   * @param believed it is near enough to what such a plant can drink
   * @param knows what is made of it and all before
   * @param uncertainty half width of the range then, share
   */
  public record DryLesson(
      String from,
      @Nullable LocalDate on,
      double litresPerDay,
      boolean believed,
      double knows,
      double uncertainty) {}

  /** Pots of rising width to ask about, from the present one on, made of what it is made of. */
  static List<AdviceRequest.Pot> pots(Pot present) {
    double presentTopMm = present.topMm();
    List<AdviceRequest.Pot> pots = new ArrayList<>();
    double before = 0;
    for (int i = 0; i < WIDTHS; i++) {
      double top =
          Math.max(
              before + ROUND_MM, Math.round(presentTopMm * (1 + WIDER * i) / ROUND_MM) * ROUND_MM);
      before = top;
      pots.add(
          new AdviceRequest.Pot(
              "w-" + i,
              "STANDARD",
              present.material().name(),
              top,
              top * BASE,
              null,
              null,
              top * DEPTH,
              null,
              null,
              null,
              HOLES,
              null,
              null,
              null));
    }
    return pots;
  }

  /**
   * @param plan of a repot into such pots; null where its kind stands over water
   */
  static DryDowns of(Case c, WaterModel water, @Nullable RepotPlan plan, List<Felt> felt) {
    Wording wording = new Wording(c.units());
    List<PotWidth> widths = new ArrayList<>();
    if (plan != null) {
      OptionalDouble longest =
          AftercareRules.longestAtFirst(
              c, plan.rootWork().cutAnything(), water.before(), plan.workDay());
      plan.candidates().stream()
          .sorted(Comparator.comparingDouble(candidate -> candidate.pot().topMm()))
          .forEach(candidate -> widths.add(width(candidate, water, plan, longest, wording)));
    }
    Learned learned = water.learned();
    return new DryDowns(
        curve(water.courseNow(), OptionalDouble.empty()),
        water.found().stream()
            .map(
                seen ->
                    new DrySeen(
                        seen.from().name(),
                        seen.on(),
                        outgoing(seen.days()),
                        outgoing(seen.daysToday()),
                        outgoing(seen.left())))
            .toList(),
        felt.stream()
            .map(
                one ->
                    new FeltWet(
                        one.on(),
                        one.days(),
                        outgoing(water.daysToday(one.on(), one.days())),
                        one.wet()))
            .toList(),
        widths,
        outgoing(1 - c.plant().refill().spentShare()),
        outgoing(c.plant().traits().daysRingWetStood(c.pot().topMm())),
        plan == null ? c.date() : plan.workDay(),
        learned.lessons().stream().map(DryDowns::lesson).toList(),
        outgoing(learned.next()));
  }

  private static PotWidth width(
      Candidate candidate,
      WaterModel water,
      RepotPlan plan,
      OptionalDouble longest,
      Wording wording) {
    WaterModel.Bed bed = candidate.bed(water);
    List<Said> words = new ArrayList<>();
    candidate.failures().forEach(failure -> words.add(wording.say(failure.text())));
    candidate.remarks().forEach(remark -> words.add(wording.say(remark.text())));
    return new PotWidth(
        candidate.pot().topMm(),
        candidate.pot().heightMm(),
        candidate.pot().material().name(),
        outgoing(candidate.fit().ballShare()),
        outgoing(candidate.mix().airFilled()),
        candidate.mix().mix().label(),
        candidate.passes(),
        candidate.rank().isPresent() && candidate.rank().getAsInt() == 1,
        curve(water.courseFirst(bed, plan.workDay(), plan.rootWork().activity()), longest),
        curve(water.courseSettled(bed, plan.workDay()), OptionalDouble.empty()),
        words);
  }

  private static DryLesson lesson(Learned.Lesson lesson) {
    return new DryLesson(
        lesson.from().name(),
        lesson.on().orElse(null),
        outgoing(lesson.litresPerDay()),
        lesson.believed(),
        outgoing(lesson.knows()),
        outgoing(lesson.uncertainty()));
  }

  /**
   * @param longest no interval is longer, empty where nothing bounds it
   */
  private static DryCurve curve(Course course, OptionalDouble longest) {
    Drying drying = course.drying();
    OptionalDouble days = bounded(drying.daysToRefill(), 1, longest);
    return new DryCurve(
        course.points().stream()
            .map(
                point ->
                    new DryPoint(
                        outgoing(point.day()),
                        outgoing(point.ball()),
                        outgoing(point.ring()),
                        outgoing(point.top()),
                        outgoing(Math.max(0, point.left()))))
            .toList(),
        outgoing(days),
        outgoing(bounded(drying.daysToRefill(), 1 - drying.uncertainty(), longest)),
        outgoing(bounded(drying.daysToRefill(), 1 + drying.uncertainty(), longest)),
        outgoing(drying.daysAirless()),
        outgoing(drying.daysRingWet()),
        outgoing(drying.litresPerDay()),
        outgoing(drying.pourLitres()));
  }

  private static OptionalDouble bounded(
      OptionalDouble days, double factor, OptionalDouble longest) {
    if (days.isEmpty()) {
      return longest;
    }
    return OptionalDouble.of(
        Math.min(days.getAsDouble() * factor, longest.orElse(Double.MAX_VALUE)));
  }
}
