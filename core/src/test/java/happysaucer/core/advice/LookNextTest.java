package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Looking costs time: what is asked for, and when the asking stops. */
class LookNextTest {
  private static List<String> asked(Ask ask) {
    return ask.advice().lookNext().stream().map(Advice.Look::sign).toList();
  }

  private static Ask doubtful() {
    return Ask.about("Ficus elastica")
        .sign("SURFACE_HARD")
        .sign("GROWTH_STALLED")
        .repotted("2024-04-12");
  }

  @Test
  void crowdingInDoubtIsSettledAtTheRoots() {
    assertThat(asked(doubtful())).contains("SLIP_CHECK").hasSizeLessThanOrEqualTo(2);
  }

  @Test
  void nobodySlipsAPlantWhosePotCannotReleaseIt() {
    assertThat(asked(doubtful().sign("POT_MOUTH_NARROWER_THAN_BALL"))).doesNotContain("SLIP_CHECK");
  }

  @Test
  void norBrittleRootsInBud() {
    Ask palm =
        Ask.about("Howea forsteriana")
            .sign("SURFACE_HARD")
            .sign("GROWTH_STALLED")
            .repotted("2022-04-12");
    assertThat(asked(palm)).contains("SLIP_CHECK");
    assertThat(asked(palm.state("IN_BUD", null))).doesNotContain("SLIP_CHECK");
  }

  @Test
  void whatWasSeenAtTheRootsIsNotAskedAgain() {
    assertThat(asked(doubtful().sign("ROOTS_CIRCLING", "SLIGHT", null)))
        .doesNotContain("SLIP_CHECK");
  }

  @Test
  void aHealthyPlantIsLeftInPeace() {
    assertThat(
            asked(
                Ask.about("Ficus elastica")
                    .repotted("2026-10-01")
                    .absent("ROOTS_FROM_DRAIN_HOLES")))
        .isEmpty();
  }

  @Test
  void countedHolesAreNotAskedFor() {
    assertThat(asked(Ask.about("Spathiphyllum wallisii").sign("SOUR_SMELL")))
        .doesNotContain("NO_DRAIN_HOLES");
  }
}
