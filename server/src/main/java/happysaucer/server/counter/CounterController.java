package happysaucer.server.counter;

import happysaucer.server.counter.Counter.BecomeRequest;
import happysaucer.server.counter.Counter.CounterView;
import happysaucer.server.counter.Counter.LeftRequest;
import happysaucer.server.counter.Counter.PottedRequest;
import happysaucer.server.counter.Counter.StatusRequest;
import happysaucer.server.counter.Counter.WalkInRequest;
import happysaucer.server.counter.Counter.WalkInView;
import happysaucer.server.counter.InHand.LookRequest;
import happysaucer.server.counter.InHand.LookView;
import happysaucer.server.history.Versions;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CounterController {
  private final Counter counter;
  private final InHand hand;

  CounterController(Counter counter, InHand hand) {
    this.counter = counter;
    this.hand = hand;
  }

  @GetMapping("/api/counter")
  CounterView view() {
    return counter.view();
  }

  @GetMapping("/api/counter/found")
  List<WalkInView> found(@RequestParam String text) {
    return counter.found(text);
  }

  /** The call and the price for a plant in the hand; nothing is kept. */
  @PostMapping("/api/counter/look")
  LookView look(@RequestBody LookRequest request) {
    return hand.look(request);
  }

  @PutMapping("/api/counter/{id}")
  WalkInView keep(@PathVariable UUID id, @RequestBody WalkInRequest request) {
    return counter.keep(id, request);
  }

  @PostMapping("/api/counter/{id}/potted")
  WalkInView potted(@PathVariable UUID id, @RequestBody PottedRequest request) {
    return counter.potted(id, request);
  }

  @PostMapping("/api/counter/{id}/left")
  WalkInView left(@PathVariable UUID id, @RequestBody LeftRequest request) {
    return counter.left(id, request);
  }

  @PutMapping("/api/counter/{id}/status")
  WalkInView status(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody StatusRequest request) {
    return counter.status(id, Versions.parse(version), request);
  }

  @PostMapping("/api/counter/{id}/client")
  WalkInView client(@PathVariable UUID id, @RequestBody BecomeRequest request) {
    return counter.client(id, request);
  }
}
