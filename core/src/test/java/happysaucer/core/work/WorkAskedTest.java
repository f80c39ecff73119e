package happysaucer.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import happysaucer.core.call.Urgency;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkAskedTest {
  private static final int YEAR = 365;

  private static List<Work> asked(Ask ask) {
    return WorkAsked.of(ask.request(), YEAR, Shipped.ADVISE::advise);
  }

  private static Work only(List<Work> work, JobKind kind) {
    List<Work> of = work.stream().filter(each -> each.kind() == kind).toList();
    assertThat(of).hasSize(1);
    return of.get(0);
  }

  private static Ask crowded() {
    return Ask.about("Schefflera arboricola")
        .repotted("2024-04-10")
        .sign("ROOTS_CIRCLING", "CLEAR", null)
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null);
  }

  @Test
  void aCallForARepotIsAJobInItsWindowWithWhatFollowsIt() {
    Advice advice = Shipped.ADVISE.advise(crowded().request());
    List<Work> work = asked(crowded());
    Work repot = only(work, JobKind.REPOT);
    assertThat(repot.days()).isEqualTo(Window.between(advice.call().from(), advice.call().to()));
    assertThat(repot.minutes()).isPositive();
    assertThat(repot.litres()).as("pot and mix").isGreaterThan(5);
    assertThat(repot.foreseen()).isFalse();
    assertThat(work).filteredOn(each -> each.kind() == JobKind.FOLLOW_UP).hasSize(2);
    Work first =
        work.stream().filter(each -> each.kind() == JobKind.FOLLOW_UP).findFirst().orElseThrow();
    assertThat(first.after()).contains(new Work.After(WorkAsked.REPOT, 12, 18));
    assertThat(first.days().from()).isEqualTo(repot.days().from().plusDays(12));
    assertThat(first.days().to()).isEqualTo(repot.days().to().plusDays(18));
    assertThat(only(work, JobKind.TOP_UP).after().orElseThrow().fromDays()).isEqualTo(12);
    assertThat(work).extracting(Work::key).doesNotHaveDuplicates();
  }

  @Test
  void whatIsFullInTheFutureIsForeseenNoEarlierThanThat() {
    Ask ask = Ask.about("Monstera deliciosa").on("2027-01-15").repotted("2025-05-10");
    Advice now = Shipped.ADVISE.advise(ask.request());
    assertThat(now.repot()).as("nothing is due").isNull();
    Work repot = only(asked(ask), JobKind.REPOT);
    assertThat(repot.foreseen()).isTrue();
    assertThat(repot.days().from())
        .as("after the middle of when it is expected to be full")
        .isAfter(LocalDate.of(2027, 1, 15))
        .isAfter(now.forecast().clearFrom())
        .isBefore(now.forecast().clearTo());
    assertThat(repot.ideal()).isBetween(repot.days().from(), repot.days().to());
  }

  @Test
  void whatWasSeenAtTheSlipDoesNotKeepAPotHalfEmptyForEver() {
    Ask ask =
        Ask.about("Schefflera arboricola")
            .on("2027-03-01")
            .repotted("2025-06-10")
            .absent("ROOTS_CIRCLING");
    Advice now = Shipped.ADVISE.advise(ask.request());
    assertThat(now.forecast().clearFrom()).isNotNull();
    assertThat(WorkAsked.of(ask.request(), 4 * YEAR, Shipped.ADVISE::advise))
        .anyMatch(work -> work.kind() == JobKind.REPOT && work.foreseen());
  }

  @Test
  void beyondTheSeasonNothingIsForeseen() {
    Ask ask = Ask.about("Monstera deliciosa").on("2027-01-15").repotted("2025-05-10");
    assertThat(WorkAsked.of(ask.request(), 20, Shipped.ADVISE::advise))
        .noneMatch(work -> work.kind() == JobKind.REPOT);
  }

  @Test
  void budsThatOpenNowAreNoHoldAYearOn() {
    Ask ask =
        Ask.about("Monstera deliciosa")
            .on("2027-01-15")
            .repotted("2025-05-10")
            .state("IN_BUD", null);
    assertThat(only(asked(ask), JobKind.REPOT).held()).isFalse();
  }

  @Test
  void aFirmHoldWithoutADateHoldsTheJob() {
    Work repot = only(asked(crowded().state("RESTING", null)), JobKind.REPOT);
    assertThat(repot.held()).isTrue();
    assertThat(repot.hold()).map(Said::words).get().asString().isNotBlank();
  }

  @Test
  void rootPestsAreATreatment() {
    Work wash =
        only(
            asked(
                Ask.about("Schefflera arboricola")
                    .repotted("2025-04-10")
                    .sign("ROOT_PESTS", null, null)),
            JobKind.TREATMENT);
    assertThat(wash.skills()).contains("TREATMENTS");
  }

  @Test
  void aPlantThatIsKeptDryIsWateredInByADay() {
    List<Work> work =
        asked(
            Ask.about("Echinopsis oxygona")
                .in(Ask.pot("now", 110, 6))
                .sized(160, 110)
                .repotted("2022-04-10")
                .sign("ROOTS_CIRCLING", "CLEAR", null)
                .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null));
    assertThat(only(work, JobKind.WATER_IN).after().orElseThrow().fromDays()).isPositive();
  }

  @ParameterizedTest
  @CsvSource({
    "NOW, 2027-04-12, 2027-04-19, 2027-04-12",
    "SOON, 2027-04-12, 2027-05-10, 2027-04-12",
    "THIS_WINDOW, 2027-03-01, 2027-08-28, 2027-03-15",
    "NEXT_WINDOW, 2027-03-01, 2027-08-28, 2027-03-31",
    "NEXT_WINDOW, 2028-02-26, 2028-02-28, 2028-02-26"
  })
  void whatPressesIsBestAtOnceAndOtherWorkInTheFirstThird(
      Urgency urgency, LocalDate from, LocalDate to, LocalDate ideal) {
    assertThat(WorkAsked.ideal(urgency, Window.between(from, to))).isEqualTo(ideal);
  }

  @Test
  void whatWaitsGrowsLate() {
    Work work = only(asked(crowded()), JobKind.REPOT);
    LocalDate told = work.ideal().minusDays(20);
    assertThat(work.ideal(told)).isEqualTo(told);
    assertThat(work.ideal(work.ideal().plusDays(9))).isEqualTo(work.ideal());
    assertThat(work.ideal(work.days().from().minusYears(1)))
        .as("of the season before")
        .isEqualTo(work.ideal());
  }

  @Test
  void skillsAreOnesOwn() {
    Work work = only(asked(crowded()), JobKind.REPOT);
    Set<String> skills = work.skills();
    assertThat(skills).isUnmodifiable();
    assertThat(work.hold()).isEqualTo(Optional.empty());
  }
}
