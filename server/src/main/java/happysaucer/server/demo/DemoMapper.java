package happysaucer.server.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Writes the demo's rows, many at a time. */
@Mapper
interface DemoMapper {
  @Update(
      """
      update team set workshop_latitude = #{latitude}, workshop_longitude = #{longitude},
             work_hour_cents = 4200, mix_litre_cents = 180, work_least_cents = 900""")
  void workshop(@Param("latitude") double latitude, @Param("longitude") double longitude);

  @Insert("insert into client (id, name) values (#{id}, #{name})")
  void client(@Param("id") UUID id, @Param("name") String name);

  @Insert(
      """
      insert into site (id, client_id, name, latitude, longitude, outdoors, site_use, access_note,
                        visit_every, visit_from, floors, parking_minutes, round_order)
      values (#{id}, #{client}, #{name}, #{latitude}, #{longitude}, false, #{use}, #{note}, #{weeks},
              #{from}, #{floors}, #{parking}, #{order})""")
  void site(
      @Param("id") UUID id,
      @Param("client") UUID client,
      @Param("name") String name,
      @Param("latitude") double latitude,
      @Param("longitude") double longitude,
      @Param("use") String use,
      @Param("note") String note,
      @Param("weeks") int weeks,
      @Param("from") LocalDate from,
      @Param("floors") String floors,
      @Param("parking") int parkingMinutes,
      @Param("order") int order);

  @Insert(
      """
      insert into site_access_day (site_id, weekday, opens, closes)
      values (#{site}, #{weekday}, #{opens}, #{closes})""")
  void accessDay(
      @Param("site") UUID site,
      @Param("weekday") int weekday,
      @Param("opens") @Nullable String opens,
      @Param("closes") @Nullable String closes);

  @Insert(
      """
      insert into site_visit_day (site_id, weekday, opens, closes)
      values (#{site}, #{weekday}, #{opens}, #{closes})""")
  void visitDay(
      @Param("site") UUID site,
      @Param("weekday") int weekday,
      @Param("opens") @Nullable String opens,
      @Param("closes") @Nullable String closes);

  @Insert("insert into spot (id, site_id, name, light) values (#{id}, #{site}, #{name}, #{light})")
  void spot(
      @Param("id") UUID id,
      @Param("site") UUID site,
      @Param("name") String name,
      @Param("light") String light);

  record PlantRow(
      UUID id,
      String label,
      UUID spotId,
      String species,
      String commonName,
      double heightMm,
      double spreadMm,
      @Nullable String sizeWish,
      @Nullable LocalDate lastRepotted,
      String mix,
      boolean fed,
      String waterer,
      String shape,
      String material,
      double topMm,
      @Nullable Double baseMm,
      @Nullable Double potHeightMm,
      @Nullable Double mouthMm,
      @Nullable Double depthMm,
      int holes,
      boolean inCover,
      String note) {}

  @Insert(
      """
      insert into plant (id, label, spot_id, species, common_name, height_mm, spread_mm, size_wish,
                         last_repotted, mix, fed, waterer_habit, pot_shape, pot_material, pot_top_mm,
                         pot_base_mm, pot_height_mm, pot_mouth_mm, pot_top_depth_mm, pot_holes, in_cover_pot, note, version, changed_at,
                         changed_by)
      values (#{p.id}, #{p.label}, #{p.spotId}, #{p.species}, #{p.commonName}, #{p.heightMm},
              #{p.spreadMm}, #{p.sizeWish}, #{p.lastRepotted}, #{p.mix}, #{p.fed}, #{p.waterer},
              #{p.shape}, #{p.material}, #{p.topMm}, #{p.baseMm}, #{p.potHeightMm}, #{p.mouthMm}, #{p.depthMm},
              #{p.holes},
              #{p.inCover}, #{p.note}, 1, #{at}, #{user})""")
  void plant(@Param("p") PlantRow plant, @Param("at") Instant at, @Param("user") UUID user);

