package happysaucer.core.casefile;

/** How the person who waters behaves. */
public enum WatererHabit {
  EVEN,
  FORGETS,
  OVERDOES
}
