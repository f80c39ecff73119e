package happysaucer.server.crew;

import happysaucer.server.history.Versions;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CrewController {
  private final Crews crews;

  CrewController(Crews crews) {
    this.crews = crews;
  }

  @GetMapping("/api/crews")
  List<Crews.CrewView> all() {
    return crews.all();
  }

  @PutMapping("/api/crews/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void save(
      @PathVariable UUID id,
      @RequestHeader(value = "If-Match", required = false) @Nullable String version,
      @RequestBody Crews.CrewRequest request) {
    crews.save(id, version == null ? null : Versions.parse(version), request);
  }

  @PutMapping("/api/absences/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void absent(@PathVariable UUID id, @RequestBody Crews.AbsenceRequest request) {
    crews.absent(id, request);
  }

  @DeleteMapping("/api/absences/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void notAbsent(@PathVariable UUID id) {
    crews.notAbsent(id);
  }
}
