/** How long the way is. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.travel;
