package happysaucer.server.team;

import happysaucer.core.unit.Units;
import java.util.UUID;

/** One person who can sign in. */
public record Account(
    UUID id, String account, String name, Role role, Units units, String passwordHash) {}
