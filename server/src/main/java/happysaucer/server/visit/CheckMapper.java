package happysaucer.server.visit;

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
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface CheckMapper {
  @Select(
      """
      select t.site_id from plant p join spot t on t.id = p.spot_id
      where p.id = #{plant} and p.retired_on is null""")
  @Nullable UUID siteOf(UUID plant);

  /** Photos of other plants that were sent for this id before there was a check are not of it. */
  @Update("update photo set check_id = null where check_id = #{check} and plant_id <> #{plant}")
  void releasePhotosOfOthers(@Param("check") UUID check, @Param("plant") UUID plant);

  @Insert(
      """
      insert into plant_check (id, plant_id, visit_id, user_id, checked_at, checked_on, minutes, height_mm,
                               spread_mm, weight_g, note,
                               action, urgency, recheck_on, received_at)
      values (#{id}, #{plant}, #{visit}, #{user}, #{at}, #{on}, #{minutes}, #{height}, #{spread}, #{weight},
              #{note},
              #{action},
              #{urgency}, #{recheck}, #{received})""")
  void addCheck(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("visit") UUID visit,
      @Param("user") UUID user,
      @Param("at") Instant at,
      @Param("on") LocalDate on,
      @Param("minutes") @Nullable Double minutes,
      @Param("height") @Nullable Double heightMm,
      @Param("spread") @Nullable Double spreadMm,
      @Param("weight") @Nullable Double weightG,
      @Param("note") String note,
      @Param("action") String action,
      @Param("urgency") String urgency,
      @Param("recheck") @Nullable LocalDate recheck,
      @Param("received") Instant received);

  @Insert(
      """
      <script>
      insert into check_sign (check_id, code, state, grade, amount) values
      <foreach collection='signs' item='s' separator=','>
        (#{id}, #{s.code}, #{s.state}, #{s.grade}, #{s.value})
      </foreach>
      </script>""")
  void addSigns(@Param("id") UUID id, @Param("signs") List<CheckView.SignSeen> signs);

  @Delete("delete from plant_state where plant_id = #{plant}")
  void clearStates(UUID plant);

  @Select("select code, since from plant_state where plant_id = #{plant}")
  List<StateSince> states(UUID plant);

  record StateSince(String code, LocalDate since) {}

  @Insert("insert into plant_state (plant_id, code, since) values (#{plant}, #{code}, #{since})")
  void addState(
      @Param("plant") UUID plant, @Param("code") String code, @Param("since") LocalDate since);

  @Update("update plant_check set voided_at = #{at} where id = #{id} and voided_at is null")
  int voidCheck(@Param("id") UUID id, @Param("at") Instant at);

  @Select("select id from plant_check where id = any(#{checks,typeHandler=uuids})")
  List<UUID> existing(@Param("checks") List<UUID> checks);

  @Select("select distinct plant_id from plant_check where id = any(#{checks,typeHandler=uuids})")
  List<UUID> plantsOf(@Param("checks") List<UUID> checks);

  @Update(
      "update plant_check set voided_at = #{at} where voided_at is null and id = any(#{checks,typeHandler=uuids})")
  int voidChecks(@Param("checks") List<UUID> checks, @Param("at") Instant at);

  record PlantSite(UUID plantId, UUID siteId) {}

  @Select(
      """
      select p.id as plant_id, t.site_id from plant p join spot t on t.id = p.spot_id
      where p.retired_on is null and p.id = any(#{plants,typeHandler=uuids})""")
  List<PlantSite> sitesOf(@Param("plants") List<UUID> plants);

  record QuietRow(
      UUID id,
      UUID plantId,
      UUID visitId,
      String action,
      String urgency,
      @Nullable LocalDate recheck) {}

  @Insert(
      """
      <script>
      insert into plant_check (id, plant_id, visit_id, user_id, checked_at, checked_on, minutes, note,
                               action, urgency, recheck_on, received_at) values
      <foreach collection='rows' item='r' separator=','>
        (#{r.id}, #{r.plantId}, #{r.visitId}, #{user}, #{at}, #{on}, #{minutes}, '', #{r.action},
         #{r.urgency}, #{r.recheck}, #{received})
      </foreach>
      </script>""")
  void addQuiet(
      @Param("rows") List<QuietRow> rows,
      @Param("user") UUID user,
      @Param("at") Instant at,
      @Param("on") LocalDate on,
      @Param("minutes") double minutes,
      @Param("received") Instant received);

  @Select("select plant_id from plant_check where id = #{id}")
  UUID plantOf(UUID id);

  @Update(
      """
      update plant set height_mm = coalesce(#{height}, height_mm),
             spread_mm = coalesce(#{spread}, spread_mm), version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{plant} and (height_mm is distinct from coalesce(#{height}, height_mm)
                               or spread_mm is distinct from coalesce(#{spread}, spread_mm))""")
  void size(
      @Param("plant") UUID plant,
      @Param("height") @Nullable Double heightMm,
      @Param("spread") @Nullable Double spreadMm,
      @Param("at") Instant at,
      @Param("user") UUID user);

  record MeasuredRow(LocalDate checkedOn, String code, double amount) {}

  @Select(
      """
      select k.checked_on, s.code, s.amount from plant_check k join check_sign s on s.check_id = k.id
      where k.plant_id = #{plant} and k.voided_at is null and k.checked_on >= #{since}
        and s.amount is not null
      union all
      select checked_on, 'HEIGHT', height_mm from plant_check
      where plant_id = #{plant} and voided_at is null and checked_on >= #{since} and height_mm is not null
      union all
      select checked_on, 'WEIGHED', weight_g from plant_check
      where plant_id = #{plant} and voided_at is null and checked_on >= #{since} and weight_g is not null
      order by 1 limit 2000""")
  List<MeasuredRow> measured(@Param("plant") UUID plant, @Param("since") LocalDate since);

  record CheckRow(
      UUID id,
      UUID plantId,
      Instant checkedAt,
      LocalDate checkedOn,
      String who,
      @Nullable Double minutes,
      @Nullable Double heightMm,
      @Nullable Double spreadMm,
      @Nullable Double weightG,
      String note,
      String action,
      String urgency) {}

  @Select(
      """
      select k.id, k.plant_id, k.checked_at, k.checked_on, u.name as who, k.minutes, k.height_mm,
             k.spread_mm, k.weight_g, k.note, k.action, k.urgency
      from plant_check k join app_user u on u.id = k.user_id
      where k.plant_id = #{plant} and k.voided_at is null
      order by k.checked_at desc limit #{most}""")
  List<CheckRow> checks(@Param("plant") UUID plant, @Param("most") int most);

  record SignOfCheck(
      UUID checkId, String code, String state, @Nullable String grade, @Nullable Double value) {}

  @Select(
      """
      select check_id, code, state, grade, amount as "value" from check_sign where check_id = any(#{checks,typeHandler=uuids})
      order by check_id, code""")
  List<SignOfCheck> signs(@Param("checks") Collection<UUID> checks);
}
