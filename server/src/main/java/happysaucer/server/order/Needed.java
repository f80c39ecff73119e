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
import happysaucer.server.supply.Supplies;
import happysaucer.server.supply.Supplies.SupplyView;
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
  private final Supplies supplies;
  private final Books books;
  private final TeamClock clock;

  Needed(
      OrderMapper mapper,
      Orders orders,
      Shelf shelf,
      MixRoom room,
      Supplies supplies,
      Books books,
      TeamClock clock) {
    this.mapper = mapper;
    this.orders = orders;
    this.shelf = shelf;
    this.room = room;
    this.supplies = supplies;
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
   * @param code a pot of the shelf by its id, a trade size, an ingredient, or kind and code of a
   *     supply
   * @param firstOn the first day on which some of it is needed
   * @param stock null where nobody counts it
   * @param onItsWay by open orders, in the same unit
   * @param wanting by what is known; 0 where nobody counts
   * @param supplier from whom it came last, empty where nobody said
   * @param bags of an ingredient, or packs of a supply, to order; null where nobody said how it is
   *     bought
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
      Map<String, SupplyView> supplies,
      Map<String, Double> onItsWay,
      Map<String, String> suppliers) {}

  private Known known() {
    Map<String, Double> onItsWay = new HashMap<>();
    Map<String, String> suppliers = new HashMap<>();
    for (OrderView order : orders.open()) {
      UUID pot = order.shelfPotId();
      String code = pot == null ? order.ingredient() : pot.toString();
      if (code == null) {
        code = order.supply();
      }
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
        supplies.all().stream().collect(Collectors.toMap(SupplyView::key, Function.identity())),
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
      case "FEED" -> supply(NeededKind.FEED, row, known);
      default -> supply(NeededKind.SUNDRY, row, known);
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
    return bought(
        NeededKind.INGREDIENT,
        row,
        known,
        row.code(),
        item == null ? row.code() : item.label(),
        item == null ? null : item.litres(),
        item == null ? null : item.bagLitres(),
        item == null ? "" : item.supplier());
  }

  private static NeededLine supply(NeededKind kind, NeededRow row, Known known) {
    String key = row.kind() + "/" + row.code();
    SupplyView item = known.supplies().get(key);
    return bought(
        kind,
        row,
        known,
        key,
        Supplies.label(key),
        item == null ? null : item.stock(),
        item == null ? null : item.pack(),
        item == null ? "" : item.supplier());
  }

  /**
   * What comes in bags or packs.
   *
   * @param pack so much comes in one
   */
  private static NeededLine bought(
      NeededKind kind,
      NeededRow row,
      Known known,
      String code,
      String label,
      @Nullable Double stock,
      @Nullable Double pack,
      String supplier) {
    double coming = known.onItsWay().getOrDefault(code, 0.0) * (pack == null ? 0 : pack);
    double wanting = stock == null ? 0 : Math.max(0, row.amount() - Math.max(0, stock) - coming);
    boolean enough = wanting < NOTHING;
    return new NeededLine(
        kind,
        code,
        label,
        row.amount(),
        row.unit(),
        row.firstOn(),
        row.jobs(),
        stock,
        coming,
        enough ? 0 : wanting,
        supplier,
        pack == null || enough ? null : (int) Math.ceil(wanting / pack));
  }
}
