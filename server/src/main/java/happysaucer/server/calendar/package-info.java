/** Calendars that crews and clients subscribe to. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.calendar;
