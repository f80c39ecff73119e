package happysaucer.server.species;

import java.time.Instant;
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
interface SpeciesMapper {
  record EditRow(String name, String cells, int version, String who) {}

  @Select(
      """
      select e.name, e.cells, e.version, u.name as who
      from species_edit e join app_user u on u.id = e.changed_by order by e.name""")
  List<EditRow> edits();

  @Select("select version from species_edit where name = #{name}")
  @Nullable Integer version(String name);

  @Insert(
      """
      insert into species_edit (name, cells, version, changed_at, changed_by)
      values (#{name}, #{cells}, 1, #{at}, #{user})""")
  void add(
      @Param("name") String name,
      @Param("cells") String cells,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update species_edit set cells = #{cells}, version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where name = #{name} and version = #{version}""")
  int edit(
      @Param("name") String name,
      @Param("version") int version,
      @Param("cells") String cells,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Delete("delete from species_edit where name = #{name}")
  int remove(String name);

  record Count(String species, int plants) {}

  @Select(
      "select species, count(*) as plants from plant where retired_on is null group by species limit 5000")
  List<Count> counts();

  @Select(
      """
      <script>
      select id from plant where retired_on is null and species in
      <foreach collection='names' item='n' open='(' separator=',' close=')'>#{n}</foreach>
      order by label limit #{most}
      </script>""")
  List<UUID> plants(@Param("names") List<String> names, @Param("most") int most);

  @Select("select count(*) from plant where species = #{name} and retired_on is null")
  int count(String name);
}
