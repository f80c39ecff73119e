package happysaucer.server.label;

import happysaucer.server.door.Addresses;
import happysaucer.server.problem.InputException;
import happysaucer.server.qr.LabelKind;
import happysaucer.server.sheet.LabelLayout;
import happysaucer.server.sheet.LabelSheet;
import happysaucer.server.sheet.Paper;
import happysaucer.server.team.CurrentUser;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LabelController {
  private final Labels labels;
  private final Addresses addresses;
  private final CurrentUser user;

  LabelController(Labels labels, Addresses addresses, CurrentUser user) {
    this.labels = labels;
    this.addresses = addresses;
    this.user = user;
  }

  /**
   * @param paper null for a label on its own
   */
  record LayoutView(
      String id,
      @Nullable Paper paper,
      int columns,
      int rows,
      double widthMm,
      double heightMm,
      double leftMm,
      double topMm,
      double stepXmm,
      double stepYmm,
      double pageWidthMm,
      double pageHeightMm) {}

  /**
   * @param addresses that codes can lead to, the one that suits best first
   * @param reached whether other devices reach the first of them
   */
  record LabelChoices(List<LayoutView> layouts, List<String> addresses, boolean reached) {}

  @GetMapping("/api/labels")
  LabelChoices choices() {
    List<String> addresses = this.addresses.all();
    return new LabelChoices(
        Arrays.stream(LabelLayout.values())
            .map(
                l ->
                    new LayoutView(
                        l.name(),
                        l.paper().orElse(null),
                        l.columns(),
                        l.rows(),
                        l.widthMm(),
                        l.heightMm(),
                        l.leftMm(),
                        l.topMm(),
                        l.stepXmm(),
                        l.stepYmm(),
                        l.pageWidthMm(),
                        l.pageHeightMm()))
            .toList(),
        addresses,
        !Addresses.onlyHere(addresses.get(0)));
  }

  /**
   * Labels to be printed.
   *
   * @param first the place on the first sheet to begin with, 1 for the first
   * @param address one of those that are offered; the first where none is given
   */
  @GetMapping(value = "/api/labels/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  @Transactional(readOnly = true)
  ResponseEntity<byte[]> sheet(
      @RequestParam LabelKind kind,
      @RequestParam LabelLayout layout,
      @RequestParam(required = false) @Nullable UUID site,
      @RequestParam(required = false) @Nullable UUID of,
      @RequestParam(defaultValue = "1") int first,
      @RequestParam(required = false) @Nullable String address)
      throws IOException {
    if (first < 1 || first > layout.places()) {
      throw InputException.of(
          "first", "This sheet has places 1 to " + layout.places() + ".", first);
    }
    List<String> addresses = this.addresses.all();
    if (address != null && !addresses.contains(address)) {
      throw InputException.of("address", "This server is not reached by it.", address);
    }
    byte[] pdf =
        new LabelSheet(
                labels.of(
                    kind, site, of, address == null ? addresses.get(0) : address, user.units()),
                layout)
            .pdf(first);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("labels.pdf").build().toString())
        .body(pdf);
  }
}
