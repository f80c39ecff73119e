package happysaucer.core.advice;

import static happysaucer.core.unit.Rounding.outgoing;

import happysaucer.core.aftercare.Aftercare;
import happysaucer.core.book.Book;
import happysaucer.core.call.Call;
import happysaucer.core.call.Hold;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Lift;
import happysaucer.core.caution.Caution;
import happysaucer.core.finding.Finding;
import happysaucer.core.finding.Findings;
import happysaucer.core.forecast.Forecast;
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
import happysaucer.core.unit.Window;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/** Writes the stages' results into the answer: rounded figures, sentences in the reader's units. */
final class AdviceWriter {
  /** Where the drained medium holds less air than this it counts as the wet zone. */
  private static final double WET_ZONE_AIR = 0.10;

  private final Book book;
  private final Case c;
  private final Wording wording;

  AdviceWriter(Book book, Case c) {
    this.book = book;
    this.c = c;
    this.wording = new Wording(c.units());
  }

  private Said say(Message message) {
    return wording.say(message);
  }

  private static @Nullable Double figure(OptionalDouble value) {
    return value.isPresent() ? outgoing(value.getAsDouble()) : null;
  }

  List<Advice.Finding> findings(Findings findings) {
    return findings.withEvidence().stream().map(this::finding).toList();
  }

  private Advice.Finding finding(Finding finding) {
    return new Advice.Finding(
        finding.code().name(),
        finding.strength().name(),
        finding.grade().map(Enum::name).orElse(null),
        outgoing(finding.decibans()),
        finding.evidence().stream()
            .map(line -> new Advice.Evidence(line.sign(), outgoing(line.weight()), say(line.why())))
            .toList(),
        finding.discounted().stream()
            .map(line -> new Advice.Discounted(line.sign(), say(line.why()), line.setAside()))
            .toList());
  }

  Advice.Call call(Call call) {
    return new Advice.Call(
        call.action().name(),
        call.urgency().name(),
        call.window().map(Window::from).orElse(null),
        call.window().map(Window::to).orElse(null),
        call.recheck().orElse(null),
        wording.say(call.reasons()),
        call.holds().stream().map(hold -> hold(hold, call.overridden())).toList(),
        wording.say(call.interim()),
        call.also().stream()
            .map(also -> new Advice.Coded(also.code().name(), say(also.text())))
            .toList(),
        call.alternatives().stream()
            .map(other -> new Advice.Alternative(other.action().name(), say(other.when())))
            .toList(),
        call.overruled()
            .map(o -> new Advice.Overruled(o.by(), o.reason(), o.action().name()))
            .orElse(null));
  }

  private Advice.Hold hold(Hold hold, boolean overridden) {
    return new Advice.Hold(
        hold.code().name(),
        hold.firm(),
        overridden,
        say(hold.liftedBy()),
        hold.until().orElse(null));
  }

  List<Advice.Look> looks(List<LookNext.Look> looks) {
    return looks.stream()
        .map(look -> new Advice.Look(look.sign(), look.how(), say(look.why())))
        .toList();
  }

  Advice.@Nullable SlipWarning slip() {
    return SlipGuard.against(c)
        .map(reason -> new Advice.SlipWarning(reason.never(), say(reason.why())))
        .orElse(null);
  }

  Advice.Forecast forecast(Forecast forecast) {
    return new Advice.Forecast(
        forecast.rootFill().map(fill -> outgoing(fill)).orElse(null),
        forecast.clearFrom().orElse(null),
        forecast.clearTo().orElse(null),
        say(forecast.basis()));
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
        chosen.map(AdviceWriter::levels).orElse(null),
        plan.ballMoisture().name(),
        new Advice.Feed(
            plan.feed().kind().name(),
            figure(plan.feed().grams()),
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
        outgoing(plan.chosen().map(AdviceWriter::wetZoneMm).orElse(0.0)),
        outgoing(plan.chosen().map(best -> best.fit().coarseMm()).orElse(0.0)),
        plan.chosen().map(AdviceWriter::levels).orElse(null),
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
        pot.map(AdviceWriter::levels).orElse(null));
  }

