package happysaucer.server.season;

import happysaucer.planner.PlanWeights;
import happysaucer.server.history.ChangeLog;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What weighs how much in a plan: told in minutes of driving, which weigh what they are. */
@Component
class SeasonWeights {
  /** The planner counts in whole numbers: a minute of driving is so many. */
  static final int MINUTE = 60;

  private static final UUID LOGGED_AS = new UUID(0, 15);

  private final WeightMapper mapper;
  private final ChangeLog history;

  SeasonWeights(WeightMapper mapper, ChangeLog history) {
    this.mapper = mapper;
    this.history = history;
  }

  /**
   * Minutes of driving that each is worth.
   *
   * @param late a day past the best day
   * @param lateSoon of what is to be done soon
   * @param lateNow of what is to be done now
   * @param early a day before the best day
   * @param uneven an hour that one crew works more than another in the season
   * @param moved a job that a plan made anew gently puts elsewhere
   */
  record Weights(
      @NotNull(message = "Say what a day late weighs.")
          @Min(value = 0, message = MOST)
          @Max(value = 1000, message = MOST)
          Integer late,
      @NotNull(message = "Say what a day late of something due soon weighs.")
          @Min(value = 0, message = MOST)
          @Max(value = 1000, message = MOST)
          Integer lateSoon,
      @NotNull(message = "Say what a day late of something urgent weighs.")
          @Min(value = 0, message = MOST)
          @Max(value = 1000, message = MOST)
          Integer lateNow,
      @NotNull(message = "Say what a day early weighs.")
          @Min(value = 0, message = MOST)
          @Max(value = 1000, message = MOST)
          Integer early,
      @NotNull(message = "Say what an uneven hour weighs.")
          @Min(value = 0, message = MOST)
          @Max(value = 1000, message = MOST)
          Integer uneven,
      @NotNull(message = "Say what a moved job weighs.")
          @Min(value = 0, message = MOST)
          @Max(value = 1000, message = MOST)
          Integer moved) {
    static final String MOST = "0 to 1000 minutes of driving.";
    static final Weights USUAL = new Weights(5, 20, 60, 1, 6, 240);

    /** Weight of a day late of one job: the planner multiplies by it. */
    int ofDayLate(String urgency) {
      return switch (urgency) {
        case "NOW" -> lateNow;
        case "SOON" -> lateSoon;
        default -> late;
      };
    }

    PlanWeights planned() {
      // an hour that is uneven costs uneven minutes: a minute of it a sixtieth
      return new PlanWeights(MINUTE, early * MINUTE, MINUTE, uneven, moved * MINUTE);
    }
  }

  @Mapper
  interface WeightMapper {
    record WeightRow(String code, int minutes) {}

    @Select("select code, minutes from season_weight")
    List<WeightRow> weights();

    @Update("merge into season_weight (code, minutes) key (code) values (#{code}, #{minutes})")
    void store(@Param("code") String code, @Param("minutes") int minutes);
  }

  Weights weights() {
    Map<String, Integer> kept = new HashMap<>();
    mapper.weights().forEach(row -> kept.put(row.code(), row.minutes()));
    Weights usual = Weights.USUAL;
    return new Weights(
        kept.getOrDefault("LATE", usual.late()),
        kept.getOrDefault("LATE_SOON", usual.lateSoon()),
        kept.getOrDefault("LATE_NOW", usual.lateNow()),
        kept.getOrDefault("EARLY", usual.early()),
        kept.getOrDefault("UNEVEN", usual.uneven()),
        kept.getOrDefault("MOVED", usual.moved()));
  }

  @Transactional
  Weights save(Weights request) {
    mapper.store("LATE", request.late());
    mapper.store("LATE_SOON", request.lateSoon());
    mapper.store("LATE_NOW", request.lateNow());
    mapper.store("EARLY", request.early());
    mapper.store("UNEVEN", request.uneven());
    mapper.store("MOVED", request.moved());
    history.log("season", LOGGED_AS, "Weights: " + request);
    return request;
  }
}
