package happysaucer.server.caretaker;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CareLinkController {
  private final CareLinks links;

  CareLinkController(CareLinks links) {
    this.links = links;
  }

  /** The page of whoever waters this plant. */
  @GetMapping("/api/jobs/{id}/care-link")
  CareLinks.CareLinkView link(@PathVariable UUID id) {
    return links.of(id);
  }

  @PutMapping("/api/jobs/{id}/care-link")
  CareLinks.CareLinkView open(
      @PathVariable UUID id, @RequestBody CareLinks.CareLinkRequest request) {
    return links.open(id, request);
  }

  /** What a caretaker told was seen to. */
  @PostMapping("/api/care-reports/{id}/answer")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void answer(@PathVariable UUID id, @RequestBody CareLinks.AnswerRequest request) {
    links.answer(id, request);
  }
}
