package happysaucer.server.advice;

import happysaucer.core.advice.Advise;
import happysaucer.core.book.BookReader;
import happysaucer.core.book.MediumForm;
import happysaucer.core.book.ShippedBook;
import happysaucer.core.book.SpeciesForm;
import happysaucer.core.book.TeamRows;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The shipped book, and the team's: the same with rows of the team's own. */
@Component
public class Books {
  private final Map<String, String> tables;
  private final Advise shipped;
  private final SpeciesForm form;
  private final MediumForm mediumForm;
  private volatile Team team;

  /** Rules with the rows they were made with, swapped as one. */
  private record Team(Advise rules, TeamRows rows, SpeciesForm form) {}

  Books() throws IOException {
    Map<String, String> read = new HashMap<>();
    for (String table : BookReader.TABLES) {
      read.put(
          table,
          new ClassPathResource(ShippedBook.path(table))
              .getContentAsString(StandardCharsets.UTF_8));
    }
    tables = Map.copyOf(read);
    shipped = new Advise(BookReader.read(tables));
    form = new SpeciesForm(tables, shipped.book().media());
    mediumForm = new MediumForm(tables);
    team = new Team(shipped, TeamRows.NONE, form);
  }

  /** Rules with the shipped book, which no team can change. */
  public Advise shipped() {
    return shipped;
  }

  /** Rules with the team's book. */
  public Advise team() {
    return team.rules();
  }

  /** Species may be given every mix of the team's book. */
  public SpeciesForm form() {
    return team.form();
  }

  public MediumForm mediumForm() {
    return mediumForm;
  }

  /**
   * Rules as they would be with these species of the team.
   *
   * @throws IllegalArgumentException when they do not make a book together
   */
  public Advise withSpecies(List<Map<String, String>> rows) {
    return of(team.rows().withSpecies(rows));
  }

  /**
   * Rules as they would be with these ingredients and mixes of the team.
   *
   * @throws IllegalArgumentException when they do not make a book together
   */
  public Advise withMedia(List<Map<String, String>> ingredients, List<Map<String, String>> mixes) {
    return of(team.rows().withMedia(ingredients, mixes));
  }

  private Advise of(TeamRows rows) {
    return rows.equals(TeamRows.NONE) ? shipped : new Advise(BookReader.read(tables, rows));
  }

  /** From now on the team's book has these species. */
  public synchronized void useSpecies(List<Map<String, String>> rows) {
    use(team.rows().withSpecies(rows));
  }

  /** From now on the team's book has these ingredients and mixes. */
  public synchronized void useMedia(
      List<Map<String, String>> ingredients, List<Map<String, String>> mixes) {
    use(team.rows().withMedia(ingredients, mixes));
  }

  private void use(TeamRows rows) {
    Advise rules = of(rows);
    team = new Team(rules, rows, new SpeciesForm(tables, rules.book().media()));
  }
}
