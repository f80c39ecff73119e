package happysaucer.server.plant;

import happysaucer.server.history.Versions;
import happysaucer.server.plant.PlantPage.PlantView;
import happysaucer.server.team.CurrentUser;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PlantController {
  private final Plants plants;
  private final PlantPage page;
  private final CurrentUser user;

  PlantController(Plants plants, PlantPage page, CurrentUser user) {
    this.plants = plants;
    this.page = page;
    this.user = user;
  }

  @GetMapping("/api/plants")
  List<Plants.PlantItem> search(
      @RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "0") int page) {
    return plants.search(search, page);
  }

  @GetMapping("/api/plants/{id}")
  ResponseEntity<PlantView> plant(@PathVariable UUID id) {
    return tagged(id);
  }

  @PutMapping("/api/plants/{id}")
  ResponseEntity<PlantView> edit(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody Plants.PlantRequest request) {
    plants.edit(id, Versions.parse(version), request);
    return tagged(id);
  }

  private ResponseEntity<PlantView> tagged(UUID id) {
    PlantView view = page.of(id, user.units());
    return ResponseEntity.ok().eTag(Versions.tag(view.plant().version())).body(view);
  }
}
