/** Entries of the book that a team edits: as cells by column, one version after the other. */
@NullMarked
package happysaucer.server.entry;

import org.jspecify.annotations.NullMarked;
