package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Pots;
import org.junit.jupiter.api.Test;

/** The stores of a planted pot, held against the plain integral over its height. */
class PlantedTest {
  private static final Retention FOLIAGE = mix("foliage");
  private static final Retention BARK = mix("orchid-bark");
  private static final Pot POT = Pots.plastic(230);
  private static final Frustum BALL = Frustum.round(190, 150, 150);

  private static Retention mix(String code) {
    return Shipped.BOOK.media().retention(Shipped.BOOK.media().mix(code).orElseThrow());
  }

  /** Available water between two heights of a ball, or of what is round it, by fine slices. */
  private static double integral(
      double from, double to, double bottom, double coarse, boolean ofBall, Retention medium) {
    Frustum fill = POT.fill();
    int slices = 20000;
    double step = (to - from) / slices;
    double litres = 0;
    for (int i = 0; i < slices; i++) {
      double z = from + (i + 0.5) * step;
      double inBall = z - bottom;
      double ball = inBall >= 0 && inBall <= BALL.heightMm() ? BALL.areaAt(inBall) : 0;
      double area = ofBall ? ball : fill.areaAt(z) - ball;
      litres +=
          area
              * step
              / 1e6
              * (medium.theta((z - coarse) / 10) - medium.wilting() + medium.beyond());
    }
    return litres;
  }

  @Test
  void ballRingAndTopHoldWhatTheirPlaceInThePotLets() {
    double fill = POT.fill().heightMm();
    double bottom = fill - BALL.heightMm();
    Planted.Drained drained = new Planted(POT, BALL, bottom, 0, FOLIAGE, BARK).drained();
    double topFrom = fill - 25;
    assertThat(drained.ball())
        .isCloseTo(integral(bottom, topFrom, bottom, 0, true, FOLIAGE), within(0.012));
    assertThat(drained.ring())
        .isCloseTo(integral(0, topFrom, bottom, 0, false, BARK), within(0.012));
    assertThat(drained.topBall())
        .isCloseTo(integral(topFrom, fill, bottom, 0, true, FOLIAGE), within(0.004));
    assertThat(drained.topRing())
        .isCloseTo(integral(topFrom, fill, bottom, 0, false, BARK), within(0.004));
    assertThat(drained.ballVolume() + drained.topBallVolume())
        .isCloseTo(BALL.litres(), within(0.02));
    assertThat(drained.ballVolume() + drained.ringVolume())
        .isCloseTo(POT.fill().upTo(topFrom).litres(), within(0.02));
    assertThat(drained.volume()).isCloseTo(POT.fill().litres(), within(1e-12));
  }

  @Test
  void aCoarseLayerTakesItsDepthFromTheBottomAndLiftsTheWater() {
    double fill = POT.fill().heightMm();
    double bottom = fill - BALL.heightMm();
    double coarse = Math.min(30, bottom);
    Planted.Drained layered = new Planted(POT, BALL, bottom, coarse, FOLIAGE, BARK).drained();
    Planted.Drained plain = new Planted(POT, BALL, bottom, 0, FOLIAGE, BARK).drained();
    assertThat(layered.volume())
        .isCloseTo(POT.fill().litres() - POT.fill().upTo(coarse).litres(), within(1e-12));
    assertThat(layered.ball())
        .isCloseTo(integral(bottom, fill - 25, bottom, coarse, true, FOLIAGE), within(0.012))
        .isGreaterThan(plain.ball());
    assertThat(layered.air()).isLessThan(plain.air());
  }

  @Test
  void coarseMixesEvenOutSlowly() {
    assertThat(new Planted(POT, BALL, 30, 0, FOLIAGE, FOLIAGE).drained().exchangeDays())
        .isEqualTo(6);
    assertThat(new Planted(POT, BALL, 30, 0, FOLIAGE, BARK).drained().exchangeDays()).isEqualTo(20);
  }

  @Test
  void airlessIsWhatATenthOfThePotStillLacks() {
    Planted.Drained drained = new Planted(POT, BALL, 30, 0, FOLIAGE, FOLIAGE).drained();
    assertThat(drained.stores(0.5, 1).airlessLitres()).isZero();
    Planted.Drained tight = new Planted.Drained(1, 1, 0.1, 0.1, 2, 2, 0.3, 0.2, 5, 6);
    assertThat(tight.stores(0.5, 1).airlessLitres()).isCloseTo(0.3, within(1e-12));
  }

  @Test
  void waterInFillsAllStoresAndAnEighthRunsThrough() {
    Ask ask =
        Ask.about("Ficus elastica")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .choosing(Ask.pot("p", 270, 6));
    WaterModel model = Shipped.ADVISE.water(ask.request());
    WaterModel.Bed bed = model.bed(new WaterModel.Setting(POT, BALL, 30, 0, FOLIAGE));
    double dry = model.waterInLitres(bed, 0);
    double moist = model.waterInLitres(bed, 0.8);
    double wet = model.waterInLitres(bed, 1);
    Planted.Drained drained = new Planted(POT, BALL, 30, 0, FOLIAGE, FOLIAGE).drained();
    Planted.Stores stores = drained.stores(0.88, 1);
    assertThat(wet).isCloseTo(stores.ring() * 0.5 * 1.12, within(1e-6));
    assertThat(dry - wet).isCloseTo((stores.ball() + stores.top()) * 1.12, within(0.02));
    assertThat(moist).isCloseTo(wet + 0.2 * (dry - wet), within(1e-9));
  }

  @Test
  void aReservoirHoldsTheWaterOfItsQuarterAndLastsByWhatIsDrunk() {
    Ask ask = Ask.about("Pothos").sized(300, 350).in(Ask.pot("x", 200, 6)).mix("mineral-reservoir");
    Advice.Drying over = ask.advice().water().before();
    Pot pot = Pots.of(Material.PLASTIC, 200, 152, 184);
    Retention grains = mix("mineral-reservoir");
    double litres =
        pot.fill().upTo(pot.fill().heightMm() * 0.25).litres()
            * (grains.saturated() - grains.wilting());
    assertThat(over.litres()).isCloseTo(litres, within(litres * 0.01));
    Advice.Drying thirstier =
        Ask.about("Pothos")
            .sized(300, 600)
            .in(Ask.pot("x", 200, 6))
            .mix("mineral-reservoir")
            .advice()
            .water()
            .before();
    assertThat(thirstier.litres()).isCloseTo(over.litres(), within(1e-9));
    assertThat(thirstier.daysToRefill()).isLessThan(over.daysToRefill());
  }

  @Test
  void theTableGivesLeafTimesLightTimesKind() {
    double bright = use(Ask.about("Ficus elastica").inLight("BRIGHT_INDIRECT"));
    double low = use(Ask.about("Ficus elastica").inLight("LOW"));
    assertThat(bright / low).isBetween(1.8, 3.0);
    double twice = use(Ask.about("Ficus elastica").sized(1200, 1200));
    double once = use(Ask.about("Ficus elastica").sized(1200, 600));
    // Twice the spread is four times the ground; the pot, the surer of the two, speaks against it.
    assertThat(twice / once).isBetween(1.3, 2.0);
    // Leaves shade each other: a taller crown of the same breadth drinks no more.
    assertThat(use(Ask.about("Ficus elastica").sized(2400, 600))).isEqualTo(once);
  }

  private static double use(Ask ask) {
    return ask.in(Ask.pot("x", 300, 6)).advice().water().before().litresPerDay();
  }
}
