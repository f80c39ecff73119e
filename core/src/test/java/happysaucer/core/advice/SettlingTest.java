package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.species.Species;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Soon after a repot no sign leads to another one by reflex, whatever the kind. */
class SettlingTest {
  private static final Set<String> NO_WORK = Set.of("LEAVE", "WATCH", "FIX_CARE_FIRST");

  private static Ask repotted(String species) {
    return Ask.about(species).on("2027-04-22").repotted("2027-04-12");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "WILTS_WHEN_WET",
        "SOUR_SMELL",
        "LEANS",
        "TOPPLES",
        "WILTS_SOON_AFTER_WATERING",
        "ROOTS_FROM_DRAIN_HOLES",
        "LOWER_LEAVES_SHED",
        "SURFACE_HARD",
        "GROWTH_STALLED"
      })
  void anAlarmingSignTenDaysAfterIsNoReasonToRepotAgain(String sign) {
    List<String> all = Shipped.BOOK.species().all().stream().map(Species::name).toList();
    assertThat(all).hasSizeGreaterThan(60);
    for (String species : all) {
      Advice.Call call = repotted(species).sign(sign).advice().call();
      assertThat(call.action()).as(species + " " + sign).isIn(NO_WORK);
      assertThat(call.reasons()).isNotEmpty();
    }
  }

  @Test
  void whatIsSeenOnTheRootsThemselvesGoesBeforeIt() {
    assertThat(repotted("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.4).advice().call().action())
        .isEqualTo("ROT_RESCUE");
    assertThat(repotted("Ficus elastica").sign("ROOT_PESTS").advice().call().action())
        .isEqualTo("PEST_CLEAN");
    assertThat(repotted("Ficus elastica").sign("POT_BROKEN").advice().call().action())
        .isEqualTo("REPLACE_POT");
  }

  @Test
  void aMonthLaterTheSameSignCountsAgain() {
    Ask crowded =
        Ask.about("Ficus elastica")
            .repotted("2027-02-01")
            .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
            .sign("POT_DEFORMED", "CLEAR", null);
    assertThat(crowded.advice().call().action()).isNotIn(NO_WORK);
  }

  @Test
  void whatLeansIsTiedAndWhoseBallIsDryIsWateredThere() {
    Advice.Call leans =
        repotted("Ficus elastica").sign("LEANS", null, 12.0).sign("TOPPLES").advice().call();
    assertThat(Words.of(leans.reasons())).contains("repotted 10 days ago");
    assertThat(Words.of(leans.interim())).contains("stake");
    Advice.Call dry = repotted("Ficus elastica").sign("WILTS_SOON_AFTER_WATERING").advice().call();
    assertThat(Words.of(dry.interim())).contains("Water slowly on the ball");
    assertThat(leans.recheck()).isNotNull();
  }
}
