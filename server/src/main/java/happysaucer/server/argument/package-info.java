/** What people hold against the rules, kept on record. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.argument;
