package happysaucer.server.sheet;

import happysaucer.server.mix.BatchAnswers.Wanted;
import happysaucer.server.mix.Batches;
import happysaucer.server.settings.Settings;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BatchSheetController {
  private final Batches batches;
  private final Settings settings;

  BatchSheetController(Batches batches, Settings settings) {
    this.batches = batches;
    this.settings = settings;
  }

  /** What is mixed, bought and carried, on the team's paper. */
  @GetMapping(value = "/api/batches/wanted/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @RequestParam LocalDate from,
      @RequestParam LocalDate to,
      @RequestParam(required = false) @Nullable UUID crewId,
      @RequestParam(required = false) @Nullable List<UUID> jobs,
      @RequestParam(required = false) @Nullable Boolean reuse,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("batch-" + from + ".pdf").build().toString())
        .body(
            BatchSheet.of(
                settings.name(),
                paper.size,
                batches.plan(Wanted.of(from, to, crewId, jobs, reuse))));
  }
}
