package happysaucer.server.plant;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Takes what is on record of one plant over to another. */
@Mapper
interface MergeMapper {
  record TwinCounts(int checks, int waterings, int photos, int jobs) {}

  @Select(
      """
      select (select count(*) from plant_check where plant_id = #{plant} and voided_at is null) as checks,
             (select count(*) from watering where plant_id = #{plant}) as waterings,
             (select count(*) from photo where plant_id = #{plant}) as photos,
             (select count(*) from job where plant_id = #{plant} and status = 'DONE') as jobs""")
  TwinCounts counts(UUID plant);

  @Update("update plant_check set plant_id = #{to} where plant_id = #{from}")
  void checks(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update watering set plant_id = #{to} where plant_id = #{from}")
  void waterings(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update photo set plant_id = #{to} where plant_id = #{from}")
  void photos(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update job set plant_id = #{to} where plant_id = #{from}")
  void jobs(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update aftercare_step set plant_id = #{to} where plant_id = #{from}")
  void aftercare(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update care_link set plant_id = #{to} where plant_id = #{from}")
  void careLinks(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update care_report set plant_id = #{to} where plant_id = #{from}")
  void careReports(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update job_outcome set plant_id = #{to} where plant_id = #{from}")
  void outcomes(@Param("from") UUID from, @Param("to") UUID to);

  @Update("update plant set parent_id = #{to} where parent_id = #{from} and id <> #{to}")
  void offspring(@Param("from") UUID from, @Param("to") UUID to);

  /** Those that were merged into it before. */
  @Update("update plant set merged_into = #{to} where merged_into = #{from}")
  void earlier(@Param("from") UUID from, @Param("to") UUID to);

  @Update(
      """
      update evidence_aside set ended_at = coalesce(ended_at, #{at}),
             ended_by = coalesce(ended_by, #{user}), ended_why = coalesce(ended_why, 'merged'),
             plant_id = #{to}
      where plant_id = #{from}""")
  void asides(
      @Param("from") UUID from,
      @Param("to") UUID to,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update call_overrule set ended_at = coalesce(ended_at, #{at}),
             ended_by = coalesce(ended_by, #{user}), ended_why = coalesce(ended_why, 'merged'),
             plant_id = #{to}
      where plant_id = #{from}""")
  void overrules(
      @Param("from") UUID from,
      @Param("to") UUID to,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Insert(
      """
      insert into plant_state (plant_id, code, since)
      select #{to}, s.code, s.since from plant_state s
      where s.plant_id = #{from}
        and s.code not in (select code from plant_state where plant_id = #{to})""")
  void states(@Param("from") UUID from, @Param("to") UUID to);

  @Delete("delete from plant_state where plant_id = #{plant}")
  void clearStates(UUID plant);

  @Delete("delete from plant_glance where plant_id = #{plant}")
  void clearGlance(UUID plant);

  /** What only the other one knew is taken over. */
  @Update(
      """
      update plant p set version = version + 1, changed_at = #{at}, changed_by = #{user},
        height_mm = coalesce(height_mm, (select t.height_mm from plant t where t.id = #{from})),
        spread_mm = coalesce(spread_mm, (select t.spread_mm from plant t where t.id = #{from})),
        last_repotted = case
          when last_repotted is null then (select t.last_repotted from plant t where t.id = #{from})
          when (select t.last_repotted from plant t where t.id = #{from}) > last_repotted
          then (select t.last_repotted from plant t where t.id = #{from}) else last_repotted end
      where p.id = #{to} and p.version = #{version}""")
  int fill(
      @Param("from") UUID from,
      @Param("to") UUID to,
      @Param("version") int version,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update plant set retired_on = #{on}, retired_reason = #{reason}, merged_into = #{to},
             version = version + 1, changed_at = #{at}, changed_by = #{user}
      where id = #{from} and version = #{version} and retired_on is null""")
  int end(
      @Param("from") UUID from,
      @Param("to") UUID to,
      @Param("version") int version,
      @Param("on") LocalDate on,
      @Param("reason") String reason,
      @Param("at") Instant at,
      @Param("user") UUID user);
}
