/** Codes that cameras read. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.qr;
