package happysaucer.core.species;

import java.util.List;

/**
 * What the rules need to know of a kind of plant.
 *
 * @param waterCoefficient use of water against the table by light, 0.5 to 1.6
 * @param monthsFrom usual months between repots, least
 * @param monthsTo usual months between repots, most
 * @param rootLimit largest share of the roots that may go, 0 for root-shy
 * @param afpFrom air-filled porosity it likes, least, share of volume
 * @param afpTo air-filled porosity it likes, most
 * @param dryDays days to stay dry after a repot
 * @param ringWetDays days until the fresh medium round its ball has lost half of its first water,
 *     at most, in a pot of 15 cm
 * @param sealDays days a pruned top needs to seal
 * @param poisonous for whom, of "people", "cats", "dogs"
 * @param leafDensity leaf layers against a leafy fig
 * @param matureHeightMm typical height indoors when grown, mm
 * @param habit how it grows
 * @param callusDays days cut roots dry before moist medium
 * @param rest how it spends the dark months
 * @param step how large a step up suits it
 * @param graft usually grafted, so the graft must stay clear and suckers come off
 * @param sunGrown used to sun, so it is led back to it in steps
 * @param showsBase grown for its swollen or trained base, which may be raised
 * @param divides a clump or its offsets can be parted
 * @param strikes its cuttings root
 */
public record Traits(
    Refill refill,
    double waterCoefficient,
    Crowding crowding,
    Vigour vigour,
    int monthsFrom,
    int monthsTo,
    RootType rootType,
    boolean surfaceRoots,
    double rootLimit,
    Disturbance disturbance,
    ShapePreference shape,
    String bestMix,
    List<String> acceptableMixes,
    double afpFrom,
    double afpTo,
    WindowKind window,
    boolean budDrop,
    AftercarePlan aftercare,
    int dryDays,
    double ringWetDays,
    Light light,
    int sealDays,
    Feeder feeder,
    boolean neckRot,
    Sap sap,
    boolean spines,
    List<String> poisonous,
    boolean foodCrop,
    double leafDensity,
    double matureHeightMm,
    Habit habit,
    boolean canopyPrunable,
    int callusDays,
    Rest rest,
    StepPreference step,
    boolean graft,
    boolean sunGrown,
    boolean showsBase,
    boolean divides,
    boolean strikes) {

  public double monthsMiddle() {
    return (monthsFrom + monthsTo) / 2.0;
  }

  /** Larger pots hold longer by these powers of their width over 15 cm (rules of thumb). */
  private static final double LARGER_HOLD = 0.45;

  private static final double LARGER_HOLD_DRY = 0.9;

  private static final double REFERENCE_POT_MM = 150;

  /** Days the fresh medium may stay wet when it leaves a pot of this width (rule of thumb). */
  public double daysRingWetStood(double potTopMm) {
    return ringWetDays
        * Math.pow(potTopMm / REFERENCE_POT_MM, dryLover() ? LARGER_HOLD_DRY : LARGER_HOLD);
  }

  /** In orchids and rhizomes old roots die in turn, so rot is graded at doubled limits. */
  public boolean oldRootsDieInTurn() {
    return rootType == RootType.RHIZOME || rootType == RootType.EPIPHYTE;
  }

  /** Roots without fine ends to spare: they are handled by the soil, never combed. */
  public boolean handledBySoil() {
    return rootType == RootType.BRITTLE || rootType == RootType.FLESHY;
  }

  /** A grown plant stands in a smaller pot for its height than a young one (rule of thumb). */
  private static final double GROWN_POT = 0.8;

  /** Inside width of the pot in which it is usually kept when grown, mm (rule of thumb). */
  public double usualPotMm() {
    return GROWN_POT * matureHeightMm / habit.heightPerPot();
  }

  /**
   * Hardy trees trained small, conifers and bulbs are moved while they are dormant: rest opens
   * their window, and leafing out closes it.
   */
  public boolean repottedDormant() {
    return window == WindowKind.TRAINED_TREE;
  }

  public boolean dryLover() {
    return refill == Refill.FULLY_DRY;
  }
}
