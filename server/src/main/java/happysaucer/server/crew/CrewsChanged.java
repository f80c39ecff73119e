package happysaucer.server.crew;

/** Who goes out when is not what it was. */
public record CrewsChanged() {}
