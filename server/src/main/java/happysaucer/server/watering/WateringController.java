package happysaucer.server.watering;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WateringController {
  private final Waterings waterings;

  WateringController(Waterings waterings) {
    this.waterings = waterings;
  }

  @PutMapping("/api/waterings/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void log(@PathVariable UUID id, @RequestBody Waterings.WateringRequest request) {
    waterings.log(id, request);
  }

  @PostMapping("/api/waterings/together")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void logAll(@RequestBody Waterings.TogetherRequest request) {
    waterings.logAll(request);
  }

  @PostMapping("/api/waterings/undo")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undo(@RequestBody Waterings.TakeBackRequest request) {
    waterings.undo(request);
  }

  @GetMapping("/api/sites/{id}/pours")
  List<Waterings.PourAtSite> pours(@PathVariable UUID id) {
    return waterings.pours(id);
  }
}
