package happysaucer.server.order;

import happysaucer.server.history.Versions;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OrderController {
  private final Orders orders;

  OrderController(Orders orders) {
    this.orders = orders;
  }

  @GetMapping("/api/orders")
  List<Orders.OrderView> open() {
    return orders.open();
  }

  /** Without a version a new order, with one an edit. */
  @PutMapping("/api/orders/{id}")
  @Transactional
  public List<Orders.OrderView> put(
      @PathVariable UUID id,
      @RequestHeader(value = "If-Match", required = false) @Nullable String version,
      @RequestBody Orders.OrderRequest request) {
    if (version == null) {
      orders.add(id, request);
    } else {
      orders.edit(id, Versions.parse(version), request);
    }
    return orders.open();
  }

  @PostMapping("/api/orders/{id}/deliveries")
  @Transactional
  public List<Orders.OrderView> receive(
      @PathVariable UUID id, @RequestBody Orders.DeliveryRequest request) {
    orders.receive(id, request);
    return orders.open();
  }
}
