package happysaucer.server.mix;

import happysaucer.server.exchange.Rows;
import happysaucer.server.history.Versions;
import happysaucer.server.mix.BatchAnswers.BatchJob;
import happysaucer.server.mix.BatchAnswers.BatchPlan;
import happysaucer.server.mix.BatchAnswers.BatchRequest;
import happysaucer.server.mix.BatchAnswers.BatchView;
import happysaucer.server.mix.BatchAnswers.Buying;
import happysaucer.server.mix.BatchAnswers.MadeBatch;
import happysaucer.server.mix.BatchAnswers.Wanted;
import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.mix.MixRoom.MixMoveView;
import happysaucer.server.mix.MixRoom.MixRoomView;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MixRoomController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
  private static final double CENTS = 100;

  private final MixRoom room;
  private final Batches batches;

  MixRoomController(MixRoom room, Batches batches) {
    this.room = room;
    this.batches = batches;
  }

  @GetMapping("/api/mix-room")
  MixRoomView view() {
    return room.view();
  }

  @PutMapping("/api/mix-room/measures")
  MixRoomView measures(
      @RequestHeader("If-Match") String version, @RequestBody MixRoom.MeasuresRequest request) {
    return room.measures(Versions.parse(version), request);
  }

  @PutMapping("/api/mix-room/items/{name}")
  MixRoomView buy(
      @PathVariable String name,
      @RequestHeader("If-Match") String version,
      @RequestBody MixRoom.MixItemRequest request) {
    return room.buy(name, Versions.parse(version), request);
  }

  @PostMapping("/api/mix-room/moves")
  MixRoomView move(@RequestBody MixRoom.MixMoveRequest request) {
    return room.move(request);
  }

  /** Newest first. */
  @GetMapping("/api/mix-room/moves")
  List<MixMoveView> moves(@RequestParam Kind kind, @RequestParam String code) {
    return room.moves(kind, code);
  }

  /** Newest first; of an ingredient's lot, those it went into. */
  @GetMapping("/api/batches")
  List<MadeBatch> made(@RequestParam(required = false) @Nullable UUID lot) {
    return lot == null ? batches.newest() : batches.ofLot(lot);
  }

  /** What is wanting for the jobs of some days. */
  @GetMapping("/api/batches/wanted")
  BatchPlan wanted(
      @RequestParam LocalDate from,
      @RequestParam LocalDate to,
      @RequestParam(required = false) @Nullable UUID crewId,
      @RequestParam(required = false) @Nullable List<UUID> jobs,
      @RequestParam(required = false) @Nullable Boolean reuse) {
    return batches.plan(Wanted.of(from, to, crewId, jobs, reuse));
  }

  /**
   * What to buy for it, or what each job gets of it.
   *
   * @param load what is carried to the jobs, rather than what is bought
   */
  @GetMapping(value = "/api/batches/wanted.csv", produces = "text/csv")
  ResponseEntity<String> csv(
      @RequestParam LocalDate from,
      @RequestParam LocalDate to,
      @RequestParam(required = false) @Nullable UUID crewId,
      @RequestParam(required = false) @Nullable List<UUID> jobs,
      @RequestParam(required = false) @Nullable Boolean reuse,
      @RequestParam(required = false) @Nullable Boolean load) {
    BatchPlan plan = batches.plan(Wanted.of(from, to, crewId, jobs, reuse));
    boolean carried = Boolean.TRUE.equals(load);
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename((carried ? "load-" : "buy-") + from + ".csv")
                .build()
                .toString())
        .body(
            carried
                ? Rows.write(
                    List.of("day", "site", "plant", "kind", "mix", "litres"),
                    plan.jobs().stream().map(MixRoomController::row).toList())
                : Rows.write(
                    List.of(
                        "ingredient",
                        "litres",
                        "stock",
                        "short",
                        "bagLitres",
                        "bags",
                        "cost",
                        "currency",
                        "supplier"),
                    plan.ingredients().stream().map(one -> row(one, plan.currency())).toList()));
  }

  private static List<Object> row(BatchJob job) {
    return List.of(
        job.plannedOn(),
        job.siteName(),
        job.label(),
        job.commonName(),
        job.mixLabel(),
        rounded(job.litres()));
  }

  private static List<Object> row(Buying one, String currency) {
    return List.of(
        one.label(),
        rounded(one.litres()),
        one.stockLitres() == null ? "" : rounded(one.stockLitres()),
        rounded(one.shortLitres()),
        one.bagLitres() == null ? "" : one.bagLitres(),
        one.bags() == null ? "" : one.bags(),
        one.bagsCents() == null ? "" : one.bagsCents() / CENTS,
        currency,
        one.supplier());
  }

  private static double rounded(double litres) {
    return Math.round(litres * CENTS) / CENTS;
  }

  @PutMapping("/api/batches/{id}")
  BatchView make(@PathVariable UUID id, @RequestBody BatchRequest request) {
    return batches.make(id, request);
  }

  /** What went in, and who got of it. */
  @GetMapping("/api/batches/{id}")
  BatchView of(@PathVariable UUID id) {
    return batches.of(id);
  }
}
