package happysaucer.server.season;

import happysaucer.core.round.DueWork;
import happysaucer.core.work.JobKind;
import happysaucer.server.round.Rounds;
import happysaucer.server.season.DayPlan.AlsoDue;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What is due at a stop beside the jobs of the day.
 *
 * @param round the site as a stop of the round
 */
record Beside(Rounds.Stop round, List<AlsoDue> also) {
  /** Kinds of work that a job of the day sees to as well. */
  private static final Map<JobKind, Set<DueWork.Kind>> SEES_TO =
      Map.of(
          JobKind.REPOT, Set.of(DueWork.Kind.CALL, DueWork.Kind.CHECK),
          JobKind.TREATMENT, Set.of(DueWork.Kind.CALL, DueWork.Kind.CHECK),
          JobKind.SLIP_CHECK, Set.of(DueWork.Kind.CHECK),
          JobKind.FOLLOW_UP, Set.of(DueWork.Kind.CHECK));

  /**
   * @param ofTheDay all that is planned for the day, whoever does it
   */
  static Beside of(Rounds.Stop there, List<SeasonJobRow> ofTheDay) {
    Map<UUID, Set<DueWork.Kind>> seen = new HashMap<>();
    Set<UUID> steps = new HashSet<>();
    for (SeasonJobRow row : ofTheDay) {
      seen.computeIfAbsent(row.plantId, id -> EnumSet.noneOf(DueWork.Kind.class))
          .addAll(SEES_TO.getOrDefault(row.kind, Set.of()));
      if (row.aftercareStepId != null) {
        steps.add(row.aftercareStepId);
      }
    }
    List<AlsoDue> also = new ArrayList<>();
    for (Rounds.RoundPlant plant : there.plants()) {
      List<String> texts =
          plant.due().stream()
              // jobs have their own day in the plan
              .filter(due -> due.kind() != DueWork.Kind.JOB)
              .filter(due -> !seen.getOrDefault(plant.plant().id(), Set.of()).contains(due.kind()))
              .filter(due -> due.id() == null || !steps.contains(due.id()))
              .map(Rounds.Due::text)
              .toList();
      if (!texts.isEmpty() && !plant.checkedToday()) {
        also.add(
            new AlsoDue(
                plant.plant().id(),
                plant.plant().label(),
                plant.plant().commonName(),
                plant.plant().spotName(),
                texts));
      }
    }
    return new Beside(there, also);
  }
}
