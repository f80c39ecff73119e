package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.unit.Message;
import happysaucer.core.unit.Said;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Everything dated follows the day of the work. */
class WorkOnTest {
  private static Ask crowded(String species) {
    return Ask.about(species)
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null);
  }

  /** Days named in sentences, however deep. */
  private static List<LocalDate> named(Message message) {
    List<LocalDate> days = new ArrayList<>();
    for (Object value : message.values()) {
      if (value instanceof LocalDate day) {
        days.add(day);
      } else if (value instanceof Message inner) {
        days.addAll(named(inner));
      }
    }
    return days;
  }

  private static List<LocalDate> named(Advice advice) {
    List<Said> said = new ArrayList<>();
    advice.repot().steps().forEach(step -> said.add(step.text()));
    advice.aftercare().steps().forEach(step -> said.add(step.text()));
    said.add(advice.repot().feed().why());
    List<LocalDate> days = new ArrayList<>();
    said.forEach(sentence -> days.addAll(named(sentence.message())));
    return days;
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Ficus elastica",
        "Echinopsis oxygona",
        "Phalaenopsis hybrids",
        "Spathiphyllum wallisii",
        "Olea europaea"
      })
  void threeWeeksLaterEverythingIsThreeWeeksLater(String species) {
    Advice now = crowded(species).advice();
    LocalDate first = now.repot().workOn();
    assertThat(first).isEqualTo(now.call().from());
    LocalDate later = first.plusWeeks(3);
    Advice then = crowded(species).workOn(later.toString()).advice();
    assertThat(then.call()).isEqualTo(now.call());
    assertThat(then.repot().workOn()).isEqualTo(later);
    assertThat(then.repot().waterIn().on()).isAfterOrEqualTo(later);
    assertThat(then.aftercare().weeks().get(0).from())
        .isEqualTo(now.aftercare().weeks().get(0).from().plusWeeks(3));
    assertThat(then.aftercare().steps())
        .allSatisfy(step -> assertThat(step.from()).isAfterOrEqualTo(later));
    assertThat(named(then)).allSatisfy(day -> assertThat(day).isAfterOrEqualTo(later));
    assertThat(named(now)).hasSameSizeAs(named(then));
  }

  @Test
  void workOnADarkerDayKeepsItDryUntilItGrows() {
    Ask cactus = crowded("Echinopsis oxygona").unsized().on("2027-03-20");
    LocalDate inSeason = cactus.advice().repot().waterIn().on();
    LocalDate inAutumn =
        crowded("Echinopsis oxygona")
            .unsized()
            .on("2027-03-20")
            .workOn("2027-10-25")
            .advice()
            .repot()
            .waterIn()
            .on();
    assertThat(inSeason).isBefore(LocalDate.parse("2027-04-20"));
    assertThat(inAutumn).isAfter(LocalDate.parse("2028-02-01"));
  }

  @Test
  void aDayNobodyCanMeanIsRefused() {
    assertThatThrownBy(() -> crowded("Ficus elastica").workOn("2031-01-01").advice())
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("workOn");
  }
}
