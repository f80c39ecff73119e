package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * What the water of five plants of the demo team tells: each what a grower would say of its kind.
 */
@ExtendWith(RunningServer.class)
class StoriesTest {
  private static final String CROWDED_FIG = "T-001";
  private static final String ROTTING_LILY = "T-003";
  private static final String JADE = "T-007";
  private static final String PALM = "T-018";
  private static final String FERN = "T-059";

  private final Http technician;

  StoriesTest(Http http) {
    technician = http.as("technician");
  }

  private JsonNode advice(String label) {
    return technician.get("/api/plants/" + technician.plantId(label)).json().get("advice");
  }

  private JsonNode drawn(String label) {
    return technician.get("/api/plants/" + technician.plantId(label) + "/dry-down").json();
  }

  private static double of(JsonNode node, String... path) {
    JsonNode at = node;
    for (String step : path) {
      at = at.get(step);
    }
    return at.asDouble();
  }

  /** Days between its last waterings, the oldest first. */
  private static List<Double> days(JsonNode drawn) {
    List<Double> days = new ArrayList<>();
    drawn.get("seen").forEach(seen -> days.add(of(seen, "days")));
    return days;
  }

  private static JsonNode best(JsonNode drawn) {
    for (JsonNode width : drawn.get("widths")) {
      if (width.get("best").asBoolean()) {
        return width;
      }
    }
    throw new AssertionError("no width is the best");
  }

  private static JsonNode widest(JsonNode drawn) {
    JsonNode widths = drawn.get("widths");
    return widths.get(widths.size() - 1);
  }

  @Test
  void aFigThatFillsItsPotDrinksItEmptyEverSoonerAndRestsLongerInAWiderOne() {
    JsonNode drawn = drawn(CROWDED_FIG);
    List<Double> days = days(drawn);
    assertThat(days.get(days.size() - 1)).as("every watering comes sooner").isLessThan(days.get(0));
    assertThat(of(drawn, "now", "daysToRefill"))
        .as("the estimate says what its last waterings say")
        .isCloseTo(days.get(days.size() - 1), withinPercentage(20));
    JsonNode best = best(drawn);
    assertThat(of(best, "first", "daysToRefill")).isGreaterThan(of(drawn, "now", "daysToRefill"));
    assertThat(of(best, "settled", "daysToRefill"))
        .isGreaterThan(of(best, "first", "daysToRefill"));
    assertThat(of(widest(drawn), "first", "daysRingWet"))
        .as("far too wide, its fresh medium stays wet for weeks")
        .isGreaterThan(2 * of(drawn, "ringWetStands"));
    assertThat(of(widest(drawn), "ballShare")).isLessThan(of(best, "ballShare") / 3);
  }

  @Test
  void aLilyThatRotsIsHelpedBySmallDrinks() {
    JsonNode advice = advice(ROTTING_LILY);
    assertThat(advice.get("call").get("action").asString()).isEqualTo("ROT_RESCUE");
    JsonNode water = advice.get("water");
    assertThat(of(water, "after", "litres")).isLessThan(0.7 * of(water, "before", "litres"));
    assertThat(of(water, "after", "daysToRefill")).isLessThan(of(water, "before", "daysToRefill"));
    assertThat(of(water, "after", "daysRingWet"))
        .as("round a ball that was cut nothing stays wet for longer than it stands")
        .isLessThan(of(drawn(ROTTING_LILY), "ringWetStands"));
  }

  @Test
  void aJadePlantDriesNearlyOutInAGrittyMixAndClayForgivesAWidePot() {
    JsonNode drawn = drawn(JADE);
    assertThat(of(drawn, "refillLeft"))
        .as("it is watered when nearly dry")
        .isLessThan(of(drawn(FERN), "refillLeft") / 2);
    assertThat(of(drawn, "now", "daysToRefill"))
        .isGreaterThan(1.5 * of(drawn(CROWDED_FIG), "now", "daysToRefill"));
    JsonNode advised = advice(JADE).get("water").get("after");
    assertThat(of(advised, "daysRingWet")).isLessThan(of(drawn, "ringWetStands"));
    assertThat(widest(drawn).get("material").asString()).isEqualTo("TERRACOTTA");
    assertThat(of(widest(drawn), "first", "daysRingWet"))
        .as("the wall dries what the roots do not reach")
        .isLessThan(of(drawn, "ringWetStands"));
    assertThat(of(widest(drawn), "settled", "daysToRefill"))
        .isGreaterThan(1.5 * of(drawn, "now", "daysToRefill"));
  }

  @Test
  void aPalmInAWiderPotIsGivenMoreAndLaterButNotAtOnceAsLateAsOnceItHasRootedThrough() {
    JsonNode water = advice(PALM).get("water");
    double before = of(water, "before", "daysToRefill");
    assertThat(of(water, "after", "litres")).isGreaterThan(1.2 * of(water, "before", "litres"));
    assertThat(of(water, "after", "daysToRefill")).isBetween(before, before * 1.31);
    assertThat(of(water, "settled", "daysToRefill"))
        .isGreaterThan(of(water, "after", "daysToRefill"));
  }

  @Test
  void aFernWhoseMediumIsRenewedInItsPotAsksSoonerAtFirstAndThenAsBefore() {
    JsonNode advice = advice(FERN);
    assertThat(advice.get("call").get("action").asString()).isEqualTo("REFRESH");
    JsonNode water = advice.get("water");
    double before = of(water, "before", "daysToRefill");
    assertThat(of(water, "after", "daysToRefill"))
        .as("a smaller ball holds less")
        .isBetween(before * 0.6, before);
    assertThat(of(water, "settled", "daysToRefill")).isCloseTo(before, withinPercentage(15));
    for (JsonNode seen : drawn(FERN).get("seen")) {
      assertThat(of(seen, "left"))
          .as("watered when it asks for it")
          .isCloseTo(0.75, withinPercentage(6));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {CROWDED_FIG, ROTTING_LILY, JADE, PALM, FERN})
  void whatTheirWateringsFoundLiesOnTheCurve(String label) {
    OnTheCurve.assertSeen(label, drawn(label), 0.1);
  }
}
