package happysaucer.server.team;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;
import java.util.Locale;

/** Codes that a person reads out or types once: twelve letters in three groups, about 59 bits. */
public final class OneTimeCode {
  /** For so long a code lets somebody in. */
  public static final Duration LASTS = Duration.ofDays(7);

  /** None that is mistaken for another. */
  private static final String LETTERS = "abcdefghkmnpqrstuvwxyz23456789";

  private static final int LENGTH = 12;
  private static final int GROUP = 4;

  private OneTimeCode() {}

  public static String made() {
    SecureRandom random = new SecureRandom();
    StringBuilder made = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      made.append(i > 0 && i % GROUP == 0 ? "-" : "");
      made.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
    }
    return made.toString();
  }

  /** What is kept of a code; however its groups were typed, it is the same. */
  public static String hash(String code) {
    String plain = code.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(plain.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
