package happysaucer.server.order;

import happysaucer.server.order.Orders.OrderView;
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
interface OrderMapper {
  String ORDER =
      """
      select o.id, o.shelf_pot_id, o.ingredient, o.supply_kind || '/' || o.supply_code as supply,
             coalesce(s.name, o.ingredient, o.supply_code) as pot, o.supplier, o.amount, o.received, o.ordered_on, o.due_on,
             o.ended_on, o.note, o.version,
             (select count(*) from season_job j where j.order_id = o.id and j.status = 'OPEN') as waiting
      from pot_order o left join shelf_pot s on s.id = o.shelf_pot_id
      """;

  /** Those that are open, by the day on which they come. */
  @Select(ORDER + " where o.ended_on is null order by o.due_on, o.supplier, o.id limit #{most}")
  List<OrderView> open(int most);

  @Select("select count(*) from pot_order where ended_on is null")
  int openCount();

  @Select(ORDER + " where o.id = #{id}")
  @Nullable OrderView of(UUID id);

  @Select("select id from pot_order where id = #{id} for update")
  @Nullable UUID lock(UUID id);

  @Select(
      "select u.name from pot_order o join app_user u on u.id = o.changed_by where o.id = #{id}")
  String changedBy(UUID id);

  @Insert(
      """
      insert into pot_order (id, shelf_pot_id, ingredient, supply_kind, supply_code, supplier, amount, received, ordered_on, due_on, note, version,
                             changed_at, changed_by)
      values (#{id}, #{o.shelfPotId}, #{o.ingredient}, #{o.supplyKind}, #{o.supplyCode}, #{o.supplier}, #{o.amount}, 0, #{o.orderedOn}, #{o.dueOn}, #{o.note}, 1,
              #{at}, #{user})""")
  void add(
      @Param("id") UUID id,
      @Param("o") Orders.OrderRequest order,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update pot_order set shelf_pot_id = #{o.shelfPotId}, ingredient = #{o.ingredient},
             supply_kind = #{o.supplyKind}, supply_code = #{o.supplyCode}, supplier = #{o.supplier}, amount = #{o.amount},
             ordered_on = #{o.orderedOn}, due_on = #{o.dueOn}, note = #{o.note}, version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where id = #{id} and version = #{version} and ended_on is null""")
  int edit(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("o") Orders.OrderRequest order,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update pot_order set received = #{received}, ended_on = #{ended}, version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where id = #{id}""")
  void received(
      @Param("id") UUID id,
      @Param("received") int received,
      @Param("ended") @Nullable LocalDate ended,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /**
   * What open jobs need until a day, by what it is.
   *
   * @param firstOn the first day on which some of it is needed
   */
  record NeededRow(
      String kind, String code, double amount, String unit, LocalDate firstOn, int jobs) {}

  @Select(
      """
      select w.kind, w.code, sum(w.amount) as amount, w.unit, min(w.planned_on) as first_on,
             count(distinct w.job_id) as jobs
      from (
        select n.kind, n.code, n.amount, n.unit, j.id as job_id,
               coalesce((select min(s.planned_on) from season_job s
                         where s.job_id = j.id and s.status = 'OPEN' and s.place in ('SITE', 'BENCH')),
                        j.planned_on) as planned_on
        from job j join job_need n on n.job_id = j.id
        where j.status = 'PLANNED'
          -- what stands mixed for a job has left the stock already
          and not (n.kind = 'INGREDIENT' and exists (select 1 from batch_job x where x.job_id = j.id))
          and (n.kind in ('POT', 'INGREDIENT', 'FEED', 'COARSE', 'FILLER', 'DRESSING')
               or n.kind = 'TOOL' and n.code in ('MESH', 'WIRE', 'STAKE'))
      ) w
      where w.planned_on <= #{to}
      group by w.kind, w.code, w.unit order by w.kind, w.code limit 500""")
  List<NeededRow> needed(LocalDate to);

  /** Repots of the season that have no pot and no plan yet. */
  @Select(
      """
      select count(*) from season_job s
      where s.status = 'OPEN' and s.job_id is null and s.litres > 0
        and coalesce(s.planned_on, s.ideal_on) <= #{to}""")
  int unplanned(LocalDate to);
}
