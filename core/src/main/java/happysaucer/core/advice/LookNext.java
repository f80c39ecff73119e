package happysaucer.core.advice;

import happysaucer.core.book.Book;
import happysaucer.core.call.Decide;
import happysaucer.core.call.Decide.Verdict;
import happysaucer.core.call.Windows;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.finding.NearRoots;
import happysaucer.core.finding.Step;
import happysaucer.core.finding.Weight;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.Sign;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What to look at next: the one or two signs whose answer tells most about the call, in expected
 * bits, for the minutes they cost. Silent when no answer could change it. Only assess and decide
 * run again, and only for sums and verdicts.
 */
final class LookNext {
  /** Before any sign, a trouble is there about one time in ten: decibans (rule of thumb). */
  private static final double BEFOREHAND = -10;

  /** Chance of a sign without its trouble, and what the trouble adds to it (rules of thumb). */
  private static final double BY_CHANCE = 0.05;

  private static final double BY_TROUBLE = 0.8;

  /** An answer that tells less about the call is not worth asking for, bits (rule of thumb). */
  private static final double LEAST_BITS = 0.6;

  /** A trouble is in doubt from here, decibans. */
  private static final double IN_DOUBT = 2;

  /** Only signs that weigh this much can turn a call alone, decibans. */
  private static final double WEIGHTY = 5;

  private static final int MOST = 2;
  private static final double SLIP_MINUTES = 4;
  private static final double SOME_ROT = 0.2;

  /** Before everything else. */
  private static final double FIRST = 100;

  /** More than time in the pot alone can say, decibans. */
  private static final double SUSPECTED = 4;

  /** A slip check that is due comes before any glance. */
  private static final double DUE = 3;

  record Look(String sign, String how, Message why) {}

  private record Option(Look look, double worth) {}

  private final Book book;
  private final Assess assess;
  private final Case c;
  private final Expectation expectation;
  private final Forecast forecast;
  private final Windows windows;
  private final Findings findings;
  private final Verdict now;

  LookNext(
      Book book,
      Assess assess,
      Case c,
      Expectation expectation,
      Forecast forecast,
      Windows windows,
      Findings findings) {
    this.book = book;
    this.assess = assess;
    this.c = c;
    this.expectation = expectation;
    this.forecast = forecast;
    this.windows = windows;
    this.findings = findings;
    this.now = Decide.verdict(c, findings, forecast, expectation, windows);
  }

  List<Look> looks() {
    List<Option> options = new ArrayList<>();
    for (Sign sign : book.signs().all()) {
      if (worthAsking(sign)) {
        Option option = option(sign);
        if (option != null) {
          options.add(option);
        }
      }
    }
    wetOrDryFirst(options);
    if (slipHelps()) {
      boolean suspected = crowdingSuspected();
      boolean due = slipDue() || suspected;
      double worth = slipWorth() + (due ? DUE : 0);
      if (worth > 0) {
        options.add(
            new Option(
                new Look(
                    "SLIP_CHECK",
                    "Slip it out of its pot and read the roots: circling, firm or rotten, does medium fall away?",
                    suspected
                        ? Message.of(
                            "look.slipSuspected",
                            "What was seen points to a full pot, and nobody has seen the roots.")
                        : due
                            ? Message.of(
                                "look.slipDue",
                                "It has been in this pot for longer than its kind usually is; only the roots can tell.")
                            : Message.of("look.slip", "Only the roots can settle this.")),
                perMinute(worth, SLIP_MINUTES)));
      }
    }
    return options.stream()
        .sorted(Comparator.comparingDouble(Option::worth).reversed())
        .limit(MOST)
        .map(Option::look)
        .toList();
  }

  /** Where leaf or colour goes without a cause, wet or dry is told by a hand before all else. */
  private void wetOrDryFirst(List<Option> options) {
    if (!findings.stands(FindingCode.DECLINE)
        || c.signs().checked(SignCode.HEFT)
        || c.signs().checked(SignCode.STAYS_WET)) {
      return;
    }
    Sign heft = book.signs().get(SignCode.HEFT);
    options.removeIf(option -> option.look().sign().equals(heft.code().name()));
    options.add(
        new Option(
            new Look(
                heft.code().name(),
                heft.how(),
                Message.of(
                    "look.wetOrDry", "Wet or dry comes first: it tells most of the causes apart.")),
            FIRST));
  }

  private boolean worthAsking(Sign sign) {
    return sign.group() != SignGroup.ROOTS
        && !c.signs().checked(sign.code())
        && !c.argument().setAside().containsKey(sign.code().name())
        && weighty(sign)
        && !known(sign.code());
  }

  /** The pot's holes were counted when the pot was entered. */
  private boolean known(SignCode code) {
    return code == SignCode.NO_DRAIN_HOLES && c.pot().drainHoles() > 0;
  }

