package happysaucer.server.calendar;

import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import org.springframework.stereotype.Component;

/** What is to be done on certain days, as an iCalendar file (RFC 5545) of whole days. */
@Component
public class DaysFile {
  private final TeamClock clock;

  DaysFile(TeamClock clock) {
    this.clock = clock;
  }

  /**
   * @param uid stays the same from one reading to the next
   */
  public record Day(String uid, LocalDate on, String what, String more) {}

  public String of(String name, List<Day> days) {
    Calendar calendar = Calendars.named("Care", name);
    for (Day day : days) {
      VEvent event = new VEvent(false);
      event.add(new Uid(day.uid() + "@happy-saucer"));
      event.add(new DtStamp(clock.now()));
      event.add(new DtStart<>(day.on()));
      event.add(new Summary(day.what()));
      event.add(new Description(day.more()));
      calendar.add(event);
    }
    return Calendars.text(calendar);
  }
}
