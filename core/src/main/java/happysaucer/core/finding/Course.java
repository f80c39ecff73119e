package happysaucer.core.finding;

import happysaucer.core.casefile.History;
import happysaucer.core.sign.SignCode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * How one measure of a plant went over its visits, oldest first.
 *
 * @param code what was measured
 * @param points oldest first
 * @param worsens whether it has got steadily worse since the last repot
 */
public record Course(Code code, List<Point> points, boolean worsens) {
  /** Intervals of this many days or more are holidays or gaps in the record. */
  private static final double MOST_DAYS = 120;

  /** Of a plant watered more than a litre or less, this much of a pour is noise. */
  private static final double LEAST_POUR = 0.02;

  /** What is drawn, with its unit and whether it worsens by rising. */
  public enum Code {
    /** Days between waterings as they would be at today's day length. */
    WATERING_INTERVAL("days", false),
    SOAK_IN("s", true),
    RETAINED_SHARE("share", false),
    HEIGHT("mm", false),
    LEAVES_SHED("leaves", true),
    LEAN("degrees", true);

    private final String unit;
    private final boolean worseRising;

    Code(String unit, boolean worseRising) {
      this.unit = unit;
      this.worseRising = worseRising;
    }

    public String unit() {
      return unit;
    }
  }

  public record Point(LocalDate date, double value) {}

  /** One watering as it stands in the record, L. */
  public record Watering(LocalDate date, double litres, double runOffLitres) {}

  /**
   * All courses that have at least two points.
   *
   * @param waterings in any order
   * @param measures values of signs or of {@link History#HEIGHT}, in any order
   */
  public static List<Course> of(
      ToDoubleFunction<LocalDate> thirst,
      LocalDate today,
      Optional<LocalDate> lastRepotted,
      List<Watering> waterings,
      List<History.Measured> measures) {
    List<Watering> pours = new ArrayList<>(waterings);
    pours.sort(Comparator.comparing(Watering::date));
    List<Course> courses = new ArrayList<>();
    add(courses, Code.WATERING_INTERVAL, intervals(thirst, today, pours), lastRepotted);
    add(courses, Code.SOAK_IN, measured(measures, SignCode.WATER_POOLS.name()), lastRepotted);
    add(courses, Code.RETAINED_SHARE, retained(pours), lastRepotted);
    add(courses, Code.HEIGHT, measured(measures, History.HEIGHT), lastRepotted);
    add(
        courses,
        Code.LEAVES_SHED,
        measured(measures, SignCode.LOWER_LEAVES_SHED.name()),
        lastRepotted);
    add(courses, Code.LEAN, measured(measures, SignCode.LEANS.name()), lastRepotted);
    return courses;
  }

  private static void add(
      List<Course> courses, Code code, List<Point> points, Optional<LocalDate> lastRepotted) {
    if (points.size() < 2) {
      return;
    }
    double[] since =
        points.stream()
            .filter(p -> lastRepotted.isEmpty() || !p.date().isBefore(lastRepotted.get()))
            .mapToDouble(Point::value)
            .toArray();
    boolean noisy = code == Code.WATERING_INTERVAL || code == Code.RETAINED_SHARE;
    boolean worsens =
        code != Code.HEIGHT && Trends.worsens(noisy ? thirds(since) : since, code.worseRising);
    courses.add(new Course(code, points, worsens));
  }

  /** A long noisy series by the means of its thirds. */
  private static double[] thirds(double[] values) {
    if (values.length < 6) {
      return new double[0];
    }
    double[] means = new double[3];
    for (int third = 0; third < 3; third++) {
      int from = values.length * third / 3;
      int to = values.length * (third + 1) / 3;
      double sum = 0;
      for (int i = from; i < to; i++) {
        sum += values[i];
      }
      means[third] = sum / (to - from);
    }
    return means;
  }

  /** Each interval times thirst in its own season over thirst today: a dark month counts less. */
  private static List<Point> intervals(
      ToDoubleFunction<LocalDate> thirst, LocalDate today, List<Watering> pours) {
    double now = thirst.applyAsDouble(today);
    List<Point> points = new ArrayList<>();
    for (int i = 1; i < pours.size(); i++) {
      LocalDate date = pours.get(i).date();
      double days = ChronoUnit.DAYS.between(pours.get(i - 1).date(), date);
      if (days > 0 && days < MOST_DAYS) {
        LocalDate middle = date.minusDays(Math.round(days / 2));
        points.add(new Point(date, days * thirst.applyAsDouble(middle) / now));
      }
    }
    return points;
  }

  private static List<Point> retained(List<Watering> pours) {
    List<Point> points = new ArrayList<>();
    for (Watering pour : pours) {
      if (pour.litres() > LEAST_POUR && pour.runOffLitres() > 0) {
        points.add(new Point(pour.date(), 1 - pour.runOffLitres() / pour.litres()));
      }
    }
    return points;
  }

  private static List<Point> measured(List<History.Measured> measures, String code) {
    return measures.stream()
        .filter(measured -> measured.code().equals(code))
        .sorted(Comparator.comparing(History.Measured::date))
        .map(measured -> new Point(measured.date(), measured.value()))
        .toList();
  }
}
