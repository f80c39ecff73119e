package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Pots;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** Where a pour goes. */
class WetTest {
  private static final Planted.Stores CAPS = caps();

  private static Planted.Stores caps() {
    Pot pot = Pots.plastic(230);
    Frustum ball = Frustum.round(190, 150, 150);
    Retention mix =
        Shipped.BOOK.media().retention(Shipped.BOOK.media().mix("foliage").orElseThrow());
    return new Planted(pot, ball, pot.fill().heightMm() - 150, 0, mix, mix)
        .drained()
        .stores(0.8, 1);
  }

  @Property
  void whatIsPouredIsKeptUntilNothingMoreGoesIn(
      @ForAll @DoubleRange(min = 0, max = 1) double ball,
      @ForAll @DoubleRange(min = 0, max = 1) double ring,
      @ForAll @DoubleRange(min = 0, max = 1) double top,
      @ForAll @DoubleRange(min = 0, max = 3) double litres) {
    Wet before = new Wet(ball * CAPS.ball(), ring * CAPS.ring(), top * CAPS.top());
    double room = CAPS.ball() + CAPS.ring() + CAPS.top() - before.litres();
    for (Wet.Place place : Wet.Place.values()) {
      Wet after = before.pour(litres, place, CAPS);
      assertThat(after.litres() - before.litres()).isCloseTo(Math.min(litres, room), within(1e-9));
      assertThat(after.ball()).isBetween(before.ball() - 1e-9, CAPS.ball() + 1e-9);
      assertThat(after.ring()).isBetween(before.ring() - 1e-9, CAPS.ring() + 1e-9);
    }
  }

  @Example
  void onTheBallTheFreshMediumGetsOnlyWhatTheBallCannotHold() {
    Wet dry = new Wet(0, 0, CAPS.top());
    Wet half = dry.pour(CAPS.ball() / 2, Wet.Place.ON_THE_BALL, CAPS);
    assertThat(half.ring()).isZero();
    Wet more = dry.pour(CAPS.ball() + 0.1, Wet.Place.ON_THE_BALL, CAPS);
    assertThat(more.ring()).isCloseTo(0.1, within(1e-9));
    assertThat(dry.pour(CAPS.ball() / 2, Wet.Place.ALL_ROUND, CAPS).ring()).isPositive();
  }
}
