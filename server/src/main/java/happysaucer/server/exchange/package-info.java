/** Open formats in and out. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.exchange;
