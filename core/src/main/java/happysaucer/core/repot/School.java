package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;

/** How much wider than the ball a new pot may be, by one school; a class for each. */
sealed interface School permits SmallStep, ShareStep, GenerousStep {
  /** Pots of the trade are coarser than a rule: so much more passes, mm (rule of thumb). */
  double COARSE_SIZES = 5;

  /** Under this share of the fill a ball is remarked, whatever the school (rule of thumb). */
  double SHARE_LEAST = 0.5;

  /**
   * @param ballTopMm of the ball after root work
   * @param smallest out of season, after rot, or a species that wants it: the smallest that fits
   */
  static School of(PotStep code, Case c, double ballTopMm, boolean smallest) {
    return switch (code) {
      case SMALL_STEP -> SmallStep.of(c, ballTopMm, smallest);
      case SHARE -> ShareStep.of(c, ballTopMm, smallest);
      case GENEROUS -> GenerousStep.of(c, ballTopMm, smallest);
    };
  }

  PotStep code();

  /** Its steps, mm over the ball. */
  Steps steps();

  /**
   * @param mostMm largest step
   * @param bestMm the step to aim at
   * @param remarkOverMm a step over this passes with a remark
   * @param stockHoleMm largest step that passes, with a remark, where nothing smaller is stocked
   */
  record Steps(double mostMm, double bestMm, double remarkOverMm, double stockHoleMm) {}

  default double mostMm() {
    return steps().mostMm();
  }

  default double bestMm() {
    return steps().bestMm();
  }

  /** Whether the school has anything to say of this plant at all. */
  default boolean applies() {
    return true;
  }

  /** How it sizes this pot. */
  Message words();

  /** How far a pot is from the one it would choose; 1 for about a centimetre of step. */
  default double missesBy(double overBallMm, double ballShare) {
    return Math.abs(overBallMm - bestMm()) / 10;
  }

  /** Whether the school would take a pot so much wider, holding so large a ball. */
  default boolean takes(double overBallMm, double ballShare, double mostMm) {
    return Rounding.forDecision(overBallMm) <= mostMm;
  }

  default boolean takes(double overBallMm, double ballShare) {
    return applies() && takes(overBallMm, ballShare, mostMm());
  }
}
