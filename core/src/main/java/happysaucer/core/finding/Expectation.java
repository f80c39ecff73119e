package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import java.util.Optional;

/**
 * What models and geometry say of the present pot, for signs that mean something only against it.
 *
 * @param fillGrade how crowded the forecast expects the pot to be
 * @param intervalRatio interval now against soon after the last repot, season-corrected
 * @param uncrowdedDays days between waterings the water model expects of the same pot uncrowded
 * @param topDryDays days the water model expects the surface to stay moist
 * @param pouredOverUse what is poured on record over what it can drink, where it was measured
 * @param pushN push at mid canopy that tips it, N
 * @param liftG mass of the wet ball with the plant on it, g
 */
public record Expectation(
    Optional<Grade> fillGrade,
    Optional<Double> intervalRatio,
    Optional<Double> uncrowdedDays,
    Optional<Double> topDryDays,
    Optional<Double> pouredOverUse,
    double pushN,
    double liftG) {}
