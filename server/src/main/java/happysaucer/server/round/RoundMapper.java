package happysaucer.server.round;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface RoundMapper {
  record SiteRow(UUID id, String name, String clientName, String accessNote, int roundOrder) {}

  /** Sites with a job planned on the day, and those named. */
  @Select(
      """
      <script>
      select t.id, t.name, c.name as client_name, t.access_note, t.round_order
      from site t join client c on c.id = t.client_id
      where not t.counter and (t.id in (select s.site_id from job j join plant p on p.id = j.plant_id
                     join spot s on s.id = p.spot_id
                     where j.planned_on = #{day} and j.status &lt;&gt; 'DROPPED')
         <if test='!named.isEmpty()'> or t.id = any(#{named,typeHandler=uuids})
         </if>)
      order by t.round_order, t.name limit 60
      </script>""")
  List<SiteRow> sites(@Param("day") LocalDate day, @Param("named") Collection<UUID> named);

  @Select(
      """
      select t.id, t.name, c.name as client_name, t.access_note, t.round_order
      from site t join client c on c.id = t.client_id where t.id = #{site}""")
  @Nullable SiteRow site(UUID site);

  @Select(
      """
      select t.id, t.name, c.name as client_name, t.access_note, t.round_order
      from site t join client c on c.id = t.client_id where t.id = any(#{sites,typeHandler=uuids})""")
  List<SiteRow> named(@Param("sites") Collection<UUID> sites);

  record PlantAt(
      UUID plantId,
      UUID siteId,
      String label,
      String commonName,
      String spotName,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      @Nullable LocalDate lastChecked,
      @Nullable LocalDate recheckOn,
      @Nullable Double usualLitres,
      @Nullable LocalDate wateredOn) {
    Rounds.StopPlant plant() {
      return new Rounds.StopPlant(
          plantId, label, commonName, spotName, potShape, potTopMm, potBaseMm, potHeightMm);
    }
  }

  @Select(
      """
      select p.id as plant_id, s.site_id, p.label, p.common_name, s.name as spot_name, p.pot_shape,
             p.pot_top_mm, p.drawn_base_mm as pot_base_mm, p.drawn_height_mm as pot_height_mm, k.checked_on as last_checked, k.recheck_on,
             w.litres as usual_litres, w.watered_on
      from plant p join spot s on s.id = p.spot_id
      left join plant_check k on k.id = (
        select n.id from plant_check n where n.plant_id = p.id and n.voided_at is null
        order by n.checked_at desc limit 1)
      left join watering w on w.id = (
        select n.id from watering n where n.plant_id = p.id
        order by n.watered_on desc, n.received_at desc limit 1)
      where p.retired_on is null and s.site_id = any(#{sites,typeHandler=uuids})
      order by s.name, p.label limit 600""")
  List<PlantAt> plants(@Param("sites") Collection<UUID> sites);
}
