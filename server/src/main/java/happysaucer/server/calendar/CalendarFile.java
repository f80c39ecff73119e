package happysaucer.server.calendar;

import happysaucer.core.work.JobKind;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.season.KnownJobs.KnownJob;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import org.springframework.stereotype.Component;

/** Jobs as an iCalendar file (RFC 5545), in the time zone of the team. */
@Component
class CalendarFile {
  private static final Map<String, String> PLACES =
      Map.of("COLLECT", ", fetched", "BENCH", ", in the workshop", "RETURN", ", brought back");

  private static final int HOUR = 60;
  private static final int DAY_MINUTES = 24 * 60;

  private final TeamClock clock;

  CalendarFile(TeamClock clock) {
    this.clock = clock;
  }

  /**
   * @param crew for those who do it: with how one gets in, and the other crews' names
   */
  String of(String name, List<KnownJob> jobs, boolean crew) {
    ZoneId zone = clock.zone();
    Calendar calendar = Calendars.named("Season", name);
    TimeZone known =
        TimeZoneRegistryFactory.getInstance().createRegistry().getTimeZone(zone.getId());
    // a zone without rules of its own, UTC among them, is written in UTC
    boolean zoned =
        known != null && known.getVTimeZone() != null && known.getID().equals(zone.getId());
    if (known != null) {
      calendar.add(known.getVTimeZone());
    }
    for (KnownJob job : jobs) {
      calendar.add(event(job, zone, zoned, crew));
    }
    return Calendars.text(calendar);
  }

  private VEvent event(KnownJob job, ZoneId zone, boolean zoned, boolean crew) {
    VEvent event = new VEvent(false);
    // it stays the same through every move, so that a calendar knows it again
    event.add(new Uid("job-" + job.id() + "@happy-saucer"));
    event.add(new DtStamp(clock.now()));
    event.add(new Sequence(job.sequence()));
    ZonedDateTime begin = at(job, job.beginMinutes(), zone);
    ZonedDateTime end = at(job, Math.max(job.beginMinutes() + 1, job.endMinutes()), zone);
    if (zoned) {
      event.add(new DtStart<>(begin));
      event.add(new DtEnd<>(end));
    } else {
      event.add(new DtStart<>(begin.toInstant()));
      event.add(new DtEnd<>(end.toInstant()));
    }
    event.add(new Summary(summary(job)));
    event.add(new Location(crew ? job.site() + ", " + job.client() : job.site()));
    event.add(new Description(description(job, crew)));
    event.add(new Status(job.cancelled() ? Status.VALUE_CANCELLED : Status.VALUE_CONFIRMED));
    return event;
  }

  private static ZonedDateTime at(KnownJob job, int minutes, ZoneId zone) {
    int within = Math.min(minutes, DAY_MINUTES - 1);
    return job.on().atTime(LocalTime.of(within / HOUR, within % HOUR)).atZone(zone);
  }

  private static String summary(KnownJob job) {
    String what = JobKind.valueOf(job.kind()).title(job.action());
    return what + ": " + job.plant() + PLACES.getOrDefault(job.place(), "");
  }

  private static String description(KnownJob job, boolean crew) {
    return crew && !job.accessNote().isEmpty() ? job.spot() + ". " + job.accessNote() : job.spot();
  }
}
