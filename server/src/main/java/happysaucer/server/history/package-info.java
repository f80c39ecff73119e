/** Who changed what and when; writes that happen once. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.history;
