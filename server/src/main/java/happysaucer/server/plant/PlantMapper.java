package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface PlantMapper {
  @Select(
      """
      <script>
      select p.id, p.label, p.common_name, p.species, p.pot_shape, p.pot_top_mm, p.pot_base_mm,
             p.pot_height_mm, s.name as spot_name, t.name as site_name, c.name as client_name
      from plant p join spot s on s.id = p.spot_id join site t on t.id = s.site_id
      join client c on c.id = t.client_id
      where p.retired_on is null
      <foreach collection='words' item='word'>
        and (lower(p.label) like #{word} or lower(p.common_name) like #{word}
             or lower(p.species) like #{word} or lower(s.name) like #{word}
             or lower(t.name) like #{word} or lower(c.name) like #{word})
      </foreach>
      order by p.common_name, p.label limit #{most} offset #{skip}
      </script>""")
  List<Plants.PlantItem> search(
      @Param("words") List<String> words, @Param("most") int most, @Param("skip") int skip);

  record Edited(
      String commonName,
      double heightMm,
      double spreadMm,
      String sizeWish,
      String watererHabit,
      @Nullable Boolean fed,
      @Nullable LocalDate lastRepotted,
      String potMaterial,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      int potHoles,
      String note) {}

  @Update(
      """
      update plant set common_name = #{e.commonName}, height_mm = #{e.heightMm},
             spread_mm = #{e.spreadMm}, size_wish = #{e.sizeWish}, waterer_habit = #{e.watererHabit},
             fed = #{e.fed}, last_repotted = #{e.lastRepotted}, pot_material = #{e.potMaterial},
             pot_top_mm = #{e.potTopMm}, pot_base_mm = #{e.potBaseMm}, pot_height_mm = #{e.potHeightMm},
             pot_holes = #{e.potHoles}, note = #{e.note}, version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{id} and version = #{version}""")
  int edit(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("e") Edited edited,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Select("select u.name from plant p join app_user u on u.id = p.changed_by where p.id = #{id}")
  String changedBy(UUID id);

  /** Back into the pot it stood in: only date and medium change. */
  @Update(
      """
      update plant set last_repotted = #{on}, mix = #{mix}, version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{id}""")
  void refreshed(
      @Param("id") UUID id,
      @Param("on") LocalDate on,
      @Param("mix") String mix,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** Into another pot, with that pot's own measures. */
  @Update(
      """
      update plant set last_repotted = #{on}, pot_shape = #{p.pot.shape}, pot_material = #{p.material},
             pot_top_mm = #{p.pot.topMm}, pot_base_mm = #{p.pot.baseMm},
             pot_height_mm = #{p.pot.heightMm}, pot_foot_mm = #{p.footMm}, pot_mass_g = #{p.potMassG},
             pot_holes = #{p.drainHoles}, mix = #{mix}, version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{id}""")
  void repotted(
      @Param("id") UUID id,
      @Param("on") LocalDate on,
      @Param("p") Advice.Candidate pot,
      @Param("mix") String mix,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** Into another pot with the ball as it is: the medium goes on ageing. */
  @Update(
      """
      update plant set pot_shape = #{p.pot.shape}, pot_material = #{p.material},
             pot_top_mm = #{p.pot.topMm}, pot_base_mm = #{p.pot.baseMm},
             pot_height_mm = #{p.pot.heightMm}, pot_foot_mm = #{p.footMm}, pot_mass_g = #{p.potMassG},
             pot_holes = #{p.drainHoles}, version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{id}""")
  void movedOver(
      @Param("id") UUID id,
      @Param("p") Advice.Candidate pot,
      @Param("at") Instant at,
      @Param("user") UUID user);
}
