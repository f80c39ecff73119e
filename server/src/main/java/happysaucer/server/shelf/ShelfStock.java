package happysaucer.server.shelf;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.server.advice.Stock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The shelf, as the rules ask for it. */
@Component
class ShelfStock implements Stock {
  private final Shelf shelf;

  ShelfStock(Shelf shelf) {
    this.shelf = shelf;
  }

  @Override
  public Optional<List<AdviceRequest.Pot>> free() {
    List<ShelfPot> pots = shelf.pots();
    return pots.isEmpty()
        ? Optional.empty()
        : Optional.of(
            pots.stream().filter(pot -> pot.free() > 0).map(ShelfPot::candidate).toList());
  }

  @Override
  public List<AdviceRequest.Pot> taken() {
    return shelf.pots().stream()
        .filter(pot -> pot.free() == 0 && pot.inStock() > 0)
        .map(ShelfPot::candidate)
        .toList();
  }

  @Override
  public Optional<AdviceRequest.Pot> pot(String id) {
    return Shelf.id(id).flatMap(shelf::pot).map(ShelfPot::candidate);
  }
}
