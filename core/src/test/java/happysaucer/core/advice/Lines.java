package happysaucer.core.advice;

/** Reads lines of evidence from an answer. */
final class Lines {
  private Lines() {}

  /** What a sign, or a record, weighs for a finding; 0 where it does not speak. */
  static double weight(Advice advice, String finding, String sign) {
    return advice.findings().stream()
        .filter(f -> f.code().equals(finding))
        .flatMap(f -> f.evidence().stream())
        .filter(e -> e.sign().equals(sign))
        .mapToDouble(Advice.Evidence::weight)
        .sum();
  }
}
