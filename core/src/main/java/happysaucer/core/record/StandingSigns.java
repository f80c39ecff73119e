package happysaucer.core.record;

import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.SignTable;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How long a sign goes on counting, and which count on a day. */
public final class StandingSigns {
  /** Days for which what was seen goes on counting when a later check says nothing of it. */
  public static final int ROOTS_DAYS = 180;

  private static final int POT_AND_SURFACE_DAYS = 90;

  private StandingSigns() {}

  /**
   * Days for which a sign counts after the check that saw it; 0: from the last check only. Roots,
   * pot and surface change slowly (rules of thumb).
   */
  public static int lastsDays(String code, SignTable signs) {
    SignGroup group = signs.get(SignCode.valueOf(code)).group();
    return switch (group) {
      case ROOTS -> ROOTS_DAYS;
      case POT, SURFACE -> POT_AND_SURFACE_DAYS;
      default -> 0;
    };
  }

  /**
   * The last look as a whole, and of older ones since the repot what does not change quickly; the
   * newest of each code.
   *
   * @param newestFirst of all looks
   * @param repotted last, what was seen until then is of another pot
   */
  public static Map<String, SeenSign> on(
      LocalDate date, List<SeenSign> newestFirst, Optional<LocalDate> repotted, SignTable signs) {
    Map<String, SeenSign> standing = new LinkedHashMap<>();
    for (SeenSign sign : newestFirst) {
      if (counts(sign, date, newestFirst, signs)
          && repotted.map(day -> sign.on().isAfter(day)).orElse(true)) {
        standing.putIfAbsent(sign.code(), sign);
      }
    }
    return standing;
  }

  private static boolean counts(
      SeenSign sign, LocalDate date, List<SeenSign> newestFirst, SignTable signs) {
    boolean slippedLast =
        sign.look() == SeenSign.Look.AT_THE_BENCH && sign.at().equals(newestFirst.get(0).at());
    int lasts = lastsDays(sign.code(), signs);
    return sign.look() == SeenSign.Look.LAST_CHECK
        || slippedLast
        || lasts > 0 && !sign.on().isBefore(date.minusDays(lasts));
  }
}
