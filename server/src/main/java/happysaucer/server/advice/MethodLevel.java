package happysaucer.server.advice;

/** Where a choice of method is made; the later one decides. */
public enum MethodLevel {
  TEAM,
  CLIENT,
  GROUP,
  PLANT
}
