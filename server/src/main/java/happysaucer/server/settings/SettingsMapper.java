package happysaucer.server.settings;

import happysaucer.core.unit.Units;
import happysaucer.server.settings.Settings.Measure;
import happysaucer.server.settings.Settings.SettingsRequest;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface SettingsMapper {
  String COLUMNS =
      "name, zone, currency, paper, units, week_starts, workshop_latitude, workshop_longitude, work_hour_cents, mix_litre_cents, work_least_cents, version";

  record TeamRow(
      String name,
      String zone,
      String currency,
      String paper,
      Units units,
      int weekStarts,
      @Nullable Double workshopLatitude,
      @Nullable Double workshopLongitude,
      @Nullable Integer workHourCents,
      @Nullable Integer mixLitreCents,
      @Nullable Integer workLeastCents,
      int version) {}

  @Select("select " + COLUMNS + " from team where id = 1")
  TeamRow team();

  /** Kept from changing until the transaction ends. */
  @Select("select " + COLUMNS + " from team where id = 1 for update")
  TeamRow locked();

  @Update(
      """
      update team set name = #{r.name}, zone = #{r.zone}, currency = #{r.currency},
             paper = #{r.paper}, units = #{r.units}, week_starts = #{r.weekStarts},
             workshop_latitude = #{r.workshopLatitude}, workshop_longitude = #{r.workshopLongitude},
             work_hour_cents = #{r.workHourCents}, mix_litre_cents = #{r.mixLitreCents},
             work_least_cents = #{r.workLeastCents},
             version = version + 1
      where id = 1""")
  void save(@Param("r") SettingsRequest request);

  @Select("select name, litres from caretaker_measure order by position")
  List<Measure> measures();

  @Delete("delete from caretaker_measure")
  void clearMeasures();

  @Insert(
      """
      <script>
      insert into caretaker_measure (position, name, litres) values
      <foreach collection='all' item='m' index='i' separator=','>(#{i}, #{m.name}, #{m.litres})</foreach>
      </script>""")
  void addMeasures(@Param("all") List<Measure> all);
}
