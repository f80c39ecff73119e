package happysaucer.server.caretaker;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Pages for people without an account: kept by nobody, found by nobody, telling nobody. */
public final class CarePages {
  private static final MediaType HTML = MediaType.parseMediaType("text/html;charset=UTF-8");

  private CarePages() {}

  static ResponseEntity.BodyBuilder answer(HttpStatus status) {
    return ResponseEntity.status(status)
        .cacheControl(CacheControl.noStore())
        .header("X-Robots-Tag", "noindex, nofollow, noarchive")
        .header("Referrer-Policy", "no-referrer");
  }

  static ResponseEntity<String> html(HttpStatus status, String page) {
    return answer(status).contentType(HTML).body(page);
  }

  /**
   * @param body as HTML, with nothing in it that somebody else wrote
   */
  public static ResponseEntity<String> page(String title, String body) {
    return html(HttpStatus.OK, CarePage.shell(title, body));
  }
}
