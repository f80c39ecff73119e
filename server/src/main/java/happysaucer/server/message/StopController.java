package happysaucer.server.message;

import happysaucer.server.caretaker.CarePages;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The address in every reminder that ends them; the same words whoever asks. */
@RestController
class StopController {
  private final Subscribers subscribers;

  StopController(Subscribers subscribers) {
    this.subscribers = subscribers;
  }

  /** Programs that look through mail open what stands in it: to open it changes nothing. */
  @GetMapping("/care/stop/{token}")
  ResponseEntity<String> ask(@PathVariable String token) {
    return CarePages.page(
        "No more reminders?",
        "<h1>No more reminders?</h1><p>You get none of this plant any more; its page stays.</p>"
            + "<form method=post><button>No more of these</button></form>");
  }

  @PostMapping("/care/stop/{token}")
  ResponseEntity<String> stop(@PathVariable String token) {
    subscribers.stop(token);
    return CarePages.page(
        "No more reminders",
        "<h1>No more reminders</h1><p>You get none of this plant any more.</p>");
  }
}
