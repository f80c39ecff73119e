package happysaucer.server.caretaker;

import happysaucer.core.unit.Pouring;
import happysaucer.server.aftercare.Aftercares.Card;
import happysaucer.server.aftercare.Aftercares.CareView;
import happysaucer.server.caretaker.Caretakers.DuePour;
import happysaucer.server.caretaker.Caretakers.Page;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/** The page of whoever waters: small, plain, to be read without script by any browser. */
final class CarePage {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
  private static final DateTimeFormatter SHORT =
      DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
  private static final int LISTED = 5;
  private static final int WEEK = 7;
  private static final int WEEKS = 4;

  private static final String STYLE =
      """
      body{font:18px/1.5 Georgia,serif;margin:0 auto;padding:18px;max-width:36rem;background:#f6f0e7;color:#221f1a}
      h1{font-size:1.6rem;margin:0}h2{font-size:1.15rem;margin:26px 0 6px;border-bottom:3px solid #a85a3e}
      a{color:#2f5d4a}p{margin:6px 0}.soft{color:#5b544a}.next{background:#fdfbf6;border:1px solid #d8cdb9;border-bottom:5px solid #a85a3e;border-radius:3px 3px 12px 12px;padding:12px 16px}
      .next b{font-size:1.25rem}ul{padding-left:20px;margin:6px 0}li{margin:4px 0}
      table{border-collapse:collapse;width:100%;font-family:Arial,sans-serif;font-size:.85rem}td,th{border:1px solid #d8cdb9;text-align:center;height:44px;padding:2px;width:14.2%}
      td.due{background:#2b4c86;color:#fff;font-weight:700}td.was{color:#a09684}td.today{outline:3px solid #b57d12;outline-offset:-3px}
      button,.file{font:inherit;min-height:52px;padding:10px 20px;border:0;border-radius:5px;background:#366b55;color:#fff;margin:6px 8px 6px 0}
      input,textarea,select{font:inherit;padding:10px;border:1px solid #8d8271;border-radius:4px;background:#fff;color:#221f1a}
      input[type=number]{width:6rem}textarea{width:100%;box-sizing:border-box}label{display:block;margin:8px 0 2px}
      .alarm{border-left:6px solid #8c2f2a;padding-left:12px}.told{border-left:6px solid #366b55;padding-left:12px}.no{border-left:6px solid #b57d12;padding-left:12px}
      @media(prefers-color-scheme:dark){body{background:#211c17;color:#efe6d8}a{color:#8cc7ad}.next{background:#2b251f;border-color:#4a4036;border-bottom-color:#c2714f}.soft,td.was{color:#b9ab97}td,th{border-color:#4a4036}}
      """;

  private CarePage() {}

  static String shell(String title, String body) {
    return """
        <!doctype html><html lang="en"><head><meta charset="utf-8">
        <meta name="viewport" content="width=device-width,initial-scale=1"><meta name="robots" content="noindex,nofollow">
        <meta name="referrer" content="no-referrer"><title>%s</title><style>%s</style></head><body>%s</body></html>
        """
        .formatted(esc(title), STYLE, body);
  }

  private static String esc(String text) {
    return HtmlUtils.htmlEscape(text, "UTF-8");
  }

  /** The same for an address that has ended and for one that never was. */
  static String ended() {
    return shell(
        "This page has ended",
        "<h1>This page has ended</h1><p>Its weeks are over, it was closed, or the address is not"
            + " whole. Ask whoever gave it to you.</p>");
  }

  static String tooMuch() {
    return shell(
        "Please wait",
        "<h1>Please wait</h1><p>That was a great deal in a short time. Try again in an hour; what"
            + " you told before is kept.</p>");
  }

  /**
   * @param told what was just told, or why it was not taken; null when the page is only read
   * @param refused it was not taken
   * @param words that were typed and not taken
   * @param photoFor what was told, that a photo can be added to; null where none can
   */
  record Note(@Nullable String told, boolean refused, String words, @Nullable UUID photoFor) {
    static final Note NONE = new Note(null, false, "", null);
  }

