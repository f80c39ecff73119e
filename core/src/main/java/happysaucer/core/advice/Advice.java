package happysaucer.core.advice;

import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Said;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The answer. Lengths in mm, masses in g, volumes in L, shares 0 to 1; what is said keeps its
 * message beside its words in the asked units. A figure that cannot be reached is null, never NaN.
 *
 * @param present the plant as it stands, to be drawn in section
 * @param size of the plant as it was reckoned with; null on advice older than it
 * @param leftOut facts on record that the rules refuse, and so were not counted
 */
public record Advice(
    String bookVersion,
    List<Finding> findings,
    Call call,
    List<Look> lookNext,
    @Nullable SlipWarning slip,
    Forecast forecast,
    @Nullable Repot repot,
    @Nullable Section present,
    @Nullable Size size,
    Water water,
    Aftercare aftercare,
    List<Coded> cautions,
    List<String> assumed,
    List<LeftOut> leftOut) {

  public Advice {
    // an advice kept from before there was such a list
    leftOut = leftOut == null ? List.of() : leftOut;
  }

  /**
   * A fact on record that was not counted.
   *
   * @param field path it has in a request
   * @param message what to mend
   * @param value as it is on record, null where nothing is
   */
  public record LeftOut(String field, String message, @Nullable String value) {
    public static LeftOut of(Fault fault) {
      return new LeftOut(
          fault.field(),
          fault.message(),
          fault.value() == null
              ? null
              : fault.value() instanceof Double number
                  ? Rounding.text(number, 2)
                  : fault.value().toString());
    }
  }

  /**
   * The plant above its medium.
   *
   * @param measured height and spread were given, not assumed
   */
  public record Size(double heightMm, double spreadMm, boolean measured) {}

  public record Coded(String code, Said text) {}

  public record Finding(
      String code,
      String strength,
      @Nullable String grade,
      double decibans,
      List<Evidence> evidence,
      List<Discounted> discounted) {}

  public record Evidence(String sign, double weight, Said why) {}

  /**
   * @param setAside whether a person set it aside, rather than a rule
   */
  public record Discounted(String sign, Said why, boolean setAside) {}

  public record Call(
      String action,
      String urgency,
      @Nullable LocalDate from,
      @Nullable LocalDate to,
      @Nullable LocalDate recheck,
      List<Said> reasons,
      List<Hold> holds,
      List<Said> interim,
      List<Coded> also,
      List<Alternative> alternatives,
      @Nullable Overruled overruled) {}

  /**
   * A person's call stands in place of the rules' own.
   *
   * @param action the rules' own
   */
  public record Overruled(String by, String reason, String action) {}

  public record Hold(
      String code, boolean firm, boolean overridden, Said liftedBy, @Nullable LocalDate until) {}

  public record Alternative(String action, Said when) {}

  public record Look(String sign, String how, Said why) {}

  /**
   * Why it is not to be slipped out of its pot; null where nothing speaks against it.
   *
   * @param never whatever the plant is doing; otherwise only for now
   */
  public record SlipWarning(boolean never, Said why) {}

  public record Forecast(
      @Nullable Double rootFill,
      @Nullable LocalDate clearFrom,
      @Nullable LocalDate clearTo,
      Said basis) {}

  /**
   * @param workOn day of the work, which everything dated follows; null on advice older than it
   * @param pieces into which a clump is parted; each takes a pot and so much mix
   * @param lift null where no pot was found, or on advice older than it
   * @param sizing how the pot was sized, and what bore on it
   * @param needs of pots, media, tools, people and minutes
   * @param otherwise what can be done with a pot at hand instead of ordering one
   * @param orderPot the pot to order, with its figures, when none passes
   */
  public record Repot(
      @Nullable LocalDate workOn,
      List<Candidate> candidates,
      List<Said> sizing,
      @Nullable Said order,
      @Nullable Said otherwise,
      @Nullable Candidate orderPot,
      RootWork rootWork,
      @Nullable Mix mix,
      @Nullable Levels levels,
      String ballMoisture,
      Feed feed,
      @Nullable WaterIn waterIn,
      List<Step> steps,
      Section section,
      int pieces,
      @Nullable Lift lift,
      List<Need> needs) {
    public Repot {
      // a plan kept from before there was such a list
      needs = needs == null ? List.of() : needs;
    }

    /** Rank 1; empty when no pot passes. */
    public Optional<Candidate> chosen() {
      return candidates.stream().filter(pot -> Integer.valueOf(1).equals(pot.rank())).findFirst();
    }
  }

  /**
   * One thing the work needs.
   *
   * @param kind POT, MIX, INGREDIENT, OLD_MEDIUM, COARSE, FILLER, DRESSING, FEED, TOOL, MASS,
   *     VOLUME, PEOPLE, SKILL or MINUTES
   * @param code which of its kind
   * @param unit pieces, L, g, persons or min
   */
  public record Need(String kind, String code, double amount, String unit) {}

  /**
   * What it takes to lift the planted pot when it is wet.
   *
   * @param how ONE, TWO_FROM_THE_FLOOR, TWO or HOIST
   * @param two persons are needed at the bench, by mass or by height
   * @param massG wet, with its pot
   */
  public record Lift(String how, boolean two, double massG) {}

  /**
   * One pot compared; the measures of the pot come with it so that it can be drawn to scale.
   *
   * @param addMassG mass low in the pot that lifts it to the next grade of push, null at the
   *     highest
   * @param widerFootMm width of foot that does the same
   * @param stand where everything stands with this pot in the section; null on advice older than it
   * @param schools those of the three step schools that would take this pot
   * @param plasticSavesG what the same pot in plastic would save, null where it is as light already
   * @param mixLitres to be measured out for this pot, allowances included
   * @param wetZoneMm height over the floor up to which the medium holds hardly any air after
   *     watering
   */
  public record Candidate(
      String id,
      @Nullable Integer rank,
      Outline pot,
      String material,
      int drainHoles,
      double footMm,
      double potMassG,
      int feet,
      int wireHoles,
      double stepMm,
      double ballShare,
      double clearanceMm,
      double rimGapMm,
      double baseLayerMm,
      double fillLitres,
      double freshLitres,
      double containerCapacity,
      double airFilledPorosity,
      @Nullable Double daysToTopDry,
      @Nullable Double daysToRefill,
      @Nullable Double daysAirless,
      @Nullable Double daysRingWet,
      double tiltDegrees,
      double pushN,
      double dryMassG,
      double wetMassG,
      @Nullable Double addMassG,
      @Nullable Double widerFootMm,
      @Nullable Double plasticSavesG,
      String mix,
      String mixLabel,
      double mixLitres,
      double raiseMm,
      double coarseLayerMm,
      double wetZoneMm,
      @Nullable Stand stand,
      List<String> schools,
      List<Coded> failures,
      List<Coded> remarks) {}

  /**
   * @param likelyRootLoss share of the roots: a circled ball has more of them outside
   * @param confirm more than a third goes, so someone has to confirm it
   * @param overLimit a person wishes to take more than it stands
   * @param samePot the cuts that make the usual room in the pot it stands in
   */
  public record RootWork(
      String loosening,
      double baseSliceMm,
      double sideShaveMm,
      double rootShare,
      double canopyShare,
      double limit,
      double likelyRootLoss,
      boolean confirm,
      boolean overLimit,
      int callusDays,
      List<Said> notes,
      @Nullable Cuts samePot) {}

  public record Cuts(double baseSliceMm, double sideShaveMm, double rootShare) {}

  /**
   * @param reusableLitres of the litres, at most so many may be old medium, sieved and fed
   * @param coarseLitres coarse material over the holes, where the method lays it
   * @param recipe its ingredients in words, rounded so that they add up
   */
  public record Mix(
      String code,
      String label,
      double litres,
      double reusableLitres,
      double coarseLitres,
      @Nullable Filler filler,
      List<Ingredient> ingredients,
      @Nullable Said recipe) {}

  /** Cheaper grains under a reservoir's roots, up to a depth; water stands up to the mark. */
  public record Filler(String code, double litres, double depthMm, double markMm) {}

  public record Ingredient(String code, String label, double litres) {}

  public record Levels(double rimGapMm, double baseLayerMm, double raiseMm) {}

  public record Feed(
      String kind, @Nullable Double grams, @Nullable LocalDate holdUntil, Said why) {}

  public record WaterIn(LocalDate on, double litres) {}

  public record Step(String phase, Said text) {}

  /**
   * A straight-sided body for drawing, inside measures in mm.
   *
   * @param topDepthMm front to back at the top, where it differs from the width
   * @param mouthMm where it is narrower than the top
   */
  public record Outline(
      String shape,
      double topMm,
      double baseMm,
      double heightMm,
      @Nullable Double topDepthMm,
      @Nullable Double baseDepthMm,
      @Nullable Double mouthMm) {}

  /**
   * All that the cross-section needs, in mm.
   *
   * @param newPot the chosen pot, null when none will do or none is wanted
   * @param levels of the ball in the pot that is drawn
   * @param collarMm depth of grit round the neck, null for none
   * @param wires through the holes, for a trained tree
   * @param stand where everything stands
   * @param ballBefore before the work
   * @param wetZoneMm height over the floor up to which the medium holds hardly any air after
   *     watering
   */
  public record Section(
      Outline oldPot,
      Outline ballBefore,
      Outline ballAfter,
      @Nullable Outline newPot,
      double wetZoneMm,
      double coarseLayerMm,
      @Nullable Levels levels,
      @Nullable Double collarMm,
      @Nullable Integer wires,
      Stand stand) {
    public Section {
      // a section kept from before it came with its heights
      stand =
          stand == null
              ? SectionShape.of(
                  oldPot, oldPot.equals(newPot) ? null : newPot, ballBefore, ballAfter, levels)
              : stand;
    }
  }

  /**
   * How high everything in a section stands over the floor of the pot that is drawn, mm. A ball
   * that is too tall stands on the floor and looks out.
   *
   * @param fillMm level of the medium
   * @param bottomMm of the ball
   * @param topMm of the ball
   * @param soilMm how much of the ball's own height keeps its medium; what stands over the level
   *     where the base is shown is bared
   * @param beforeBottomMm where the ball as it was ended; below the floor when its base was sliced
   * @param oldFloorMm of the pot it stood in, where that is another one
   * @param lowestMm least height that is drawn
   * @param highestMm greatest height that is drawn
   * @param widestMm of all that is drawn
   */
  public record Stand(
      double fillMm,
      double bottomMm,
      double topMm,
      double soilMm,
      double beforeBottomMm,
      @Nullable Double oldFloorMm,
      double lowestMm,
      double highestMm,
      double widestMm) {}

  /**
   * @param now by the scales, where it was weighed on the day; null otherwise
   */
  public record Water(
      Drying before, @Nullable Drying after, @Nullable Drying settled, @Nullable Wetness now) {}

  /**
   * How wet the present pot is.
   *
   * @param share of the water for its roots that is left, 0 to 1
   * @param shareFrom lower end of its range
   * @param daysToRefill from now, null when not reached
   */
  public record Wetness(
      double share,
      double shareFrom,
      double shareTo,
      double litresLeft,
      @Nullable Double daysToRefill,
      Said basis) {}

  /**
   * Days since watering; null when not reached.
   *
   * @param daysToRefillFrom lower end of the range of daysToRefill
   * @param uncertainty relative half width of the range of every count of days
   * @param basis what the figures rest on
   */
  public record Drying(
      @Nullable Double daysToTopDry,
      @Nullable Double daysToRefill,
      @Nullable Double daysToRefillFrom,
      @Nullable Double daysToRefillTo,
      @Nullable Double daysAirless,
      @Nullable Double daysRingWet,
      double litresPerDay,
      double litres,
      double uncertainty,
      Said basis) {}

  public record Aftercare(String plan, List<CareStep> steps, List<Week> weeks) {}

  public record CareStep(LocalDate from, LocalDate to, String kind, String who, Said text) {}

  public record Week(int week, LocalDate from, @Nullable Double everyDays, double litres) {}
}
