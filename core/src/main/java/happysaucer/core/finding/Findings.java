package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** All findings of one case, those without evidence included as empty ones. */
public final class Findings {
  private final Map<FindingCode, Finding> byCode = new EnumMap<>(FindingCode.class);

  public Findings(List<Finding> findings) {
    findings.forEach(finding -> byCode.put(finding.code(), finding));
  }

  public Finding get(FindingCode code) {
    return byCode.get(code);
  }

  public boolean stands(FindingCode code) {
    return get(code).stands();
  }

  /** It stands at this grade or more. */
  public boolean stands(FindingCode code, Grade least) {
    return stands(code) && get(code).grade().map(grade -> grade.atLeast(least)).orElse(false);
  }

  public boolean stronger(FindingCode code, FindingCode other) {
    return get(code).decibans() > get(other).decibans();
  }

  /** Those with evidence, strongest first. */
  public List<Finding> withEvidence() {
    return byCode.values().stream()
        .filter(finding -> !finding.evidence().isEmpty() || !finding.discounted().isEmpty())
        .sorted(
            Comparator.comparingDouble(Finding::decibans).reversed().thenComparing(Finding::code))
        .toList();
  }
}
