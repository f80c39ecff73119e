package happysaucer.core.sign;

/** A sign looked for and absent is evidence too; one that was not looked at is not. */
public enum SignState {
  PRESENT,
  ABSENT,
  NOT_CHECKED
}
