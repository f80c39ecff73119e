/** Accounts, sign-in, roles, the team itself. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.team;
