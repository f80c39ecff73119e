package happysaucer.server.plant;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface EntryMapper {
  @Select(
      """
      <script>
      select label from plant where label in
      <foreach collection='labels' item='l' open='(' separator=',' close=')'>#{l}</foreach>
      </script>""")
  List<String> taken(@Param("labels") Collection<String> labels);

  /** The highest number among labels of this prefix, 0 when there is none. */
  @Select(
      """
      select coalesce(max(cast(substring(label, #{length} + 1) as int)), 0) from plant
      where label like #{prefix} || '%' and regexp_like(substring(label, #{length} + 1), '^[0-9]{1,8}$')""")
  int highest(@Param("prefix") String prefix, @Param("length") int length);

  record NewPlant(
      UUID id,
      String label,
      UUID spotId,
      String species,
      @Nullable String speciesGroup,
      String commonName,
      @Nullable Double heightMm,
      @Nullable Double spreadMm,
      @Nullable String sizeWish,
      @Nullable LocalDate lastRepotted,
      String mix,
      String waterer,
      String shape,
      String material,
      double topMm,
      @Nullable Double baseMm,
      @Nullable Double potHeightMm,
      @Nullable Double mouthMm,
      @Nullable Double topDepthMm,
      @Nullable Double baseDepthMm,
      int holes,
      boolean inCover,
      String note) {
    /** What the rules would refuse of it. */
    List<Fault> refused(Advise rules, LocalDate today) {
      AdviceRequest.Pot pot =
          new AdviceRequest.Pot(
              null,
              shape,
              material,
              topMm,
              baseMm,
              topDepthMm,
              baseDepthMm,
              potHeightMm,
              mouthMm,
              null,
              null,
              holes,
              inCover,
              null,
              null);
      AdviceRequest.Plant about =
          new AdviceRequest.Plant(
              species,
              speciesGroup,
              heightMm,
              spreadMm,
              null,
              null,
              null,
              lastRepotted,
              null,
              null,
              null,
              null);
      return rules.faults(
          new AdviceRequest(
              today, null, null, about, pot, null, null, null, List.of(), null, null, null, null,
              null, null, null));
    }
  }

  @Select(
      """
      select id, label from plant where id = any(#{ids,typeHandler=uuids})
      order by label""")
  List<PlantAdding.Added> added(@Param("ids") Collection<UUID> ids);

  @Select("select count(*) from spot where id = #{id}")
  int spot(UUID id);

  @Insert(
      """
      <script>
      insert into plant (id, label, spot_id, species, species_group, common_name, height_mm, spread_mm,
                         size_wish, last_repotted, mix, waterer_habit, pot_shape, pot_material, pot_top_mm,
                         pot_base_mm, pot_height_mm, pot_mouth_mm, pot_top_depth_mm, pot_base_depth_mm, pot_holes, in_cover_pot, note, version, changed_at,
                         changed_by) values
      <foreach collection='plants' item='p' separator=','>
        (#{p.id}, #{p.label}, #{p.spotId}, #{p.species}, #{p.speciesGroup}, #{p.commonName}, #{p.heightMm},
         #{p.spreadMm}, #{p.sizeWish}, #{p.lastRepotted}, #{p.mix}, #{p.waterer}, #{p.shape}, #{p.material},
         #{p.topMm}, #{p.baseMm}, #{p.potHeightMm}, #{p.mouthMm}, #{p.topDepthMm}, #{p.baseDepthMm}, #{p.holes}, #{p.inCover}, #{p.note}, 1, #{at}, #{user})
      </foreach>
      </script>""")
  void add(
      @Param("plants") List<NewPlant> plants, @Param("at") Instant at, @Param("user") UUID user);
}
