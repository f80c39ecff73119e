/** What is due at a plant on a day, and whether the work that is planned still fits. */
package happysaucer.core.round;
