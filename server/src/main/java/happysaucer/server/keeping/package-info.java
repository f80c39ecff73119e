/** Keeps the data: the folder it lies in, upgrades, backups, the disk under it. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.keeping;
