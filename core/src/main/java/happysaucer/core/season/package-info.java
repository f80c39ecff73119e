/** Day length and the windows in which a plant can be disturbed. */
package happysaucer.core.season;
