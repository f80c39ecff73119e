package happysaucer.server.message;

import happysaucer.core.aftercare.Reminding;
import happysaucer.server.aftercare.Aftercares.CareView;
import happysaucer.server.aftercare.Aftercares.WeekView;
import happysaucer.server.caretaker.Caretakers;
import happysaucer.server.caretaker.Caretakers.DuePour;
import happysaucer.server.caretaker.Caretakers.Page;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.message.MessageMapper.SubscriberRow;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Writes what each caretaker who wants it is reminded of, in the morning of their own zone. */
@Service
public class Reminders {
  private static final Logger LOG = LoggerFactory.getLogger(Reminders.class);
  private static final LocalTime MORNING = LocalTime.of(7, 0);

  /** After a morning without the server; later it is of no use. */
  private static final LocalTime EVENING = LocalTime.of(19, 0);

  private static final int AT_ONCE = 500;
  private static final int AHEAD_DAYS = 28;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  private final MessageMapper mapper;
  private final Templates templates;
  private final Caretakers caretakers;
  private final TeamClock clock;
  private final TransactionTemplate transaction;

  Reminders(
      MessageMapper mapper,
      Templates templates,
      Caretakers caretakers,
      TeamClock clock,
      TransactionTemplate transaction) {
    this.mapper = mapper;
    this.templates = templates;
    this.caretakers = caretakers;
    this.clock = clock;
    this.transaction = transaction;
  }

  /** Puts today's reminders into the queue, once, and answers how many. */
  public int write() {
    int written = 0;
    for (SubscriberRow one : mapper.wanting(clock.today(), AT_ONCE)) {
      ZonedDateTime there = clock.now().atZone(ZoneId.of(one.zone()));
      LocalDate day = there.toLocalDate();
      LocalTime hour = there.toLocalTime();
      if (hour.isBefore(MORNING)
          || hour.isAfter(EVENING)
          || one.writtenOn() != null && !one.writtenOn().isBefore(day)) {
        continue;
      }
      try {
        Integer more = transaction.execute(status -> write(one, day));
        written += more == null ? 0 : more;
      } catch (RuntimeException e) {
        // one plant whose plan cannot be read leaves the others theirs
        LOG.warn("Reminders of {} could not be written: {}", one.plantId(), e.toString());
      }
    }
    return written;
  }

  private int write(SubscriberRow one, LocalDate day) {
    if (mapper.written(one.id(), day) == 0) {
      return 0;
    }
    Optional<Page> page = caretakers.ofLink(one.linkToken(), one.units(), day);
    if (page.isEmpty()) {
      return 0;
    }
    int written = 0;
    Optional<DuePour> next = page.get().next().stream().findFirst();
    Optional<Reminding.Water> water =
        next.map(
            pour ->
                new Reminding.Water(pour.on(), pour.late(), said(pour, every(page.get(), day))));
    for (Reminding.Reminder due :
        Reminding.of(
            new Reminding.Facts(
                day,
                water,
                Optional.ofNullable(mapper.saidBefore(one.id())),
                page.get().card().steps().stream()
                    .filter(step -> step.kind().equals("FOLLOW_UP") && step.open())
                    .map(step -> new Reminding.FollowUp(step.fromOn(), step.toOn()))
                    .toList(),
                mapper.coming(one.plantId(), day, day.plusDays(AHEAD_DAYS))))) {
      if (mapper.there(one.id(), due.key()) > 0) {
        continue;
      }
      mapper.write(
          UUID.randomUUID(),
          one.id(),
          due.key(),
          due.kind(),
          due.kind() == Reminding.Kind.WATER ? water.map(Reminding.Water::said).orElse(null) : null,
          templates.of(due.kind()).filled(values(one, page.get(), due.on(), day)),
          clock.now());
      written++;
    }
    return written;
  }

  private static String said(DuePour pour, @Nullable Long every) {
    return pour.words() + (every == null ? "" : " / " + every);
  }

  /** Whole days between waterings by the week that runs; null where the plan says to look. */
  private static @Nullable Long every(Page page, LocalDate day) {
    return page.card().weeks().stream()
        .filter(week -> !week.fromOn().isAfter(day))
        .reduce((a, b) -> b)
        .map(WeekView::everyDays)
        .map(Math::round)
        .orElse(null);
  }

  private static Map<String, String> values(
      SubscriberRow one, Page page, LocalDate about, LocalDate today) {
    Long every = every(page, today);
    Map<String, String> values = new HashMap<>();
    values.put("name", one.name());
    values.put("plant", page.card().job().commonName());
    values.put("label", page.card().job().label());
    values.put("spot", page.card().job().spotName());
    values.put("day", DAY.format(about));
    values.put("amount", page.next().stream().findFirst().map(DuePour::words).orElse("some water"));
    values.put(
        "every",
        every == null
            ? ""
            : every == 1
                ? "From now on every day."
                : "From now on about every " + every + " days.");
    values.put("probe", page.probe().orElse("Look at it before you water."));
    values.put("page", one.base() + "/care/" + one.linkToken());
    values.put("team", page.team());
    return values;
  }

  /**
   * What a reminder looks like for somebody who gets them.
   *
   * @param of whose it is made for; null where nobody is reminded yet, and an example is shown
   */
  record PreviewView(String subject, String body, @Nullable String of) {}

  PreviewView preview(Reminding.Kind kind, Template template) {
    SubscriberRow one = mapper.newest();
    LocalDate today = clock.today();
    Optional<Page> page =
        one == null ? Optional.empty() : caretakers.ofLink(one.linkToken(), one.units(), today);
    if (one == null || page.isEmpty()) {
      Template shown = template.filled(example(today));
      return new PreviewView(shown.subject(), shown.body(), null);
    }
    Template shown =
        template.filled(values(one, page.get(), about(kind, page.get(), today), today));
    return new PreviewView(
        shown.subject(),
        shown.body(),
        page.get().card().job().commonName() + ", for " + one.name());
  }

  private static LocalDate about(Reminding.Kind kind, Page page, LocalDate today) {
    return switch (kind) {
      case WATER -> today;
      case MISSED -> page.next().stream().findFirst().map(DuePour::on).orElse(today);
      case COMING -> today.plusDays(1);
      case FOLLOW_UP ->
          page.card().steps().stream()
              .filter(step -> step.kind().equals("FOLLOW_UP") && step.open())
              .map(CareView::fromOn)
              .findFirst()
              .orElse(today.plusDays(1));
    };
  }

  private static Map<String, String> example(LocalDate today) {
    return Map.of(
        "name", "Wren",
        "plant", "Boston fern",
        "label", "T-000",
        "spot", "Window sill",
        "day", DAY.format(today.plusDays(1)),
        "amount", "half a cup",
        "every", "From now on about every 6 days.",
        "probe", "Two fingers deep into the old ball it should feel dry.",
        "page", "https://saucer.example/care/…",
        "team", "The team");
  }
}
