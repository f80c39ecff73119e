package happysaucer.server.advice;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What plants are to be given, by the model, where nobody has logged what they get. */
@Component
public class Pours {
  private final PlantCases cases;
  private final Books books;
  private final TeamClock clock;

  Pours(PlantCases cases, Books books, TeamClock clock) {
    this.cases = cases;
    this.books = books;
    this.clock = clock;
  }

  /** Litres by plant, of those in care. */
  public Map<UUID, Double> of(Collection<UUID> plants) {
    LocalDate today = clock.today();
    Map<UUID, Double> litres = new HashMap<>();
    cases
        .gather(plants, today)
        .forEach(
            (id, gathered) ->
                litres.put(
                    id,
                    books
                        .team()
                        .pourLitres(books.team().kept(gathered.request(today, Units.METRIC)))));
    return litres;
  }
}
