package happysaucer.core.aftercare;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.aftercare.Recovery.Before;
import happysaucer.core.aftercare.Recovery.Facts;
import happysaucer.core.aftercare.Recovery.Level;
import happysaucer.core.aftercare.Recovery.Open;
import happysaucer.core.aftercare.Recovery.Seen;
import happysaucer.core.call.Action;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RecoveryTest {
  private static final LocalDate WORK = LocalDate.of(2027, 4, 1);
  private final Wording words = new Wording(Units.METRIC);

  /** A plant that goes as it should, on a day after its repot. */
  private static final class Case {
    private int day = 10;
    private Action action = Action.POT_UP;
    private double rootShare;
    private boolean outOfSeason;
    private int firstWater;
    private List<LocalDate> poured = List.of(WORK, WORK.plusDays(7));
    private List<Open> steps = List.of();
    private List<Seen> seen = List.of();
    private int reports;
    private Before before = new Before(0, 0);

    Recovery recovery() {
      return Recovery.of(
          new Facts(
              WORK.plusDays(day),
              WORK,
              action,
              rootShare,
              false,
              outOfSeason,
              WORK.plusDays(firstWater),
              poured,
              OptionalDouble.of(7),
              steps,
              seen,
              List.of(),
              reports,
              before));
    }

    Case seen(SignCode... signs) {
      seen = new ArrayList<>();
      for (SignCode sign : signs) {
        seen.add(new Seen(sign, Optional.of(Grade.CLEAR), WORK.plusDays(day)));
      }
      return this;
    }

    List<String> keys() {
      return recovery().reasons().stream().map(reason -> reason.text().key()).toList();
    }
  }

  @Test
  void onePottedUpAndWateredByItsPlanIsCalm() {
    Recovery calm = new Case().recovery();
    assertThat(calm.level()).isEqualTo(Level.CALM);
    assertThat(calm.day()).isEqualTo(10);
    assertThat(calm.now()).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(SignCode.class)
  void aSignNeverMakesItLookBetterAndNoneAsksForAnotherRepot(SignCode sign) {
    for (int day : new int[] {2, 10, 20, 40, 60}) {
      for (Action action : new Action[] {Action.POT_UP, Action.ROT_RESCUE, Action.DIVIDE}) {
        Case each = new Case();
        each.day = day;
        each.action = action;
        each.rootShare = action == Action.POT_UP ? 0 : 0.3;
        double points = each.recovery().points();
        Recovery with = each.seen(sign).recovery();
        assertThat(with.points()).isGreaterThanOrEqualTo(points);
        assertThat(with.now().isPresent()).isEqualTo(Recovery.tells(sign));
        with.now()
            .map(now -> words.text(now.text()).toLowerCase(Locale.ROOT))
            .ifPresent(
                text -> {
                  assertThat(text).doesNotContain("larger pot", "pot up", "pot it up");
                  assertThat(text.replace("not to be repotted again", "")).doesNotContain("repot");
                });
      }
    }
  }

  @Test
  void signsOfOneTroubleAreNotCountedInFull() {
    double one = new Case().seen(SignCode.SOUR_SMELL).recovery().points();
    double both = new Case().seen(SignCode.SOUR_SMELL, SignCode.STAYS_WET).recovery().points();
    double wet = new Case().seen(SignCode.STAYS_WET).recovery().points();
    double none = new Case().recovery().points();
    assertThat(both).isGreaterThan(one).isLessThan(one + wet - none);
  }

  @Test
  void rootsThatWereCutAreGivenTimeBeforeTheyAreLookedAt() {
    Case cut = new Case();
    cut.action = Action.ROOT_PRUNE_SAME_POT;
    cut.rootShare = 0.25;
    cut.day = 6;
    Rescue early = cut.seen(SignCode.WILTS_WHEN_WET).recovery().now().orElseThrow();
    assertThat(early.look()).isFalse();
    assertThat(early.againOn()).isEqualTo(WORK.plusDays(9));
    cut.day = 25;
    assertThat(cut.seen(SignCode.WILTS_WHEN_WET).recovery().now().orElseThrow().look()).isTrue();
    Case whole = new Case();
    whole.day = 6;
    assertThat(whole.seen(SignCode.WILTS_WHEN_WET).recovery().now().orElseThrow().look())
        .as("nothing was cut: it is no price of the work")
        .isTrue();
  }

  @Test
  void aSucculentMayShrivelUntilItHasHadWaterForAWhile() {
    Case dry = new Case();
    dry.firstWater = 12;
    dry.poured = List.of();
    dry.day = 10;
    assertThat(dry.seen(SignCode.SHRIVELLED).recovery().now().orElseThrow().look()).isFalse();
    dry.day = 30;
    assertThat(dry.seen(SignCode.SHRIVELLED).recovery().now().orElseThrow().look()).isTrue();
  }

  @Test
  void deepWorkWorriesMoreAndFades() {
    Case deep = new Case();
    deep.action = Action.ROT_RESCUE;
    deep.rootShare = 0.5;
    double early = deep.recovery().points();
    assertThat(early).isGreaterThan(new Case().recovery().points());
    deep.day = 45;
    deep.poured = List.of(WORK, WORK.plusDays(44));
    assertThat(deep.recovery().points()).isLessThan(early);
    deep.outOfSeason = true;
    assertThat(deep.keys()).contains("recovery.outOfSeason");
  }

  @Test
  void waterTellsHowItGoes() {
    Case late = new Case();
    late.day = 21;
    assertThat(late.keys()).contains("recovery.tooDry");
    Case often = new Case();
    often.poured = List.of(WORK, WORK.plusDays(7), WORK.plusDays(9));
    assertThat(often.keys()).contains("recovery.tooOften");
    Case soon = new Case();
    soon.firstWater = 9;
    soon.poured = List.of(WORK.plusDays(2));
    assertThat(soon.keys()).contains("recovery.wetTooSoon");
    Case unknown = new Case();
    unknown.poured = List.of();
    assertThat(unknown.keys()).contains("recovery.waterUnknown");
    assertThat(new Case().keys()).doesNotContain("recovery.tooDry", "recovery.tooOften");
  }

  @Test
  void aMissedLookPressesMoreTheLongerItIsMissed() {
    Case missed = new Case();
    missed.day = 20;
    missed.poured = List.of(WORK, WORK.plusDays(19));
    double none = missed.recovery().points();
    missed.steps = List.of(new Open(WORK.plusDays(18), true));
    double two = missed.recovery().points();
    missed.steps = List.of(new Open(WORK.plusDays(10), true));
    assertThat(two).isGreaterThan(none);
    assertThat(missed.recovery().points()).isGreaterThan(two);
    missed.steps = List.of(new Open(WORK.plusDays(10), false));
    assertThat(missed.recovery().points()).as("a caretaker's step is no look").isEqualTo(none);
  }

  @Test
  void aWordOfTheCaretakerIsAnAlarm() {
    Case told = new Case();
    told.reports = 1;
    assertThat(told.recovery().level()).isEqualTo(Level.ALARM);
  }

  @Test
  void aKindThatTookBadlyIsWatchedMoreClosely() {
    Case bad = new Case();
    bad.before = new Before(8, 6);
    Case well = new Case();
    well.before = new Before(8, 0);
    assertThat(bad.recovery().points()).isGreaterThan(new Case().recovery().points());
    assertThat(well.recovery().points()).isEqualTo(new Case().recovery().points());
  }

  @Test
  void everyStepTellsWhatIsNormalWhatAlarmsAndWhatThenToDo() {
    for (Aftercare.Kind kind : Aftercare.Kind.values()) {
      Telling telling = Telling.of(kind, "care.first.soak");
      assertThat(List.of(telling.normal(), telling.alarming(), telling.then()))
          .allSatisfy(text -> assertThat(words.text(text)).isNotBlank());
    }
    assertThat(Telling.of(Aftercare.Kind.WATER, "care.stayDry.HEALING"))
        .isNotEqualTo(Telling.of(Aftercare.Kind.WATER, "care.first.soak"));
  }
}
