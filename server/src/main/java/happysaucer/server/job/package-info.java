/** Scheduled work, from advice to done. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.job;
