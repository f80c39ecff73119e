/** What work a plant asks for in a season, and when. */
@org.jspecify.annotations.NullMarked
package happysaucer.core.work;
