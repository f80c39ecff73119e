/** Waterings. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.watering;
