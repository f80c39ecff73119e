package happysaucer.server.client;

import happysaucer.server.history.Versions;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Without If-Match a place is added, with it the one of that version is edited. */
@RestController
class PlaceController {
  private final Places places;

  PlaceController(Places places) {
    this.places = places;
  }

  @GetMapping("/api/clients")
  List<Places.ClientItem> clients(
      @RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "0") int page) {
    return places.clients(search, page);
  }

  @GetMapping("/api/sites/{id}")
  Places.SiteView site(@PathVariable UUID id) {
    return places.site(id);
  }

  @PutMapping("/api/clients/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void saveClient(
      @PathVariable UUID id,
      @RequestHeader(value = "If-Match", required = false) @Nullable String version,
      @RequestBody Places.ClientRequest request) {
    places.saveClient(id, parsed(version), request);
  }

  @PutMapping("/api/sites/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void saveSite(
      @PathVariable UUID id,
      @RequestHeader(value = "If-Match", required = false) @Nullable String version,
      @RequestBody Places.SiteRequest request) {
    places.saveSite(id, parsed(version), request);
  }

  @PutMapping("/api/spots/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void saveSpot(
      @PathVariable UUID id,
      @RequestHeader(value = "If-Match", required = false) @Nullable String version,
      @RequestBody Places.SpotRequest request) {
    places.saveSpot(id, parsed(version), request);
  }

  private static @Nullable Integer parsed(@Nullable String version) {
    return version == null ? null : Versions.parse(version);
  }
}
