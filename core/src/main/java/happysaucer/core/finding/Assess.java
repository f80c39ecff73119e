package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignState;
import happysaucer.core.sign.SignTable;
import happysaucer.core.sign.StateCode;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Adds up the evidence of all signs into findings. */
public final class Assess {
  /** How a grade scales a weight (rules of thumb). */
  private static final double SLIGHT_FACTOR = 0.5;

  private static final double SEVERE_FACTOR = 1.5;

  /** What each sign that is normal here says for JUST_NORMAL, decibans (rule of thumb). */
  private static final double NORMAL = 6;

  /** Rot by share of the roots; doubled where old roots die in turn. */
  private static final double ROT_CLEAR = 0.10;

  private static final double ROT_SEVERE = 0.33;
  private static final double ROT_LOST = 0.75;

  private final WeightTable weights;
  private final SignTable signs;

  public Assess(WeightTable weights, SignTable signs) {
    this.weights = weights;
    this.signs = signs;
  }

  public Findings findings(Case c, Expectation expectation) {
    Map<FindingCode, List<Evidence>> evidence = new EnumMap<>(FindingCode.class);
    Map<FindingCode, List<Discount>> discounts = new EnumMap<>(FindingCode.class);
    for (FindingCode code : FindingCode.values()) {
      evidence.put(code, new ArrayList<>());
      discounts.put(code, new ArrayList<>());
    }
    Map<SignCode, Message> normal = new EnumMap<>(SignCode.class);
    for (Observation observation : c.signs().all()) {
      for (Weight weight : weights.of(observation.code())) {
        weigh(c, expectation, observation, weight, evidence, discounts, normal);
      }
    }
    intervalOnRecord(c, expectation).ifPresent(evidence.get(FindingCode.CROWDED)::add);
    priorCrowded(c).ifPresent(evidence.get(FindingCode.CROWDED)::add);
    priorSpent(c).ifPresent(evidence.get(FindingCode.SPENT_MEDIUM)::add);
    toldOfWatering(c, evidence);
    normal.forEach(
        (sign, why) ->
            evidence.get(FindingCode.JUST_NORMAL).add(new Evidence(sign.name(), NORMAL, why)));
    List<Finding> findings = new ArrayList<>();
    for (FindingCode code : FindingCode.values()) {
      double total = 0;
      for (Evidence line : evidence.get(code)) {
        total += line.weight();
      }
      findings.add(
          new Finding(
              code,
              total,
              grade(code, c, expectation, total),
              evidence.get(code),
              discounts.get(code)));
    }
    return new Findings(findings);
  }

  private void weigh(
      Case c,
      Expectation expectation,
      Observation observation,
      Weight weight,
      Map<FindingCode, List<Evidence>> evidence,
      Map<FindingCode, List<Discount>> discounts,
      Map<SignCode, Message> normal) {
    String sign = observation.code().name();
    if (observation.state() == SignState.ABSENT) {
      if (weight.absent() != Step.NONE && weight.heft() == null) {
        evidence
            .get(weight.finding())
            .add(
                new Evidence(
                    sign,
                    weight.absent().decibans(),
                    Message.of("absent." + weight.finding() + "." + sign, weight.whyAbsent())));
      }
      return;
    }
    if (weight.present() == Step.NONE
        || (weight.heft() != null && weight.heft() != observation.grade())) {
      return;
    }
    double decibans = weight.present().decibans() * scale(c, observation, weight);
    for (WeightRules.Rule rule : WeightRules.ALL) {
      Optional<Adjustment> adjustment =
          rule.on(new WeightRules.Seen(c, observation, weight, expectation, signs));
      if (adjustment.isPresent()) {
        decibans *= adjustment.get().factor();
        if (adjustment.get().factor() < 1) {
          discounts
              .get(weight.finding())
              .add(new Discount(observation.code(), adjustment.get().why()));
        }
        if (adjustment.get().factor() == 0 && weight.present().decibans() > 0) {
          normal.putIfAbsent(observation.code(), adjustment.get().why());
        }
      }
    }
    if (decibans != 0) {
      evidence
          .get(weight.finding())
          .add(
              new Evidence(
                  sign,
                  decibans,
                  Message.of("present." + weight.finding() + "." + sign, weight.whyPresent())));
    }
  }

  private static double scale(Case c, Observation observation, Weight weight) {
    if (weight.finding() == FindingCode.ROT && observation.code() == SignCode.ROOTS_ROTTEN) {
      return switch (rotGrade(c, observation.value()).orElse(Grade.CLEAR)) {
        case SLIGHT -> SLIGHT_FACTOR;
        case SEVERE -> SEVERE_FACTOR;
        default -> 1;
      };
    }
    Grade grade = observation.grade();
    if (grade == Grade.SLIGHT) {
      return SLIGHT_FACTOR;
    }
    return grade == Grade.SEVERE ? SEVERE_FACTOR : 1;
  }

