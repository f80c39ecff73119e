package happysaucer.core.casefile;

import happysaucer.core.medium.Mix;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Refill;
import happysaucer.core.species.Species;
import happysaucer.core.species.Traits;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;

/**
 * The plant of a case.
 *
 * @param heightMm above the medium
 * @param topMassG above the medium
 * @param states the states it is in, with the days since each began (0 where days do not matter)
 * @param sizeWish empty when nobody said
 * @param sizeMeasured height and spread were given, not assumed
 * @param resting seen, or by its nature at this time
 * @param heldByCover its cover pot stays, and the next size of pot would not go into it
 * @param mix what its ball stands in
 * @param fed whether it is fed, empty when nobody knows
 */
public record PlantCase(
    Species species,
    double heightMm,
    double spreadMm,
    double topMassG,
    double leanDegrees,
    Optional<SizeWish> sizeWish,
    boolean sizeMeasured,
    Optional<LocalDate> lastRepotted,
    Map<StateCode, Integer> states,
    boolean resting,
    Mix mix,
    Optional<Boolean> fed,
    WatererHabit watererHabit,
    boolean heldByCover) {

  public Traits traits() {
    return species.traits();
  }

  /** The states with the days since each began, and the rest that its kind takes on that day. */
  public static boolean restsOn(
      Species species, Map<StateCode, Integer> states, double latitude, LocalDate date) {
    return Resting.of(species.traits(), states, latitude, date);
  }

  public boolean is(StateCode state) {
    return states.containsKey(state);
  }

  /** Months since the last repot, if it is known. */
  public Optional<Double> monthsInPot(LocalDate date) {
    return lastRepotted.map(last -> ChronoUnit.DAYS.between(last, date) / 30.44);
  }

  /** It stands in mineral grains over a water table. */
  public boolean inReservoir() {
    return mix.reservoir();
  }

  /** When it wants water: by its kind, or by the reservoir it stands on. */
  public Refill refill() {
    return inReservoir() ? Refill.RESERVOIR : traits().refill();
  }

  /** Of the water its medium can hold, what is there when somebody leans on it (rule of thumb). */
  private static final double MEAN_SPENT = 0.7;

  /** Share of its water that a pot holds on the mean; bone dry for kinds that dry fully. */
  public double standingWetness() {
    return traits().dryLover() ? 0 : 1 - MEAN_SPENT * refill().spentShare();
  }

  /** From this share of its usual height a kind counts as grown (rule of thumb). */
  private static final double GROWN = 0.95;

  /** Nearer than this, both ways of going on are put forward (rule of thumb). */
  private static final double NEARLY_GROWN = 0.8;

  /** Under this share of its usual size it is young (rule of thumb). */
  private static final double YOUNG = 0.5;

  /** Somebody said that it is to stay this size. */
  public boolean toldToStay() {
    return sizeWish.equals(Optional.of(SizeWish.KEEP));
  }

  /** Nobody said, and an upright woody kind is as tall as its kind usually gets. */
  public boolean atUsualHeight() {
    return nobodySaidOfHeight(GROWN);
  }

  /** The same before long: where the choice is close. */
  public boolean nearUsualHeight() {
    return nobodySaidOfHeight(NEARLY_GROWN);
  }

  private boolean nobodySaidOfHeight(double share) {
    return sizeWish.isEmpty()
        && sizeMeasured
        && traits().habit().hasUsualHeight()
        && heightMm >= share * traits().matureHeightMm();
  }

  /** It may not, or need not, grow larger: what a person says goes before its height. */
  public boolean keepsSize() {
    return toldToStay() || atUsualHeight() || heldByCover;
  }

  /** Far from its usual size, and free to reach it. */
  public boolean youngAndToGrow(double potTopMm) {
    boolean small =
        heightMm < YOUNG * traits().matureHeightMm() || potTopMm < YOUNG * traits().usualPotMm();
    return small && !keepsSize();
  }
}
