package happysaucer.server.label;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface LabelMapper {
  /**
   * @param mark stands large: the number of a plant, else the name
   * @param name of the plant; empty for the others
   * @param place where it stands; of a pot, how wide it is, mm
   */
  record LabelRow(UUID id, String mark, String name, String place) {}

  @Select(
      """
      <script>
      select p.id, p.label as mark, p.common_name as name, s.name || ', ' || t.name as place
      from plant p join spot s on s.id = p.spot_id join site t on t.id = s.site_id
      where p.retired_on is null
      <if test='site != null'>and t.id = #{site}</if>
      <if test='of != null'>and (p.id = #{of} or p.spot_id = #{of})</if>
      order by t.name, s.name, p.label limit #{most}
      </script>""")
  List<LabelRow> plants(
      @Param("site") @Nullable UUID site, @Param("of") @Nullable UUID of, @Param("most") int most);

  @Select(
      """
      <script>
      select s.id, s.name as mark, '' as name, t.name as place
      from spot s join site t on t.id = s.site_id where 1 = 1
      <if test='site != null'>and t.id = #{site}</if>
      <if test='of != null'>and s.id = #{of}</if>
      order by t.name, s.name limit #{most}
      </script>""")
  List<LabelRow> spots(
      @Param("site") @Nullable UUID site, @Param("of") @Nullable UUID of, @Param("most") int most);

  @Select(
      """
      <script>
      select id, name as mark, '' as name, cast(top_mm as varchar) as place from shelf_pot
      where removed_at is null
      <if test='of != null'>and id = #{of}</if>
      order by top_mm, name limit #{most}
      </script>""")
  List<LabelRow> pots(@Param("of") @Nullable UUID of, @Param("most") int most);
}
