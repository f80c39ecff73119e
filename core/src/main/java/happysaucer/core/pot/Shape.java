package happysaucer.core.pot;

/** The shape of a pot. */
public enum Shape {
  STANDARD,
  DEEP,
  SHALLOW,
  BOWL,
  SQUARE,
  TROUGH,
  URN
}
