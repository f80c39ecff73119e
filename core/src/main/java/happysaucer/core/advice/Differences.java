package happysaucer.core.advice;

import happysaucer.core.call.Action;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What differs between two advices for one plant, in words: an edit, a method, a slip check. */
public final class Differences {
  private final Wording wording;
  private final Advice before;
  private final Advice after;
  private final List<Difference> found = new ArrayList<>();

  /**
   * @param what as it is called on the screens
   * @param before "nothing" where there was none
   */
  public record Difference(String what, String before, String after) {}

  private Differences(Advice before, Advice after, Units units) {
    this.wording = new Wording(units);
    this.before = before;
    this.after = after;
  }

  /** In the order in which a person would want to hear of them; empty when nothing differs. */
  public static List<Difference> between(Advice before, Advice after, Units units) {
    Differences differences = new Differences(before, after, units);
    differences.calls();
    differences.pots();
    differences.work();
    differences.steps();
    return List.copyOf(differences.found);
  }

  /** What other numbers of a medium change: air, and days between waterings; then all the rest. */
  public static List<Difference> ofMedium(Advice before, Advice after, Units units) {
    Differences differences = new Differences(before, after, units);
    differences.water();
    differences.calls();
    differences.pots();
    differences.work();
    return List.copyOf(differences.found);
  }

  private void water() {
    compare("Dries now in", advice -> days(advice.water().before()));
    compare("Dries at first in", advice -> days(advice.water().after()));
    compare("Dries rooted through in", advice -> days(advice.water().settled()));
    compareInPlan(
        "Air in the pot",
        plan -> {
          Advice.Candidate pot = chosen(plan);
          return pot == null ? null : Wording.percent(pot.airFilledPorosity());
        });
  }

  private static @Nullable String days(Advice.@Nullable Drying drying) {
    return drying == null || drying.daysToRefill() == null
        ? null
        : Math.round(drying.daysToRefill()) + " days";
  }

  private void compare(String what, Function<Advice, @Nullable String> of) {
    String was = of.apply(before);
    String is = of.apply(after);
    if (!Objects.equals(was, is)) {
      found.add(new Difference(what, was == null ? "nothing" : was, is == null ? "nothing" : is));
    }
  }

  private void compareInPlan(String what, Function<Advice.Repot, @Nullable String> of) {
    if (before.repot() != null && after.repot() != null) {
      compare(what, advice -> of.apply(Objects.requireNonNull(advice.repot())));
    }
  }

  private void calls() {
    compare("Call", advice -> Action.valueOf(advice.call().action()).phrase());
    compare("When", advice -> when(advice.call()));
    compare(
        "On hold",
        advice -> {
          List<String> firm =
              advice.call().holds().stream()
                  .filter(hold -> hold.firm() && !hold.overridden())
                  .map(hold -> plain(hold.code()))
                  .toList();
          return firm.isEmpty() ? null : String.join(", ", firm);
        });
  }

  private String when(Advice.Call call) {
    if (call.from() == null || call.to() == null) {
      return call.recheck() == null ? "not due" : "look again " + date(call.recheck());
    }
    return date(call.from()) + " to " + date(call.to());
  }

  private void pots() {
    compareInPlan(
        "Pot",
        plan -> {
          Advice.Candidate pot = chosen(plan);
          return pot == null
              ? plan.order() == null ? null : plan.order().words()
              : wording.mm(pot.pot().topMm()) + " " + plain(pot.material());
        });
    compareInPlan(
        "Fresh medium", plan -> plan.mix() == null ? null : wording.litres(plan.mix().litres()));
    compareInPlan("Mix", plan -> plan.mix() == null ? null : recipe(plan.mix()));
    compareInPlan(
        "Rim gap", plan -> plan.levels() == null ? null : wording.mm(plan.levels().rimGapMm()));
    compareInPlan(
        "Planting level",
        plan ->
            plan.levels() == null || plan.levels().raiseMm() == 0
                ? "as before"
                : "raised by " + wording.mm(plan.levels().raiseMm()));
    compareInPlan(
        "Coarse layer",
        plan ->
            plan.mix() == null || plan.mix().coarseLitres() == 0
                ? null
                : wording.litres(plan.mix().coarseLitres()));
  }

  private void work() {
    compareInPlan("Ball before the work", plan -> plain(plan.ballMoisture()));
    compareInPlan("Loosening", plan -> plain(plan.rootWork().loosening()));
    compareInPlan("Roots taken off", plan -> Wording.percent(plan.rootWork().rootShare()));
    compareInPlan(
        "Cut roots dry for",
        plan -> plan.rootWork().callusDays() == 0 ? null : plan.rootWork().callusDays() + " days");
    compareInPlan(
        "Feed",
        plan ->
            plain(plan.feed().kind())
                + (plan.feed().holdUntil() == null
                    ? ""
                    : " until " + date(plan.feed().holdUntil())));
    compareInPlan(
        "First water",
        plan ->
            plan.waterIn() == null
                ? null
                : wording.litres(plan.waterIn().litres()) + " on " + date(plan.waterIn().on()));
    compare("Aftercare", advice -> plain(advice.aftercare().plan()));
  }

  private static String recipe(Advice.Mix mix) {
    return mix.label()
        + " ("
        + String.join(", ", mix.ingredients().stream().map(Advice.Ingredient::label).toList())
        + ")";
  }

  /** Where nothing else differs: otherwise the steps only say the same again. */
  private void steps() {
    if (!found.isEmpty() || before.repot() == null || after.repot() == null) {
      return;
    }
    String gone = firstOf(before.repot(), after.repot());
    String come = firstOf(after.repot(), before.repot());
    if (gone != null || come != null) {
      found.add(
          new Difference(
              "On the bench", gone == null ? "nothing" : gone, come == null ? "nothing" : come));
    }
  }

  /** The first step of one plan that the other has not. */
  private static @Nullable String firstOf(Advice.Repot plan, Advice.Repot other) {
    List<String> known = other.steps().stream().map(step -> step.text().words()).toList();
    for (Advice.Step step : plan.steps()) {
      if (!known.contains(step.text().words())) {
        return step.text().words();
      }
    }
    return null;
  }

  private static Advice.@Nullable Candidate chosen(Advice.Repot plan) {
    for (Advice.Candidate candidate : plan.candidates()) {
      if (Integer.valueOf(1).equals(candidate.rank())) {
        return candidate;
      }
    }
    return null;
  }

  private static String date(LocalDate date) {
    return Wording.date(date);
  }

  private static String plain(String code) {
    StringBuilder plain = new StringBuilder();
    for (int i = 0; i < code.length(); i++) {
      char c = code.charAt(i);
      plain.append(c == '_' ? ' ' : Character.toLowerCase(c));
    }
    return plain.toString();
  }
}
