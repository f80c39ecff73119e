package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.Shipped;
import happysaucer.core.call.Action;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A person argues with the rules: a line set aside, a call overruled. */
class ArgumentTest {
  private static Ask rotten() {
    return Ask.about("Spathiphyllum wallisii")
        .on("2027-04-12")
        .at(44)
        .in(Ask.pot("x", 190, 6))
        .repotted("2026-01-10")
        .sign("WILTS_WHEN_WET")
        .sign("ROOTS_ROTTEN", null, 0.28);
  }

  @Test
  void aLineSetAsideCountsForNothingAndIsShownWithItsReason() {
    Advice before = rotten().advice();
    Advice after = rotten().setAside("ROOTS_ROTTEN", "old roots of the last flowering").advice();

    assertThat(before.call().action()).isEqualTo("ROT_RESCUE");
    assertThat(after.call().action()).isNotEqualTo("ROT_RESCUE");
    Advice.Finding rot =
        after.findings().stream().filter(f -> f.code().equals("ROT")).findFirst().orElseThrow();
    assertThat(rot.grade()).isNull();
    assertThat(rot.evidence()).extracting(Advice.Evidence::sign).containsExactly("WILTS_WHEN_WET");
    assertThat(rot.discounted())
        .anySatisfy(
            line -> {
              assertThat(line.sign()).isEqualTo("ROOTS_ROTTEN");
              assertThat(line.setAside()).isTrue();
              assertThat(line.why().words())
                  .isEqualTo("Jorun Pell set it aside: old roots of the last flowering");
            });
  }

  @Test
  void itWeighsExactlyAsIfNobodyHadLookedThere() {
    Advice aside = rotten().setAside("ROOTS_ROTTEN", "a slip of the finger").advice();
    Advice never =
        Ask.about("Spathiphyllum wallisii")
            .on("2027-04-12")
            .at(44)
            .in(Ask.pot("x", 190, 6))
            .repotted("2026-01-10")
            .sign("WILTS_WHEN_WET")
            .advice();

    assertThat(aside.call()).isEqualTo(never.call());
    for (Advice.Finding finding : never.findings()) {
      assertThat(decibans(aside, finding.code())).as(finding.code()).isEqualTo(finding.decibans());
    }
  }

  private static double decibans(Advice advice, String finding) {
    return advice.findings().stream()
        .filter(f -> f.code().equals(finding))
        .mapToDouble(Advice.Finding::decibans)
        .sum();
  }

  @Test
  void whatIsSetAsideIsNotAskedForAgain() {
    Ask ask =
        Ask.about("Ficus lyrata")
            .on("2027-04-12")
            .at(44)
            .in(Ask.pot("x", 280, 6))
            .repotted("2024-01-01");
    String asked = ask.advice().lookNext().get(0).sign();
    String other = asked.equals("SLIP_CHECK") ? ask.advice().lookNext().get(1).sign() : asked;

    assertThat(ask.setAside(other, "cannot be seen here").advice().lookNext())
        .extracting(Advice.Look::sign)
        .doesNotContain(other);
  }

  @Test
  void theRecordCanBeArguedWithToo() {
    Ask ask =
        Ask.about("Ficus lyrata")
            .on("2027-04-12")
            .at(44)
            .in(Ask.pot("x", 280, 6))
            .repotted("2016-01-01");
    assertThat(ask.advice().call().action()).isEqualTo("REFRESH");
    assertThat(ask.setAside("TIME_SINCE_REPOT", "the date is a guess").advice().call().action())
        .isNotEqualTo("REFRESH");
  }

  @Test
  void anOverruledCallIsPlannedForAndSaysWhatTheRulesWouldSay() {
    Ask ask =
        Ask.about("Ficus lyrata")
            .on("2027-05-12")
            .at(44)
            .in(Ask.pot("x", 280, 6))
            .repotted("2026-01-01");
    assertThat(ask.advice().call().action()).isEqualTo("LEAVE");

    Advice advice = ask.overruled("POT_UP", null, null).advice();

    assertThat(advice.call().action()).isEqualTo("POT_UP");
    assertThat(advice.call().urgency()).isEqualTo("THIS_WINDOW");
    assertThat(advice.repot()).isNotNull();
    assertThat(advice.call().overruled())
        .isEqualTo(new Advice.Overruled("Jorun Pell", "I know this one", "LEAVE"));
    assertThat(Words.each(advice.call().reasons()))
        .containsExactly(
            "Jorun Pell decided so: I know this one", "The rules would say: leave it.");
    assertThat(advice.call().alternatives())
        .extracting(Advice.Alternative::action)
        .contains("LEAVE");
  }

  @Test
  void anOverruledCallMayBeSoonerOrLater() {
    assertThat(rotten().overruled("LEAVE", null, 5).advice().call().recheck())
        .isEqualTo("2027-04-17");
    assertThat(rotten().overruled("POT_DOWN", "NOW", null).advice().call().to())
        .isEqualTo("2027-04-19");
    assertThat(rotten().overruled("POT_DOWN", "SOON", null).advice().call().urgency())
        .isEqualTo("SOON");
  }

