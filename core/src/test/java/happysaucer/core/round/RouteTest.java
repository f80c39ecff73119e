package happysaucer.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.round.Route.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RouteTest {
  private static final int MORNING = 480;
  private static final int DAY = 24 * 60;

  /** Along a road, home at its end. */
  private static Route.Ways road(int... at) {
    return (from, to) -> Math.abs((from < 0 ? 0 : at[from]) - (to < 0 ? 0 : at[to]));
  }

  private static Stop open(int minutes) {
    return new Stop(0, DAY, minutes);
  }

  @Test
  void aDayWithoutStopsIsOverWhenItBegins() {
    Route route = Route.of(List.of(), road(), MORNING);
    assertThat(route.order()).isEmpty();
    assertThat(route.back()).isEqualTo(MORNING);
  }

  @Test
  void whoClosesEarlyComesFirst() {
    Route route = Route.of(List.of(open(60), new Stop(0, MORNING + 60, 30)), road(5, 20), MORNING);
    assertThat(route.order()).containsExactly(1, 0);
    assertThat(route.late()).isZero();
    assertThat(route.arrive()).containsExactly(MORNING + 20, MORNING + 65);
    assertThat(route.leave()).containsExactly(MORNING + 50, MORNING + 125);
    assertThat(route.back()).isEqualTo(MORNING + 130);
  }

  @Test
  void oneWaitsAtADoorThatIsStillShut() {
    Route route = Route.of(List.of(new Stop(600, 720, 30)), road(10), MORNING);
    assertThat(route.arrive()).containsExactly(490);
    assertThat(route.begin()).containsExactly(600);
    assertThat(route.leave()).containsExactly(630);
  }

  @Test
  void whatCannotBeReachedInTimeIsCountedLate() {
    Route route = Route.of(List.of(new Stop(0, 500, 60)), road(15), MORNING);
    assertThat(route.late()).isEqualTo(480 + 15 + 60 - 500);
  }

  /** By trying every order. */
  private static int[] exhaustively(List<Stop> stops, Route.Ways ways) {
    int[] best = {Integer.MAX_VALUE, Integer.MAX_VALUE};
    permute(
        new ArrayList<>(IntStream.range(0, stops.size()).boxed().toList()), 0, stops, ways, best);
    return best;
  }

  private static void permute(
      List<Integer> order, int from, List<Stop> stops, Route.Ways ways, int[] best) {
    if (from == order.size()) {
      int at = MORNING;
      int late = 0;
      int last = Route.HOME;
      for (int stop : order) {
        at =
            Math.max(at + ways.minutes(last, stop), stops.get(stop).opens())
                + stops.get(stop).minutes();
        late += Math.max(0, at - stops.get(stop).closes());
        last = stop;
      }
      int back = at + ways.minutes(last, Route.HOME);
      if (late < best[0] || late == best[0] && back < best[1]) {
        best[0] = late;
        best[1] = back;
      }
      return;
    }
    for (int i = from; i < order.size(); i++) {
      java.util.Collections.swap(order, from, i);
      permute(order, from + 1, stops, ways, best);
      java.util.Collections.swap(order, from, i);
    }
  }

  @Test
  void noOrderIsBetterThanTheOneThatIsFound() {
    Random random = new Random(3);
    for (int draw = 0; draw < 60; draw++) {
      int n = 2 + random.nextInt(6);
      int[] x = random.ints(n, 0, 60).toArray();
      int[] y = random.ints(n, 0, 60).toArray();
      Route.Ways ways =
          (from, to) ->
              (int)
                  Math.round(
                      Math.hypot(
                          (from < 0 ? 30 : x[from]) - (to < 0 ? 30 : x[to]),
                          (from < 0 ? 30 : y[from]) - (to < 0 ? 30 : y[to])));
      List<Stop> stops = new ArrayList<>();
      for (int i = 0; i < n; i++) {
        int opens = 420 + random.nextInt(200);
        stops.add(new Stop(opens, opens + 60 + random.nextInt(300), 10 + random.nextInt(60)));
      }
      Route route = Route.of(stops, ways, MORNING);
      assertThat(new int[] {route.late(), route.back()})
          .as("draw %s", draw)
          .isEqualTo(exhaustively(stops, ways));
      assertThat(route.exact()).isTrue();
      assertThat(route.order())
          .containsExactlyInAnyOrderElementsOf(IntStream.range(0, n).boxed().toList());
    }
  }

  @Test
  void twelveAreExactAndMoreAreStillMadeOnceEach() {
    int[] at = IntStream.range(0, 20).map(i -> i * 7 % 50).toArray();
    List<Stop> stops = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      stops.add(open(10));
    }
    assertThat(Route.of(stops, road(at), MORNING).exact()).isTrue();
    for (int i = 12; i < 20; i++) {
      stops.add(open(10));
    }
    Route many = Route.of(stops, road(at), MORNING);
    assertThat(many.exact()).isFalse();
    assertThat(many.order()).hasSize(20).doesNotHaveDuplicates();
  }
}
