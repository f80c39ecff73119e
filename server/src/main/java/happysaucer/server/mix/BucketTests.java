package happysaucer.server.mix;

import happysaucer.core.medium.BucketTest;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.server.mix.MediumMapper.TestRow;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Bucket tests of a mix: what each says, and all of one recipe together. */
public final class BucketTests {
  private static final int POINTS = 13;
  private static final double MM_PER_CM = 10;

  private BucketTests() {}

  /**
   * A vessel of known shape, filled, saturated from below, drained and weighed.
   *
   * @param dryG of the medium alone, oven or sun dry
   * @param wetG of the medium alone, drained
   * @param drainedLitres that ran out below
   */
  public record BucketTestRequest(
      @NotNull(message = "Give the inside width of the vessel at the top.")
          @DecimalMin(value = "60", message = "60 to 600 mm.")
          @DecimalMax(value = "600", message = "60 to 600 mm.")
          Double topMm,
      @NotNull(message = "Give its inside width at the base.")
          @DecimalMin(value = "40", message = "40 to 600 mm.")
          @DecimalMax(value = "600", message = "40 to 600 mm.")
          Double baseMm,
      @NotNull(message = "Give the depth of the medium in it.")
          @DecimalMin(value = "40", message = "40 to 800 mm.")
          @DecimalMax(value = "800", message = "40 to 800 mm.")
          Double heightMm,
      @NotNull(message = "Weigh it dry.")
          @DecimalMin(value = "1", message = "1 to 500000 g.")
          @DecimalMax(value = "500000", message = "1 to 500000 g.")
          Double dryG,
      @NotNull(message = "Weigh it drained.")
          @DecimalMin(value = "1", message = "1 to 500000 g.")
          @DecimalMax(value = "500000", message = "1 to 500000 g.")
          Double wetG,
      @NotNull(message = "Measure what ran out.")
          @DecimalMin(value = "0", message = "0 to 300 L.")
          @DecimalMax(value = "300", message = "0 to 300 L.")
          Double drainedLitres,
      @NotNull(message = "Say how long it drained.")
          @Min(value = 1, message = "1 to 2880 minutes.")
          @Max(value = 2880, message = "1 to 2880 minutes.")
          Integer drainedMinutes,
      @NotNull(message = "Send a note, empty if there is none.")
          @Size(max = 400, message = "At most 400 letters.")
          String note) {}

  /**
   * @param counts it was made with the recipe of today
   * @param capacity water held, share of the vessel
   * @param airFilled what ran out, share of the vessel
   * @param alphaPerCm air entry that meets it; null where the figures cannot be right for the
   *     ingredients as they are now
   */
  record BucketTestView(
      UUID id,
      LocalDate testedOn,
      double topMm,
      double baseMm,
      double heightMm,
      double dryG,
      double wetG,
      double drainedLitres,
      int drainedMinutes,
      String note,
      String who,
      String recipe,
      boolean counts,
      double capacity,
      double airFilled,
      @Nullable Double alphaPerCm) {}

  /**
   * @param mm above the floor of the vessel
   * @param estimated water by the ingredients, share of volume
   * @param fitted by the tests
   */
  record BucketFitPoint(double mm, double estimated, double fitted) {}

  /**
   * All tests of the recipe together, in the vessel of the newest.
   *
   * @param estimatedAir in it by the ingredients
   * @param measuredAir by the fit
   * @param airFrom least of the single tests, each in its own vessel
   */
  record BucketFit(
      double heightMm,
      double saturated,
      double alphaPerCm,
      double estimatedAir,
      double measuredAir,
      double airFrom,
      double airTo,
      int tests,
      List<BucketFitPoint> points) {}

  /** Recipes are the same whatever the order and the size of their parts. */
  static String recipe(Mix mix) {
    return mix.parts().stream()
        .sorted(Comparator.comparing(part -> part.ingredient().code()))
        .map(
            part ->
                part.ingredient().code()
                    + " "
                    + Math.round(part.parts() / mix.totalParts() * 1000) / 1000.0)
        .collect(Collectors.joining("; "));
  }

  static Frustum vessel(double topMm, double baseMm, double heightMm) {
    return Frustum.round(topMm, baseMm, heightMm);
  }

  static BucketTestView view(TestRow row, Mix mix) {
    Frustum vessel = vessel(row.topMm(), row.baseMm(), row.heightMm());
    return new BucketTestView(
        row.id(),
        row.testedOn(),
        row.topMm(),
        row.baseMm(),
        row.heightMm(),
        row.dryG(),
        row.wetG(),
        row.drainedLitres(),
        row.drainedMinutes(),
        row.note(),
        row.who(),
        row.recipe(),
        row.recipe().equals(recipe(mix)),
        BucketTest.capacity(vessel, row.wetG(), row.dryG()),
        row.drainedLitres() / vessel.litres(),
        fitted(row, mix).map(Retention::alphaPerCm).orElse(null));
  }

  private static Optional<Retention> fitted(TestRow row, Mix mix) {
    try {
      return Optional.of(
          BucketTest.fit(
              mix.estimate(),
              vessel(row.topMm(), row.baseMm(), row.heightMm()),
              row.drainedLitres(),
              row.wetG(),
              row.dryG()));
    } catch (IllegalArgumentException e) {
      // its ingredients hold more now than was weighed then
      return Optional.empty();
    }
  }

  /** What the tests of today's recipe say; empty when there are none. */
  static Optional<Mix.Measured> measured(List<TestRow> tests, Mix mix) {
    String now = recipe(mix);
    List<Retention> fits = new ArrayList<>();
    for (TestRow row : tests) {
      if (row.mix().equals(mix.code()) && row.recipe().equals(now)) {
        fitted(row, mix).ifPresent(fits::add);
      }
    }
    return fits.isEmpty() ? Optional.empty() : Optional.of(BucketTest.together(fits));
  }

  /**
   * @param tests of this mix, newest first
   */
  static @Nullable BucketFit fit(List<BucketTestView> tests, Mix mix) {
    List<BucketTestView> counting =
        tests.stream().filter(test -> test.counts() && test.alphaPerCm() != null).toList();
    if (counting.isEmpty() || mix.measured().isEmpty()) {
      return null;
    }
    BucketTestView newest = counting.get(0);
    Frustum vessel = vessel(newest.topMm(), newest.baseMm(), newest.heightMm());
    Retention estimate = mix.estimate();
    Retention fitted = mix.retention();
    List<BucketFitPoint> points = new ArrayList<>();
    for (int i = 0; i < POINTS; i++) {
      double mm = newest.heightMm() * i / (POINTS - 1);
      points.add(
          new BucketFitPoint(mm, estimate.theta(mm / MM_PER_CM), fitted.theta(mm / MM_PER_CM)));
    }
    return new BucketFit(
        newest.heightMm(),
        fitted.saturated(),
        fitted.alphaPerCm(),
        estimate.airFilled(vessel),
        fitted.airFilled(vessel),
        counting.stream().mapToDouble(BucketTestView::airFilled).min().orElse(0),
        counting.stream().mapToDouble(BucketTestView::airFilled).max().orElse(0),
        counting.size(),
        points);
  }
}
