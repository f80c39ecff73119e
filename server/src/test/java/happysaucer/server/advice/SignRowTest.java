package happysaucer.server.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;

import happysaucer.core.record.SeenSign;
import happysaucer.core.record.SeenSign.Look;
import happysaucer.server.advice.CaseMapper.SignRow;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SignRowTest {
  private static final UUID PLANT = new UUID(0, 1);
  private static final UUID FIRST = new UUID(0, 10);
  private static final UUID SECOND = new UUID(0, 11);
  private static final LocalDate DAY = LocalDate.of(2027, 4, 2);

  private static SignRow row(UUID check, int hour, String code) {
    Instant at = DAY.atTime(hour, 0).toInstant(ZoneOffset.UTC);
    return new SignRow(PLANT, check, DAY, at, code, code == null ? null : "PRESENT", null, null);
  }

  private static List<String> told(List<SeenSign> seen) {
    return seen.stream().map(sign -> sign.code() + " " + sign.look()).toList();
  }

  @Test
  void whatTheLastCheckSawComesFirst() {
    assertEquals(
        List.of("WATER_POOLS " + Look.LAST_CHECK, "SALT_CRUST " + Look.EARLIER),
        told(SignRow.seen(List.of(row(FIRST, 9, "SALT_CRUST"), row(SECOND, 11, "WATER_POOLS")))));
  }

  @Test
  void aLastCheckThatSawNothingMakesTheOneBeforeAnEarlierOne() {
    assertEquals(
        List.of("SALT_CRUST " + Look.EARLIER),
        told(SignRow.seen(List.of(row(FIRST, 9, "SALT_CRUST"), row(SECOND, 11, null)))));
  }

  @Test
  void whatASlipShowedIsNoCheck() {
    assertEquals(
        List.of("ROOTS_CIRCLING " + Look.AT_THE_BENCH, "SALT_CRUST " + Look.LAST_CHECK),
        told(SignRow.seen(List.of(row(FIRST, 9, "SALT_CRUST"), row(null, 12, "ROOTS_CIRCLING")))));
  }

  @Test
  void twoChecksOfOneMomentAreToldApart() {
    assertEquals(
        List.of("WATER_POOLS " + Look.LAST_CHECK, "SALT_CRUST " + Look.EARLIER),
        told(SignRow.seen(List.of(row(FIRST, 9, "SALT_CRUST"), row(SECOND, 9, "WATER_POOLS")))));
  }
}
