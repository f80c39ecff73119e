package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.sign.Sign;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Over a wide field of made-up cases: what people read, and what the contract promises. */
class WordsProperties {
  private static final String[] GRADES = {"SLIGHT", "CLEAR", "SEVERE"};
  private static final String[] SHAPES = {"STANDARD", "DEEP", "SHALLOW", "BOWL", "SQUARE", "URN"};
  private static final String[] LIGHTS = {"LOW", "MEDIUM", "BRIGHT_INDIRECT", "DIRECT"};
  private static final String[] STATES = {
    "IN_BUD",
    "IN_FLOWER",
    "RESTING",
    "NEW_ROOTS_STARTING",
    "RECENTLY_PRUNED",
    "ARRIVED",
    "OVERWATERED",
    "UNDERWATERED",
    "HEAT_OR_HUMIDITY_EXTREME"
  };

  /** A case drawn at random from a seed: any species, pot, season, signs and method. */
  static Ask drawn(long seed) {
    Random random = new Random(seed);
    List<Species> all = Shipped.BOOK.species().all();
    double top = 80 + random.nextInt(400);
    String shape = SHAPES[random.nextInt(SHAPES.length)];
    Ask ask =
        Ask.about(all.get(random.nextInt(all.size())).name())
            .on(LocalDate.of(2027, 1, 1).plusDays(random.nextInt(365)).toString())
            .at(random.nextInt(130) - 65)
            .inLight(LIGHTS[random.nextInt(4)])
            .sized(100 + random.nextInt(2300), 100 + random.nextInt(900))
            .usedBy(random.nextBoolean() ? "PUBLIC" : "CHILDREN")
            .wish(random.nextBoolean() ? "GROW" : "KEEP")
            .in(
                Ask.shaped(
                    shape, random.nextBoolean() ? "PLASTIC" : "GLAZED", top, null, null, null))
            .units(random.nextBoolean() ? "METRIC" : "IMPERIAL");
    if (random.nextBoolean()) {
      ask.repotted(LocalDate.of(2026, 12, 1).minusDays(random.nextInt(3000)).toString());
    }
    if (random.nextInt(3) == 0) {
      String state = STATES[random.nextInt(STATES.length)];
      ask.state(state, state.equals("ARRIVED") || state.equals("RECENTLY_PRUNED") ? 3 : null);
    }
    if (random.nextInt(3) == 0) {
      ask.watered(1 + random.nextInt(20), 0.2 + random.nextDouble(), 0.0, null);
    }
    signs(ask, random);
    return ask;
  }

  private static void signs(Ask ask, Random random) {
    List<Sign> signs = new ArrayList<>(Shipped.BOOK.signs().all());
    for (int i = random.nextInt(6); i > 0; i--) {
      Sign sign = signs.remove(random.nextInt(signs.size()));
      if (random.nextInt(4) == 0) {
        ask.absent(sign.code().name());
        continue;
      }
      switch (sign.measure()) {
        case NONE -> ask.sign(sign.code().name());
        case GRADE -> ask.sign(sign.code().name(), GRADES[random.nextInt(3)], null);
        case HEFT -> ask.sign(sign.code().name(), random.nextBoolean() ? "LIGHT" : "HEAVY", null);
        case SHARE -> ask.sign(sign.code().name(), null, random.nextInt(100) / 100.0);
        default -> ask.sign(sign.code().name(), null, (double) random.nextInt(30));
      }
    }
  }

  private static List<String> texts(Advice advice) {
    List<String> texts = new ArrayList<>();
    advice.call().reasons().forEach(said -> texts.add(said.words()));
    advice.call().interim().forEach(said -> texts.add(said.words()));
    advice.call().holds().forEach(hold -> texts.add(hold.liftedBy().words()));
    advice.call().also().forEach(also -> texts.add(also.text().words()));
    advice.call().alternatives().forEach(other -> texts.add(other.when().words()));
    advice.findings().forEach(f -> f.evidence().forEach(line -> texts.add(line.why().words())));
    advice.findings().forEach(f -> f.discounted().forEach(line -> texts.add(line.why().words())));
    advice.lookNext().forEach(look -> texts.add(look.why().words()));
    texts.add(advice.forecast().basis().words());
    texts.add(advice.water().before().basis().words());
    advice.aftercare().steps().forEach(step -> texts.add(step.text().words()));
    advice.cautions().forEach(caution -> texts.add(caution.text().words()));
    if (advice.repot() != null) {
      advice.repot().steps().forEach(step -> texts.add(step.text().words()));
      advice.repot().rootWork().notes().forEach(said -> texts.add(said.words()));
      texts.add(advice.repot().feed().why().words());
      advice.repot().sizing().forEach(said -> texts.add(said.words()));
      if (advice.repot().otherwise() != null) {
        texts.add(advice.repot().otherwise().words());
      }
      for (Advice.Candidate pot : advice.repot().candidates()) {
        pot.failures().forEach(failure -> texts.add(failure.text().words()));
        pot.remarks().forEach(remark -> texts.add(remark.text().words()));
      }
    }
    return texts;
  }

