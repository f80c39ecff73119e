package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.pot.Pot;
import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The pot a plant stands in, with what was not measured filled in. */
@Component
public class PlantPots {
  private final PlantCases cases;
  private final TeamClock clock;

  PlantPots(PlantCases cases, TeamClock clock) {
    this.cases = cases;
    this.clock = clock;
  }

  /**
   * @param coverTopMm inside width of the cover it stands in, null where there is none or it was
   *     not measured
   */
  public record Standing(Pot pot, @Nullable Double coverTopMm) {}

  /** Empty where there is no such plant in care. */
  public Optional<Standing> of(UUID plant) {
    LocalDate today = clock.today();
    return Optional.ofNullable(cases.gather(List.of(plant), today).get(plant))
        .map(gathered -> gathered.request(today, Units.METRIC))
        .map(request -> new Standing(Advise.pot(request.pot()), coverTop(request.cover())));
  }

  private static @Nullable Double coverTop(AdviceRequest.@Nullable Cover cover) {
    return cover == null ? null : cover.topMm();
  }
}
