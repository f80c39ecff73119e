/** One complete case: past completion nothing in it is unknown without saying so. */
package happysaucer.core.casefile;
