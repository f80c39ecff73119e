package happysaucer.server.job;

import happysaucer.server.history.Versions;
import happysaucer.server.job.Jobs.JobView;
import happysaucer.server.team.CurrentUser;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class JobController {
  private final Jobs jobs;
  private final CurrentUser user;

  JobController(Jobs jobs, CurrentUser user) {
    this.jobs = jobs;
    this.user = user;
  }

  @GetMapping("/api/jobs")
  List<JobSummary> between(@RequestParam LocalDate from, @RequestParam LocalDate to) {
    return jobs.between(from, to);
  }

  @GetMapping("/api/jobs/{id}")
  ResponseEntity<JobView> job(@PathVariable UUID id) {
    return tagged(jobs.of(id));
  }

  @PutMapping("/api/jobs/{id}")
  ResponseEntity<JobView> schedule(@PathVariable UUID id, @RequestBody Jobs.JobRequest request) {
    return tagged(jobs.schedule(id, request, user.units()));
  }

  @PutMapping("/api/jobs/{id}/day")
  ResponseEntity<JobView> move(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody Jobs.DayRequest request) {
    return tagged(jobs.move(id, Versions.parse(version), request));
  }

  @PutMapping("/api/jobs/{id}/steps/{position}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tick(
      @PathVariable UUID id, @PathVariable int position, @RequestBody Jobs.TickRequest request) {
    jobs.tick(id, position, request);
  }

  @PutMapping("/api/jobs/{id}/found")
  ResponseEntity<JobView> found(@PathVariable UUID id, @RequestBody Jobs.FoundRequest request) {
    return tagged(jobs.found(id, request, user.units()));
  }

  @PutMapping("/api/jobs/{id}/done")
  ResponseEntity<JobView> done(@PathVariable UUID id, @RequestBody Jobs.DoneRequest request) {
    return tagged(jobs.done(id, request));
  }

  private static ResponseEntity<JobView> tagged(JobView view) {
    return ResponseEntity.ok().eTag(Versions.tag(view.job().version())).body(view);
  }
}
