/** Reminders for whoever waters: written each morning, kept in a queue, sent once. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.message;
