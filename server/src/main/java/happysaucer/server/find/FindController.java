package happysaucer.server.find;

import happysaucer.core.species.Species;
import happysaucer.server.advice.Books;
import happysaucer.server.qr.LabelCode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plants, sites with their clients, and species, by the words they have. */
@RestController
class FindController {
  private static final int PLANTS = 8;
  private static final int OTHERS = 4;
  private static final int MOST_LETTERS = 80;

  private final FindMapper mapper;
  private final Books books;

  FindController(FindMapper mapper, Books books) {
    this.mapper = mapper;
    this.books = books;
  }

  /**
   * @param kind PLANT, SITE or SPECIES; SPOT or POT where a label was read
   * @param id to open it by; a species' is its name
   */
  public record Found(String kind, String id, String title, String detail) {}

  @GetMapping("/api/find")
  @Transactional(readOnly = true)
  public List<Found> find(@RequestParam String text) {
    Optional<LabelCode> scanned = LabelCode.in(text);
    if (scanned.isPresent()) {
      return labelled(scanned.get());
    }
    String plain = text.trim().toLowerCase(Locale.ROOT);
    plain = plain.length() > MOST_LETTERS ? plain.substring(0, MOST_LETTERS) : plain;
    if (plain.isEmpty()) {
      return List.of();
    }
    List<String> words = Arrays.asList(plain.split("\\s+"));
    List<String> likes = words.stream().map(word -> "%" + escaped(word) + "%").toList();
    List<Found> found = new ArrayList<>(mapper.plants(plain, escaped(plain) + "%", likes, PLANTS));
    found.addAll(mapper.sites(likes, OTHERS));
    books.team().book().species().all().stream()
        .filter(species -> has(species, words))
        .limit(OTHERS)
        .map(s -> new Found("SPECIES", s.name(), s.name(), s.commonName()))
        .forEach(found::add);
    return found;
  }

  /** The one thing that a label is on; nothing where it is no longer there. */
  private List<Found> labelled(LabelCode code) {
    Found found =
        switch (code.kind()) {
          case PLANT -> mapper.plant(code.id());
          case SPOT -> mapper.spot(code.id());
          case POT -> mapper.pot(code.id());
        };
    return found == null ? List.of() : List.of(found);
  }

  private static boolean has(Species species, List<String> words) {
    String names =
        (species.name() + " " + species.commonNames() + " " + species.synonyms())
            .toLowerCase(Locale.ROOT);
    return words.stream().allMatch(names::contains);
  }

  private static String escaped(String word) {
    return word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
  }
}
