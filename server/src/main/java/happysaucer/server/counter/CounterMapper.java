package happysaucer.server.counter;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface CounterMapper {
  String WALK_IN =
      """
      select w.id, w.number, w.customer, w.reach, w.plant_id, w.came_at, w.status, w.promised_on, w.note, w.version,
             p.label, p.common_name, p.species, p.pot_shape, p.pot_top_mm, p.drawn_base_mm as pot_base_mm,
             p.drawn_height_mm as pot_height_mm, t.counter as walks_in,
             (select j.id from job j where j.plant_id = p.id and j.status in ('PLANNED', 'DONE')
              order by j.status desc, j.planned_on desc limit 1) as job_id,
             (select j.status from job j where j.plant_id = p.id and j.status in ('PLANNED', 'DONE')
              order by j.status desc, j.planned_on desc limit 1) as job_status
      from walk_in w join plant p on p.id = w.plant_id join spot s on s.id = p.spot_id join site t on t.id = s.site_id
      """;

  /**
   * @param walksIn it stands at the counter's own site, not yet at a client's
   */
  record WalkInRow(
      UUID id,
      int number,
      String customer,
      String reach,
      UUID plantId,
      Instant cameAt,
      WalkInStatus status,
      @Nullable LocalDate promisedOn,
      String note,
      int version,
      String label,
      String commonName,
      String species,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      boolean walksIn,
      @Nullable UUID jobId,
      @Nullable String jobStatus) {}

  @Select(WALK_IN + " where w.id = #{id}")
  @Nullable WalkInRow walkIn(UUID id);

  /** Those left for work or to be fetched first, then who came last. */
  @Select(
      WALK_IN
          + """
      where (w.status in ('HERE', 'READY') or w.came_at >= #{since})
      order by case w.status when 'READY' then 0 when 'HERE' then 1 else 2 end, w.promised_on nulls last, w.came_at desc
      limit #{most}""")
  List<WalkInRow> open(@Param("since") Instant since, @Param("most") int most);

  @Select(
      WALK_IN
          + """
      where lower(w.customer) like #{like} or lower(p.label) like #{like} or lower(p.common_name) like #{like}
      order by w.came_at desc limit #{most}""")
  List<WalkInRow> found(@Param("like") String like, @Param("most") int most);

  /** Numbers run on, one after the other. */
  @Select("select id from team where id = 1 for update")
  int lockNumbers();

  @Select("select coalesce(max(number), 0) from walk_in")
  int highest();

  @Insert(
      """
      insert into walk_in (id, number, customer, reach, plant_id, came_at, status, note, status_at, version, created_by)
      values (#{id}, #{number}, #{customer}, #{reach}, #{plant}, #{at}, 'ASKED', '', #{at}, 1, #{user})""")
  void add(
      @Param("id") UUID id,
      @Param("number") int number,
      @Param("customer") String customer,
      @Param("reach") String reach,
      @Param("plant") UUID plant,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update walk_in set status = #{status}, promised_on = #{promised}, note = #{note}, status_at = #{at},
             version = version + 1
      where id = #{id} and version = #{version}""")
  int status(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("status") WalkInStatus status,
      @Param("promised") @Nullable LocalDate promised,
      @Param("note") String note,
      @Param("at") Instant at);

  /** A plant that is done on the bench is ready. */
  @Update(
      """
      update walk_in set status = 'READY', status_at = #{at}, version = version + 1
      where plant_id = #{plant} and status = 'HERE'""")
  int ready(@Param("plant") UUID plant, @Param("at") Instant at);

  @Select("select version from plant where id = #{plant}")
  int plantVersion(UUID plant);
}
