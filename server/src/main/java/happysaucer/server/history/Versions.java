package happysaucer.server.history;

import happysaucer.server.problem.InputException;

/** Versions of what can be edited, as they travel in ETag and If-Match. */
public final class Versions {
  private Versions() {}

  public static String tag(int version) {
    return "\"" + version + "\"";
  }

  /**
   * @throws InputException when the header is no version
   */
  public static int parse(String header) {
    String plain = header.replace("W/", "").replace("\"", "").trim();
    try {
      return Integer.parseInt(plain);
    } catch (NumberFormatException e) {
      throw InputException.of(
          "If-Match", "Send the version that you edit, as it came in ETag.", header);
    }
  }
}
