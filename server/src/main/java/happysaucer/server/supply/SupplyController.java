package happysaucer.server.supply;

import happysaucer.server.history.Versions;
import happysaucer.server.supply.Supplies.SupplyRequest;
import happysaucer.server.supply.Supplies.SupplyView;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SupplyController {
  private final Supplies supplies;

  SupplyController(Supplies supplies) {
    this.supplies = supplies;
  }

  @GetMapping("/api/supplies")
  List<SupplyView> all() {
    return supplies.all();
  }

  /** Counts one and says how it is bought; with version 0 for the first time. */
  @PutMapping("/api/supplies/{kind}/{code}")
  List<SupplyView> save(
      @PathVariable String kind,
      @PathVariable String code,
      @RequestHeader("If-Match") String version,
      @RequestBody SupplyRequest request) {
    return supplies.save(kind, code, Versions.parse(version), request);
  }
}
