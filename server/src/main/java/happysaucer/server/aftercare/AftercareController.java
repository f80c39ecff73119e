package happysaucer.server.aftercare;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AftercareController {
  private final Aftercares aftercares;
  private final Watch watch;

  AftercareController(Aftercares aftercares, Watch watch) {
    this.aftercares = aftercares;
    this.watch = watch;
  }

  @GetMapping("/api/jobs/{id}/card")
  Aftercares.Card card(@PathVariable UUID id) {
    return aftercares.card(id);
  }

  /** Every plant that recovers, what presses most first. */
  @GetMapping("/api/watch")
  @Transactional(readOnly = true)
  Watch.WatchView watch() {
    return watch.view();
  }

  @PutMapping("/api/aftercare/{id}/skip")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void skip(@PathVariable UUID id, @RequestBody Aftercares.CareSkipRequest request) {
    aftercares.skip(id, request);
  }

  @PutMapping("/api/aftercare/{id}/day")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void move(@PathVariable UUID id, @RequestBody Aftercares.CareMoveRequest request) {
    aftercares.move(id, request);
  }

  @PutMapping("/api/aftercare/{id}/done")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void done(@PathVariable UUID id, @RequestBody Aftercares.CareDoneRequest request) {
    aftercares.done(id, request);
  }
}
