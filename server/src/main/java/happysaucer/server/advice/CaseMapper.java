package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.record.PlantRecord;
import happysaucer.core.record.SeenSign;
import happysaucer.core.record.WateringRecord;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Everything the core needs of stored plants, in nine queries however many plants. */
@Mapper
interface CaseMapper {
  String IN =
      "<foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}</foreach>";

  record StateRow(UUID plantId, String code, LocalDate since) {
    PlantRecord.State state() {
      return new PlantRecord.State(code, since);
    }
  }

  record SignRow(
      UUID plantId,
      LocalDate checkedOn,
      Instant checkedAt,
      String code,
      String state,
      @Nullable String grade,
      @Nullable Double amount,
      int newest) {
    SeenSign seen() {
      SeenSign.Look look =
          switch (newest) {
            case 0 -> SeenSign.Look.AT_THE_BENCH;
            case 1 -> SeenSign.Look.LAST_CHECK;
            default -> SeenSign.Look.EARLIER;
          };
      return new SeenSign(code, state, grade, amount, checkedOn, checkedAt, look);
    }
  }

  record WateringRow(UUID plantId, LocalDate wateredOn, double litres, double runOffLitres) {
    WateringRecord.Watered watered() {
      return new WateringRecord.Watered(wateredOn, litres, runOffLitres);
    }
  }

  @Select(
      """
      <script>
      select p.id, p.label, p.spot_id, p.species, p.species_group, p.common_name, p.height_mm, p.spread_mm, p.size_wish,
             p.last_repotted, p.mix, p.fed, p.waterer_habit, p.pot_shape, p.pot_material, p.pot_top_mm,
             p.pot_base_mm, p.pot_height_mm, p.pot_mouth_mm, p.pot_top_depth_mm, p.pot_base_depth_mm,
             p.pot_foot_mm, p.pot_mass_g, p.pot_holes, p.in_cover_pot, p.pot_feet, p.pot_wire_holes,
             p.ball_top_mm, p.ball_base_mm, p.ball_top_depth_mm, p.ball_base_depth_mm, p.ball_height_mm,
             p.ball_measured_on, p.feed_kind, p.feed_grams, p.feed_hold_until, p.parent_id,
             p.note, p.retired_on, p.version, s.name as spot_name, s.light, t.id as site_id,
             t.name as site_name, t.latitude, t.outdoors, t.site_use, c.id as client_id, c.name as client_name,
             p.drawn_base_mm, p.drawn_height_mm, p.cover_top_mm, p.cover_height_mm, p.cover_mass_g,
             p.cover_fixed
      from plant p join spot s on s.id = p.spot_id join site t on t.id = s.site_id
      join client c on c.id = t.client_id
      where p.id in\s"""
          + IN
          + " order by t.name, s.name, p.label</script>")
  List<StoredPlant> plants(@Param("ids") Collection<UUID> ids);

  @Select(
      "<script>select plant_id, code, since from plant_state where plant_id in " + IN + "</script>")
  List<StateRow> states(@Param("ids") Collection<UUID> ids);

  /**
   * Signs of each plant since a day, newest first. Newest is 1 for those of the last check, and 0
   * for what a slip showed at the bench, unless the repot it was slipped for has been done.
   */
  @Select(
      """
      <script>
      select k.plant_id, k.checked_on, k.checked_at, s.code, s.state, s.grade, s.amount, k.newest
      from (select id, plant_id, checked_on, checked_at,
                   cast(row_number() over (partition by plant_id order by checked_at desc) as int) as newest
            from plant_check where voided_at is null and checked_on >= #{since} and plant_id in\s"""
          + IN
          + """
          ) k join check_sign s on s.check_id = k.id
      union all
      select j.plant_id, f.found_on, f.found_at, f.code, f.state, f.grade, f.amount, 0
      from job j join job_found f on f.job_id = j.id join plant p on p.id = j.plant_id
      where f.found_on >= #{since}
        and not (j.status = 'DONE' and p.last_repotted is not null and p.last_repotted >= j.done_on)
        and j.plant_id in\s"""
          + IN
          + """
           order by plant_id, checked_at desc
      </script>""")
  List<SignRow> signs(@Param("ids") Collection<UUID> ids, @Param("since") LocalDate since);

  record MeasuredRow(UUID plantId, LocalDate checkedOn, String code, double amount) {
    AdviceRequest.Measured measured() {
      return new AdviceRequest.Measured(checkedOn, code, amount);
    }
  }

