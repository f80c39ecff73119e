package happysaucer.server.advice;

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
interface GlanceMapper {
  record GlanceRow(
      UUID plantId,
      String action,
      String urgency,
      String saucer,
      int pressing,
      @Nullable Double rootFill,
      @Nullable Double waterLeft,
      @Nullable LocalDate dueFrom,
      @Nullable LocalDate dueTo,
      @Nullable LocalDate recheckOn,
      String reason,
      int leftOut) {}

  @Update(
      """
      <script>
      merge into plant_glance (plant_id, as_of, basis, action, urgency, saucer, pressing, root_fill,
                               water_left, due_from, due_to, recheck_on, reason, left_out,
                               work_waits) key (plant_id) values
      <foreach collection='rows' item='r' separator=','>
        (#{r.plantId}, #{on}, #{basis}, #{r.action}, #{r.urgency}, #{r.saucer}, #{r.pressing},
         #{r.rootFill}, #{r.waterLeft}, #{r.dueFrom}, #{r.dueTo}, #{r.recheckOn}, #{r.reason}, #{r.leftOut},
         #{workWaits})
      </foreach>
      </script>""")
  void store(
      @Param("rows") List<GlanceRow> rows,
      @Param("on") LocalDate on,
      @Param("basis") String basis,
      @Param("workWaits") boolean workWaits);

  /** What is stored of these is written by nobody else until the transaction ends. */
  @Select(
      """
      select plant_id from plant_glance where plant_id = any(#{ids,typeHandler=uuids})
      order by plant_id for update""")
  List<UUID> lock(@Param("ids") Collection<UUID> ids);

  /** Plants whose work has not followed their calls yet, what presses first. */
  @Select(
      """
      select plant_id from plant_glance where work_waits
      order by pressing, plant_id limit #{most}""")
  List<UUID> workWaits(int most);

  /** Of how many plants the glance is to be made or the work to follow. */
  @Select("select count(*) " + CARED + " and (g.work_waits or " + BEHIND + ")")
  int countWork(@Param("on") LocalDate on, @Param("basis") String basis);

  @Update(
      "update plant_glance set work_waits = false where plant_id = any(#{ids,typeHandler=uuids})")
  void followed(@Param("ids") Collection<UUID> ids);

  /** What is stored of these plants and holds on this day, with this book and method. */
  @Select(
      """
      select plant_id, action, urgency, saucer, pressing, root_fill, water_left, due_from, due_to,
             recheck_on, reason, left_out
      from plant_glance where as_of = #{on} and basis = #{basis} and plant_id = any(#{ids,typeHandler=uuids})""")
  List<GlanceRow> fresh(
      @Param("ids") Collection<UUID> ids, @Param("on") LocalDate on, @Param("basis") String basis);

  String CARED =
      "from plant p left join plant_glance g on g.plant_id = p.id where p.retired_on is null";

  String BEHIND = "(g.plant_id is null or g.as_of <> #{on} or g.basis <> #{basis})";

  @Select(
      "select p.id "
          + CARED
          + " and "
          + BEHIND
          + " order by coalesce(g.pressing, 0), p.id limit #{most}")
  List<UUID> stale(
      @Param("on") LocalDate on, @Param("basis") String basis, @Param("most") int most);

  @Select("select count(*) " + CARED + " and " + BEHIND)
  int countStale(@Param("on") LocalDate on, @Param("basis") String basis);
}
