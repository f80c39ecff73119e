/** A made-up team, generated from a seed. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.demo;
