package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import java.util.Optional;

/**
 * What the models expect, for signs that mean something only against it.
 *
 * @param fillGrade how crowded the forecast expects the pot to be
 * @param intervalRatio interval now against soon after the last repot, season-corrected
 * @param uncrowdedDays days between waterings the water model expects of the same pot uncrowded
 */
public record Expectation(
    Optional<Grade> fillGrade, Optional<Double> intervalRatio, Optional<Double> uncrowdedDays) {}
