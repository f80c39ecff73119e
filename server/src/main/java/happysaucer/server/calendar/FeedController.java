package happysaucer.server.calendar;

import happysaucer.server.calendar.Feeds.FeedKind;
import happysaucer.server.calendar.Feeds.FeedRequest;
import happysaucer.server.calendar.Feeds.FeedView;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FeedController {
  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final Feeds feeds;

  FeedController(Feeds feeds) {
    this.feeds = feeds;
  }

  @GetMapping("/api/feeds")
  List<FeedView> all() {
    return feeds.all();
  }

  @PutMapping("/api/crews/{id}/feed")
  FeedView crewFeed(@PathVariable UUID id, @RequestBody FeedRequest request) {
    return feeds.open(FeedKind.CREW, id, request);
  }

  @PutMapping("/api/clients/{id}/feed")
  FeedView clientFeed(@PathVariable UUID id, @RequestBody FeedRequest request) {
    return feeds.open(FeedKind.CLIENT, id, request);
  }

  @GetMapping(value = "/api/crews/{id}/calendar.ics", produces = "text/calendar")
  @Transactional(readOnly = true)
  ResponseEntity<String> crew(@PathVariable UUID id) {
    return file(feeds.calendar(FeedKind.CREW, id), "crew.ics");
  }

  @GetMapping(value = "/api/clients/{id}/calendar.ics", produces = "text/calendar")
  @Transactional(readOnly = true)
  ResponseEntity<String> client(@PathVariable UUID id) {
    return file(feeds.calendar(FeedKind.CLIENT, id), "client.ics");
  }

  /** For programs that subscribe: whoever knows the address reads it, and nothing else. */
  @GetMapping(value = "/calendar/{token}.ics", produces = "text/calendar")
  @Transactional(readOnly = true)
  ResponseEntity<String> subscribed(@PathVariable String token) {
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.noStore())
        .body(feeds.byToken(token));
  }

  private static ResponseEntity<String> file(String calendar, String name) {
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(calendar);
  }
}
