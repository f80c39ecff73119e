/** What the book says of each species, and of each group where a species is silent. */
package happysaucer.core.species;
