package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Mixes as they stand in a pot, and for a kind. */
@ExtendWith(RunningServer.class)
class MixesTest {
  private final Http http;

  MixesTest(Http http) {
    this.http = http.as("counter");
  }

  private JsonNode mix(String query, String code) {
    for (JsonNode each : http.get("/api/mixes?" + query).json().get("mixes")) {
      if (each.get("code").asString().equals(code)) {
        return each;
      }
    }
    throw new AssertionError("no " + code);
  }

  @Test
  void aBowlIsWetterThanATallPotAndALayerOfGritMakesItNoDrier() {
    for (String code : new String[] {"foliage", "succulent", "moisture", "orchid-bark"}) {
      double bowl = mix("topMm=200&heightMm=80", code).get("airFilled").asDouble();
      double tall = mix("topMm=200&heightMm=260", code).get("airFilled").asDouble();
      double layered = mix("topMm=200&heightMm=260&coarseMm=60", code).get("airFilled").asDouble();
      assertThat(bowl).as(code).isLessThan(tall);
      assertThat(layered).as(code).isLessThan(tall);
    }
  }

  @Test
  void forAKindItsBestComesFirstAndTheOthersSayWhyNot() {
    JsonNode view = http.get("/api/mixes?topMm=150&species=Phalaenopsis").json();
    JsonNode first = view.get("mixes").get(0);
    assertThat(first.get("choice").asString()).isEqualTo("BEST");
    assertThat(view.get("mixes").findValuesAsString("fit")).contains("SUITS", "TOO_WET");
    for (JsonNode mix : view.get("mixes")) {
      boolean suits =
          mix.get("airFilled").asDouble() >= view.get("airFrom").asDouble()
              && mix.get("airFilled").asDouble() <= view.get("airTo").asDouble();
      assertThat(mix.get("fit").asString().equals("SUITS")).as(mix.toString()).isEqualTo(suits);
    }
  }

  @Test
  void theUsualPotOfAWidthIsTaken() {
    JsonNode view = http.get("/api/mixes?topMm=170").json();
    assertThat(view.get("heightMm").asDouble()).isCloseTo(156.4, within(0.1));
    assertThat(view.get("litres").asDouble()).isBetween(2.0, 3.2);
    assertThat(view.get("mixes").get(0).get("fit").isNull()).isTrue();
    assertThat(view.get("ingredients").size()).isGreaterThanOrEqualTo(17);
  }

  @Test
  void potsThatCannotBeAreNamed() {
    assertThat(http.get("/api/mixes?topMm=3").body()).contains("topMm", "between 50 and 1200 mm");
    assertThat(http.get("/api/mixes?topMm=170&coarseMm=150").body()).contains("coarseMm");
    assertThat(http.get("/api/mixes?topMm=170&species=Unheardofia").body()).contains("species");
    assertThat(http.get("/api/mixes?topMm=NaN").status()).isEqualTo(400);
  }
}
