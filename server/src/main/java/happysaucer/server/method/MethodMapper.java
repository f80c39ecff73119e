package happysaucer.server.method;

import happysaucer.server.advice.MethodLevel;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface MethodMapper {
  record ChoiceRow(
      MethodLevel scope,
      String target,
      @Nullable String targetName,
      String choiceKey,
      String choice,
      LocalDate changedOn,
      String who) {}

  @Select(
      """
      select m.scope, m.target,
             case m.scope
               when 'CLIENT' then (select name from client where cast(id as varchar) = m.target)
               when 'PLANT' then (select common_name || ' ' || label from plant
                                  where cast(id as varchar) = m.target)
             end as target_name,
             m.choice_key, m.choice, cast(m.changed_at as date) as changed_on, u.name as who
      from method_choice m join app_user u on u.id = m.changed_by
      order by m.scope, target_name, m.target, m.choice_key limit 2000""")
  List<ChoiceRow> choices();

  @Update(
      """
      merge into method_choice (scope, target, choice_key, choice, changed_at, changed_by)
      key (scope, target, choice_key)
      values (#{level}, #{target}, #{key}, #{choice}, #{at}, #{user})""")
  void choose(
      @Param("level") MethodLevel level,
      @Param("target") String target,
      @Param("key") String key,
      @Param("choice") String choice,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Delete(
      "delete from method_choice where scope = #{level} and target = #{target} and choice_key = #{key}")
  int unchoose(
      @Param("level") MethodLevel level, @Param("target") String target, @Param("key") String key);

  @Select("select count(*) from client where id = #{id}")
  int clients(UUID id);

  @Select("select count(*) from plant where id = #{id}")
  int plants(UUID id);
}
