/** What a team settles once for everybody. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.settings;
