/** Photos of plants, scaled and without position, in the data folder. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.photo;
