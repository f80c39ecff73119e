package happysaucer.server.order;

import happysaucer.server.exchange.Rows;
import happysaucer.server.history.Versions;
import happysaucer.server.order.Needed.NeededLine;
import happysaucer.server.order.Needed.NeededView;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OrderController {
  private static final double HUNDREDTHS = 100;
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final Orders orders;
  private final Needed needed;

  OrderController(Orders orders, Needed needed) {
    this.orders = orders;
    this.needed = needed;
  }

  /** What the jobs of the next weeks need, what is wanting first. */
  @GetMapping("/api/orders/needed")
  NeededView needed(@RequestParam int weeks) {
    return needed.of(weeks);
  }

  @GetMapping(value = "/api/orders/needed.csv", produces = "text/csv")
  ResponseEntity<String> neededAsCsv(@RequestParam int weeks) {
    List<List<Object>> rows = needed.of(weeks).lines().stream().map(OrderController::row).toList();
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("needed.csv").build().toString())
        .body(
            Rows.write(
                List.of(
                    "kind",
                    "what",
                    "amount",
                    "unit",
                    "firstOn",
                    "stock",
                    "onItsWay",
                    "wanting",
                    "bags",
                    "supplier"),
                rows));
  }

  private static List<Object> row(NeededLine line) {
    return List.of(
        line.kind(),
        line.label(),
        rounded(line.amount()),
        line.unit(),
        line.firstOn(),
        line.stock() == null ? "" : rounded(line.stock()),
        rounded(line.onItsWay()),
        rounded(line.wanting()),
        line.bags() == null ? "" : line.bags(),
        line.supplier());
  }

  private static double rounded(double amount) {
    return Math.round(amount * HUNDREDTHS) / HUNDREDTHS;
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
