/** The shelf: pots in stock, reserved by jobs. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.shelf;
