package happysaucer.server.visit;

import happysaucer.core.advice.Fault;
import happysaucer.core.photo.PhotoScale;
import happysaucer.core.photo.PhotoScale.Point;
import happysaucer.core.photo.PhotoScale.Reading;
import happysaucer.core.pot.Pot;
import happysaucer.server.advice.PlantPots;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Measures of a plant from what was tapped on a photo; the photo itself stays where it is. */
@Service
class PhotoMeasuring {
  private final PlantPots pots;

  PhotoMeasuring(PlantPots pots) {
    this.pots = pots;
  }

  /** A place on the photo, in its own points from the upper left corner. */
  record Tap(@NotNull(message = "Give x.") Double x, @NotNull(message = "Give y.") Double y) {
    Point point() {
      return new Point(x, y);
    }
  }

  /**
   * @param photoWidth points
   * @param rimMm between the two ends of the rim; null for what the record says of the pot
   * @param top of the plant
   * @param left of what spreads furthest to the left
   * @param foot of the stem
   * @param tip of the stem
   * @param from of any other width
   */
  record TapsRequest(
      @NotNull(message = "Give the width of the photo.")
          @DecimalMin(value = "50", message = "Must be at least 50 points.")
          @DecimalMax(value = "100000", message = "Must be at most 100000 points.")
          Double photoWidth,
      @NotNull(message = "Give the height of the photo.")
          @DecimalMin(value = "50", message = "Must be at least 50 points.")
          @DecimalMax(value = "100000", message = "Must be at most 100000 points.")
          Double photoHeight,
      @Nullable
          @DecimalMin(value = "20", message = "Must be at least 20 mm.")
          @DecimalMax(value = "3000", message = "Must be at most 3 m.")
          Double rimMm,
      @NotNull(message = "Tap one end of the rim.") @Valid Tap rimLeft,
      @NotNull(message = "Tap the other end of the rim.") @Valid Tap rimRight,
      @Nullable @Valid Tap top,
      @Nullable @Valid Tap left,
      @Nullable @Valid Tap right,
      @Nullable @Valid Tap foot,
      @Nullable @Valid Tap tip,
      @Nullable @Valid Tap from,
      @Nullable @Valid Tap to) {}

  /**
   * Lengths in mm, the lean in degrees; null where it was not tapped.
   *
   * @param rimMm by which it was measured
   * @param ofCover the rim that is seen is the cover's
   * @param height above the medium
   */
  record TapMeasures(
      double rimMm,
      boolean ofCover,
      @Nullable Reading height,
      @Nullable Reading spread,
      @Nullable Reading lean,
      @Nullable Reading width) {}

  @Transactional(readOnly = true)
  TapMeasures of(UUID plant, TapsRequest taps) {
    PlantPots.Standing standing =
        pots.of(plant).orElseThrow(() -> new NotFoundException("There is no such plant in care."));
    Pot pot = standing.pot();
    Double cover = standing.coverTopMm();
    double rim = taps.rimMm() != null ? taps.rimMm() : cover != null ? cover : pot.outsideMm();
    List<Fault> faults = new ArrayList<>();
    PhotoScale scale =
        read(
            faults,
            "rimRight",
            () ->
                new PhotoScale(
                    taps.photoWidth(),
                    taps.photoHeight(),
                    taps.rimLeft().point(),
                    taps.rimRight().point(),
                    rim));
    if (scale == null) {
      throw new InputException(faults);
    }
    Tap top = taps.top();
    TapMeasures measures =
        new TapMeasures(
            rim,
            cover != null,
            top == null
                ? null
                : read(faults, "top", () -> scale.height(top.point(), pot.rimGapMm())),
            pair(faults, "right", taps.left(), taps.right(), scale::across),
            pair(faults, "tip", taps.foot(), taps.tip(), scale::lean),
            pair(faults, "to", taps.from(), taps.to(), scale::between));
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    return measures;
  }

  private interface Measure {
    Reading of(Point one, Point other);
  }

  private static @Nullable Reading pair(
      List<Fault> faults, String field, @Nullable Tap one, @Nullable Tap other, Measure measure) {
    return one == null || other == null
        ? null
        : read(faults, field, () -> measure.of(one.point(), other.point()));
  }

  private static <T> @Nullable T read(List<Fault> faults, String field, Supplier<T> reading) {
    try {
      return reading.get();
    } catch (IllegalArgumentException e) {
      faults.add(new Fault(field, e.getMessage(), null));
      return null;
    }
  }

  @RestController
  static class PhotoMeasuringController {
    private final PhotoMeasuring measuring;

    PhotoMeasuringController(PhotoMeasuring measuring) {
      this.measuring = measuring;
    }

    @PostMapping("/api/plants/{id}/photo-measures")
    TapMeasures measure(@PathVariable UUID id, @RequestBody TapsRequest taps) {
      return measuring.of(id, taps);
    }
  }
}
