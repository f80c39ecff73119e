package happysaucer.server.sheet;

import happysaucer.server.caretaker.CareLinks;
import happysaucer.server.caretaker.Caretakers;
import happysaucer.server.job.Jobs;
import happysaucer.server.job.Jobs.JobView;
import happysaucer.server.season.CrewDays;
import happysaucer.server.season.DayPlan;
import happysaucer.server.team.CurrentUser;
import java.io.IOException;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SheetController {
  private final Jobs jobs;
  private final CrewDays days;
  private final CurrentUser user;
  private final Caretakers caretakers;
  private final CareLinks links;
  private final SiteRecords records;

  SheetController(
      Jobs jobs,
      CrewDays days,
      CurrentUser user,
      Caretakers caretakers,
      CareLinks links,
      SiteRecords records) {
    this.caretakers = caretakers;
    this.records = records;
    this.links = links;
    this.jobs = jobs;
    this.days = days;
    this.user = user;
  }

  /** One page, to be printed and to get wet. */
  @GetMapping(value = "/api/jobs/{id}/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @PathVariable UUID id, @RequestParam(defaultValue = "A4") Paper paper) throws IOException {
    JobView job = jobs.of(id);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename("bench-" + job.job().label() + ".pdf")
                .build()
                .toString())
        .body(new BenchSheet(job, user.units(), paper).pdf());
  }

  /** The card for whoever waters, with a code that leads to their page where there is one. */
  @GetMapping(value = "/api/jobs/{id}/card/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  @Transactional(readOnly = true)
  ResponseEntity<byte[]> card(
      @PathVariable UUID id, @RequestParam(defaultValue = "A4") CardSheet.Size size)
      throws IOException {
    Caretakers.Page page = caretakers.printed(id);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename("card-" + page.card().job().label() + ".pdf")
                .build()
                .toString())
        .body(new CardSheet(page, links.of(id).address(), size).pdf());
  }

  /** What was done at a site in a time, for a client who asks. */
  @GetMapping(value = "/api/sites/{id}/records", produces = MediaType.APPLICATION_PDF_VALUE)
  @Transactional(readOnly = true)
  ResponseEntity<byte[]> records(
      @PathVariable UUID id,
      @RequestParam LocalDate from,
      @RequestParam LocalDate to,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename("records-" + from + "-" + to + ".pdf")
                .build()
                .toString())
        .body(records.pdf(id, from, to, paper));
  }

  /** A crew's day with its load, on one page. */
  @GetMapping(value = "/api/crews/{id}/day/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  @Transactional(readOnly = true)
  ResponseEntity<byte[]> day(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable LocalDate on,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    DayPlan day = days.of(id, on);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("day-" + day.on() + ".pdf").build().toString())
        .body(new DaySheet(day, user.units(), paper).pdf());
  }
}
