package happysaucer.server.season;

import happysaucer.core.work.JobKind;
import happysaucer.core.work.WorkAsked;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.Jobs;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** A week is made known: it stands in calendars, its repots get their pots, and a plan keeps it. */
@Component
class Publishing {
  private static final int WEEK = 7;
  private static final UUID LOGGED_AS = new UUID(0, 16);

  private final SeasonJobMapper rows;
  private final Jobs jobs;
  private final SeasonView view;
  private final Seasons seasons;
  private final ChangeLog history;
  private final TeamClock clock;
  private final TransactionTemplate transaction;

  Publishing(
      SeasonJobMapper rows,
      Jobs jobs,
      SeasonView view,
      Seasons seasons,
      ChangeLog history,
      TeamClock clock,
      TransactionTemplate transaction) {
    this.transaction = transaction;
    this.rows = rows;
    this.jobs = jobs;
    this.view = view;
    this.seasons = seasons;
    this.history = history;
    this.clock = clock;
  }

  /**
   * @param jobs that are known now
   * @param repots that have got their pot with it
   * @param without a pot, each with the reason
   */
  record Published(LocalDate first, int jobs, int repots, List<String> without) {}

  /**
   * First the week is known; then each repot gets its pot on its own, so that one that gets none
   * does not stop others.
   */
  Published week(LocalDate any) {
    LocalDate first = view.weekOf(any);
    List<SeasonJobRow> known =
        Objects.requireNonNull(transaction.execute(work -> makeKnown(first)));
    Seasons.Season season = seasons.gather(known);
    int repots = 0;
    List<String> without = new ArrayList<>();
    for (SeasonJobRow row : known) {
      if (row.jobId != null
          || !row.workKey.equals(WorkAsked.REPOT)
          || row.kind == JobKind.SLIP_CHECK) {
        continue;
      }
      try {
        jobs.schedule(
            UUID.randomUUID(),
            new Jobs.JobRequest(
                row.plantId, Objects.requireNonNull(row.plannedOn), null, null, null, null));
        repots++;
      } catch (InputException e) {
        without.add(Solved.name(season, row) + ": " + e.faults().get(0).message());
      } catch (ConflictException e) {
        without.add(Solved.name(season, row) + ": " + e.getMessage());
      }
    }
    return new Published(first, known.size(), repots, without);
  }

  private List<SeasonJobRow> makeKnown(LocalDate first) {
    LocalDate from = first.isBefore(clock.today()) ? clock.today() : first;
    List<SeasonJobRow> known =
        rows.planned(from, first.plusDays(WEEK - 1), Seasons.MOST_JOBS).stream()
            .filter(row -> row.open() && row.leadId != null)
            .toList();
    if (known.isEmpty()) {
      throw new ConflictException("Nothing is planned in this week. Make a plan first.");
    }
    List<SeasonJobRow> changed = new ArrayList<>();
    for (SeasonJobRow row : known) {
      boolean same =
          Objects.equals(row.publishedOn, row.plannedOn)
              && Objects.equals(row.publishedLead, row.leadId)
              && Objects.equals(row.publishedHelper, row.helperId);
      if (!same) {
        row.sequence += row.published() ? 1 : 0;
        row.publishedOn = row.plannedOn;
        row.publishedLead = row.leadId;
        row.publishedHelper = row.helperId;
        row.version++;
        changed.add(row);
      }
    }
    if (!changed.isEmpty()) {
      rows.store(changed, clock.now());
    }
    history.log("season", LOGGED_AS, "Made known: the week of " + first);
    return known;
  }
}
