package happysaucer.core.unit;

/** The measures a person reads: centimetres and litres, or inches, quarts and ounces. */
public enum Units {
  METRIC,
  IMPERIAL
}
