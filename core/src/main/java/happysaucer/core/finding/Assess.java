package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignState;
import happysaucer.core.sign.SignTable;
import happysaucer.core.unit.Message;
import java.util.Map;
import java.util.Optional;

/** Adds up the evidence of all signs into findings. */
public final class Assess {
  /** How a grade scales a weight (rules of thumb). */
  private static final double SLIGHT_FACTOR = 0.5;

  private static final double SEVERE_FACTOR = 1.5;

  /** What signs that are all normal here say together for JUST_NORMAL, decibans (rule of thumb). */
  private static final double NORMAL = 6;

  /** As far as crowding can be suspected while nobody has seen the roots, decibans. */
  static final double SUSPICION = 5.9;

  static final String UNSEEN = "ROOTS_UNSEEN";
  static final String SEEN = "SEEN";

  /** From here a finding stands, decibans. */
  private static final double STANDS = 6;

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
    WeightRules.Seen seen = new WeightRules.Seen(c, expectation, signs, weights);
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
    seenEmergenciesStand(c, ledger);
    unseenRootsClaimNothing(c, expectation, ledger);
    Losses.weigh(c, ledger);
    justNormal(c, ledger);
    FindingCode[] codes = FindingCode.values();
    Finding[] findings = new Finding[codes.length];
    for (int i = 0; i < codes.length; i++) {
      findings[i] =
          ledger.finding(codes[i], Grades.of(codes[i], c, expectation, ledger.sum(codes[i])));
    }
    return new Findings(findings);
  }

  /** What cannot wait and was seen stands, whatever else looked well. */
  private static void seenEmergenciesStand(Case c, Ledger ledger) {
    stands(c, SignCode.ROOTS_ROTTEN, FindingCode.ROT, ledger);
    stands(c, SignCode.STEM_SOFT_AT_BASE, FindingCode.ROT, ledger);
    stands(c, SignCode.ROOT_PESTS, FindingCode.ROOT_PESTS, ledger);
    stands(c, SignCode.NO_DRAIN_HOLES, FindingCode.NO_DRAINAGE, ledger);
  }

  private static void stands(Case c, SignCode sign, FindingCode finding, Ledger ledger) {
    double missing = STANDS - ledger.sum(finding);
    if (missing > 0 && c.signs().present(sign)) {
      ledger.limit(finding, SEEN, missing, () -> Message.of("limit.seen"));
    }
  }

  /** What nobody saw stays a suspicion, however many signs point to it. */
  private static void unseenRootsClaimNothing(Case c, Expectation expectation, Ledger ledger) {
    double sum = ledger.sum(FindingCode.CROWDED);
    if (sum > SUSPICION && !NearRoots.seen(c, expectation)) {
      ledger.limit(FindingCode.CROWDED, UNSEEN, SUSPICION - sum, () -> Message.of("limit.unseen"));
    }
  }

  /** Only where every sign seen is explained so and nothing else has weight. */
  private static void justNormal(Case c, Ledger ledger) {
    Map<SignCode, Message> normal = ledger.normalSigns();
    if (normal.isEmpty()) {
      return;
    }
    for (Observation observation : c.signs().all()) {
      if (observation.state() == SignState.PRESENT && !normal.containsKey(observation.code())) {
        return;
      }
    }
    for (FindingCode code : FindingCode.values()) {
      if (Strength.of(ledger.sum(code)) != Strength.NONE) {
        return;
      }
    }
    double each = NORMAL / normal.size();
    normal.forEach(
        (sign, why) -> ledger.add(FindingCode.JUST_NORMAL, sign.name(), each, () -> why));
  }

  private static void weigh(
      WeightRules.Seen seen, Observation observation, Weight weight, Ledger ledger) {
    if (observation.state() == SignState.ABSENT) {
      Optional<Message> silent = WeightRules.absentSaysNothing(seen, observation, weight);
      if (silent.isPresent()) {
        ledger.discount(weight.finding(), observation.code(), silent.get());
        return;
      }
      if (weight.absent() != SignWeight.NONE && weight.heft() == null) {
        ledger.add(
            weight.finding(),
            observation.code().name(),
            weight.absent().decibans(),
            weight::absentReason);
      }
      return;
    }
    if (weight.present() == SignWeight.NONE
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
