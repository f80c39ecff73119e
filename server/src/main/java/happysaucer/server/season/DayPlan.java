package happysaucer.server.season;

import happysaucer.server.round.Rounds;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A crew's day: its stops in order, with what is done at each and what the van carries. Hours are
 * HH:mm of the team.
 *
 * @param away who of the crew is not there
 * @param back at the workshop
 * @param overMinutes after its hours have ended
 * @param exact no order of its stops would be better
 */
public record DayPlan(
    LocalDate on,
    UUID crewId,
    String crew,
    List<String> people,
    List<String> away,
    @Nullable String begins,
    @Nullable String ends,
    List<DayStop> stops,
    String back,
    int drivingMinutes,
    int workMinutes,
    int overMinutes,
    boolean exact,
    Load load) {

  /**
   * @param wayMinutes from the stop before, or from the workshop
   * @param begin later than arriving where the door is still shut
   * @param lateMinutes after it has closed
   * @param settingUpMinutes parking, and up to the plants
   * @param also due there on that day, beside the jobs
   * @param round the site as a stop of the round, to begin and end the visit by; null in the
   *     workshop
   */
  public record DayStop(
      @Nullable UUID siteId,
      String siteName,
      String clientName,
      String accessNote,
      String floors,
      @Nullable String opens,
      @Nullable String closes,
      int wayMinutes,
      String arrive,
      String begin,
      String leave,
      int lateMinutes,
      int settingUpMinutes,
      List<DayJob> jobs,
      List<AlsoDue> also,
      Rounds.@Nullable Stop round) {}

  /**
   * What is due at a plant that no job of the day sees to.
   *
   * @param texts what there is to do
   */
  public record AlsoDue(
      UUID plantId, String label, String commonName, String spotName, List<String> texts) {}

  /**
   * @param minutes of this crew
   * @param together with another crew, whose name it is
   */
  public record DayJob(
      UUID id,
      UUID plantId,
      @Nullable UUID jobId,
      String label,
      String commonName,
      String spotName,
      String kind,
      String place,
      String action,
      String urgency,
      @Nullable UUID aftercareStepId,
      @Nullable String why,
      String note,
      @Nullable String held,
      int minutes,
      int people,
      @Nullable String together,
      boolean done,
      @Nullable String pot) {}

  /**
   * What the van carries, added up from the jobs of the day.
   *
   * @param without a plan with its pot yet: their pots and mixes are not in it
   */
  public record Load(
      List<LoadLine> pots,
      List<LoadLine> mixes,
      List<LoadLine> ingredients,
      List<LoadLine> besides,
      List<LoadLine> feeds,
      List<LoadLine> tools,
      int people,
      double kilograms,
      int vanKg,
      double litres,
      int vanLitres,
      List<String> cautions,
      List<String> without) {}

  /**
   * @param place on the shelf, of a pot; empty where nobody said
   * @param of the labels of plants it is for
   */
  public record LoadLine(
      String code, String label, String place, double amount, String unit, List<String> of) {}
}
