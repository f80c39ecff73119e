/** Measures taken from a photo against a width that is known. */
@org.jspecify.annotations.NullMarked
package happysaucer.core.photo;
