package happysaucer.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.photo.PhotoScale.Cause;
import happysaucer.core.photo.PhotoScale.Point;
import happysaucer.core.photo.PhotoScale.Reading;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PhotoScaleTest {
  private static final double WIDTH = 1200;
  private static final double HEIGHT = 1600;

  /** A pinhole camera: metres of the world to points of a photo. */
  private record Camera(double far, double up, double pitch, double roll, double focal) {
    Point sees(double x, double y, double z) {
      double pitched = Math.toRadians(pitch);
      double depth = (z + far) * Math.cos(pitched) + (y - up) * Math.sin(pitched);
      double high = (y - up) * Math.cos(pitched) - (z + far) * Math.sin(pitched);
      double px = focal * x / depth;
      double py = -focal * high / depth;
      double rolled = Math.toRadians(roll);
      return new Point(
          WIDTH / 2 + px * Math.cos(rolled) - py * Math.sin(rolled),
          HEIGHT / 2 + px * Math.sin(rolled) + py * Math.cos(rolled));
    }
  }

  @Test
  void inThePlaneOfTheRimALevelCameraMeasuresExactlyHoweverItIsTurned() {
    for (double roll : new double[] {0, 4, -17, 90}) {
      Camera camera = new Camera(1.6, 0.5, 0, roll, 0.75 * HEIGHT);
      PhotoScale scale =
          new PhotoScale(WIDTH, HEIGHT, camera.sees(-0.11, 0.2, 0), camera.sees(0.11, 0.2, 0), 220);
      assertThat(scale.height(camera.sees(0.05, 1.1, 0), 20).value()).isCloseTo(920, within(0.1));
      assertThat(scale.across(camera.sees(-0.3, 0.9, 0), camera.sees(0.25, 0.7, 0)).value())
          .isCloseTo(550, within(0.1));
      assertThat(scale.between(camera.sees(0, 0.2, 0), camera.sees(0.3, 0.6, 0)).value())
          .isCloseTo(500, within(0.1));
      assertThat(scale.lean(camera.sees(0, 0.2, 0), camera.sees(0.1, 0.2 + 0.5, 0)).value())
          .isCloseTo(Math.toDegrees(Math.atan2(0.1, 0.5)), within(0.05));
    }
  }

  @Test
  void whichEndOfTheRimIsTappedFirstDoesNotMatter() {
    Point one = new Point(500, 1300);
    Point other = new Point(700, 1310);
    Point top = new Point(610, 300);
    assertThat(new PhotoScale(WIDTH, HEIGHT, one, other, 230).height(top, 20))
        .isEqualTo(new PhotoScale(WIDTH, HEIGHT, other, one, 230).height(top, 20));
  }

  /** Hands shake, cameras tilt, leaves lie before the rim: the error that is told covers it. */
  @Test
  void theErrorThatIsToldIsTheErrorThatIsMade() {
    Random random = new Random(7);
    int within = 0;
    int scenes = 3000;
    double told = 0;
    for (int i = 0; i < scenes; i++) {
      double rim = 0.1 + 0.3 * random.nextDouble();
      double height = rim * (1 + 4 * random.nextDouble());
      Camera camera =
          new Camera(
              1.6 * Math.max(height, 0.4) * (1 + random.nextDouble()),
              height * random.nextDouble(),
              random.nextGaussian() * 4,
              random.nextGaussian() * 5,
              HEIGHT * (0.65 + 0.2 * random.nextDouble()));
      double off = rim * 0.25 * random.nextGaussian();
      PhotoScale scale =
          new PhotoScale(
              WIDTH,
              HEIGHT,
              shaken(camera.sees(-rim / 2, 0, 0), random),
              shaken(camera.sees(rim / 2, 0, 0), random),
              rim * 1000);
      Reading read =
          scale.height(
              shaken(camera.sees(rim * random.nextGaussian() / 2, height, off), random), 0);
      told += read.error() / (height * 1000);
      if (Math.abs(read.value() - height * 1000) <= 2 * read.error()) {
        within++;
      }
    }
    assertThat(within / (double) scenes).isBetween(0.93, 0.999);
    assertThat(told / scenes).as("and it is of use").isLessThan(0.15);
  }

  private static Point shaken(Point point, Random random) {
    double tap = 0.006 * HEIGHT / Math.sqrt(2);
    return new Point(
        point.x() + tap * random.nextGaussian(), point.y() + tap * random.nextGaussian());
  }

  @Test
  void whatTheErrorComesFromIsNamed() {
    PhotoScale far = scale(40);
    assertThat(far.height(new Point(600, 900), 0).cause()).isEqualTo(Cause.RIM);
    PhotoScale near = scale(700);
    assertThat(near.height(new Point(600, 900), 0).cause()).isEqualTo(Cause.DEPTH);
    assertThat(near.height(new Point(600, 1390), 0).cause()).isEqualTo(Cause.TAP);
    assertThat(scale(190).height(new Point(600, 60), 0).cause()).isEqualTo(Cause.TILT);
    assertThat(far.height(new Point(600, 900), 0).error())
        .isGreaterThan(scale(190).height(new Point(600, 900), 0).error());
  }

  private static PhotoScale scale(double rimPx) {
    return new PhotoScale(
        WIDTH, HEIGHT, new Point(600 - rimPx / 2, 1400), new Point(600 + rimPx / 2, 1400), 230);
  }

  @Test
  void whatCannotBeMeasuredIsRefused() {
    assertThatThrownBy(() -> new PhotoScale(WIDTH, HEIGHT, new Point(5, 5), new Point(7, 5), 230))
        .hasMessageContaining("too near");
    assertThatThrownBy(() -> scale(200).height(new Point(600, 1500), 20))
        .hasMessageContaining("below the rim");
    assertThatThrownBy(() -> scale(200).lean(new Point(600, 900), new Point(600, 1000)))
        .hasMessageContaining("below its foot");
  }
}
