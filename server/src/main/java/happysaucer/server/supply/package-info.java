/** What stands there of feed and sundries, and what jobs take of it. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.supply;
