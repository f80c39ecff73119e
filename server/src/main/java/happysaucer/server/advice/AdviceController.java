package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.DryDowns;
import happysaucer.server.team.CurrentUser;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The one function, stateless with the shipped book, and for a stored plant before it is saved. */
@RestController
class AdviceController {
  private final Books books;
  private final AdviceService service;
  private final CurrentUser user;

  AdviceController(Books books, AdviceService service, CurrentUser user) {
    this.books = books;
    this.service = service;
    this.user = user;
  }

  /** Signs and states tapped so far. */
  public record Preview(
      @Nullable List<AdviceRequest.Sign> signs, @Nullable List<AdviceRequest.State> states) {}

  @PostMapping("/api/advice")
  Advice advice(@RequestBody AdviceRequest request) {
    return books.shipped().advise(request);
  }

  @PostMapping("/api/plants/{id}/advice")
  Advice preview(@PathVariable UUID id, @RequestBody Preview preview) {
    return service.preview(
        id,
        preview.signs() == null ? List.of() : preview.signs(),
        preview.states() == null ? List.of() : preview.states(),
        user.units());
  }

  /** How its pot dries, and would in wider ones. */
  @GetMapping("/api/plants/{id}/dry-down")
  DryDowns dryDown(@PathVariable UUID id) {
    return service.dryDowns(id, user.units());
  }
}
