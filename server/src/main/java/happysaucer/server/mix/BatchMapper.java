package happysaucer.server.mix;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface BatchMapper {
  /**
   * A job that is open and needs a mix.
   *
   * @param reusable of the litres, that may be old medium
   * @param batch number of the batch it is mixed in already; null for none
   */
  record WantedRow(
      UUID jobId,
      UUID plantId,
      String label,
      String commonName,
      String siteName,
      LocalDate plannedOn,
      String mix,
      double litres,
      double reusable,
      @Nullable Integer batch) {}

  /** A crew's are those of the season that it leads. */
  @Select(
      """
      <script>
      select * from (
        select j.id as job_id, p.id as plant_id, p.label, p.common_name, t.name as site_name,
               coalesce((select min(s.planned_on) from season_job s
                         where s.job_id = j.id and s.status = 'OPEN' and s.place in ('SITE', 'BENCH')),
                        j.planned_on) as planned_on,
               n.code as mix, n.amount as litres,
               coalesce((select sum(o.amount) from job_need o where o.job_id = j.id and o.kind = 'OLD_MEDIUM'), 0) as reusable,
               (select b.number from batch_job x join batch b on b.id = x.batch_id
                where x.job_id = j.id and x.mix = n.code) as batch
        from job j join job_need n on n.job_id = j.id and n.kind = 'MIX'
        join plant p on p.id = j.plant_id join spot r on r.id = p.spot_id join site t on t.id = r.site_id
        where j.status = 'PLANNED'
        <if test='jobs != null'>and j.id = any(#{jobs,typeHandler=uuids})</if>
        <if test='crew != null'>and exists (
          select 1 from season_job s where s.job_id = j.id and s.status = 'OPEN'
          and s.place in ('SITE', 'BENCH') and s.lead_id = #{crew})</if>
      ) w
      <if test='jobs == null'>where w.planned_on between #{from} and #{to}</if>
      order by w.planned_on, w.site_name, w.label, w.mix limit #{most}
      </script>""")
  List<WantedRow> wanted(
      @Param("from") LocalDate from,
      @Param("to") LocalDate to,
      @Param("crew") @Nullable UUID crew,
      @Param("jobs") @Nullable Collection<UUID> jobs,
      @Param("most") int most);

  record PromisedRow(String mix, double litres) {}

  /** What stands mixed for jobs that are still to be done. */
  @Select(
      """
      select x.mix, sum(x.litres) as litres from batch_job x join job j on j.id = x.job_id
      where j.status = 'PLANNED' group by x.mix limit 1000""")
  List<PromisedRow> promised();

  @Select("select coalesce(max(number), 0) + 1 from batch")
  int nextNumber();

  @Insert(
      """
      insert into batch (id, number, made_on, note, made_at, made_by)
      values (#{id}, #{number}, #{on}, #{note}, #{at}, #{user})""")
  void add(
      @Param("id") UUID id,
      @Param("number") int number,
      @Param("on") LocalDate on,
      @Param("note") String note,
      @Param("at") Instant at,
      @Param("user") UUID user);

  record MixedRow(String mix, String label, double needed, double litres, String recipe) {}

  @Insert(
      """
      <script>
      insert into batch_mix (batch_id, mix, label, needed, litres, recipe) values
      <foreach collection='mixes' item='m' separator=','>
        (#{batch}, #{m.mix}, #{m.label}, #{m.needed}, #{m.litres}, #{m.recipe})
      </foreach>
      </script>""")
  void addMixes(@Param("batch") UUID batch, @Param("mixes") List<MixedRow> mixes);

  record ForJob(UUID jobId, String mix, double litres) {}

  @Insert(
      """
      <script>
      insert into batch_job (batch_id, job_id, mix, litres) values
      <foreach collection='jobs' item='j' separator=','>(#{batch}, #{j.jobId}, #{j.mix}, #{j.litres})</foreach>
      </script>""")
  void addJobs(@Param("batch") UUID batch, @Param("jobs") List<ForJob> jobs);

  record HeadRow(UUID id, int number, LocalDate madeOn, String note, String who) {}

  String HEAD =
      "select b.id, b.number, b.made_on, b.note, u.name as who from batch b join app_user u on u.id = b.made_by";

  @Select(HEAD + " order by b.number desc limit #{most}")
  List<HeadRow> newest(int most);

  @Select(HEAD + " where b.id = #{id}")
  @Nullable HeadRow head(UUID id);

  record BatchMixRow(
      UUID batchId,
      String mix,
      String label,
      double needed,
      double litres,
      double remaining,
      String recipe) {}

  @Select(
      """
      select x.batch_id, x.mix, x.label, x.needed, x.litres, x.recipe,
             coalesce((select sum(m.litres) from mix_move m
                       where m.batch_id = x.batch_id and m.kind = 'MIX' and m.code = x.mix), 0) as remaining
      from batch_mix x where x.batch_id = any(#{batches,typeHandler=uuids})
      order by x.label""")
  List<BatchMixRow> mixes(@Param("batches") Collection<UUID> batches);

  /**
   * A plant that got of a batch, or is to get of it.
   *
   * @param doneOn null while the work is to be done
   */
  record PlantRow(
      UUID jobId,
      UUID plantId,
      String label,
      String commonName,
      String siteName,
      String mix,
      double litres,
      @Nullable LocalDate doneOn) {}

  @Select(
      """
      select j.id as job_id, p.id as plant_id, p.label, p.common_name, t.name as site_name, w.mix, w.litres, j.done_on
      from (
        select job_id, mix, litres from batch_job where batch_id = #{batch}
        union
        select m.job_id, m.code, -m.litres from mix_move m
        where m.batch_id = #{batch} and m.kind = 'MIX' and m.why = 'JOB'
          and not exists (select 1 from batch_job x where x.job_id = m.job_id and x.mix = m.code and x.batch_id = #{batch})
      ) w join job j on j.id = w.job_id join plant p on p.id = j.plant_id
      join spot r on r.id = p.spot_id join site t on t.id = r.site_id
      order by t.name, p.label limit #{most}""")
  List<PlantRow> plants(@Param("batch") UUID batch, @Param("most") int most);

  record OfLotRow(String code, @Nullable String lot, @Nullable LocalDate cameOn, double litres) {}

  @Select(
      """
      select m.code, l.name as lot, l.came_on, -sum(m.litres) as litres
      from mix_move m left join mix_lot l on l.id = m.lot_id
      where m.batch_id = #{batch} and m.kind = 'INGREDIENT'
      group by m.code, l.name, l.came_on order by m.code""")
  List<OfLotRow> ingredients(UUID batch);

  @Select(
      """
      select distinct b.id, b.number, b.made_on, b.note, u.name as who
      from mix_move m join batch b on b.id = m.batch_id join app_user u on u.id = b.made_by
      where m.lot_id = #{lot} order by b.number limit #{most}""")
  List<HeadRow> ofLot(@Param("lot") UUID lot, @Param("most") int most);

  record LeftRow(@Nullable UUID batchId, double litres) {}

  /** Batches of a mix of which something is left, the oldest first. */
  @Select(
      """
      select m.batch_id, sum(m.litres) as litres from mix_move m join batch b on b.id = m.batch_id
      where m.kind = 'MIX' and m.code = #{mix} group by m.batch_id, b.number having sum(m.litres) > 0.001
      order by b.number limit #{most}""")
  List<LeftRow> left(@Param("mix") String mix, @Param("most") int most);

  @Select("select job_id, mix, litres from batch_job where job_id = #{job} and mix = #{mix}")
  @Nullable ForJob forJob(@Param("job") UUID job, @Param("mix") String mix);

  @Select("select batch_id from batch_job where job_id = #{job} and mix = #{mix}")
  @Nullable UUID batchOf(@Param("job") UUID job, @Param("mix") String mix);
}
