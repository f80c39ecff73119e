package happysaucer.core.caution;

import happysaucer.core.unit.Message;

/** One caution, with what to do about it. */
public record Caution(CautionCode code, Message text) {}
