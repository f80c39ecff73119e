package happysaucer.server.visit;

import happysaucer.core.advice.Advice;
import happysaucer.server.team.CurrentUser;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CheckController {
  private final Checks checks;
  private final CurrentUser user;

  CheckController(Checks checks, CurrentUser user) {
    this.checks = checks;
    this.user = user;
  }

  @PutMapping("/api/checks/{id}")
  Advice log(@PathVariable UUID id, @RequestBody Checks.CheckRequest request) {
    return checks.log(id, request, user.units());
  }

  @PostMapping("/api/checks/all-well")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void allWell(@RequestBody Checks.AllWellRequest request) {
    checks.allWell(request);
  }

  @PostMapping("/api/checks/undo")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undoAll(@RequestBody Checks.UndoRequest request) {
    checks.undoAll(request);
  }

  @DeleteMapping("/api/checks/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undo(@PathVariable UUID id) {
    checks.undo(id);
  }
}
