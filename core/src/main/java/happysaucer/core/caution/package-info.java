/** What can hurt people or plants, and when to say so. */
package happysaucer.core.caution;
