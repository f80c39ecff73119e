package happysaucer.bench.examine;

import happysaucer.core.advice.Advice;
import happysaucer.core.unit.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What must hold of any answer, whatever was asked. */
final class AlwaysTrue {
  /** Means named in a reason, and the actions that are done by them. */
  private static final List<Means> MEANS =
      List.of(
          new Means("goes up a size", Set.of("POT_UP")),
          new Means("roots are cut back", Set.of("ROOT_PRUNE_SAME_POT")),
          new Means("returns to the same pot", Set.of("ROOT_PRUNE_SAME_POT")),
          new Means("part it and replant", Set.of("DIVIDE")),
          new Means("goes down a size", Set.of("POT_DOWN")));

  private static final List<Pattern> NOT_SAID_ALOUD =
      List.of(
          Pattern.compile("\\d N\\b"),
          Pattern.compile("\\d{3}\\.\\d cm"),
          Pattern.compile("\\bcm\\b[^.]*\\b\\d+ mm\\b|\\b\\d+ mm\\b[^.]*\\bcm\\b"),
          Pattern.compile("\\d\\.\\d\\d+ (kg|L|cm)\\b.*about|about \\d\\d\\d\\d "),
          Pattern.compile("once the call above|this plant stands"),
          Pattern.compile("\\{}|NaN|null"));

  private static final Set<String> WORK =
      Set.of(
          "POT_UP",
          "REFRESH",
          "ROOT_PRUNE_SAME_POT",
          "HEAVIER_POT",
          "POT_DOWN",
          "DRAINAGE_RESCUE",
          "ROT_RESCUE",
          "PEST_CLEAN",
          "TOP_DRESS",
          "RAISE_OR_SHALLOW",
          "REPLACE_POT",
          "DIVIDE",
          "BREAK_OUT",
          "PROPAGATE",
          "RETIRE");

  private record Means(String words, Set<String> actions) {}

  private final GrowersRules all;

  AlwaysTrue(GrowersRules all) {
    this.all = all;
  }

  void add() {
    List<Plant> drawn = all.drawn();
    all.add("JUST_NORMAL stands only alone", drawn, AlwaysTrue::normalAlone);
    all.add("No reason is given for which nothing was seen", drawn, AlwaysTrue::founded);
    all.add("Reasons name the action taken", drawn, AlwaysTrue::meansFit);
    all.add("Every sentence could be said aloud", drawn, AlwaysTrue::saidAloud);
    all.add("Care meanwhile does not contradict itself", drawn, AlwaysTrue::careAgrees);
    monotone();
    neighbours();
    places(drawn);
  }

  private static Optional<String> normalAlone(Rule.Asked asked) {
    boolean normal = asked.stands("JUST_NORMAL");
    boolean other =
        asked.advice().findings().stream()
            .anyMatch(f -> !f.code().equals("JUST_NORMAL") && f.decibans() >= 3);
    return Rule.unless(!(normal && other), asked);
  }

  private static Optional<String> founded(Rule.Asked asked) {
    List<String> unfounded = asked.unfounded();
    return unfounded.isEmpty() ? Optional.empty() : Optional.of(unfounded + " " + asked.said());
  }

  private static Optional<String> meansFit(Rule.Asked asked) {
    for (Means means : MEANS) {
      if (asked.said().contains(means.words()) && !means.actions().contains(asked.action())) {
        return Rule.unless(false, asked);
      }
    }
    return Optional.empty();
  }

  private static Optional<String> saidAloud(Rule.Asked asked) {
    for (String sentence : sentences(asked.advice())) {
      for (Pattern pattern : NOT_SAID_ALOUD) {
        if (pattern.matcher(sentence).find()) {
          return Optional.of(sentence);
        }
      }
    }
    return Optional.empty();
  }

  private static List<String> sentences(Advice advice) {
    return said(advice).stream().map(Said::words).toList();
  }

  private static List<Said> said(Advice advice) {
    List<Said> said = new ArrayList<>(advice.call().reasons());
    said.addAll(advice.call().interim());
    advice.call().also().forEach(a -> said.add(a.text()));
    advice.call().alternatives().forEach(a -> said.add(a.when()));
    advice.findings().forEach(f -> f.evidence().forEach(e -> said.add(e.why())));
    advice.lookNext().forEach(look -> said.add(look.why()));
    advice.cautions().forEach(c -> said.add(c.text()));
    advice.aftercare().steps().forEach(step -> said.add(step.text()));
    if (advice.repot() != null) {
      said.addAll(advice.repot().sizing());
      if (advice.repot().order() != null) {
        said.add(advice.repot().order());
      }
      advice.repot().steps().forEach(step -> said.add(step.text()));
      advice
          .repot()
          .candidates()
          .forEach(
              pot -> {
                pot.remarks().forEach(r -> said.add(r.text()));
                pot.failures().forEach(f -> said.add(f.text()));
              });
    }
    return said;
  }

