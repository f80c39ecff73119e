package happysaucer.core.call;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.finding.Strength;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.pot.Frustum;
import happysaucer.core.season.DayLength;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Rest;
import java.util.List;

/** What a rule of the call may look at. */
record Facts(Case c, Findings findings, Forecast forecast, Expectation expectation) {
  /** Under this share of the pot the roots still have room (rule of thumb). */
  private static final double ROOM = 0.6;

  private static final List<SignCode> SPENT =
      List.of(SignCode.MEDIUM_BROKEN_DOWN, SignCode.RUNOFF_MUDDY, SignCode.WATER_RUNS_THROUGH);

  private static final List<SignCode> FOLLOWED =
      List.of(
          SignCode.STAYS_WET,
          SignCode.HEFT,
          SignCode.FUNGUS_GNATS,
          SignCode.MEDIUM_SHRUNK_FROM_WALL,
          SignCode.STEM_BURIED_OR_MULCHED,
          SignCode.SALT_CRUST,
          SignCode.LEAVES_YELLOWING,
          SignCode.LEAF_TIPS_BROWN,
          SignCode.STRESS_COLOUR,
          SignCode.LOOSE_IN_POT,
          SignCode.LEANS,
          SignCode.CORE_DRY,
          SignCode.STEMS_SOME_DEAD);

  private static final List<SignCode> DRY =
      List.of(
          SignCode.CORE_DRY,
          SignCode.MEDIUM_SHRUNK_FROM_WALL,
          SignCode.LEAF_TIPS_BROWN,
          SignCode.WILTS_SOON_AFTER_WATERING);

  /** Hours of daylight from which feed is taken up (rule of thumb). */
  private static final double GROWING_HOURS = 11;

  private static final List<SignCode> POINTERS =
      List.of(
          SignCode.SURFACE_HARD,
          SignCode.WATER_POOLS,
          SignCode.DRIES_TOO_FAST,
          SignCode.WILTS_SOON_AFTER_WATERING,
          SignCode.GROWTH_STALLED,
          SignCode.ROOTS_AT_SURFACE);

  /** Enough daylight to grow and to be fed. */
  boolean growing() {
    return !c.resting() && DayLength.hours(c.site().latitude(), c.date()) >= GROWING_HOURS;
  }

  /** At rest, and its kind is kept dry then. */
  boolean keptDry() {
    return c.resting() && (plant().traits().dryLover() || plant().traits().rest() == Rest.DRY);
  }

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

  /** Said only where it was seen, or where the forecast of this answer says it too. */
  boolean rootsHaveRoom() {
    return forecast.rootFill().map(fill -> fill < ROOM).orElse(false);
  }

  /** Some sign that was seen speaks for crowding, not only the time in the pot. */
  boolean crowdingPointedTo() {
    return POINTERS.stream().anyMatch(c.signs()::present)
        || c.signs().grade(SignCode.HEFT).map(grade -> grade == Grade.LIGHT).orElse(false);
  }

  /** For as long as its kind usually is, or longer. */
  boolean longInItsPot() {
    return plant()
        .monthsInPot(c.date())
        .map(months -> months >= plant().traits().monthsMiddle())
        .orElse(false);
  }

  /** By more than a hard surface or a slow pour, which a full pot shows as well. */
  boolean mediumSeenSpent() {
    return SPENT.stream().anyMatch(c.signs()::present)
        || findings.get(FindingCode.SPENT_MEDIUM).strength().compareTo(Strength.STRONG) >= 0;
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

  /** Too much water was seen or said, not only reckoned from the record. */
  boolean wetSeen() {
    return wetRoots()
        || present(SignCode.FUNGUS_GNATS)
        || present(SignCode.SURFACE_MOULD_OR_FUNGI)
        || present(SignCode.WILTS_WHEN_WET);
  }

  /** Too little water was seen or said, not only reckoned from the record. */
  boolean drySeen() {
    return plant().is(StateCode.UNDERWATERED)
        || c.signs().grade(SignCode.HEFT).map(grade -> grade == Grade.LIGHT).orElse(false)
        || DRY.stream().anyMatch(c.signs()::present);
  }

  /** Something was seen that is not right, though it does not stand for anything yet. */
  boolean somethingToFollow() {
    return FOLLOWED.stream().anyMatch(c.signs()::present)
        && !findings.stands(FindingCode.JUST_NORMAL);
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
    return c.lift(expectation.liftG()).hoist();
  }

  /** Measured ball, share of the pot's fill. */
  double ballShare() {
    return c.ball().litres() / c.pot().fill().litres();
  }
}
