package happysaucer.core.call;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method;
import happysaucer.core.season.Season;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.RootType;
import happysaucer.core.species.WindowKind;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * The windows of work for one case, by species, method and what the roots show: the present or next
 * one, and the one after it. Worked out once, since every question about the call needs them.
 */
public final class Windows {
  /** Days of work a team that works in any season is given (rule of thumb). */
  private static final int ANY_SEASON_DAYS = 56;

  /** Days for which new root tips make a good moment (rule of thumb). */
  private static final int ROOTS_START_DAYS = 28;

  /** A plant that is dormant so many days before its season stays so until then. */
  private static final int DORMANT_DAYS = 150;

  private final Case c;
  private final Window current;
  private @Nullable Window following;

  public Windows(Case c) {
    this.c = c;
    this.current = currentOf(c);
  }

  public Window current() {
    return current;
  }

  public Window following() {
    if (following == null) {
      following = seasonFrom(c, current.to().plusDays(1));
    }
    return following;
  }

  private static Window currentOf(Case c) {
    if (c.method().season() == Method.SeasonChoice.ANY_WITH_CARE) {
      return Window.ofDays(c.date(), ANY_SEASON_DAYS);
    }
    if (newRootsStart(c)) {
      return Window.ofDays(c.date(), ROOTS_START_DAYS);
    }
    Window season = seasonFrom(c, c.date());
    boolean dormant = c.plant().is(StateCode.RESTING) && c.plant().traits().repottedDormant();
    return dormant && !season.contains(c.date()) ? whileDormant(c, season) : season;
  }

  /** Rest opens the window of kinds that are moved dormant; it lasts until they leaf out. */
  private static Window whileDormant(Case c, Window season) {
    return season.from().isBefore(c.date().plusDays(DORMANT_DAYS))
        ? Window.between(c.date(), season.to())
        : Window.ofDays(c.date(), ROOTS_START_DAYS);
  }

  /** Orchids and their like are moved as new roots start, whenever that is. */
  private static boolean newRootsStart(Case c) {
    return c.plant().traits().window() == WindowKind.ROOT_START
        && (c.signs().present(SignCode.FRESH_ROOT_TIPS)
            || (c.plant().is(StateCode.NEW_ROOTS_STARTING)
                && c.plant().traits().rootType() != RootType.BRITTLE));
  }

  private static Window seasonFrom(Case c, LocalDate date) {
    WindowKind kind = c.plant().traits().window();
    return c.method().season() == Method.SeasonChoice.SPRING_AND_EARLY_AUTUMN
        ? Season.springOrEarlyAutumn(kind, c.site().latitude(), date)
        : Season.currentOrNext(kind, c.site().latitude(), date);
  }
}
