package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What whoever waters and whoever comes back is told. */
class AftercareTest {
  private static Advice.CareStep step(Advice advice, String kind, int nth) {
    return advice.aftercare().steps().stream().filter(s -> s.kind().equals(kind)).toList().get(nth);
  }

  private static long day(Advice advice, LocalDate date) {
    return ChronoUnit.DAYS.between(advice.call().from(), date);
  }

  @Test
  void theFirstWeeksStretchLittleAndTheNewNormalIsLonger() {
    Advice advice = Ask.example().advice();
    for (Advice.Week week : advice.aftercare().weeks().subList(0, 3)) {
      assertThat(week.everyDays()).isLessThanOrEqualTo(5 * 1.3 + 1e-9);
    }
    assertThat(advice.water().settled().daysToRefill()).isGreaterThan(5);
    assertThat(step(advice, "PROBE", 0).text().words()).contains("old ball");
  }

  @Test
  void somebodyComesBackAtTwoAndFourWeeks() {
    Advice advice = Ask.example().advice();
    assertThat(day(advice, step(advice, "FOLLOW_UP", 0).from())).isEqualTo(12);
    assertThat(day(advice, step(advice, "FOLLOW_UP", 0).to())).isEqualTo(18);
    assertThat(day(advice, step(advice, "FOLLOW_UP", 1).from())).isBetween(25L, 28L);
    assertThat(step(advice, "FOLLOW_UP", 0).who()).isEqualTo("TECHNICIAN");
    assertThat(advice.aftercare().steps()).extracting(Advice.CareStep::from).isSorted();
  }

  @Test
  void cutRootsWantABrightMonthNoFeedAndSmallerDrinks() {
    Advice cut =
        Ask.about("Ficus elastica").wish("KEEP").sign("ROOTS_CIRCLING", "CLEAR", null).advice();
    assertThat(cut.aftercare().plan()).isEqualTo("KEEP_MOIST");
    assertThat(day(cut, step(cut, "LIGHT", 0).to())).isEqualTo(28);
    assertThat(step(cut, "LIGHT", 0).text().words()).contains("no direct sun");
    assertThat(step(cut, "FEED", 0).to()).isEqualTo(cut.repot().feed().holdUntil());
    assertThat(cut.cautions()).extracting(Advice.Coded::code).contains("FEED_BURN", "BLADES");
  }

  @Test
  void cutRootsDrinkLessThanWholeOnes() {
    Ask fig = Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.3);
    double perDayCut = fig.advice().water().after().litresPerDay();
    double perDayWhole = fig.advice().water().settled().litresPerDay();
    assertThat(perDayCut).isLessThan(perDayWhole);
  }

  @Test
  void afterRotItIsLookedAtWithinTenDaysAndOnlyMoistened() {
    Advice rot = Ask.about("Spathiphyllum wallisii").sign("ROOTS_ROTTEN", null, 0.25).advice();
    assertThat(day(rot, step(rot, "FOLLOW_UP", 0).from())).isBetween(5L, 8L);
    assertThat(step(rot, "WATER", 0).text().words()).contains("barely moist");
    assertThat(rot.cautions()).extracting(Advice.Coded::code).contains("HYGIENE");
  }

  @Test
  void barelyMoistIsNotADropEveryDay() {
    Advice rot =
        Ask.about("Spathiphyllum wallisii")
            .in(Ask.pot("x", 170, 6))
            .on("2027-11-08")
            .sign("ROOTS_ROTTEN", null, 0.25)
            .advice();
    assertThat(rot.aftercare().weeks())
        .allSatisfy(
            week -> {
              assertThat(week.everyDays()).isBetween(3.0, 14.0);
              assertThat(week.litres()).isBetween(0.03, rot.repot().waterIn().litres() * 1.01);
            });
  }

  @Test
  void dryLoversStayDryToTheirDayAndTheWeeksSaySo() {
    Advice cactus =
        Ask.about("Echinopsis oxygona")
            .in(Ask.pot("x", 120, 4))
            .sized(150, 120)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice();
    long dry = day(cactus, cactus.repot().waterIn().on());
    assertThat(dry).isEqualTo(10);
    List<Advice.Week> weeks = cactus.aftercare().weeks();
    assertThat(weeks.get(0).everyDays()).isNull();
    assertThat(weeks.get(0).litres()).isZero();
    assertThat(weeks.get(1).everyDays()).isNotNull();
    assertThat(step(cactus, "WATER", 0).text().words()).contains("Keep it dry until");
  }

  @Test
  void firstWaterAtOnceIsTheTeamsChoice() {
    AdviceRequest request =
        Ask.about("Crassula ovata")
            .in(Ask.pot("x", 140, 4))
            .sized(300, 300)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .request();
    AdviceRequest.MethodChoice atOnce =
        new AdviceRequest.MethodChoice(
            null, null, null, null, null, null, null, null, null, null, "AT_ONCE", null, null, null,
            null, null, null, null, null, null);
    Advice advice = happysaucer.core.Shipped.ADVISE.advise(request.withMethod(atOnce));
    assertThat(advice.repot().waterIn().on()).isEqualTo(advice.call().from());
  }

  @Test
  void feedGoesByTheFreshMediumTheFeederAndTheLight() {
    Ask fig =
        Ask.about("Ficus elastica")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .choosing(Ask.pot("p", 270, 6));
    double bright = fig.advice().repot().feed().grams();
    double fresh = fig.advice().repot().candidates().get(0).freshLitres();
    double low = fig.inLight("LOW").advice().repot().feed().grams();
    assertThat(bright).isCloseTo(2 * fresh, within(1e-6));
    assertThat(low).isCloseTo(bright / 2, within(1e-6));
  }

  @Test
  void withNothingPottedOnlyInterimCareIsDated() {
    Advice advice =
        Ask.about("Epipremnum aureum").sign("STAYS_WET", null, 12.0).sign("FUNGUS_GNATS").advice();
    assertThat(advice.aftercare().plan()).isEqualTo("NONE");
    assertThat(advice.aftercare().weeks()).isEmpty();
    assertThat(step(advice, "FOLLOW_UP", 0).from()).isEqualTo(advice.call().recheck());
  }
}
