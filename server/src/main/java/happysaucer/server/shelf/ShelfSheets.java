package happysaucer.server.shelf;

import happysaucer.core.advice.Fault;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.Books;
import happysaucer.server.exchange.Rows;
import happysaucer.server.exchange.Rows.Row;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.shelf.Shelf.Kind;
import happysaucer.server.shelf.Shelf.ShelfPotRequest;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf in and out as a sheet, and a first shelf from standard trade sizes. */
@Service
public class ShelfSheets {
  private static final int MOST_ROWS = Shelf.MOST_MAKES;
  private static final double CM = 10;
  private static final List<String> COLUMNS =
      List.of(
          "name",
          "kind",
          "shape",
          "material",
          "top",
          "base",
          "depth front to back",
          "base depth",
          "height",
          "mouth",
          "foot",
          "mass g",
          "holes",
          "feet",
          "wire holes",
          "in stock",
          "low at",
          "price",
          "note",
          "place");

  private static final Rows.Head HEAD =
      new Rows.Head(MOST_ROWS)
          .needed("name", "pot")
          .optional("kind", "use")
          .optional("shape")
          .optional("material")
          .needed("top", "width", "diameter", "inside top")
          .optional("base")
          .optional("depth front to back", "top depth")
          .optional("base depth")
          .optional("height", "deep")
          .optional("mouth")
          .optional("foot")
          .optional("mass g", "mass")
          .optional("holes", "drain holes")
          .optional("feet")
          .optional("wire holes")
          .optional("in stock", "stock", "count", "number")
          .optional("low at", "low")
          .optional("price")
          .optional("note")
          .optional("place", "where", "rack");

  private final Shelf shelf;
  private final Books books;
  private final ChangeLog history;

  ShelfSheets(Shelf shelf, Books books, ChangeLog history) {
    this.shelf = shelf;
    this.books = books;
    this.history = history;
  }

  /**
   * @param id made by the sender, so that the same sheet sent twice is read in once
   * @param save false for a dry run
   */
  public record ShelfImportRequest(
      @NotNull(message = "Make an id for this sheet.") UUID id,
      @NotBlank(message = "Paste rows under a head line.") String sheet,
      @NotNull(message = "Say whether to save, or only to try.") Boolean save) {}

  /**
   * @param faults of the sheet as a whole; then no row was read
   */
  public record ShelfImportView(List<Fault> faults, List<ShelfRowView> rows, boolean saved) {}

  public record ShelfRowView(int line, String name, @Nullable ShelfPot pot, List<Fault> faults) {}

  /** Reads the sheet, tells each row's faults, and saves all rows when asked and none has any. */
  @Transactional
  public ShelfImportView read(ShelfImportRequest request, Units units) {
    Rows sheet = Rows.read(request.sheet(), HEAD);
    if (!sheet.faults().isEmpty()) {
      return new ShelfImportView(sheet.faults(), List.of(), false);
    }
    List<ShelfRowView> rows = sheet.rows().stream().map(row -> row(row, units)).toList();
    boolean save = request.save() && rows.stream().allMatch(row -> row.faults().isEmpty());
    if (save && history.firstTime(request.id(), request)) {
      List<ShelfPot> pots = rows.stream().map(ShelfRowView::pot).toList();
      shelf.addAll(pots);
      history.logAll("shelf", pots.stream().map(ShelfPot::id).toList(), "Read from a sheet");
    }
    return new ShelfImportView(List.of(), rows, save);
  }

  private static ShelfRowView row(Row row, Units units) {
    RowReader cells = new RowReader(row, units);
    ShelfPotRequest read =
        new ShelfPotRequest(
            cells.name(),
            cells.code("kind", Kind.class, Kind.GROW),
            cells.code("shape", Shape.class, Shape.STANDARD),
            cells.code("material", Material.class, Material.PLASTIC),
            cells.length("top"),
            cells.length("base"),
            cells.length("depth front to back"),
            cells.length("base depth"),
            cells.length("height"),
            cells.length("mouth"),
            cells.length("foot"),
            cells.number("mass g"),
            cells.whole("holes", 4),
            cells.whole("feet", 0),
            cells.whole("wire holes", 0),
            cells.whole("in stock", 0),
            cells.whole("low at", 0),
            cells.cents(),
            cells.words("note", 400),
            cells.words("place", 60));
    ShelfPot pot = null;
    if (cells.faults.isEmpty()) {
      try {
        pot = ShelfMeasures.completed(UUID.randomUUID(), read);
      } catch (InputException e) {
        cells.faults.addAll(e.faults());
      }
    }
    return new ShelfRowView(row.line(), row.text("name"), pot, List.copyOf(cells.faults));
  }

  /** Cells of one row, with what is wrong in them. */
  private static final class RowReader {
    private final Row row;
    private final Units units;
    private final List<Fault> faults = new ArrayList<>();

    RowReader(Row row, Units units) {
      this.row = row;
      this.units = units;
    }

    String name() {
      String name = row.text("name");
      if (name.isEmpty() || name.length() > 120) {
        faults.add(new Fault("name", "Give it a name of at most 120 letters.", name));
      }
      return name;
    }

