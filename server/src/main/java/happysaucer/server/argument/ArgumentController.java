package happysaucer.server.argument;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ArgumentController {
  private final Arguments arguments;

  ArgumentController(Arguments arguments) {
    this.arguments = arguments;
  }

  @PutMapping("/api/asides/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void setAside(@PathVariable UUID id, @RequestBody Arguments.AsideRequest request) {
    arguments.setAside(id, request);
  }

  @DeleteMapping("/api/asides/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBackAside(@PathVariable UUID id) {
    arguments.takeBackAside(id);
  }

  @PutMapping("/api/overrules/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void overrule(@PathVariable UUID id, @RequestBody Arguments.OverruleRequest request) {
    arguments.overrule(id, request);
  }

  @DeleteMapping("/api/overrules/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBackOverrule(@PathVariable UUID id) {
    arguments.takeBackOverrule(id);
  }
}
