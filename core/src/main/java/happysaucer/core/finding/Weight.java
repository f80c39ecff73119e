package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import org.jspecify.annotations.Nullable;

/**
 * What one sign says for or against one finding.
 *
 * @param heft LIGHT or HEAVY for the sign HEFT, else null
 * @param presentReason why, when it was seen
 * @param absentReason why, when it was looked for and is not there
 */
public record Weight(
    FindingCode finding,
    SignCode sign,
    @Nullable Grade heft,
    SignWeight present,
    SignWeight absent,
    Message presentReason,
    Message absentReason) {

  /**
   * @param row the sign as it stands in the table, a grade of heft with it; the reasons are said
   *     under the names of the finding and of this
   */
  public static Weight of(
      FindingCode finding,
      SignCode sign,
      @Nullable Grade heft,
      SignWeight present,
      SignWeight absent,
      String row) {
    String of = finding + "." + row;
    return new Weight(
        finding,
        sign,
        heft,
        present,
        absent,
        Message.of("present." + of),
        Message.of("absent." + of));
  }
}
