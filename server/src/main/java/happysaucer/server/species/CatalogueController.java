package happysaucer.server.species;

import happysaucer.core.book.Book;
import happysaucer.core.medium.Mix;
import happysaucer.core.pot.Pot;
import happysaucer.core.sign.Sign;
import happysaucer.core.sign.StateCode;
import happysaucer.server.advice.Books;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What screens offer to choose from: signs in the order of looking, states, species, mixes. */
@RestController
class CatalogueController {
  private static final Map<StateCode, String> STATES =
      Map.of(
          StateCode.IN_BUD, "In bud",
          StateCode.IN_FLOWER, "In flower",
          StateCode.RESTING, "Resting",
          StateCode.NEW_ROOTS_STARTING, "New roots starting",
          StateCode.RECENTLY_PRUNED, "Recently pruned",
          StateCode.ARRIVED, "Newly arrived",
          StateCode.MOVED_LIGHT, "Moved to other light",
          StateCode.OVERWATERED, "Known to be overwatered",
          StateCode.UNDERWATERED, "Known to be underwatered",
          StateCode.HEAT_OR_HUMIDITY_EXTREME, "Heat or very dry air");

  private final Books books;

  CatalogueController(Books books) {
    this.books = books;
  }

  private static Catalogue catalogue(Book book) {
    return new Catalogue(
        book.version(),
        book.signs().all().stream().map(CatalogueController::sign).toList(),
        Arrays.stream(StateCode.values())
            .map(code -> new StateItem(code.name(), STATES.get(code), code.countsDays()))
            .toList(),
        book.species().all().stream()
            .map(
                s ->
                    new SpeciesItem(
                        s.name(),
                        s.commonName(),
                        s.group().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                        s.remarks()))
            .toList(),
        book.media().mixes().stream().map(CatalogueController::mix).toList(),
        book.tradeSizes().stream().map(CatalogueController::size).toList());
  }

  public record Catalogue(
      String bookVersion,
      List<SignItem> signs,
      List<StateItem> states,
      List<SpeciesItem> species,
      List<MixItem> mixes,
      List<TradeSize> tradeSizes) {}

  /** A pot as the trade has it, inside measures in mm. */
  public record TradeSize(
      String id,
      String shape,
      String material,
      double topMm,
      double baseMm,
      double heightMm,
      double footMm,
      double massG,
      int drainHoles,
      Filled filled) {}

  /** A pot up to its fill line: the ball that fills it, mm. */
  public record Filled(double topMm, double baseMm, double heightMm) {}

  public record SignItem(
      String code,
      String group,
      String measure,
      String unit,
      double least,
      double most,
      String label,
      String how) {}

  public record StateItem(String code, String label, boolean countsDays) {}

  public record SpeciesItem(String name, String commonName, String group, String remarks) {}

  public record MixItem(String code, String label, String reason) {}

  @GetMapping("/api/catalogue")
  ResponseEntity<Catalogue> catalogue() {
    Book book = books.team().book();
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noCache().cachePrivate())
        .eTag(book.version())
        .body(catalogue(book));
  }

  private static SignItem sign(Sign sign) {
    return new SignItem(
        sign.code().name(),
        sign.group().name(),
        sign.measure().name(),
        sign.measure().unit(),
        sign.measure().least(),
        sign.measure().most(),
        sign.label(),
        sign.how());
  }

  private static TradeSize size(Pot pot) {
    return new TradeSize(
        pot.id(),
        pot.shape().name(),
        pot.material().name(),
        pot.topMm(),
        pot.inside().baseMm(),
        pot.heightMm(),
        pot.footMm(),
        pot.massG(),
        pot.drainHoles(),
        new Filled(pot.fill().topMm(), pot.fill().baseMm(), pot.fill().heightMm()));
  }

  private static MixItem mix(Mix mix) {
    return new MixItem(mix.code(), mix.label(), mix.reason());
  }
}
