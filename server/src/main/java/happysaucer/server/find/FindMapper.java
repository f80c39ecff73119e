package happysaucer.server.find;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface FindMapper {
  /** Plants that have every word; a label that is the text comes first, then one that begins so. */
  @Select(
      """
      <script>
      select 'PLANT' as kind, cast(x.id as varchar) as id, x.common_name as title,
             x.label || ' · ' || t.name || ', ' || s.name as detail
      from (select p.id, p.label, p.common_name, p.spot_id from plant p where p.retired_on is null
            <foreach collection='words' item='word'>and p.search_text like #{word}</foreach>
            order by case when lower(p.label) = #{text} then 0
                          when lower(p.label) like #{start} then 1
                          when lower(p.common_name) like #{start} then 2 else 3 end,
                     p.common_name, p.label limit #{most}) x
      join spot s on s.id = x.spot_id join site t on t.id = s.site_id
      order by case when lower(x.label) = #{text} then 0
                    when lower(x.label) like #{start} then 1
                    when lower(x.common_name) like #{start} then 2 else 3 end, x.common_name, x.label
      </script>""")
  List<FindController.Found> plants(
      @Param("text") String text,
      @Param("start") String start,
      @Param("words") List<String> words,
      @Param("most") int most);

  @Select(
      """
      <script>
      select 'SITE' as kind, cast(t.id as varchar) as id, t.name as title, c.name as detail
      from site t join client c on c.id = t.client_id where not t.counter
      <foreach collection='words' item='word'>
        and lower(t.name || ' ' || c.name) like #{word}
      </foreach>
      order by t.name limit #{most}
      </script>""")
  List<FindController.Found> sites(@Param("words") List<String> words, @Param("most") int most);

  /**
   * A plant by the code of its label, also one that is no longer in care; of one that was entered
   * twice, the one that stayed.
   */
  @Select(
      """
      select 'PLANT' as kind, cast(p.id as varchar) as id, p.common_name as title,
             p.label || ' · ' || t.name || ', ' || s.name as detail
      from plant p join spot s on s.id = p.spot_id join site t on t.id = s.site_id
      where p.id = (select coalesce(merged_into, id) from plant where id = #{id})""")
  FindController.@Nullable Found plant(UUID id);

  @Select(
      """
      select 'SPOT' as kind, cast(s.id as varchar) as id, s.name as title, t.name as detail
      from spot s join site t on t.id = s.site_id where s.id = #{id}""")
  FindController.@Nullable Found spot(UUID id);

  @Select(
      """
      select 'POT' as kind, cast(id as varchar) as id, name as title, 'on the shelf' as detail
      from shelf_pot where id = #{id} and removed_at is null""")
  FindController.@Nullable Found pot(UUID id);
}
