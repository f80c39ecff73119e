package happysaucer.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.record.SeenSign.Look;
import happysaucer.core.record.WateringRecord.Watered;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What of a record counts on a day. */
class PlantRecordTest {
  private static final LocalDate DAY = LocalDate.of(2027, 4, 12);

  private static SeenSign seen(String code, int daysAgo, Look look) {
    LocalDate on = DAY.minusDays(daysAgo);
    Instant at = on.atStartOfDay().toInstant(ZoneOffset.UTC);
    return new SeenSign(code, "PRESENT", null, null, on, at, look);
  }

  private static boolean counts(SeenSign sign, Optional<LocalDate> repotted) {
    return StandingSigns.on(DAY, List.of(sign), repotted, Shipped.BOOK.signs())
        .containsKey(sign.code());
  }

  @ParameterizedTest
  @CsvSource({
    "ROOTS_CIRCLING, 180, EARLIER, true",
    "ROOTS_CIRCLING, 181, EARLIER, false",
    "SURFACE_HARD, 90, EARLIER, true",
    "SURFACE_HARD, 91, EARLIER, false",
    "WILTS_WHEN_WET, 1, EARLIER, false",
    "WILTS_WHEN_WET, 40, LAST_CHECK, true"
  })
  void rootsChangeSlowlyAndLeavesQuickly(String code, int daysAgo, Look look, boolean counts) {
    assertThat(counts(seen(code, daysAgo, look), Optional.empty())).isEqualTo(counts);
  }

  @Test
  void aRepotEndsWhatWasSeenUntilThen() {
    SeenSign before = seen("ROOTS_CIRCLING", 20, Look.LAST_CHECK);
    assertThat(counts(before, Optional.of(DAY.minusDays(20)))).isFalse();
    assertThat(counts(before, Optional.of(DAY.minusDays(21)))).isTrue();
    assertThat(PlantRecord.repotted(DAY.plusDays(1), DAY)).isEmpty();
  }

  @Test
  void theNewestOfEachSignStands() {
    SeenSign newer = seen("ROOTS_CIRCLING", 3, Look.AT_THE_BENCH);
    SeenSign older = seen("ROOTS_CIRCLING", 30, Look.LAST_CHECK);
    assertThat(StandingSigns.on(DAY, List.of(newer, older), Optional.empty(), Shipped.BOOK.signs()))
        .containsExactly(Map.entry("ROOTS_CIRCLING", newer));
  }

  @Test
  void twoWateringsMakeNoInterval() {
    List<Watered> two = List.of(new Watered(DAY, 1, 0), new Watered(DAY.minusDays(6), 1, 0.2));
    assertThat(WateringRecord.of(two, Optional.empty()).mean()).isEmpty();
    List<Watered> three = List.of(two.get(0), two.get(1), new Watered(DAY.minusDays(16), 0.4, 0));
    AdviceRequest.Watering mean = WateringRecord.of(three, Optional.empty()).mean().orElseThrow();
    assertThat(mean.intervalDays()).isEqualTo(8);
    assertThat(mean.litres()).isEqualTo(0.8, org.assertj.core.api.Assertions.within(1e-9));
    assertThat(mean.intervalAfterLastRepotDays()).isNull();
  }

  @Test
  void poursIntoAnEarlierPotAreLeftOut() {
    WateringRecord record =
        WateringRecord.of(
            List.of(
                new Watered(DAY, 1, 0),
                new Watered(DAY.minusDays(6), 1, 0),
                new Watered(DAY.minusDays(12), 1, 0)),
            Optional.empty());
    assertThat(record.pours(Optional.empty())).hasSize(2);
    assertThat(record.pours(Optional.of(DAY.minusDays(8)))).hasSize(1);
    assertThat(record.daysSince(DAY.plusDays(4))).contains(4L);
  }

  @Test
  void whatWasSetAsideEndsWhenTheSignIsLookedAtAgainUnlessItIsForAlways() {
    SeenSign sign = seen("SURFACE_HARD", 5, Look.LAST_CHECK);
    Instant before = sign.at().minusSeconds(60);
    Map<String, SeenSign> standing = Map.of("SURFACE_HARD", sign);
    Map<String, PlantRecord.Aside> once =
        Map.of("a", new PlantRecord.Aside("SURFACE_HARD", false, sign.at()));
    assertThat(PlantRecord.openAsides(once, standing, List.of())).containsExactly("a");
    assertThat(PlantRecord.openAsides(once, standing, List.of("SURFACE_HARD"))).isEmpty();
    Map<String, PlantRecord.Aside> older =
        Map.of("b", new PlantRecord.Aside("SURFACE_HARD", false, before));
    assertThat(PlantRecord.openAsides(older, standing, List.of())).isEmpty();
    Map<String, PlantRecord.Aside> always =
        Map.of("c", new PlantRecord.Aside("SURFACE_HARD", true, before));
    assertThat(PlantRecord.openAsides(always, standing, List.of("SURFACE_HARD")))
        .containsExactly("c");
  }
}
