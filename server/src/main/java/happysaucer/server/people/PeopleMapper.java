package happysaucer.server.people;

import happysaucer.core.unit.Units;
import happysaucer.server.team.Role;
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
interface PeopleMapper {
  /** More than this many never work in one team. */
  int MOST = 200;

  String COLUMNS =
      "id, account, name, role, units, password_hash = '' as asked_in, code_until, ended_at";

  record PersonRow(
      UUID id,
      String account,
      String name,
      Role role,
      Units units,
      boolean askedIn,
      @Nullable Instant codeUntil,
      @Nullable Instant endedAt) {}

  @Select(
      "select "
          + COLUMNS
          + " from app_user order by case when ended_at is null then 0 else 1 end,"
          + " case role when 'PLANNER' then 1 when 'TECHNICIAN' then 2 else 3 end, name, id limit "
          + MOST)
  List<PersonRow> all();

  /** Kept from changing until the transaction ends. */
  @Select("select " + COLUMNS + " from app_user order by id for update")
  List<PersonRow> locked();

  @Select("select count(*) from app_user where account = #{account}")
  int named(String account);

  @Insert(
      """
      insert into app_user (id, account, name, role, units, password_hash, created_at)
      values (#{id}, #{account}, #{name}, #{role}, (select units from team where id = 1), '', #{at})""")
  void add(
      @Param("id") UUID id,
      @Param("account") String account,
      @Param("name") String name,
      @Param("role") Role role,
      @Param("at") Instant at);

  @Update("update app_user set name = #{name}, role = #{role} where id = #{id}")
  void change(@Param("id") UUID id, @Param("name") String name, @Param("role") Role role);

  @Update("update app_user set code_hash = #{hash}, code_until = #{until} where id = #{id}")
  void code(
      @Param("id") UUID id,
      @Param("hash") @Nullable String hash,
      @Param("until") @Nullable Instant until);

  @Update(
      """
      update app_user set ended_at = #{at}, code_hash = null, code_until = null where id = #{id}""")
  void ended(@Param("id") UUID id, @Param("at") @Nullable Instant at);
}
