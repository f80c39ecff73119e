package happysaucer.server.visit;

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
interface VisitMapper {
  @Select("select id from site where id = #{site} for update")
  @Nullable UUID lockSite(UUID site);

  @Select(
      "select id from visit where site_id = #{site} and visited_on = #{on} and user_id = #{user}")
  @Nullable UUID visit(
      @Param("site") UUID site, @Param("on") LocalDate on, @Param("user") UUID user);

  @Insert(
      """
      insert into visit (id, site_id, visited_on, user_id)
      values (#{id}, #{site}, #{on}, #{user})""")
  void addVisit(
      @Param("id") UUID id,
      @Param("site") UUID site,
      @Param("on") LocalDate on,
      @Param("user") UUID user);

  @Update(
      """
      update visit set started_at = coalesce(started_at, #{at}), ended_at = null
      where id = #{id}""")
  void start(@Param("id") UUID id, @Param("at") Instant at);

  @Update("update visit set ended_at = #{at}, note = #{note} where id = #{id}")
  void end(@Param("id") UUID id, @Param("at") Instant at, @Param("note") String note);

  @Select("select id, started_at, ended_at, note from visit where id = #{id}")
  Visits.OwnVisit mine(UUID id);

  @Select(
      """
      select id, site_id, visited_on, started_at from visit
      where id = #{id} and user_id = #{user} for update""")
  Visits.@Nullable Open open(@Param("id") UUID id, @Param("user") UUID user);

  @Delete("delete from visit_left where visit_id = #{visit}")
  void clearLeft(UUID visit);

  @Insert(
      """
      <script>
      insert into visit_left (visit_id, plant_id, kinds) values
      <foreach collection='left' item='l' separator=','>(#{visit}, #{l.plantId}, #{l.joined})</foreach>
      </script>""")
  void addLeft(@Param("visit") UUID visit, @Param("left") List<Visits.LeftPlant> left);

  record MineAt(
      UUID id, UUID siteId, @Nullable Instant startedAt, @Nullable Instant endedAt, String note) {}

  @Select(
      """
      select id, site_id, started_at, ended_at, note from visit
      where visited_on = #{day} and user_id = #{user} and site_id = any(#{sites,typeHandler=uuids})""")
  List<MineAt> ofDay(
      @Param("sites") Collection<UUID> sites,
      @Param("day") LocalDate day,
      @Param("user") UUID user);

  record VisitRow(
      UUID id,
      LocalDate visitedOn,
      String who,
      @Nullable Instant startedAt,
      @Nullable Instant endedAt,
      String note) {}

  @Select(
      """
      select v.id, v.visited_on, u.name as who, v.started_at, v.ended_at, v.note
      from visit v join app_user u on u.id = v.user_id where v.site_id = #{site}
      order by v.visited_on desc, v.started_at desc limit #{most}""")
  List<VisitRow> of(@Param("site") UUID site, @Param("most") int most);

  record Count(UUID visitId, int number) {}

  @Select(
      """
          select visit_id, count(distinct plant_id) as "number" from plant_check
          where voided_at is null and visit_id = any(#{visits,typeHandler=uuids})
          group by visit_id""")
  List<Count> checked(@Param("visits") List<UUID> visits);

  @Select(
      """
          select v.id as visit_id, count(distinct w.plant_id) as "number" from visit v
          join spot s on s.site_id = v.site_id join plant p on p.spot_id = s.id
          join watering w on w.plant_id = p.id and w.watered_on = v.visited_on
            and w.user_id = v.user_id
          where v.id = any(#{visits,typeHandler=uuids})
          group by v.id""")
  List<Count> watered(@Param("visits") List<UUID> visits);

  @Select(
      """
          select v.id as visit_id,
            (select count(*) from job j join plant p on p.id = j.plant_id
             join spot s on s.id = p.spot_id
             where s.site_id = v.site_id and j.done_on = v.visited_on and j.done_by = v.user_id)
            + (select count(*) from aftercare_step a join plant p on p.id = a.plant_id
               join spot s on s.id = p.spot_id
               where s.site_id = v.site_id and a.done_on = v.visited_on and a.done_by = v.user_id)
            as "number"
          from visit v where v.id = any(#{visits,typeHandler=uuids})""")
  List<Count> worked(@Param("visits") List<UUID> visits);

  record LeftRow(UUID visitId, UUID plantId, String label, String commonName, String kinds) {}

  @Select(
      """
          select l.visit_id, l.plant_id, p.label, p.common_name, l.kinds
          from visit_left l join plant p on p.id = l.plant_id where l.visit_id = any(#{visits,typeHandler=uuids})
          order by p.label""")
  List<LeftRow> left(@Param("visits") List<UUID> visits);
}
