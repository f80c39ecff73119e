package happysaucer.server.season;

import java.time.Instant;
import java.time.LocalDate;
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
interface RunMapper {
  record RunRow(
      UUID id,
      long number,
      String kind,
      String title,
      @Nullable String otherwise,
      String status,
      int seconds,
      long spentMs,
      Instant askedAt,
      UUID askedBy,
      String who,
      @Nullable String outcome,
      int version) {}

  String RUN =
      """
      select r.id, r.number, r.kind, r.title, r.otherwise, r.status, r.seconds, r.spent_ms, r.asked_at, r.asked_by,
             u.name as who, r.outcome, r.version
      from season_run r join app_user u on u.id = r.asked_by
      """;

  @Select(RUN + " where r.id = #{id}")
  @Nullable RunRow run(UUID id);

  /** The newest of plans and of questions what if, that nobody has thrown away. */
  @Select(RUN + " where r.status <> 'GONE' order by r.number desc limit #{most}")
  List<RunRow> newest(int most);

  @Select(RUN + " where r.status in ('WAITING', 'RUNNING') order by r.number")
  List<RunRow> unfinished();

  @Insert(
      """
      insert into season_run (id, kind, title, otherwise, status, seconds, asked_at, asked_by)
      values (#{id}, #{kind}, #{title}, #{otherwise}, 'WAITING', #{seconds}, #{at}, #{user})""")
  void add(
      @Param("id") UUID id,
      @Param("kind") String kind,
      @Param("title") String title,
      @Param("otherwise") @Nullable String otherwise,
      @Param("seconds") int seconds,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update season_run set status = #{status}, spent_ms = #{spent}, version = version + 1
      where id = #{id} and status not in ('ACCEPTED', 'GONE')""")
  int progress(@Param("id") UUID id, @Param("status") String status, @Param("spent") long spentMs);

  @Update("update season_run set outcome = #{outcome}, version = version + 1 where id = #{id}")
  void outcome(@Param("id") UUID id, @Param("outcome") String outcome);

  @Update(
      """
      update season_run set status = #{status}, version = version + 1
      where id = #{id} and status not in ('ACCEPTED', 'GONE')""")
  int end(@Param("id") UUID id, @Param("status") String status);

  record SlotRow(UUID seasonJobId, LocalDate plannedOn, UUID leadId, @Nullable UUID helperId) {}

  @Select(
      """
      select season_job_id, planned_on, lead_id, helper_id from season_run_slot where run_id = #{run}
      order by season_job_id""")
  List<SlotRow> slots(UUID run);

  @Delete("delete from season_run_slot where run_id = #{run}")
  void clearSlots(UUID run);

  @Insert(
      """
      <script>
      insert into season_run_slot (run_id, season_job_id, planned_on, lead_id, helper_id) values
      <foreach collection='slots' item='s' separator=','>
        (#{run}, #{s.seasonJobId}, #{s.plannedOn}, #{s.leadId}, #{s.helperId})
      </foreach>
      </script>""")
  void addSlots(@Param("run") UUID run, @Param("slots") List<SlotRow> slots);
}
