package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.round.JobFit;
import happysaucer.core.unit.Said;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobMapper {
  String SUMMARY =
      """
      select j.id, j.plant_id, j.action, j.urgency, j.status, j.window_from, j.window_to, j.planned_on,
             j.minutes, j.pot_id, j.done_on, j.version, p.label, p.common_name, p.species, p.pot_shape,
             p.pot_top_mm, p.drawn_base_mm as pot_base_mm, p.drawn_height_mm as pot_height_mm, j.shelf_pot_id, j.pot_count, h.name as pot_name,
             j.minutes_taken, j.old_pot, j.fit, j.note, s.name as spot_name, t.name as site_name,
             c.name as client_name
      from job j join plant p on p.id = j.plant_id join spot s on s.id = p.spot_id
      join site t on t.id = s.site_id join client c on c.id = t.client_id left join shelf_pot h on h.id = j.shelf_pot_id
      """;

  @Select(
      SUMMARY
          + """
          where j.planned_on between #{from} and #{to} and j.status <> 'DROPPED'
          order by j.planned_on, t.name, s.name, p.label limit #{most}""")
  List<JobSummary> between(
      @Param("from") LocalDate from, @Param("to") LocalDate to, @Param("most") int most);

  @Select(
      ""
          + SUMMARY
          + """
          where j.status = 'PLANNED' and j.plant_id = any(#{plants,typeHandler=uuids})""")
  List<JobSummary> openOf(@Param("plants") Collection<UUID> plants);

  @Select(SUMMARY + " where j.id = #{id}")
  @Nullable JobSummary summary(UUID id);

  @Select(SUMMARY + " where j.plant_id = #{plant} order by j.planned_on desc limit #{most}")
  List<JobSummary> of(@Param("plant") UUID plant, @Param("most") int most);

  /** Two people who schedule the same plant at once do so one after the other. */
  @Select("select id from plant where id = #{plant} for update")
  @Nullable UUID lockPlant(UUID plant);

  @Select("select advice from job where id = #{id}")
  @Nullable String advice(UUID id);

  /** The case it answers; null where a job is older than keeping that. */
  @Select("select asked from job where id = #{id}")
  @Nullable String asked(UUID id);

  @Select(
      """
      select u.name from job j join app_user u on u.id = j.changed_by where j.id = #{id}""")
  String changedBy(UUID id);

  @Select("select changed_by from job where id = #{id}")
  UUID changedById(UUID id);

  record NewJob(
      UUID id,
      UUID plantId,
      String action,
      String urgency,
      LocalDate windowFrom,
      LocalDate windowTo,
      LocalDate plannedOn,
      int minutes,
      int minutesRuled,
      @Nullable String potId,
      @Nullable UUID shelfPotId,
      int potCount,
      @Nullable String wish,
      String advice,
      String asked,
      String bookVersion) {}

  @Insert(
      """
      insert into job (id, plant_id, kind, action, urgency, status, window_from, window_to, planned_on,
                       minutes, minutes_ruled, pot_id, shelf_pot_id, pot_count, wish, advice,
                       asked, book_version, version, created_at, created_by,
                       changed_at, changed_by)
      values (#{j.id}, #{j.plantId}, 'REPOT', #{j.action}, #{j.urgency}, 'PLANNED', #{j.windowFrom},
              #{j.windowTo}, #{j.plannedOn}, #{j.minutes}, #{j.minutesRuled}, #{j.potId}, #{j.shelfPotId},
              #{j.potCount}, #{j.wish}, #{j.advice}, #{j.asked}, #{j.bookVersion},
              1, #{at}, #{user}, #{at}, #{user})""")
  void add(@Param("j") NewJob job, @Param("at") Instant at, @Param("user") UUID user);

  @Update(
      """
      update job set planned_on = #{on}, fit = 'FITS', note = null, version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where id = #{id} and version = #{version} and status = 'PLANNED'""")
  int move(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("on") LocalDate on,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update job set action = #{action}, urgency = #{urgency}, fit = 'FITS', note = null, pot_id = #{potId},
             shelf_pot_id = #{shelfPot}, pot_count = #{count}, wish = #{wish}, advice = #{advice},
             asked = #{asked}, book_version = #{book}, version = version + 1, changed_at = #{at}, changed_by = #{user}
      where id = #{id} and status = 'PLANNED'""")
  int replan(
      @Param("id") UUID id,
      @Param("action") String action,
      @Param("urgency") String urgency,
      @Param("potId") @Nullable String potId,
      @Param("shelfPot") @Nullable UUID shelfPot,
      @Param("count") int potCount,
      @Param("wish") @Nullable String wish,
      @Param("advice") String advice,
      @Param("asked") String asked,
      @Param("book") String bookVersion,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** The same work for another day. */
  @Update(
      """
      update job set advice = #{advice}, asked = #{asked}, book_version = #{book} where id = #{id}""")
  void redate(
      @Param("id") UUID id,
      @Param("advice") String advice,
      @Param("asked") @Nullable String asked,
      @Param("book") String bookVersion);

  @Update(
      """
      update job set status = #{status}, done_on = #{on}, done_by = #{user}, old_pot = #{oldPot},
             minutes_taken = #{minutes}, version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where id = #{id} and status = 'PLANNED'""")
  int close(
      @Param("id") UUID id,
      @Param("status") String status,
      @Param("on") @Nullable LocalDate on,
      @Param("oldPot") @Nullable String oldPot,
      @Param("minutes") @Nullable Integer minutes,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** What came in the way of a planned job, or is over. */
  @Update(
      """
      update job set planned_on = #{on}, fit = #{fit}, note = #{note}, version = version + 1,
             changed_at = #{at}
      where id = #{id} and status = 'PLANNED'""")
  void follow(
      @Param("id") UUID id,
      @Param("on") LocalDate plannedOn,
      @Param("fit") JobFit.Kind fit,
      @Param("note") @Nullable Said note,
      @Param("at") Instant at);

  /** Somebody has recorded something: who looks at an older state is told. */
  @Update(
      """
      update job set version = version + 1, changed_at = #{at}, changed_by = #{user} where id = #{id}""")
  void touch(@Param("id") UUID id, @Param("at") Instant at, @Param("user") UUID user);

  /** What a job carries besides what lists show. */
  record Extras(
      UUID id, @Nullable String wish, @Nullable String front, @Nullable Double angleDegrees) {}

  @Select("select id, wish, front, angle_degrees from job where id = #{id}")
  Extras extras(UUID id);

  @Update(
      """
      update job set front = #{front}, angle_degrees = #{angle}, changed_at = #{at}, changed_by = #{user}
      where id = #{id}""")
  void setting(
      @Param("id") UUID id,
      @Param("front") @Nullable String front,
      @Param("angle") @Nullable Double angleDegrees,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** What jobs like this took, and what the rules had thought; of the newest. */
  record Taken(int jobs, double taken, double ruled) {}

  @Select(
      """
      select count(*) as jobs, coalesce(sum(minutes_taken), 0) as taken,
             coalesce(sum(minutes_ruled), 0) as ruled
      from (select minutes_taken, minutes_ruled from job
            where status = 'DONE' and action = #{action} and minutes_taken is not null
              and minutes_ruled is not null
            order by done_on desc limit #{most})""")
  Taken taken(@Param("action") String action, @Param("most") int most);

  @Insert(
      """
      <script>
      insert into job_step (job_id, position, phase, step_key, ticked_at, ticked_by) values
      <foreach collection='steps' item='s' separator=','>
        (#{id}, #{s.position}, #{s.phase}, #{s.key}, #{s.tickedAt}, #{s.tickedBy})
      </foreach>
      </script>""")
  void addSteps(@Param("id") UUID id, @Param("steps") List<StepRow> steps);

  record StepRow(
      int position,
      String phase,
      String key,
      @Nullable Instant tickedAt,
      @Nullable UUID tickedBy) {}

  @Select(
      """
      select position, phase, step_key as "key", ticked_at, ticked_by from job_step
      where job_id = #{id} order by position""")
  List<StepRow> steps(UUID id);

  @Delete("delete from job_step where job_id = #{id}")
  void clearSteps(UUID id);

  @Delete("delete from job_need where job_id = #{id}")
  void clearNeeds(UUID id);

  @Insert(
      """
      <script>
      insert into job_need (job_id, position, kind, code, amount, unit) values
      <foreach collection='needs' item='n' index='i' separator=','>
        (#{id}, #{i}, #{n.kind}, #{n.code}, #{n.amount}, #{n.unit})
      </foreach>
      </script>""")
  void addNeeds(@Param("id") UUID id, @Param("needs") List<Advice.Need> needs);

  @Select("select kind, code, amount, unit from job_need where job_id = #{id} order by position")
  List<Advice.Need> needs(UUID id);

  record AdviceOf(UUID id, String advice, @Nullable String potName, @Nullable String potPlace) {}

  @Select(
      """
      select j.id, j.advice, h.name as pot_name, h.place as pot_place
      from job j left join shelf_pot h on h.id = j.shelf_pot_id where j.id = any(#{jobs,typeHandler=uuids})""")
  List<AdviceOf> advices(@Param("jobs") Collection<UUID> jobs);

  record NeedOf(UUID jobId, String kind, String code, double amount, String unit) {}

  @Select(
      """
      select job_id, kind, code, amount, unit from job_need where job_id = any(#{jobs,typeHandler=uuids})
      order by job_id, position""")
  List<NeedOf> needsOf(@Param("jobs") Collection<UUID> jobs);

  @Update(
      """
      update job_step set ticked_at = #{at}, ticked_by = #{user}
      where job_id = #{id} and position = #{position}""")
  int tick(
      @Param("id") UUID id,
      @Param("position") int position,
      @Param("at") @Nullable Instant at,
      @Param("user") @Nullable UUID user);

  record FoundRow(String code, String state, @Nullable String grade, @Nullable Double value) {}

  @Select(
      """
      select code, state, grade, amount as "value" from job_found where job_id = #{id} order by code""")
  List<FoundRow> found(UUID id);

  @Delete("delete from job_found where job_id = #{id}")
  void clearFound(UUID id);

  @Insert(
      """
      <script>
      insert into job_found (job_id, code, state, grade, amount, found_on, found_at) values
      <foreach collection='found' item='f' separator=','>
        (#{id}, #{f.code}, #{f.state}, #{f.grade}, #{f.value}, #{on}, #{at})
      </foreach>
      </script>""")
  void addFound(
      @Param("id") UUID id,
      @Param("found") List<FoundRow> found,
      @Param("on") LocalDate on,
      @Param("at") Instant at);
}
