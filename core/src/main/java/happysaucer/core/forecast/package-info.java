/** How full of roots the pot is, and when it will be crowded. */
package happysaucer.core.forecast;
