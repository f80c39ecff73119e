package happysaucer.server.outcome;

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
interface OutcomeMapper {
  record DoneJob(UUID plantId, LocalDate doneOn) {}

  @Select("select plant_id, done_on from job where id = #{job} and status = 'DONE'")
  @Nullable DoneJob done(UUID job);

  @Update(
      """
      merge into job_outcome (job_id, plant_id, result, first_growth_on, note, user_id, at) key (job_id)
      values (#{job}, #{plant}, #{result}, #{growth}, #{note}, #{user}, #{at})""")
  void store(
      @Param("job") UUID job,
      @Param("plant") UUID plant,
      @Param("result") String result,
      @Param("growth") @Nullable LocalDate growth,
      @Param("note") String note,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Select(
      """
      select o.job_id, o.result, o.first_growth_on, o.note, cast(o.at as date) as seen_on, u.name as who
      from job_outcome o join app_user u on u.id = o.user_id where o.plant_id = #{plant}
      order by o.at desc limit #{most}""")
  List<Outcomes.OutcomeView> of(@Param("plant") UUID plant, @Param("most") int most);
}
