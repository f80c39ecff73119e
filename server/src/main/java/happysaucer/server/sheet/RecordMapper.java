package happysaucer.server.sheet;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What was done at a site in a time, for a client who asks. */
@Mapper
interface RecordMapper {
  record SiteRow(String site, String client) {}

  @Select(
      """
      select t.name as site, c.name as client from site t join client c on c.id = t.client_id
      where t.id = #{site}""")
  @Nullable SiteRow site(UUID site);

  /** One visit, with how many plants were looked at. */
  record VisitRow(LocalDate visitedOn, String who, int checked) {}

  @Select(
      """
      select v.visited_on, u.name as who,
             (select count(*) from plant_check k where k.visit_id = v.id and k.voided_at is null) as checked
      from visit v join app_user u on u.id = v.user_id
      where v.site_id = #{site} and v.visited_on between #{from} and #{to}
      order by v.visited_on, u.name limit #{most}""")
  List<VisitRow> visits(
      @Param("site") UUID site,
      @Param("from") LocalDate from,
      @Param("to") LocalDate to,
      @Param("most") int most);

  /**
   * One thing that was done to a plant.
   *
   * @param what JOB with its action, CARE with its kind, or OUTCOME with its result
   */
  record DoneRow(
      LocalDate doneOn,
      UUID plantId,
      String label,
      String commonName,
      String spotName,
      String what,
      String code,
      @Nullable String who) {}

  @Select(
      """
      select d.done_on, d.plant_id, p.label, p.common_name, s.name as spot_name, d.what, d.code, u.name as who
      from (
        select j.done_on, j.plant_id, 'JOB' as what, j.action as code, j.done_by as user_id
        from job j where j.status = 'DONE' and j.done_on between #{from} and #{to}
        union all
        select a.done_on, a.plant_id, 'CARE', a.kind, a.done_by
        from aftercare_step a where a.done_on between #{from} and #{to}
        union all
        select cast(o.at as date), o.plant_id, 'OUTCOME', o.result, o.user_id
        from job_outcome o where cast(o.at as date) between #{from} and #{to}
      ) d join plant p on p.id = d.plant_id join spot s on s.id = p.spot_id
      left join app_user u on u.id = d.user_id
      where s.site_id = #{site}
      order by d.done_on, p.label, d.what limit #{most}""")
  List<DoneRow> done(
      @Param("site") UUID site,
      @Param("from") LocalDate from,
      @Param("to") LocalDate to,
      @Param("most") int most);

  record PhotoRow(UUID id, LocalDate takenOn, String label, String commonName, String caption) {}

  @Select(
      """
      select f.id, f.taken_on, p.label, p.common_name, f.caption
      from photo f join plant p on p.id = f.plant_id join spot s on s.id = p.spot_id
      where s.site_id = #{site} and f.removed_at is null and f.taken_on between #{from} and #{to}
      order by f.taken_on, p.label limit #{most}""")
  List<PhotoRow> photos(
      @Param("site") UUID site,
      @Param("from") LocalDate from,
      @Param("to") LocalDate to,
      @Param("most") int most);
}
