package happysaucer.core.advice;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.RootType;
import happysaucer.core.unit.Message;
import java.util.Optional;

/** When a plant is not to be slipped out of its pot for a look at the roots. */
final class SlipGuard {
  private SlipGuard() {}

  /**
   * @param never whatever the plant is doing; otherwise only for now
   */
  record Reason(boolean never, Message why) {}

  static Optional<Reason> against(Case c) {
    boolean broken = c.signs().present(SignCode.POT_BROKEN);
    boolean sawItComeOut = c.signs().absent(SignCode.POT_MOUTH_NARROWER_THAN_BALL);
    boolean caught =
        c.signs().present(SignCode.POT_MOUTH_NARROWER_THAN_BALL)
            || c.pot().mouthMm() < c.ball().body().topMm() - 0.5;
    if (caught && !broken && !sawItComeOut) {
      return Optional.of(new Reason(true, Message.of("slip.caught")));
    }
    if (c.plant().traits().rootType() == RootType.BRITTLE && c.plant().is(StateCode.IN_BUD)) {
      return Optional.of(new Reason(false, Message.of("slip.brittleInBud")));
    }
    return Optional.empty();
  }
}
