package happysaucer.server.species;

import happysaucer.core.species.Group;
import happysaucer.core.species.Species;
import happysaucer.core.species.SpeciesTable;
import happysaucer.core.unit.Sentences;
import happysaucer.server.advice.Books;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What kind a plant is: by any of its names as they are typed, or by what one sees. */
@RestController
class KindController {
  private static final int SHOWN = 8;

  private final Books books;

  KindController(Books books) {
    this.books = books;
  }

  record Kind(String species, String commonName, Group group, String groupLabel) {}

  /**
   * @param looks leaf, stem and root by which the group is told apart
   */
  record GroupLook(Group group, String label, String looks) {}

  /** Those that may be meant, the likeliest first; slips of the fingers are forgiven. */
  @GetMapping("/api/kinds")
  List<Kind> kinds(@RequestParam(defaultValue = "") String text) {
    SpeciesTable species = books.team().book().species();
    return species.suggest(text, SHOWN).stream().map(kind -> kind(species, kind)).toList();
  }

  private static Kind kind(SpeciesTable species, Species kind) {
    return new Kind(
        kind.name(), kind.commonName(), kind.group(), species.group(kind.group()).name());
  }

  @GetMapping("/api/kinds/groups")
  List<GroupLook> groups() {
    SpeciesTable species = books.team().book().species();
    return Arrays.stream(Group.values())
        .map(
            group ->
                new GroupLook(group, species.group(group).name(), Sentences.of("looks." + group)))
        .toList();
  }
}
