package happysaucer.server.demo;

import happysaucer.core.advice.AdviceRequest;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a demo plant has been through, and so what its last check shows. */
enum Story {
  HEALTHY,
  CROWDED,
  SEVERE_TODAY,
  DEFORMED,
  ROT_SEEN,
  SUSPECT,
  OVERWATERED,
  DRY,
  SPENT,
  SALTS,
  NO_HOLES,
  SURFACE_ROOTS,
  LOOKS_TIGHT,
  BUD,
  FLOWER,
  ARRIVED,
  URN,
  CLUMP,
  TOPPLES,
  NEW_CITRUS,
  AFTERCARE_FERN,
  AFTERCARE_ROT,
  AFTERCARE_HOLES,
  AFTERCARE_WILTS,
  AFTERCARE_GROWS,
  AFTERCARE_WET;

  private static final int SINCE_DAYS = 19;

  /** Days since its repot. */
  int sinceDays() {
    return switch (this) {
      case AFTERCARE_WILTS -> 12;
      case AFTERCARE_GROWS -> 31;
      case AFTERCARE_WET -> 9;
      default -> SINCE_DAYS - 2 * (ordinal() % 3);
    };
  }

  /** What was seen at a look after its repot. */
  List<AdviceRequest.Sign> signsAfter() {
    return switch (this) {
      case AFTERCARE_WILTS -> List.of(plain("WILTS_WHEN_WET"), valued("STAYS_WET", 10));
      case AFTERCARE_GROWS -> List.of(absent("GROWTH_STALLED"), absent("WILTS_WHEN_WET"));
      default -> List.of();
    };
  }

  /** Whoever waters it has a page and is reminded. */
  boolean isReminded() {
    return this == AFTERCARE_GROWS || this == AFTERCARE_WET;
  }

  boolean inAftercare() {
    return name().startsWith("AFTERCARE");
  }

  /** Waterings close up over the years in a pot that fills with roots. */
  double stretchAfterRepot() {
    return switch (this) {
      case CROWDED,
          SEVERE_TODAY,
          DEFORMED,
          AFTERCARE_FERN,
          AFTERCARE_WILTS,
          AFTERCARE_GROWS,
          AFTERCARE_WET,
          URN,
          CLUMP ->
          2.3;
      default -> 1.25;
    };
  }

  boolean withoutHoles() {
    return this == NO_HOLES || this == AFTERCARE_HOLES;
  }

  /** The state it is in now, with the days since it began. */
  AdviceRequest.@Nullable State state() {
    return switch (this) {
      case BUD -> new AdviceRequest.State("IN_BUD", null);
      case FLOWER -> new AdviceRequest.State("IN_FLOWER", null);
      case ARRIVED, NEW_CITRUS -> new AdviceRequest.State("ARRIVED", 8);
      default -> null;
    };
  }

