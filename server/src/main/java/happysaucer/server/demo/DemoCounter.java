package happysaucer.server.demo;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.pot.Material;
import happysaucer.core.species.Light;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.counter.Counter;
import happysaucer.server.counter.InHand;
import happysaucer.server.counter.WalkInStatus;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Three customers of the last days: one has left a plant, one's is ready, one only asked. */
@Component
class DemoCounter {
  private static final LocalTime AFTERNOON = LocalTime.of(15, 20);

  private final Counter counter;
  private final TeamClock clock;

  DemoCounter(Counter counter, TeamClock clock) {
    this.counter = counter;
    this.clock = clock;
  }

  void write(LocalDate today) {
    clock.at(
        today.minusDays(1).atTime(AFTERNOON),
        () -> {
          came(
              "Isa Brandt",
              look("Zamioculcas zamiifolia", 170, Light.MEDIUM, graded("POT_DEFORMED")));
          UUID ready =
              came(
                  "Moss & Co.",
                  look("Monstera deliciosa", 210, Light.BRIGHT_INDIRECT, plain("TOPPLES")));
          counter.left(
              ready,
              new Counter.LeftRequest(
                  today, "Tie it up; a stake if it needs one.", null, null, true));
          counter.status(
              ready, counter.of(ready).version(), new Counter.StatusRequest(WalkInStatus.READY));
          UUID left =
              came(
                  "Ansel Rook",
                  look(
                      "Dracaena fragrans",
                      190,
                      Light.MEDIUM,
                      graded("ROOTS_FROM_DRAIN_HOLES"),
                      plain("WILTS_SOON_AFTER_WATERING")));
          counter.left(
              left,
              new Counter.LeftRequest(today.plusDays(3), "Call before noon.", null, null, true));
        });
  }

  private UUID came(String customer, InHand.LookRequest look) {
    UUID id = UUID.nameUUIDFromBytes(customer.getBytes(StandardCharsets.UTF_8));
    counter.keep(id, new Counter.WalkInRequest(customer, "", look));
    return id;
  }

  private static InHand.LookRequest look(
      String species, double potMm, Light light, AdviceRequest.Sign... signs) {
    return new InHand.LookRequest(
        species,
        null,
        null,
        potMm,
        Material.PLASTIC,
        null,
        null,
        null,
        light,
        List.of(signs),
        null,
        null);
  }

  private static AdviceRequest.Sign plain(String code) {
    return new AdviceRequest.Sign(code, "PRESENT", null, null);
  }

  private static AdviceRequest.Sign graded(String code) {
    return new AdviceRequest.Sign(code, "PRESENT", "CLEAR", null);
  }
}
