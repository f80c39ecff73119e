/** A customer with a plant in the hand: the call, the price, and plants that are left for work. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.counter;
