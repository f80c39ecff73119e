/** The three-store water balance of a pot. */
package happysaucer.core.water;
