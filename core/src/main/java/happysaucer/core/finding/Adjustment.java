package happysaucer.core.finding;

import happysaucer.core.unit.Message;

/**
 * A change of one weight by species, season or state.
 *
 * @param factor 0 for nothing, 1 for the whole weight
 * @param why for the person who disagrees
 */
record Adjustment(double factor, Message why) {}
