package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface PlantMapper {
  /** What plants are picked by; lists are matched in SQL, so all of it is bound. */
  record Picked(
      List<String> words,
      @Nullable UUID client,
      @Nullable UUID site,
      @Nullable UUID spot,
      @Nullable String group,
      List<String> groupSpecies,
      @Nullable String saucer,
      boolean retired,
      LocalDate today) {}

  String PICKED =
      """
      from plant p
      <if test="pressing or (q.saucer != null and q.saucer != 'IN_AFTERCARE')">
        left join plant_glance g on g.plant_id = p.id
      </if>
      where p.retired_on is <if test='q.retired'>not</if> null
      <foreach collection='q.words' item='word'>and p.search_text like #{word}</foreach>
      <if test='q.words.isEmpty() and q.spot == null and q.site == null and q.client == null'>and p.spot_id not in
        (select s.id from spot s join site t on t.id = s.site_id where t.counter)</if>
      <if test='q.spot != null'>and p.spot_id = #{q.spot}</if>
      <if test='q.site != null'>and p.spot_id in (select id from spot where site_id = #{q.site})</if>
      <if test='q.client != null'>and p.spot_id in
        (select s.id from spot s join site t on t.id = s.site_id where t.client_id = #{q.client})</if>
      <if test='q.group != null'>and (p.species_group = #{q.group}
        <if test='!q.groupSpecies.isEmpty()'>or p.species in
          <foreach collection='q.groupSpecies' item='n' open='(' separator=',' close=')'>#{n}</foreach>
        </if>)</if>
      <if test="q.saucer == 'IN_AFTERCARE'">and p.id in
        (select plant_id from aftercare_step where to_on &gt;= #{q.today})</if>
      <if test="q.saucer != null and q.saucer != 'IN_AFTERCARE'">and g.saucer = #{q.saucer}</if>
      """;

  /**
   * A page of plants: picked and ordered first, only then joined with their places and glances, so
   * that rows which are passed over cost little.
   */
  @Select(
      """
      <script>
      select x.id, x.label, x.common_name, x.species, x.pot_shape, x.pot_top_mm, x.drawn_base_mm as pot_base_mm,
             x.drawn_height_mm as pot_height_mm, s.name as spot_name, t.id as site_id, t.name as site_name,
             c.name as client_name, y.action, y.urgency,
             case when y.saucer &lt;&gt; 'URGENT' and exists
                    (select 1 from aftercare_step a where a.plant_id = x.id and a.to_on &gt;= #{q.today})
                  then 'IN_AFTERCARE' else y.saucer end as saucer,
             y.root_fill, y.water_left, y.due_from, y.due_to
      from (select p.id, p.label, p.common_name, p.species, p.pot_shape, p.pot_top_mm, p.drawn_base_mm,
                   p.drawn_height_mm, p.spot_id
            """
          + PICKED
          + """
            order by
            <if test='pressing'>g.pressing nulls last, </if>
            p.common_name, p.label limit #{most} offset #{skip}) x
      join spot s on s.id = x.spot_id join site t on t.id = s.site_id join client c on c.id = t.client_id
      left join plant_glance y on y.plant_id = x.id
      order by <if test='pressing'>y.pressing nulls last, </if> x.common_name, x.label
      </script>""")
  List<Plants.PlantItem> page(
      @Param("q") Picked picked,
      @Param("pressing") boolean pressing,
      @Param("most") int most,
      @Param("skip") int skip);

  @Select("<script>select count(*) " + PICKED + "</script>")
  int count(@Param("q") Picked picked, @Param("pressing") boolean pressing);

  /** Plants are found by where they stand, too: made anew when that changes. */
  @Update(
      """
      <script>
      update plant p set search_text = (
        select lower(p.label || ' ' || p.common_name || ' ' || p.species || ' ' || s.name || ' ' || t.name
                     || ' ' || c.name)
        from spot s join site t on t.id = s.site_id join client c on c.id = t.client_id
        where s.id = p.spot_id)
      <if test='plant != null'>where p.id = #{plant}</if>
      <if test='client != null'>where p.spot_id in
        (select s.id from spot s join site t on t.id = s.site_id where t.client_id = #{client})</if>
      </script>""")
  void index(@Param("plant") @Nullable UUID plant, @Param("client") @Nullable UUID client);

  @Update(
      """
      update plant p set search_text = (
        select lower(p.label || ' ' || p.common_name || ' ' || p.species || ' ' || s.name || ' ' || t.name
                     || ' ' || c.name)
        from spot s join site t on t.id = s.site_id join client c on c.id = t.client_id
        where s.id = p.spot_id)
      where p.id = any(#{plants,typeHandler=uuids})""")
  void indexThese(@Param("plants") List<UUID> plants);

  @Update(
      """
      update plant set spot_id = #{spot}, version = version + 1, changed_at = #{at}, changed_by = #{user}
      where id = #{id} and version = #{version} and retired_on is null""")
  int move(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("spot") UUID spot,
      @Param("at") Instant at,
      @Param("user") UUID user);

  record SpotAt(UUID id, String name, String light, String siteName) {}

  @Select(
      "select s.id, s.name, s.light, t.name as site_name from spot s join site t on t.id = s.site_id where s.id = #{id}")
  @Nullable SpotAt spot(UUID id);

  @Update(
      "merge into plant_state (plant_id, code, since) key (plant_id, code) values (#{plant}, #{code}, #{since})")
  void state(
      @Param("plant") UUID plant, @Param("code") String code, @Param("since") LocalDate since);

  /** With no day: back into care. */
  @Update(
      """
      update plant set retired_on = #{on}, retired_reason = #{reason},
             merged_into = case when cast(#{on} as date) is null then null else merged_into end,
             version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where id = #{id} and version = #{version}""")
  int retire(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("on") @Nullable LocalDate on,
      @Param("reason") @Nullable String reason,
      @Param("at") Instant at,
      @Param("user") UUID user);

  record Edited(
      String species,
      @Nullable String speciesGroup,
      String commonName,
      @Nullable Double heightMm,
      @Nullable Double spreadMm,
      @Nullable String sizeWish,
      String watererHabit,
      @Nullable Boolean fed,
      @Nullable LocalDate lastRepotted,
      String potShape,
      String potMaterial,
      double potTopMm,
      @Nullable Double potBaseMm,
      @Nullable Double potHeightMm,
      @Nullable Double potMouthMm,
      @Nullable Double potTopDepthMm,
      @Nullable Double potBaseDepthMm,
      @Nullable Double potFootMm,
      @Nullable Double potMassG,
      int potHoles,
      boolean inCoverPot,
      @Nullable Double coverTopMm,
      @Nullable Double coverHeightMm,
      @Nullable Double coverMassG,
      boolean coverFixed,
      int potFeet,
      int potWireHoles,
      AdviceRequest.Ball ball,
      @Nullable LocalDate ballMeasuredOn,
      String note) {}

  @Update(
      """
      update plant set species = #{e.species}, species_group = #{e.speciesGroup},
             common_name = #{e.commonName}, height_mm = #{e.heightMm},
             spread_mm = #{e.spreadMm}, size_wish = #{e.sizeWish}, waterer_habit = #{e.watererHabit},
             fed = #{e.fed}, last_repotted = #{e.lastRepotted}, pot_shape = #{e.potShape},
             pot_material = #{e.potMaterial}, pot_mouth_mm = #{e.potMouthMm},
             pot_top_depth_mm = #{e.potTopDepthMm}, pot_base_depth_mm = #{e.potBaseDepthMm},
             pot_foot_mm = #{e.potFootMm}, pot_mass_g = #{e.potMassG}, in_cover_pot = #{e.inCoverPot},
             cover_top_mm = #{e.coverTopMm}, cover_height_mm = #{e.coverHeightMm},
             cover_mass_g = #{e.coverMassG}, cover_fixed = #{e.coverFixed},
             pot_top_mm = #{e.potTopMm}, pot_base_mm = #{e.potBaseMm}, pot_height_mm = #{e.potHeightMm},
             pot_holes = #{e.potHoles}, pot_feet = #{e.potFeet}, pot_wire_holes = #{e.potWireHoles},
             ball_top_mm = #{e.ball.topMm}, ball_base_mm = #{e.ball.baseMm},
             ball_top_depth_mm = #{e.ball.topDepthMm}, ball_base_depth_mm = #{e.ball.baseDepthMm},
             ball_height_mm = #{e.ball.heightMm}, ball_measured_on = #{e.ballMeasuredOn},
             note = #{e.note}, version = version + 1, changed_at = #{at},
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
      update plant set last_repotted = #{on}, mix = #{mix}, feed_kind = #{feed.kind},
             feed_grams = #{feed.grams}, feed_hold_until = #{feed.holdUntil}, version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where id = #{id}""")
  void refreshed(
      @Param("id") UUID id,
      @Param("on") LocalDate on,
      @Param("mix") String mix,
      @Param("feed") Advice.Feed feed,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** Into another pot, with that pot's own measures. */
  @Update(
      """
      update plant set last_repotted = #{on}, pot_shape = #{p.pot.shape}, pot_material = #{p.material},
             pot_top_mm = #{p.pot.topMm}, pot_base_mm = #{p.pot.baseMm},
             pot_height_mm = #{p.pot.heightMm}, pot_foot_mm = #{p.footMm}, pot_mass_g = #{p.potMassG},
             pot_holes = #{p.drainHoles}, pot_mouth_mm = #{p.pot.mouthMm},
             pot_top_depth_mm = #{p.pot.topDepthMm}, pot_base_depth_mm = #{p.pot.baseDepthMm},
             pot_feet = #{p.feet}, pot_wire_holes = #{p.wireHoles}, mix = #{mix},
             feed_kind = #{feed.kind}, feed_grams = #{feed.grams}, feed_hold_until = #{feed.holdUntil},
             version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{id}""")
  void repotted(
      @Param("id") UUID id,
      @Param("on") LocalDate on,
      @Param("p") Advice.Candidate pot,
      @Param("mix") String mix,
      @Param("feed") Advice.Feed feed,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** A ball that was worked on has other measures than before. */
  @Update(
      """
      update plant set ball_top_mm = null, ball_base_mm = null, ball_top_depth_mm = null,
             ball_base_depth_mm = null, ball_height_mm = null, ball_measured_on = null
      where id = #{id}""")
  void forgetBall(UUID id);

  @Update(
      """
      update plant set ball_top_mm = #{b.topMm}, ball_base_mm = #{b.baseMm},
             ball_top_depth_mm = #{b.topDepthMm}, ball_base_depth_mm = #{b.baseDepthMm},
             ball_height_mm = #{b.heightMm}, ball_measured_on = #{on}
      where id = #{id}""")
  void measureBall(
      @Param("id") UUID id, @Param("b") AdviceRequest.Ball ball, @Param("on") LocalDate on);

  @Select("select count(*) from plant where label = #{label}")
  int withLabel(String label);

  /** A plant that came of another, at the same spot. */
  @Insert(
      """
      insert into plant (id, label, spot_id, species, species_group, common_name, height_mm, spread_mm,
                         size_wish, last_repotted, mix, fed, waterer_habit, pot_shape, pot_material,
                         pot_top_mm, pot_base_mm, pot_height_mm, pot_foot_mm, pot_mass_g, pot_holes,
                         in_cover_pot, note, parent_id, feed_kind, feed_hold_until, version, changed_at,
                         changed_by)
      select #{id}, #{label}, spot_id, species, species_group, common_name, #{height}, #{spread},
             null, #{on}, #{mix}, null, waterer_habit, #{p.shape}, #{p.material}, #{p.topMm},
             #{p.baseMm}, #{p.heightMm}, #{p.footMm}, #{p.massG}, #{p.drainHoles}, false,
             #{note}, id, #{feed.kind}, #{feed.holdUntil}, 1, #{at}, #{user}
      from plant where id = #{parent}""")
  void addPiece(
      @Param("id") UUID id,
      @Param("label") String label,
      @Param("parent") UUID parent,
      @Param("height") @Nullable Double heightMm,
      @Param("spread") @Nullable Double spreadMm,
      @Param("on") LocalDate on,
      @Param("mix") String mix,
      @Param("p") AdviceRequest.Pot pot,
      @Param("feed") Advice.Feed feed,
      @Param("note") String note,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** Into another pot with the ball as it is: the medium goes on ageing. */
  @Update(
      """
      update plant set pot_shape = #{p.pot.shape}, pot_material = #{p.material},
             pot_top_mm = #{p.pot.topMm}, pot_base_mm = #{p.pot.baseMm},
             pot_height_mm = #{p.pot.heightMm}, pot_foot_mm = #{p.footMm}, pot_mass_g = #{p.potMassG},
             pot_holes = #{p.drainHoles}, pot_mouth_mm = #{p.pot.mouthMm},
             pot_top_depth_mm = #{p.pot.topDepthMm}, pot_base_depth_mm = #{p.pot.baseDepthMm},
             pot_feet = #{p.feet}, pot_wire_holes = #{p.wireHoles},
             version = version + 1, changed_at = #{at},
             changed_by = #{user}
      where id = #{id}""")
  void movedOver(
      @Param("id") UUID id,
      @Param("p") Advice.Candidate pot,
      @Param("at") Instant at,
      @Param("user") UUID user);
}
