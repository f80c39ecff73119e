package happysaucer.server.season;

import happysaucer.core.work.JobKind;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface SeasonJobMapper {
  String COLUMNS =
      """
      j.id, j.plant_id, j.work_key, j.kind, j.place, j.action, j.urgency, j.source, j.status, j.job_id,
      j.aftercare_step_id, j.after_id, j.after_from, j.after_to, j.from_on, j.to_on, j.ideal_on,
      j.minutes, j.minutes_ruled, j.people, j.skills, j.litres, j.grams, j.to_order, j.material_on, j.material_never, j.order_id,
      j.held, j.why, j.note, j.planned_on, j.lead_id, j.helper_id, j.pinned, j.overruled,
      j.published_on, j.published_lead, j.published_helper, j.sequence, j.done_on, j.taken, j.version
      """;

  /** Of these plants: what is open, and what a person has dropped lately. */
  @Select(
      "select "
          + COLUMNS
          + """
          from season_job j where (j.status = 'OPEN' or j.status = 'DROPPED' and j.changed_at >= #{since})
          and j.plant_id = any(#{plants,typeHandler=uuids})
          order by j.plant_id, j.id""")
  List<SeasonJobRow> ofPlants(
      @Param("plants") Collection<UUID> plants, @Param("since") Instant since);

  @Select(
      "select "
          + COLUMNS
          + " from season_job j where j.status = 'OPEN' order by j.ideal_on, j.id limit #{most}")
  List<SeasonJobRow> open(int most);

  @Select("select count(*) from season_job where status = 'OPEN'")
  int openCount();

  @Select("select " + COLUMNS + " from season_job j where j.id = #{id} for update")
  @Nullable SeasonJobRow locked(UUID id);

  @Select(
      "select "
          + COLUMNS
          + """
          from season_job j where j.id = any(#{ids,typeHandler=uuids})
          order by j.id for update""")
  List<SeasonJobRow> lockedAll(@Param("ids") Collection<UUID> ids);

  @Select(
      "select "
          + COLUMNS
          + " from season_job j where j.order_id = #{order} and j.status = 'OPEN' order by j.id for update")
  List<SeasonJobRow> ofOrder(UUID order);

  @Select("select " + COLUMNS + " from season_job j where j.job_id = #{job} and j.status = 'OPEN'")
  @Nullable SeasonJobRow ofJob(UUID job);

  @Select(
      "select "
          + COLUMNS
          + " from season_job j where j.aftercare_step_id = #{step} and j.status in ('OPEN', 'DONE')")
  @Nullable SeasonJobRow ofStep(UUID step);

  /** What small jobs of a kind took together, and what the rules had thought of them, minutes. */
  record TookRow(JobKind kind, double taken, double ruled) {}

  @Select(
      """
      select kind, sum(taken) as taken, sum(minutes_ruled) as ruled from season_job
      where status = 'DONE' and taken is not null and minutes_ruled > 0 and place = 'SITE'
        and source <> 'HAND' and done_on >= #{since}
      group by kind""")
  List<TookRow> took(LocalDate since);

  record WateredRow(UUID plantId, LocalDate wateredOn) {}

  @Select(
      """
      select plant_id, max(watered_on) as watered_on from watering where plant_id = any(#{plants,typeHandler=uuids})
      group by plant_id""")
  List<WateredRow> watered(@Param("plants") Collection<UUID> plants);

  /** What stands in the days of somebody's work, done or not. */
  @Select(
      "select "
          + COLUMNS
          + """
          from season_job j where j.planned_on between #{from} and #{to}
          and j.status in ('OPEN', 'DONE') order by j.id limit #{most}""")
  List<SeasonJobRow> planned(
      @Param("from") LocalDate from, @Param("to") LocalDate to, @Param("most") int most);

  @Update(
      """
      <script>
      merge into season_job (id, plant_id, work_key, kind, place, action, urgency, source, status, job_id,
        aftercare_step_id, after_id, after_from, after_to, from_on, to_on, ideal_on, minutes, minutes_ruled, people,
        skills, litres, grams, to_order, material_on, material_never, order_id, held, why, note, planned_on,
        lead_id, helper_id, pinned, overruled, published_on, published_lead, published_helper, sequence,
        done_on, taken, version, changed_at) key (id) values
      <foreach collection='rows' item='r' separator=','>
        (#{r.id}, #{r.plantId}, #{r.workKey}, #{r.kind}, #{r.place}, #{r.action}, #{r.urgency},
         #{r.source}, #{r.status}, #{r.jobId}, #{r.aftercareStepId}, #{r.afterId}, #{r.afterFrom},
         #{r.afterTo}, #{r.fromOn}, #{r.toOn}, #{r.idealOn}, #{r.minutes}, #{r.minutesRuled}, #{r.people}, #{r.skills},
         #{r.litres}, #{r.grams}, #{r.toOrder}, #{r.materialOn}, #{r.materialNever}, #{r.orderId}, #{r.held},
         #{r.why}, #{r.note}, #{r.plannedOn}, #{r.leadId}, #{r.helperId}, #{r.pinned},
         #{r.overruled}, #{r.publishedOn}, #{r.publishedLead}, #{r.publishedHelper}, #{r.sequence},
         #{r.doneOn}, #{r.taken}, #{r.version}, #{at})
      </foreach>
      </script>""")
  void store(@Param("rows") List<SeasonJobRow> rows, @Param("at") Instant at);

  /** What was made known since a day, of a crew or of a client's sites. */
  @Select(
      "<script>select "
          + COLUMNS
          + """
          from season_job j
          <if test='client != null'>
            join plant p on p.id = j.plant_id join spot s on s.id = p.spot_id
            join site t on t.id = s.site_id
          </if>
          where j.published_on is not null
            and (j.published_on &gt;= #{since} or j.planned_on &gt;= #{since})
          <if test='client != null'> and t.client_id = #{client} </if>
          <if test='crew != null'>
            and #{crew} in (j.lead_id, j.helper_id, j.published_lead, j.published_helper)
          </if>
          order by j.published_on desc, j.id limit #{most}
          </script>""")
  List<SeasonJobRow> known(
      @Param("since") LocalDate since,
      @Param("crew") @Nullable UUID crew,
      @Param("client") @Nullable UUID client,
      @Param("most") int most);

  /** Two who look the same plants through at once add what is new one after the other. */
  @Select(
      """
      select id from plant where id = any(#{plants,typeHandler=uuids})
      order by id for update""")
  List<UUID> lockPlants(@Param("plants") Collection<UUID> plants);

  /** Plants come before their jobs, and these before what a season says of them. */
  @Select(
      """
      select id from plant where id in (select plant_id from season_job where id = any(#{jobs,typeHandler=uuids}))
      order by id for update""")
  List<UUID> lockPlantsOf(@Param("jobs") Collection<UUID> jobs);

  @Select(
      "select "
          + COLUMNS
          + """
          from season_job j where j.id = any(#{ids,typeHandler=uuids})
          order by j.id""")
  List<SeasonJobRow> all(@Param("ids") Collection<UUID> ids);

  record DoneRow(UUID id, LocalDate doneOn) {}

  @Select(
      """
      select id, done_on from job where done_on is not null and id = any(#{ids,typeHandler=uuids})""")
  List<DoneRow> doneOn(@Param("ids") Collection<UUID> jobs);

  /** Those that customers brought: no crew goes to them. */
  @Select(
      """
      select p.id from plant p join spot s on s.id = p.spot_id join site t on t.id = s.site_id
      where t.counter and p.id = any(#{ids,typeHandler=uuids})""")
  List<UUID> atTheCounter(@Param("ids") Collection<UUID> ids);

  /** A plant with its place, for a job of it. */
  record PlantAtRow(
      UUID id,
      String label,
      String commonName,
      UUID siteId,
      String spotName,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm) {}

  @Select(
      """
      select p.id, p.label, p.common_name, s.site_id, s.name as spot_name, p.pot_shape, p.pot_top_mm,
             p.drawn_base_mm as pot_base_mm, p.drawn_height_mm as pot_height_mm
      from unnest(#{ids,typeHandler=uuids}) wanted(id) join plant p on p.id = wanted.id
      join spot s on s.id = p.spot_id""")
  List<PlantAtRow> plants(@Param("ids") Collection<UUID> ids);
}
