package happysaucer.server.sheet;

import happysaucer.core.call.Action;
import happysaucer.core.unit.Wording;
import happysaucer.server.photo.Photos;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.settings.Settings;
import happysaucer.server.sheet.RecordMapper.DoneRow;
import happysaucer.server.sheet.RecordMapper.PhotoRow;
import happysaucer.server.sheet.RecordMapper.SiteRow;
import happysaucer.server.sheet.RecordMapper.VisitRow;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was done to which plant of a site, when and by whom, with photos, as a PDF. */
@Component
class SiteRecords {
  private static final int MOST = 2000;
  private static final int MOST_PHOTOS = 60;
  private static final int MOST_DAYS = 731;
  private static final float MARGIN = 40;
  private static final float TYPE = 10;
  private static final float PHOTO = 150;
  private static final float DATE = 80;

  private static final Map<String, String> CARE =
      Map.of(
          "FOLLOW_UP", "Looked at after its repot",
          "TOP_UP", "Topped up",
          "REMOVE_BLOOM", "Flowers taken off",
          "WATER", "Watered",
          "PROBE", "Probed");

  private static final Map<String, String> RESULTS =
      Map.of(
          "TOOK_WELL", "It took its repot well",
          "SLOW", "It takes its repot slowly",
          "SET_BACK", "It was set back by its repot",
          "LOST", "It was lost");

  private final RecordMapper mapper;
  private final Photos photos;
  private final Settings settings;

  SiteRecords(RecordMapper mapper, Photos photos, Settings settings) {
    this.mapper = mapper;
    this.photos = photos;
    this.settings = settings;
  }

  /**
   * @throws InputException when the days are not in order, or are too many
   * @throws NotFoundException when there is no such site
   */
  byte[] pdf(UUID site, LocalDate from, LocalDate to, Paper paper) throws IOException {
    if (to.isBefore(from)) {
      throw InputException.of("to", "It ends before it begins. Give a later day.", to);
    }
    if (from.plusDays(MOST_DAYS).isBefore(to)) {
      throw InputException.of("to", "At most two years at once.", to);
    }
    SiteRow about = mapper.site(site);
    if (about == null) {
      throw new NotFoundException("There is no such site.");
    }
    try (PDDocument document = new PDDocument();
        Pages pages = new Pages(document, paper.size)) {
      pages.head(
          about.client() + ", " + about.site(),
          settings.name() + ": what was done, " + Wording.date(from) + " to " + Wording.date(to));
      visits(pages, mapper.visits(site, from, to, MOST));
      done(pages, mapper.done(site, from, to, MOST));
      for (PhotoRow photo : mapper.photos(site, from, to, MOST_PHOTOS)) {
        pages.photo(
            photos.thumbnail(photo.id()),
            Wording.date(photo.takenOn())
                + ", "
                + photo.label()
                + " "
                + photo.commonName()
                + (photo.caption().isEmpty() ? "" : ": " + photo.caption()));
      }
      pages.end();
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private static void visits(Pages pages, List<VisitRow> visits) throws IOException {
    pages.title("Visits");
    if (visits.isEmpty()) {
      pages.line("", "No visit in this time.");
    }
    for (VisitRow visit : visits) {
      pages.line(
          Wording.date(visit.visitedOn()),
          visit.who()
              + ", "
              + (visit.checked() == 1
                  ? "one plant looked at"
                  : visit.checked() + " plants looked at"));
    }
  }

  private static void done(Pages pages, List<DoneRow> rows) throws IOException {
    pages.title("Work on plants");
    if (rows.isEmpty()) {
      pages.line("", "Nothing was done to a plant in this time.");
    }
    for (DoneRow row : rows) {
      pages.line(
          Wording.date(row.doneOn()),
          row.label()
              + " "
              + row.commonName()
              + ", "
              + row.spotName()
              + ": "
              + what(row)
              + (row.who() == null ? "" : " (" + row.who() + ")"));
    }
  }

  private static String what(DoneRow row) {
    return switch (row.what()) {
      case "JOB" -> Action.valueOf(row.code()).title();
      case "CARE" ->
          CARE.getOrDefault(row.code(), row.code().toLowerCase(Locale.ROOT).replace('_', ' '));
      default -> RESULTS.getOrDefault(row.code(), row.code());
    };
  }

  /** Lines and photos from page to page. */
  private static final class Pages implements AutoCloseable {
    private final PDDocument document;
    private final PDRectangle paper;
    private final Ink.Face face;
    private @Nullable Ink ink;
    private float y;
    private float x = MARGIN;
    private float photoFoot;
    private int number;

    Pages(PDDocument document, PDRectangle paper) throws IOException {
      this.document = document;
      this.paper = paper;
      this.face = Ink.face(document);
    }

    private Ink ink(float room) throws IOException {
      if (ink == null || y + room > paper.getHeight() - MARGIN) {
        close();
        PDPage page = new PDPage(paper);
        document.addPage(page);
        ink = new Ink(face, document, page);
        number++;
        String foot = "Page " + number;
        ink.text(foot, paper.getWidth() - MARGIN - ink.width(foot, 8), paper.getHeight() - 22, 8);
        y = MARGIN;
      }
      return ink;
    }

    void head(String title, String below) throws IOException {
      Ink on = ink(60);
      on.bold(title, MARGIN, y + 16, 18);
      on.text(below, MARGIN, y + 34, 11);
      y += 48;
    }

    void title(String text) throws IOException {
      Ink on = ink(60);
      y += 16;
      on.bold(text, MARGIN, y, 13);
      y += 6;
    }

    void line(String date, String text) throws IOException {
      float width = paper.getWidth() - 2 * MARGIN - DATE;
      List<String> lines = ink(Ink.line(TYPE)).wrapped(text, TYPE, width);
      Ink on = ink(Ink.line(TYPE) * lines.size());
      y += Ink.line(TYPE);
      on.text(date, MARGIN, y, TYPE);
      on.lines(lines, MARGIN + DATE, y, TYPE);
      y += Ink.line(TYPE) * (lines.size() - 1);
    }

    void photo(byte[] jpeg, String words) throws IOException {
      if (photoFoot == 0) {
        title("Photos");
        y += 8;
      }
      boolean fits = x + PHOTO <= paper.getWidth() - MARGIN + 1;
      if (!fits) {
        x = MARGIN;
        y = photoFoot;
      }
      float room = PHOTO + Ink.line(8) * 3;
      if (x == MARGIN) {
        ink(room);
      }
      Ink on = ink(0);
      on.picture(document, jpeg, x, y, PHOTO - 8);
      on.lines(on.wrapped(words, 8, PHOTO - 12), x, y + PHOTO, 8);
      x += PHOTO;
      photoFoot = y + room;
    }

    void end() throws IOException {
      close();
    }

    @Override
    public void close() throws IOException {
      if (ink != null) {
        ink.close();
        ink = null;
      }
    }
  }
}
