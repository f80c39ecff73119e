package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.record.PlantRecord;
import happysaucer.core.record.SeenSign;
import happysaucer.core.record.WateringRecord;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Everything the core needs of stored plants, in nine queries however many plants. */
@Mapper
interface CaseMapper {
  record StateRow(UUID plantId, String code, LocalDate since) {
    PlantRecord.State state() {
      return new PlantRecord.State(code, since);
    }
  }

  /**
   * One sign of one check; a check that saw none is a row without a code.
   *
   * @param checkId null for what a slip showed at the bench
   */
  record SignRow(
      UUID plantId,
      @Nullable UUID checkId,
      LocalDate checkedOn,
      Instant checkedAt,
      @Nullable String code,
      @Nullable String state,
      @Nullable String grade,
      @Nullable Double amount) {
    private static final Comparator<SignRow> NEWEST_FIRST =
        Comparator.comparing(SignRow::checkedAt)
            .thenComparing(row -> row.checkId == null ? "" : row.checkId.toString())
            .reversed();

    /** Signs of one plant's checks and slips, newest first. */
    static List<SeenSign> seen(List<SignRow> ofPlant) {
      List<SignRow> rows = ofPlant.stream().sorted(NEWEST_FIRST).toList();
      UUID last =
          rows.stream().map(row -> row.checkId).filter(Objects::nonNull).findFirst().orElse(null);
      List<SeenSign> seen = new ArrayList<>();
      for (SignRow row : rows) {
        if (row.code != null && row.state != null) {
          SeenSign.Look look =
              row.checkId == null
                  ? SeenSign.Look.AT_THE_BENCH
                  : row.checkId.equals(last) ? SeenSign.Look.LAST_CHECK : SeenSign.Look.EARLIER;
          seen.add(
              new SeenSign(
                  row.code, row.state, row.grade, row.amount, row.checkedOn, row.checkedAt, look));
        }
      }
      return seen;
    }
  }

  record WateringRow(UUID plantId, LocalDate wateredOn, double litres, double runOffLitres) {
    WateringRecord.Watered watered() {
      return new WateringRecord.Watered(wateredOn, litres, runOffLitres);
    }
  }

  @Select(
      """
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
      where p.id = any(#{ids,typeHandler=uuids}) order by t.name, s.name, p.label""")
  @Arg(column = "id", javaType = UUID.class)
  @Arg(column = "label", javaType = String.class)
  @Arg(column = "spot_id", javaType = UUID.class)
  @Arg(column = "species", javaType = String.class)
  @Arg(column = "species_group", javaType = String.class)
  @Arg(column = "common_name", javaType = String.class)
  @Arg(column = "height_mm", javaType = Double.class)
  @Arg(column = "spread_mm", javaType = Double.class)
  @Arg(column = "size_wish", javaType = String.class)
  @Arg(column = "last_repotted", javaType = LocalDate.class)
  @Arg(column = "mix", javaType = String.class)
  @Arg(column = "fed", javaType = Boolean.class)
  @Arg(column = "waterer_habit", javaType = String.class)
  @Arg(column = "pot_shape", javaType = String.class)
  @Arg(column = "pot_material", javaType = String.class)
  @Arg(column = "pot_top_mm", javaType = double.class)
  @Arg(column = "pot_base_mm", javaType = Double.class)
  @Arg(column = "pot_height_mm", javaType = Double.class)
  @Arg(column = "pot_mouth_mm", javaType = Double.class)
  @Arg(column = "pot_top_depth_mm", javaType = Double.class)
  @Arg(column = "pot_base_depth_mm", javaType = Double.class)
  @Arg(column = "pot_foot_mm", javaType = Double.class)
  @Arg(column = "pot_mass_g", javaType = Double.class)
  @Arg(column = "pot_holes", javaType = int.class)
  @Arg(column = "in_cover_pot", javaType = boolean.class)
  @Arg(column = "pot_feet", javaType = int.class)
  @Arg(column = "pot_wire_holes", javaType = int.class)
  @Arg(column = "ball_top_mm", javaType = Double.class)
  @Arg(column = "ball_base_mm", javaType = Double.class)
  @Arg(column = "ball_top_depth_mm", javaType = Double.class)
  @Arg(column = "ball_base_depth_mm", javaType = Double.class)
  @Arg(column = "ball_height_mm", javaType = Double.class)
  @Arg(column = "ball_measured_on", javaType = LocalDate.class)
  @Arg(column = "feed_kind", javaType = String.class)
  @Arg(column = "feed_grams", javaType = Double.class)
  @Arg(column = "feed_hold_until", javaType = LocalDate.class)
  @Arg(column = "parent_id", javaType = UUID.class)
  @Arg(column = "note", javaType = String.class)
  @Arg(column = "retired_on", javaType = LocalDate.class)
  @Arg(column = "version", javaType = int.class)
  @Arg(column = "spot_name", javaType = String.class)
  @Arg(column = "light", javaType = String.class)
  @Arg(column = "site_id", javaType = UUID.class)
  @Arg(column = "site_name", javaType = String.class)
  @Arg(column = "latitude", javaType = double.class)
  @Arg(column = "outdoors", javaType = boolean.class)
  @Arg(column = "site_use", javaType = String.class)
  @Arg(column = "client_id", javaType = UUID.class)
  @Arg(column = "client_name", javaType = String.class)
  @Arg(column = "drawn_base_mm", javaType = double.class)
  @Arg(column = "drawn_height_mm", javaType = double.class)
  @Arg(column = "cover_top_mm", javaType = Double.class)
  @Arg(column = "cover_height_mm", javaType = Double.class)
  @Arg(column = "cover_mass_g", javaType = Double.class)
  @Arg(column = "cover_fixed", javaType = boolean.class)
  List<StoredPlant> plants(@Param("ids") Collection<UUID> ids);

