package happysaucer.core.finding;

import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import org.jspecify.annotations.Nullable;

/**
 * What one sign says for or against one finding.
 *
 * @param heft LIGHT or HEAVY for the sign HEFT, else null
 */
public record Weight(
    FindingCode finding,
    SignCode sign,
    @Nullable Grade heft,
    Step present,
    Step absent,
    String whyPresent,
    String whyAbsent) {}
