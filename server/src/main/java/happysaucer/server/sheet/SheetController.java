package happysaucer.server.sheet;

import happysaucer.server.job.Jobs;
import happysaucer.server.job.Jobs.JobView;
import happysaucer.server.team.CurrentUser;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SheetController {
  private final Jobs jobs;
  private final CurrentUser user;

  SheetController(Jobs jobs, CurrentUser user) {
    this.jobs = jobs;
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
}
