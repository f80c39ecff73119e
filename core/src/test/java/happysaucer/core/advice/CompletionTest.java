package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import happysaucer.core.Shipped;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class CompletionTest {
  @Test
  void daysOutsideAnyRecordOfPlantsAreRefusedAtTheirField() {
    for (String day : List.of("-9999-01-01", "1899-12-31", "2201-01-01", "+99999-06-01")) {
      AdviceRequest request =
          Ask.about("Ficus elastica")
              .on(day)
              .repotted(day)
              .poured(day, 7, 0.8)
              .measured(day, "HEIGHT", 900)
              .request();
      assertThat(Shipped.ADVISE.faults(request))
          .as(day)
          .filteredOn(fault -> fault.message().contains("between 1900 and 2200"))
          .extracting(Fault::field)
          .containsExactlyInAnyOrder(
              "date",
              "plant.lastRepotted",
              "history.waterings[0].date",
              "history.measures[0].date");
    }
  }

  private static List<Fault> faults(AdviceRequest request) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> Shipped.ADVISE.advise(request));
    assertThat(refused).isNotNull();
    return refused.faults();
  }

  private static List<String> fields(Ask ask) {
    return faults(ask.request()).stream().map(Fault::field).toList();
  }

  @Test
  void anEmptyRequestNamesAllThatIsRequired() {
    AdviceRequest nothing =
        new AdviceRequest(
            null, null, null, null, null, null, null, null, null, null, null, null, null, null,
            null, null);
    assertThat(faults(nothing))
        .extracting(Fault::field)
        .containsExactlyInAnyOrder("date", "pot.topMm", "plant.species");
  }

  @Test
  void allFaultsComeInOneAnswer() {
    List<String> fields =
        fields(
            Ask.about("Fikus elastika")
                .at(91)
                .inLight("SUNNY")
                .in(Ask.pot("x", 5, 6))
                .sign("ROOTS_EVERYWHERE")
                .sign("SURFACE_HARD")
                .sign("SURFACE_HARD")
                .sign("WATER_POOLS", null, -3.0)
                .state("SLEEPY", null)
                .mix("mud")
                .units("FURLONGS")
                .watered(0.0, 0.5, 0.9, null));
    assertThat(fields)
        .contains(
            "plant.species",
            "site.latitude",
            "spot.light",
            "pot.topMm",
            "signs[0].code",
            "signs[2].code",
            "signs[3].value",
            "plant.states[0].code",
            "plant.mix",
            "units",
            "watering.intervalDays",
            "watering.runOffLitres");
  }

  @Test
  void aMisspeltSpeciesIsToldTheNearestNames() {
    assertThat(faults(Ask.about("Fikus elastika").request()).get(0).message())
        .contains("Ficus elastica");
  }

  @Test
  void anAbsentSignHasNoGradeAndNoValue() {
    AdviceRequest request = Ask.about("Ficus elastica").request();
    AdviceRequest damaged =
        new AdviceRequest(
            request.date(),
            request.site(),
            request.spot(),
            request.plant(),
            request.pot(),
            null,
            List.of(
                new AdviceRequest.Sign("ROOTS_CIRCLING", "ABSENT", "CLEAR", null),
                new AdviceRequest.Sign("WATER_POOLS", "NOT_CHECKED", null, 90.0)),
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    assertThat(faults(damaged))
        .extracting(Fault::field)
        .containsExactly("signs[0].grade", "signs[1].value");
  }

  @Test
  void baseAndBallMustFit() {
    AdviceRequest.Pot wideBase =
        new AdviceRequest.Pot(
            null,
            "STANDARD",
            null,
            200.0,
            280.0,
            null,
            null,
            200.0,
            null,
            null,
            null,
            4,
            null,
            null,
            null);
    assertThat(fields(Ask.about("Ficus elastica").in(wideBase))).containsExactly("pot.baseMm");
    AdviceRequest.Pot urn =
        new AdviceRequest.Pot(
            null, "URN", null, 200.0, 280.0, null, null, 200.0, null, null, null, 4, null, null,
            null);
    assertThat(Shipped.ADVISE.advise(Ask.about("Ficus elastica").in(urn).request())).isNotNull();
    assertThat(fields(Ask.about("Ficus elastica").ball(260, 200, 190)))
        .containsExactly("ball.topMm");
    assertThat(fields(Ask.about("Ficus elastica").ball(200, 150, 400)))
        .containsExactly("ball.heightMm");
  }

  @Test
  void measuresAndGradesBelongToTheirSigns() {
    assertThat(
            fields(
                Ask.about("Ficus elastica")
                    .sign("ROOTS_CIRCLING", "HEAVY", null)
                    .sign("SURFACE_HARD", null, 3.0)
                    .sign("ROOTS_ROTTEN", null, 1.2)
                    .sign("HEFT")))
        .containsExactly("signs[0].grade", "signs[1].value", "signs[2].value", "signs[3].grade");
  }

  @Test
  void aRepotAfterTheDateOfTheCaseIsRefused() {
    assertThat(fields(Ask.about("Ficus elastica").repotted("2030-01-01")))
        .containsExactly("plant.lastRepotted");
  }

  @Test
  void nullEqualsAbsentAndNoDefaultAsksForToday() {
    AdviceRequest least =
        new AdviceRequest(
            LocalDate.of(2027, 3, 10),
            null,
            null,
            new AdviceRequest.Plant(
                null, "FIG", null, null, null, null, null, null, null, null, null, null),
            Ask.pot(null, 200, 4),
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    Advice advice = Shipped.ADVISE.advise(least);
    assertThat(advice.assumed()).isSorted().anyMatch(a -> a.startsWith("site.latitude = 45: "));
    assertThat(advice.call().recheck()).isAfter(LocalDate.of(2027, 3, 10));
  }
}
