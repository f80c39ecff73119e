package happysaucer.server.history;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface ChangeLogMapper {
  @Select("select body_hash from write_receipt where id = #{id}")
  @Nullable String receipt(UUID id);

  @Insert("insert into write_receipt (id, body_hash, at) values (#{id}, #{hash}, #{at})")
  void addReceipt(@Param("id") UUID id, @Param("hash") String hash, @Param("at") Instant at);

  @Insert(
      """
      insert into change_log (entity, entity_id, at, user_id, what)
      values (#{entity}, #{id}, #{at}, #{user}, #{what})""")
  void log(
      @Param("entity") String entity,
      @Param("id") UUID id,
      @Param("at") Instant at,
      @Param("user") UUID user,
      @Param("what") String what);

  @Insert(
      """
      <script>
      insert into change_log (entity, entity_id, at, user_id, what) values
      <foreach collection='ids' item='id' separator=','>
        (#{entity}, #{id}, #{at}, #{user}, #{what})
      </foreach>
      </script>""")
  void logAll(
      @Param("entity") String entity,
      @Param("ids") List<UUID> ids,
      @Param("at") Instant at,
      @Param("user") UUID user,
      @Param("what") String what);

  @Select(
      """
      select c.at, u.name as who, c.what from change_log c join app_user u on u.id = c.user_id
      where c.entity_id = #{id} order by c.at desc, c.id desc limit #{most}""")
  List<ChangeLog.Entry> changes(@Param("id") UUID id, @Param("most") int most);
}