  @Test
  void anEmergencyThatCameUpSinceGoesBeforeTheOverruling() {
    Advice since = rotten().against("LEAVE").overruled("WATCH", null, 60).advice();
    assertThat(since.call().action()).isEqualTo("ROT_RESCUE");
    assertThat(since.call().overruled()).isNull();

    Advice known = rotten().against("ROT_RESCUE").overruled("WATCH", null, 60).advice();
    assertThat(known.call().action()).isEqualTo("WATCH");
  }

  @Test
  void anArgumentWithoutItsReasonIsRefusedAtItsField() {
    AdviceRequest request =
        rotten()
            .setAside("ROOTS_ROTTEN", " ")
            .setAside("ROOTS_EVERYWHERE", "x")
            .overruled("DANCE", "SOMETIME", 0)
            .request();
    assertThatThrownBy(() -> Shipped.ADVISE.advise(request))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.faults())
                    .extracting(Fault::field)
                    .containsExactlyInAnyOrder(
                        "argument.setAside[0].reason",
                        "argument.setAside[1].sign",
                        "argument.overrule.action",
                        "argument.overrule.urgency",
                        "argument.overrule.recheckDays"));
  }

  @Provide
  Arbitrary<Species> species() {
    return Arbitraries.of(Shipped.BOOK.species().all());
  }

  @Property(tries = 300)
  void anyCallCanBeMadeOfAnyPlant(
      @ForAll("species") Species species,
      @ForAll Action action,
      @ForAll @IntRange(max = 364) int day,
      @ForAll @IntRange(max = 2) int haste) {
    Advice advice =
        Ask.about(species.name())
            .on(LocalDate.of(2027, 1, 1).plusDays(day).toString())
            .at(44)
            .in(Ask.pot("x", 90 + day, 4))
            .repotted("2024-05-01")
            .overruled(action.name(), haste == 0 ? null : haste == 1 ? "NOW" : "SOON", null)
            .advice();
    assertThat(advice.call().action()).isEqualTo(action.name());
    assertThat(advice.call().from() == null).isEqualTo(!action.isWork());
    assertThat(advice.repot() == null)
        .isEqualTo(!action.isWork() || action == Action.PROPAGATE || action == Action.RETIRE);
    assertThat(advice.toString()).doesNotContain("NaN", "Infinity", "{}");
  }

  @ParameterizedTest
  @ValueSource(strings = {"ROOTS_CIRCLING", "TREND_LEANS", "TIME_SINCE_REPOT", "STANDING"})
  void everyKindOfLineHasACodeToArgueWith(String code) {
    assertThat(Ask.example().setAside(code, "no").advice().call().action()).isNotBlank();
  }

  @Test
  void aPotThatHoldsTheBallAndBrittleRootsInBudAreNotSlipped() {
    assertThat(rotten().advice().slip()).isNull();
    assertThat(rotten().sign("POT_MOUTH_NARROWER_THAN_BALL").advice().slip().never()).isTrue();
    Species brittle =
        Shipped.BOOK.species().all().stream()
            .filter(s -> s.traits().rootType().name().equals("BRITTLE"))
            .findFirst()
            .orElseThrow();
    Ask bud = Ask.about(brittle.name()).on("2027-04-12").at(44).in(Ask.pot("x", 150, 4));
    assertThat(bud.advice().slip()).isNull();
    assertThat(bud.state("IN_BUD", null).advice().slip().never()).isFalse();
  }

  @Test
  void theChoiceThatDecidedACallIsNamed() {
    Ask ask =
        Ask.about("Ficus lyrata")
            .on("2027-05-12")
            .at(44)
            .in(Ask.pot("x", 280, 6))
            .repotted("2023-06-01");
    List<Advise.Turn> turns = Shipped.ADVISE.turns(ask.request());
    assertThat(turns).extracting(Advise.Turn::key).contains("timing");
    Advise.Turn timing =
        turns.stream().filter(t -> t.key().equals("timing")).findFirst().orElseThrow();
    Advice other = ask.choose("timing", timing.option()).advice();
    assertThat(other.call().action()).isEqualTo(timing.action());
    assertThat(other.call().urgency()).isEqualTo(timing.urgency());
  }

  @Test
  void choicesByKeyComeBackAsTheyWent() {
    Map<String, String> choices =
        Map.of("timing", "INTERVAL", "liftOneG", "20000.0", "peat", "PEAT_FREE");
    assertThat(AdviceRequest.MethodChoice.of(choices).byKey()).isEqualTo(choices);
  }

  @Test
  void differencesNameOnlyWhatDiffers() {
    Ask ask = Ask.example();
    Advice small = ask.advice();
    Advice peatFree = Ask.example().choose("peat", "PEAT_FREE").advice();
    assertThat(Differences.between(small, small, happysaucer.core.unit.Units.METRIC)).isEmpty();
    assertThat(Differences.between(small, peatFree, happysaucer.core.unit.Units.METRIC))
        .extracting(Differences.Difference::what)
        .contains("Mix")
        .doesNotContain("Call", "When");
    Advice over = Ask.example().choose("overHoles", "NOTHING").advice();
    assertThat(Differences.between(small, over, happysaucer.core.unit.Units.METRIC))
        .extracting(Differences.Difference::what)
        .containsExactly("On the bench");
    Advice left = Ask.example().overruled("LEAVE", null, 30).advice();
    assertThat(Differences.between(small, left, happysaucer.core.unit.Units.METRIC).get(0))
        .isEqualTo(new Differences.Difference("Call", "pot it up", "leave it"));
  }
}
