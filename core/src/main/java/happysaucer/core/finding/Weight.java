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

  public static Weight of(
      FindingCode finding,
      SignCode sign,
      @Nullable Grade heft,
      SignWeight present,
      SignWeight absent,
      String whyPresent,
      String whyAbsent) {
    String of = finding + "." + sign;
    return new Weight(
        finding,
        sign,
        heft,
        present,
        absent,
        Message.of("present." + of, whyPresent),
        Message.of("absent." + of, whyAbsent));
  }
}