  /** The plant in the pot it stands in: its ball, and how wet its medium stays below. */
  Advice.Size size() {
    return new Advice.Size(
        outgoing(c.plant().heightMm()), outgoing(c.plant().spreadMm()), c.plant().sizeMeasured());
  }

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
        candidate.settled().map(d -> figure(d.daysToTopDry())).orElse(null),
        candidate.settled().map(d -> figure(d.daysToRefill())).orElse(null),
        candidate.firstCycle().map(d -> figure(d.daysAirless())).orElse(null),
        candidate.firstCycle().map(d -> figure(d.daysRingWet())).orElse(null),
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

  /**
   * @param before the present pot, which has no fresh ring
   */
  Advice.Water water(
      Drying before, Optional<Drying> after, Optional<Drying> settled, WaterModel model) {
    Said basis = say(basis(model));
    return new Advice.Water(
        drying(before.withoutRing(), basis),
        after.map(d -> drying(d, basis)).orElse(null),
        settled.map(d -> drying(d, basis)).orElse(null),
        model.now().map(this::now).orElse(null));
  }

  private Advice.Wetness now(WaterModel.Now now) {
    return new Advice.Wetness(
        outgoing(now.wetness()),
        outgoing(Math.max(0, now.wetness() - now.uncertainty())),
        outgoing(Math.min(1, now.wetness() + now.uncertainty())),
        outgoing(now.litresLeft()),
        figure(now.daysToRefill()),
        say(weighed(now)));
  }

  private static Message weighed(WaterModel.Now now) {
    if (now.tooHeavy()) {
      return Message.of(
          "water.tooHeavy",
          "It weighs more than such a pot can. Was its cover weighed with it, or is it another pot?");
    }
    return now.tellsLittle()
        ? Message.of(
            "water.weighedOnce",
            "Its weight alone tells too little of how wet it is: weigh it once just after a watering.")
        : Message.of(
            "water.weighed",
            "By its weight it holds about {} of the water its roots can reach, give or take {}.",
            Wording.percent(now.wetness()),
            Wording.percent(now.uncertainty()));
  }

  private Advice.Drying drying(Drying drying, Said basis) {
    return new Advice.Drying(
        figure(drying.daysToTopDry()),
        figure(drying.daysToRefill()),
        scaled(drying.daysToRefill(), 1 - drying.uncertainty()),
        scaled(drying.daysToRefill(), 1 + drying.uncertainty()),
        figure(drying.daysAirless()),
        figure(drying.daysRingWet()),
        outgoing(drying.litresPerDay()),
        outgoing(drying.pourLitres()),
        outgoing(drying.uncertainty()),
        basis);
  }

  private static Message basis(WaterModel model) {
    if (model.weighings() > 0) {
      return model.waterings() == 0
          ? Message.of(
              "water.fromScales",
              "From what it lost from one weighing to the next ({} compared).",
              model.weighings())
          : Message.of(
              "water.fromBoth",
              "From {} measured waterings of its own and what it lost between weighings ({} compared), the newest counting most.",
              model.waterings(),
              model.weighings());
    }
    return switch (model.waterings()) {
      case 0 ->
          Message.of(
              "water.fromLeaves",
              "From its leaves, its light and what such pots usually last; no measured watering to go by.");
      case 1 -> Message.of("water.fromOne", "From its own measured waterings.");
      default ->
          Message.of(
              "water.fromMany",
              "From {} measured waterings of its own, the newest counting most.",
              model.waterings());
    };
  }

  private static @Nullable Double scaled(OptionalDouble value, double factor) {
    return value.isPresent() ? outgoing(value.getAsDouble() * factor) : null;
  }

  Advice.Aftercare aftercare(Aftercare aftercare) {
    return new Advice.Aftercare(
        aftercare.plan().name(),
        aftercare.steps().stream()
            .map(
                step ->
                    new Advice.CareStep(
                        step.window().from(),
                        step.window().to(),
                        step.kind().name(),
                        step.who().name(),
                        say(step.text())))
            .toList(),
        aftercare.weeks().stream()
            .map(
                week ->
                    new Advice.Week(
                        week.week(),
                        week.from(),
                        figure(week.everyDays()),
                        outgoing(week.litres())))
            .toList());
  }

  List<Advice.Coded> cautions(List<Caution> cautions) {
    return cautions.stream()
        .map(caution -> new Advice.Coded(caution.code().name(), say(caution.text())))
        .toList();
  }
}
