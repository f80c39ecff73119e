/** Finding anything from anywhere. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.find;
