/**
 * Measures, windows of dates, rounding, and sentences that carry measures. The ground: it knows no
 * plants.
 */
package happysaucer.core.unit;