  static String of(Page page, String token, Note note) {
    Card card = page.card();
    StringBuilder body = new StringBuilder();
    body.append("<p class=soft>").append(esc(page.team())).append("</p>");
    body.append("<h1>").append(esc(card.job().commonName())).append("</h1>");
    body.append("<p class=soft>")
        .append(esc(card.job().spotName() + ", " + card.job().label()))
        .append("</p>");
    note(body, token, note);
    if (page.waiting()) {
      body.append("<p class=alarm>You told us that something looks wrong. Until we have answered:")
          .append(" <b>no water.</b></p>");
    }
    if (page.answer() != null) {
      body.append("<p class=told>We answered: ").append(esc(page.answer())).append("</p>");
    }
    body.append("<p>")
        .append(esc(DAY.format(card.doneOn())))
        .append(": ")
        .append(esc(card.what().words()))
        .append("</p>");
    water(body, page, token);
    care(body, page);
    body.append("<h2>What is normal, and what is not</h2>");
    card.steps().stream()
        .filter(step -> step.kind().equals("WATCH"))
        .findFirst()
        .or(() -> card.steps().stream().findFirst())
        .ifPresent(
            step ->
                body.append("<p>Normal: ")
                    .append(esc(step.normal().words()))
                    .append("</p><p class=alarm>Not normal: ")
                    .append(esc(step.alarming().words()))
                    .append(" <b>")
                    .append(esc(step.then().words()))
                    .append("</b></p>"));
    wrong(body, token, note.words());
    visits(body, card);
    cautions(body, card);
    return shell(card.job().commonName(), body.toString());
  }

  private static void note(StringBuilder body, String token, Note note) {
    if (note.told() == null) {
      return;
    }
    body.append("<p class=")
        .append(note.refused() ? "no" : "told")
        .append(" role=status>")
        .append(esc(note.told()))
        .append("</p>");
    if (note.photoFor() != null) {
      body.append("<p><label for=photo>A photo helps:</label><input id=photo type=file")
          .append(" accept=\"image/jpeg,image/png\" data-to=\"/care/")
          .append(token)
          .append("/words/")
          .append(note.photoFor())
          .append("/photo\"></p><p id=sent role=status></p><script src=\"/care.js\"></script>");
    }
  }

  private static void water(StringBuilder body, Page page, String token) {
    body.append("<h2>Water</h2>");
    if (page.next().isEmpty()) {
      body.append("<p class=next>It will not ask for water in the next weeks. ")
          .append(esc(page.probe().orElse("")))
          .append("</p>");
    } else {
      DuePour first = page.next().get(0);
      body.append("<div class=next><p><b>")
          .append(esc(first.late() ? "Now" : day(first.on(), page.today())))
          .append(": ")
          .append(esc(first.words()))
          .append("</b>")
          .append(first.late() ? ", due since " + esc(DAY.format(first.on())) : "")
          .append("</p><p>")
          .append(esc(page.probe().orElse("Slowly, on the old ball.")))
          .append("</p></div>");
      body.append("<ul>");
      page.next().stream()
          .skip(1)
          .limit(LISTED)
          .forEach(
              pour ->
                  body.append("<li>")
                      .append(esc(DAY.format(pour.on()) + ": " + pour.words()))
                      .append("</li>"));
      body.append("</ul>");
    }
    grid(body, page);
    Pouring.Measure measure = page.measure();
    String unit = measure == null ? "litres" : Pouring.plural(measure.name(), 2);
    double usual = measure == null ? page.usual() : Pouring.count(page.usual(), measure);
    body.append("<form method=post action=\"/care/")
        .append(token)
        .append("/watered\"><input type=hidden name=id value=")
        .append(UUID.randomUUID())
        .append("><label for=amount>I poured (")
        .append(esc(unit))
        .append(
            ")</label><input id=amount name=amount type=number inputmode=decimal min=0.05 step=any value=\"")
        .append(number(usual))
        .append(
            "\"> <select name=day aria-label=\"Which day\"><option value=today>today<option value=yesterday>yesterday</select>")
        .append("<br><button>I watered it</button></form>");
    body.append("<p class=soft><a href=\"/care/")
        .append(token)
        .append("/water.ics\">These days for your calendar</a></p>");
  }

