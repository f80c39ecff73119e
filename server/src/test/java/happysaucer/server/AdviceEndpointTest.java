package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class AdviceEndpointTest {
  private final Http http;
  private final String example;

  AdviceEndpointTest(Http http) throws IOException {
    this.http = http.as("counter");
    this.example =
        new String(
            getClass().getResourceAsStream("/advice-example.json").readAllBytes(),
            StandardCharsets.UTF_8);
  }

  private static List<String> fields(Http.Answer answer) {
    List<String> fields = new ArrayList<>();
    answer.json().get("errors").forEach(error -> fields.add(error.get("field").asString()));
    return fields;
  }

  @Test
  void theExampleIsAnswered() {
    Http.Answer answer = http.post("/api/advice", example);

    assertThat(answer.status()).isEqualTo(200);
    JsonNode advice = answer.json();
    assertThat(advice.get("call").get("action").asString()).isEqualTo("POT_UP");
    assertThat(advice.get("call").get("from").asString()).isEqualTo("2027-03-10");
    assertThat(advice.get("repot").get("candidates").get(0).get("stepMm").asDouble()).isEqualTo(45);
    assertThat(advice.get("call").get("recheck").isNull()).isTrue();
    for (String key :
        List.of(
            "bookVersion",
            "findings",
            "lookNext",
            "forecast",
            "water",
            "aftercare",
            "cautions",
            "assumed")) {
      assertThat(advice.has(key)).as(key).isTrue();
    }
  }

  /** Each kind of damage: what to replace in the example, by what, and the field to be named. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"units\": \"METRIC\" | \"units\": \"METRIC\", \"colour\": \"red\" | colour",
        "ROOTS_FROM_DRAIN_HOLES | ROOTS_EVERYWHERE | signs[0].code",
        "\"topMm\": 230 | \"topMm\": \"230\" | pot.topMm",
        "\"heightMm\": 220 | \"heightMm\": 220, \"heightMm\": 210 | pot.heightMm",
        "2027-03-10 | 2027-02-30 | date",
        "\"massG\": 450 | \"massG\": -450 | pot.massG",
        "\"latitude\": 44.0 | \"latitude\": 144.0 | site.latitude",
        "\"value\": 95 | \"value\": 95000 | signs[1].value",
        "\"state\": \"ABSENT\" | \"state\": \"ABSENT\", \"grade\": \"CLEAR\" | signs[2].grade",
        "\"code\": \"WATER_POOLS\" | \"code\": \"MEDIUM_FALLS_AWAY\" | signs[2].code",
        "\"baseMm\": 175 | \"baseMm\": 320 | pot.baseMm",
        "{\"topMm\": 215 | {\"topMm\": 300 | ball.topMm",
        "Schefflera arboricola | Sheflera arboricolla | plant.species",
        "\"drainHoles\": 6, \"inCoverPot\" | \"drainHoles\": 1.5, \"inCoverPot\" | pot.drainHoles"
      })
  void eachKindOfDamageIsRefusedAtItsField(String good, String bad, String field) {
    assertThat(example).contains(good);
    Http.Answer answer =
        http.post(
            "/api/advice",
            example.replaceFirst(
                java.util.regex.Pattern.quote(good),
                java.util.regex.Matcher.quoteReplacement(bad)));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
    assertThat(fields(answer)).contains(field);
    answer.json().get("errors").forEach(e -> assertThat(e.get("message").asString()).isNotBlank());
  }

  @Test
  void allFaultsComeInOneAnswerWhateverTheirKind() {
    String damaged =
        example
            .replace("\"units\": \"METRIC\"", "\"units\": \"METRIC\", \"colour\": 1")
            .replace("2027-03-10", "2027-13-10")
            .replace("\"massG\": 450", "\"massG\": \"450\"")
            .replace("44.0", "-91")
            .replace("\"light\": \"BRIGHT_INDIRECT\"", "\"light\": \"DISCO\"")
            .replace("\"fed\": true", "\"fed\": true, \"fed\": false")
            .replace("\"mix\": \"foliage\"", "\"mix\": \"mud\"")
            .replace("Schefflera arboricola", "Nothing known")
            .replace("\"value\": 95", "\"value\": -1")
            .replace("SMALL_STEP", "HUGE_STEP");

    Http.Answer answer = http.post("/api/advice", damaged);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(fields(answer))
        .contains(
            "colour",
            "date",
            "pot.massG",
            "site.latitude",
            "spot.light",
            "plant.fed",
            "plant.mix",
            "plant.species",
            "signs[1].value",
            "method.potStep")
        .doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"{\"date\": | JSON", "[] | object", "'' | JSON", "nul | JSON", "7 | object"})
  void whatIsNoObjectIsRefusedInWords(String body, String word) {
    Http.Answer answer = http.post("/api/advice", body);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("errors").get(0).get("message").asString()).contains(word);
  }

  @Test
  void anUnknownAddressIsAProblemDocumentToo() {
    Http.Answer answer = http.get("/api/nowhere");
    assertThat(answer.status()).isEqualTo(404);
    assertThat(answer.json().get("type").asString()).isEqualTo("urn:happy-saucer:not-found");
  }
}
