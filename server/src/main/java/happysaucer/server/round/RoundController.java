package happysaucer.server.round;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.visit.Visits;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The round of a day in one answer, and the visits that are made on it. */
@RestController
class RoundController {
  private final Rounds rounds;
  private final Visits visits;
  private final TeamClock clock;
  private final CurrentUser user;

  RoundController(Rounds rounds, Visits visits, TeamClock clock, CurrentUser user) {
    this.rounds = rounds;
    this.visits = visits;
    this.clock = clock;
    this.user = user;
  }

  @GetMapping("/api/round")
  @Transactional(readOnly = true)
  Rounds.Round round(@RequestParam(required = false) @Nullable LocalDate date) {
    return rounds.on(date == null ? clock.today() : date, user.id());
  }

  @GetMapping("/api/sites/{id}/visits")
  List<Visits.VisitView> visits(@PathVariable UUID id) {
    return visits.of(id);
  }

  /** Begins the visit of this person on this day; one that was ended goes on. */
  @PostMapping("/api/sites/{id}/visits")
  Visits.OwnVisit start(@PathVariable UUID id, @RequestBody Visits.StartRequest request) {
    return visits.start(id, request);
  }

  /** Ends a visit; what is due and not done is kept with it. */
  @PutMapping("/api/visits/{id}/end")
  @Transactional
  Visits.OwnVisit end(@PathVariable UUID id, @RequestBody Visits.EndRequest request) {
    Visits.Open open = visits.open(id);
    return visits.end(
        open,
        request,
        rounds.left(open.siteId(), open.visitedOn()).stream()
            .map(
                plant ->
                    new Visits.LeftPlant(
                        plant.plant().id(),
                        plant.due().stream().map(due -> due.kind().name()).distinct().toList()))
            .toList());
  }
}
