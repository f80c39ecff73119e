package happysaucer.core.book;

import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Crowding;
import happysaucer.core.species.Disturbance;
import happysaucer.core.species.Feeder;
import happysaucer.core.species.Group;
import happysaucer.core.species.Habit;
import happysaucer.core.species.Light;
import happysaucer.core.species.Refill;
import happysaucer.core.species.Rest;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Sap;
import happysaucer.core.species.ShapePreference;
import happysaucer.core.species.StepPreference;
import happysaucer.core.species.Vigour;
import happysaucer.core.species.WindowKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * One column of the species table: what may stand in it, and what the rules use it for.
 *
 * @param options codes or words to choose from, empty for numbers and text
 * @param least of a number, inclusive
 * @param most of a number, inclusive
 */
public record SpeciesColumn(
    String key,
    String label,
    Kind kind,
    List<String> options,
    double least,
    double most,
    String unit,
    String use) {

  /** NAMES are parted by semicolons, WORDS and MIXES by blanks. */
  public enum Kind {
    TEXT,
    NAMES,
    CODE,
    NUMBER,
    WHOLE,
    YES_NO,
    WORDS,
    MIX,
    MIXES
  }

  /** Who the entry is about; all other columns are traits, and empty where the group's hold. */
  public static final List<SpeciesColumn> OWN =
      List.of(
          text("name", "Botanical name", Kind.TEXT, "Plants are entered by it"),
          text("commonNames", "Common names", Kind.NAMES, "Found by each of them"),
          text("synonyms", "Older names", Kind.NAMES, "Found by each of them"),
          code("group", "Group", "Whatever is left empty below is the group's", Group.values()),
          text("remarks", "Remarks", Kind.TEXT, "Read by whoever works on it"));

  public static final List<SpeciesColumn> TRAITS =
      List.of(
          code(
              "refill",
              "Water again when",
              "Sets the refill point, and with it every count of days",
              Refill.values()),
          number(
              "waterCoefficient",
              "Thirst against others",
              Kind.NUMBER,
              0.3,
              2.0,
              "",
              "Scales how fast it empties the pot"),
          code(
              "crowding",
              "Crowding",
              "A kind that likes it snug is judged one grade milder",
              Crowding.values()),
          code("vigour", "Vigour", "How soon roots reach through fresh medium", Vigour.values()),
          number(
              "monthsFrom",
              "Usual interval, least",
              Kind.WHOLE,
              1,
              240,
              "months",
              "The prior for crowding and the forecast rest on it"),
          number(
              "monthsTo",
              "Usual interval, most",
              Kind.WHOLE,
              1,
              240,
              "months",
              "Past it a slip check is due"),
          code(
              "rootType",
              "Roots",
              "Decides loosening, moisture of the ball and what the holes tell",
              RootType.values()),
          text(
              "surfaceRoots",
              "Surface roots are normal",
              Kind.YES_NO,
              "Roots on top then say nothing of crowding"),
          number(
              "rootLimit",
              "Largest share of roots that may go",
              Kind.NUMBER,
              0,
              0.67,
              "share",
              "No cut goes beyond it; 0 forbids cutting"),
          code(
              "disturbance",
              "Bears disturbance",
              "How much the ball may be opened",
              Disturbance.values()),
          code("shape", "Shape of pot it likes", "Ranks the pots", ShapePreference.values()),
          text("bestMix", "Best mix", Kind.MIX, "What it is potted into"),
          text(
              "acceptableMixes",
              "Mixes that will do",
              Kind.MIXES,
              "Stand in where the best is not to be had"),
          number(
              "afpFrom",
              "Air in the drained medium, least",
              Kind.NUMBER,
              0.02,
              0.7,
              "share",
              "Less than this drowns its roots"),
          number(
              "afpTo",
              "Air in the drained medium, most",
              Kind.NUMBER,
              0.02,
              0.8,
              "share",
              "More than this leaves it thirsty"),
          code(
              "window",
              "Season for repots",
              "Sets the window from latitude and day length",
              WindowKind.values()),
          text(
              "budDrop",
              "Drops its buds when disturbed",
              Kind.YES_NO,
              "Makes buds and flowers a firm hold"),
          code("aftercare", "Aftercare", "The plan after every repot", AftercarePlan.values()),
          number(
              "dryDays",
              "Days dry after a repot",
              Kind.WHOLE,
              0,
              60,
              "days",
              "Cut roots seal before they are wet"),
          number(
              "ringWetDays",
              "Days fresh medium may stay wet",
              Kind.NUMBER,
              1,
              60,
              "days",
              "In a pot of 15 cm; larger pots are warned of"),
          code("light", "Light it likes", "Use of water and growth go by it", Light.values()),
          number(
              "sealDays",
              "Days a pruned top needs",
              Kind.WHOLE,
              0,
              60,
              "days",
              "Until then a repot waits"),
          code("feeder", "Hunger", "Scales the feed", Feeder.values()),
          text(
              "neckRot",
              "Neck rots easily",
              Kind.YES_NO,
              "A collar of grit, and never planted deeper"),
          code("sap", "Sap", "Cautions for skin and eyes", Sap.values()),
          text("spines", "Has spines", Kind.YES_NO, "Cautions for hands"),
          words(
              "poisonous",
              "Poisonous to",
              "Cautions where they come past",
              "none",
              "people",
              "cats",
              "dogs"),
          text("foodCrop", "Is eaten", Kind.YES_NO, "Forbids treatments that may not be eaten"),
          number(
              "leafDensity",
              "Leaf layers against a leafy fig",
              Kind.NUMBER,
              0.02,
              3,
              "",
              "Leaf area, and so use of water and drag"),
          number(
              "matureHeightMm",
              "Height when grown, indoors",
              Kind.NUMBER,
              30,
              20000,
              "mm",
              "An upright woody kind is proposed for the same pot from there on"),
          code("habit", "Habit", "Its usual size in a pot, and whether it has one", Habit.values()),
          text(
              "canopyPrunable",
              "Top may be pruned with the roots",
              Kind.YES_NO,
              "Balances a root cut"),
          number(
              "callusDays",
              "Days cut roots dry",
              Kind.WHOLE,
              0,
              30,
              "days",
              "Before they meet moist medium"),
          code(
              "rest",
              "Rest in the dark months",
              "Makes rest a hold, and shrivelling normal",
              Rest.values()),
          code(
              "step",
              "Step up that suits it",
              "Ranks the pots by their step",
              StepPreference.values()),
          text(
              "graft",
              "Usually grafted",
              Kind.YES_NO,
              "The graft stays clear and suckers come off"),
          text("sunGrown", "Used to full sun", Kind.YES_NO, "Is led back to sun in steps"),
          text("showsBase", "Grown for its base", Kind.YES_NO, "May be raised to show it"),
          text("divides", "Can be parted", Kind.YES_NO, "Offers division"),
          text(
              "strikes",
              "Cuttings root",
              Kind.YES_NO,
              "Cuttings are a way out when the roots are lost"));

  /** All columns in the order of the table. */
  public static List<SpeciesColumn> all() {
    List<SpeciesColumn> all = new ArrayList<>(OWN.subList(0, 4));
    all.addAll(TRAITS);
    all.add(OWN.get(4));
    return all;
  }

  /** The trait of this name. */
  static SpeciesColumn trait(String key) {
    for (SpeciesColumn column : TRAITS) {
      if (column.key().equals(key)) {
        return column;
      }
    }
    throw new IllegalArgumentException("no trait " + key);
  }

  private static SpeciesColumn text(String key, String label, Kind kind, String use) {
    return new SpeciesColumn(key, label, kind, List.of(), 0, 0, "", use);
  }

  private static SpeciesColumn number(
      String key, String label, Kind kind, double least, double most, String unit, String use) {
    return new SpeciesColumn(key, label, kind, List.of(), least, most, unit, use);
  }

  private static SpeciesColumn words(String key, String label, String use, String... words) {
    return new SpeciesColumn(key, label, Kind.WORDS, List.of(words), 0, 0, "", use);
  }

  private static SpeciesColumn code(String key, String label, String use, Enum<?>[] codes) {
    return new SpeciesColumn(
        key, label, Kind.CODE, Arrays.stream(codes).map(Enum::name).toList(), 0, 0, "", use);
  }
}
