package happysaucer.server.aftercare;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface AftercareMapper {
  @Insert(
      """
      <script>
      insert into aftercare_step (id, job_id, plant_id, position, from_on, to_on, kind, who, said) values
      <foreach collection='steps' item='s' separator=','>
        (#{s.id}, #{job}, #{plant}, #{s.position}, #{s.fromOn}, #{s.toOn}, #{s.kind}, #{s.who}, #{s.said})
      </foreach>
      </script>""")
  void addSteps(
      @Param("job") UUID job, @Param("plant") UUID plant, @Param("steps") List<NewStep> steps);

  record NewStep(
      UUID id,
      int position,
      LocalDate fromOn,
      LocalDate toOn,
      String kind,
      String who,
      String said) {}

  /** A step as it is kept: its message is said to whoever reads it. */
  record CareRow(
      UUID id,
      UUID jobId,
      UUID plantId,
      LocalDate fromOn,
      LocalDate toOn,
      String kind,
      String who,
      String said,
      @Nullable LocalDate doneOn,
      @Nullable String skippedWhy,
      @Nullable LocalDate wasFrom) {}

  @Insert(
      """
      <script>
      insert into aftercare_week (job_id, week, from_on, every_days, litres) values
      <foreach collection='weeks' item='w' separator=','>
        (#{job}, #{w.week}, #{w.fromOn}, #{w.everyDays}, #{w.litres})
      </foreach>
      </script>""")
  void addWeeks(@Param("job") UUID job, @Param("weeks") List<Aftercares.WeekView> weeks);

  String STEP =
      """
      select id, job_id, plant_id, from_on, to_on, kind, who, said, done_on, skipped_why, was_from
      from aftercare_step
      """;

  /**
   * Steps of these plants that are not over before a day, and follow-ups that were missed lately.
   */
  @Select(
      ""
          + STEP
          + """
          where (to_on >= #{since}
                 or who = 'TECHNICIAN' and done_on is null and skipped_why is null and to_on >= #{missedSince}) and plant_id = any(#{plants,typeHandler=uuids})
          order by from_on, position""")
  List<CareRow> running(
      @Param("plants") Collection<UUID> plants,
      @Param("since") LocalDate since,
      @Param("missedSince") LocalDate missedSince);

  @Select(STEP + " where job_id = #{job} order by from_on, position")
  List<CareRow> ofJob(UUID job);

  @Select(
      ""
          + STEP
          + """
          where job_id = any(#{jobs,typeHandler=uuids})
          order by from_on, position""")
  List<CareRow> ofJobs(@Param("jobs") Collection<UUID> jobs);

  /** A step with the day of its work. */
  record StepRow(
      UUID plantId,
      LocalDate workedOn,
      LocalDate fromOn,
      LocalDate toOn,
      @Nullable LocalDate doneOn,
      @Nullable String skippedWhy) {}

  @Select(
      """
      select a.plant_id, j.done_on as worked_on, a.from_on, a.to_on, a.done_on, a.skipped_why
      from aftercare_step a join job j on j.id = a.job_id where a.id = #{id} for update""")
  @Nullable StepRow locked(UUID id);

  @Update("update aftercare_step set skipped_why = #{why}, done_on = null where id = #{id}")
  void skip(@Param("id") UUID id, @Param("why") @Nullable String why);

  @Update(
      """
      update aftercare_step set was_from = coalesce(was_from, from_on), from_on = #{from}, to_on = #{to}
      where id = #{id}""")
  void move(@Param("id") UUID id, @Param("from") LocalDate from, @Param("to") LocalDate to);

  @Select(
      "select week, from_on, every_days, litres from aftercare_week where job_id = #{job} order by week")
  List<Aftercares.WeekView> weeks(UUID job);

  @Update(
      """
      update aftercare_step set done_on = #{on}, done_by = #{user}, skipped_why = null where id = #{id}""")
  int done(
      @Param("id") UUID id,
      @Param("on") @Nullable LocalDate on,
      @Param("user") @Nullable UUID user);

  /** Sites that a technician must see on a day for aftercare. */
  @Select(
      """
      select distinct s.site_id from aftercare_step a join plant p on p.id = a.plant_id
      join spot s on s.id = p.spot_id
      where a.who = 'TECHNICIAN' and a.done_on is null and a.skipped_why is null and a.from_on <= #{day} and a.to_on = #{day}""")
  List<UUID> lastDaySites(LocalDate day);
}
