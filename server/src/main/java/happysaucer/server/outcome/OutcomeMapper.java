package happysaucer.server.outcome;

import happysaucer.server.outcome.Outcomes.OutcomeRequest;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface OutcomeMapper {
  record DoneJob(UUID id, UUID plantId, LocalDate doneOn, @Nullable String asked) {}

  @Select("select id, plant_id, done_on, asked from job where id = #{job} and status = 'DONE'")
  @Nullable DoneJob done(UUID job);

  /** What was measured earlier stays where nothing is said of it now. */
  @Update(
      """
      merge into job_outcome t using (select cast(#{j.id} as uuid) as id) s on t.job_id = s.id
      when matched then update set result = #{r.result}, first_growth_on = coalesce(#{r.firstGrowthOn}, t.first_growth_on),
           leaf_loss = coalesce(#{r.leafLoss}, t.leaf_loss), height_mm = coalesce(#{r.heightMm}, t.height_mm),
           note = case when #{note} = '' then t.note else #{note} end, user_id = #{user}, at = #{at}
      when not matched then insert (job_id, plant_id, result, first_growth_on, leaf_loss, height_mm, note, user_id, at, method)
           values (#{j.id}, #{j.plantId}, #{r.result}, #{r.firstGrowthOn}, #{r.leafLoss}, #{r.heightMm}, #{note}, #{user}, #{at},
                   #{method})""")
  void store(
      @Param("j") DoneJob job,
      @Param("r") OutcomeRequest request,
      @Param("note") String note,
      @Param("method") @Nullable String method,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Update(
      """
      update plant set height_mm = #{height}, version = version + 1, changed_at = #{at}, changed_by = #{user}
      where id = #{plant} and height_mm is distinct from #{height}""")
  int height(
      @Param("plant") UUID plant,
      @Param("height") double heightMm,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Select(
      "select id from job where plant_id = #{plant} and status = 'DONE' order by done_on desc limit 1")
  @Nullable UUID last(UUID plant);

  @Select(
      """
      select o.job_id, j.done_on as worked_on, o.result, o.first_growth_on, o.leaf_loss,
             coalesce(o.height_mm, (
               select k.height_mm from plant_check k
               where k.plant_id = o.plant_id and k.voided_at is null and k.height_mm is not null
                 and k.checked_on > j.done_on and k.checked_on <= cast(o.at as date)
               order by k.checked_at desc limit 1)) as height_mm,
             (select k.height_mm from plant_check k
              where k.plant_id = o.plant_id and k.voided_at is null and k.height_mm is not null
                and k.checked_on between dateadd(day, -cast(#{before} as int), j.done_on) and j.done_on
              order by k.checked_at desc limit 1) as height_before_mm,
             o.note, cast(o.at as date) as seen_on, u.name as who
      from job_outcome o join job j on j.id = o.job_id join app_user u on u.id = o.user_id
      where o.plant_id = #{plant} order by o.at desc limit #{most}""")
  List<Outcomes.OutcomeView> of(
      @Param("plant") UUID plant, @Param("before") int beforeDays, @Param("most") int most);
}
