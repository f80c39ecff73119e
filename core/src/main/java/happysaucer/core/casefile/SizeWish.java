package happysaucer.core.casefile;

/** Whether the plant may grow larger. */
public enum SizeWish {
  GROW,
  KEEP
}
