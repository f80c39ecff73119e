/** The one clock of the app. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.clock;
