package happysaucer.server.aftercare;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What is on record of plants since they were worked on. */
@Mapper
interface WatchMapper {
  record RecoveringRow(
      UUID jobId,
      UUID plantId,
      String action,
      LocalDate windowFrom,
      LocalDate windowTo,
      LocalDate doneOn,
      String label,
      String commonName,
      String species,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      String spotName,
      UUID siteId,
      String siteName,
      @Nullable String outcome) {}

  /** The last work on each plant in care, since a day, whose outcome is not settled. */
  @Select(
      """
      select j.id as job_id, j.plant_id, j.action, j.window_from, j.window_to, j.done_on, p.label, p.common_name,
             p.species, p.pot_shape, p.pot_top_mm, p.drawn_base_mm as pot_base_mm,
             p.drawn_height_mm as pot_height_mm, s.name as spot_name, t.id as site_id, t.name as site_name,
             o.result as outcome
      from job j join plant p on p.id = j.plant_id join spot s on s.id = p.spot_id
      join site t on t.id = s.site_id left join job_outcome o on o.job_id = j.id
      where j.status = 'DONE' and j.done_on >= #{since} and p.retired_on is null
        and coalesce(o.result, '') not in ('TOOK_WELL', 'LOST')
        and (not t.counter or exists (select 1 from care_report r where r.job_id = j.id and r.answered_at is null))
        and exists (select 1 from aftercare_step a where a.job_id = j.id)
        and not exists (select 1 from job n where n.plant_id = j.plant_id and n.status = 'DONE'
                        and n.id <> j.id and n.done_on > j.done_on)
      order by j.done_on desc, p.label limit #{most}""")
  List<RecoveringRow> recovering(@Param("since") LocalDate since, @Param("most") int most);

  record PouredRow(UUID plantId, LocalDate wateredOn) {}

  @Select(
      """
      select plant_id, watered_on from watering where watered_on >= #{since} and plant_id = any(#{plants,typeHandler=uuids})
      order by watered_on""")
  List<PouredRow> poured(@Param("plants") Collection<UUID> plants, @Param("since") LocalDate since);

  record SeenRow(
      UUID plantId,
      Instant checkedAt,
      LocalDate checkedOn,
      String code,
      String state,
      @Nullable String grade) {}

  /** Newest first. */
  @Select(
      """
      select k.plant_id, k.checked_at, k.checked_on, c.code, c.state, c.grade
      from plant_check k join check_sign c on c.check_id = k.id
      where k.voided_at is null and k.checked_on >= #{since} and k.plant_id = any(#{plants,typeHandler=uuids})
      order by k.checked_at desc""")
  List<SeenRow> seen(@Param("plants") Collection<UUID> plants, @Param("since") LocalDate since);

  record BeforeRow(String species, int total, int bad) {}

  @Select(
      """
      <script>
      select p.species, count(*) as total,
             sum(case when o.result in ('SET_BACK', 'LOST') then 1 else 0 end) as bad
      from job_outcome o join plant p on p.id = o.plant_id where p.species in
      <foreach collection='species' item='name' open='(' separator=',' close=')'>#{name}</foreach>
      group by p.species
      </script>""")
  List<BeforeRow> before(@Param("species") Collection<String> species);

  record WeekRow(UUID jobId, LocalDate fromOn, @Nullable Double everyDays, double litres) {}

  @Select(
      """
      select job_id, from_on, every_days, litres from aftercare_week where job_id = any(#{jobs,typeHandler=uuids})
      order by job_id, week""")
  List<WeekRow> weeks(@Param("jobs") Collection<UUID> jobs);

  record ReportRow(
      UUID id, UUID plantId, String words, @Nullable UUID photoId, Instant receivedAt) {}

  /** Told by whoever waters, and not answered yet. */
  @Select(
      """
      select id, plant_id, words, photo_id, received_at from care_report
      where answered_at is null and plant_id = any(#{plants,typeHandler=uuids})
      order by received_at limit 200""")
  List<ReportRow> reports(@Param("plants") Collection<UUID> plants);
}
