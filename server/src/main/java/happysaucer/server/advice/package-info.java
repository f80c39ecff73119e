/** Gathers a stored plant's case in a bounded number of queries and asks the core. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.advice;
