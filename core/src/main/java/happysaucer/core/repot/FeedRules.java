package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method;
import happysaucer.core.repot.RepotPlan.Feed;
import happysaucer.core.species.Light;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is done about feed at the repot. */
final class FeedRules {
  private static final double GRAMS_PER_LITRE = 2;

  /** At low light at most this share of the dose (rule of thumb). */
  private static final double LOW_LIGHT = 0.5;

  /** Within four to six weeks after cuts, six to eight after rot (rules of thumb). */
  private static final int HOLD_CUT_DAYS = 35;

  private static final int HOLD_ROT_DAYS = 49;

  /** Less than this cannot be measured out on a bench, g. */
  private static final double LEAST_GRAMS = 0.5;

  private FeedRules() {}

  /** A hold never ends before the plant has had water again for so long, days. */
  private static final int AFTER_WATER_DAYS = 14;

  static Feed of(
      Case c,
      Call call,
      RootWork work,
      Optional<Candidate> best,
      LocalDate workDay,
      Optional<FirstWater> first) {
    Feed feed = ruled(c, call, work, best, workDay);
    Optional<LocalDate> least = first.map(water -> water.on().plusDays(AFTER_WATER_DAYS));
    return feed.holdUntil().isPresent()
            && least.isPresent()
            && least.get().isAfter(feed.holdUntil().get())
        ? new Feed(feed.kind(), feed.grams(), least, FIRST_IT_DRINKS)
        : feed;
  }

  private static final Message FIRST_IT_DRINKS = Message.of("feed.drinks");

  private static Feed ruled(
      Case c, Call call, RootWork work, Optional<Candidate> best, LocalDate workDay) {
    if (call.action() == Action.ROT_RESCUE
        || call.action() == Action.POT_DOWN && work.rootShare() > 0) {
      return held(workDay.plusDays(HOLD_ROT_DAYS), "feed.rot");
    }
    if (call.action() == Action.POT_DOWN) {
      return held(workDay.plusDays(HOLD_CUT_DAYS), "feed.down");
    }
    if (work.openRoots(call)) {
      return held(workDay.plusDays(HOLD_CUT_DAYS), "feed.cut");
    }
    if (work.bareRooted()) {
      return held(workDay.plusDays(HOLD_CUT_DAYS), "feed.bare");
    }
    if (best.isEmpty()) {
      return none("feed.noPot");
    }
    if (c.resting()) {
      return none("feed.rest");
    }
    if (best.get().mix().mix().charged()) {
      return new Feed(
          FeedKind.IN_MIX, OptionalDouble.empty(), Optional.empty(), Message.of("feed.inMix"));
    }
    if (c.method().feed() == Method.FeedChoice.HOLD) {
      return held(workDay.plusDays(HOLD_CUT_DAYS), "feed.method");
    }
    double grams =
        GRAMS_PER_LITRE
            * (best.get().fit().freshLitres() - best.get().fit().coarseLitres())
            * c.plant().traits().feeder().factor()
            * (c.light() == Light.LOW ? LOW_LIGHT : 1);
    if (grams < LEAST_GRAMS) {
      return none("feed.little");
    }
    return new Feed(
        FeedKind.SLOW_RELEASE, OptionalDouble.of(grams), Optional.empty(), Message.of("feed.slow"));
  }

  private static Feed none(String key) {
    return new Feed(FeedKind.NONE, OptionalDouble.empty(), Optional.empty(), Message.of(key));
  }

  private static Feed held(LocalDate until, String key) {
    return new Feed(FeedKind.HOLD, OptionalDouble.empty(), Optional.of(until), Message.of(key));
  }
}
