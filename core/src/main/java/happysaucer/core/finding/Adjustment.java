package happysaucer.core.finding;

import happysaucer.core.unit.Message;
import java.util.Optional;

/**
 * A change of one weight by species, season or state.
 *
 * @param factor 0 for nothing, 1 for the whole weight
 * @param why for the person who disagrees
 */
record Adjustment(double factor, Message why) {
  static Optional<Adjustment> when(boolean applies, double factor, String key) {
    return applies ? Optional.of(new Adjustment(factor, Message.of(key))) : Optional.empty();
  }
}
