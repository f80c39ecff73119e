package happysaucer.core.call;

import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A reason not to repot yet.
 *
 * @param firm it forbids; otherwise it advises
 * @param because what is wrong with now
 * @param until last day of the hold, where it can be told
 */
public record Hold(
    HoldCode code, boolean firm, Message because, Message liftedBy, Optional<LocalDate> until) {}
