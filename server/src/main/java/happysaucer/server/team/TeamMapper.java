package happysaucer.server.team;

import happysaucer.core.unit.Units;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface TeamMapper {
  String COLUMNS = "id, account, name, role, units, password_hash";

  @Select("select " + COLUMNS + " from app_user where account = #{account} and ended_at is null")
  @Nullable Account byAccount(String account);

  @Select(
      "select "
          + COLUMNS
          + " from app_user where ended_at is null and password_hash <> '' order by case role when 'PLANNER' then 1 when 'TECHNICIAN' then 2 else 3 end, name limit 200")
  List<Account> accounts();

  /** Those the demo was made with. */
  @Select(
      "select "
          + COLUMNS
          + " from app_user where account in ('planner', 'technician', 'counter') limit 3")
  List<Account> demoAccounts();

  @Update(
      """
      update app_user set password_hash = #{hash} where id = any(#{ids,typeHandler=uuids})""")
  void passwords(@Param("ids") List<UUID> ids, @Param("hash") String hash);

  /** One who was handed a code that still lets somebody in, by its hash. */
  @Select(
      "select "
          + COLUMNS
          + " from app_user where account = #{account} and ended_at is null"
          + " and code_hash = #{hash} and code_until > #{now} for update")
  @Nullable Account byCode(
      @Param("account") String account, @Param("hash") String hash, @Param("now") Instant now);

  /** A password of one's own; a code that was handed out is used up by it. */
  @Update(
      """
      update app_user set password_hash = #{hash}, code_hash = null, code_until = null
      where id = #{id}""")
  void ownPassword(@Param("id") UUID id, @Param("hash") String hash);

  /** Whether somebody still comes in. */
  @Select("select count(*) > 0 from app_user where id = #{id} and ended_at is null")
  boolean comesIn(UUID id);

  @Select("select count(*) from app_user")
  int countAccounts();

  @Insert(
      """
      insert into app_user (id, account, name, role, units, password_hash, created_at)
      values (#{a.id}, #{a.account}, #{a.name}, #{a.role}, #{a.units}, #{a.passwordHash}, #{at})""")
  void addAccount(@Param("a") Account account, @Param("at") Instant at);

  @Update("update app_user set units = #{units} where id = #{id}")
  void units(@Param("id") UUID id, @Param("units") Units units);

  @Select("select name, zone, demo, currency, paper, units, week_starts from team where id = 1")
  @Nullable Team team();

  @Insert(
      """
      insert into team (id, name, zone, demo, currency, paper, units, week_starts)
      values (1, #{name}, #{zone}, #{demo}, #{currency}, #{paper}, #{units}, #{weekStarts})""")
  void addTeam(Team team);
}
