package happysaucer.server.team;

import happysaucer.core.unit.Units;

/**
 * The team that works here.
 *
 * @param zone time zone of its working days
 * @param demo made from a seed, to look around in
 * @param currency of its prices, as EUR
 * @param paper it prints on, A4 or LETTER
 * @param units of people who come new
 * @param weekStarts 1 for Monday to 7 for Sunday
 */
public record Team(
    String name,
    String zone,
    boolean demo,
    String currency,
    String paper,
    Units units,
    int weekStarts) {
  /** As a team begins. */
  static Team begun(String name, String zone, boolean demo) {
    return new Team(name, zone, demo, "EUR", "A4", Units.METRIC, 1);
  }
}
