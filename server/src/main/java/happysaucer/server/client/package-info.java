/** Clients, sites and spots. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.client;
