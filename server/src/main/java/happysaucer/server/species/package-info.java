/** The catalogue that screens choose from. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.species;
