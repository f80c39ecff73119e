package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.sign.Measure;
import happysaucer.core.sign.Sign;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

class AdviseProperties {
  @Provide
  Arbitrary<Species> species() {
    return Arbitraries.of(Shipped.BOOK.species().all());
  }

  @Provide
  Arbitrary<List<Sign>> signs() {
    return Arbitraries.of(Shipped.BOOK.signs().all()).list().uniqueElements().ofMaxSize(8);
  }

  private static Ask with(Species species, List<Sign> signs, int day, double top, double latitude) {
    Ask ask =
        Ask.about(species.name())
            .on(LocalDate.of(2027, 1, 1).plusDays(day).toString())
            .at(latitude)
            .in(Ask.pot("x", top, 4))
            .sized(top * 3, top * 2)
            .repotted("2025-05-01");
    for (Sign sign : signs) {
      if (sign.code().ordinal() % 3 == day % 3) {
        ask.absent(sign.code().name());
      } else if (sign.measure() == Measure.HEFT) {
        ask.sign(sign.code().name(), day % 2 == 0 ? "LIGHT" : "HEAVY", null);
      } else if (sign.measure().takesGrade()) {
        ask.sign(sign.code().name(), day % 2 == 0 ? "CLEAR" : "SEVERE", null);
      } else if (sign.measure().takesValue()) {
        double part = (day % 10) / 10.0;
        ask.sign(
            sign.code().name(),
            null,
            sign.measure().least() + part * (sign.measure().most() - sign.measure().least()));
      } else {
        ask.sign(sign.code().name());
      }
    }
    return ask;
  }

  @Property(tries = 400)
  void everyAdviceKeepsItsContract(
      @ForAll("species") Species species,
      @ForAll("signs") List<Sign> signs,
      @ForAll @IntRange(max = 729) int day,
      @ForAll @DoubleRange(min = 70, max = 500) double top,
      @ForAll @DoubleRange(min = -65, max = 65) double latitude) {
    AdviceRequest request = with(species, signs, day, top, latitude).request();
    Advice advice = Shipped.ADVISE.advise(request);
    Advice.Call call = advice.call();

    assertThat(call.reasons()).isNotEmpty();
    assertThat(Shipped.ADVISE.unfounded(request)).as(call.reasons().toString()).isEmpty();
    String said = Words.of(call.reasons());
    MEANS.forEach(
        (words, action) ->
            assertThat(said.contains(words) && !call.action().equals(action))
                .as(call.action() + ": " + said)
                .isFalse());
    boolean due = !call.urgency().equals("NOT_DUE");
    assertThat(call.from() != null).isEqualTo(due);
    if (due) {
      assertThat(call.from()).isAfterOrEqualTo(request.date());
      assertThat(call.to()).isAfterOrEqualTo(call.from());
    } else {
      assertThat(call.recheck()).isAfter(request.date());
    }
    boolean firmUndated =
        call.holds().stream().anyMatch(h -> h.firm() && !h.overridden() && h.until() == null);
    if (firmUndated) {
      assertThat(call.urgency()).isNotIn("NOW", "SOON");
      assertThat(call.recheck()).isNotNull();
    }
    boolean noPlan =
        List.of("LEAVE", "WATCH", "FIX_CARE_FIRST", "PROPAGATE", "RETIRE").contains(call.action());
    assertThat(advice.repot() == null).isEqualTo(noPlan);
    assertThat(advice.lookNext()).hasSizeLessThanOrEqualTo(2);
    assertThat(advice.toString()).doesNotContain("NaN", "Infinity", "{}");
    if (advice.repot() != null) {
      for (Advice.Candidate candidate : advice.repot().candidates()) {
        assertThat(candidate.rank() == null).isEqualTo(!candidate.failures().isEmpty());
        assertThat(candidate.ballShare()).isBetween(0.0, 1.0);
      }
      assertThat(advice.repot().candidates().stream().filter(c -> c.rank() != null))
          .extracting(Advice.Candidate::rank)
          .isSorted();
      if (advice.repot().mix() != null) {
        assertThat(advice.aftercare().weeks()).hasSize(8);
        assertThat(advice.repot().waterIn().litres()).isNotNegative();
      }
    }
  }

  @Property(tries = 100)
  void anEmergencyIsNeverHeld(
      @ForAll("species") Species species,
      @ForAll("signs") List<Sign> signs,
      @ForAll @IntRange(max = 729) int day) {
    for (Emergency emergency : EMERGENCIES) {
      // whatever else is seen, ticked as there or as not there, stays in: it may not calm it
      List<Sign> others =
          signs.stream().filter(s -> !s.code().name().equals(emergency.sign())).toList();
      Advice advice =
          with(species, others, day, 200, 45)
              .sign(emergency.sign(), null, emergency.value())
              .state(day % 2 == 0 ? "RESTING" : "IN_BUD", null)
              .advice();
      assertThat(advice.call().urgency())
          .as(species.name() + ", " + emergency.sign() + ": " + advice.call().reasons())
          .isIn("NOW", "SOON");
      assertThat(advice.call().holds()).allMatch(Advice.Hold::overridden);
    }
  }

  /** Means that a reason may name, and the action that is done by them. */
  private static final Map<String, String> MEANS =
      Map.of(
          "goes up a size", "POT_UP",
          "goes up by the smallest step", "POT_UP",
          "roots are cut back", "ROOT_PRUNE_SAME_POT",
          "goes down a size", "POT_DOWN",
          "part it and replant", "DIVIDE");

  private record Emergency(String sign, Double value) {}

  private static final List<Emergency> EMERGENCIES =
      List.of(
          new Emergency("STEM_SOFT_AT_BASE", null),
          new Emergency("ROOTS_ROTTEN", 0.3),
          new Emergency("ROOT_PESTS", null),
          new Emergency("NO_DRAIN_HOLES", null),
          new Emergency("POT_BROKEN", null));
}