    String words(String column, int most) {
      String text = row.text(column);
      if (text.length() > most) {
        faults.add(new Fault(column, "At most " + most + " letters.", text));
      }
      return text;
    }

    <E extends Enum<E>> E code(String column, Class<E> type, E standard) {
      String text = row.text(column);
      if (text.isEmpty()) {
        return standard;
      }
      for (E constant : type.getEnumConstants()) {
        if (constant.name().equals(text.toUpperCase(Locale.ROOT).replace(' ', '_'))) {
          return constant;
        }
      }
      faults.add(
          new Fault(
              column, "Use one of: " + List.of(type.getEnumConstants()).toString() + ".", text));
      return standard;
    }

    @Nullable Double length(String column) {
      String text = row.text(column);
      if (text.isEmpty()) {
        if (column.equals("top")) {
          faults.add(new Fault(column, "Give the inside width at the top.", null));
          return CM;
        }
        return null;
      }
      try {
        return Length.parse(text, units).mm();
      } catch (IllegalArgumentException e) {
        faults.add(new Fault(column, e.getMessage(), text));
        return null;
      }
    }

    @Nullable Double number(String column) {
      String text = row.text(column);
      if (text.isEmpty()) {
        return null;
      }
      try {
        return Double.valueOf(text.replace(',', '.'));
      } catch (NumberFormatException e) {
        faults.add(new Fault(column, "Write a number.", text));
        return null;
      }
    }

    Integer whole(String column, int standard) {
      String text = row.text(column);
      if (text.isEmpty()) {
        return standard;
      }
      if (!text.matches("\\d{1,5}")) {
        faults.add(new Fault(column, "Write a whole number, 0 or more.", text));
        return standard;
      }
      return Integer.valueOf(text);
    }

    @Nullable Integer cents() {
      String text = row.text("price");
      if (text.isEmpty()) {
        return null;
      }
      if (!text.matches("\\d{1,5}([.,]\\d{1,2})?")) {
        faults.add(new Fault("price", "Write a price like 4.90.", text));
        return null;
      }
      return new BigDecimal(text.replace(',', '.')).movePointRight(2).intValueExact();
    }
  }

  /** The whole shelf as CSV; lengths in cm. Reads back in as it went out. */
  public String write() {
    return Rows.write(COLUMNS, shelf.pots().stream().map(ShelfSheets::cells).toList());
  }

  private static List<@Nullable Object> cells(ShelfPot pot) {
    return Arrays.asList(
        pot.name(),
        pot.kind(),
        pot.shape(),
        pot.material(),
        cm(pot.topMm()),
        cm(pot.baseMm()),
        cm(pot.topDepthMm()),
        cm(pot.baseDepthMm()),
        cm(pot.heightMm()),
        cm(pot.mouthMm()),
        cm(pot.footMm()),
        Math.round(pot.massG()),
        pot.drainHoles(),
        pot.feet(),
        pot.wireHoles(),
        pot.inStock(),
        pot.lowAt(),
        pot.priceCents() == null
            ? ""
            : new BigDecimal(pot.priceCents()).movePointLeft(2).toPlainString(),
        pot.note(),
        pot.place());
  }

  private static String cm(@Nullable Double mm) {
    return mm == null
        ? ""
        : new BigDecimal(mm / CM)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString()
            + " cm";
  }

  /**
   * @param id made by the sender, so that the same picks sent twice are added once
   */
  public record FromTradeRequest(
      @NotNull(message = "Make an id for these.") UUID id,
      @NotEmpty(message = "Pick at least one size.") List<TradePick> picks) {}

  public record TradePick(
      @NotBlank(message = "Name a trade size.") String size,
      @NotNull(message = "Say how many there are.")
          @Min(value = 0, message = "Must be 0 or more.")
          @Max(value = 100000, message = "Must be at most 100000.")
          Integer count) {}

  /** A new team's shelf starts with standard sizes. */
  @Transactional
  public void fromTrade(FromTradeRequest request) {
    List<ShelfPot> pots = new ArrayList<>();
    for (TradePick pick : request.picks()) {
      Pot size =
          books.team().book().tradeSizes().stream()
              .filter(pot -> pot.id().equals(pick.size()))
              .findFirst()
              .orElseThrow(
                  () -> InputException.of("picks", "There is no such trade size.", pick.size()));
      String name =
          (size.shape() == Shape.STANDARD ? "" : ShelfMeasures.plain(size.shape().name()) + " ")
              + ShelfMeasures.plain(size.material().name())
              + " "
              + Math.round(size.topMm() / CM)
              + " cm";
      pots.add(
          ShelfMeasures.stored(
              UUID.randomUUID(),
              name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1),
              Kind.GROW,
              size,
              pick.count(),
              1,
              null,
              "",
              ""));
    }
    if (history.firstTime(request.id(), request)) {
      shelf.addAll(pots);
      history.logAll("shelf", pots.stream().map(ShelfPot::id).toList(), "From a trade size");
    }
  }
}
