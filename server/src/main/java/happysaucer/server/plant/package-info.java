/** Plants, their page and their history. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.plant;
