/** The bench sheet on paper. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.sheet;
