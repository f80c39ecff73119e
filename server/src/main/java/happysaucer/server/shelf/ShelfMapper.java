package happysaucer.server.shelf;

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
interface ShelfMapper {
  String POT =
      """
      select s.id, s.name, s.kind, s.shape, s.material, s.top_mm, s.base_mm, s.top_depth_mm,
             s.base_depth_mm, s.height_mm, s.mouth_mm, s.foot_mm, s.mass_g, s.drain_holes, s.feet,
             s.wire_holes, s.in_stock, s.low_at, s.price_cents, s.note, s.place, s.version,
             cast(coalesce(r.reserved, 0) as int) as reserved
      from shelf_pot s left join (
        select shelf_pot_id, sum(pot_count) as reserved from job
        where status = 'PLANNED' and shelf_pot_id is not null group by shelf_pot_id) r
        on r.shelf_pot_id = s.id
      """;

  @Select(POT + " where s.removed_at is null order by s.kind desc, s.top_mm, s.name limit #{most}")
  List<ShelfPot> all(int most);

  @Select(POT + " where s.id = #{id} and s.removed_at is null")
  @Nullable ShelfPot of(UUID id);

  @Select("select count(*) from shelf_pot where removed_at is null")
  int count();

  record Reservation(
      UUID shelfPotId,
      UUID jobId,
      int count,
      LocalDate plannedOn,
      String label,
      String commonName,
      String siteName) {}

  @Select(
      """
      select j.shelf_pot_id, j.id as job_id, j.pot_count as "count", j.planned_on, p.label, p.common_name,
             t.name as site_name
      from job j join plant p on p.id = j.plant_id join spot o on o.id = p.spot_id
      join site t on t.id = o.site_id
      where j.status = 'PLANNED' and j.shelf_pot_id is not null
      order by j.planned_on, p.label limit #{most}""")
  List<Reservation> reservations(int most);

  /** Two people who want the last pot get it one after the other. */
  @Select("select id from shelf_pot where id = #{id} and removed_at is null for update")
  @Nullable UUID lock(UUID id);

  @Select(
      """
      select cast(coalesce(sum(pot_count), 0) as int) from job
      where status = 'PLANNED' and shelf_pot_id = #{pot} and id <> #{job}""")
  int reservedByOthers(@Param("pot") UUID pot, @Param("job") UUID job);

  @Select("select in_stock from shelf_pot where id = #{id}")
  int inStock(UUID id);

  @Select(
      "select u.name from shelf_pot s join app_user u on u.id = s.changed_by where s.id = #{id}")
  String changedBy(UUID id);

  @Insert(
      """
      insert into shelf_pot (id, name, kind, shape, material, top_mm, base_mm, top_depth_mm, base_depth_mm,
                             height_mm, mouth_mm, foot_mm, mass_g, drain_holes, feet, wire_holes,
                             in_stock, low_at, price_cents, note, place, version, changed_at, changed_by)
      values (#{p.id}, #{p.name}, #{p.kind}, #{p.shape}, #{p.material}, #{p.topMm}, #{p.baseMm},
              #{p.topDepthMm}, #{p.baseDepthMm}, #{p.heightMm}, #{p.mouthMm}, #{p.footMm}, #{p.massG},
              #{p.drainHoles}, #{p.feet}, #{p.wireHoles}, #{p.inStock}, #{p.lowAt}, #{p.priceCents},
              #{p.note}, #{p.place}, 1, #{at}, #{user})""")
  void add(@Param("p") ShelfPot pot, @Param("at") Instant at, @Param("user") UUID user);

  @Update(
      """
      update shelf_pot set name = #{p.name}, kind = #{p.kind}, shape = #{p.shape},
             material = #{p.material}, top_mm = #{p.topMm}, base_mm = #{p.baseMm},
             top_depth_mm = #{p.topDepthMm}, base_depth_mm = #{p.baseDepthMm},
             height_mm = #{p.heightMm}, mouth_mm = #{p.mouthMm}, foot_mm = #{p.footMm},
             mass_g = #{p.massG}, drain_holes = #{p.drainHoles}, feet = #{p.feet},
             wire_holes = #{p.wireHoles}, low_at = #{p.lowAt}, price_cents = #{p.priceCents},
             note = #{p.note}, place = #{p.place}, version = version + 1, changed_at = #{at}, changed_by = #{user}
      where id = #{p.id} and version = #{version} and removed_at is null""")
  int edit(
      @Param("p") ShelfPot pot,
      @Param("version") int version,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update shelf_pot set in_stock = in_stock + #{change}, changed_at = #{at}, changed_by = #{user}
      where id = #{id} and in_stock + #{change} >= 0""")
  int move(
      @Param("id") UUID id,
      @Param("change") int change,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update shelf_pot set removed_at = #{at}, changed_at = #{at}, changed_by = #{user} where id = #{id}""")
  void remove(@Param("id") UUID id, @Param("at") Instant at, @Param("user") UUID user);
}
