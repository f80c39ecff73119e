/** Requests and answers as JSON without reflection, so that the core can run in a browser. */
@org.jspecify.annotations.NullMarked
package happysaucer.codec;