  /** Heights measured and pots weighed at checks since a day. */
  @Select(
      """
      <script>
      select plant_id, checked_on, 'HEIGHT' as code, height_mm as amount, checked_at from plant_check
      where height_mm is not null and voided_at is null and checked_on &gt;= #{since} and plant_id in\s"""
          + IN
          + """
      \sunion all
      select plant_id, checked_on, 'WEIGHED', weight_g, checked_at from plant_check
      where weight_g is not null and voided_at is null and checked_on &gt;= #{since} and plant_id in\s"""
          + IN
          + " order by plant_id, checked_at</script>")
  List<MeasuredRow> measured(@Param("ids") Collection<UUID> ids, @Param("since") LocalDate since);

  /** What somebody set aside and has not taken back. */
  record AsideRow(
      UUID id,
      UUID plantId,
      String sign,
      String reason,
      boolean always,
      Instant covers,
      LocalDate setOn,
      String who) {}

  @Select(
      """
      <script>
      select a.id, a.plant_id, a.sign, a.reason, a.always, a.covers, a.set_on, u.name as who
      from evidence_aside a join app_user u on u.id = a.user_id
      where a.ended_at is null and a.plant_id in\s"""
          + IN
          + " order by a.at desc</script>")
  List<AsideRow> asides(@Param("ids") Collection<UUID> ids);

  /** A call that somebody put in place of the rules' own and has not taken back. */
  record OverruleRow(
      UUID id,
      UUID plantId,
      String action,
      @Nullable String urgency,
      @Nullable Integer recheckDays,
      String reason,
      String rulesAction,
      LocalDate setOn,
      String who) {}

  @Select(
      """
      <script>
      select o.id, o.plant_id, o.action, o.urgency, o.recheck_days, o.reason, o.rules_action, o.set_on,
             u.name as who
      from call_overrule o join app_user u on u.id = o.user_id
      where o.ended_at is null and o.plant_id in\s"""
          + IN
          + " order by o.at</script>")
  List<OverruleRow> overrules(@Param("ids") Collection<UUID> ids);

  record ChoiceRow(MethodLevel scope, String target, String choiceKey, String choice) {}

  /** All choices of team, clients and groups, and those of these plants. */
  @Select(
      """
      <script>
      select scope, target, choice_key, choice from method_choice
      where scope &lt;&gt; 'PLANT' or target in
      <foreach collection='plants' item='id' open='(' separator=',' close=')'>#{id}</foreach>
      </script>""")
  List<ChoiceRow> choices(@Param("plants") Collection<String> plants);

  /** Changes with any choice. */
  @Select(
      """
      select count(*) || '.' || coalesce(sum(ora_hash(scope || target || choice_key || choice)), 0)
      from method_choice""")
  String methodVersion();

  /** The last waterings of each plant, newest first. */
  @Select(
      """
      <script>
      select plant_id, watered_on, litres, run_off_litres
      from (select w.*, row_number() over (partition by plant_id order by watered_on desc) as newest
            from watering w where plant_id in\s"""
          + IN
          + """
          ) where newest &lt;= #{most} order by plant_id, watered_on desc
      </script>""")
  List<WateringRow> lastWaterings(@Param("ids") Collection<UUID> ids, @Param("most") int most);

  /** The first waterings of each plant once it had settled after its last repot, oldest first. */
  @Select(
      """
      <script>
      select plant_id, watered_on, litres, run_off_litres
      from (select w.*, row_number() over (partition by w.plant_id order by w.watered_on) as oldest
            from watering w join plant p on p.id = w.plant_id
            where p.last_repotted is not null
              and w.watered_on &gt; dateadd('DAY', 7, p.last_repotted)
              and w.watered_on &lt; dateadd('DAY', 75, p.last_repotted) and w.plant_id in\s"""
          + IN
          + """
          ) where oldest &lt;= #{most} order by plant_id, watered_on
      </script>""")
  List<WateringRow> firstWaterings(@Param("ids") Collection<UUID> ids, @Param("most") int most);

  /**
   * How wet a pot felt at a check.
   *
   * @param wateredOn the last watering on record before
   */
  record FeltRow(LocalDate checkedOn, String code, @Nullable String grade, LocalDate wateredOn) {}

  @Select(
      """
      select k.checked_on, c.code, c.grade,
             (select max(w.watered_on) from watering w
              where w.plant_id = k.plant_id and w.watered_on <= k.checked_on) as watered_on
      from plant_check k join check_sign c on c.check_id = k.id join plant p on p.id = k.plant_id
      where k.plant_id = #{plant} and k.voided_at is null and c.state = 'PRESENT'
        and c.code in ('HEFT', 'STAYS_WET', 'CORE_DRY')
        and k.checked_on > coalesce(p.last_repotted, date '1900-01-01')
        and exists (select 1 from watering w where w.plant_id = k.plant_id and w.watered_on <= k.checked_on)
      order by k.checked_on desc limit #{most}""")
  List<FeltRow> felt(@Param("plant") UUID plant, @Param("most") int most);
}
