package happysaucer.core.unit;

/**
 * A sentence that was kept in words alone, in each of the units; it stands as the value of a
 * message.
 */
public record Written(String metric, String imperial) {
  String text(Units units) {
    return units == Units.IMPERIAL ? imperial : metric;
  }
}
