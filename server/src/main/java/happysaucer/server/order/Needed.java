package happysaucer.server.order;

import happysaucer.core.pot.Pot;
import happysaucer.server.advice.Books;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.mix.MixRoom;
import happysaucer.server.mix.MixRoom.MixItemView;
import happysaucer.server.order.OrderMapper.NeededRow;
import happysaucer.server.order.Orders.OrderView;
import happysaucer.server.problem.InputException;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.shelf.ShelfPot;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What the jobs of the next weeks need, against what stands there and what is on its way. */
@Service
public class Needed {
  private static final int MOST_WEEKS = 52;
  private static final int WEEK = 7;
  private static final double CM = 10;
  private static final double NOTHING = 0.01;

  private final OrderMapper mapper;
  private final Orders orders;
  private final Shelf shelf;
  private final MixRoom room;
  private final Books books;
  private final TeamClock clock;

  Needed(
      OrderMapper mapper, Orders orders, Shelf shelf, MixRoom room, Books books, TeamClock clock) {
    this.mapper = mapper;
    this.orders = orders;
    this.shelf = shelf;
    this.room = room;
    this.books = books;
    this.clock = clock;
  }

  /** Where a thing is kept. */
  enum NeededKind {
    POT,
    INGREDIENT,
    FEED,
    SUNDRY
  }

  /**
   * @param code a pot of the shelf by its id, a trade size, an ingredient, or what it is
   * @param firstOn the first day on which some of it is needed
   * @param stock null where nobody counts it
   * @param onItsWay by open orders, in the same unit
   * @param wanting by what is known; 0 where nobody counts
   * @param supplier from whom it came last, empty where nobody said
   * @param bags of an ingredient to order; null where nobody said how it is bought
   */
  record NeededLine(
      NeededKind kind,
      String code,
      String label,
      double amount,
      String unit,
      LocalDate firstOn,
      int jobs,
      @Nullable Double stock,
      double onItsWay,
      double wanting,
      String supplier,
      @Nullable Integer bags) {}

  /**
   * @param unplanned repots of these weeks that have no plan yet, and are in none of the lines
   */
  record NeededView(int weeks, LocalDate until, List<NeededLine> lines, int unplanned) {}

  NeededView of(int weeks) {
    if (weeks < 1 || weeks > MOST_WEEKS) {
      throw InputException.of("weeks", "1 to " + MOST_WEEKS + " weeks.", weeks);
    }
    LocalDate until = clock.today().plusDays((long) weeks * WEEK);
    Known known = known();
    return new NeededView(
        weeks,
        until,
        mapper.needed(until).stream()
            // the pot it stands in already
            .filter(row -> !row.code().equals("current"))
            .map(row -> line(row, known))
            .sorted(
                Comparator.comparing((NeededLine line) -> line.wanting() > 0 ? 0 : 1)
                    .thenComparing(NeededLine::kind)
                    .thenComparing(NeededLine::supplier)
                    .thenComparing(NeededLine::firstOn)
                    .thenComparing(NeededLine::label))
            .toList(),
        mapper.unplanned(until));
  }

  /** All that a line is held against. */
  private record Known(
      Map<String, ShelfPot> pots,
      Map<String, String> tradeSizes,
      Map<String, MixItemView> ingredients,
      Map<String, Double> onItsWay,
      Map<String, String> suppliers) {}

  private Known known() {
    Map<String, Double> onItsWay = new HashMap<>();
    Map<String, String> suppliers = new HashMap<>();
    for (OrderView order : orders.open()) {
      UUID pot = order.shelfPotId();
      String code = pot == null ? order.ingredient() : pot.toString();
      if (code != null) {
        onItsWay.merge(code, (double) order.amount() - order.received(), Double::sum);
        suppliers.put(code, order.supplier());
      }
    }
    return new Known(
        shelf.pots().stream()
            .collect(Collectors.toMap(pot -> pot.id().toString(), Function.identity())),
        books.team().book().tradeSizes().stream().collect(Collectors.toMap(Pot::id, Needed::words)),
        room.view().items().stream()
            .filter(item -> item.kind() == MixRoom.Kind.INGREDIENT)
            .collect(Collectors.toMap(MixItemView::code, Function.identity())),
        onItsWay,
        suppliers);
  }

  private static String words(Pot size) {
    return String.format(
        Locale.ROOT,
        "%s %.0f cm, of the trade",
        size.material().name().charAt(0)
            + size.material().name().substring(1).toLowerCase(Locale.ROOT),
        size.topMm() / CM);
  }

  private static NeededLine line(NeededRow row, Known known) {
    return switch (row.kind()) {
      case "POT" -> pot(row, known);
      case "INGREDIENT" -> ingredient(row, known);
      case "FEED" -> other(NeededKind.FEED, row);
      default -> other(NeededKind.SUNDRY, row);
    };
  }

  private static NeededLine pot(NeededRow row, Known known) {
    ShelfPot pot = known.pots().get(row.code());
    Double stock = pot == null ? null : (double) pot.inStock();
    double coming = known.onItsWay().getOrDefault(row.code(), 0.0);
    return new NeededLine(
        NeededKind.POT,
        row.code(),
        pot == null ? known.tradeSizes().getOrDefault(row.code(), row.code()) : pot.name(),
        row.amount(),
        row.unit(),
        row.firstOn(),
        row.jobs(),
        stock,
        coming,
        // a pot that nobody keeps has to be bought
        Math.max(0, row.amount() - (stock == null ? 0 : stock) - coming),
        known.suppliers().getOrDefault(row.code(), ""),
        null);
  }

  private static NeededLine ingredient(NeededRow row, Known known) {
    MixItemView item = known.ingredients().get(row.code());
    Double stock = item == null ? null : item.litres();
    Double bag = item == null ? null : item.bagLitres();
    double coming = known.onItsWay().getOrDefault(row.code(), 0.0) * (bag == null ? 0 : bag);
    double wanting = stock == null ? 0 : Math.max(0, row.amount() - Math.max(0, stock) - coming);
    return new NeededLine(
        NeededKind.INGREDIENT,
        row.code(),
        item == null ? row.code() : item.label(),
        row.amount(),
        row.unit(),
        row.firstOn(),
        row.jobs(),
        stock,
        coming,
        wanting < NOTHING ? 0 : wanting,
        item == null ? "" : item.supplier(),
        bag == null || wanting < NOTHING ? null : (int) Math.ceil(wanting / bag));
  }

  private static NeededLine other(NeededKind kind, NeededRow row) {
    String words = row.code().replace('_', ' ').toLowerCase(Locale.ROOT);
    return new NeededLine(
        kind,
        row.code(),
        Character.toUpperCase(words.charAt(0)) + words.substring(1),
        row.amount(),
        row.unit(),
        row.firstOn(),
        row.jobs(),
        null,
        0,
        0,
        "",
        null);
  }
}
