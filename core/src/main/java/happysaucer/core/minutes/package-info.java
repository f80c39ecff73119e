/** How long a job takes. */
package happysaucer.core.minutes;
