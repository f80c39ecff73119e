package happysaucer.core.finding;

import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;

/** A sign that was seen and counts for less, or for nothing, and why. */
public record Discount(SignCode sign, Message why) {}
