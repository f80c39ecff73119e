package happysaucer.server.season;

import happysaucer.server.advice.Glances;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.Versions;
import happysaucer.server.season.SeasonRuns.RunView;
import happysaucer.server.season.Seasons.Season;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SeasonController {
  private final Seasons seasons;
  private final SeasonView view;
  private final SeasonRuns runs;
  private final SeasonBoard board;
  private final SeasonHand hand;
  private final SeasonPlaces places;
  private final SeasonWeights weights;
  private final Publishing publishing;
  private final CrewDays days;
  private final Glances glances;
  private final TeamClock clock;

  SeasonController(
      Seasons seasons,
      SeasonView view,
      SeasonRuns runs,
      SeasonBoard board,
      SeasonHand hand,
      SeasonPlaces places,
      SeasonWeights weights,
      Publishing publishing,
      CrewDays days,
      Glances glances,
      TeamClock clock) {
    this.seasons = seasons;
    this.view = view;
    this.runs = runs;
    this.board = board;
    this.hand = hand;
    this.places = places;
    this.weights = weights;
    this.publishing = publishing;
    this.days = days;
    this.glances = glances;
    this.clock = clock;
  }

  /**
   * A year ahead.
   *
   * @param more jobs that are open beyond those that are planned at once: later ones, told as a
   *     number
   * @param waiting plants whose jobs have still to follow what changed for all of them
   * @param runs searches for a plan, the newest first
   */
  record SeasonPage(
      LocalDate today,
      List<SeasonView.CrewItem> crews,
      List<SeasonView.LoadWeek> weeks,
      List<SeasonView.JobItem> jobs,
      int more,
      int waiting,
      SeasonWeights.Weights weights,
      List<RunView> runs,
      SeasonPlaces.@Nullable ChangeView lastChange) {}

  @GetMapping("/api/season")
  @Transactional(readOnly = true)
  SeasonPage season() {
    Season season = seasons.gather();
    var blocked = seasons.setup(season, false).ready().blocked();
    return new SeasonPage(
        season.first(),
        SeasonView.crews(season),
        view.weeks(season, SeasonView.now(season)),
        season.jobs().stream().map(job -> SeasonView.item(season, job, blocked)).toList(),
        seasons.more(season),
        glances.workWaiting(),
        season.weights(),
        runs.newest(),
        places.last());
  }

  @PutMapping("/api/season/weights")
  SeasonWeights.Weights weights(@RequestBody SeasonWeights.Weights request) {
    return weights.save(request);
  }

  @PutMapping("/api/season/runs/{id}")
  RunView begin(@PathVariable UUID id, @RequestBody SeasonRuns.RunRequest request) {
    return runs.begin(id, request);
  }

  @GetMapping("/api/season/runs/{id}")
  RunView run(@PathVariable UUID id) {
    return runs.of(id);
  }

  @PostMapping("/api/season/runs/{id}/stop")
  RunView stop(@PathVariable UUID id) {
    return runs.stop(id);
  }

  @PostMapping("/api/season/runs/{id}/accept")
  RunView accept(@PathVariable UUID id) {
    return runs.accept(id);
  }

  @DeleteMapping("/api/season/runs/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void throwAway(@PathVariable UUID id) {
    runs.throwAway(id);
  }

  record TakenBack(int jobs) {}

  @PostMapping("/api/season/changes/{id}/undo")
  TakenBack undo(@PathVariable UUID id) {
    return new TakenBack(places.takeBack(id));
  }

  @GetMapping("/api/season/week")
  @Transactional(readOnly = true)
  SeasonBoard.BoardWeek week(@RequestParam(required = false) @Nullable LocalDate of) {
    return board.week(of == null ? clock.today() : of);
  }

  @PostMapping("/api/season/weeks/{of}/publish")
  Publishing.Published publish(@PathVariable LocalDate of) {
    return publishing.week(of);
  }

  @GetMapping("/api/season/jobs/{id}/why")
  @Transactional(readOnly = true)
  List<SeasonTrying.DayOption> why(@PathVariable UUID id, @RequestParam LocalDate on) {
    return board.why(id, on);
  }

  @PutMapping("/api/season/jobs/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@PathVariable UUID id, @RequestBody SeasonHand.HandRequest request) {
    hand.add(id, request);
  }

  @PutMapping("/api/season/jobs/{id}/place")
  SeasonView.JobItem move(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody SeasonBoard.PlaceRequest request) {
    return board.move(id, Versions.parse(version), request);
  }

  @PutMapping("/api/season/jobs/{id}/pin")
  SeasonView.JobItem pin(@PathVariable UUID id, @RequestBody SeasonBoard.PinRequest request) {
    return board.pin(id, request);
  }

  @PutMapping("/api/season/jobs/{id}/facts")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void say(@PathVariable UUID id, @RequestBody SeasonHand.FactsRequest request) {
    hand.say(id, request);
  }

  @PostMapping("/api/season/jobs/{id}/drop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void drop(@PathVariable UUID id, @RequestBody SeasonHand.DropRequest request) {
    hand.drop(id, request);
  }

  @PostMapping("/api/season/jobs/{id}/done")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void done(@PathVariable UUID id, @RequestBody SeasonHand.SeasonDoneRequest request) {
    hand.done(id, request);
  }

  /** A crew's day in the order of its stops. */
  @GetMapping("/api/crews/{id}/day")
  @Transactional(readOnly = true)
  DayPlan day(@PathVariable UUID id, @RequestParam(required = false) @Nullable LocalDate on) {
    return days.of(id, on);
  }

  /** The day is over: what was not done goes back to the plan. */
  @PostMapping("/api/crews/{id}/day/end")
  SeasonHand.DayEnded endDay(@PathVariable UUID id, @RequestBody SeasonHand.EndDayRequest request) {
    return hand.endDay(id, request);
  }

  @PostMapping("/api/season/jobs/{id}/skip")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void skip(@PathVariable UUID id, @RequestBody SeasonHand.SkipRequest request) {
    hand.skip(id, request);
  }
}
