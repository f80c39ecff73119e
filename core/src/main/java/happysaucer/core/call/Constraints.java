package happysaucer.core.call;

import happysaucer.core.method.Method;
import happysaucer.core.unit.About;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the pot, the plant's weight or its looks make of a decision: the same need, met in another
 * way. The decision it replaces stays among the alternatives.
 */
final class Constraints {
  interface Rule {
    Optional<Decision> on(Facts facts, Decision decision);
  }

  static final List<Rule> ALL =
      List.of(Constraints::showsItsBase, Constraints::tooHeavyToLift, Constraints::potHoldsTheBall);

  private static final Set<Action> MORE_ROOM_OR_MEDIUM =
      EnumSet.of(
          Action.POT_UP,
          Action.REFRESH,
          Action.ROOT_PRUNE_SAME_POT,
          Action.RAISE_OR_SHALLOW,
          Action.DIVIDE);

  private static final Set<Action> BALL_COMES_OUT =
      EnumSet.of(
          Action.POT_UP,
          Action.REFRESH,
          Action.ROOT_PRUNE_SAME_POT,
          Action.HEAVIER_POT,
          Action.POT_DOWN,
          Action.DRAINAGE_RESCUE,
          Action.ROT_RESCUE,
          Action.PEST_CLEAN,
          Action.RAISE_OR_SHALLOW,
          Action.DIVIDE);

  private static final Set<Action> MAY_RAISE =
      EnumSet.of(Action.POT_UP, Action.REFRESH, Action.ROOT_PRUNE_SAME_POT);

  private Constraints() {}

  static Optional<Decision> showsItsBase(Facts f, Decision decision) {
    boolean raises =
        MAY_RAISE.contains(decision.action())
            && f.plant().traits().showsBase()
            && f.c().method().level() == Method.Level.RAISED;
    return raises
        ? Optional.of(decision.insteadBy(Action.RAISE_OR_SHALLOW, Message.of("call.raise")))
        : Optional.empty();
  }

  static Optional<Decision> tooHeavyToLift(Facts f, Decision decision) {
    return MORE_ROOM_OR_MEDIUM.contains(decision.action()) && f.tooHeavyToLift()
        ? Optional.of(
            decision.insteadBy(
                Action.TOP_DRESS,
                Message.of("call.tooHeavy", About.of(Mass.ofGrams(f.expectation().liftG())))))
        : Optional.empty();
  }

  static Optional<Decision> potHoldsTheBall(Facts f, Decision decision) {
    return BALL_COMES_OUT.contains(decision.action()) && f.ballIsCaught()
        ? Optional.of(decision.insteadBy(Action.BREAK_OUT, Message.of("call.breakOut")))
        : Optional.empty();
  }
}
