package happysaucer.core.finding;

import happysaucer.core.casefile.Argument;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Adds up evidence. It keeps the lines with their reasons, or only the sums: what a further look
 * would change is asked dozens of times for one advice and needs no sentences.
 */
final class Ledger {
  private final double[] sums = new double[FindingCode.values().length];
  private final List<List<Evidence>> lines = new ArrayList<>();
  private final List<List<Discount>> discounts = new ArrayList<>();
  private final Map<SignCode, Message> normal = new EnumMap<>(SignCode.class);
  private final Set<String> counted = new HashSet<>();
  private final boolean keeps;
  private final Map<String, Argument.Aside> setAside;

  /**
   * @param setAside lines that are shown and do not count
   */
  Ledger(boolean keeps, Map<String, Argument.Aside> setAside) {
    this.keeps = keeps;
    this.setAside = setAside;
    if (keeps) {
      for (int i = 0; i < sums.length; i++) {
        lines.add(new ArrayList<>());
        discounts.add(new ArrayList<>());
      }
    }
  }

  /** Whether lines are kept, so that a caller need not make sentences for nothing. */
  boolean keeps() {
    return keeps;
  }

  void add(FindingCode finding, String sign, double decibans, Supplier<Message> why) {
    Argument.Aside aside = setAside.get(sign);
    if (aside != null) {
      aside(finding, sign, aside);
      return;
    }
    sums[finding.ordinal()] += decibans;
    if (keeps) {
      if (decibans > 0) {
        counted.add(sign);
      }
      lines.get(finding.ordinal()).add(new Evidence(sign, decibans, why.get()));
    }
  }

  /** What the evidence must not exceed; nobody can set that aside. */
  void limit(FindingCode finding, String code, double decibans, Supplier<Message> why) {
    sums[finding.ordinal()] += decibans;
    if (keeps) {
      lines.get(finding.ordinal()).add(new Evidence(code, decibans, why.get()));
    }
  }

  private void aside(FindingCode finding, String sign, Argument.Aside aside) {
    if (keeps) {
      discounts
          .get(finding.ordinal())
          .add(
              new Discount(
                  sign, Message.of("evidence.setAside", aside.by(), aside.reason()), true));
    }
  }

  void discount(FindingCode finding, SignCode sign, Message why) {
    if (keeps && !setAside.containsKey(sign.name())) {
      discounts.get(finding.ordinal()).add(new Discount(sign.name(), why, false));
    }
  }

  /** The sign is normal here; the first reason stands. It never turns a call into another. */
  void normal(SignCode sign, Message why) {
    if (keeps && !setAside.containsKey(sign.name())) {
      normal.putIfAbsent(sign, why);
    }
  }

  /** The signs that are normal here and speak for nothing else. */
  Map<SignCode, Message> normalSigns() {
    normal.keySet().removeIf(sign -> counted.contains(sign.name()));
    return normal;
  }

  double sum(FindingCode finding) {
    return sums[finding.ordinal()];
  }

  List<Evidence> lines(FindingCode finding) {
    return keeps ? lines.get(finding.ordinal()) : List.of();
  }

  List<Discount> discounts(FindingCode finding) {
    return keeps ? discounts.get(finding.ordinal()) : List.of();
  }

  /** An empty finding where nothing spoke. */
  Finding finding(FindingCode code, Optional<Grade> grade) {
    return new Finding(code, sum(code), grade, lines(code), discounts(code));
  }
}
