/** The steps after a repot, and the card. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.aftercare;
