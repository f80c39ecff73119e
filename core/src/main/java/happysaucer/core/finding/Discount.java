package happysaucer.core.finding;

import happysaucer.core.unit.Message;

/**
 * A line that counts for less, or for nothing, and why.
 *
 * @param setAside whether a person set it aside, rather than a rule
 */
public record Discount(String sign, Message why, boolean setAside) {}
