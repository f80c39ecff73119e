package happysaucer.server.people;

import happysaucer.server.people.People.HandedCode;
import happysaucer.server.people.People.Member;
import happysaucer.server.team.Role;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The people of the team, for the planner. */
@RestController
class PeopleController {
  private final People people;

  PeopleController(People people) {
    this.people = people;
  }

  record PersonRequest(
      @NotBlank(message = "Give an account.")
          @Pattern(
              regexp = "[a-z0-9._-]{2,60}",
              message = "Small letters, digits, dot and dash, 2 to 60 of them.")
          String account,
      @NotBlank(message = "Give the name.") @Size(max = 120, message = "At most 120 letters.")
          String name,
      @NotNull(message = "Say PLANNER, TECHNICIAN or COUNTER.") Role role) {}

  record AccessRequest(@NotNull(message = "Say true or false.") Boolean ended) {}

  @GetMapping("/api/people")
  List<Member> all() {
    return people.all();
  }

  /** Adds a person under an id of the sender's making, or changes name and role of one. */
  @PutMapping("/api/people/{id}")
  List<Member> put(@PathVariable UUID id, @RequestBody PersonRequest body) {
    return people.put(id, body.account(), body.name().trim(), body.role());
  }

  @PostMapping("/api/people/{id}/code")
  HandedCode code(@PathVariable UUID id) {
    return people.code(id);
  }

  @PutMapping("/api/people/{id}/access")
  List<Member> access(@PathVariable UUID id, @RequestBody AccessRequest body) {
    return people.access(id, body.ended());
  }
}
