/** The method a team keeps, and where clients, groups and plants differ. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.method;
