package happysaucer.server.caretaker;

import happysaucer.server.caretaker.CareLinks.LinkRow;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface CareLinkMapper {
  String LINK =
      """
      select l.id, l.job_id, l.plant_id, l.token, l.expires_on, l.ended_at, l.opened, l.refused,
             u.id as user_id, u.account, u.name, u.role, u.units
      from care_link l join app_user u on u.id = l.created_by
      """;

  @Select(LINK + " where l.token = #{token}")
  @Nullable LinkRow byToken(String token);

  /** The one that is open. */
  @Select(LINK + " where l.job_id = #{job} and l.ended_at is null")
  @Nullable LinkRow ofJob(UUID job);

  @Select("select id from job where id = #{job} and status = 'DONE' for update")
  @Nullable UUID lockDone(UUID job);

  @Insert(
      """
      insert into care_link (id, job_id, plant_id, token, expires_on, created_by, created_at)
      select #{id}, j.id, j.plant_id, #{token}, #{expires}, #{user}, #{at} from job j where j.id = #{job}""")
  void add(
      @Param("id") UUID id,
      @Param("job") UUID job,
      @Param("token") String token,
      @Param("expires") LocalDate expires,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Update("update care_link set ended_at = #{at} where job_id = #{job} and ended_at is null")
  void end(@Param("job") UUID job, @Param("at") Instant at);

  @Update("update care_link set opened = opened + 1 where id = #{id}")
  void opened(UUID id);

  @Update("update care_link set refused = refused + #{more} where id = #{id}")
  void refused(@Param("id") UUID id, @Param("more") int more);

  @Update("update watering set care_link_id = #{link} where id = #{watering}")
  void told(@Param("watering") UUID watering, @Param("link") UUID link);

  @Select("select count(*) from care_report where link_id = #{link} and answered_at is null")
  int openReports(UUID link);

  @Insert(
      """
      insert into care_report (id, link_id, plant_id, job_id, words, received_at)
      values (#{id}, #{l.id}, #{l.plantId}, #{l.jobId}, #{words}, #{at})""")
  void report(
      @Param("id") UUID id,
      @Param("l") LinkRow link,
      @Param("words") String words,
      @Param("at") Instant at);

  @Update(
      """
      update care_report set photo_id = #{photo}
      where id = #{id} and link_id = #{link} and photo_id is null""")
  int photo(@Param("id") UUID id, @Param("link") UUID link, @Param("photo") UUID photo);

  @Select(
      "select count(*) from care_report where id = #{id} and link_id = #{link} and photo_id is null")
  int withoutPhoto(@Param("id") UUID id, @Param("link") UUID link);

  @Update(
      """
      update care_report set answered_at = #{at}, answered_by = #{user}, answer = #{answer}
      where id = #{id} and answered_at is null""")
  int answer(
      @Param("id") UUID id,
      @Param("answer") String answer,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Select("select count(*) from care_report where id = #{id}")
  int reports(UUID id);

  /** How the page names what was answered last. */
  @Select(
      """
      select answer from care_report where link_id = #{link} and answered_at is not null and answer <> ''
      order by answered_at desc limit 1""")
  @Nullable String lastAnswer(UUID link);
}
