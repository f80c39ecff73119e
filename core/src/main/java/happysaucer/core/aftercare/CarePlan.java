package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Traits;
import java.util.Optional;

/** What is said and poured under one plan of aftercare; a class for each. */
sealed interface CarePlan
    permits SettleIn,
        KeepMoist,
        WaitDry,
        DippedThenDry,
        FromBelow,
        EpiphyteCare,
        ReservoirCare,
        RotRescueCare {
  /** A pot this small with a low neck is watered from below, mm (rule of thumb). */
  double FROM_BELOW_POT = 150;

  /** What was used, without the sixth more: there is nothing to build up while roots are few. */
  double NO_MORE = 6.0 / 7;

  AftercarePlan code();

  /** The sentence of the first watering, of which its litres are the value. */
  String first(Case c);

  /** That of the next one, by probe, with its litres; empty where nothing is probed. */
  Optional<String> probe(Case c);

  /** A step that only this plan has, in days after the work. */
  record Own(int fromDay, int toDay, Kind kind, String key) {}

  default Optional<Own> own() {
    return Optional.empty();
  }

  /** Of what was used since the last pour and a sixth more, so much is poured again. */
  default double usedShare() {
    return 1;
  }

  /** It is kept no wetter than its first watering made it. */
  default boolean barelyMoist() {
    return false;
  }

  /** By what was done first, then by the species. */
  static CarePlan of(Case c, Call call, RepotPlan plan) {
    Traits traits = c.plant().traits();
    if (call.action() == Action.ROT_RESCUE
        || call.action() == Action.POT_DOWN && plan.rootWork().rootShare() > 0) {
      return new RotRescueCare();
    }
    if (call.action() == Action.PEST_CLEAN) {
      return new DippedThenDry();
    }
    if (plan.chosen().orElseThrow().mix().mix().reservoir()) {
      return new ReservoirCare();
    }
    boolean cut = plan.rootWork().openRoots(call);
    return switch (traits.aftercare()) {
      case WAIT_DRY -> new WaitDry();
      case EPIPHYTE -> new EpiphyteCare();
      case KEEP_MOIST -> new KeepMoist();
      case FROM_BELOW -> new FromBelow();
      case RESERVOIR -> new ReservoirCare();
      default ->
          cut
              ? new KeepMoist()
              : traits.neckRot() && plan.chosen().get().pot().topMm() <= FROM_BELOW_POT
                  ? new FromBelow()
                  : new SettleIn(call.action() == Action.TOP_DRESS);
    };
  }
}
