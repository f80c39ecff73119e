package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.AlsoCode;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Lift;
import happysaucer.core.casefile.SiteUse;
import happysaucer.core.casefile.Wish;
import happysaucer.core.caution.Caution;
import happysaucer.core.caution.CautionCode;
import happysaucer.core.pot.Material;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Group;
import happysaucer.core.species.Sap;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.About;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Which cautions apply to a call and its plan. They advise; local rules go first. */
public final class Cautions {

  private final Case c;
  private final Call call;
  private final Traits traits;
  private final List<Caution> cautions = new ArrayList<>();

  private Cautions(Case c, Call call) {
    this.c = c;
    this.call = call;
    this.traits = c.plant().traits();
  }

  public static List<Caution> of(Case c, Call call, Optional<RepotPlan> plan) {
    Cautions cautions = new Cautions(c, call);
    boolean cuts =
        call.action() == Action.PROPAGATE
            || call.action() == Action.RETIRE
            || also(call, AlsoCode.REMOVE_SUCKERS)
            || also(call, AlsoCode.CUT_GIRDLING);
    if (plan.isPresent() || cuts) {
      cautions.sapAndSpines();
    }
    plan.ifPresent(cautions::bench);
    if (plan.isEmpty() && cuts) {
      cautions.blades();
    }
    cautions.treatment();
    cautions.poison();
    if (plan.isPresent()) {
      cautions.place(plan.get());
    }
    return cautions.cautions;
  }

  private static boolean also(Call call, AlsoCode code) {
    return call.also().stream().anyMatch(also -> also.code() == code);
  }

  private void add(CautionCode code, String key, Object... values) {
    cautions.add(new Caution(code, Message.of("caution." + key, values)));
  }

  private void sapAndSpines() {
    if (c.plant().species().group() == Group.EUPHORBIA) {
      add(CautionCode.SAP, "milk");
    } else if (traits.sap() == Sap.MILKY) {
      add(CautionCode.SAP, "milkySap");
    } else if (traits.sap() == Sap.IRRITANT) {
      add(CautionCode.SAP, "sap");
    }
    if (traits.spines()) {
      add(CautionCode.SPINES, "spines");
    }
  }

  private void bench(RepotPlan plan) {
    plan.chosen().ifPresent(this::liftingAndDust);
    if (plan.rootWork().openRoots(call) || plan.rootWork().canopyShare() > 0) {
      blades();
    }
    shards();
    boolean discarded =
        call.action() == Action.ROT_RESCUE
            || call.action() == Action.POT_DOWN
            || call.action() == Action.PEST_CLEAN;
    add(CautionCode.HYGIENE, discarded ? "bagAndWash" : "bagsAndHands");
    if (plan.rootWork().openRoots(call)) {
      add(CautionCode.FEED_BURN, "cutRoots");
    } else if (plan.feed().kind() == FeedKind.SLOW_RELEASE) {
      add(CautionCode.FEED_BURN, "feedDose");
    }
    if (call.action() != Action.TOP_DRESS) {
      add(CautionCode.SUN, "sun");
    }
  }

  private void liftingAndDust(Candidate chosen) {
    if (call.action() != Action.TOP_DRESS) {
      lifting(c.lift(chosen.wetMassG()));
    }
    if (chosen.mix().mix().dusty()) {
      add(CautionCode.DUST, "dust");
    }
  }

  private void lifting(Lift lift) {
    Object mass = About.of(Mass.ofGrams(lift.grams()));
    switch (lift.how()) {
      case HOIST -> add(CautionCode.LIFTING, "hoist", mass, Mass.ofGrams(c.method().liftTwoG()));
      case TWO -> add(CautionCode.LIFTING, "liftByTwo", mass, Mass.ofGrams(c.method().liftOneG()));
      case TWO_FROM_THE_FLOOR -> add(CautionCode.LIFTING, "liftFromTheFloor", mass);
      case ONE -> {}
    }
    if (lift.two()) {
      add(CautionCode.TWO_PERSONS, "twoPersons");
    }
  }

  private void blades() {
    add(CautionCode.BLADES, "blades");
  }

  private void shards() {
    boolean breaks =
        (call.action() == Action.BREAK_OUT
                && !c.wish().breakOut().equals(Optional.of(Wish.BreakOut.POT)))
            || call.action() == Action.REPLACE_POT
            || c.signs().present(SignCode.POT_BROKEN);
    boolean drills = call.action() == Action.DRAINAGE_RESCUE;
    if (breaks) {
      add(CautionCode.POT_SHARDS, "shards");
    } else if (drills && c.pot().material() != Material.PLASTIC) {
      add(CautionCode.POT_SHARDS, "drilling");
    }
    boolean cement =
        c.pot().material() == Material.FIBRE || c.pot().material() == Material.CONCRETE;
    if ((breaks || drills) && cement) {
      add(CautionCode.FIBRE_CEMENT, "fibreCement");
    }
  }

  private void treatment() {
    boolean treats = also(call, AlsoCode.TREAT_PESTS) || call.action() == Action.PEST_CLEAN;
    if (!treats) {
      return;
    }
    add(
        CautionCode.TREATMENT,
        c.site().use() == SiteUse.CHILDREN ? "treatmentByChildren" : "treatment");
    if (traits.foodCrop()) {
      add(CautionCode.FOOD_CROP, "foodCrop");
    }
  }

  private void poison() {
    if (!traits.poisonous().isEmpty()) {
      add(
          CautionCode.POISONOUS,
          "poisonous",
          String.join(
              " and ",
              traits.poisonous().contains("people")
                  ? List.of("children", "pets")
                  : traits.poisonous()));
    }
  }

  /** Where the work is done and the plant stands. */
  private void place(RepotPlan plan) {
    boolean large =
        c.plant().heightMm() >= 1000
            || plan.chosen().map(p -> p.wetMassG() > c.method().liftFloorG()).orElse(false);
    if (large && c.site().use() != SiteUse.PRIVATE) {
      add(CautionCode.EGRESS, "egress");
    }
    if (!c.site().outdoors()) {
      add(CautionCode.ELECTRICAL, "electrical");
    }
  }
}
