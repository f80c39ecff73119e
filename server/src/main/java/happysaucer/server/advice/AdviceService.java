package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.PlantCases.Gathered;
import happysaucer.server.advice.PlantGlance.Saucer;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.NotFoundException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks the core about stored plants. */
@Service
public class AdviceService {
  private final PlantCases cases;
  private final Advise advise;
  private final TeamClock clock;

  AdviceService(PlantCases cases, Advise advise, TeamClock clock) {
    this.cases = cases;
    this.advise = advise;
    this.clock = clock;
  }

  /**
   * A stored plant with its advice of today.
   *
   * @param signs those that counted
   */
  public record Advised(
      StoredPlant plant,
      Advice advice,
      List<AdviceRequest.Sign> signs,
      List<AdviceRequest.State> states,
      Saucer saucer,
      @Nullable Double waterLeft) {}

  /**
   * @throws NotFoundException when there is no such plant
   */
  public Advised of(UUID plant, Units units) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Advice advice = advise.advise(gathered.request(today, units));
    return new Advised(
        gathered.plant(),
        advice,
        gathered.signs(),
        gathered.states(),
        saucer(advice.call(), today),
        waterLeft(gathered));
  }

  private boolean rootsSign(@Nullable String code) {
    return code != null
        && advise.book().signs().get(SignCode.valueOf(code)).group() == SignGroup.ROOTS;
  }

  /**
   * What the advice would be with these signs and states; what was seen of the roots before still
   * counts unless they were looked at again.
   */
  public Advice preview(
      UUID plant, List<AdviceRequest.Sign> signs, List<AdviceRequest.State> states, Units units) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Map<String, AdviceRequest.Sign> all = new LinkedHashMap<>();
    gathered.signs().stream()
        .filter(sign -> rootsSign(sign.code()))
        .forEach(sign -> all.put(sign.code(), sign));
    List<AdviceRequest.Sign> merged = new ArrayList<>();
    for (AdviceRequest.Sign sign : signs) {
      all.remove(sign.code());
      merged.add(sign);
    }
    // after those tapped, so that a fault names the place it was tapped at
    merged.addAll(all.values());
    return advise.advise(gathered.request(today, units, merged, states));
  }

  /**
   * The advice of today for a stored plant, with what was found at the bench on top of what is
   * known.
   *
   * @param pot id of the only pot to look at, null for all trade sizes
   */
  public Advice forBench(
      UUID plant, List<AdviceRequest.Sign> found, @Nullable String pot, Units units) {
    LocalDate today = clock.today();
    Gathered gathered = gathered(plant, today);
    Map<String, AdviceRequest.Sign> signs = new LinkedHashMap<>();
    gathered.signs().forEach(sign -> signs.put(sign.code(), sign));
    found.forEach(sign -> signs.put(sign.code(), sign));
    AdviceRequest request =
        gathered.request(today, units, List.copyOf(signs.values()), gathered.states());
    return advise.advise(pot == null ? request : withOnly(request, pot));
  }

  private AdviceRequest withOnly(AdviceRequest request, String pot) {
    List<AdviceRequest.Pot> candidates =
        advise.book().tradeSizes().stream()
            .filter(size -> size.id().equals(pot))
            .map(
                size ->
                    new AdviceRequest.Pot(
                        size.id(),
                        size.shape().name(),
                        size.material().name(),
                        size.topMm(),
                        size.inside().baseMm(),
                        null,
                        null,
                        size.heightMm(),
                        null,
                        size.footMm(),
                        size.massG(),
                        size.drainHoles(),
                        false))
            .toList();
    return new AdviceRequest(
        request.date(),
        request.site(),
        request.spot(),
        request.plant(),
        request.pot(),
        request.ball(),
        request.signs(),
        request.watering(),
        candidates,
        request.method(),
        request.units(),
        request.history());
  }

  private Gathered gathered(UUID plant, LocalDate today) {
    Gathered gathered = cases.gather(List.of(plant), today).get(plant);
    if (gathered == null) {
      throw new NotFoundException("There is no such plant. It may have been entered elsewhere.");
    }
    return gathered;
  }

  /** Calls of many plants, in the order of their places. */
  public Map<UUID, PlantGlance> glances(Collection<UUID> plants) {
    LocalDate today = clock.today();
    Map<UUID, PlantGlance> glances = new LinkedHashMap<>();
    cases
        .gather(plants, today)
        .forEach(
            (id, gathered) -> {
              Advise.Glance glance = advise.glance(gathered.request(today, Units.METRIC));
              glances.put(
                  id,
                  new PlantGlance(
                      gathered.plant(),
                      glance.call(),
                      glance.forecast(),
                      saucer(glance.call(), today),
                      waterLeft(gathered)));
            });
    return glances;
  }

  private static Saucer saucer(Advice.Call call, LocalDate today) {
    boolean held = call.holds().stream().anyMatch(hold -> hold.firm() && !hold.overridden());
    if (held) {
      return Saucer.ON_HOLD;
    }
    return switch (call.urgency()) {
      case "NOW" -> Saucer.URGENT;
      case "SOON" -> Saucer.DUE_NOW;
      case "THIS_WINDOW" -> Saucer.IN_WINDOW;
      default -> "FIX_CARE_FIRST".equals(call.action()) ? Saucer.DUE_NOW : Saucer.NOTHING_DUE;
    };
  }

  /** At its usual day it is at its refill point, a third of the way down the drawn pot. */
  private static @Nullable Double waterLeft(Gathered gathered) {
    if (gathered.watering() == null || gathered.daysSinceWatering().isEmpty()) {
      return null;
    }
    Double interval = gathered.watering().intervalDays();
    double spent = gathered.daysSinceWatering().get() / (interval == null ? 7 : interval);
    return Math.max(0, 1 - spent * 0.65);
  }
}
