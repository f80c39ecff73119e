/** The team's choices where good practitioners differ. */
package happysaucer.core.method;
