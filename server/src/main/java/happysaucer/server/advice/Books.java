package happysaucer.server.advice;

import happysaucer.core.advice.Advise;
import happysaucer.core.book.BookReader;
import happysaucer.core.book.ShippedBook;
import happysaucer.core.book.SpeciesForm;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The shipped book, and the team's: the same with the team's own species. */
@Component
public class Books {
  private final Map<String, String> tables;
  private final Advise shipped;
  private final SpeciesForm form;
  private volatile Advise team;

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
    team = shipped;
  }

  /** Rules with the shipped book, which no team can change. */
  public Advise shipped() {
    return shipped;
  }

  /** Rules with the team's book. */
  public Advise team() {
    return team;
  }

  public SpeciesForm form() {
    return form;
  }

  /**
   * Rules as they would be with these entries of the team.
   *
   * @throws IllegalArgumentException when they do not make a book together
   */
  public Advise with(List<Map<String, String>> teamSpecies) {
    return teamSpecies.isEmpty() ? shipped : new Advise(BookReader.read(tables, teamSpecies));
  }

  /** From now on the team's book has these entries. */
  public void use(Advise rules) {
    team = rules;
  }
}
