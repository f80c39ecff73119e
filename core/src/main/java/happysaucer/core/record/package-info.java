/** From a plant's raw record to its case: what still counts, and what it amounts to. */
package happysaucer.core.record;
