package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A plant that loses leaf or colour, or stands wet or dry, is told why, and what to change. */
class CareCallsTest {
  private static Ask fig() {
    return Ask.about("Ficus elastica").sized(1000, 500).in(Ask.pot("now", 190, 6));
  }

  private static Arguments told(String words, UnaryOperator<Ask> seen) {
    return Arguments.of(words, seen.apply(fig()).advice().call());
  }

  static Stream<Arguments> causes() {
    return Stream.of(
        told(
            "kept too wet",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).sign("STAYS_WET", null, 21.0)),
        told(
            "short of water",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).sign("HEFT", "LIGHT", null)),
        told(
            "looks like dying roots",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).sign("SOUR_SMELL")),
        told(
            "moved to other light",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).state("MOVED_LIGHT", 10)),
        told("come a long way", a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).state("ARRIVED", 5)),
        told(
            "nothing seen so far says why",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).state("MOVED_LIGHT", 40)),
        told("they cost it leaf", a -> a.sign("LOWER_LEAVES_SHED", null, 9.0).sign("THRIPS")),
        told(
            "against its stem",
            a -> a.sign("LOWER_LEAVES_SHED", null, 9.0).sign("STEM_BURIED_OR_MULCHED")),
        told("salts sit", a -> a.sign("WHOLE_PLANT_PALE").sign("SALT_CRUST")),
        told("whether it is fed", a -> a.sign("WHOLE_PLANT_PALE")),
        told("although it is fed", a -> a.sign("WHOLE_PLANT_PALE").fed(true)),
        told("Feed it first", a -> a.sign("WHOLE_PLANT_PALE").fed(false)),
        told("stand in water", a -> a.sign("WATER_IN_COVER_POT")),
        told("kept too wet", a -> a.sign("STAYS_WET", null, 21.0)),
        told("look again in four weeks", a -> a.sign("LEAVES_YELLOWING")),
        told("Leave it.", a -> a));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("causes")
  void theCallNamesTheCause(String words, Advice.Call call) {
    assertThat(Words.of(call.reasons())).contains(words);
    assertThat(call.action()).isIn("FIX_CARE_FIRST", "LEAVE");
  }

  /** In its dry rest a cactus is light, hard and shrivelled, and must not be wet. */
  @ParameterizedTest
  @CsvSource({
    "HEFT, LIGHT, LEAVE",
    "SURFACE_HARD, , LEAVE",
    "MEDIUM_SHRUNK_FROM_WALL, , LEAVE",
    "HEFT, HEAVY, FIX_CARE_FIRST",
    "STAYS_WET, , FIX_CARE_FIRST"
  })
  void dryIsItsRestAndWetIsNot(String sign, String grade, String action) {
    Ask cactus =
        Ask.about("Echinopsis oxygona")
            .on("2027-01-15")
            .sized(120, 110)
            .in(Ask.pot("now", 120, 4))
            .sign(sign, grade, null);
    assertThat(cactus.advice().call().action()).isEqualTo(action);
  }

  @Test
  void mudOutOfPeatIsNoBreakdownOfClay() {
    Ask maple = Ask.about("Acer palmatum").on("2027-02-20").sign("RUNOFF_MUDDY", "CLEAR", null);
    assertThat(maple.advice().call().action()).isEqualTo("REFRESH");
    assertThat(fig().sign("RUNOFF_MUDDY", "CLEAR", null).advice().call().action())
        .isEqualTo("LEAVE");
  }

  @ParameterizedTest
  @CsvSource({"0.1, UNDERWATERED", "6, OVERWATERED"})
  void aRecordFarFromWhatItCanDrinkIsDoubtedAndNotItsUse(double times, String finding) {
    Ask dim = Ask.about("Aglaonema commutatum").inLight("LOW").sized(500, 450);
    double daily = dim.advice().water().before().litresPerDay();
    Advice told = dim.watered(3, 3 * times * daily, 0.0, null).advice();
    assertThat(told.findings())
        .anyMatch(
            f ->
                f.code().equals(finding)
                    && f.evidence().stream().anyMatch(e -> e.sign().equals("WATERING_RECORD")));
    assertThat(told.call().action()).isEqualTo("FIX_CARE_FIRST");
    assertThat(told.call().reasons().get(0).words()).startsWith("On record");
    assertThat(told.water().before().litresPerDay()).isBetween(0.5 * daily, 2 * daily);
  }

  @Test
  void whatIsPouredAndRunsPastADryBallIsNoOverwatering() {
    Ask dry = fig().sign("HEFT", "LIGHT", null);
    double daily = dry.advice().water().before().litresPerDay();
    Advice told = dry.watered(3, 18 * daily, 0.0, null).advice();
    assertThat(told.findings()).noneMatch(f -> f.code().equals("OVERWATERED") && f.decibans() > 0);
    assertThat(told.findings())
        .filteredOn(f -> f.code().equals("SPENT_MEDIUM"))
        .flatExtracting(Advice.Finding::evidence)
        .anyMatch(e -> e.why().words().contains("runs past the roots"));
  }

  @Test
  void everyWordOnWaterAtRestAgrees() {
    List<String> care =
        Words.each(
            Ask.about("Echinopsis oxygona")
                .on("2027-01-15")
                .sign("ROOTS_CIRCLING", "SEVERE", null)
                .advice()
                .call()
                .interim());
    assertThat(care).hasSize(1).first().asString().startsWith("Keep it dry");
  }
}
