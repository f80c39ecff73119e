package happysaucer.server.caretaker;

import static happysaucer.server.caretaker.CarePages.answer;
import static happysaucer.server.caretaker.CarePages.html;

import happysaucer.server.caretaker.CareLinks.LinkRow;
import happysaucer.server.caretaker.CarePage.Note;
import happysaucer.server.caretaker.Caretakers.RefusedException;
import happysaucer.server.caretaker.Caretakers.Told;
import happysaucer.server.problem.InputException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pages for whoever waters, without an account; each by an address of 256 random bits. */
@RestController
class CaretakerController {
  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final Caretakers caretakers;
  private final CareThrottle throttle;

  CaretakerController(Caretakers caretakers, CareThrottle throttle) {
    this.caretakers = caretakers;
    this.throttle = throttle;
  }

  private static ResponseEntity<String> ended() {
    return html(HttpStatus.GONE, CarePage.ended());
  }

  private static ResponseEntity<String> tooMuch() {
    return html(HttpStatus.TOO_MANY_REQUESTS, CarePage.tooMuch());
  }

  /** The link that is meant; whoever tries addresses is soon told nothing any more. */
  private Optional<LinkRow> link(String token, HttpServletRequest request) {
    Optional<LinkRow> link = caretakers.link(token);
    if (link.isEmpty() && !throttle.mayGuess(request.getRemoteAddr())) {
      throw new GuessedException();
    }
    return link;
  }

  /** Too many addresses that lead nowhere. */
  private static final class GuessedException extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  @ExceptionHandler(GuessedException.class)
  ResponseEntity<String> guessed() {
    return tooMuch();
  }

  @GetMapping("/care/{token}")
  ResponseEntity<String> page(
      @PathVariable String token,
      @RequestParam(required = false) @Nullable String told,
      @RequestParam(required = false) @Nullable UUID words,
      HttpServletRequest request) {
    Optional<LinkRow> link = link(token, request);
    if (link.isEmpty()) {
      return ended();
    }
    if (!throttle.mayRead(link.get())) {
      return tooMuch();
    }
    return html(HttpStatus.OK, CarePage.of(caretakers.page(link.get()), token, note(told, words)));
  }

  private static Note note(@Nullable String told, @Nullable UUID words) {
    if ("water".equals(told)) {
      return new Note("Thank you: it is down as watered.", false, "", null);
    }
    if ("words".equals(told)) {
      return new Note("Thank you: the team sees it at once.", false, "", words);
    }
    return Note.NONE;
  }

  /** What is done with a form that was sent; answers where the page goes on. */
  private interface Form {
    String take(LinkRow link, Map<String, String> fields);
  }

  private ResponseEntity<String> sent(String token, HttpServletRequest request, Form form)
      throws IOException {
    Optional<LinkRow> link = link(token, request);
    if (link.isEmpty()) {
      return ended();
    }
    if (!throttle.mayWrite(link.get())) {
      caretakers.refused(link.get(), throttle.refusals(link.get()));
      return tooMuch();
    }
    Map<String, String> fields = Map.of();
    try {
      fields = fields(request);
      return back(token, form.take(link.get(), fields));
    } catch (RefusedException e) {
      caretakers.refused(link.get(), 1);
      Note note = new Note(e.getMessage(), true, fields.getOrDefault("words", ""), null);
      return html(HttpStatus.BAD_REQUEST, CarePage.of(caretakers.page(link.get()), token, note));
    }
  }

  @PostMapping("/care/{token}/watered")
  ResponseEntity<String> watered(@PathVariable String token, HttpServletRequest request)
      throws IOException {
    return sent(
        token,
        request,
        (link, fields) -> {
          double amount = amount(fields.getOrDefault("amount", ""));
          boolean yesterday = "yesterday".equals(fields.get("day"));
          caretakers.watered(link, new Told(id(fields), amount, yesterday));
          return "told=water";
        });
  }

  @PostMapping("/care/{token}/words")
  ResponseEntity<String> words(@PathVariable String token, HttpServletRequest request)
      throws IOException {
    return sent(
        token,
        request,
        (link, fields) -> {
          UUID id = id(fields);
          caretakers.report(link, id, fields.getOrDefault("words", ""));
          return "told=words&words=" + id;
        });
  }

  /** A photo for what was told; its answer is a sentence to show. */
  @PutMapping("/care/{token}/words/{report}/photo")
  ResponseEntity<String> photo(
      @PathVariable String token, @PathVariable UUID report, HttpServletRequest request)
      throws IOException {
    Optional<LinkRow> link = link(token, request);
    if (link.isEmpty()) {
      return answer(HttpStatus.GONE).contentType(MediaType.TEXT_PLAIN).body("This page has ended.");
    }
    if (!throttle.mayWrite(link.get())) {
      caretakers.refused(link.get(), throttle.refusals(link.get()));
      return answer(HttpStatus.TOO_MANY_REQUESTS)
          .contentType(MediaType.TEXT_PLAIN)
          .body("Please wait an hour.");
    }
    try {
      String type = request.getContentType();
      caretakers.photo(
          link.get(),
          report,
          UUID.randomUUID(),
          type == null ? "" : type,
          request.getInputStream());
    } catch (RefusedException | InputException e) {
      caretakers.refused(link.get(), 1);
      return answer(HttpStatus.BAD_REQUEST).contentType(MediaType.TEXT_PLAIN).body(said(e));
    }
    return answer(HttpStatus.OK)
        .contentType(MediaType.TEXT_PLAIN)
        .body("Thank you: the photo is there.");
  }

  private static String said(RuntimeException e) {
    return e instanceof InputException input && !input.faults().isEmpty()
        ? input.faults().get(0).message()
        : String.valueOf(e.getMessage());
  }

  @GetMapping("/care/{token}/water.ics")
  ResponseEntity<String> calendar(@PathVariable String token, HttpServletRequest request) {
    Optional<LinkRow> link = link(token, request);
    if (link.isEmpty()) {
      return ended();
    }
    if (!throttle.mayRead(link.get())) {
      return tooMuch();
    }
    return answer(HttpStatus.OK).contentType(CALENDAR).body(caretakers.calendar(link.get()));
  }

  @GetMapping(value = "/robots.txt", produces = MediaType.TEXT_PLAIN_VALUE)
  String robots() {
    return "User-agent: *\nDisallow: /\n";
  }

  private static ResponseEntity<String> back(String token, String query) {
    return answer(HttpStatus.SEE_OTHER)
        .location(URI.create("/care/" + token + "?" + query))
        .body("");
  }

  private static UUID id(Map<String, String> form) {
    try {
      return UUID.fromString(form.getOrDefault("id", ""));
    } catch (IllegalArgumentException e) {
      throw new RefusedException("Open the page again, and tell it once more.");
    }
  }

  private static double amount(String text) {
    try {
      return Double.parseDouble(text.trim().replace(',', '.'));
    } catch (NumberFormatException e) {
      return Double.NaN;
    }
  }

  /** The fields of a form; its body was read before, small and soon. */
  private static Map<String, String> fields(HttpServletRequest request) throws IOException {
    String body = new String(request.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    Map<String, String> fields = new HashMap<>();
    for (String pair : body.split("&")) {
      int is = pair.indexOf('=');
      if (is > 0) {
        try {
          fields.put(
              URLDecoder.decode(pair.substring(0, is), StandardCharsets.UTF_8),
              URLDecoder.decode(pair.substring(is + 1), StandardCharsets.UTF_8));
        } catch (IllegalArgumentException e) {
          throw new RefusedException("That did not arrive whole. Send it again.");
        }
      }
    }
    return fields;
  }
}
