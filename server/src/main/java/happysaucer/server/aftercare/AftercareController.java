package happysaucer.server.aftercare;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AftercareController {
  private final Aftercares aftercares;

  AftercareController(Aftercares aftercares) {
    this.aftercares = aftercares;
  }

  @GetMapping("/api/jobs/{id}/card")
  Aftercares.Card card(@PathVariable UUID id) {
    return aftercares.card(id);
  }

  @PutMapping("/api/aftercare/{id}/done")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void done(@PathVariable UUID id, @RequestBody Aftercares.CareDoneRequest request) {
    aftercares.done(id, request);
  }
}
