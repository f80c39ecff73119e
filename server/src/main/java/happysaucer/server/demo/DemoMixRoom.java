package happysaucer.server.demo;

import happysaucer.core.book.CsvTable;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.mix.BatchAnswers;
import happysaucer.server.mix.Batches;
import happysaucer.server.mix.BucketTests;
import happysaucer.server.mix.MixBook;
import happysaucer.server.mix.MixRoom;
import happysaucer.server.supply.Supplies;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Bags with their prices, a batch for the next days, two bucket tests, mesh and feed counted. */
@Component
class DemoMixRoom {
  private static final LocalTime MORNING = LocalTime.of(8, 40);

  private final MixRoom room;
  private final Batches batches;
  private final MixBook book;
  private final Supplies supplies;
  private final TeamClock clock;

  DemoMixRoom(MixRoom room, Batches batches, MixBook book, Supplies supplies, TeamClock clock) {
    this.room = room;
    this.batches = batches;
    this.book = book;
    this.supplies = supplies;
    this.clock = clock;
  }

  /**
   * @param csv ingredients as they were bought
   */
  void write(LocalDate today, String csv) {
    for (Map<String, String> row : CsvTable.rows("demo-ingredients", csv)) {
      bought(row, today);
    }
    clock.at(today.minusDays(40).atTime(MORNING), this::measured);
    clock.at(today.minusDays(1).atTime(MORNING), () -> mixed(today));
    counted("TOOL", "MESH", 12, 50, "Quay Potters");
    counted("FEED", "SLOW_RELEASE", 150, 1000, "Ostrel Growers' Yard");
  }

  private void counted(String kind, String code, double stock, double pack, String supplier) {
    // in some seasons no job needs it
    if (supplies.needed(kind, code)) {
      supplies.save(kind, code, 0, new Supplies.SupplyRequest(stock, pack, supplier));
    }
  }

  private void bought(Map<String, String> row, LocalDate today) {
    String code = Objects.requireNonNull(row.get("code"));
    double bag = Double.parseDouble(Objects.requireNonNull(row.get("bagLitres")));
    room.buy(
        code,
        0,
        new MixRoom.MixItemRequest(
            bag,
            Integer.parseInt(Objects.requireNonNull(row.get("bagCents"))),
            Objects.requireNonNull(row.get("supplier"))));
    int bags = Integer.parseInt(Objects.requireNonNull(row.get("bags")));
    if (bags > 0) {
      int ago = Integer.parseInt(Objects.requireNonNull(row.get("cameDaysAgo")));
      clock.at(
          today.minusDays(ago).atTime(MORNING),
          () ->
              room.move(
                  new MixRoom.MixMoveRequest(
                      id("came " + code),
                      MixRoom.Kind.INGREDIENT,
                      code,
                      MixRoom.Why.RECEIVED,
                      bag * bags,
                      Objects.requireNonNull(row.get("lot")),
                      "")));
    }
  }

  private void measured() {
    book.test("citrus", id("bucket 1"), reading(2012, 3640, 0.82, ""));
    book.test("citrus", id("bucket 2"), reading(2030, 3580, 0.88, "Second filling."));
  }

  private static BucketTests.BucketTestRequest reading(
      double dryG, double wetG, double drainedLitres, String note) {
    return new BucketTests.BucketTestRequest(
        180.0, 140.0, 180.0, dryG, wetG, drainedLitres, 60, note);
  }

  private void mixed(LocalDate today) {
    LocalDate to = today.plusDays(2);
    List<UUID> jobs =
        batches.plan(new BatchAnswers.Wanted(today, to, null, null, false)).jobs().stream()
            .map(BatchAnswers.BatchJob::jobId)
            .distinct()
            .toList();
    if (!jobs.isEmpty()) {
      batches.make(
          id("batch"),
          new BatchAnswers.BatchRequest(
              today, to, null, jobs, false, true, "Coir of the new bale, well soaked."));
    }
  }

  private static UUID id(String what) {
    return UUID.nameUUIDFromBytes(("mix room " + what).getBytes(StandardCharsets.UTF_8));
  }
}
