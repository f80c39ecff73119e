package happysaucer.server.job;

import happysaucer.server.history.Versions;
import happysaucer.server.job.Jobs.JobView;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
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
  private final Bench bench;

  JobController(Jobs jobs, Bench bench) {
    this.jobs = jobs;
    this.bench = bench;
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
    return tagged(jobs.schedule(id, request));
  }

  @PutMapping("/api/jobs/{id}/day")
  ResponseEntity<JobView> move(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody Jobs.DayRequest request) {
    return tagged(jobs.move(id, Versions.parse(version), request));
  }

  @PutMapping("/api/jobs/{id}/plan")
  ResponseEntity<JobView> plan(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody PlanRequest request) {
    return tagged(jobs.plan(id, Versions.parse(version), request));
  }

  @PutMapping("/api/jobs/{id}/steps/{position}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tick(
      @PathVariable UUID id, @PathVariable int position, @RequestBody Jobs.TickRequest request) {
    jobs.tick(id, position, request);
  }

  @PutMapping("/api/jobs/{id}/found")
  ResponseEntity<JobView> found(
      @PathVariable UUID id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String version,
      @RequestBody Bench.FoundRequest request) {
    return tagged(bench.found(id, version == null ? null : Versions.parse(version), request));
  }

  @PutMapping("/api/jobs/{id}/done")
  ResponseEntity<JobView> done(@PathVariable UUID id, @RequestBody Bench.DoneRequest request) {
    return tagged(bench.done(id, request));
  }

  @PutMapping("/api/jobs/{id}/setting")
  ResponseEntity<JobView> setting(
      @PathVariable UUID id, @RequestBody Bench.SettingRequest request) {
    return tagged(bench.setting(id, request));
  }

  @PutMapping("/api/jobs/{id}/break-out")
  ResponseEntity<JobView> breakOut(
      @PathVariable UUID id, @RequestBody Bench.BreakOutRequest request) {
    return tagged(bench.breakOut(id, request));
  }

  @DeleteMapping("/api/jobs/{id}")
  ResponseEntity<JobView> drop(@PathVariable UUID id) {
    return tagged(jobs.drop(id));
  }

  private static ResponseEntity<JobView> tagged(JobView view) {
    return ResponseEntity.ok().eTag(Versions.tag(view.job().version())).body(view);
  }
}
