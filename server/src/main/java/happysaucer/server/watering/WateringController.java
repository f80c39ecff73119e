package happysaucer.server.watering;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
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
}
