package happysaucer.core.sign;

/** What a sign may carry besides being present: nothing, a grade, or a value in one unit. */
public enum Measure {
  NONE("", 0, 0),
  GRADE("", 0, 0),
  HEFT("", 0, 0),
  SECONDS("s", 0, 3600),
  SHARE("share", 0, 1),
  DAYS("days", 0, 365),
  COUNT("", 0, 500),
  DEGREES("degrees", 0, 60),
  WEEKS("weeks", 0, 104);

  private final String unit;
  private final double least;
  private final double most;

  Measure(String unit, double least, double most) {
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  public String unit() {
    return unit;
  }

  public double least() {
    return least;
  }

  public double most() {
    return most;
  }

  public boolean takesGrade() {
    return this == GRADE || this == HEFT;
  }

  public boolean takesValue() {
    return !takesGrade() && this != NONE;
  }
}