  List<AdviceRequest.Sign> signs() {
    List<AdviceRequest.Sign> signs = new ArrayList<>();
    switch (this) {
      case CROWDED -> {
        signs.add(graded("ROOTS_FROM_DRAIN_HOLES", "CLEAR"));
        signs.add(absent("STAYS_WET"));
        signs.add(valued("WATER_POOLS", 85));
      }
      case SEVERE_TODAY, AFTERCARE_FERN, AFTERCARE_WILTS, AFTERCARE_GROWS, AFTERCARE_WET -> {
        signs.add(graded("ROOTS_CIRCLING", "SEVERE"));
        signs.add(graded("ROOTS_FROM_DRAIN_HOLES", "CLEAR"));
        signs.add(plain("WILTS_SOON_AFTER_WATERING"));
        signs.add(absent("SOUR_SMELL"));
      }
      case URN -> {
        signs.add(plain("POT_MOUTH_NARROWER_THAN_BALL"));
        signs.add(graded("ROOTS_FROM_DRAIN_HOLES", "SEVERE"));
        signs.add(valued("WATER_POOLS", 140));
      }
      case CLUMP -> {
        signs.add(plain("PUPS_FILL_POT"));
        signs.add(graded("ROOTS_FROM_DRAIN_HOLES", "CLEAR"));
      }
      case TOPPLES -> {
        signs.add(plain("TOPPLES"));
        signs.add(plain("TOP_HEAVY"));
        signs.add(valued("LEANS", 9));
        signs.add(absent("ROOTS_FROM_DRAIN_HOLES"));
      }
      case DEFORMED -> {
        signs.add(graded("POT_DEFORMED", "CLEAR"));
        signs.add(plain("SURFACE_HARD"));
      }
      case ROT_SEEN -> {
        signs.add(plain("WILTS_WHEN_WET"));
        signs.add(plain("SOUR_SMELL"));
        signs.add(valued("ROOTS_ROTTEN", 0.28));
      }
      case AFTERCARE_ROT -> {
        signs.add(plain("SOUR_SMELL"));
        signs.add(valued("ROOTS_ROTTEN", 0.2));
      }
      case SUSPECT -> {
        signs.add(plain("WILTS_WHEN_WET"));
        signs.add(valued("STAYS_WET", 12));
        signs.add(plain("LEAVES_YELLOWING"));
      }
      case OVERWATERED -> {
        signs.add(valued("STAYS_WET", 11));
        signs.add(plain("FUNGUS_GNATS"));
        signs.add(absent("ROOTS_FROM_DRAIN_HOLES"));
      }
      case DRY -> {
        signs.add(graded("HEFT", "LIGHT"));
        signs.add(plain("LEAF_TIPS_BROWN"));
        signs.add(plain("MEDIUM_SHRUNK_FROM_WALL"));
        signs.add(absent("ROOTS_FROM_DRAIN_HOLES"));
      }
      case SPENT -> {
        signs.add(plain("MEDIUM_BROKEN_DOWN"));
        signs.add(plain("ROOTS_HEALTHY"));
      }
      case SALTS -> {
        signs.add(plain("SALT_CRUST"));
        signs.add(plain("LEAF_TIPS_BROWN"));
        signs.add(absent("ROOTS_FROM_DRAIN_HOLES"));
      }
      case SURFACE_ROOTS -> signs.add(plain("ROOTS_AT_SURFACE"));
      case LOOKS_TIGHT -> {
        signs.add(graded("ROOTS_CIRCLING", "SLIGHT"));
        signs.add(absent("DRIES_TOO_FAST"));
      }
      case BUD -> signs.add(graded("ROOTS_CIRCLING", "CLEAR"));
      case NEW_CITRUS -> signs.add(absent("ROOTS_FROM_DRAIN_HOLES"));
      default -> signs.add(absent("ROOTS_FROM_DRAIN_HOLES"));
    }
    return signs;
  }

  /** What a check so many checks before the last one saw. */
  List<AdviceRequest.Sign> earlierSigns(int checksBack) {
    List<AdviceRequest.Sign> signs = new ArrayList<>(List.of(absent("STAYS_WET")));
    boolean crowding = this == CROWDED || this == SEVERE_TODAY;
    if (crowding && checksBack < 6) {
      signs.add(valued("WATER_POOLS", Math.max(15, 80 - 12 * checksBack)));
    }
    if (this == SEVERE_TODAY && checksBack < 5) {
      signs.add(valued("LOWER_LEAVES_SHED", Math.max(1, 7 - 2 * checksBack)));
    }
    return signs;
  }

  private static AdviceRequest.Sign plain(String code) {
    return new AdviceRequest.Sign(code, "PRESENT", null, null);
  }

  private static AdviceRequest.Sign absent(String code) {
    return new AdviceRequest.Sign(code, "ABSENT", null, null);
  }

  private static AdviceRequest.Sign graded(String code, String grade) {
    return new AdviceRequest.Sign(code, "PRESENT", grade, null);
  }

  private static AdviceRequest.Sign valued(String code, double value) {
    return new AdviceRequest.Sign(code, "PRESENT", null, value);
  }
}
