/** Labels with codes, for plants, spots and pots: printed, read and opened. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.crew;
