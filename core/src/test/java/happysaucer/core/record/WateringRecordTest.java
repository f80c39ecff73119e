package happysaucer.core.record;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import happysaucer.core.record.WateringRecord.Watered;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WateringRecordTest {
  private static final LocalDate REPOTTED = LocalDate.of(2027, 1, 10);

  private static List<Watered> after(LocalDate day, int... days) {
    return IntStream.of(days).mapToObj(n -> new Watered(day.plusDays(n), 0.5 + n, 0.1)).toList();
  }

  private static List<LocalDate> days(List<Watered> waterings) {
    return waterings.stream().map(Watered::on).toList();
  }

  @Test
  void theLastSixCountNewestFirstInWhateverOrderTheyAreRead() {
    List<Watered> all = new ArrayList<>(after(REPOTTED, 1, 8, 15, 22, 29, 36, 43, 50));
    List<LocalDate> expected =
        IntStream.of(50, 43, 36, 29, 22, 15).mapToObj(REPOTTED::plusDays).toList();
    for (int seed = 0; seed < 20; seed++) {
      Collections.shuffle(all, new Random(seed));
      WateringRecord record = WateringRecord.of(all, Optional.empty());
      assertEquals(expected, days(record.newestFirst()));
      assertTrue(record.afterRepot().isEmpty(), "it was never repotted");
    }
  }

  @Test
  void afterARepotThoseCountThatFollowOnceItHasSettled() {
    WateringRecord record =
        WateringRecord.of(
            after(REPOTTED, -5, 0, 7, 8, 20, 32, 44, 56, 68, 74, 75, 90), Optional.of(REPOTTED));
    assertEquals(
        IntStream.of(8, 20, 32, 44, 56, 68).mapToObj(REPOTTED::plusDays).toList(),
        days(record.afterRepot()),
        "from the eighth day, no more than six");
    assertEquals(
        List.of(REPOTTED.plusDays(74)),
        days(WateringRecord.of(after(REPOTTED, 7, 74, 75), Optional.of(REPOTTED)).afterRepot()),
        "the seventh and the 75th day are outside");
    assertEquals(12.0, record.mean().orElseThrow().intervalAfterLastRepotDays(), 1e-9);
  }

  @Test
  void whatWasPouredTwiceOnADayIsOneWatering() {
    LocalDate day = REPOTTED.plusDays(20);
    WateringRecord record =
        WateringRecord.of(
            List.of(
                new Watered(day, 0.5, 0.1),
                new Watered(day.minusDays(8), 0.4, 0.1),
                new Watered(day, 0.25, 0.05)),
            Optional.empty());
    assertEquals(List.of(day, day.minusDays(8)), days(record.newestFirst()));
    assertEquals(1, record.pours(Optional.empty()).size());
    assertEquals(0.75, record.pours(Optional.empty()).get(0).litres(), 1e-9);
    assertEquals(0.15, record.pours(Optional.empty()).get(0).runOffLitres(), 1e-9);
  }

  @Test
  void thePresentIntervalIsThatOfThePresentPotOnceThreeWateringsTellIt() {
    List<Watered> before = after(REPOTTED, -15, -10, -5);
    List<Watered> few = new ArrayList<>(before);
    few.addAll(after(REPOTTED, 9, 19));
    assertEquals(
        34.0 / 4,
        WateringRecord.of(few, Optional.of(REPOTTED)).mean().orElseThrow().intervalDays(),
        1e-9);
    few.addAll(after(REPOTTED, 29));
    assertEquals(
        10.0,
        WateringRecord.of(few, Optional.of(REPOTTED)).mean().orElseThrow().intervalDays(),
        1e-9);
  }

  @Test
  void withoutWateringsNothingIsKnown() {
    WateringRecord none = WateringRecord.of(List.of(), Optional.of(REPOTTED));
    assertTrue(none.mean().isEmpty());
    assertTrue(none.daysSince(REPOTTED).isEmpty());
    assertTrue(none.pours(Optional.empty()).isEmpty());
  }
}