  private boolean weighty(Sign sign) {
    for (Weight weight : book.weights().of(sign.code())) {
      if (Math.abs(weight.present().decibans()) >= WEIGHTY
          || Math.abs(weight.absent().decibans()) >= WEIGHTY) {
        return true;
      }
    }
    return false;
  }

  /** Its absence is evidence, or lifts what the pot's shape suggests. */
  private boolean speaksWhenAbsent(Sign sign) {
    for (Weight weight : book.weights().of(sign.code())) {
      if (weight.absent() != Step.NONE) {
        return true;
      }
    }
    return sign.code() == SignCode.POT_MOUTH_NARROWER_THAN_BALL;
  }

  /** Null where the answer is too unlikely to change the call. */
  private @Nullable Option option(Sign sign) {
    double chance = chance(sign.code());
    Verdict seen = verdict(Observation.present(sign.code()));
    Verdict absent = speaksWhenAbsent(sign) ? verdict(Observation.absent(sign.code())) : now;
    double bits = seen.equals(absent) ? 0 : bits(chance) + bits(1 - chance);
    if (bits < LEAST_BITS) {
      return null;
    }
    return new Option(
        new Look(sign.code().name(), sign.how(), why(seen, absent)),
        perMinute(bits, sign.minutes()));
  }

  private Message why(Verdict seen, Verdict absent) {
    if (!seen.equals(now) && !absent.equals(now)) {
      return Message.of(
          "look.both",
          "Seen, the call becomes: {}. Looked for and not there: {}.",
          seen.action().phrase(),
          absent.action().phrase());
    }
    Verdict changed = seen.equals(now) ? absent : seen;
    String sooner = changed.action() == now.action() ? ", at another time" : "";
    return seen.equals(now)
        ? Message.of(
            "look.absent",
            "If it is not there, the call becomes: {}{}.",
            changed.action().phrase(),
            sooner)
        : Message.of(
            "look.present",
            "If it is there, the call becomes: {}{}.",
            changed.action().phrase(),
            sooner);
  }

  /** The likelier the trouble that a sign speaks for, the likelier the sign. */
  private double chance(SignCode code) {
    double most = 0;
    double trouble = 0;
    for (Weight weight : book.weights().of(code)) {
      if (weight.present().decibans() > most) {
        most = weight.present().decibans();
        double odds = Math.pow(10, (findings.get(weight.finding()).decibans() + BEFOREHAND) / 10);
        trouble = odds / (1 + odds);
      }
    }
    return BY_CHANCE + BY_TROUBLE * trouble;
  }

  /** Minutes count by their root: four minutes for a sure answer beat four idle glances. */
  private static double perMinute(double worth, double minutes) {
    return worth / (0.5 + Math.sqrt(minutes));
  }

  private Verdict verdict(Observation observation) {
    Case other = c.withSigns(c.signs().with(observation));
    return Decide.verdict(other, assess.sums(other, expectation), forecast, expectation, windows);
  }

  /** Only when crowding, rot or root pests are in doubt, and nothing forbids it. */
  private boolean slipHelps() {
    boolean slipped =
        book.signs().all().stream()
            .anyMatch(sign -> sign.group() == SignGroup.ROOTS && c.signs().checked(sign.code()));
    return !slipped && SlipGuard.against(c).isEmpty() && rootsInDoubt();
  }

  /** Signs away from the roots point to crowding. */
  private boolean crowdingSuspected() {
    return findings.get(FindingCode.CROWDED).decibans() > SUSPECTED
        && !NearRoots.seen(c, expectation);
  }

  /** Past its usual interval and never looked at: by condition only, this is what is due. */
  private boolean slipDue() {
    return c.plant()
        .monthsInPot(c.date())
        .map(months -> months > c.plant().traits().monthsTo())
        .orElse(false);
  }

  private boolean rootsInDoubt() {
    return inDoubt(FindingCode.CROWDED)
        || inDoubt(FindingCode.ROT)
        || inDoubt(FindingCode.ROOT_PESTS);
  }

  private boolean inDoubt(FindingCode finding) {
    return findings.get(finding).decibans() > IN_DOUBT;
  }

  /** Expected information about the call in one of the things the roots may show, in bits. */
  private double slipWorth() {
    List<Observation> shown =
        List.of(
            Observation.present(SignCode.MEDIUM_FALLS_AWAY),
            Observation.present(SignCode.ROOTS_CIRCLING),
            Observation.present(SignCode.ROOTS_ROTTEN, SOME_ROT),
            Observation.present(SignCode.ROOTS_HEALTHY));
    Map<Verdict, Integer> verdicts = new LinkedHashMap<>();
    for (Observation observation : shown) {
      verdicts.merge(verdict(observation), 1, Integer::sum);
    }
    double bits = 0;
    for (int count : verdicts.values()) {
      bits += bits((double) count / shown.size());
    }
    return bits;
  }

  /** What one of the possible calls, of this chance, adds to the expected information. */
  private static double bits(double chance) {
    return chance <= 0 ? 0 : -chance * Math.log(chance) / Math.log(2);
  }
}
