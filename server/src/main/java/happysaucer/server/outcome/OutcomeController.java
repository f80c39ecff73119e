package happysaucer.server.outcome;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OutcomeController {
  private final Outcomes outcomes;

  OutcomeController(Outcomes outcomes) {
    this.outcomes = outcomes;
  }

  @PutMapping("/api/jobs/{id}/outcome")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void record(@PathVariable UUID id, @RequestBody Outcomes.OutcomeRequest request) {
    outcomes.record(id, request);
  }
}
