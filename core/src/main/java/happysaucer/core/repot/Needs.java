package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Lift;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.method.Method;
import happysaucer.core.repot.Need.Kind;
import happysaucer.core.repot.Need.Part;
import happysaucer.core.repot.Need.Skill;
import happysaucer.core.repot.Need.Tool;
import happysaucer.core.root.Loosening;
import happysaucer.core.species.Sap;
import happysaucer.core.unit.Rounding;
import java.util.ArrayList;
import java.util.List;

/** What a repot needs of pots, media, tools, people and time: by the plan, for whoever packs. */
final class Needs {
  private static final double SET_UP = 12;
  private static final double PER_LITRE = 0.9;
  private static final double ROOT_WORK = 12;
  private static final double TWO_PERSONS = 15;

  /**
   * From this height a plant is laid over and tied, mm; in its own pot only its top is worked on.
   */
  private static final double TALL_FROM = 1600;

  private static final double TALL = 8;

  /** Where no pot was found (rule of thumb). */
  private static final double USUAL_LITRES = 5;

  /** A mix is carried damp, g of water in a litre (rule of thumb). */
  private static final double DAMP = 200;

  private final Case c;
  private final Call call;
  private final RepotPlan plan;
  private final MediumTable media;
  private final List<Need> needs = new ArrayList<>();

  private Needs(Case c, Call call, RepotPlan plan, MediumTable media) {
    this.c = c;
    this.call = call;
    this.plan = plan;
    this.media = media;
  }

  static List<Need> of(Case c, Call call, RepotPlan plan, MediumTable media) {
    Needs all = new Needs(c, call, plan, media);
    all.pot();
    all.media();
    all.tools();
    all.people();
    all.minutes();
    return all.needs;
  }

  private void add(Kind kind, String code, double amount) {
    if (Rounding.forDecision(amount) > 0) {
      needs.add(new Need(kind, code, amount));
    }
  }

  private void add(Tool tool, double count) {
    add(Kind.TOOL, tool.name(), count);
  }

  private boolean topOnly() {
    return call.action() == Action.TOP_DRESS;
  }

  private boolean ownPot() {
    return plan.chosen().map(pot -> pot.pot().id().equals("current")).orElse(true);
  }

  private void pot() {
    double mass = 0;
    double litres = 0;
    if (plan.chosen().isPresent() && !ownPot()) {
      Candidate pot = plan.chosen().get();
      add(Kind.POT, pot.pot().id(), plan.pieces());
      mass = pot.pot().massG() * plan.pieces();
      litres = pot.pot().inside().litres() * plan.pieces();
    }
    double mix = plan.mix().map(RepotPlan.MixNeed::litres).orElse(0.0) * plan.pieces();
    double perLitre = plan.mix().map(need -> dryGramsPerLitre(need) + DAMP).orElse(0.0);
    add(Kind.MASS, "CARRY", mass + mix * perLitre);
    add(Kind.VOLUME, "CARRY", litres + mix);
  }

  private double dryGramsPerLitre(RepotPlan.MixNeed need) {
    double grams = 0;
    double litres = 0;
    for (RepotPlan.Portion portion : need.ingredients()) {
      grams += portion.litres() * media.ingredient(portion.code()).orElseThrow().dryGramsPerLitre();
      litres += portion.litres();
    }
    return litres > 0 ? grams / litres : 0;
  }

  private void media() {
    int pieces = plan.pieces();
    plan.mix()
        .ifPresent(
            mix -> {
              add(Kind.MIX, mix.code(), mix.litres() * pieces);
              mix.ingredients()
                  .forEach(part -> add(Kind.INGREDIENT, part.code(), part.litres() * pieces));
              add(Kind.OLD_MEDIUM, mix.code(), mix.reusableLitres() * pieces);
              mix.filler().ifPresent(f -> add(Kind.FILLER, f.code(), f.litres() * pieces));
            });
    plan.chosen().ifPresent(pot -> add(Kind.COARSE, "COARSE", pot.fit().coarseLitres() * pieces));
    plan.fixings()
        .flatMap(Fixings::topDressing)
        .ifPresent(top -> add(Kind.DRESSING, top.kind().name(), top.litres() * pieces));
    plan.feed()
        .grams()
        .ifPresent(grams -> add(Kind.FEED, plan.feed().kind().name(), grams * pieces));
  }

  private void tools() {
    add(Tool.TARP, 1);
    if (!topOnly()) {
      add(Tool.STICK, 1);
    }
    if (!topOnly() && c.method().overHoles() == Method.OverHoles.MESH) {
      add(Tool.MESH, plan.pieces());
    }
    boolean cuts = plan.rootWork().openRoots(call) || plan.rootWork().canopyShare() > 0;
    if (cuts) {
      add(Tool.BLADES, 1);
      add(Tool.DISINFECTANT, 1);
    }
    if (cuts || c.plant().traits().sap() != Sap.NONE || c.plant().traits().spines()) {
      add(Tool.GLOVES, 1);
    }
    if (plan.chosen().map(pot -> pot.mix().mix().dusty()).orElse(false)) {
      add(Tool.MASK, 1);
    }
    boolean wet =
        plan.rootWork().loosening() == Loosening.WASH
            || plan.ballMoisture() == Method.BallMoisture.SOAK
            || call.action() == Action.PEST_CLEAN;
    if (wet) {
      add(Tool.TUB, 1);
    }
    plan.fixings().flatMap(Fixings::wires).ifPresent(wires -> add(Tool.WIRE, wires.count()));
    plan.fixings().flatMap(Fixings::stake).ifPresent(stake -> add(Tool.STAKE, 1));
    if (plan.firstWater().map(first -> !first.waits(plan.workDay())).orElse(false)) {
      add(Tool.WATERING_CAN, 1);
    }
  }

  private void people() {
    boolean two = false;
    if (plan.chosen().isPresent()) {
      Lift lift = c.lift(plan.chosen().get().wetMassG());
      two = lift.two();
      if (lift.hoist()) {
        add(Tool.DOLLY, 1);
      }
    }
    add(Kind.PEOPLE, "BENCH", two ? 2 : 1);
    if (Fixings.trained(c)) {
      add(Kind.SKILL, Skill.TRAINED_TREES.name(), 1);
    }
    if (plan.rootWork().rootShare() > 0) {
      add(Kind.SKILL, Skill.ROOT_CUTTING.name(), 1);
    }
    if (call.action() == Action.PEST_CLEAN) {
      add(Kind.SKILL, Skill.TREATMENTS.name(), 1);
    }
    if (two) {
      add(Kind.MINUTES, Part.SECOND_PERSON.name(), TWO_PERSONS);
    }
  }

  private void minutes() {
    double litres =
        plan.chosen()
            .map(pot -> topOnly() ? pot.fit().freshLitres() : pot.fit().fillLitres())
            .orElse(USUAL_LITRES);
    add(Kind.MINUTES, Part.SET_UP.name(), SET_UP);
    add(Kind.MINUTES, Part.POTTING.name(), PER_LITRE * litres * plan.pieces());
    if (plan.rootWork().rootShare() > 0) {
      add(Kind.MINUTES, Part.ROOTS.name(), ROOT_WORK);
    }
    if (!topOnly() && c.plant().heightMm() >= TALL_FROM) {
      add(Kind.MINUTES, Part.TALL.name(), TALL);
    }
  }
}
