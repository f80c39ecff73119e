package happysaucer.core.advice;

import static happysaucer.core.unit.Rounding.outgoing;

import happysaucer.core.book.Book;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Lift;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.PotMass;
import happysaucer.core.repot.Candidate;
import happysaucer.core.repot.Fixings;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.root.RootCut;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Wording;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/** Writes pots, the work on the ball and the sections of both into the answer. */
final class PotWriter {
  /** Where the drained medium holds less air than this it counts as the wet zone. */
  private static final double WET_ZONE_AIR = 0.10;

  private final Book book;
  private final Case c;
  private final Wording wording;

  PotWriter(Book book, Case c) {
    this.book = book;
    this.c = c;
    this.wording = new Wording(c.units());
  }

  private Said say(Message message) {
    return wording.say(message);
  }

  Advice.Repot repot(RepotPlan plan) {
    Optional<Candidate> chosen = plan.chosen();
    return new Advice.Repot(
        plan.workDay(),
        plan.candidates().stream().map(pot -> candidate(pot, plan)).toList(),
        wording.say(plan.sizing()),
        plan.order().map(this::say).orElse(null),
        plan.otherwise().map(this::say).orElse(null),
        plan.order().flatMap(order -> chosen).map(pot -> candidate(pot, plan)).orElse(null),
        new Advice.RootWork(
            plan.rootWork().loosening().name(),
            outgoing(plan.rootWork().baseSliceMm()),
            outgoing(plan.rootWork().sideShaveMm()),
            outgoing(plan.rootWork().rootShare()),
            outgoing(plan.rootWork().canopyShare()),
            outgoing(plan.rootWork().limit()),
            outgoing(plan.rootWork().likelyLoss()),
            plan.rootWork().confirm(),
            plan.rootWork().overLimit(),
            plan.rootWork().callusDays(),
            wording.say(plan.rootWork().notes()),
            samePot()),
        plan.mix().map(mix -> mix(mix, chosen)).orElse(null),
        chosen.map(PotWriter::levels).orElse(null),
        plan.ballMoisture().name(),
        new Advice.Feed(
            plan.feed().kind().name(),
            outgoing(plan.feed().grams()),
            plan.feed().holdUntil().orElse(null),
            say(plan.feed().why())),
        plan.firstWater()
            .map(in -> new Advice.WaterIn(in.on(), outgoing(in.litres())))
            .orElse(null),
        plan.steps().stream()
            .map(step -> new Advice.Step(step.phase().name(), say(step.text())))
            .toList(),
        section(plan),
        plan.pieces(),
        chosen.map(this::lift).orElse(null),
        plan.needs().stream()
            .map(
                need ->
                    new Advice.Need(
                        need.kind().name(),
                        need.code(),
                        outgoing(need.amount()),
                        need.kind().unit()))
            .toList());
  }

  private Advice.Lift lift(Candidate pot) {
    Lift lift = c.lift(pot.wetMassG());
    return new Advice.Lift(lift.how().name(), lift.two(), outgoing(lift.grams()));
  }

  private static Advice.Levels levels(Candidate pot) {
    return new Advice.Levels(
        outgoing(pot.fit().rimGapMm()),
        outgoing(pot.fit().baseLayerMm()),
        outgoing(pot.fit().raiseMm()));
  }

  private Advice.Cuts samePot() {
    RootCut cut = RootCut.forSamePot(c.ball().body());
    return new Advice.Cuts(
        outgoing(cut.baseSliceMm()), outgoing(cut.sideShaveMm()), outgoing(cut.share()));
  }

  private Advice.Mix mix(RepotPlan.MixNeed need, Optional<Candidate> chosen) {
    return new Advice.Mix(
        need.code(),
        need.label(),
        outgoing(need.litres()),
        outgoing(need.reusableLitres()),
        outgoing(chosen.map(best -> best.fit().coarseLitres()).orElse(0.0)),
        need.filler()
            .map(
                filler ->
                    new Advice.Filler(
                        filler.code(),
                        outgoing(filler.litres()),
                        outgoing(filler.depthMm()),
                        outgoing(filler.markMm())))
            .orElse(null),
        need.ingredients().stream()
            .map(
                portion ->
                    new Advice.Ingredient(
                        portion.code(), portion.label(), outgoing(portion.litres())))
            .toList(),
        say(need.recipe()));
  }

  private Advice.Section section(RepotPlan plan) {
    return new Advice.Section(
        outline(c.pot()),
        outline(c.ball().body()),
        outline(plan.rootWork().after()),
        plan.chosen().map(best -> outline(best.pot())).orElse(null),
        outgoing(plan.chosen().map(PotWriter::wetZoneMm).orElse(0.0)),
        outgoing(plan.chosen().map(best -> best.fit().coarseMm()).orElse(0.0)),
        plan.chosen().map(PotWriter::levels).orElse(null),
        plan.fixings()
            .flatMap(Fixings::topDressing)
            .filter(top -> top.kind() == Fixings.Dressing.GRIT_COLLAR)
            .map(top -> outgoing(top.depthMm()))
            .orElse(null),
        plan.fixings().flatMap(Fixings::wires).map(Fixings.Wires::count).orElse(null),
        stand(plan, plan.chosen()));
  }

