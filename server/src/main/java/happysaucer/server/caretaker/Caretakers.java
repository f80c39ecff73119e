package happysaucer.server.caretaker;

import happysaucer.core.aftercare.ExpectedWet;
import happysaucer.core.aftercare.NextWaterings;
import happysaucer.core.unit.Pouring;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.aftercare.Aftercares.Card;
import happysaucer.server.calendar.DaysFile;
import happysaucer.server.caretaker.CareLinks.LinkRow;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.photo.Photos;
import happysaucer.server.settings.Settings;
import happysaucer.server.team.Account;
import happysaucer.server.team.Acting;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.watering.Waterings;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What whoever waters reads and tells by their page. */
@Service
public class Caretakers {
  /** So far ahead the next waterings are told. */
  private static final int AHEAD_DAYS = 28;

  private static final int CALENDAR_DAYS = 56;
  private static final int TOLD_A_DAY = 3;
  private static final int OPEN_REPORTS = 4;
  private static final int LONGEST = 1000;

  /** Nobody pours more than so many times what the plan says. */
  private static final double MOST_POURS = 5;

  private static final double LEAST_LIMIT = 0.5;

  private final CareLinkMapper mapper;
  private final Aftercares aftercares;
  private final Waterings waterings;
  private final Photos photos;
  private final Settings settings;
  private final DaysFile calendars;
  private final TeamClock clock;
  private final CurrentUser user;

  Caretakers(
      CareLinkMapper mapper,
      Aftercares aftercares,
      Waterings waterings,
      Photos photos,
      Settings settings,
      DaysFile calendars,
      TeamClock clock,
      CurrentUser user) {
    this.user = user;
    this.mapper = mapper;
    this.aftercares = aftercares;
    this.waterings = waterings;
    this.photos = photos;
    this.settings = settings;
    this.calendars = calendars;
    this.clock = clock;
  }

  /** A link that is open now; neither one that has ended nor one that never was. */
  Optional<LinkRow> link(String token) {
    return Optional.ofNullable(mapper.byToken(token)).filter(link -> !link.endedOn(clock.today()));
  }

  /**
   * What the page shows: of one plant, and of nothing else.
   *
   * @param next waterings, the first of them may be late
   * @param waiting something was told that nobody has answered
   * @param wateredOn days that were told already, the newest first
   * @param measure in which amounts are said and told; null for litres
   */
  public record Page(
      String team,
      Card card,
      LocalDate today,
      List<DuePour> next,
      List<LocalDate> wateredOn,
      Pouring.@Nullable Measure measure,
      double usual,
      Wording wording,
      @Nullable String answer,
      boolean waiting) {
    /** With its amounts in the measure of whoever waters. */
    public String said(Said text) {
      return wording.text(text.message());
    }

    /** How it is looked at before it is watered next, with what is then poured. */
    public Optional<String> probe() {
      return card.steps().stream()
          .filter(step -> step.kind().equals("PROBE"))
          .map(step -> step.text().message())
          .map(text -> next.isEmpty() ? text : text.pouring(next.get(0).litres()))
          .map(wording::text)
          .findFirst();
    }
  }

  /**
   * @param words the amount as it is poured
   */
  public record DuePour(LocalDate on, double litres, String words, boolean late) {}

  @Transactional
  public Page page(LinkRow link) {
    mapper.opened(link.id());
    return made(link, AHEAD_DAYS);
  }

  /** The same for paper, in the units of whoever asks. */
  public Page printed(UUID job) {
    return made(job, AHEAD_DAYS, null, clock.today());
  }

  /**
   * What an open page would show on a day to somebody with these units; empty where it has ended.
   */
  public Optional<Page> ofLink(String token, Units units, LocalDate day) {
    return link(token)
        .map(
            link -> {
              Account by = link.by();
              Account reader = new Account(by.id(), by.account(), by.name(), by.role(), units, "");
              return Acting.as(reader, () -> made(link.jobId(), AHEAD_DAYS, link, day));
            });
  }

  private Page made(LinkRow link, int days) {
    return Acting.as(link.by(), () -> made(link.jobId(), days, link, clock.today()));
  }

  private Page made(UUID job, int days, @Nullable LinkRow link, LocalDate today) {
    Card card = aftercares.card(job);
    List<LocalDate> poured =
        waterings.of(card.job().plantId()).stream()
            .map(Waterings.WateringView::wateredOn)
            .filter(on -> !on.isBefore(card.doneOn()))
            .toList();
    List<DuePour> next = next(card, poured, today, days);
    List<Pouring.Measure> measures = settings.pouring();
    double usual = next.isEmpty() ? most(card) : next.get(0).litres();
    return new Page(
        settings.name(),
        card,
        today,
        next,
        poured,
        Pouring.fitting(usual, measures).orElse(null),
        usual,
        new Wording(user.units(), measures),
        link == null ? null : mapper.lastAnswer(link.id()),
        link != null && mapper.openReports(link.id()) > 0);
  }

