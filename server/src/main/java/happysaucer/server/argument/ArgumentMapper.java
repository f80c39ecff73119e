package happysaucer.server.argument;

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
interface ArgumentMapper {
  @Select("select id from plant where id = #{plant} and retired_on is null for update")
  @Nullable UUID lockPlant(UUID plant);

  @Insert(
      """
      insert into evidence_aside (id, plant_id, sign, reason, always, covers, user_id, at, set_on)
      values (#{id}, #{plant}, #{sign}, #{reason}, #{always},
              coalesce((select max(checked_at) from plant_check
                        where plant_id = #{plant} and voided_at is null and checked_at > #{at}), #{at}),
              #{user}, #{at}, #{on})""")
  void addAside(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("sign") String sign,
      @Param("reason") String reason,
      @Param("always") boolean always,
      @Param("user") UUID user,
      @Param("at") Instant at,
      @Param("on") LocalDate on);

  @Insert(
      """
      insert into call_overrule (id, plant_id, action, urgency, recheck_days, reason, rules_action,
                                 user_id, at, set_on)
      values (#{id}, #{plant}, #{action}, #{urgency}, #{recheckDays}, #{reason}, #{rules}, #{user}, #{at},
              #{on})""")
  void addOverrule(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("action") String action,
      @Param("urgency") @Nullable String urgency,
      @Param("recheckDays") @Nullable Integer recheckDays,
      @Param("reason") String reason,
      @Param("rules") String rules,
      @Param("user") UUID user,
      @Param("at") Instant at,
      @Param("on") LocalDate on);

  @Select("select plant_id from evidence_aside where id = #{id} and ended_at is null")
  @Nullable UUID plantOfAside(UUID id);

  @Select("select plant_id from call_overrule where id = #{id} and ended_at is null")
  @Nullable UUID plantOfOverrule(UUID id);

  @Update(
      """
      update evidence_aside set ended_at = #{at}, ended_by = #{user}, ended_why = #{why}
      where ended_at is null and plant_id = #{plant}
        and (#{sign} is null or sign = #{sign}) and (#{id} is null or id = #{id})""")
  int endAsides(
      @Param("plant") UUID plant,
      @Param("sign") @Nullable String sign,
      @Param("id") @Nullable UUID id,
      @Param("why") String why,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update call_overrule set ended_at = #{at}, ended_by = #{user}, ended_why = #{why}
      where ended_at is null and plant_id = #{plant}""")
  int endOverrules(
      @Param("plant") UUID plant,
      @Param("why") String why,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Select(
      """
      select a.id, 'LINE' as kind, a.sign as what, a.reason, a.set_on, u.name as who, a.ended_at, a.ended_why
      from evidence_aside a join app_user u on u.id = a.user_id where a.plant_id = #{plant}
      union all
      select o.id, 'CALL', o.action, o.reason, o.set_on, u.name, o.ended_at, o.ended_why
      from call_overrule o join app_user u on u.id = o.user_id where o.plant_id = #{plant}
      order by set_on desc limit #{most}""")
  List<Arguments.ArgumentItem> of(@Param("plant") UUID plant, @Param("most") int most);
}
