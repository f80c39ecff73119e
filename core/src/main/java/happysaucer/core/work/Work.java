package happysaucer.core.work;

import happysaucer.core.unit.Said;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * One thing that a plant asks for.
 *
 * @param key which of the plant's it is; the same work has the same key when it is asked for again
 * @param days in which it can be done; of what follows another, all that can come
 * @param ideal day, within these
 * @param minutes of whoever does it, by the rules
 * @param litres and grams that go there: pots and media
 * @param held nobody knows yet when it can be done
 * @param why it is to be done
 * @param hold what stands against it
 * @param after what it follows
 * @param toOrder its pot is not at hand
 * @param foreseen by the forecast: it is not due yet
 */
public record Work(
    String key,
    JobKind kind,
    String action,
    String urgency,
    Window days,
    LocalDate ideal,
    int minutes,
    int people,
    Set<String> skills,
    double litres,
    double grams,
    boolean held,
    Said why,
    Optional<Said> hold,
    Optional<After> after,
    boolean toOrder,
    boolean foreseen) {

  /** It comes so many days after other work of the plant. */
  public record After(String key, int fromDays, int toDays) {}

  public Work {
    skills = Set.copyOf(skills);
  }

  /**
   * The ideal day once it was told stays, so that work which waits grows late; only where its days
   * do not hold it any more is it told anew.
   *
   * @param before as it was told
   */
  public LocalDate ideal(LocalDate before) {
    return before.isBefore(ideal) && !before.isBefore(days.from().minusDays(WAITED_MOST))
        ? before
        : ideal;
  }

  /** Work that has waited longer than this is work of another season, days. */
  private static final int WAITED_MOST = 120;
}
