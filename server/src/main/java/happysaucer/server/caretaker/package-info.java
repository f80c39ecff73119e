/** The page of whoever waters: by an address that nobody guesses and that ends with the care. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.caretaker;
