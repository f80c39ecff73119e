/** How repots went. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.outcome;
