package happysaucer.core.sign;

/**
 * One sign of the catalogue.
 *
 * @param label what a person taps
 * @param how how to look for it, one line
 * @param minutes what looking costs
 * @param shows how often it is there when the trouble it speaks for most is (rule of thumb)
 */
public record Sign(
    SignCode code,
    SignGroup group,
    Measure measure,
    String label,
    String how,
    double minutes,
    double shows) {}
