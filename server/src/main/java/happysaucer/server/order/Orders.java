package happysaucer.server.order;

import happysaucer.core.unit.Wording;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.mix.MixRoom;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.supply.Supplies;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was ordered, pots, bags and packs: when it comes, and what came. */
@Service
public class Orders {
  private static final int MOST = 200;
  private static final int MOST_DAYS = 730;

  private final OrderMapper mapper;
  private final Shelf shelf;
  private final MixRoom room;
  private final Supplies supplies;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  Orders(
      OrderMapper mapper,
      Shelf shelf,
      MixRoom room,
      Supplies supplies,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.shelf = shelf;
    this.room = room;
    this.supplies = supplies;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /**
   * @param shelfPotId of pots; null for anything else
   * @param ingredient by its code, in bags; null for anything else
   * @param supply feed or sundries by kind and code, in packs; null for anything else
   * @param pot what it is, in words
   * @param received so many of them have come
   * @param endedOn it is whole, or no more of it comes
   * @param waiting jobs of the season that wait for it
   */
  public record OrderView(
      UUID id,
      @Nullable UUID shelfPotId,
      @Nullable String ingredient,
      @Nullable String supply,
      String pot,
      String supplier,
      int amount,
      int received,
      LocalDate orderedOn,
      LocalDate dueOn,
      @Nullable LocalDate endedOn,
      String note,
      int version,
      int waiting) {}

  /**
   * @param shelfPotId a pot of the shelf, or else
   * @param ingredient an ingredient, in bags, or else
   * @param supply feed or sundries by kind and code, in packs
   */
  public record OrderRequest(
      @Nullable UUID shelfPotId,
      @Nullable String ingredient,
      @Nullable
          @Pattern(
              regexp = "[A-Z]{1,20}/[A-Z_]{1,40}",
              message = "Kind and code, as in FEED/LIQUID.")
          String supply,
      @NotBlank(message = "Say from whom.") @Size(max = 120, message = "At most 120 letters.")
          String supplier,
      @NotNull(message = "Say how many.")
          @Min(value = 1, message = "1 to 10000.")
          @Max(value = 10000, message = "1 to 10000.")
          Integer amount,
      @NotNull(message = "Give the day of the order.") LocalDate orderedOn,
      @NotNull(message = "Give the day on which they come.") LocalDate dueOn,
      @NotNull(message = "Send a note, empty if there is none.")
          @Size(max = 400, message = "At most 400 letters.")
          String note) {
    @Nullable String supplyKind() {
      return supply == null ? null : supply.substring(0, supply.indexOf('/'));
    }

    @Nullable String supplyCode() {
      return supply == null ? null : supply.substring(supply.indexOf('/') + 1);
    }
  }

  /**
   * @param id made by the sender, so that the same delivery sent twice counts once
   * @param amount that came; 0 with last where no more of it comes
   * @param last nothing more of it comes
   * @param lot as it stands on the bags of an ingredient
   */
  public record DeliveryRequest(
      @NotNull(message = "Make an id for this delivery.") UUID id,
      @NotNull(message = "Say how many came.")
          @Min(value = 0, message = "0 to 10000.")
          @Max(value = 10000, message = "0 to 10000.")
          Integer amount,
      @NotNull(message = "Say whether more of it comes.") Boolean last,
      @Nullable @Size(max = 60, message = "At most 60 letters.") String lot) {}

  public List<OrderView> open() {
    return mapper.open(MOST).stream().map(this::named).toList();
  }

  /** What is no pot is said by its name. */
  private OrderView named(OrderView order) {
    return order.shelfPotId() != null
        ? order
        : new OrderView(
            order.id(),
            null,
            order.ingredient(),
            order.supply(),
            label(order),
            order.supplier(),
            order.amount(),
            order.received(),
            order.orderedOn(),
            order.dueOn(),
            order.endedOn(),
            order.note(),
            order.version(),
            order.waiting());
  }

  private String label(OrderView order) {
    return order.ingredient() != null
        ? room.label(order.ingredient())
        : Supplies.label(Objects.requireNonNull(order.supply()));
  }

  /** An order that is under way; empty when there is none, or it has ended. */
  public Optional<OrderView> of(UUID id) {
    return Optional.ofNullable(mapper.of(id))
        .filter(order -> order.endedOn() == null)
        .map(this::named);
  }

  @Transactional
  public void add(UUID id, OrderRequest request) {
    check(request);
    if (!history.firstTime(id, request)) {
      return;
    }
    if (mapper.openCount() >= MOST) {
      throw new ConflictException(MOST + " orders are open. Receive or end some first.");
    }
    mapper.add(id, request, clock.now(), user.id());
    history.log("pot_order", id, "Ordered: " + request.amount() + ", due " + request.dueOn());
  }

  /** What waits for it follows its day. */
  @Transactional
  public void edit(UUID id, int version, OrderRequest request) {
    check(request);
    OrderView before = locked(id);
    if (request.amount() <= before.received()) {
      throw InputException.of(
          "amount",
          before.received() + " have come already. Give more, or end the order.",
          request.amount());
    }
    if (mapper.edit(id, version, request, clock.now(), user.id()) == 0) {
      List<StaleException.Change> changes = changes(request, before);
      if (changes.isEmpty()) {
        // the same edit sent again over a bad line
        return;
      }
      throw new StaleException(before.version(), mapper.changedBy(id), changes);
    }
    history.log("pot_order", id, "Changed: due " + request.dueOn());
    if (!request.dueOn().equals(before.dueOn())) {
      events.publishEvent(
          new OrderMoved(
              id,
              request.dueOn(),
              false,
              what(before)
                  + " comes on "
                  + Wording.date(request.dueOn())
                  + ", not on "
                  + Wording.date(before.dueOn())
                  + ", from "
                  + request.supplier().trim()));
    }
  }

  private static List<StaleException.Change> changes(OrderRequest mine, OrderView theirs) {
    List<StaleException.Change> changes = new ArrayList<>();
    StaleException.Change.compare(changes, "shelfPotId", mine.shelfPotId(), theirs.shelfPotId());
    StaleException.Change.compare(changes, "ingredient", mine.ingredient(), theirs.ingredient());
    StaleException.Change.compare(changes, "supply", mine.supply(), theirs.supply());
    StaleException.Change.compare(changes, "supplier", mine.supplier(), theirs.supplier());
    StaleException.Change.compare(changes, "amount", mine.amount(), theirs.amount());
    StaleException.Change.compare(changes, "orderedOn", mine.orderedOn(), theirs.orderedOn());
    StaleException.Change.compare(changes, "dueOn", mine.dueOn(), theirs.dueOn());
    StaleException.Change.compare(changes, "note", mine.note(), theirs.note());
    return changes;
  }

  /** What came goes into its store; with the last of it the order ends. */
  @Transactional
  public void receive(UUID id, DeliveryRequest request) {
    if (!history.firstTime(request.id(), request)) {
      return;
    }
    OrderView order = locked(id);
    if (order.endedOn() != null) {
      throw new ConflictException("This order has ended. Count the shelf, or order anew.");
    }
    if (request.amount() == 0 && !request.last()) {
      throw InputException.of("amount", "Say how many came, or that no more comes.", 0);
    }
    if (request.amount() > 0) {
      arrive(order, request);
    }
    int received = order.received() + request.amount();
    boolean ended = request.last() || received >= order.amount();
    mapper.received(id, received, ended ? clock.today() : null, clock.now(), user.id());
    history.log("pot_order", id, request.amount() + " came" + (ended ? ", the last" : ""));
    if (ended) {
      boolean arrived = received > 0;
      events.publishEvent(
          new OrderMoved(
              id,
              null,
              arrived,
              arrived
                  ? what(order) + " has come from " + order.supplier()
                  : what(order) + " does not come from " + order.supplier()));
    }
  }

  private String what(OrderView order) {
    return order.shelfPotId() != null ? "Its pot" : "Its " + label(order).toLowerCase(Locale.ROOT);
  }

  /** Pots go on the shelf, bags into the mix room as a lot of their own, packs to the supplies. */
  private void arrive(OrderView order, DeliveryRequest request) {
    if (order.shelfPotId() != null) {
      shelf.move(
          order.shelfPotId(),
          new Shelf.MoveStockRequest(
              UUID.randomUUID(), request.amount(), "Delivered by " + order.supplier()));
      return;
    }
    if (order.supply() != null) {
      supplies.came(
          order.supply(), pack(order.supply()).orElseThrow(Orders::noPack) * request.amount());
      return;
    }
    room.move(
        new MixRoom.MixMoveRequest(
            UUID.randomUUID(),
            MixRoom.Kind.INGREDIENT,
            Objects.requireNonNull(order.ingredient()),
            MixRoom.Why.RECEIVED,
            room.bagLitres(Objects.requireNonNull(order.ingredient())).orElseThrow(Orders::noPack)
                * request.amount(),
            request.lot() == null ? "" : request.lot().trim(),
            "Delivered by " + order.supplier()));
  }

  /** Somebody has taken back what they had said of it. */
  private static ConflictException noPack() {
    return new ConflictException("Say first how much comes in a bag or pack of it.");
  }

  private Optional<Double> pack(String supply) {
    return supplies.of(supply).map(Supplies.SupplyView::pack);
  }

  private void check(OrderRequest request) {
    if (Stream.of(request.shelfPotId(), request.ingredient(), request.supply())
            .filter(Objects::nonNull)
            .count()
        != 1) {
      throw InputException.of(
          "shelfPotId", "Say which pot, which ingredient or which supply, one of them.", null);
    }
    if (request.supply() != null && pack(request.supply()).isEmpty()) {
      throw InputException.of(
          "supply", "Say first how much of it comes in a pack.", request.supply());
    }
    if (request.ingredient() != null && room.bagLitres(request.ingredient()).isEmpty()) {
      throw InputException.of(
          "ingredient",
          "Say first how large a bag of it is, in the mix room.",
          request.ingredient());
    }
    if (request.shelfPotId() != null && shelf.pot(request.shelfPotId()).isEmpty()) {
      throw InputException.of(
          "shelfPotId", "There is no such pot on the shelf.", request.shelfPotId());
    }
    if (request.dueOn().isBefore(request.orderedOn())) {
      throw InputException.of(
          "dueOn", "It comes before it was ordered. Give a later day.", request.dueOn());
    }
    if (request.dueOn().isAfter(clock.today().plusDays(MOST_DAYS))) {
      throw InputException.of("dueOn", "That is more than two years ahead.", request.dueOn());
    }
    if (request.orderedOn().isAfter(clock.today())) {
      throw InputException.of("orderedOn", "That day has not come yet.", request.orderedOn());
    }
  }

  private OrderView locked(UUID id) {
    OrderView order = mapper.lock(id) == null ? null : mapper.of(id);
    if (order == null) {
      throw new NotFoundException("There is no such order.");
    }
    return order;
  }
}
