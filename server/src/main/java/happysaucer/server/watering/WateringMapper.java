package happysaucer.server.watering;

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
import org.jspecify.annotations.Nullable;

@Mapper
interface WateringMapper {
  @Select("select count(*) from plant where id = #{plant} and retired_on is null")
  int inCare(UUID plant);

  @Insert(
      """
      insert into watering (id, plant_id, watered_on, litres, run_off_litres, user_id, received_at)
      values (#{id}, #{plant}, #{on}, #{litres}, #{runOff}, #{user}, #{at})""")
  void add(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("on") LocalDate on,
      @Param("litres") double litres,
      @Param("runOff") double runOff,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Select(
      """
      select id from plant where retired_on is null and id = any(#{ids,typeHandler=uuids})""")
  List<UUID> allInCare(@Param("ids") Collection<UUID> ids);

  @Insert(
      """
      <script>
      insert into watering (id, plant_id, watered_on, litres, run_off_litres, user_id, received_at) values
      <foreach collection='all' item='w' separator=','>
        (#{w.id}, #{w.plantId}, #{on}, #{w.litres}, 0, #{user}, #{at})
      </foreach>
      </script>""")
  void addAll(
      @Param("all") List<Waterings.Poured> all,
      @Param("on") LocalDate on,
      @Param("user") UUID user,
      @Param("at") Instant at);

  /** Plants in care at a site, with what they were given last. */
  @Select(
      """
      select p.id as plant_id, p.label, p.common_name, s.name as spot_name,
             w.litres as last_litres, w.watered_on as last_on
      from plant p join spot s on s.id = p.spot_id
      left join watering w on w.id = (
        select n.id from watering n where n.plant_id = p.id
        order by n.watered_on desc, n.received_at desc limit 1)
      where p.retired_on is null and s.site_id = #{site}
      order by s.name, p.label limit 300""")
  List<AtSite> atSite(UUID site);

  record AtSite(
      UUID plantId,
      String label,
      String commonName,
      String spotName,
      @Nullable Double lastLitres,
      @Nullable LocalDate lastOn) {}

  record WateringRow(
      UUID id, UUID plantId, LocalDate wateredOn, double litres, double runOffLitres) {}

  @Select(
      """
      select id, plant_id, watered_on, litres, run_off_litres from watering where id = any(#{ids,typeHandler=uuids})
      for update""")
  List<WateringRow> locked(@Param("ids") Collection<UUID> ids);

  @Delete(
      """
      delete from watering where id = any(#{ids,typeHandler=uuids})""")
  void remove(@Param("ids") Collection<UUID> ids);

  @Select(
      """
      select id, watered_on, litres, run_off_litres from watering where plant_id = #{plant}
      order by watered_on desc, received_at desc limit #{most}""")
  List<Waterings.WateringView> of(@Param("plant") UUID plant, @Param("most") int most);
}
