/** The people of the team: asked in, given a role, let go. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.people;
