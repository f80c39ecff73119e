package happysaucer.server.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** What all our calendars begin with, and how they are written (RFC 5545). */
final class Calendars {
  private Calendars() {}

  static Calendar named(String of, String name) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Happy Saucer//" + of + "//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(ImmutableMethod.PUBLISH);
    calendar.add(new XProperty("X-WR-CALNAME", name));
    return calendar;
  }

  static String text(Calendar calendar) {
    StringWriter out = new StringWriter();
    try {
      new CalendarOutputter(false).output(calendar, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
