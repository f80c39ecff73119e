package happysaucer.server.qr;

import java.math.BigInteger;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What stands in the code of a label: a letter for what it is on and the id in 26 signs. Letters
 * that look like figures are left out, and so are those that keyboards have in other places, since
 * a hand scanner types them.
 */
public record LabelCode(LabelKind kind, UUID id) {
  private static final String SIGNS = "0123456789ABCDEFGHJKLMNPQRSTUVWX";
  private static final int LENGTH = 26;
  private static final int BITS = 5;
  private static final int HALF = 64;

  /**
   * As a page address ends in it, whatever stands before; scanners may type other marks for "/".
   */
  private static final Pattern READ =
      Pattern.compile("(?:^|[^0-9A-Z])Q[^0-9A-Z]([PST])([0-9A-HJ-NP-X]{26})(?![0-9A-Z])");

  public String text() {
    BigInteger left =
        BigInteger.valueOf(id.getMostSignificantBits())
            .and(BigInteger.ONE.shiftLeft(HALF).subtract(BigInteger.ONE))
            .shiftLeft(HALF)
            .or(
                BigInteger.valueOf(id.getLeastSignificantBits())
                    .and(BigInteger.ONE.shiftLeft(HALF).subtract(BigInteger.ONE)));
    StringBuilder signs = new StringBuilder();
    for (int i = LENGTH - 1; i >= 0; i--) {
      signs.append(SIGNS.charAt(left.shiftRight(i * BITS).intValue() & (SIGNS.length() - 1)));
    }
    return kind.letter() + signs.toString();
  }

  /** The page that opens what a label is on. */
  public String path() {
    return "/q/" + text();
  }

  /** The code in what was scanned, typed or opened. */
  public static Optional<LabelCode> in(String scanned) {
    Matcher read = READ.matcher(scanned.trim().toUpperCase(Locale.ROOT));
    if (!read.find()) {
      return Optional.empty();
    }
    BigInteger id = BigInteger.ZERO;
    for (char sign : read.group(2).toCharArray()) {
      id = id.shiftLeft(BITS).or(BigInteger.valueOf(SIGNS.indexOf(sign)));
    }
    if (id.bitLength() > 2 * HALF) {
      return Optional.empty();
    }
    return Optional.of(
        new LabelCode(
            LabelKind.of(read.group(1).charAt(0)),
            new UUID(id.shiftRight(HALF).longValue(), id.longValue())));
  }
}
