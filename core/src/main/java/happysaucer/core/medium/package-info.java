/** Ingredients, mixes and what they do in a pot of a given height. */
package happysaucer.core.medium;
