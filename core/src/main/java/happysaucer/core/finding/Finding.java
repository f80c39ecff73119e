package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import java.util.List;
import java.util.Optional;

/**
 * A condition with its strength and the evidence for and against it.
 *
 * @param grade how marked it is, where the signs grade it
 */
public record Finding(
    FindingCode code,
    double decibans,
    Optional<Grade> grade,
    List<Evidence> evidence,
    List<Discount> discounted) {
  public Strength strength() {
    return Strength.of(decibans);
  }

  public boolean stands() {
    return strength().stands();
  }
}
