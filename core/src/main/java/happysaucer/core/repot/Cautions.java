package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.AlsoCode;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.caution.Caution;
import happysaucer.core.caution.CautionCode;
import happysaucer.core.species.Sap;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Which cautions apply to a call and its plan. They advise; local rules go first. */
public final class Cautions {
  private static final double TALL_MM = 2000;

  private Cautions() {}

  public static List<Caution> of(Case c, Call call, Optional<RepotPlan> plan) {
    List<Caution> cautions = new ArrayList<>();
    Traits traits = c.plant().traits();
    if (plan.isPresent()) {
      bench(c, call, plan.get(), traits, cautions);
    }
    if (call.also().stream().anyMatch(also -> also.code() == AlsoCode.TREAT_PESTS)) {
      add(
          cautions,
          CautionCode.TREATMENT,
          "Treat only as the label and local law allow, by licensed people where the law asks; wash or wipe first.");
      if (traits.foodCrop()) {
        add(
            cautions,
            CautionCode.FOOD_CROP,
            "Its fruit or leaves may be eaten: no product unless its label names this crop, and keep the waiting time.");
      }
    }
    if (!traits.poisonous().isEmpty()) {
      add(
          cautions,
          CautionCode.POISONOUS,
          "Poisonous if eaten: keep from {}.",
          String.join(
              " and ",
              traits.poisonous().contains("people")
                  ? List.of("children", "pets")
                  : traits.poisonous()));
    }
    return cautions;
  }

  private static void bench(
      Case c, Call call, RepotPlan plan, Traits traits, List<Caution> cautions) {
    if (traits.sap() == Sap.MILKY) {
      add(
          cautions,
          CautionCode.SAP,
          "Milky sap irritates skin and eyes: wear gloves, wash hands and blades. In an eye: rinse 15 minutes and see a doctor.");
    } else if (traits.sap() == Sap.IRRITANT) {
      add(
          cautions,
          CautionCode.SAP,
          "Its sap irritates skin, mouth and eyes: wear gloves, wash hands and blades.");
    }
    if (traits.spines()) {
      add(cautions, CautionCode.SPINES, "Spines: use tongs or a paper collar and thick gloves.");
    }
    plan.chosen()
        .ifPresent(
            chosen -> {
              if (chosen.wetMassG() > c.method().liftOneG()) {
                add(
                    cautions,
                    CautionCode.LIFTING,
                    "It weighs {} wet, over the {} one person should lift: use two persons or a dolly. Local rules go first.",
                    Mass.ofGrams(chosen.wetMassG()),
                    Mass.ofGrams(c.method().liftOneG()));
              } else if (chosen.wetMassG() > c.method().liftFloorG()) {
                add(
                    cautions,
                    CautionCode.LIFTING,
                    "It weighs {} wet: lift from the floor or on stairs only with two. Local rules go first.",
                    Mass.ofGrams(chosen.wetMassG()));
              }
              if (chosen.wetMassG() > c.method().liftOneG() || c.plant().heightMm() > TALL_MM) {
                add(
                    cautions,
                    CautionCode.TWO_PERSONS,
                    "Two persons: one holds the stem base, one the pot.");
              }
              if (chosen.mix().mix().dusty()) {
                add(
                    cautions,
                    CautionCode.DUST,
                    "Damp the mix before pouring and open bags away from your face; its dust harms lungs.");
              }
            });
    if (plan.rootWork().rootShare() > 0) {
      add(cautions, CautionCode.BLADES, "Cut away from yourself; disinfect blades between plants.");
    }
    if (call.action() == Action.ROT_RESCUE) {
      add(
          cautions,
          CautionCode.HYGIENE,
          "Bag the rotten roots and old medium, scrub the pot, and wash hands: potting mixes can carry bacteria.");
    }
    if (plan.rootWork().rootShare() > 0) {
      add(cautions, CautionCode.FEED_BURN, "No soluble feed on cut roots.");
    }
    add(cautions, CautionCode.SUN, "No direct sun on a fresh repot.");
  }

  private static void add(
      List<Caution> cautions, CautionCode code, String sentence, Object... values) {
    cautions.add(new Caution(code, Message.of("caution." + code, sentence, values)));
  }
}
