/** The root ball and what cutting it removes. */
package happysaucer.core.root;
