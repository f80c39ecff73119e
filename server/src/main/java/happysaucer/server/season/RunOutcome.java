package happysaucer.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a search found, beside what is planned now.
 *
 * @param jobs that were to be planned
 * @param late that come after their best day
 * @param drivingMinutes of all crews, with setting up
 * @param rules what it costs, by rule
 * @param left jobs without a day, each with the rule to blame and the cheapest thing that frees it
 * @param latest those that come latest, each with what stands against its best day
 * @param moved what would change
 * @param brokenNow hard rules that jobs break which stay where a person put them
 */
record RunOutcome(
    int jobs,
    int planned,
    int late,
    int lateDays,
    int drivingMinutes,
    List<RuleLine> rules,
    List<Unplanned> left,
    List<LateJob> latest,
    List<Moved> moved,
    List<String> brokenNow,
    List<SeasonView.LoadWeek> weeks) {

  /**
   * @param minutes of driving that it costs as much as
   */
  record RuleLine(String rule, String words, int times, long minutes) {}

  record Unplanned(UUID id, String name, String place, String why, @Nullable String frees) {}

  record LateJob(UUID id, String name, String place, int days, String why) {}

  /**
   * @param fromOn null where it had no day
   * @param toOn null where it has none any more
   */
  record Moved(
      UUID id,
      String name,
      String place,
      @Nullable LocalDate fromOn,
      @Nullable String fromCrew,
      @Nullable LocalDate toOn,
      @Nullable String toCrew) {}
}
