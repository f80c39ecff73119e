/** The signs a check can record, and the states a plant can be in. */
package happysaucer.core.sign;
