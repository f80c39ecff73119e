package happysaucer.core.advice;

import static happysaucer.core.unit.Rounding.outgoing;

import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Writes how pots dry, and what that rests on, into the answer. */
final class WaterWriter {
  private final Wording wording;

  WaterWriter(Wording wording) {
    this.wording = wording;
  }

  private Said say(Message message) {
    return wording.say(message);
  }

  /**
   * @param before the present pot, which has no fresh ring
   */
  Advice.Water water(
      Drying before, Optional<Drying> after, Optional<Drying> settled, WaterModel model) {
    Said basis = say(basis(model));
    return new Advice.Water(
        drying(
            before.withoutRing(),
            model.keptOfAPour().map(kept -> say(alsoKept(basis.message(), kept))).orElse(basis)),
        after.map(d -> drying(d, basis)).orElse(null),
        settled.map(d -> drying(d, basis)).orElse(null),
        model.now().map(this::now).orElse(null));
  }

  private static Message alsoKept(Message basis, double kept) {
    return Message.of("water.alsoKept", basis, Wording.percent(kept));
  }

  private Advice.Wetness now(WaterModel.Now now) {
    return new Advice.Wetness(
        outgoing(now.wetness()),
        outgoing(Math.max(0, now.wetness() - now.uncertainty())),
        outgoing(Math.min(1, now.wetness() + now.uncertainty())),
        outgoing(now.litresLeft()),
        outgoing(now.daysToRefill()),
        say(weighed(now)));
  }

  private static Message weighed(WaterModel.Now now) {
    if (now.tooHeavy()) {
      return Message.of("water.tooHeavy");
    }
    return now.tellsLittle()
        ? Message.of("water.weighedOnce")
        : Message.of(
            "water.weighed", Wording.percent(now.wetness()), Wording.percent(now.uncertainty()));
  }

  private Advice.Drying drying(Drying drying, Said basis) {
    return new Advice.Drying(
        outgoing(drying.daysToTopDry()),
        outgoing(drying.daysToRefill()),
        scaled(drying.daysToRefill(), 1 - drying.uncertainty()),
        scaled(drying.daysToRefill(), 1 + drying.uncertainty()),
        outgoing(drying.daysAirless()),
        outgoing(drying.daysRingWet()),
        outgoing(drying.litresPerDay()),
        outgoing(drying.pourLitres()),
        outgoing(drying.uncertainty()),
        basis);
  }

  private static Message basis(WaterModel model) {
    Message use = useBasis(model);
    return model
        .soakIn()
        .map(
            soak ->
                Message.of(
                    "water.alsoSoakIn",
                    use,
                    Rounding.text(soak.seconds(), 0),
                    Wording.percent(soak.fill())))
        .orElse(use);
  }

  private static Message useBasis(WaterModel model) {
    if (model.weighings() > 0) {
      return model.waterings() == 0
          ? Message.of("water.fromScales", model.weighings())
          : Message.of("water.fromBoth", model.waterings(), model.weighings());
    }
    return switch (model.waterings()) {
      case 0 -> Message.of("water.fromLeaves");
      case 1 -> Message.of("water.fromOne");
      default -> Message.of("water.fromMany", model.waterings());
    };
  }

  private static @Nullable Double scaled(OptionalDouble value, double factor) {
    return value.isPresent() ? outgoing(value.getAsDouble() * factor) : null;
  }
}
