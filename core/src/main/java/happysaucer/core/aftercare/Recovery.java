package happysaucer.core.aftercare;

import happysaucer.core.call.Action;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a plant stands in the weeks after its repot, and why. Points are rules of thumb: 100 is a
 * plant that is being lost.
 *
 * @param day 0 is the day of the work
 * @param points by which a watch is ordered
 * @param reasons what presses most first
 * @param now what to do about the sign that presses most; empty where there is none
 */
public record Recovery(
    int day, Level level, double points, List<Reason> reasons, Optional<Rescue> now) {
  public enum Level {
    CALM,
    WATCH,
    WORRY,
    ALARM
  }

  public record Reason(Message text, double points) {}

  /** After so many days the work itself is no cause of worry any more. */
  public static final int DAYS = 56;

  private static final double ALARM = 45;
  private static final double WORRY = 25;
  private static final double WATCH = 12;

  private static final double OTHER_SIGN = 8;
  private static final Map<SignCode, Double> SIGNS = signs();

  private static final double REPORT = 46;
  private static final double MISSED = 10;
  private static final double MISSED_A_DAY = 1.5;
  private static final double MISSED_MOST = 26;
  private static final double FIRST_WATER_UNKNOWN = 12;
  private static final double WET_TOO_SOON = 30;
  private static final double TOO_DRY_A_DAY = 3;
  private static final double TOO_DRY_MOST = 30;
  private static final double TOO_OFTEN = 24;
  private static final double AGAINST_THE_MODEL = 10;

  /** A pour comes late after so much of its interval. */
  private static final double LATE = 1.6;

  /** And soon before so much of it. */
  private static final double SOON = 0.55;

  private static final double DEEP = 22;
  private static final double CUT = 13;
  private static final double PARTED = 15;
  private static final double MANY_ROOTS = 8;
  private static final double MANY = 0.33;
  private static final double OUT_OF_SEASON = 8;

  /** One in six goes badly where nothing is known of a kind. */
  private static final double PRIOR_BAD = 1;

  private static final double PRIOR = 6;
  private static final double KIND = 50;
  private static final double KIND_MOST = 14;

  private static Map<SignCode, Double> signs() {
    Map<SignCode, Double> points = new EnumMap<>(SignCode.class);
    points.put(SignCode.STEM_SOFT_AT_BASE, 62.0);
    points.put(SignCode.ROOTS_ROTTEN, 55.0);
    points.put(SignCode.SOUR_SMELL, 52.0);
    points.put(SignCode.WILTS_WHEN_WET, 50.0);
    points.put(SignCode.STAYS_WET, 32.0);
    points.put(SignCode.TOPPLES, 36.0);
    points.put(SignCode.LEANS, 26.0);
    points.put(SignCode.LOOSE_IN_POT, 20.0);
    points.put(SignCode.WILTS_SOON_AFTER_WATERING, 24.0);
    points.put(SignCode.SHRIVELLED, 20.0);
    points.put(SignCode.LOWER_LEAVES_SHED, 16.0);
    points.put(SignCode.LEAVES_YELLOWING, 14.0);
    points.put(SignCode.STRESS_COLOUR, 14.0);
    points.put(SignCode.DRIES_TOO_FAST, 14.0);
    points.put(SignCode.ROOT_PESTS, 26.0);
    points.put(SignCode.SPIDER_MITES, 18.0);
    points.put(SignCode.MEALYBUG, 18.0);
    points.put(SignCode.SCALE, 16.0);
    points.put(SignCode.FUNGUS_GNATS, 10.0);
    points.put(SignCode.GROWTH_STALLED, 8.0);
    return points;
  }

  /** A sign that was seen after the work, with its grade where one was given. */
  public record Seen(SignCode sign, Optional<Grade> grade, LocalDate on) {}

  /** A step that is neither done nor left out. */
  public record Open(LocalDate to, boolean technician) {}

  /**
   * How the team's repots of this kind went before.
   *
   * @param bad set back or lost
   */
  public record Before(int all, int bad) {}

  /**
   * What is known of a plant after its repot.
   *
   * @param rootShare of its roots that went, 0 to 1
   * @param bareRooted its old medium was washed or shaken off
   * @param firstWaterOn as planned
   * @param poured days of the waterings since, the oldest first
   * @param everyDays between waterings by the plan of this week; empty where it asks for none
   * @param reports of whoever looks after it that nobody has answered
   */
  public record Facts(
      LocalDate today,
      LocalDate workedOn,
      Action action,
      double rootShare,
      boolean bareRooted,
      boolean outOfSeason,
      LocalDate firstWaterOn,
      List<LocalDate> poured,
      OptionalDouble everyDays,
      List<Open> steps,
      List<Seen> seen,
      List<ExpectedWet.Against> against,
      int reports,
      Before before) {
    int day() {
      return (int) ChronoUnit.DAYS.between(workedOn, today);
    }
  }

  public static Recovery of(Facts facts) {
    List<Reason> reasons = new ArrayList<>();
    signs(facts, reasons);
    reports(facts, reasons);
    missed(facts, reasons);
    water(facts, reasons);
    model(facts, reasons);
    depth(facts, reasons);
    kind(facts, reasons);
    reasons.sort(Comparator.comparingDouble(Reason::points).reversed());
    double points = reasons.stream().mapToDouble(Reason::points).sum();
    return new Recovery(
        facts.day(), level(points), points, List.copyOf(reasons), Rescue.of(facts, leading(facts)));
  }

  private static Level level(double points) {
    if (points >= ALARM) {
      return Level.ALARM;
    }
    if (points >= WORRY) {
      return Level.WORRY;
    }
    return points >= WATCH ? Level.WATCH : Level.CALM;
  }

  private static double points(Seen seen) {
    double graded =
        switch (seen.grade().orElse(Grade.CLEAR)) {
          case SLIGHT -> 0.6;
          case CLEAR -> 1;
          case SEVERE -> 1.25;
          default -> 1;
        };
    return SIGNS.getOrDefault(seen.sign(), OTHER_SIGN) * graded;
  }

  /** The sign that presses most, of those that are alarming after a repot. */
  private static Optional<Seen> leading(Facts facts) {
    return facts.seen().stream()
        .filter(seen -> SIGNS.containsKey(seen.sign()))
        .max(Comparator.comparingDouble(Recovery::points));
  }

  /** Whether a sign says something of how a repot went. */
  public static boolean tells(SignCode sign) {
    return SIGNS.containsKey(sign);
  }

  /** Several signs of one trouble are not several troubles: each further one counts half. */
  private static void signs(Facts facts, List<Reason> reasons) {
    List<Seen> seen =
        facts.seen().stream()
            .filter(each -> SIGNS.containsKey(each.sign()))
            .sorted(Comparator.comparingDouble((Seen each) -> points(each)).reversed())
            .toList();
    double share = 1;
    for (Seen each : seen) {
      reasons.add(
          new Reason(
              Message.of("recovery.sign." + each.sign().name(), each.on()), points(each) * share));
      share /= 2;
    }
  }

  private static void reports(Facts facts, List<Reason> reasons) {
    if (facts.reports() > 0) {
      reasons.add(new Reason(Message.of("recovery.report"), REPORT));
    }
  }

  private static void missed(Facts facts, List<Reason> reasons) {
    facts.steps().stream()
        .filter(step -> step.technician() && step.to().isBefore(facts.today()))
        .map(Open::to)
        .min(Comparator.naturalOrder())
        .ifPresent(
            due -> {
              long late = ChronoUnit.DAYS.between(due, facts.today());
              reasons.add(
                  new Reason(
                      Message.of("recovery.missed", due),
                      Math.min(MISSED_MOST, MISSED + MISSED_A_DAY * late)));
            });
  }

  private static void water(Facts facts, List<Reason> reasons) {
    LocalDate first = facts.firstWaterOn();
    Optional<LocalDate> tooSoon =
        facts.poured().stream()
            .filter(on -> on.isAfter(facts.workedOn()) && on.isBefore(first))
            .findFirst();
    if (tooSoon.isPresent()) {
      reasons.add(
          new Reason(Message.of("recovery.wetTooSoon", tooSoon.get(), first), WET_TOO_SOON));
    }
    List<LocalDate> since = facts.poured().stream().filter(on -> !on.isBefore(first)).toList();
    if (since.isEmpty()) {
      if (first.plusDays(2).isBefore(facts.today())) {
        reasons.add(new Reason(Message.of("recovery.waterUnknown", first), FIRST_WATER_UNKNOWN));
      }
      return;
    }
    if (facts.everyDays().isEmpty()) {
      return;
    }
    double every = facts.everyDays().getAsDouble();
    LocalDate last = since.get(since.size() - 1);
    long ago = ChronoUnit.DAYS.between(last, facts.today());
    if (ago > every * LATE + 1) {
      reasons.add(
          new Reason(
              Message.of("recovery.tooDry", (int) ago, (int) Math.round(every)),
              Math.min(TOO_DRY_MOST, MISSED + TOO_DRY_A_DAY * (ago - every * LATE))));
    }
    if (since.size() > 1) {
      long between = ChronoUnit.DAYS.between(since.get(since.size() - 2), last);
      if (between < every * SOON) {
        reasons.add(
            new Reason(
                Message.of("recovery.tooOften", (int) between, (int) Math.round(every)),
                TOO_OFTEN));
      }
    }
  }

  private static void model(Facts facts, List<Reason> reasons) {
    facts.against().stream()
        .reduce((a, b) -> b)
        .ifPresent(
            last ->
                reasons.add(
                    new Reason(
                        last.wetter()
                            ? Message.of("recovery.wetter", last.on())
                            : Message.of("recovery.drier", last.on()),
                        AGAINST_THE_MODEL)));
  }

  /** It fades as new roots grow. */
  private static void depth(Facts facts, List<Reason> reasons) {
    double fades = Math.max(0, 1 - facts.day() / (double) DAYS);
    double points =
        switch (facts.action()) {
          case ROT_RESCUE, PEST_CLEAN -> DEEP;
          case DIVIDE, BREAK_OUT -> PARTED;
          case ROOT_PRUNE_SAME_POT, POT_DOWN -> CUT;
          default -> facts.bareRooted() ? DEEP : 0;
        };
    if (facts.rootShare() > MANY) {
      points += MANY_ROOTS;
    }
    if (points * fades >= 1) {
      reasons.add(new Reason(Message.of("recovery.deep"), points * fades));
    }
    if (facts.outOfSeason() && fades > 0) {
      reasons.add(new Reason(Message.of("recovery.outOfSeason"), OUT_OF_SEASON * fades));
    }
  }

  private static void kind(Facts facts, List<Reason> reasons) {
    Before before = facts.before();
    double rate = (before.bad() + PRIOR_BAD) / (before.all() + PRIOR);
    double points = Math.min(KIND_MOST, KIND * (rate - PRIOR_BAD / PRIOR));
    if (points >= 1) {
      reasons.add(new Reason(Message.of("recovery.kind", before.bad(), before.all()), points));
    }
  }
}
