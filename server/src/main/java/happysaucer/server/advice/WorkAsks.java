package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.unit.Units;
import happysaucer.core.work.Work;
import happysaucer.core.work.WorkAsked;
import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What stored plants ask for within a season. */
@Component
public class WorkAsks {
  private final PlantCases cases;
  private final Books books;
  private final Stock stock;
  private final TeamClock clock;

  WorkAsks(PlantCases cases, Books books, Stock stock, TeamClock clock) {
    this.cases = cases;
    this.books = books;
    this.stock = stock;
    this.clock = clock;
  }

  /**
   * By plant, of those in care; ten queries whatever their number.
   *
   * @param days how far the season reaches
   */
  public Map<UUID, List<Work>> of(Collection<UUID> plants, int days) {
    return of(cases.gather(plants, clock.today()), days);
  }

  /** The same of those among these plants whose calls were just made. */
  public Map<UUID, List<Work>> of(CallsMade made, Collection<UUID> plants, int days) {
    Map<UUID, PlantCases.Gathered> wanted = new LinkedHashMap<>(made.cases());
    wanted.keySet().retainAll(plants);
    return of(wanted, days);
  }

  private Map<UUID, List<Work>> of(Map<UUID, PlantCases.Gathered> gatheredCases, int days) {
    LocalDate today = clock.today();
    Advise rules = books.team();
    Optional<List<AdviceRequest.Pot>> free = stock.free();
    Map<UUID, List<Work>> asked = new LinkedHashMap<>();
    gatheredCases.forEach(
        (id, gathered) -> {
          if (gathered.plant().retiredOn() != null) {
            return;
          }
          AdviceRequest request = gathered.request(today, Units.METRIC);
          asked.put(
              id,
              WorkAsked.of(
                  free.map(request::withCandidates).orElse(request),
                  days,
                  each -> rules.advise(rules.kept(each))));
        });
    return asked;
  }
}
