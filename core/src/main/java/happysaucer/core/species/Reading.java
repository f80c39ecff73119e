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

  private static Message say(String key, Object... values) {
    return Message.of("species." + key, values);
  }

  private void water() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.refill()) {
          case EVENLY_MOIST -> say("moist");
          case TOP_DRY -> say("topDry");
          case HALF_DRY -> say("halfDry");
          case FULLY_DRY -> say("fullyDry");
          case RESERVOIR -> say("reservoir");
        });
    s.add(
        t.waterCoefficient() < SPARING
            ? say("sparing")
            : t.waterCoefficient() > THIRSTY ? say("thirsty") : say("middling"));
    s.add(
        switch (t.light()) {
          case LOW -> say("low");
          case MEDIUM -> say("medium");
          case BRIGHT_INDIRECT -> say("bright");
          case DIRECT -> say("direct");
        });
    if (t.sunGrown()) {
      s.add(say("sun"));
    }
    passage("Water and light", s);
  }

  private void when() {
    List<Message> s = new ArrayList<>();
    s.add(say("interval", t.monthsFrom(), t.monthsTo()));
    s.add(
        switch (t.window()) {
          case TROPICAL -> say("tropical");
          case SUMMER_SUCCULENT -> say("summer");
          case SPRING_AUTUMN -> say("springAutumn");
          case WINTER_GROWER -> say("winter");
          case SHRUB -> say("shrub");
          case ROOT_START -> say("rootStart");
          case COOL_TREE -> say("coolTree");
          case TRAINED_TREE -> say("trained");
        });
    s.add(
        switch (t.crowding()) {
          case LIKES_SNUG -> say("snug");
          case NEUTRAL -> say("neutral");
          case NEEDS_ROOM -> say("room");
        });
    if (t.budDrop()) {
      s.add(say("budDrop"));
    }
    switch (t.rest()) {
      case SLOW -> s.add(say("restSlow"));
      case DRY -> s.add(say("restDry"));
      case LEAFLESS -> s.add(say("restLeafless"));
      default -> {}
    }
    passage("When to repot", s);
  }

  private void roots() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.rootType()) {
          case FINE -> say("fine");
          case FLESHY -> say("fleshy");
          case TAP -> say("tap");
          case BRITTLE -> say("brittle");
          case AERIAL -> say("aerial");
          case EPIPHYTE -> say("epiphyte");
          case RHIZOME -> say("rhizome");
        });
    s.add(t.rootLimit() == 0 ? say("noCut") : say("limit", percent(t.rootLimit())));
    s.add(
        switch (t.disturbance()) {
          case LOW -> say("shy");
          case MEDIUM -> say("some");
          case HIGH -> say("hardy");
        });
    if (t.surfaceRoots()) {
      s.add(say("surface"));
    }
    if (t.callusDays() > 0) {
      s.add(say("callus", t.callusDays()));
    }
    passage("Roots", s);
  }

  private void pot() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.shape()) {
          case STANDARD -> say("standard");
          case DEEP -> say("deep");
          case SHALLOW -> say("shallow");
        });
    s.add(
        switch (t.step()) {
          case SMALLEST -> say("smallest");
          case USUAL -> say("usual");
          case LARGE -> say("large");
        });
    s.add(say("air", percent(t.afpFrom()), percent(t.afpTo())));
    if (t.neckRot()) {
      s.add(say("neck"));
    }
    if (t.showsBase()) {
      s.add(say("base"));
    }
    if (t.graft()) {
      s.add(say("graft"));
    }
    s.add(say("height", Length.ofMm(t.matureHeightMm())));
    passage("Pot and medium", s);
  }

  private void after() {
    List<Message> s = new ArrayList<>();
    s.add(
        switch (t.aftercare()) {
          case SETTLE_IN -> say("settle");
          case KEEP_MOIST -> say("keepMoist");
          case WAIT_DRY -> say("waitDry");
          case DIPPED_THEN_DRY -> say("dipped");
          case FROM_BELOW -> say("below");
          case EPIPHYTE -> say("mist");
          case RESERVOIR -> say("aboveFirst");
          case ROT_RESCUE -> say("rescue");
          case NONE -> say("none");
        });
    if (t.dryDays() > 0) {
      s.add(say("dryDays", t.dryDays()));
    }
    s.add(
        switch (t.feeder()) {
          case HEAVY -> say("heavy");
          case NORMAL -> say("normal");
          case LIGHT -> say("light");
        });
    passage("Aftercare", s);
  }

  private void people() {
    List<Message> s = new ArrayList<>();
    switch (t.sap()) {
      case IRRITANT -> s.add(say("irritant"));
      case MILKY -> s.add(say("milky"));
      default -> {}
    }
    if (t.spines()) {
      s.add(say("spines"));
    }
    if (!t.poisonous().isEmpty()) {
      s.add(say("poisonous", String.join(", ", t.poisonous())));
    }
    if (t.foodCrop()) {
      s.add(say("food"));
    }
    if (s.isEmpty()) {
      s.add(say("harmless"));
    }
    passage("People and animals", s);
  }

  private static String percent(double share) {
    return Wording.percent(share);
  }
}
