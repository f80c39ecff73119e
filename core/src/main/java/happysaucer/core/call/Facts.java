package happysaucer.core.call;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.finding.Strength;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.pot.Frustum;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;

/** What a rule of the call may look at. */
record Facts(Case c, Findings findings, Forecast forecast, Expectation expectation) {
  PlantCase plant() {
    return c.plant();
  }

  boolean present(SignCode sign) {
    return c.signs().present(sign);
  }

  boolean stands(FindingCode finding) {
    return findings.stands(finding);
  }

  /** Crowding that calls for work: graded clear or more, or strong where nothing graded it. */
  boolean crowdedClearly() {
    return findings.stands(FindingCode.CROWDED, Grade.CLEAR)
        || (findings.get(FindingCode.CROWDED).grade().isEmpty()
            && findings.get(FindingCode.CROWDED).strength().compareTo(Strength.STRONG) >= 0);
  }

  boolean crowdedSeverely() {
    return findings.stands(FindingCode.CROWDED, Grade.SEVERE);
  }

  /** The roots stand wet now, by more than hearsay. */
  boolean wetRoots() {
    return present(SignCode.STAYS_WET)
        || present(SignCode.SOUR_SMELL)
        || present(SignCode.WATER_IN_COVER_POT)
        || c.signs().grade(SignCode.HEFT).map(grade -> grade == Grade.HEAVY).orElse(false)
        || plant().is(StateCode.OVERWATERED);
  }

  /** The pot cannot let the ball out whole; a broken one can. */
  boolean ballIsCaught() {
    if (present(SignCode.POT_BROKEN) || c.signs().absent(SignCode.POT_MOUTH_NARROWER_THAN_BALL)) {
      return false;
    }
    Frustum ball = c.ball().body();
    double widest = Math.max(ball.topMm(), ball.baseMm());
    return present(SignCode.POT_MOUTH_NARROWER_THAN_BALL) || c.pot().mouthMm() < widest - 0.5;
  }

  /** The ball is more than two persons lift. */
  boolean tooHeavyToLift() {
    return expectation.liftG() > c.method().liftTwoG();
  }

  /** Measured ball, share of the pot's fill. */
  double ballShare() {
    return c.ball().litres() / c.pot().fill().litres();
  }
}
