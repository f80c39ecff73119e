package happysaucer.server.photo;

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
interface PhotoMapper {
  @Select("select count(*) from plant where id = #{plant} and retired_on is null")
  int inCare(UUID plant);

  /** A photo is often sent before the check it was taken at is saved. */
  @Select("select count(*) from plant_check where id = #{check} and plant_id <> #{plant}")
  int checkOfAnother(@Param("check") UUID check, @Param("plant") UUID plant);

  @Select("select count(*) from job where id = #{job} and plant_id = #{plant}")
  int jobOf(@Param("job") UUID job, @Param("plant") UUID plant);

  @Select("select count(*) from photo where plant_id = #{plant} and removed_at is null")
  int count(UUID plant);

  @Select("select plant_id from photo where id = #{id}")
  @Nullable UUID plantOf(UUID id);

  @Insert(
      """
      insert into photo (id, plant_id, check_id, job_id, taken_on, caption, width, height, bytes, user_id,
                         received_at)
      values (#{id}, #{plant}, #{check}, #{job}, #{on}, #{caption}, #{width}, #{height}, #{bytes}, #{user}, #{at})""")
  void add(
      @Param("id") UUID id,
      @Param("plant") UUID plant,
      @Param("check") @Nullable UUID check,
      @Param("job") @Nullable UUID job,
      @Param("on") LocalDate on,
      @Param("caption") String caption,
      @Param("width") int width,
      @Param("height") int height,
      @Param("bytes") int bytes,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Select(
      """
      select f.id, f.check_id, f.job_id, f.taken_on, f.caption, f.width, f.height, u.name as who
      from photo f join app_user u on u.id = f.user_id
      where f.plant_id = #{plant} and f.removed_at is null order by f.received_at desc limit #{most}""")
  List<Photos.PhotoView> of(@Param("plant") UUID plant, @Param("most") int most);

  @Select(
      """
      select f.id, f.check_id, f.job_id, f.taken_on, f.caption, f.width, f.height, u.name as who
      from photo f join app_user u on u.id = f.user_id
      where f.job_id = #{job} and f.removed_at is null order by f.received_at desc limit #{most}""")
  List<Photos.PhotoView> ofJob(@Param("job") UUID job, @Param("most") int most);

  @Select("select count(*) from photo where id = #{id} and removed_at is null")
  int there(UUID id);

  @Update("update photo set removed_at = #{at} where id = #{id} and removed_at is null")
  int remove(@Param("id") UUID id, @Param("at") Instant at);
}
