package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Findings;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Pot;
import happysaucer.core.repot.RepotPlan.Feed;
import happysaucer.core.repot.RepotPlan.MixNeed;
import happysaucer.core.repot.RepotPlan.Portion;
import happysaucer.core.repot.RepotPlan.WaterIn;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Light;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Puts together the numbers of one repot. */
public final class Repot {
  /** Fresh medium settles, and fines fill coarse gaps (rules of thumb). */
  static final double SETTLING = 1.10;

  static final double SHRINK = 1.10;

  private static final double FEED_GRAMS_PER_LITRE = 2;
  private static final int FEED_HOLD_CUT_DAYS = 35;
  private static final int FEED_HOLD_ROT_DAYS = 49;

  /** Leafy balls come to the bench watered, dry-lovers dry; share of their water left. */
  private static final double BALL_MOIST = 0.8;

  private static final double BALL_DRY = 0.3;

  private Repot() {}

  public static RepotPlan plan(
      Case c,
      Call call,
      Findings findings,
      MediumTable media,
      List<Pot> tradeSizes,
      WaterModel water) {
    LocalDate workDay = call.window().map(window -> window.from()).orElse(c.date());
    RootWork work = RootWork.of(c, call, findings);
    Sizing sizing = new Sizing(c, call, work, media, water, workDay);
    List<Candidate> candidates = sizing.compare();
    Optional<Candidate> best = candidates.stream().filter(Candidate::passes).findFirst();
    Optional<Message> order = Optional.empty();
    if (best.isEmpty()) {
      best = sizing.toOrder(tradeSizes);
      order = Optional.of(order(best));
    }
    Method.BallMoisture moisture = ballMoisture(c, call);
    Optional<MixNeed> mix = best.map(Repot::mixNeed);
    Feed feed = feed(c, call, work, best, workDay);
    Optional<WaterIn> waterIn = best.map(b -> waterIn(c, call, work, b, media, water, workDay));
    RepotPlan plan =
        new RepotPlan(
            workDay, candidates, best, order, work, mix, moisture, feed, waterIn, List.of());
    return new RepotPlan(
        workDay,
        candidates,
        best,
        order,
        work,
        mix,
        moisture,
        feed,
        waterIn,
        BenchSteps.of(c, call, plan));
  }

  private static Message order(Optional<Candidate> best) {
    return best.map(
            b ->
                Message.of(
                    "order.buy",
                    "Nothing on the shelf will do. Order a pot of {} inside width and {} depth with holes, {}.",
                    Length.ofMm(b.pot().topMm()),
                    Length.ofMm(b.pot().heightMm()),
                    b.pot().material().name().toLowerCase(java.util.Locale.ROOT)))
        .orElseGet(
            () ->
                Message.of(
                    "order.measure",
                    "No standard size will do either: measure the ball again, or have a pot made to measure."));
  }

  private static MixNeed mixNeed(Candidate best) {
    Mix mix = best.mix().mix();
    double litres = best.freshLitres() * SETTLING * SHRINK;
    List<Portion> portions = new ArrayList<>();
    for (Mix.Part part : mix.parts()) {
      portions.add(
          new Portion(
              part.ingredient().code(),
              part.ingredient().label(),
              litres * part.parts() / mix.totalParts()));
    }
    return new MixNeed(mix.code(), mix.label(), litres, portions);
  }

  /** Leafy plants come watered, succulents dry, epiphytes soaked so that their roots bend. */
  private static Method.BallMoisture ballMoisture(Case c, Call call) {
    if (c.method().ballMoisture() != Method.BallMoisture.BY_SPECIES) {
      return c.method().ballMoisture();
    }
    Traits traits = c.plant().traits();
    if (traits.dryLover() || call.action() == Action.ROT_RESCUE) {
      return Method.BallMoisture.DRY;
    }
    return traits.rootType() == RootType.EPIPHYTE
        ? Method.BallMoisture.SOAK
        : Method.BallMoisture.MOIST;
  }

  private static Feed feed(
      Case c, Call call, RootWork work, Optional<Candidate> best, LocalDate workDay) {
    if (call.action() == Action.ROT_RESCUE) {
      return held(
          workDay.plusDays(FEED_HOLD_ROT_DAYS),
          "feed.rot",
          "No feed for seven weeks after rot: new roots come first.");
    }
    if (work.rootShare() > 0) {
      return held(
          workDay.plusDays(FEED_HOLD_CUT_DAYS),
          "feed.cut",
          "No feed for five weeks after cutting roots: it burns the cuts.");
    }
    if (best.isEmpty()) {
      return new Feed(
          FeedKind.NONE,
          OptionalDouble.empty(),
          Optional.empty(),
          Message.of("feed.noPot", "Feed is settled once there is a pot."));
    }
    if (best.get().mix().mix().charged()) {
      return new Feed(
          FeedKind.IN_MIX,
          OptionalDouble.empty(),
          Optional.empty(),
          Message.of("feed.inMix", "The mix comes with feed."));
    }
    if (c.method().feed() == Method.FeedChoice.HOLD) {
      return held(
          workDay.plusDays(FEED_HOLD_CUT_DAYS),
          "feed.method",
          "The method holds feed for five weeks after a repot.");
    }
    double grams =
        FEED_GRAMS_PER_LITRE
            * best.get().freshLitres()
            * c.plant().traits().feeder().factor()
            * (c.light() == Light.LOW ? 0.5 : 1);
    return new Feed(
        FeedKind.SLOW_RELEASE,
        OptionalDouble.of(grams),
        Optional.empty(),
        Message.of(
            "feed.slow",
            "Slow-release feed mixed into the fresh medium, away from the stem; the label's dose for pots goes first."));
  }

  private static Feed held(LocalDate until, String key, String sentence) {
    return new Feed(
        FeedKind.HOLD, OptionalDouble.empty(), Optional.of(until), Message.of(key, sentence));
  }

  private static WaterIn waterIn(
      Case c,
      Call call,
      RootWork work,
      Candidate best,
      MediumTable media,
      WaterModel water,
      LocalDate workDay) {
    Traits traits = c.plant().traits();
    int dry =
        c.method().firstWater() == Method.FirstWater.AT_ONCE
            ? 0
            : traits.aftercare() == AftercarePlan.WAIT_DRY
                    || traits.aftercare() == AftercarePlan.EPIPHYTE && work.cutAnything()
                ? Math.max(traits.dryDays(), work.callusDays())
                : 0;
    double litres =
        water.waterInLitres(
            best.pot(),
            work.after(),
            Math.max(0, best.baseLayerMm()),
            media.retention(best.mix().mix()),
            traits.dryLover() ? BALL_DRY : BALL_MOIST);
    // After rot the medium is only made moist, not soaked.
    return new WaterIn(
        workDay.plusDays(dry), call.action() == Action.ROT_RESCUE ? litres / 2 : litres);
  }
}
