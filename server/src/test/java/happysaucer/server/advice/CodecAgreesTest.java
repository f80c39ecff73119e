package happysaucer.server.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.codec.AdviceCodec;
import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.sign.Sign;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Species;
import happysaucer.server.RunningServer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.json.JsonMapper;

/** The codec without reflection reads and writes what the server does, on drawn cases. */
@ExtendWith(RunningServer.class)
class CodecAgreesTest {
  private static final int CASES = 400;
  private final JsonMapper json;
  private final Books books;
  private final Random random = new Random(27);

  CodecAgreesTest(JsonMapper json, Books books) {
    this.json = json;
    this.books = books;
  }

  private AdviceRequest drawn() {
    List<Species> all = books.shipped().book().species().all();
    Species species = all.get(random.nextInt(all.size()));
    double potMm = 90 + random.nextInt(400);
    List<AdviceRequest.Sign> signs = new ArrayList<>();
    for (SignCode code : SignCode.values()) {
      Sign sign = books.shipped().book().signs().get(code);
      if (random.nextInt(8) == 0 && !sign.measure().takesGrade()) {
        Double value =
            sign.measure().takesValue()
                ? sign.measure().least()
                    + random.nextDouble() * (sign.measure().most() - sign.measure().least()) / 4
                : null;
        signs.add(new AdviceRequest.Sign(code.name(), null, null, value));
      }
    }
    return new AdviceRequest(
        LocalDate.of(2027, 1 + random.nextInt(12), 10),
        new AdviceRequest.Site(random.nextDouble() * 100 - 50, false, "PUBLIC"),
        null,
        new AdviceRequest.Plant(
            species.name(),
            null,
            random.nextBoolean() ? 200 + random.nextDouble() * 2000 : null,
            null,
            null,
            null,
            random.nextBoolean() ? "KEEP" : null,
            LocalDate.of(2025, 4, 1),
            List.of(new AdviceRequest.State("ARRIVED", 40)),
            null,
            random.nextBoolean(),
            null),
        new AdviceRequest.Pot(
            null, null, null, potMm, null, null, null, null, null, null, null, 6, null, null, null),
        null,
        signs,
        random.nextBoolean() ? new AdviceRequest.Watering(6.0, 0.3, 0.0, null) : null,
        null,
        AdviceRequest.MethodChoice.of(
            java.util.Map.of("topDressing", random.nextBoolean() ? "MINERAL" : "NONE")),
        random.nextBoolean() ? "METRIC" : "IMPERIAL",
        new AdviceRequest.History(
            List.of(),
            List.of(new AdviceRequest.Measured(LocalDate.of(2026, 9, 1), "HEIGHT", 400.0))),
        new AdviceRequest.Argument(
            List.of(new AdviceRequest.SetAside("TOPPLES", "a \"draught\"\n\\ door", "Jorun Pell")),
            null),
        null,
        null,
        null);
  }

  @Test
  void requestsAreReadAndAnswersWrittenAlike() {
    int plans = 0;
    for (int i = 0; i < CASES; i++) {
      AdviceRequest request = drawn();
      String written = json.writeValueAsString(request);
      assertThat(AdviceCodec.request(written)).isEqualTo(request);
      Advice advice = books.shipped().advise(request);
      plans += advice.repot() == null ? 0 : 1;
      assertThat(json.readTree(AdviceCodec.answer(advice)))
          .as(written)
          .isEqualTo(json.readTree(json.writeValueAsString(advice)));
    }
    assertThat(plans).as("answers of both kinds").isBetween(CASES / 10, CASES * 9 / 10);
  }
}
