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
 * @param mix what its ball stands in
 * @param fed whether it is fed, empty when nobody knows
 */
public record PlantCase(
    Species species,
    double heightMm,
    double spreadMm,
    double topMassG,
    double leanDegrees,
    SizeWish sizeWish,
    Optional<LocalDate> lastRepotted,
    Map<StateCode, Integer> states,
    Mix mix,
    Optional<Boolean> fed,
    WatererHabit watererHabit) {

  public Traits traits() {
    return species.traits();
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

  /** It may not, or need not, grow larger. */
  public boolean keepsSize() {
    return sizeWish == SizeWish.KEEP || heightMm >= traits().matureHeightMm();
  }
}