  private static Optional<String> careAgrees(Rule.Asked asked) {
    String care = String.join(" ", asked.call().interim().stream().map(Said::words).toList());
    boolean dry = care.contains("Keep it dry") || care.contains("Do not water");
    boolean wet = care.contains("oak it") || care.contains("water it through");
    boolean unfed = care.contains("without feed");
    boolean fed = care.contains("feed lightly") || care.contains("Feed at");
    return dry && wet || unfed && fed ? Optional.of(care) : Optional.empty();
  }

  /** Worse signs, and more of one kind, never weaken a call. */
  private void monotone() {
    List<Plant> cases = new ArrayList<>();
    cases.addAll(all.inTheirLight(p -> p.graded("ROOTS_CIRCLING", "CLEAR")));
    all.add(
        "A worse grade never weakens the call",
        cases,
        asked -> {
          Advice slight = asked.ask().apply(asked.plant().graded("ROOTS_CIRCLING", "SLIGHT"));
          Advice severe = asked.ask().apply(asked.plant().graded("ROOTS_CIRCLING", "SEVERE"));
          return Rule.unless(
              weight(slight) <= weight(asked.advice()) && weight(asked.advice()) <= weight(severe),
              asked);
        });
    all.add(
        "Another sign of the same kind never weakens the call",
        cases,
        asked -> {
          Plant more = asked.plant();
          int before = weight(asked.advice());
          for (String sign : List.of("BALL_SOLID", "ROOTS_FROM_DRAIN_HOLES", "POT_DEFORMED")) {
            more = more.graded(sign, "CLEAR");
            int then = weight(asked.ask().apply(more));
            if (then < before) {
              return Optional.of("weaker with " + sign);
            }
            before = then;
          }
          return Optional.empty();
        });
    all.add(
        "Longer in its pot never weakens the call",
        all.inSpring(p -> p.graded("ROOTS_FROM_DRAIN_HOLES", "CLEAR")),
        asked -> {
          int before = 0;
          for (int months = 1; months <= 120; months += 7) {
            int then = weight(asked.ask().apply(asked.plant().repottedMonthsAgo(months)));
            if (then < before) {
              return Optional.of("weaker after " + months + " months");
            }
            before = then;
          }
          return Optional.empty();
        });
  }

  /** How strong a call is: work before watching before leaving. */
  private static int weight(Advice advice) {
    String action = advice.call().action();
    if (WORK.contains(action)) {
      return advice.call().urgency().equals("NOW")
          ? 4
          : advice.call().urgency().equals("SOON") ? 3 : 2;
    }
    return action.equals("LEAVE") ? 0 : 1;
  }

  /** One millimetre, one day, one in a hundred. */
  private void neighbours() {
    List<Plant> cases = new ArrayList<>();
    for (double share : new double[] {0.3, 0.6, 0.9, 0.9495, 1.2}) {
      for (String grade : List.of("SLIGHT", "CLEAR", "SEVERE")) {
        cases.addAll(
            all.inSpring(
                p ->
                    p.tall(Math.min(19000, share * p.species().traits().matureHeightMm()))
                        .repottedMonthsAgo(p.species().traits().monthsMiddle())
                        .graded("ROOTS_CIRCLING", grade)));
      }
    }
    all.add(
        "Neighbours agree: 1 mm, 1 day, 1 %",
        cases,
        asked -> {
          Plant p = asked.plant();
          List<Plant> near =
              List.of(
                  p.tall(p.heightMm() + 1),
                  p.tall(p.heightMm() * 1.01),
                  p.in(p.potMm() + 1),
                  p.on(p.date().plusDays(1)));
          for (Plant other : near) {
            Advice answer = asked.ask().apply(other);
            boolean agrees =
                answer.call().action().equals(asked.action())
                    || asked.call().alternatives().stream()
                        .anyMatch(a -> a.action().equals(answer.call().action()));
            if (!agrees) {
              return Optional.of(asked.action() + " beside " + answer.call().action());
            }
          }
          return Optional.empty();
        });
  }

  /** What was not there above says nothing of what was seen below, and calms no emergency. */
  private void places(List<Plant> drawn) {
    List<Plant> cases = new ArrayList<>(all.inSpring(p -> p.graded("ROOTS_CIRCLING", "SEVERE")));
    all.add(
        "Absent signs of one place never speak for another",
        cases,
        asked -> {
          Plant looked = asked.plant();
          for (String sign :
              List.of("SURFACE_HARD", "WATER_POOLS", "ROOTS_AT_SURFACE", "DRIES_TOO_FAST")) {
            looked = looked.absent(sign);
          }
          Advice answer = asked.ask().apply(looked);
          return Rule.unless(
              answer.call().action().equals(asked.action())
                  && answer.call().urgency().equals(asked.call().urgency()),
              asked);
        });
    all.add(
        "Nothing seen besides calms an emergency",
        drawn,
        asked -> {
          Advice answer = asked.ask().apply(asked.plant().sign("STEM_SOFT_AT_BASE"));
          return answer.call().urgency().equals("NOW")
              ? Optional.empty()
              : Optional.of("with STEM_SOFT_AT_BASE " + answer.call().action());
        });
  }
}
