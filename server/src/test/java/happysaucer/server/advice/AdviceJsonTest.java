package happysaucer.server.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Sentences;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.server.RunningServer;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.ObjectMapper;

@ExtendWith(RunningServer.class)
class AdviceJsonTest {
  private final AdviceJson json;
  private final Books books;

  AdviceJsonTest(AdviceJson json, Books books) {
    this.json = json;
    this.books = books;
  }

  private AdviceRequest crowded(String species, double potMm, String sign, String units) {
    return new AdviceRequest(
        LocalDate.of(2027, 4, 12),
        null,
        null,
        new AdviceRequest.Plant(
            species,
            null,
            null,
            null,
            null,
            null,
            null,
            LocalDate.of(2024, 4, 1),
            null,
            null,
            null,
            null),
        new AdviceRequest.Pot(
            null, null, null, potMm, null, null, null, null, null, null, null, 6, true, null, null),
        null,
        List.of(
            new AdviceRequest.Sign("ROOTS_CIRCLING", null, "SEVERE", null),
            new AdviceRequest.Sign(
                sign, null, sign.equals("ROOTS_FROM_DRAIN_HOLES") ? "CLEAR" : null, null)),
        new AdviceRequest.Watering(5.0, 0.4, 0.0, null),
        null,
        null,
        units,
        null,
        null,
        null,
        null,
        null);
  }

  /** Kept once, by somebody who reads centimetres, and read by somebody who reads inches. */
  @ParameterizedTest
  @ValueSource(strings = {"ROOTS_FROM_DRAIN_HOLES", "SALT_CRUST", "ROOTS_ROTTEN"})
  void whatIsKeptReadsAsIfItHadBeenGivenInTheReadersUnits(String sign) {
    books
        .shipped()
        .book()
        .species()
        .all()
        .forEach(
            species -> {
              Advice metric = books.shipped().advise(crowded(species.name(), 184, sign, "METRIC"));
              Advice imperial =
                  books.shipped().advise(crowded(species.name(), 184, sign, "IMPERIAL"));
              String kept = json.written(metric);
              assertThat(json.advice(kept, Units.METRIC)).as(species.name()).isEqualTo(metric);
              assertThat(json.advice(kept, Units.IMPERIAL)).as(species.name()).isEqualTo(imperial);
            });
  }

  @Test
  void noSentenceIsKeptInAnybodysUnits() {
    String kept =
        json.written(
            books.shipped().advise(crowded("Ficus elastica", 184, "SALT_CRUST", "METRIC")));
    assertThat(kept).contains("\"mm\":", "\"call.crowded");
    assertThat(kept).doesNotContain(" cm ", " mm ", "\"say\"", "Its roots");
  }

  @Test
  void aMessageThatBroughtItsSentenceAlongIsTheOneOfItsKey() {
    String kept = "{\"key\":\"feed.slow\",\"say\":\"" + Sentences.of("feed.slow") + "\"}";

    assertThat(MessageJson.message(new ObjectMapper().readTree(kept)))
        .isEqualTo(Message.of("feed.slow"));
  }

  @Test
  void aSentenceThatIsSaidOtherwiseNowKeepsItsWords() {
    Message read =
        MessageJson.message(
            new ObjectMapper()
                .readTree(
                    """
                    {"key":"step.pot","say":"Scrub the same pot, {} wide, by {}.",
                     "values":[{"mm":190},{"date":"2027-03-09"}]}
                    """));

    assertThat(new Wording(Units.METRIC).text(read))
        .isEqualTo("Scrub the same pot, 19 cm wide, by 9 March 2027.");
    assertThat(new Wording(Units.IMPERIAL).text(read))
        .isEqualTo("Scrub the same pot, 7.5 in wide, by 9 March 2027.");
  }

  @Test
  void valuesThatDoNotFillTheirSentenceAreRefused() {
    assertThatThrownBy(
            () ->
                MessageJson.message(
                    new ObjectMapper().readTree("{\"key\":\"order.buy\",\"values\":[2]}")))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("order.buy");
  }

  @Test
  void aCaseIsKeptWithItsMethodAndPots() {
    AdviceRequest asked = crowded("Ficus elastica", 184, "SALT_CRUST", "METRIC");
    assertThat(json.asked(json.written(asked))).isEqualTo(asked);
  }

  @Test
  void wordsOfBeforeAreReadInEachUnit() {
    Message written = Message.written("Leave 15 mm.", "Leave 0.5 in.");
    Message read =
        MessageJson.message(new ObjectMapper().readTree(MessageJson.of(written).toString()));
    assertThat(read).isEqualTo(written);
    assertThat(new Wording(Units.METRIC).text(read)).isEqualTo("Leave 15 mm.");
    assertThat(new Wording(Units.IMPERIAL).text(read)).isEqualTo("Leave 0.5 in.");
  }

  @Test
  void whatIsNoMessageOrCannotBeKeptIsRefused() {
    assertThatThrownBy(() -> MessageJson.message(new ObjectMapper().readTree("{\"mm\":3}")))
        .hasMessageContaining("Not a message");
    assertThatThrownBy(() -> MessageJson.of(Message.of("x", List.of())))
        .hasMessageContaining("no way to keep");
  }
}
