package happysaucer.server.mix;

import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.server.advice.Books;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.history.Versions;
import happysaucer.server.mix.MixRoomMapper.ItemRow;
import happysaucer.server.mix.MixRoomMapper.LotRow;
import happysaucer.server.mix.MixRoomMapper.MoveRow;
import happysaucer.server.mix.MixRoomMapper.PastRow;
import happysaucer.server.mix.MixRoomMapper.RoomRow;
import happysaucer.server.mix.MixRoomMapper.StockRow;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the mix room has: ingredients by lots, mixes by batches, and how they are bought. */
@Service
public class MixRoom {
  private static final String ENTITY = "mix_room";
  private static final int MOST_LOTS = 500;
  private static final int MOST_MOVES = 100;

  /** Less than this is nothing, L. */
  private static final double NOTHING = 0.001;

  private final MixRoomMapper mapper;
  private final Books books;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  MixRoom(MixRoomMapper mapper, Books books, ChangeLog history, TeamClock clock, CurrentUser user) {
    this.mapper = mapper;
    this.books = books;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  public enum Kind {
    INGREDIENT,
    MIX
  }

  /** Why a stock is another than it was. */
  public enum Why {
    RECEIVED,
    COUNTED,
    SPOILT,
    BATCH,
    JOB
  }

  /**
   * @param cameOn day of the delivery
   * @param litres that are left of it
   */
  public record MixLotView(UUID id, String name, LocalDate cameOn, double litres) {}

  /**
   * @param litres that stand there; null where nobody ever counted, below 0 where more was used
   *     than was on the books
   * @param bagLitres null where nobody said how it is bought
   * @param version of how it is bought, 0 where nobody said
   */
  public record MixItemView(
      Kind kind,
      String code,
      String label,
      @Nullable Double litres,
      @Nullable Double bagLitres,
      @Nullable Integer bagCents,
      String supplier,
      List<MixLotView> lots,
      int version) {}

  /**
   * @param version of the measures
   */
  public record MixRoomView(
      double scoopLitres, double bucketLitres, int version, List<MixItemView> items) {}

  public record MeasuresRequest(
      @NotNull(message = "Give the litres of a scoop.")
          @DecimalMin(value = "0.05", message = "0.05 to 5 L.")
          @DecimalMax(value = "5", message = "0.05 to 5 L.")
          Double scoopLitres,
      @NotNull(message = "Give the litres of a bucket.")
          @DecimalMin(value = "1", message = "1 to 100 L.")
          @DecimalMax(value = "100", message = "1 to 100 L.")
          Double bucketLitres) {}

  /** How an ingredient is bought. */
  public record MixItemRequest(
      @Nullable
          @DecimalMin(value = "0.5", message = "0.5 to 2000 L.")
          @DecimalMax(value = "2000", message = "0.5 to 2000 L.")
          Double bagLitres,
      @Nullable
          @Min(value = 0, message = "0 or more.")
          @Max(value = 10_000_000, message = "At most 100,000.")
          Integer bagCents,
      @NotNull(message = "Name who sells it, empty if nobody yet.")
          @Size(max = 120, message = "At most 120 letters.")
          String supplier) {}

  /**
   * @param id made by the sender, so that the same move sent twice counts once
   * @param litres that came or were spoilt; with COUNTED those that stand there
   * @param lot of what came, by its bag; empty for none
   */
  public record MixMoveRequest(
      @NotNull(message = "Make an id for this move.") UUID id,
      @NotNull(message = "Say INGREDIENT or MIX.") Kind kind,
      @NotNull(message = "Say which.") String code,
      @NotNull(message = "Say RECEIVED, COUNTED or SPOILT.") Why why,
      @NotNull(message = "Give the litres.")
          @DecimalMin(value = "0", message = "0 to 100000 L.")
          @DecimalMax(value = "100000", message = "0 to 100000 L.")
          Double litres,
      @NotNull(message = "Send the name of the lot, empty if it has none.")
          @Size(max = 60, message = "At most 60 letters.")
          String lot,
      @NotNull(message = "Send a note, empty if there is none.")
          @Size(max = 400, message = "At most 400 letters.")
          String note) {}

  /**
   * @param litres that came, below 0 that went
   * @param batch its number; null where it was none
   */
  public record MixMoveView(
      double litres,
      Why why,
      @Nullable String lot,
      @Nullable Integer batch,
      String note,
      Instant at,
      String who) {}

  public MixRoomView view() {
    RoomRow room = mapper.room();
    Map<String, Double> stock = stock(Kind.INGREDIENT);
    Map<String, Double> mixed = stock(Kind.MIX);
    Map<String, ItemRow> bought = bought();
    Map<String, List<MixLotView>> lots = new HashMap<>();
    mapper
        .lots(MOST_LOTS)
        .forEach(
            lot ->
                lots.computeIfAbsent(lot.code(), code -> new ArrayList<>())
                    .add(new MixLotView(lot.id(), lot.name(), lot.cameOn(), lot.litres())));
    MediumTable media = books.team().book().media();
    List<MixItemView> items = new ArrayList<>();
    media
        .ingredients()
        .forEach(
            one ->
                items.add(
                    item(
                        Kind.INGREDIENT,
                        one.code(),
                        one.label(),
                        stock.get(one.code()),
                        bought.get(one.code()),
                        lots.getOrDefault(one.code(), List.of()))));
    media
        .mixes()
        .forEach(
            one ->
                items.add(
                    item(
                        Kind.MIX,
                        one.code(),
                        one.label(),
                        mixed.get(one.code()),
                        null,
                        List.of())));
    return new MixRoomView(room.scoopLitres(), room.bucketLitres(), room.version(), items);
  }

  private static MixItemView item(
      Kind kind,
      String code,
      String label,
      @Nullable Double litres,
      @Nullable ItemRow bought,
      List<MixLotView> lots) {
    return new MixItemView(
        kind,
        code,
        label,
        litres,
        bought == null ? null : bought.bagLitres(),
        bought == null ? null : bought.bagCents(),
        bought == null ? "" : bought.supplier(),
        lots,
        bought == null ? 0 : bought.version());
  }

  /** Litres by code of what was ever counted. */
  Map<String, Double> stock(Kind kind) {
    return mapper.stock().stream()
        .filter(row -> row.kind() == kind)
        .collect(Collectors.toMap(StockRow::code, StockRow::litres));
  }

  Map<String, ItemRow> bought() {
    return mapper.items().stream().collect(Collectors.toMap(ItemRow::code, Function.identity()));
  }

  /** Newest first. */
  public List<MixMoveView> moves(Kind kind, String code) {
    known(kind, code);
    return mapper.moves(kind, code, MOST_MOVES).stream().map(MixRoom::view).toList();
  }

  private static MixMoveView view(PastRow row) {
    return new MixMoveView(
        row.litres(), row.why(), row.lot(), row.batch(), row.note(), row.at(), row.who());
  }

  @Transactional
  public MixRoomView measures(int version, MeasuresRequest request) {
    if (request.bucketLitres() < request.scoopLitres()) {
      throw InputException.of(
          "bucketLitres", "A bucket holds more than a scoop.", request.bucketLitres());
    }
    RoomRow before = mapper.locked();
    if (before.scoopLitres() == request.scoopLitres()
        && before.bucketLitres() == request.bucketLitres()) {
      return view();
    }
    if (mapper.measures(request.scoopLitres(), request.bucketLitres(), version) == 0) {
      List<StaleException.Change> changes = new ArrayList<>();
      StaleException.Change.compare(
          changes, "scoopLitres", request.scoopLitres(), before.scoopLitres());
      StaleException.Change.compare(
          changes, "bucketLitres", request.bucketLitres(), before.bucketLitres());
      throw new StaleException(before.version(), "Somebody", changes);
    }
    history.log(ENTITY, id("measures"), "Measures: " + request);
    return view();
  }

  @Transactional
  public MixRoomView buy(String code, int version, MixItemRequest request) {
    known(Kind.INGREDIENT, code);
    mapper.locked();
    ItemRow before = bought().get(code);
    boolean saved =
        Versions.save(
            version,
            before == null ? null : new Versions.Stored(before.version(), before.who()),
            () -> mapper.add(code, request, clock.now(), user.id()),
            () -> mapper.edit(code, version, request, clock.now(), user.id()) == 1,
            () -> differences(request, before));
    if (saved) {
      history.log(ENTITY, id(code), "Bought: " + request);
    }
    return view();
  }

  private static List<StaleException.Change> differences(
      MixItemRequest yours, @Nullable ItemRow theirs) {
    List<StaleException.Change> changes = new ArrayList<>();
    if (theirs != null) {
      StaleException.Change.compare(changes, "bagLitres", yours.bagLitres(), theirs.bagLitres());
      StaleException.Change.compare(changes, "bagCents", yours.bagCents(), theirs.bagCents());
      StaleException.Change.compare(changes, "supplier", yours.supplier(), theirs.supplier());
    }
    return changes;
  }

  /** Something came, was counted, or is spoilt. */
  @Transactional
  public MixRoomView move(MixMoveRequest request) {
    known(request.kind(), request.code());
    if (request.why() == Why.BATCH || request.why() == Why.JOB) {
      throw InputException.of(
          "why", "Batches and jobs move stock by themselves.", request.why().name());
    }
    if (request.why() == Why.RECEIVED && request.kind() == Kind.MIX) {
      throw InputException.of("why", "A mix comes of a batch. Make one, or count.", "RECEIVED");
    }
    if (request.why() != Why.COUNTED && request.litres() == 0) {
      throw InputException.of("litres", "Give more than 0 L.", 0);
    }
    if (!history.firstTime(request.id(), request)) {
      return view();
    }
    mapper.locked();
    double change =
        switch (request.why()) {
          case COUNTED ->
              request.litres() - stock(request.kind()).getOrDefault(request.code(), 0.0);
          case SPOILT -> -request.litres();
          default -> request.litres();
        };
    UUID lot = null;
    if (request.why() == Why.RECEIVED) {
      lot = request.id();
      mapper.addLot(
          lot,
          request.code(),
          request.lot().isBlank() ? clock.today().toString() : request.lot().trim(),
          clock.today());
    }
    write(
        List.of(
            new MoveRow(
                request.id(),
                request.kind(),
                request.code(),
                change,
                request.why(),
                lot,
                null,
                null,
                request.note().trim())));
    history.log(
        ENTITY,
        id(request.code()),
        request.why() + " " + request.code() + " " + request.litres() + " L");
    return view();
  }

  /** Cents of a litre by ingredient, of those of which bag and price are known. */
  Map<String, Double> centsPerLitre() {
    Map<String, Double> cents = new HashMap<>();
    for (ItemRow item : mapper.items()) {
      if (item.bagLitres() != null && item.bagCents() != null) {
        cents.put(item.code(), item.bagCents() / item.bagLitres());
      }
    }
    return cents;
  }

  /** Litres of a bag; empty where nobody said, or there is no such ingredient. */
  public OptionalDouble bagLitres(String ingredient) {
    ItemRow item = bought().get(ingredient);
    return item == null || item.bagLitres() == null
        ? OptionalDouble.empty()
        : OptionalDouble.of(item.bagLitres());
  }

  /** An ingredient in words; its code where it is gone from the book. */
  public String label(String ingredient) {
    return books
        .team()
        .book()
        .media()
        .ingredient(ingredient)
        .map(Ingredient::label)
        .orElse(ingredient);
  }

  void lock() {
    mapper.locked();
  }

  double scoopLitres() {
    return mapper.room().scoopLitres();
  }

  double bucketLitres() {
    return mapper.room().bucketLitres();
  }

  void write(List<MoveRow> moves) {
    if (!moves.isEmpty()) {
      mapper.move(moves, clock.now(), user.id());
    }
  }

  /** Moves that take an ingredient from its lots, the oldest first; what no lot has, from none. */
  List<MoveRow> take(Map<String, Double> litres, UUID batch) {
    List<LotRow> lots = mapper.lots(MOST_LOTS);
    List<MoveRow> moves = new ArrayList<>();
    litres.forEach(
        (code, wanted) -> {
          double open = wanted;
          for (LotRow lot :
              lots.stream()
                  .filter(one -> one.code().equals(code))
                  .sorted(Comparator.comparing(LotRow::cameOn))
                  .toList()) {
            double taken = Math.min(open, lot.litres());
            if (taken > NOTHING) {
              moves.add(used(code, taken, lot.id(), batch));
              open -= taken;
            }
          }
          if (open > NOTHING) {
            moves.add(used(code, open, null, batch));
          }
        });
    return moves;
  }

  private static MoveRow used(String code, double litres, @Nullable UUID lot, UUID batch) {
    return new MoveRow(
        UUID.randomUUID(), Kind.INGREDIENT, code, -litres, Why.BATCH, lot, batch, null, "");
  }

  private void known(Kind kind, String code) {
    MediumTable media = books.team().book().media();
    boolean there =
        kind == Kind.MIX ? media.mix(code).isPresent() : media.ingredient(code).isPresent();
    if (!there) {
      throw new NotFoundException(
          kind == Kind.MIX
              ? "There is no mix " + code + "."
              : "There is no ingredient " + code + ".");
    }
  }

  private static UUID id(String what) {
    return UUID.nameUUIDFromBytes((ENTITY + " " + what).getBytes(StandardCharsets.UTF_8));
  }
}
