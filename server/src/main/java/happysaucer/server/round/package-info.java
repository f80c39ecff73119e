/** The round of a day. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.round;
