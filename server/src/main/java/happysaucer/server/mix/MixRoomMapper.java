package happysaucer.server.mix;

import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.mix.MixRoom.MixItemRequest;
import happysaucer.server.mix.MixRoom.Why;
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
interface MixRoomMapper {
  record RoomRow(double scoopLitres, double bucketLitres, int version) {}

  @Select("select scoop_litres, bucket_litres, version from mix_room where id = 1")
  RoomRow room();

  /** Nobody else writes stock until the transaction ends. */
  @Select("select scoop_litres, bucket_litres, version from mix_room where id = 1 for update")
  RoomRow locked();

  @Update(
      """
      update mix_room set scoop_litres = #{scoop}, bucket_litres = #{bucket}, version = version + 1
      where id = 1 and version = #{version}""")
  int measures(
      @Param("scoop") double scoopLitres,
      @Param("bucket") double bucketLitres,
      @Param("version") int version);

  record ItemRow(
      String code,
      @Nullable Double bagLitres,
      @Nullable Integer bagCents,
      String supplier,
      int version,
      String who) {}

  @Select(
      """
      select i.code, i.bag_litres, i.bag_cents, i.supplier, i.version, u.name as who
      from mix_item i join app_user u on u.id = i.changed_by order by i.code""")
  List<ItemRow> items();

  @Insert(
      """
      insert into mix_item (code, bag_litres, bag_cents, supplier, version, changed_at, changed_by)
      values (#{code}, #{i.bagLitres}, #{i.bagCents}, #{i.supplier}, 1, #{at}, #{user})""")
  void add(
      @Param("code") String code,
      @Param("i") MixItemRequest item,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update mix_item set bag_litres = #{i.bagLitres}, bag_cents = #{i.bagCents}, supplier = #{i.supplier},
             version = version + 1, changed_at = #{at}, changed_by = #{user}
      where code = #{code} and version = #{version}""")
  int edit(
      @Param("code") String code,
      @Param("version") int version,
      @Param("i") MixItemRequest item,
      @Param("at") Instant at,
      @Param("user") UUID user);

  record StockRow(Kind kind, String code, double litres) {}

  /** Of everything that was ever counted, received or mixed. */
  @Select("select kind, code, sum(litres) as litres from mix_move group by kind, code limit 1000")
  List<StockRow> stock();

  /**
   * @param litres that are left of it
   */
  record LotRow(UUID id, String code, String name, LocalDate cameOn, double litres) {}

  /** Lots of which something is left, the oldest first. */
  @Select(
      """
      select l.id, l.code, l.name, l.came_on, sum(m.litres) as litres
      from mix_lot l join mix_move m on m.lot_id = l.id
      group by l.id, l.code, l.name, l.came_on having sum(m.litres) > 0.001
      order by l.came_on, l.name limit #{most}""")
  List<LotRow> lots(int most);

  @Insert("insert into mix_lot (id, code, name, came_on) values (#{id}, #{code}, #{name}, #{on})")
  void addLot(
      @Param("id") UUID id,
      @Param("code") String code,
      @Param("name") String name,
      @Param("on") LocalDate on);

  /**
   * @param litres that came, below 0 that went
   */
  record MoveRow(
      UUID id,
      Kind kind,
      String code,
      double litres,
      Why why,
      @Nullable UUID lotId,
      @Nullable UUID batchId,
      @Nullable UUID jobId,
      String note) {}

  @Insert(
      """
      <script>
      insert into mix_move (id, kind, code, litres, why, lot_id, batch_id, job_id, note, moved_at, moved_by) values
      <foreach collection='moves' item='m' separator=','>
        (#{m.id}, #{m.kind}, #{m.code}, #{m.litres}, #{m.why}, #{m.lotId}, #{m.batchId}, #{m.jobId}, #{m.note},
         #{at}, #{user})
      </foreach>
      </script>""")
  void move(@Param("moves") List<MoveRow> moves, @Param("at") Instant at, @Param("user") UUID user);

  record PastRow(
      Kind kind,
      String code,
      double litres,
      Why why,
      @Nullable String lot,
      @Nullable Integer batch,
      String note,
      Instant at,
      String who) {}

  @Select(
      """
      select m.kind, m.code, m.litres, m.why, l.name as lot, b.number as batch, m.note, m.moved_at as at, u.name as who
      from mix_move m join app_user u on u.id = m.moved_by left join mix_lot l on l.id = m.lot_id
      left join batch b on b.id = m.batch_id
      where m.kind = #{kind} and m.code = #{code} order by m.moved_at desc, m.id limit #{most}""")
  List<PastRow> moves(
      @Param("kind") Kind kind, @Param("code") String code, @Param("most") int most);
}
