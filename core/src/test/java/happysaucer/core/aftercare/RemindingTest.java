package happysaucer.core.aftercare;

import static happysaucer.core.aftercare.Reminding.Kind.COMING;
import static happysaucer.core.aftercare.Reminding.Kind.FOLLOW_UP;
import static happysaucer.core.aftercare.Reminding.Kind.MISSED;
import static happysaucer.core.aftercare.Reminding.Kind.WATER;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What whoever waters is reminded of, and what they are spared. */
class RemindingTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);

  private static List<Reminding.Kind> kinds(Reminding.Facts facts) {
    return Reminding.of(facts).stream().map(Reminding.Reminder::kind).toList();
  }

  private static Reminding.Facts water(int inDays, String said, String before) {
    LocalDate on = TODAY.plusDays(inDays);
    return new Reminding.Facts(
        TODAY,
        Optional.of(new Reminding.Water(on, on.isBefore(TODAY), said)),
        Optional.ofNullable(before),
        List.of(),
        List.of());
  }

  @Test
  void waterIsToldTheFirstTimeAndWhenItChanges() {
    assertThat(kinds(water(0, "one can / 5", null))).containsExactly(WATER);
    assertThat(kinds(water(0, "one can / 6", "one can / 5"))).containsExactly(WATER);
    assertThat(kinds(water(0, "one can / 5", "one can / 5"))).isEmpty();
    assertThat(kinds(water(1, "one can / 5", null))).as("not before its day").isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"-1, false", "-2, true", "-4, true", "-5, false"})
  void aWateringThatNobodyToldOfIsAskedAfterForAWhile(int days, boolean asked) {
    assertThat(kinds(water(days, "one can", "one can")).contains(MISSED)).isEqualTo(asked);
  }

  @Test
  void thatSomebodyComesIsToldTheDayBefore() {
    LocalDate tomorrow = TODAY.plusDays(1);
    Reminding.FollowUp step = new Reminding.FollowUp(tomorrow, tomorrow.plusDays(4));
    assertThat(
            kinds(
                new Reminding.Facts(
                    TODAY, Optional.empty(), Optional.empty(), List.of(step), List.of())))
        .containsExactly(FOLLOW_UP);
    assertThat(
            kinds(
                new Reminding.Facts(
                    TODAY,
                    Optional.empty(),
                    Optional.empty(),
                    List.of(step),
                    List.of(tomorrow.plusDays(3)))))
        .as("its day is made known and told when it comes")
        .isEmpty();
    assertThat(
            kinds(
                new Reminding.Facts(
                    TODAY, Optional.empty(), Optional.empty(), List.of(step), List.of(tomorrow))))
        .containsExactly(COMING);
  }

  @Test
  void overTheDaysOfAPlanNoReminderIsMeantTwice() {
    Set<String> keys = new HashSet<>();
    LocalDate due = TODAY;
    String said = null;
    for (int day = 0; day < 60; day++) {
      LocalDate today = TODAY.plusDays(day);
      String now = day < 20 ? "half a cup / 7" : "one cup / 9";
      List<Reminding.Reminder> reminders =
          Reminding.of(
              new Reminding.Facts(
                  today,
                  Optional.of(new Reminding.Water(due, due.isBefore(today), now)),
                  Optional.ofNullable(said),
                  List.of(),
                  List.of()));
      for (Reminding.Reminder each : reminders) {
        assertThat(keys.add(each.key()) || each.kind() == MISSED).as(each.key()).isTrue();
        said = each.kind() == WATER ? now : said;
      }
      due = due.equals(today) ? today.plusDays(7) : due;
    }
    assertThat(keys).hasSize(2);
  }
}
