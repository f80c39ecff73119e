package happysaucer.server.sheet;

import happysaucer.core.advice.Advice;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.counter.Counter;
import happysaucer.server.counter.Counter.WalkInView;
import happysaucer.server.counter.InHand;
import happysaucer.server.door.Addresses;
import happysaucer.server.qr.LabelCode;
import happysaucer.server.qr.LabelKind;
import happysaucer.server.settings.Settings;
import happysaucer.server.team.CurrentUser;
import java.io.IOException;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CounterSheetController {
  private final Counter counter;
  private final InHand hand;
  private final AdviceService advice;
  private final Settings settings;
  private final Addresses addresses;
  private final CurrentUser user;

  CounterSheetController(
      Counter counter,
      InHand hand,
      AdviceService advice,
      Settings settings,
      Addresses addresses,
      CurrentUser user) {
    this.counter = counter;
    this.hand = hand;
    this.advice = advice;
    this.settings = settings;
    this.addresses = addresses;
    this.user = user;
  }

  /** What was advised, why, and what it costs. */
  @GetMapping(value = "/api/counter/{id}/slip", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> slip(@PathVariable UUID id) throws IOException {
    WalkInView who = counter.of(id);
    Advice answer = advice.of(who.plantId(), user.units()).advice();
    String action = answer.call().action().replace('_', ' ').toLowerCase(Locale.ROOT);
    return pdf(
        "advice-" + who.number(),
        new CounterSheet(settings.name(), who)
            .slip(
                answer,
                Character.toUpperCase(action.charAt(0)) + action.substring(1),
                hand.quote(answer)));
  }

  /** For a plant that is left for work. */
  @GetMapping(value = "/api/counter/{id}/label", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> label(@PathVariable UUID id) throws IOException {
    WalkInView who = counter.of(id);
    String code = addresses.all().get(0) + new LabelCode(LabelKind.PLANT, who.plantId()).path();
    return pdf("number-" + who.number(), new CounterSheet(settings.name(), who).label(code));
  }

  private static ResponseEntity<byte[]> pdf(String name, byte[] body) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename(name + ".pdf").build().toString())
        .body(body);
  }
}
