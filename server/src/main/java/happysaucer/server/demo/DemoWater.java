package happysaucer.server.demo;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.season.Season;
import happysaucer.server.advice.Books;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How a demo plant's pot dries by the model: its past waterings follow it, with noise. */
@Component
class DemoWater {
  private static final double UNKNOWN_DAYS = 20;
  private static final double LEAST_LITRES = 0.05;
  private static final int HOLES = 4;

  private final Books books;

  DemoWater(Books books) {
    this.books = books;
  }

  /**
   * How long a pot lasts on any day: what its plant drinks goes with the light, what dries off its
   * surface and walls does not.
   *
   * @param drunk share of a pour drunk on a day of twelve hours of light
   * @param dried share of a pour that dries off, a day
   * @param litres what is spent when it wants water
   */
  record Lasting(double latitude, double drunk, double dried, double litres) {
    double days(LocalDate on) {
      return Math.max(1, 1 / (drunk * Season.growth(latitude, on) + dried));
    }
  }

  Lasting lasting(Map<String, String> row, double latitude, LocalDate today) {
    LocalDate other = otherSeason(latitude, today);
    Advice.Drying now = drying(row, latitude, today);
    double growth = Season.growth(latitude, today);
    double share = 1 / days(now);
    double drunk =
        (share - 1 / days(drying(row, latitude, other)))
            / (growth - Season.growth(latitude, other));
    drunk = Math.max(0, Math.min(share / growth, drunk));
    return new Lasting(
        latitude, drunk, share - drunk * growth, Math.max(LEAST_LITRES, now.litres()));
  }

  private static double days(Advice.Drying drying) {
    return Objects.requireNonNullElse(drying.daysToRefill(), UNKNOWN_DAYS);
  }

  /** Midsummer or midwinter, whichever is less like today. */
  private static LocalDate otherSeason(double latitude, LocalDate today) {
    LocalDate june = LocalDate.of(today.getYear(), 6, 21);
    LocalDate december = LocalDate.of(today.getYear(), 12, 21);
    double now = Season.growth(latitude, today);
    return Math.abs(Season.growth(latitude, june) - now)
            > Math.abs(Season.growth(latitude, december) - now)
        ? june
        : december;
  }

  private Advice.Drying drying(Map<String, String> row, double latitude, LocalDate on) {
    AdviceRequest request =
        new AdviceRequest(
            on,
            new AdviceRequest.Site(latitude, false, null),
            new AdviceRequest.Spot(row.get("light")),
            new AdviceRequest.Plant(
                row.get("species"),
                null,
                measure(row, "heightMm"),
                measure(row, "spreadMm"),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null),
            new AdviceRequest.Pot(
                null,
                row.get("shape"),
                row.get("material"),
                measure(row, "potTopMm"),
                measure(row, "potBaseMm"),
                measure(row, "potDepthMm"),
                null,
                measure(row, "potHeightMm"),
                measure(row, "mouthMm"),
                null,
                null,
                HOLES,
                null,
                null,
                null),
            null,
            null,
            null,
            List.of(),
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    return books.team().advise(request).water().before();
  }

  /** A cell of the demo's table; null where it is empty. */
  static @Nullable Double measure(Map<String, String> row, String column) {
    return row.get(column).isEmpty() ? null : Double.valueOf(row.get(column));
  }
}
