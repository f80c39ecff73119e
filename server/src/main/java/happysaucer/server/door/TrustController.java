package happysaucer.server.door;

import happysaucer.server.qr.QrSvg;
import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TrustController {
  private final Trust trust;
  private final Hosts hosts;

  TrustController(Trust trust, Hosts hosts) {
    this.trust = trust;
    this.hosts = hosts;
  }

  /**
   * @param secure whether this page came over https
   * @param onlyHere other devices do not reach this server
   * @param fingerprint of the team's own authority; null where there is none
   * @param pages on which a device reads how to trust it
   * @param code leads to the first of them, SVG
   */
  record TrustView(
      boolean secure,
      boolean onlyHere,
      @Nullable String fingerprint,
      @Nullable LocalDate until,
      List<String> pages,
      @Nullable String code,
      List<String> steps,
      String caution) {}

  @GetMapping("/api/trust")
  TrustView view(HttpServletRequest request) {
    Optional<Trust.Own> own = trust.own();
    List<String> pages = own.isPresent() ? trust.pages() : List.of();
    return new TrustView(
        request.isSecure(),
        hosts.onlyHere(),
        own.map(Trust.Own::fingerprint).orElse(null),
        own.map(Trust.Own::until).orElse(null),
        pages,
        pages.isEmpty() ? null : QrSvg.of(pages.get(0)),
        TrustPage.STEPS,
        TrustPage.CAUTION);
  }
}
