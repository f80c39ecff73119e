package happysaucer.server.calendar;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface FeedMapper {
  record FeedRow(String kind, UUID id, String name, @Nullable String token) {}

  String FEEDS =
      """
      select * from (
        select 'CREW' as kind, id, name, feed_token as token from crew
        union all
        select 'CLIENT' as kind, id, name, feed_token as token from client)
      """;

  @Select(FEEDS + " order by kind desc, name limit 500")
  List<FeedRow> all();

  @Select(FEEDS + " where kind = #{kind} and id = #{id}")
  @Nullable FeedRow feed(@Param("kind") String kind, @Param("id") UUID id);

  @Select(FEEDS + " where token = #{token}")
  @Nullable FeedRow byToken(String token);

  @Update("update crew set feed_token = #{token} where id = #{id}")
  int crew(@Param("id") UUID id, @Param("token") @Nullable String token);

  @Update("update client set feed_token = #{token} where id = #{id}")
  int client(@Param("id") UUID id, @Param("token") @Nullable String token);
}
