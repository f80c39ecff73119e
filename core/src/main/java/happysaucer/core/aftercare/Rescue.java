package happysaucer.core.aftercare;

import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What to do now about an alarming sign after a repot: first what helps without touching the roots
 * again, never another repot by reflex.
 *
 * @param look the roots are to be looked at
 * @param againOn when to look again
 */
public record Rescue(SignCode sign, Message text, boolean look, LocalDate againOn) {
  /** Roots that were cut have closed and begun to drink. */
  private static final int HEALED = 14;

  private static final double CUT = 0.05;

  private static final int SOON = 3;
  private static final int WEEK = 7;

  static Optional<Rescue> of(Recovery.Facts facts, Optional<Recovery.Seen> leading) {
    return leading.map(seen -> of(facts, seen));
  }

  private static Rescue of(Recovery.Facts facts, Recovery.Seen seen) {
    LocalDate today = facts.today();
    boolean healing = facts.day() <= HEALED && (facts.rootShare() > CUT || facts.bareRooted());
    return switch (seen.sign()) {
      case STEM_SOFT_AT_BASE, ROOTS_ROTTEN ->
          at(seen, Message.of("rescue.rot"), true, today.plusDays(1));
      case SOUR_SMELL -> at(seen, Message.of("rescue.sour"), true, today.plusDays(1));
      case WILTS_WHEN_WET ->
          healing
              ? at(seen, Message.of("rescue.wiltsHealing"), false, today.plusDays(SOON))
              : at(seen, Message.of("rescue.wilts"), true, today.plusDays(1));
      case STAYS_WET -> at(seen, Message.of("rescue.wet"), false, today.plusDays(WEEK));
      case TOPPLES, LEANS, LOOSE_IN_POT ->
          at(seen, Message.of("rescue.leans"), false, today.plusDays(WEEK));
      case WILTS_SOON_AFTER_WATERING, DRIES_TOO_FAST ->
          at(seen, Message.of("rescue.dryBall"), false, today.plusDays(SOON));
      case SHRIVELLED, STRESS_COLOUR ->
          today.isBefore(facts.firstWaterOn().plusDays(HEALED))
              ? at(
                  seen,
                  Message.of("rescue.shrivelledWaits", facts.firstWaterOn()),
                  false,
                  facts.firstWaterOn().plusDays(HEALED))
              : at(seen, Message.of("rescue.shrivelled"), true, today.plusDays(SOON));
      case ROOT_PESTS, SPIDER_MITES, MEALYBUG, SCALE ->
          at(seen, Message.of("rescue.pests"), false, today.plusDays(WEEK));
      case FUNGUS_GNATS -> at(seen, Message.of("rescue.gnats"), false, today.plusDays(WEEK));
      default -> at(seen, Message.of("rescue.leaves"), false, today.plusDays(WEEK));
    };
  }

  private static Rescue at(Recovery.Seen seen, Message text, boolean look, LocalDate again) {
    return new Rescue(seen.sign(), text, look, again);
  }
}
