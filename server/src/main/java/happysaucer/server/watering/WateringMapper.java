package happysaucer.server.watering;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface WateringMapper {
  @Select("select count(*) from plant where id = #{plant} and retired_on is null")
  int inCare(UUID plant);

  @Insert(
      """
      insert into watering (id, plant_id, watered_on, litres, run_off_litres, user_id, received_at)
      values (#{id}, #{plant}, #{on}, #{litres}, #{runOff}, #{user}, #{at})""")
  void add(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("on") LocalDate on,
      @Param("litres") double litres,
      @Param("runOff") double runOff,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Select(
      """
      select id, watered_on, litres, run_off_litres from watering where plant_id = #{plant}
      order by watered_on desc, received_at desc limit #{most}""")
  List<Waterings.WateringView> of(@Param("plant") UUID plant, @Param("most") int most);
}
