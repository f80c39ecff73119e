package happysaucer.core.casefile;

import happysaucer.core.sign.Observation;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where somebody knows better than the rules.
 *
 * @param setAside who and why, by the code of the line of evidence that is not to count
 * @param observations what was seen and is set aside, so that it can be shown as such
 * @param overrule a call in place of the rules' own
 */
public record Argument(
    Map<String, Aside> setAside, List<Observation> observations, Optional<Overrule> overrule) {
  public static final Argument NONE = new Argument(Map.of(), List.of(), Optional.empty());

  public record Aside(String by, String reason) {}

  /**
   * @param action code of the action
   * @param haste how soon, empty for the window it fits
   * @param recheckDays days until the next look where there is no work
   * @param against code of what the rules said then, where it is known
   */
  public record Overrule(
      String action,
      Optional<Haste> haste,
      int recheckDays,
      Optional<String> against,
      String by,
      String reason) {}

  /** Sooner than the window. */
  public enum Haste {
    NOW,
    SOON
  }
}