  @Select(
      "select plant_id, code, since from plant_state where plant_id = any(#{ids,typeHandler=uuids})")
  List<StateRow> states(@Param("ids") Collection<UUID> ids);

  /** Checks of each plant since a day with what they saw, in no order. */
  @Select(
      """
      select k.plant_id, k.id as check_id, k.checked_on, k.checked_at, s.code, s.state, s.grade, s.amount
      from unnest(#{ids,typeHandler=uuids}) wanted(id) join plant_check k on k.plant_id = wanted.id
      left join check_sign s on s.check_id = k.id
      where k.voided_at is null and k.checked_on >= #{since}""")
  @Arg(column = "plant_id", javaType = UUID.class)
  @Arg(column = "check_id", javaType = UUID.class)
  @Arg(column = "checked_on", javaType = LocalDate.class)
  @Arg(column = "checked_at", javaType = Instant.class)
  @Arg(column = "code", javaType = String.class)
  @Arg(column = "state", javaType = String.class)
  @Arg(column = "grade", javaType = String.class)
  @Arg(column = "amount", javaType = Double.class)
  List<SignRow> signs(@Param("ids") Collection<UUID> ids, @Param("since") LocalDate since);

  /** What slips showed at the bench since a day, unless the repot they were for has been done. */
  @Select(
      """
      select j.plant_id, null as check_id, f.found_on as checked_on, f.found_at as checked_at, f.code,
             f.state, f.grade, f.amount
      from job j join job_found f on f.job_id = j.id join plant p on p.id = j.plant_id
      where f.found_on >= #{since}
        and not (j.status = 'DONE' and p.last_repotted is not null and p.last_repotted >= j.done_on)
        and j.plant_id = any(#{ids,typeHandler=uuids})""")
  List<SignRow> found(@Param("ids") Collection<UUID> ids, @Param("since") LocalDate since);

  /** What one check measured: a height, a weight or both. */
  record MeasuredRow(
      UUID plantId, LocalDate checkedOn, @Nullable Double heightMm, @Nullable Double weightG) {
    List<AdviceRequest.Measured> measured() {
      List<AdviceRequest.Measured> measured = new ArrayList<>();
      if (heightMm != null) {
        measured.add(new AdviceRequest.Measured(checkedOn, "HEIGHT", heightMm));
      }
      if (weightG != null) {
        measured.add(new AdviceRequest.Measured(checkedOn, "WEIGHED", weightG));
      }
      return measured;
    }
  }

  /** Heights measured and pots weighed at checks since a day. */
  @Select(
      """
      select plant_id, checked_on, height_mm, weight_g from plant_check
      where (height_mm is not null or weight_g is not null) and voided_at is null
        and checked_on >= #{since} and plant_id = any(#{ids,typeHandler=uuids})
      order by plant_id, checked_at""")
  @Arg(column = "plant_id", javaType = UUID.class)
  @Arg(column = "checked_on", javaType = LocalDate.class)
  @Arg(column = "height_mm", javaType = Double.class)
  @Arg(column = "weight_g", javaType = Double.class)
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
      select a.id, a.plant_id, a.sign, a.reason, a.always, a.covers, a.set_on, u.name as who
      from evidence_aside a join app_user u on u.id = a.user_id
      where a.ended_at is null and a.plant_id = any(#{ids,typeHandler=uuids}) order by a.at desc""")
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
      select o.id, o.plant_id, o.action, o.urgency, o.recheck_days, o.reason, o.rules_action, o.set_on,
             u.name as who
      from call_overrule o join app_user u on u.id = o.user_id
      where o.ended_at is null and o.plant_id = any(#{ids,typeHandler=uuids}) order by o.at""")
  List<OverruleRow> overrules(@Param("ids") Collection<UUID> ids);

  record ChoiceRow(MethodLevel scope, String target, String choiceKey, String choice) {}

  /** All choices of team, clients and groups, and those of these plants. */
  @Select(
      """
      select scope, target, choice_key, choice from method_choice
      where scope <> 'PLANT' or target = any(cast(#{ids,typeHandler=uuids} as varchar array))""")
  List<ChoiceRow> choices(@Param("ids") Collection<UUID> ids);

  /** Changes with any choice. */
  @Select(
      """
      select count(*) || '.' || coalesce(sum(ora_hash(scope || target || choice_key || choice)), 0)
      from method_choice""")
  String methodVersion();

  /** All waterings of each plant, in no order. */
  @Select(
      """
      select w.plant_id, w.watered_on, w.litres, w.run_off_litres
      from unnest(#{ids,typeHandler=uuids}) wanted(id) join watering w on w.plant_id = wanted.id""")
  @Arg(column = "plant_id", javaType = UUID.class)
  @Arg(column = "watered_on", javaType = LocalDate.class)
  @Arg(column = "litres", javaType = double.class)
  @Arg(column = "run_off_litres", javaType = double.class)
  List<WateringRow> waterings(@Param("ids") Collection<UUID> ids);

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
