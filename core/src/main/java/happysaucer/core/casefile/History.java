package happysaucer.core.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is on record of the plant from before this case.
 *
 * @param pours waterings that were measured, oldest first
 * @param measures earlier values of signs, of {@link #HEIGHT} in mm, or {@link #WEIGHED} in g,
 *     oldest first
 */
public record History(List<Pour> pours, List<Measured> measures) {
  public static final String HEIGHT = "HEIGHT";

  /** The planted pot on the scales, g. */
  public static final String WEIGHED = "WEIGHED";

  public static final History NONE = new History(List.of(), List.of());

  public History {
    pours = pours.stream().sorted(Comparator.comparing(Pour::date)).toList();
    measures = measures.stream().sorted(Comparator.comparing(Measured::date)).toList();
  }

  /**
   * One watering at the refill point.
   *
   * @param days since the watering before
   * @param keptLitres poured less what ran out below
   */
  public record Pour(LocalDate date, double days, double keptLitres) {
    /** The watering before it. */
    public LocalDate since() {
      return date.minusDays((long) days);
    }
  }

  public record Measured(LocalDate date, String code, double value) {}

  /** Those whose whole interval lies after a day, oldest first; all where no day is given. */
  public List<Pour> poursSince(Optional<LocalDate> day) {
    return pours.stream()
        .filter(pour -> day.isEmpty() || !pour.since().isBefore(day.get()))
        .toList();
  }

  /** Values of one measure after a day, oldest first; all of them where no day is given. */
  public List<Double> since(String code, Optional<LocalDate> day) {
    List<Double> values = new ArrayList<>();
    for (Measured measured : measures) {
      if (measured.code().equals(code) && (day.isEmpty() || !measured.date().isBefore(day.get()))) {
        values.add(measured.value());
      }
    }
    return values;
  }
}
