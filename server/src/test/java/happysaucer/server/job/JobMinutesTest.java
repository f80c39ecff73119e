package happysaucer.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class JobMinutesTest {
  private static JobMapper.Taken taken(int jobs, double taken, double ruled) {
    return new JobMapper.Taken(jobs, taken, ruled);
  }

  @Test
  void withoutTimesOfTheirOwnTheRulesAreTaken() {
    assertThat(JobMinutes.expected(35, taken(0, 0, 0))).isEqualTo(35);
  }

  @Test
  void ownTimesTakeOverTheMoreThereAre() {
    // twice as long as the rules thought, each of 30 minutes
    assertThat(JobMinutes.expected(30, taken(1, 60, 30))).isEqualTo(40);
    assertThat(JobMinutes.expected(30, taken(4, 240, 120))).isEqualTo(45);
    assertThat(JobMinutes.expected(30, taken(40, 2400, 1200))).isEqualTo(60);
  }

  @Test
  void oneQuickJobHardlyShortensThePlan() {
    assertThat(JobMinutes.expected(60, taken(1, 10, 30))).isEqualTo(55);
  }
}
