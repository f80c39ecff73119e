package happysaucer.core.round;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The order in which the stops of a day are made. Each is reached no earlier than it opens and best
 * left before it closes; of all orders it is the one with the least lateness, and of those the one
 * that is back first. Exact for up to {@link #EXACT} stops; more are taken one by one where they
 * cost least.
 *
 * @param order of the stops, by their index
 * @param arrive at each in that order, minutes after midnight
 * @param begin of the work there: later than arriving where one waits for the door
 * @param leave each
 * @param late minutes after a stop has closed, together
 * @param back minutes after midnight
 */
public record Route(
    List<Integer> order,
    List<Integer> arrive,
    List<Integer> begin,
    List<Integer> leave,
    int late,
    int back,
    boolean exact) {
  /** Up to so many stops every order is weighed. */
  public static final int EXACT = 12;

  /**
   * @param opens minutes after midnight
   * @param closes minutes after midnight
   * @param minutes of work, setting up included
   */
  public record Stop(int opens, int closes, int minutes) {}

  /** Minutes of driving from one stop to another; -1 is where the day begins and ends. */
  public interface Ways {
    int minutes(int from, int to);
  }

  public static final int HOME = -1;

  public static Route of(List<Stop> stops, Ways ways, int start) {
    return stops.size() <= EXACT
        ? new Search(stops, ways, start).best()
        : walked(inserted(stops, ways, start), stops, ways, start, false);
  }

  /** A day as it goes when its stops are made in this order. */
  private static Route walked(
      List<Integer> order, List<Stop> stops, Ways ways, int start, boolean exact) {
    List<Integer> arrive = new ArrayList<>();
    List<Integer> begin = new ArrayList<>();
    List<Integer> leave = new ArrayList<>();
    int at = start;
    int late = 0;
    int from = HOME;
    for (int stop : order) {
      at += ways.minutes(from, stop);
      arrive.add(at);
      at = Math.max(at, stops.get(stop).opens());
      begin.add(at);
      at += stops.get(stop).minutes();
      leave.add(at);
      late += Math.max(0, at - stops.get(stop).closes());
      from = stop;
    }
    int back = order.isEmpty() ? start : at + ways.minutes(from, HOME);
    return new Route(List.copyOf(order), arrive, begin, leave, late, back, exact);
  }

  private boolean before(Route other) {
    return late != other.late ? late < other.late : back < other.back;
  }

  private static List<Integer> inserted(List<Stop> stops, Ways ways, int start) {
    List<Integer> order = new ArrayList<>();
    for (int stop = 0; stop < stops.size(); stop++) {
      Route best = null;
      List<Integer> bestOrder = order;
      for (int place = 0; place <= order.size(); place++) {
        List<Integer> tried = new ArrayList<>(order);
        tried.add(place, stop);
        Route route = walked(tried, stops, ways, start, false);
        if (best == null || route.before(best)) {
          best = route;
          bestOrder = tried;
        }
      }
      order = bestOrder;
    }
    return order;
  }

  /**
   * Every set of stops by its last one keeps the ways to get there that neither another way beats
   * in lateness nor in time: of these the best end is found.
   */
  private static final class Search {
    private record Way(int last, int time, int late, @Nullable Way before) {}

    private final List<Stop> stops;
    private final Ways ways;
    private final int start;

    Search(List<Stop> stops, Ways ways, int start) {
      this.stops = stops;
      this.ways = ways;
      this.start = start;
    }

    Route best() {
      int n = stops.size();
      List<List<List<Way>>> kept = new ArrayList<>();
      for (int set = 0; set < 1 << n; set++) {
        List<List<Way>> byLast = new ArrayList<>();
        for (int last = 0; last < n; last++) {
          byLast.add(new ArrayList<>());
        }
        kept.add(byLast);
      }
      for (int stop = 0; stop < n; stop++) {
        keep(kept.get(1 << stop).get(stop), step(null, stop));
      }
      for (int set = 1; set < 1 << n; set++) {
        for (int last = 0; last < n; last++) {
          for (Way way : kept.get(set).get(last)) {
            for (int next = 0; next < n; next++) {
              if ((set >> next & 1) == 0) {
                keep(kept.get(set | 1 << next).get(next), step(way, next));
              }
            }
          }
        }
      }
      Way best = null;
      if (n > 0) {
        for (List<Way> ends : kept.get((1 << n) - 1)) {
          for (Way end : ends) {
            if (best == null || better(end, best)) {
              best = end;
            }
          }
        }
      }
      List<Integer> order = new ArrayList<>();
      for (Way way = best; way != null; way = way.before()) {
        order.add(0, way.last());
      }
      return walked(order, stops, ways, start, true);
    }

    private boolean better(Way one, Way other) {
      return one.late() != other.late()
          ? one.late() < other.late()
          : one.time() + ways.minutes(one.last(), HOME)
              < other.time() + ways.minutes(other.last(), HOME);
    }

    private Way step(@Nullable Way before, int stop) {
      int from = before == null ? HOME : before.last();
      int at = (before == null ? start : before.time()) + ways.minutes(from, stop);
      int left = Math.max(at, stops.get(stop).opens()) + stops.get(stop).minutes();
      int late = Math.max(0, left - stops.get(stop).closes());
      return new Way(stop, left, (before == null ? 0 : before.late()) + late, before);
    }

    private static void keep(List<Way> ways, Way way) {
      for (Way other : ways) {
        if (other.time() <= way.time() && other.late() <= way.late()) {
          return;
        }
      }
      ways.removeIf(other -> other.time() >= way.time() && other.late() >= way.late());
      ways.add(way);
    }
  }
}
