package happysaucer.core.species;

import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;

/** A species entry as a page worth reading: what each trait means for the work, and why. */
public final class Reading {
  /** Water coefficients from which a kind counts as sparing or thirsty (rules of thumb). */
  private static final double SPARING = 0.8;

  private static final double THIRSTY = 1.2;

  private final Traits t;
  private final List<Passage> passages = new ArrayList<>();

  /**
   * @param topic what it is about
   * @param sentences in the order to be read
   */
  public record Passage(String topic, List<Message> sentences) {}

  private Reading(Traits traits) {
    this.t = traits;
  }

  public static List<Passage> of(Traits traits) {
    Reading reading = new Reading(traits);
    reading.water();
    reading.when();
    reading.roots();
    reading.pot();
    reading.after();
    reading.people();
    return List.copyOf(reading.passages);
  }

  private void passage(String topic, List<Message> sentences) {
    passages.add(new Passage(topic, List.copyOf(sentences)));
  }

  private static Message say(String key, String sentence, Object... values) {
    return Message.of("species." + key, sentence, values);
  }

  private void water() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.refill()) {
          case EVENLY_MOIST ->
              say(
                  "moist",
                  "Water before the surface has dried: its fine roots do not forgive drought.");
          case TOP_DRY -> say("topDry", "Water when the surface has dried.");
          case HALF_DRY ->
              say(
                  "halfDry",
                  "Water when the pot has dried half way down: its roots want air between.");
          case FULLY_DRY ->
              say("fullyDry", "Water only when it is dry throughout; it stores what it needs.");
          case RESERVOIR ->
              say("reservoir", "Drinks from a reservoir: fill it when the gauge is at its mark.");
        });
    s.add(
        t.waterCoefficient() < SPARING
            ? say("sparing", "Sparing: it empties its pot more slowly than most of its size.")
            : t.waterCoefficient() > THIRSTY
                ? say("thirsty", "Thirsty: it empties its pot faster than most of its size.")
                : say("middling", "It drinks about as much as its size suggests."));
    s.add(
        switch (t.light()) {
          case LOW -> say("low", "Manages in low light.");
          case MEDIUM -> say("medium", "Likes medium light.");
          case BRIGHT_INDIRECT -> say("bright", "Likes it bright, without the midday sun.");
          case DIRECT -> say("direct", "Likes direct sun.");
        });
    if (t.sunGrown()) {
      s.add(say("sun", "Used to sun, and burnt by it after weeks indoors: lead it back in steps."));
    }
    passage("Water and light", s);
  }

  private void when() {
    List<Message> s = new ArrayList<>();
    s.add(say("interval", "Usually repotted every {} to {} months.", t.monthsFrom(), t.monthsTo()));
    s.add(
        switch (t.window()) {
          case TROPICAL ->
              say("tropical", "Its window is the long days: roots grow while days do.");
          case SUMMER_SUCCULENT ->
              say("summer", "Its window is the warm half of the year, when it grows.");
          case SPRING_AUTUMN ->
              say(
                  "springAutumn",
                  "It grows in spring and autumn and sits out the heat: repot then.");
          case WINTER_GROWER ->
              say("winter", "It grows as days shorten: repot at the end of summer.");
          case SHRUB -> say("shrub", "Repot as new growth starts, or after flowering.");
          case ROOT_START ->
              say("rootStart", "Repot when new roots start: they are what takes hold.");
          case COOL_TREE -> say("coolTree", "Repot before the buds break in spring.");
          case TRAINED_TREE ->
              say("trained", "Roots are cut as buds swell and at no other time of the year.");
        });
    s.add(
        switch (t.crowding()) {
          case LIKES_SNUG ->
              say("snug", "Likes it snug: circling roots count one grade milder than elsewhere.");
          case NEUTRAL -> say("neutral", "Takes some crowding, then flags.");
          case NEEDS_ROOM -> say("room", "Needs room: crowding shows at once in its growth.");
        });
    if (t.budDrop()) {
      s.add(
          say(
              "budDrop",
              "Drops its buds when disturbed: nothing is done while it buds or blooms."));
    }
    switch (t.rest()) {
      case SLOW -> s.add(say("restSlow", "Slows in the dark months: less water, no feed."));
      case DRY -> s.add(say("restDry", "Rests dry in the dark months; it may shrivel a little."));
      case LEAFLESS ->
          s.add(
              say("restLeafless", "Drops its leaves or dies back for a rest; that is no illness."));
      default -> {}
    }
    passage("When to repot", s);
  }

  private void roots() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.rootType()) {
          case FINE -> say("fine", "Fine roots that knit the ball together.");
          case FLESHY -> say("fleshy", "Fleshy roots that bruise: handle it by the soil.");
          case TAP -> say("tap", "A tap root seeks depth, so roots from the holes say little.");
          case BRITTLE -> say("brittle", "Brittle roots: never comb or pull them.");
          case AERIAL -> say("aerial", "Aerial roots, so roots outside the pot say little.");
          case EPIPHYTE ->
              say("epiphyte", "Roots of a tree dweller: they want air, and old ones die in turn.");
          case RHIZOME -> say("rhizome", "Rhizomes push against the wall; old parts die in turn.");
        });
    s.add(
        t.rootLimit() == 0
            ? say("noCut", "Its roots are not cut at all.")
            : say("limit", "At most {} of the roots may go.", percent(t.rootLimit())));
    s.add(
        switch (t.disturbance()) {
          case LOW -> say("shy", "Bears little disturbance: set it over with the ball whole.");
          case MEDIUM -> say("some", "Bears a loosened ball.");
          case HIGH -> say("hardy", "Bears it well when the ball is opened.");
        });
    if (t.surfaceRoots()) {
      s.add(say("surface", "Roots at the surface are normal and no sign of crowding."));
    }
    if (t.callusDays() > 0) {
      s.add(say("callus", "Cut roots dry {} days before they meet moist medium.", t.callusDays()));
    }
    passage("Roots", s);
  }

  private void pot() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.shape()) {
          case STANDARD -> say("standard", "Suits a standard pot.");
          case DEEP -> say("deep", "Suits a deep pot.");
          case SHALLOW -> say("shallow", "Suits a shallow pot: its roots stay near the top.");
        });
    s.add(
        switch (t.step()) {
          case SMALLEST -> say("smallest", "Give it the smallest step that fits.");
          case USUAL -> say("usual", "The usual step up suits it.");
          case LARGE -> say("large", "A generous step suits it: it fills a pot fast.");
        });
    s.add(
        say(
            "air",
            "Wants {} to {} of air in its medium after draining.",
            percent(t.afpFrom()),
            percent(t.afpTo())));
    if (t.neckRot()) {
      s.add(say("neck", "Its neck rots: never deeper than it stood, with a collar of grit."));
    }
    if (t.showsBase()) {
      s.add(say("base", "Its base may be raised at each repot to show it."));
    }
    if (t.graft()) {
      s.add(say("graft", "Usually grafted: keep the graft clear and rub off suckers below it."));
    }
    s.add(say("height", "Grows to about {} indoors.", Length.ofMm(t.matureHeightMm())));
    passage("Pot and medium", s);
  }

  private void after() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.aftercare()) {
          case SETTLE_IN -> say("settle", "Watered in at once, then left to dry to its own mark.");
          case KEEP_MOIST ->
              say("keepMoist", "Kept evenly moist until its roots have reached the wall.");
          case WAIT_DRY -> say("waitDry", "Left dry first: cut roots seal before they are wet.");
          case DIPPED_THEN_DRY ->
              say("dipped", "Dipped or soaked, then left dry until roots start.");
          case FROM_BELOW -> say("below", "Watered from below so that its neck stays dry.");
          case EPIPHYTE -> say("mist", "Kept humid and barely moist until new roots show.");
          case RESERVOIR ->
              say("aboveFirst", "Watered from above until its roots reach the reservoir.");
          case ROT_RESCUE -> say("rescue", "Nursed like a rescue: little water, no feed.");
          case NONE -> say("none", "Needs no care of its own afterwards.");
        });
    if (t.dryDays() > 0) {
      s.add(say("dryDays", "{} days dry after a repot.", t.dryDays()));
    }
    s.add(
        switch (t.feeder()) {
          case HEAVY -> say("heavy", "A hungry kind.");
          case NORMAL -> say("normal", "Fed as most are.");
          case LIGHT -> say("light", "Fed at half strength.");
        });
    passage("Aftercare", s);
  }

  private void people() {
    List<Message> s = new ArrayList<>();
    switch (t.sap()) {
      case IRRITANT -> s.add(say("irritant", "Its sap irritates skin and eyes: gloves."));
      case MILKY ->
          s.add(say("milky", "Cuts bleed milk that irritates skin and eyes: gloves, glasses."));
      default -> {}
    }
    if (t.spines()) {
      s.add(say("spines", "Spines: tongs, a paper sling, thick gloves."));
    }
    if (!t.poisonous().isEmpty()) {
      s.add(say("poisonous", "Poisonous to {}.", String.join(", ", t.poisonous())));
    }
    if (t.foodCrop()) {
      s.add(say("food", "Parts of it are eaten: no treatment that is not meant for food."));
    }
    if (s.isEmpty()) {
      s.add(say("harmless", "Nothing that calls for a caution of its own."));
    }
    passage("People and animals", s);
  }

  private static String percent(double share) {
    return Wording.percent(share);
  }
}
