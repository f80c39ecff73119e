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
      select o.id, o.shelf_pot_id, s.name as pot, o.supplier, o.amount, o.received, o.ordered_on, o.due_on,
             o.ended_on, o.note, o.version,
             (select count(*) from season_job j where j.order_id = o.id and j.status = 'OPEN') as waiting
      from pot_order o join shelf_pot s on s.id = o.shelf_pot_id
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
      insert into pot_order (id, shelf_pot_id, supplier, amount, received, ordered_on, due_on, note, version,
                             changed_at, changed_by)
      values (#{id}, #{o.shelfPotId}, #{o.supplier}, #{o.amount}, 0, #{o.orderedOn}, #{o.dueOn}, #{o.note}, 1,
              #{at}, #{user})""")
  void add(
      @Param("id") UUID id,
      @Param("o") Orders.OrderRequest order,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update pot_order set shelf_pot_id = #{o.shelfPotId}, supplier = #{o.supplier}, amount = #{o.amount},
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
}