  /** The record of waterings speaks where nobody ticked the sign. */
  private static Optional<Evidence> intervalOnRecord(Case c, Expectation expectation) {
    if (c.signs().checked(SignCode.DRIES_TOO_FAST)
        || c.signs().present(SignCode.MEDIUM_FALLS_AWAY)) {
      return Optional.empty();
    }
    return expectation
        .intervalRatio()
        .map(
            ratio ->
                ratio < 0.5
                    ? new Evidence(
                        SignCode.DRIES_TOO_FAST.name(),
                        Step.STRONG.decibans(),
                        Message.of(
                            "record.driesFast",
                            "On record it now wants water in {} of the time it did after the last repot, day length allowed for.",
                            Wording.percent(ratio)))
                    : ratio < 0.75
                        ? new Evidence(
                            SignCode.DRIES_TOO_FAST.name(),
                            Step.WEAK.decibans(),
                            Message.of(
                                "record.driesFaster",
                                "On record it dries in {} of the time it did after the last repot.",
                                Wording.percent(ratio)))
                        : new Evidence(
                            SignCode.DRIES_TOO_FAST.name(),
                            Step.AGAINST_WEAK.decibans(),
                            Message.of(
                                "record.driesAsBefore",
                                "On record it dries about as slowly as after the last repot.")));
  }

  /** Time since the last repot against the species' interval (decibans, rule of thumb). */
  private static Optional<Evidence> priorCrowded(Case c) {
    return c.plant()
        .monthsInPot(c.date())
        .map(
            months ->
                new Evidence(
                    "TIME_SINCE_REPOT",
                    prior(months / c.plant().traits().monthsMiddle()),
                    Message.of(
                        "prior.crowded",
                        "Last repotted {} months ago; its kind usually takes {} to {} months.",
                        (double) Math.round(months),
                        c.plant().traits().monthsFrom(),
                        c.plant().traits().monthsTo())));
  }

  private static Optional<Evidence> priorSpent(Case c) {
    return c.plant()
        .monthsInPot(c.date())
        .map(
            months ->
                new Evidence(
                    "TIME_SINCE_REPOT",
                    prior(months / c.plant().mix().lifeMonths()),
                    Message.of(
                        "prior.spent",
                        "The medium is {} months old; this mix lasts about {} months.",
                        (double) Math.round(months),
                        c.plant().mix().lifeMonths())));
  }

  private static double prior(double ratio) {
    if (ratio < 0.25) {
      return -6;
    }
    if (ratio < 0.6) {
      return -3;
    }
    if (ratio < 1) {
      return 0;
    }
    return ratio < 1.6 ? 2 : ratio < 2.5 ? 4 : 5;
  }

  private static void toldOfWatering(Case c, Map<FindingCode, List<Evidence>> evidence) {
    if (c.plant().is(StateCode.OVERWATERED)) {
      evidence
          .get(FindingCode.OVERWATERED)
          .add(
              new Evidence(
                  StateCode.OVERWATERED.name(),
                  Step.STRONG.decibans(),
                  Message.of("told.over", "Whoever waters says it gets too much.")));
    }
    if (c.plant().is(StateCode.UNDERWATERED)) {
      evidence
          .get(FindingCode.UNDERWATERED)
          .add(
              new Evidence(
                  StateCode.UNDERWATERED.name(),
                  Step.STRONG.decibans(),
                  Message.of("told.under", "Whoever waters says it gets too little.")));
    }
  }

  private static Optional<Grade> grade(
      FindingCode code, Case c, Expectation expectation, double decibans) {
    return switch (code) {
      case CROWDED ->
          Strength.of(decibans) == Strength.NONE ? Optional.empty() : crowdedGrade(c, expectation);
      case ROT ->
          c.signs().present(SignCode.ROOTS_ROTTEN)
              ? rotGrade(c, c.signs().value(SignCode.ROOTS_ROTTEN).orElse(null))
              : c.signs().present(SignCode.STEM_SOFT_AT_BASE)
                  ? Optional.of(Grade.CLEAR)
                  : Optional.empty();
      default -> Optional.empty();
    };
  }

  /** The highest of the graded signs and the forecast; circling one down where snug is liked. */
  private static Optional<Grade> crowdedGrade(Case c, Expectation expectation) {
    if (c.signs().present(SignCode.LITTLE_MEDIUM_LEFT)) {
      return Optional.of(Grade.SEVERE);
    }
    List<Grade> grades = new ArrayList<>();
    Circling.grade(c).ifPresent(grades::add);
    gradeOf(c, SignCode.BALL_SOLID).ifPresent(grades::add);
    gradeOf(c, SignCode.POT_DEFORMED)
        .map(g -> g == Grade.SLIGHT ? Grade.CLEAR : g)
        .ifPresent(grades::add);
    gradeOf(c, SignCode.ROOTS_FROM_DRAIN_HOLES).ifPresent(grades::add);
    expectation.fillGrade().ifPresent(grades::add);
    return grades.stream().max(Grade::compareTo);
  }

  private static Optional<Grade> gradeOf(Case c, SignCode sign) {
    return c.signs().present(sign)
        ? Optional.of(c.signs().grade(sign).orElse(Grade.CLEAR))
        : Optional.empty();
  }

  private static Optional<Grade> rotGrade(Case c, Double share) {
    if (share == null) {
      return Optional.of(Grade.CLEAR);
    }
    double limits = c.plant().traits().oldRootsDieInTurn() ? 2 : 1;
    if (share < ROT_CLEAR * limits) {
      return Optional.of(Grade.SLIGHT);
    }
    return Optional.of(share <= ROT_SEVERE * limits ? Grade.CLEAR : Grade.SEVERE);
  }

  /** So much of the roots is lost that only cuttings are left. */
  public static boolean rootsLost(Case c) {
    double limits = c.plant().traits().oldRootsDieInTurn() ? 2 : 1;
    return c.signs().value(SignCode.ROOTS_ROTTEN).orElse(0.0) > Math.min(0.95, ROT_LOST * limits);
  }
}
