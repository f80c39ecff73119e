package happysaucer.server.team;

/**
 * The team that works here.
 *
 * @param zone time zone of its working days
 * @param demo made from a seed, to look around in
 */
public record Team(String name, String zone, boolean demo) {}
