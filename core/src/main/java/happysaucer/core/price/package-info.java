/** What a repot costs a customer. */
@org.jspecify.annotations.NullMarked
package happysaucer.core.price;