  @Property(tries = 600)
  void everyTextIsAPlainFinishedSentenceInTheAskedUnits(@ForAll long seed) {
    Ask ask = drawn(seed);
    AdviceRequest request = ask.request();
    Advice advice = Shipped.ADVISE.advise(request);
    for (String text : texts(advice)) {
      assertThat(text)
          .as("seed %d", seed)
          .matches("(?s)[A-Z0-9].*[.?]")
          .doesNotContain("{}", "null", "NaN", "Infinity", "  ", "_");
      if ("IMPERIAL".equals(request.units())) {
        assertThat(text)
            .doesNotContainPattern("\\d (mm|kg|ml)\\b")
            .doesNotContainPattern("\\d L\\b");
      } else {
        assertThat(text).doesNotContainPattern("\\d (in|lb|oz|qt)\\b");
      }
    }
  }

  @Property(tries = 600)
  void theContractHolds(@ForAll long seed) {
    Advice advice = drawn(seed).advice();
    Advice.Call call = advice.call();
    boolean nothingPotted =
        List.of("LEAVE", "WATCH", "FIX_CARE_FIRST", "RETIRE", "PROPAGATE").contains(call.action());
    assertThat(advice.repot() == null).isEqualTo(nothingPotted);
    assertThat(advice.aftercare().plan().equals("NONE")).isEqualTo(nothingPotted);
    assertThat(advice.water().after() == null).isEqualTo(nothingPotted);
    if (List.of("LEAVE", "WATCH", "FIX_CARE_FIRST").contains(call.action())
        || !call.holds().isEmpty()) {
      assertThat(call.recheck()).isNotNull();
    }
    boolean undated =
        call.holds().stream().anyMatch(h -> h.firm() && !h.overridden() && h.until() == null);
    if (undated) {
      assertThat(call.urgency()).isNotIn("NOW", "SOON");
    }
    if (call.urgency().equals("NOT_DUE")) {
      assertThat(call.from()).isNull();
    } else {
      assertThat(call.from()).isBeforeOrEqualTo(call.to());
    }
    if (advice.repot() != null) {
      repotHolds(advice);
    }
  }

  private static void repotHolds(Advice advice) {
    Advice.Repot repot = advice.repot();
    int rank = 0;
    for (Advice.Candidate pot : repot.candidates()) {
      if (pot.failures().isEmpty()) {
        assertThat(pot.rank()).isEqualTo(++rank);
      } else {
        assertThat(pot.rank()).isNull();
      }
      assertThat(pot.ballShare() * pot.fillLitres() + pot.freshLitres())
          .isCloseTo(pot.fillLitres(), org.assertj.core.api.Assertions.within(1e-4));
    }
    assertThat(repot.order() == null).isEqualTo(rank > 0);
    double sum = repot.mix().ingredients().stream().mapToDouble(Advice.Ingredient::litres).sum();
    assertThat(sum).isCloseTo(repot.mix().litres(), org.assertj.core.api.Assertions.within(1e-5));
    assertThat(repot.rootWork().rootShare()).isBetween(0.0, 0.91);
    assertThat(advice.aftercare().weeks()).hasSize(8);
  }

  @Property(tries = 60)
  void whatIsAskedNextCouldChangeTheCall(@ForAll long seed) {
    Ask ask = drawn(seed);
    Advice advice = ask.advice();
    assertThat(advice.lookNext()).hasSizeLessThanOrEqualTo(2);
    for (Advice.Look look : advice.lookNext()) {
      if (look.sign().equals("SLIP_CHECK")) {
        continue;
      }
      boolean heft = look.sign().equals("HEFT");
      List<Ask> answers =
          List.of(
              drawn(seed).sign(look.sign(), heft ? "LIGHT" : null, null),
              heft
                  ? drawn(seed).sign(look.sign(), "HEAVY", null)
                  : drawn(seed).absent(look.sign()));
      assertThat(answers.stream().map(answer -> said(answer.advice().call())))
          .as("seed %d, %s", seed, look.sign())
          .anyMatch(call -> !call.equals(said(advice.call())));
    }
  }

  /** The call and what leads it: another cause is another thing to do. */
  private static String said(Advice.Call call) {
    return call.action() + call.urgency() + call.reasons().get(0);
  }
}
