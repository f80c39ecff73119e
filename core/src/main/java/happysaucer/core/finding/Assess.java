package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignState;
import happysaucer.core.sign.SignTable;
import java.util.Optional;

/** Adds up the evidence of all signs into findings. */
public final class Assess {
  /** How a grade scales a weight (rules of thumb). */
  private static final double SLIGHT_FACTOR = 0.5;

  private static final double SEVERE_FACTOR = 1.5;

  /** What each sign that is normal here says for JUST_NORMAL, decibans (rule of thumb). */
  private static final double NORMAL = 6;

  private final WeightTable weights;
  private final SignTable signs;

  public Assess(WeightTable weights, SignTable signs) {
    this.weights = weights;
    this.signs = signs;
  }

  /** The findings with their evidence line by line. */
  public Findings findings(Case c, Expectation expectation) {
    return assess(c, expectation, new Ledger(true, c.argument().setAside()));
  }

  /** Only sums and grades: for asking what another sign would change. */
  public Findings sums(Case c, Expectation expectation) {
    return assess(c, expectation, new Ledger(false, c.argument().setAside()));
  }

  private Findings assess(Case c, Expectation expectation, Ledger ledger) {
    WeightRules.Seen seen = new WeightRules.Seen(c, expectation, signs);
    for (Observation observation : c.signs().all()) {
      for (Weight weight : weights.of(observation.code())) {
        weigh(seen, observation, weight, ledger);
      }
    }
    for (Observation observation : c.argument().observations()) {
      for (Weight weight : weights.of(observation.code())) {
        weigh(seen, observation, weight, ledger);
      }
    }
    Priors.weigh(c, expectation, ledger);
    Trends.weigh(c, ledger);
    ledger
        .normalSigns()
        .forEach(
            (sign, why) -> ledger.add(FindingCode.JUST_NORMAL, sign.name(), NORMAL, () -> why));
    FindingCode[] codes = FindingCode.values();
    Finding[] findings = new Finding[codes.length];
    for (int i = 0; i < codes.length; i++) {
      findings[i] =
          ledger.finding(codes[i], Grades.of(codes[i], c, expectation, ledger.sum(codes[i])));
    }
    return new Findings(findings);
  }

  private static void weigh(
      WeightRules.Seen seen, Observation observation, Weight weight, Ledger ledger) {
    if (observation.state() == SignState.ABSENT) {
      if (weight.absent() != Step.NONE && weight.heft() == null) {
        ledger.add(
            weight.finding(),
            observation.code().name(),
            weight.absent().decibans(),
            weight::absentReason);
      }
      return;
    }
    if (weight.present() == Step.NONE
        || (weight.heft() != null && weight.heft() != observation.grade())) {
      return;
    }
    double decibans = weight.present().decibans() * scale(seen.c(), observation, weight);
    for (WeightRules.Rule rule : WeightRules.on(observation.code(), weight.finding())) {
      Optional<Adjustment> adjustment = rule.on(seen, observation, weight);
      if (adjustment.isPresent()) {
        decibans *= adjustment.get().factor();
        if (adjustment.get().factor() < 1) {
          ledger.discount(weight.finding(), observation.code(), adjustment.get().why());
        }
        if (adjustment.get().factor() == 0 && weight.present().decibans() > 0) {
          ledger.normal(observation.code(), adjustment.get().why());
        }
      }
    }
    if (decibans != 0) {
      ledger.add(weight.finding(), observation.code().name(), decibans, weight::presentReason);
    }
  }

  private static double scale(Case c, Observation observation, Weight weight) {
    Grade grade = observation.grade();
    if (weight.finding() == FindingCode.ROT && observation.code() == SignCode.ROOTS_ROTTEN) {
      grade = Grades.rot(c, observation.value());
    }
    if (grade == Grade.SLIGHT) {
      return SLIGHT_FACTOR;
    }
    return grade == Grade.SEVERE ? SEVERE_FACTOR : 1;
  }

  /** So much of the roots is lost that only cuttings are left. */
  public static boolean rootsLost(Case c) {
    return Grades.rootsLost(c);
  }
}
