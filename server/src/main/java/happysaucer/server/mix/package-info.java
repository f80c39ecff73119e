/** Ingredients and mixes, with what they do in a pot. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.mix;
