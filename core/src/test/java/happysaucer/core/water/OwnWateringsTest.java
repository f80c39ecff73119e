package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Ask;
import happysaucer.core.advice.DryDowns;
import happysaucer.core.advice.DryDowns.DryCurve;
import happysaucer.core.advice.DryDowns.DryPoint;
import happysaucer.core.advice.DryDowns.DrySeen;
import happysaucer.core.species.Refill;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Plants of every kind that drink a quarter more than the table says, from balls that hold a tenth
 * more, with a record of waterings that reaches back over the season: the model must find them out.
 */
class OwnWateringsTest {
  private static final Advise RULES = new Advise(Shipped.BOOK);
  private static final double SOONER = 0.85;
  private static final double HOLDS = 1.1;
  private static final int WATERINGS = 5;
  private static final int WEEKS = 60;
  private static final int STEP = 2;
  private static final Map<String, Optional<Year>> YEARS = new HashMap<>();

  private static Ask plant(Species kind, LocalDate on, double potMm) {
    return Ask.about(kind.name())
        .on(on.toString())
        .in(Ask.pot("now", potMm, 6))
        .unsized()
        .fed(true);
  }

  private static Advice.Drying table(Species kind, LocalDate on, double potMm) {
    return plant(kind, on, potMm).advice().water().before();
  }

  /** Days by the table in every other week of the year before, the newest first. */
  private record Year(LocalDate today, List<Double> fortnights) {
    static Optional<Year> of(Species kind, LocalDate today, double potMm) {
      return YEARS.computeIfAbsent(
          kind.name() + today + potMm, key -> reckoned(kind, today, potMm));
    }

    private static Optional<Year> reckoned(Species kind, LocalDate today, double potMm) {
      List<Double> fortnights = new ArrayList<>();
      for (int week = 0; week < WEEKS; week += STEP) {
        Double days = table(kind, today.minusWeeks(week), potMm).daysToRefill();
        if (days == null) {
          return Optional.empty();
        }
        fortnights.add(days);
      }
      return Optional.of(new Year(today, fortnights));
    }

    /** Days that a pot had lasted when it wanted water on a day, each dried by its own light. */
    double lasted(LocalDate on) {
      double spent = 0;
      for (int days = 0; daysBefore(on) + days < 7 * (WEEKS - 2 * STEP); days++) {
        double day = 1 / (SOONER * at((daysBefore(on) + days) / (7.0 * STEP)));
        if (spent + day >= 1) {
          return days + (1 - spent) / day;
        }
        spent += day;
      }
      throw new IllegalStateException("dries for longer than a year");
    }

    private double at(double step) {
      double share = step - (int) step;
      return fortnights.get((int) step) * (1 - share) + fortnights.get((int) step + 1) * share;
    }

    private long daysBefore(LocalDate on) {
      return today.toEpochDay() - on.toEpochDay();
    }
  }

  /** Watered whenever it wants it, up to two days ago. */
  private static Ask recorded(Species kind, LocalDate today, double potMm) {
    Ask ask = plant(kind, today, potMm);
    Year year = Year.of(kind, today, potMm).orElseThrow();
    LocalDate on = today.minusDays(2);
    for (int i = 0; i < WATERINGS && on.isAfter(today.minusDays(120)); i++) {
      double days = year.lasted(on);
      ask.poured(on.toString(), days, HOLDS * table(kind, on, potMm).litres());
      on = on.minusDays(Math.round(days));
    }
    return ask;
  }

  private static List<Species> kinds(LocalDate today, double potMm) {
    return Shipped.BOOK.species().all().stream()
        .filter(kind -> kind.traits().refill() != Refill.RESERVOIR)
        .filter(kind -> Year.of(kind, today, potMm).isPresent())
        .toList();
  }

  @ParameterizedTest
  @ValueSource(strings = {"2027-01-20", "2027-04-12", "2027-07-10", "2026-11-28"})
  void whatItDrinksAndHoldsFollowsFromThemInEverySeason(LocalDate today) {
    List<String> off = new ArrayList<>();
    List<Species> kinds = kinds(today, 170);
    for (Species kind : kinds) {
      Advice.Drying table = table(kind, today, 170);
      Advice.Drying own = recorded(kind, today, 170).advice().water().before();
      double days = own.daysToRefill() / (SOONER * table.daysToRefill());
      double litres = own.litres() / (HOLDS * table.litres());
      if (Math.abs(days - 1) > 0.15 || Math.abs(litres - 1) > 0.12) {
        off.add("%s: days × %.2f, litres × %.2f".formatted(kind.name(), days, litres));
      }
    }
    assertThat(kinds).hasSizeGreaterThan(60);
    assertThat(off).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"2027-01-20, 120", "2027-04-12, 230", "2027-07-10, 170", "2026-11-28, 300"})
  void whatWasFoundLiesOnTheCurveByTodaysLight(LocalDate today, double potMm) {
    List<String> off = new ArrayList<>();
    for (Species kind : kinds(today, potMm)) {
      DryDowns drawn = RULES.dryDowns(recorded(kind, today, potMm).request(), List.of());
      for (DrySeen seen : drawn.seen()) {
        double curve = at(drawn.now(), seen.daysToday());
        if (Math.abs(seen.left() - curve) > 0.12) {
          off.add(
              "%s %s: %.2f found, %.2f drawn"
                  .formatted(kind.name(), seen.on(), seen.left(), curve));
        }
      }
    }
    assertThat(off).isEmpty();
  }

  private static double at(DryCurve curve, double day) {
    DryPoint before = curve.points().get(0);
    for (DryPoint point : curve.points()) {
      if (point.day() >= day && point.day() > before.day()) {
        double share = (day - before.day()) / (point.day() - before.day());
        return before.left() + share * (point.left() - before.left());
      }
      before = point;
    }
    return before.left();
  }

  /** The same rhythm through autumn is no sign of roots that close up. */
  @ParameterizedTest
  @ValueSource(strings = {"2027-01-20", "2027-04-12", "2026-11-28"})
  void theSeasonAloneDoesNotMakeItCrowded(LocalDate today) {
    List<String> crowded = new ArrayList<>();
    for (Species kind : kinds(today, 170)) {
      LocalDate repotted = today.minusMonths(14);
      LocalDate settled = repotted.plusDays(21);
      double first = SOONER * table(kind, settled, 170).daysToRefill();
      Ask ask = recorded(kind, today, 170).repotted(repotted.toString());
      List<AdviceRequest.Pour> pours = ask.request().history().waterings();
      double mean = pours.stream().mapToDouble(AdviceRequest.Pour::days).average().orElseThrow();
      ask.watered(mean, null, null, first);
      Advice advice = ask.advice();
      double byTime =
          plant(kind, today, 170).repotted(repotted.toString()).advice().forecast().rootFill();
      if (advice.forecast().rootFill() > byTime + 0.05) {
        crowded.add(
            "%s: %.2f full, %.2f by time"
                .formatted(kind.name(), advice.forecast().rootFill(), byTime));
      }
    }
    assertThat(crowded).isEmpty();
  }
}
