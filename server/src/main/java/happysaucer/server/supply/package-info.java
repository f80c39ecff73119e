/** What was ordered for the shelf, when it comes, and what came. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.supply;
