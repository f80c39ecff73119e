package happysaucer.server.team;

/** What someone may do; see SecurityConfig. */
public enum Role {
  PLANNER,
  TECHNICIAN,
  COUNTER
}