  private List<DuePour> next(Card card, List<LocalDate> poured, LocalDate today, int days) {
    List<NextWaterings.Pour> weeks =
        card.weeks().stream()
            .map(
                week ->
                    new NextWaterings.Pour(
                        new ExpectedWet.Week(week.fromOn(), Optional.ofNullable(week.everyDays())),
                        week.litres()))
            .toList();
    Wording wording = new Wording(user.units());
    List<Pouring.Measure> measures = settings.pouring();
    List<DuePour> next = new ArrayList<>();
    for (NextWaterings.Due due :
        NextWaterings.of(
            card.firstWaterOn(), weeks, poured.stream().findFirst(), today, today.plusDays(days))) {
      if (due.litres() > 0) {
        next.add(
            new DuePour(
                due.on(),
                due.litres(),
                Pouring.words(due.litres(), measures).orElseGet(() -> wording.litres(due.litres())),
                due.late()));
      }
    }
    return next;
  }

  private static double most(Card card) {
    return card.weeks().stream().mapToDouble(Aftercares.WeekView::litres).max().orElse(0.2);
  }

  /** Something that was sent and cannot be taken, in words for whoever sent it. */
  static final class RefusedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    RefusedException(String message) {
      super(message);
    }
  }

  /**
   * @param id made with the page, so that a second tap tells nothing twice
   * @param amount in the page's measure, or litres where it has none
   * @param yesterday else today
   */
  record Told(UUID id, double amount, boolean yesterday) {}

  /** That it was watered: it is on record like a watering of the team. */
  @Transactional
  public void watered(LinkRow link, Told told) {
    Page page = made(link, AHEAD_DAYS);
    Pouring.Measure measure = page.measure();
    double litres = told.amount() * (measure == null ? 1 : measure.litres());
    if (!(told.amount() > 0)) {
      throw new RefusedException("Write how much you poured, as 1 or 1.5.");
    }
    if (litres > Math.max(LEAST_LIMIT, most(page.card()) * MOST_POURS)) {
      throw new RefusedException(
          "That is far more than this pot can take. Write how much you poured, as 1 or 1.5.");
    }
    LocalDate on = told.yesterday() ? page.today().minusDays(1) : page.today();
    if (on.isBefore(page.card().doneOn())) {
      throw new RefusedException("That was before it was repotted.");
    }
    if (page.wateredOn().stream().filter(on::equals).count() >= TOLD_A_DAY) {
      throw new RefusedException("It is down for that day already.");
    }
    Acting.as(
        link.by(),
        () -> {
          waterings.log(told.id(), new Waterings.WateringRequest(link.plantId(), on, litres, null));
          mapper.told(told.id(), link.id());
          return told;
        });
  }

  /** That something looks wrong: the watch shows it at once. */
  @Transactional
  public void report(LinkRow link, UUID id, String words) {
    String said = words.trim();
    if (said.isEmpty()) {
      throw new RefusedException("Write in a few words what you see.");
    }
    if (said.length() > LONGEST) {
      throw new RefusedException("That is too long: at most " + LONGEST + " letters.");
    }
    if (mapper.reports(id) > 0) {
      return;
    }
    if (mapper.openReports(link.id()) >= OPEN_REPORTS) {
      throw new RefusedException("We have your word, and somebody will look. Please wait for us.");
    }
    mapper.report(id, link, said, clock.now());
  }

  /** A picture for what was told; it is drawn anew like those of the team. */
  void photo(LinkRow link, UUID report, UUID photo, String type, InputStream body) {
    if (mapper.withoutPhoto(report, link.id()) == 0) {
      throw new RefusedException("There is a photo already, or nothing was told yet.");
    }
    Acting.as(
        link.by(),
        () -> {
          try {
            photos.add(
                photo,
                link.plantId(),
                new Photos.Occasion(null, null),
                "From whoever waters",
                type,
                body);
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
          return photo;
        });
    mapper.photo(report, link.id(), photo);
  }

  void refused(LinkRow link, int more) {
    if (more > 0) {
      mapper.refused(link.id(), more);
    }
  }

  /** The coming waterings for a calendar. */
  String calendar(LinkRow link) {
    Page page = made(link, CALENDAR_DAYS);
    String plant = page.card().job().commonName();
    return calendars.of(
        plant + ", water",
        page.next().stream()
            .map(
                pour ->
                    new DaysFile.Day(
                        "care-" + link.id() + "-" + pour.on(),
                        pour.late() ? page.today() : pour.on(),
                        "Water " + plant + ": " + pour.words(),
                        page.probe().orElse("Look at it first.")))
            .toList());
  }
}
