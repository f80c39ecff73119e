package happysaucer.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** A planned repot follows its plant. */
class JobFitTest {
  private static final LocalDate DAY = LocalDate.of(2027, 4, 20);

  private static Ask crowded() {
    return Ask.about("Gardenia jasminoides")
        .sized(500, 400)
        .in(Ask.pot("now", 190, 6))
        .sign("ROOTS_CIRCLING", "CLEAR", null);
  }

  private static JobFit fit(Ask ask) {
    return JobFit.of("POT_UP", DAY, ask.advice().call());
  }

  @Test
  void whatStandsInNoWayLeavesItAlone() {
    assertThat(fit(crowded())).isEqualTo(new JobFit(JobFit.Kind.FITS, DAY, note()));
  }

  private static java.util.Optional<happysaucer.core.unit.Message> note() {
    return java.util.Optional.empty();
  }

  @Test
  void aBudThatWouldDropHoldsIt() {
    JobFit held = fit(crowded().state("IN_BUD", null));
    assertThat(held.kind()).isEqualTo(JobFit.Kind.HELD);
    assertThat(held.on()).isEqualTo(DAY);
    assertThat(words(held)).startsWith("On hold. When flowering is over");
  }

  @Test
  void aCutTopMovesItToTheDayOnWhichItHasSealed() {
    Advice.Call call = crowded().on("2027-04-18").state("RECENTLY_PRUNED", 0).advice().call();
    JobFit moved = JobFit.of("POT_UP", DAY, call);
    assertThat(moved.kind()).isEqualTo(JobFit.Kind.MOVED);
    assertThat(moved.on()).isEqualTo(call.from()).isAfter(DAY);
    assertThat(words(moved)).contains("Moved from 20 April 2027", "sealed");
  }

  @Test
  void anotherCallWarnsWhoeverComesToDoIt() {
    JobFit other = fit(crowded().sign("ROOTS_ROTTEN", null, 0.4));
    assertThat(other.kind()).isEqualTo(JobFit.Kind.OTHER_CALL);
    assertThat(words(other)).contains("cut out the rot");
    assertThat(fit(Ask.about("Gardenia jasminoides")).kind()).isEqualTo(JobFit.Kind.OTHER_CALL);
  }

  @Test
  void aWorseSignMakesItsDayTooLate() {
    Advice.Call call = crowded().on("2027-03-01").sign("LITTLE_MEDIUM_LEFT").advice().call();
    JobFit late = JobFit.of("POT_UP", LocalDate.of(2027, 7, 1), call);
    assertThat(late.kind()).isEqualTo(JobFit.Kind.LATE);
    assertThat(words(late)).startsWith("It should be done by");
  }

  private static String words(JobFit fit) {
    return new Wording(Units.METRIC).text(fit.note().orElseThrow());
  }
}
