package happysaucer.server.season;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts jobs where a plan or a person wants them, all at once, and remembers it to take it back. */
@Component
class SeasonPlaces {
  private final SeasonJobMapper rows;
  private final ChangeMapper mapper;
  private final Jobs jobs;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  SeasonPlaces(
      SeasonJobMapper rows,
      ChangeMapper mapper,
      Jobs jobs,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user) {
    this.rows = rows;
    this.mapper = mapper;
    this.jobs = jobs;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * Where a job is to stand.
   *
   * @param on null where it waits again
   */
  record Placing(
      UUID job,
      @Nullable LocalDate on,
      @Nullable UUID lead,
      @Nullable UUID helper,
      boolean pinned) {
    static Placing of(SeasonJobRow row) {
      return new Placing(row.id, row.plannedOn, row.leadId, row.helperId, row.pinned);
    }
  }

  record ChangeView(UUID id, Instant at, String who, String words) {}

  @Mapper
  interface ChangeMapper {
    @Insert(
        """
        insert into season_change (id, at, user_id, words) values (#{id}, #{at}, #{user}, #{words})""")
    void add(
        @Param("id") UUID id,
        @Param("at") Instant at,
        @Param("user") UUID user,
        @Param("words") String words);

    record Changed(
        UUID jobId,
        @Nullable LocalDate beforeOn,
        @Nullable UUID beforeLead,
        @Nullable UUID beforeHelper,
        boolean beforePinned,
        @Nullable LocalDate afterOn,
        @Nullable UUID afterLead,
        @Nullable UUID afterHelper,
        boolean afterPinned) {}

    @Insert(
        """
        <script>
        insert into season_change_job (change_id, season_job_id, before_on, before_lead, before_helper,
          before_pinned, after_on, after_lead, after_helper, after_pinned) values
        <foreach collection='jobs' item='j' separator=','>
          (#{id}, #{j.jobId}, #{j.beforeOn}, #{j.beforeLead}, #{j.beforeHelper}, #{j.beforePinned},
           #{j.afterOn}, #{j.afterLead}, #{j.afterHelper}, #{j.afterPinned})
        </foreach>
        </script>""")
    void addJobs(@Param("id") UUID id, @Param("jobs") List<Changed> jobs);

    @Select(
        """
        select season_job_id as job_id, before_on, before_lead, before_helper, before_pinned, after_on,
               after_lead, after_helper, after_pinned
        from season_change_job where change_id = #{id}""")
    List<Changed> jobs(UUID id);

    @Select(
        """
        select c.id, c.at, u.name as who, c.words from season_change c join app_user u on u.id = c.user_id
        where not c.taken_back order by c.number desc limit 1""")
    @Nullable ChangeView last();

    @Update("update season_change set taken_back = true where id = #{id} and not taken_back")
    int takeBack(UUID id);
  }

  @Nullable ChangeView last() {
    return mapper.last();
  }

  /**
   * Moves jobs, all or none; a repot that has its pot moves with its own steps.
   *
   * @return how many were moved
   */
  @Transactional
  public int place(UUID change, List<Placing> placings, String words) {
    Map<UUID, Placing> to = new HashMap<>();
    placings.forEach(each -> to.put(each.job(), each));
    if (to.isEmpty()) {
      return 0;
    }
    rows.lockPlantsOf(to.keySet());
    Map<UUID, Placing> stood = new HashMap<>();
    for (SeasonJobRow row : rows.all(to.keySet())) {
      stood.put(row.id, Placing.of(row));
      LocalDate on = Objects.requireNonNull(to.get(row.id)).on();
      if (row.open() && row.jobId != null && on != null) {
        moveJob(row.jobId, on);
      }
    }
    List<ChangeMapper.Changed> changed = new ArrayList<>();
    List<SeasonJobRow> moved = new ArrayList<>();
    for (SeasonJobRow row : rows.lockedAll(to.keySet())) {
      Placing next = Objects.requireNonNull(to.get(row.id));
      Placing before = stood.getOrDefault(row.id, Placing.of(row));
      if (!row.open() || before.equals(next)) {
        continue;
      }
      changed.add(
          new ChangeMapper.Changed(
              row.id,
              before.on(),
              before.lead(),
              before.helper(),
              before.pinned(),
              next.on(),
              next.lead(),
              next.helper(),
              next.pinned()));
      row.plannedOn = next.on();
      row.leadId = next.lead();
      row.helperId = next.helper();
      row.pinned = next.pinned();
      row.note = "";
      row.version++;
      row.sequence++;
      moved.add(row);
    }
    if (moved.isEmpty()) {
      return 0;
    }
    rows.store(moved, clock.now());
    mapper.add(change, clock.now(), user.id(), words);
    mapper.addJobs(change, changed);
    history.log("season", change, words);
    return moved.size();
  }

  private void moveJob(UUID id, LocalDate on) {
    JobSummary job = jobs.of(id).job();
    if (job.plannedOn().equals(on)) {
      return;
    }
    try {
      jobs.move(id, job.version(), new Jobs.DayRequest(on));
    } catch (InputException e) {
      throw new ConflictException(
          job.commonName()
              + " ("
              + job.label()
              + ") cannot be moved to "
              + on
              + ": its days are "
              + job.windowFrom()
              + " to "
              + job.windowTo()
              + ".");
    }
  }

  /**
   * Takes back the last change: what nobody has moved since stands where it stood.
   *
   * @return how many jobs went back
   */
  @Transactional
  public int takeBack(UUID change) {
    List<ChangeMapper.Changed> changed = mapper.jobs(change);
    if (changed.isEmpty()) {
      throw new NotFoundException("There is no such change.");
    }
    if (mapper.takeBack(change) == 0) {
      return 0;
    }
    Map<UUID, ChangeMapper.Changed> byJob = new HashMap<>();
    changed.forEach(each -> byJob.put(each.jobId(), each));
    rows.lockPlantsOf(byJob.keySet());
    Map<UUID, ChangeMapper.Changed> asLeft = new HashMap<>();
    for (SeasonJobRow row : rows.all(byJob.keySet())) {
      ChangeMapper.Changed was = Objects.requireNonNull(byJob.get(row.id));
      if (row.open()
          && Objects.equals(row.plannedOn, was.afterOn())
          && Objects.equals(row.leadId, was.afterLead())
          && Objects.equals(row.helperId, was.afterHelper())) {
        asLeft.put(row.id, was);
        if (row.jobId != null && was.beforeOn() != null) {
          moveJob(row.jobId, was.beforeOn());
        }
      }
    }
    if (asLeft.isEmpty()) {
      return 0;
    }
    List<SeasonJobRow> back = rows.lockedAll(asLeft.keySet());
    for (SeasonJobRow row : back) {
      ChangeMapper.Changed was = Objects.requireNonNull(asLeft.get(row.id));
      row.plannedOn = was.beforeOn();
      row.leadId = was.beforeLead();
      row.helperId = was.beforeHelper();
      row.pinned = was.beforePinned();
      row.overruled = null;
      row.version++;
      row.sequence++;
    }
    rows.store(back, clock.now());
    history.log("season", change, "Taken back: " + back.size() + " jobs");
    return back.size();
  }
}
