package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import tools.jackson.databind.JsonNode;

/** What a pot was found to hold, against how it dries by the drawing. */
final class OnTheCurve {
  private OnTheCurve() {}

  /**
   * @param drawn answer of a plant's dry-down
   * @param within share of its water by which a finding may be off
   */
  static void assertSeen(String label, JsonNode drawn, double within) {
    assertThat(drawn.get("seen")).as(label).isNotEmpty();
    for (JsonNode seen : drawn.get("seen")) {
      double curve = left(drawn.get("now").get("points"), seen.get("daysToday").asDouble());
      assertThat(Math.abs(seen.get("left").asDouble() - curve))
          .as("%s on %s, drawn %.2f", label, seen, curve)
          .isLessThan(within);
    }
  }

  private static double left(JsonNode points, double day) {
    JsonNode before = points.get(0);
    for (JsonNode point : points) {
      double from = before.get("day").asDouble();
      double to = point.get("day").asDouble();
      if (to >= day && to > from) {
        double share = (day - from) / (to - from);
        return before.get("left").asDouble() * (1 - share) + point.get("left").asDouble() * share;
      }
      before = point;
    }
    return before.get("left").asDouble();
  }
}
