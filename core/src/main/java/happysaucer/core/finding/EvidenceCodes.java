package happysaucer.core.finding;

import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import java.util.Set;

/** What a line of evidence may rest on: a sign, its course from check to check, or the record. */
public final class EvidenceCodes {
  static final String TREND = "TREND_";
  private static final Set<String> RECORDS =
      Set.of(
          Priors.TIME,
          Priors.BALL,
          Priors.STANDING,
          Priors.RECORD,
          Losses.SPOT,
          Trends.GROWTH,
          StateCode.OVERWATERED.name(),
          StateCode.UNDERWATERED.name());

  private EvidenceCodes() {}

  /** Whether lines of advice may carry this code. */
  public static boolean known(String code) {
    return RECORDS.contains(code) || isOfASign(code);
  }

  /** The line rests on a sign that was seen, or on its course. */
  public static boolean isOfASign(String code) {
    return isSign(code.startsWith(TREND) ? code.substring(TREND.length()) : code);
  }

  private static boolean isSign(String code) {
    for (SignCode sign : SignCode.values()) {
      if (sign.name().equals(code)) {
        return true;
      }
    }
    return false;
  }
}
