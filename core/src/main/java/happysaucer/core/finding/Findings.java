package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** All findings of one case, those without evidence included as empty ones. */
public final class Findings {
  private final Finding[] byCode;

  /**
   * @param byCode one for each code, in the order of the codes
   */
  Findings(Finding[] byCode) {
    this.byCode = byCode;
  }

  public Finding get(FindingCode code) {
    return byCode[code.ordinal()];
  }

  public boolean stands(FindingCode code) {
    return get(code).stands();
  }

  /** It stands at this grade or more. */
  public boolean stands(FindingCode code, Grade least) {
    Finding finding = get(code);
    return finding.stands() && finding.grade().isPresent() && finding.grade().get().atLeast(least);
  }

  public boolean stronger(FindingCode code, FindingCode other) {
    return get(code).decibans() > get(other).decibans();
  }

  /** Those with evidence, strongest first. */
  public List<Finding> withEvidence() {
    return Arrays.stream(byCode)
        .filter(finding -> !finding.evidence().isEmpty() || !finding.discounted().isEmpty())
        .sorted(
            Comparator.comparingDouble(Finding::decibans).reversed().thenComparing(Finding::code))
        .toList();
  }
}
