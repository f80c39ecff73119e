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

  private void add(CautionCode code, String sentence, Object... values) {
    cautions.add(new Caution(code, Message.of("caution." + code, sentence, values)));
  }

  private void sapAndSpines() {
    if (c.plant().species().group() == Group.EUPHORBIA) {
      add(
          CautionCode.SAP,
          "Its milk burns skin and can blind: goggles and gloves, wash hands and blades. In an eye: rinse 15 minutes and see a doctor at once.");
    } else if (traits.sap() == Sap.MILKY) {
      add(
          CautionCode.SAP,
          "Milky sap irritates skin and eyes: wear gloves, wash hands and blades. In an eye: rinse 15 minutes and see a doctor.");
    } else if (traits.sap() == Sap.IRRITANT) {
      add(
          CautionCode.SAP,
          "Its sap irritates skin, mouth and eyes: wear gloves, wash hands and blades.");
    }
    if (traits.spines()) {
      add(CautionCode.SPINES, "Spines: use tongs or a paper collar and thick gloves.");
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
    add(
        CautionCode.HYGIENE,
        discarded
            ? "Bag the roots and old medium you take off, not on compost, scrub the pot, and wash hands: potting mixes can carry bacteria that harm lungs."
            : "Open bags away from your face and wash hands after work: potting mixes can carry bacteria that harm lungs.");
    if (plan.rootWork().openRoots(call)) {
      add(CautionCode.FEED_BURN, "No soluble feed on cut roots.");
    } else if (plan.feed().kind() == FeedKind.SLOW_RELEASE) {
      add(
          CautionCode.FEED_BURN,
          "Feed at the dose for containers only; a label's dose for open ground burns roots in a pot.");
    }
    if (call.action() != Action.TOP_DRESS) {
      add(CautionCode.SUN, "No direct sun on a fresh repot.");
    }
  }

  private void liftingAndDust(Candidate chosen) {
    if (call.action() != Action.TOP_DRESS) {
      lifting(c.lift(chosen.wetMassG()));
    }
    if (chosen.mix().mix().dusty()) {
      add(
          CautionCode.DUST,
          "Damp the mix before pouring, outdoors or masked; its dry dust harms lungs.");
    }
  }

  private void lifting(Lift lift) {
    Object mass = About.of(Mass.ofGrams(lift.grams()));
    switch (lift.how()) {
      case HOIST ->
          add(
              CautionCode.LIFTING,
              "It weighs about {} wet, over the {} two persons should lift: use a dolly or hoist. Local rules go first.",
              mass,
              Mass.ofGrams(c.method().liftTwoG()));
      case TWO ->
          add(
              CautionCode.LIFTING,
              "It weighs about {} wet, over the {} one person should lift: use two persons or a dolly. Local rules go first.",
              mass,
              Mass.ofGrams(c.method().liftOneG()));
      case TWO_FROM_THE_FLOOR ->
          add(
              CautionCode.LIFTING,
              "It weighs about {} wet: lift from the floor or on stairs only with two. Local rules go first.",
              mass);
      case ONE -> {}
    }
    if (lift.two()) {
      add(
          CautionCode.TWO_PERSONS,
          "Two persons: one holds the stem base, one the pot; a tall plant swings. Ladders only for those trained on them.");
    }
  }

  private void blades() {
    add(
        CautionCode.BLADES,
        "Cut away from yourself, with gloves; disinfect blades between plants.");
  }

  private void shards() {
    boolean breaks =
        (call.action() == Action.BREAK_OUT
                && !c.wish().breakOut().equals(Optional.of(Wish.BreakOut.POT)))
            || call.action() == Action.REPLACE_POT
            || c.signs().present(SignCode.POT_BROKEN);
    boolean drills = call.action() == Action.DRAINAGE_RESCUE;
    if (breaks) {
      add(CautionCode.POT_SHARDS, "Shards cut: goggles, thick gloves, and count the pieces.");
    } else if (drills && c.pot().material() != Material.PLASTIC) {
      add(
          CautionCode.POT_SHARDS,
          "If you make holes rather than change the pot: goggles, slow and wet, never in cracked glaze.");
    }
    boolean cement =
        c.pot().material() == Material.FIBRE || c.pot().material() == Material.CONCRETE;
    if ((breaks || drills) && cement) {
      add(
          CautionCode.FIBRE_CEMENT,
          "Old fibre cement can hold asbestos: never drill, saw or break it. That is work for specialists.");
    }
  }

  private void treatment() {
    boolean treats = also(call, AlsoCode.TREAT_PESTS) || call.action() == Action.PEST_CLEAN;
    if (!treats) {
      return;
    }
    add(
        CautionCode.TREATMENT,
        c.site().use() == SiteUse.CHILDREN
            ? "Wash or wipe first. Products only with this site's consent, as label and local law allow, by licensed people where the law asks, with children kept off; record product, dose, who and when."
            : "Wash or wipe first. Products only as label and local law allow, by licensed people where the law asks, not in sun or heat, pets and people kept off; record product, dose, who and when.");
    if (traits.foodCrop()) {
      add(
          CautionCode.FOOD_CROP,
          "Its fruit or leaves may be eaten: no product unless its label names this crop, and keep the waiting time.");
    }
  }

  private void poison() {
    if (!traits.poisonous().isEmpty()) {
      add(
          CautionCode.POISONOUS,
          "Poisonous if eaten: keep from {}.",
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
      add(
          CautionCode.EGRESS,
          "Keep exits, corridors and fire escapes free while you work and when it is back.");
    }
    if (!c.site().outdoors()) {
      add(
          CautionCode.ELECTRICAL,
          "Water and current: look for sockets, floor boxes and lighting strips before you pour; a wet tarp is slippery.");
    }
  }
}
