/** Visits and checks. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.visit;