  /** With a pot in the section, or without one. */
  private Advice.Stand stand(RepotPlan plan, Optional<Candidate> pot) {
    return SectionShape.of(
        outline(c.pot()),
        pot.filter(p -> !p.pot().id().equals("current")).map(p -> outline(p.pot())).orElse(null),
        outline(c.ball().body()),
        outline(plan.rootWork().after()),
        pot.map(PotWriter::levels).orElse(null));
  }

  /** The plant in the pot it stands in: its ball, and how wet its medium stays below. */
  Advice.Section present() {
    Advice.Outline ball = outline(c.ball().body());
    double under = Math.max(0, c.pot().fill().heightMm() - c.ball().body().heightMm());
    Advice.Levels levels = new Advice.Levels(outgoing(c.pot().rimGapMm()), outgoing(under), 0);
    return new Advice.Section(
        outline(c.pot()),
        ball,
        ball,
        null,
        outgoing(wetZoneMm(book.media().retention(c.plant().mix()), c.pot().fill().heightMm())),
        0,
        levels,
        null,
        null,
        SectionShape.of(outline(c.pot()), null, ball, ball, levels));
  }

  private static double wetZoneMm(Candidate pot) {
    double coarse = pot.fit().coarseMm();
    return coarse + wetZoneMm(pot.mix().retention(), pot.pot().fill().heightMm() - coarse);
  }

  private static double wetZoneMm(Retention retention, double heightMm) {
    double low = 0;
    double high = heightMm;
    for (int i = 0; i < 20; i++) {
      double middle = (low + high) / 2;
      if (retention.saturated() - retention.theta(middle / 10) < WET_ZONE_AIR) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static Advice.Outline outline(Pot pot) {
    return new Advice.Outline(
        pot.shape().name(),
        outgoing(pot.topMm()),
        outgoing(pot.inside().baseMm()),
        outgoing(pot.heightMm()),
        depth(pot.inside(), pot.inside().topDepthMm()),
        depth(pot.inside(), pot.inside().baseDepthMm()),
        pot.mouthMm() < pot.topMm() ? outgoing(pot.mouthMm()) : null);
  }

  private static @Nullable Double depth(Frustum body, double depthMm) {
    return body.round() ? null : outgoing(depthMm);
  }

  private static Advice.Outline outline(Frustum body) {
    return new Advice.Outline(
        "BALL",
        outgoing(body.topMm()),
        outgoing(body.baseMm()),
        outgoing(body.heightMm()),
        depth(body, body.topDepthMm()),
        depth(body, body.baseDepthMm()),
        null);
  }

  private Advice.Candidate candidate(Candidate candidate, RepotPlan plan) {
    return new Advice.Candidate(
        candidate.pot().id(),
        candidate.rank().isPresent() ? candidate.rank().getAsInt() : null,
        outline(candidate.pot()),
        candidate.pot().material().name(),
        candidate.pot().drainHoles(),
        outgoing(candidate.pot().footMm()),
        outgoing(candidate.pot().massG()),
        candidate.pot().feet(),
        candidate.pot().wireHoles(),
        outgoing(candidate.fit().stepMm()),
        outgoing(candidate.fit().ballShare()),
        outgoing(candidate.fit().clearanceMm()),
        outgoing(candidate.fit().rimGapMm()),
        outgoing(candidate.fit().baseLayerMm()),
        outgoing(candidate.fit().fillLitres()),
        outgoing(candidate.fit().freshLitres()),
        outgoing(candidate.mix().capacity()),
        outgoing(candidate.mix().airFilled()),
        candidate.settled().map(d -> outgoing(d.daysToTopDry())).orElse(null),
        candidate.settled().map(d -> outgoing(d.daysToRefill())).orElse(null),
        candidate.firstCycle().map(d -> outgoing(d.daysAirless())).orElse(null),
        candidate.firstCycle().map(d -> outgoing(d.daysRingWet())).orElse(null),
        outgoing(candidate.standing().tiltDegrees()),
        outgoing(candidate.standing().pushN()),
        outgoing(candidate.dryMassG()),
        outgoing(candidate.wetMassG()),
        firmer(candidate, candidate.standing()::addedMassG),
        firmer(candidate, candidate.standing()::footForMm),
        plasticSaves(candidate.pot()),
        candidate.mix().mix().code(),
        candidate.mix().mix().label(),
        outgoing(candidate.mixLitres()),
        outgoing(candidate.fit().raiseMm()),
        outgoing(candidate.fit().coarseMm()),
        outgoing(wetZoneMm(candidate)),
        stand(plan, Optional.of(candidate)),
        candidate.schools().stream().map(Enum::name).toList(),
        candidate.failures().stream()
            .map(failure -> new Advice.Coded(failure.code().name(), say(failure.text())))
            .toList(),
        candidate.remarks().stream()
            .map(remark -> new Advice.Coded(remark.code().name(), say(remark.text())))
            .toList());
  }

  private static @Nullable Double plasticSaves(Pot pot) {
    double saves = pot.massG() - PotMass.estimateG(Material.PLASTIC, pot.inside());
    return pot.material() == Material.PLASTIC || saves <= 0 ? null : outgoing(saves);
  }

  /** What it takes to stand the next grade of push, null at the highest. */
  private static @Nullable Double firmer(Candidate candidate, DoubleUnaryOperator needed) {
    OptionalDouble next = candidate.standing().nextGradeN();
    return next.isPresent() ? outgoing(needed.applyAsDouble(next.getAsDouble())) : null;
  }
}
