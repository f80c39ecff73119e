package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.Shipped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** A record with facts that the rules refuse is answered without them, and they are named. */
class KeptProperties {
  private static final AdviceRequest SOUND =
      Ask.about("Ficus elastica")
          .on("2027-04-12")
          .repotted("2024-05-01")
          .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
          .poured("2027-04-01", 7, 0.8)
          .measured("2026-10-01", "WATER_POOLS", 40)
          .choosing(Ask.pot("a", 260, 4), Ask.pot("b", 270, 4))
          .request();

  private static <T> List<T> and(List<T> list, T more) {
    List<T> all = new ArrayList<>(list);
    all.add(more);
    return all;
  }

  private record Damage(Random random) {
    private Double bad() {
      return List.of(-5.0, 0.0, 19.9, 3000.5, 1e12, 1e-9, 5e300).get(random.nextInt(7));
    }

    private String code() {
      return List.of("", "NO_SUCH", "grow", "ROOTS_FROM_DRAIN_HOLES").get(random.nextInt(4));
    }

    private LocalDate day() {
      return List.of(
              LocalDate.of(2027, 4, 13), LocalDate.of(-9999, 1, 1), LocalDate.of(99999, 1, 1))
          .get(random.nextInt(3));
    }

    private Double maybe(Double sound) {
      return random.nextInt(3) == 0 ? bad() : sound;
    }

    AdviceRequest.Pot pot(AdviceRequest.Pot p) {
      return new AdviceRequest.Pot(
          p.id(),
          random.nextInt(5) == 0 ? code() : p.shape(),
          random.nextInt(5) == 0 ? code() : p.material(),
          maybe(p.topMm()),
          maybe(p.baseMm()),
          maybe(p.topDepthMm()),
          null,
          maybe(p.heightMm()),
          maybe(null),
          maybe(null),
          maybe(null),
          random.nextInt(4) == 0 ? (Integer) (random.nextInt(900) - 300) : p.drainHoles(),
          false,
          random.nextInt(5) == 0 ? (Integer) 99 : null,
          null);
    }

    AdviceRequest request() {
      AdviceRequest.Plant plant = SOUND.plant();
      return new AdviceRequest(
          SOUND.date(),
          new AdviceRequest.Site(maybe(44.0), false, random.nextInt(4) == 0 ? code() : null),
          new AdviceRequest.Spot(random.nextInt(4) == 0 ? code() : null),
          new AdviceRequest.Plant(
              random.nextInt(4) == 0 ? "Nothing like a plant" : plant.species(),
              random.nextInt(4) == 0 ? code() : null,
              maybe(1200.0),
              maybe(600.0),
              maybe(null),
              maybe(null),
              random.nextInt(4) == 0 ? code() : null,
              random.nextInt(3) == 0 ? day() : plant.lastRepotted(),
              List.of(new AdviceRequest.State(code(), random.nextInt(2) == 0 ? null : -4)),
              random.nextInt(4) == 0 ? code() : null,
              null,
              random.nextInt(4) == 0 ? code() : null),
          pot(SOUND.pot()),
          new AdviceRequest.Ball(maybe(210.0), maybe(null), null, null, maybe(190.0)),
          and(
              SOUND.signs(),
              new AdviceRequest.Sign(code(), random.nextInt(3) == 0 ? code() : null, null, bad())),
          new AdviceRequest.Watering(maybe(7.0), maybe(0.8), maybe(0.1), maybe(null)),
          and(SOUND.candidates(), pot(Ask.pot("c", 280, 4))),
          null,
          null,
          new AdviceRequest.History(
              and(
                  SOUND.history().waterings(),
                  new AdviceRequest.Pour(day(), bad(), bad(), random.nextInt(2) == 0 ? null : 1.0)),
              and(SOUND.history().measures(), new AdviceRequest.Measured(day(), code(), bad()))),
          new AdviceRequest.Argument(
              List.of(new AdviceRequest.SetAside(code(), random.nextInt(2) == 0 ? "" : "r", null)),
              random.nextInt(2) == 0
                  ? null
                  : new AdviceRequest.Overrule(code(), code(), -3, null, "why", "who")),
          null,
          null,
          null);
    }
  }

  @Property(tries = 1500)
  void noDamageKeepsAPlantFromBeingAdvisedOn(@ForAll long seed) {
    AdviceRequest damaged = new Damage(new Random(seed)).request();
    List<Fault> faults = Shipped.ADVISE.faults(damaged);
    Kept kept = Shipped.ADVISE.kept(damaged);
    Advice advice = Shipped.ADVISE.advise(kept);
    assertThat(advice.call().reasons()).isNotEmpty();
    assertThat(advice.leftOut()).containsAll(faults.stream().map(Advice.LeftOut::of).toList());
  }

  @Example
  void whatIsSoundStaysAndCounts() {
    AdviceRequest damaged =
        new AdviceRequest(
            SOUND.date(),
            SOUND.site(),
            SOUND.spot(),
            SOUND.plant(),
            SOUND.pot(),
            SOUND.ball(),
            and(SOUND.signs(), new AdviceRequest.Sign("WATER_POOLS", null, null, -1.0)),
            SOUND.watering(),
            and(SOUND.candidates(), Ask.pot("tiny", 4, 4)),
            null,
            null,
            SOUND.history(),
            null,
            null,
            null,
            null);
    Kept kept = Shipped.ADVISE.kept(damaged);
    assertThat(kept.request()).isEqualTo(SOUND);
    assertThat(kept.leftOut())
        .extracting(Fault::field)
        .containsExactlyInAnyOrder("signs[1].value", "candidates[2].topMm");
  }

  @Example
  void whatIsGivenJustNowIsToldAndNotLeftOut() {
    AdviceRequest damaged =
        SOUND.withCandidates(Arrays.asList(Ask.pot("tiny", 4, 4), Ask.pot("a", 260, 4)));
    assertThatThrownBy(
            () -> Shipped.ADVISE.kept(damaged, fault -> fault.field().startsWith("candidates")))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.faults()).extracting(Fault::field).contains("candidates[0].topMm"));
  }
}
