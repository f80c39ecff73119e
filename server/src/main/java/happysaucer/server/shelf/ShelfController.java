package happysaucer.server.shelf;

import happysaucer.server.history.Versions;
import happysaucer.server.shelf.Shelf.MoveStockRequest;
import happysaucer.server.shelf.Shelf.ShelfPotRequest;
import happysaucer.server.shelf.Shelf.ShelfView;
import happysaucer.server.shelf.ShelfSheets.FromTradeRequest;
import happysaucer.server.shelf.ShelfSheets.ShelfImportRequest;
import happysaucer.server.shelf.ShelfSheets.ShelfImportView;
import happysaucer.server.team.CurrentUser;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class ShelfController {
  private final Shelf shelf;
  private final ShelfSheets sheets;
  private final CurrentUser user;

  ShelfController(Shelf shelf, ShelfSheets sheets, CurrentUser user) {
    this.shelf = shelf;
    this.sheets = sheets;
    this.user = user;
  }

  @GetMapping("/api/shelf")
  ShelfView shelf() {
    return shelf.view();
  }

  /** Without a version a new make of pot, with one an edit. */
  @PutMapping("/api/shelf/{id}")
  @Transactional
  public ShelfView put(
      @PathVariable UUID id,
      @RequestHeader(value = "If-Match", required = false) @Nullable String version,
      @RequestBody ShelfPotRequest request) {
    if (version == null) {
      shelf.add(id, request);
    } else {
      shelf.edit(id, Versions.parse(version), request);
    }
    return shelf.view();
  }

  @PostMapping("/api/shelf/{id}/stock")
  @Transactional
  public ShelfView move(@PathVariable UUID id, @RequestBody MoveStockRequest request) {
    shelf.move(id, request);
    return shelf.view();
  }

  @DeleteMapping("/api/shelf/{id}")
  @Transactional
  public ShelfView remove(@PathVariable UUID id) {
    shelf.remove(id);
    return shelf.view();
  }

  @PostMapping("/api/shelf-from-trade")
  @Transactional
  public ShelfView fromTrade(@RequestBody FromTradeRequest request) {
    sheets.fromTrade(request);
    return shelf.view();
  }

  @PostMapping("/api/shelf-import")
  @Transactional
  public ShelfImportView read(@RequestBody ShelfImportRequest request) {
    return sheets.read(request, user.units());
  }

  @GetMapping(value = "/api/shelf-export", produces = "text/csv")
  ResponseEntity<String> write() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shelf.csv\"")
        .body(sheets.write());
  }
}
