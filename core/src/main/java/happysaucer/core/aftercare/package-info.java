/** The dated steps after a repot and the watering change, week by week. */
package happysaucer.core.aftercare;