  private static String number(double value) {
    String text = String.format(Locale.ROOT, "%.2f", value);
    return text.replaceAll("0+$", "").replaceAll("\\.$", "");
  }

  private static String day(LocalDate day, LocalDate today) {
    if (day.equals(today)) {
      return "Today";
    }
    return day.equals(today.plusDays(1)) ? "Tomorrow" : DAY.format(day);
  }

  /** Four weeks, with the days of water and those that were told. */
  private static void grid(StringBuilder body, Page page) {
    Map<LocalDate, DuePour> due =
        page.next().stream()
            .filter(pour -> !pour.late())
            .collect(Collectors.toMap(DuePour::on, pour -> pour, (a, b) -> a, HashMap::new));
    LocalDate monday = page.today().with(DayOfWeek.MONDAY);
    body.append(
        "<table><caption class=soft>The next weeks: marked days are for water</caption><tr>");
    for (String name : List.of("Mo", "Tu", "We", "Th", "Fr", "Sa", "Su")) {
      body.append("<th>").append(name).append("</th>");
    }
    body.append("</tr>");
    for (int week = 0; week < WEEKS; week++) {
      body.append("<tr>");
      for (int i = 0; i < WEEK; i++) {
        LocalDate day = monday.plusDays((long) WEEK * week + i);
        boolean late =
            day.equals(page.today()) && !page.next().isEmpty() && page.next().get(0).late();
        boolean marked = due.containsKey(day) || late;
        String kind = marked ? "due" : day.isBefore(page.today()) ? "was" : "";
        body.append("<td class=\"").append(kind);
        if (day.equals(page.today())) {
          body.append(" today");
        }
        body.append("\">")
            .append(day.getDayOfMonth() == 1 ? esc(SHORT.format(day)) : day.getDayOfMonth())
            .append(marked ? "<br>water" : page.wateredOn().contains(day) ? "<br>✓" : "")
            .append("</td>");
      }
      body.append("</tr>");
    }
    body.append("</table>");
  }

  private static void care(StringBuilder body, Page page) {
    Card card = page.card();
    LocalDate today = page.today();
    List<CareView> steps =
        card.steps().stream()
            .filter(step -> step.who().equals("CARETAKER") && step.open())
            .filter(step -> !step.toOn().isBefore(today))
            .filter(step -> !step.kind().equals("WATCH") && !step.kind().equals("PROBE"))
            .toList();
    if (steps.isEmpty()) {
      return;
    }
    body.append("<h2>And besides</h2><ul>");
    for (CareView step : steps) {
      body.append("<li>")
          .append(esc(page.said(step.text())))
          .append(" <span class=soft>(")
          .append(esc("until " + SHORT.format(step.toOn())))
          .append(")</span></li>");
    }
    body.append("</ul>");
  }

  private static void wrong(StringBuilder body, String token, String words) {
    body.append("<h2>Something looks wrong</h2><form method=post action=\"/care/")
        .append(token)
        .append("/words\"><input type=hidden name=id value=")
        .append(UUID.randomUUID())
        .append(
            "><label for=words>What do you see?</label><textarea id=words name=words rows=3 maxlength=1000>")
        .append(esc(words))
        .append("</textarea><button>Tell us</button></form>");
  }

  private static void visits(StringBuilder body, Card card) {
    if (!card.nextVisits().isEmpty()) {
      body.append("<h2>We come back</h2><p>About ")
          .append(
              esc(
                  card.nextVisits().stream()
                      .map(DAY::format)
                      .collect(Collectors.joining(", and "))))
          .append(".</p>");
    }
  }

  private static void cautions(StringBuilder body, Card card) {
    if (!card.cautions().isEmpty()) {
      body.append("<h2>Take care</h2><ul>");
      card.cautions()
          .forEach(
              caution -> body.append("<li>").append(esc(caution.text().words())).append("</li>"));
      body.append("</ul>");
    }
  }
}