  @Insert(
      """
      insert into method_choice (scope, target, choice_key, choice, changed_at, changed_by)
      values ('PLANT', #{plant}, #{key}, #{option}, #{at}, #{user})""")
  void choose(
      @Param("plant") String plant,
      @Param("key") String key,
      @Param("option") String option,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Insert("insert into plant_state (plant_id, code, since) values (#{plant}, #{code}, #{since})")
  void state(
      @Param("plant") UUID plant, @Param("code") String code, @Param("since") LocalDate since);

  @Insert(
      """
      insert into visit (id, site_id, visited_on, user_id) values (#{id}, #{site}, #{on}, #{user})""")
  void visit(
      @Param("id") UUID id,
      @Param("site") UUID site,
      @Param("on") LocalDate on,
      @Param("user") UUID user);

  record CheckRow(
      UUID id,
      UUID plantId,
      UUID visitId,
      Instant at,
      LocalDate on,
      double minutes,
      @Nullable Double heightMm,
      String note,
      String action,
      String urgency,
      @Nullable LocalDate recheck) {}

  @Insert(
      """
      <script>
      insert into plant_check (id, plant_id, visit_id, user_id, checked_at, checked_on, minutes, height_mm,
                               note, action, urgency, recheck_on, received_at) values
      <foreach collection='checks' item='c' separator=','>
        (#{c.id}, #{c.plantId}, #{c.visitId}, #{user}, #{c.at}, #{c.on}, #{c.minutes}, #{c.heightMm},
         #{c.note}, #{c.action}, #{c.urgency}, #{c.recheck}, #{c.at})
      </foreach>
      </script>""")
  void checks(@Param("checks") List<CheckRow> checks, @Param("user") UUID user);

  record SignRow(
      UUID checkId, String code, String state, @Nullable String grade, @Nullable Double value) {}

  @Insert(
      """
      <script>
      insert into check_sign (check_id, code, state, grade, amount) values
      <foreach collection='signs' item='s' separator=','>
        (#{s.checkId}, #{s.code}, #{s.state}, #{s.grade}, #{s.value})
      </foreach>
      </script>""")
  void signs(@Param("signs") List<SignRow> signs);

  record WateringRow(UUID id, UUID plantId, LocalDate on, double litres, double runOff) {}

  @Insert(
      """
      <script>
      insert into watering (id, plant_id, watered_on, litres, run_off_litres, user_id, received_at) values
      <foreach collection='waterings' item='w' separator=','>
        (#{w.id}, #{w.plantId}, #{w.on}, #{w.litres}, #{w.runOff}, #{user}, #{at})
      </foreach>
      </script>""")
  void waterings(
      @Param("waterings") List<WateringRow> waterings,
      @Param("user") UUID user,
      @Param("at") Instant at);

  /** A page for whoever waters, since the day of the last work on a plant. */
  @Insert(
      """
      insert into care_link (id, job_id, plant_id, token, expires_on, created_by, created_at)
      select #{id}, j.id, j.plant_id, #{token}, dateadd(day, 70, j.done_on), #{user}, j.changed_at
      from job j where j.plant_id = #{plant} and j.status = 'DONE' order by j.done_on desc limit 1""")
  void careLink(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("token") String token,
      @Param("user") UUID user);

  @Insert(
      """
      insert into care_subscriber (id, link_id, name, email, zone, units, token, base, created_by, created_at)
      select #{id}, l.id, #{name}, #{email}, #{zone}, 'METRIC', #{token}, #{base}, #{user}, l.created_at
      from care_link l where l.id = #{link}""")
  void subscriber(
      @Param("id") UUID id,
      @Param("link") UUID link,
      @Param("name") String name,
      @Param("email") String email,
      @Param("zone") String zone,
      @Param("token") String token,
      @Param("base") String base,
      @Param("user") UUID user);

  /** What was written has gone. */
  @Update("update message set status = 'SENT', tries = 1, sent_at = written_at")
  void sent();
}
