package happysaucer.core.sign;

/** How marked a sign or a finding is. LIGHT and HEAVY are of the sign HEFT alone. */
public enum Grade {
  SLIGHT,
  CLEAR,
  SEVERE,
  LIGHT,
  HEAVY;

  public boolean atLeast(Grade other) {
    return ordinal() >= other.ordinal();
  }

  public Grade downOne() {
    return this == SEVERE ? CLEAR : SLIGHT;
  }

  public boolean isHeft() {
    return this == LIGHT || this == HEAVY;
  }
}
