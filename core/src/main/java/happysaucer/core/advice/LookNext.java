package happysaucer.core.advice;

import happysaucer.core.book.Book;
import happysaucer.core.call.Call;
import happysaucer.core.call.Decide;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.finding.Weight;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.Observations;
import happysaucer.core.sign.Sign;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.RootType;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What to look at next: the one or two signs whose answer would most likely change the call, for
 * the minutes they cost. Silent when no answer could change it.
 */
final class LookNext {
  /** Before any sign, a trouble is there about one time in ten: decibans (rule of thumb). */
  private static final double BEFOREHAND = -10;

  /** Chance of a sign without its trouble, and what the trouble adds to it (rules of thumb). */
  private static final double BY_CHANCE = 0.05;

  private static final double BY_TROUBLE = 0.8;

  /** An answer this unlikely to change the call is not worth asking for (rule of thumb). */
  private static final double LEAST_CHANGE = 0.15;

  /** Chance of each of the things the roots may show (rule of thumb). */
  private static final double CHANCE_AT_SLIP = 0.35;

  /** Only signs that weigh this much can turn a call alone, decibans. */
  private static final double WEIGHTY = 5;

  private static final int MOST = 2;
  private static final double SLIP_MINUTES = 4;

  record Look(String sign, String how, Message why) {}

  private record Option(Look look, double worth) {}

  private final Book book;
  private final Assess assess;
  private final Case c;
  private final Expectation expectation;
  private final Forecast forecast;
  private final Call now;
  private final Findings findings;

  LookNext(
      Book book,
      Assess assess,
      Case c,
      Expectation expectation,
      Forecast forecast,
      Call now,
      Findings findings) {
    this.book = book;
    this.assess = assess;
    this.c = c;
    this.expectation = expectation;
    this.forecast = forecast;
    this.now = now;
    this.findings = findings;
  }

  List<Look> looks() {
    List<Option> options = new ArrayList<>();
    for (Sign sign : book.signs().all()) {
      if (sign.group() == SignGroup.ROOTS
          || c.signs().checked(sign.code())
          || !weighty(sign)
          || known(sign.code())) {
        continue;
      }
      double change = changeBy(sign.code());
      if (change >= LEAST_CHANGE) {
        options.add(
            new Option(
                new Look(
                    sign.code().name(),
                    sign.how(),
                    Message.of("look." + sign.code(), "The answer could change the call.")),
                perMinute(change, sign.minutes())));
      }
    }
    if (slipHelps()) {
      options.add(
          new Option(
              new Look(
                  "SLIP_CHECK",
                  "Slip it out of its pot and read the roots: circling, firm or rotten, does medium fall away?",
                  Message.of("look.slip", "Only the roots can settle this.")),
              perMinute(slipWorth(), SLIP_MINUTES)));
    }
    return options.stream()
        .filter(option -> option.worth() > 0)
        .sorted(Comparator.comparingDouble(Option::worth).reversed())
        .limit(MOST)
        .map(Option::look)
        .toList();
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

  /** Chance that the answer changes action or urgency. */
  private double changeBy(SignCode code) {
    double change = 0;
    if (differs(Observation.present(code))) {
      change += chance(code);
    }
    if (differs(Observation.absent(code))) {
      change += 1 - chance(code);
    }
    return change;
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

  private boolean differs(Observation observation) {
    Observations signs = c.signs().with(observation);
    Case other = c.withSigns(signs);
    Call call = Decide.call(other, assess.findings(other, expectation), forecast);
    return call.action() != now.action() || call.urgency() != now.urgency();
  }

  /**
   * Only when crowding, rot or root pests are in doubt; never from a pot that cannot release the
   * ball, and not for brittle roots in bud.
   */
  private boolean slipHelps() {
    boolean slipped =
        book.signs().all().stream()
            .anyMatch(sign -> sign.group() == SignGroup.ROOTS && c.signs().checked(sign.code()));
    boolean cannot =
        c.signs().present(SignCode.POT_MOUTH_NARROWER_THAN_BALL)
            || c.pot().mouthMm() < c.ball().body().topMm();
    boolean brittleInBud =
        c.plant().traits().rootType() == RootType.BRITTLE && c.plant().is(StateCode.IN_BUD);
    boolean doubt =
        findings.get(FindingCode.CROWDED).decibans() > 2
            || findings.get(FindingCode.ROT).decibans() > 2
            || findings.get(FindingCode.ROOT_PESTS).decibans() > 2;
    return !slipped && !cannot && !brittleInBud && doubt;
  }

  /** What the roots could show that would change the call. */
  private double slipWorth() {
    double worth = 0;
    worth += differs(Observation.present(SignCode.MEDIUM_FALLS_AWAY)) ? 1 : 0;
    worth += differs(Observation.present(SignCode.ROOTS_CIRCLING)) ? 1 : 0;
    worth += differs(Observation.present(SignCode.ROOTS_ROTTEN, 0.2)) ? 1 : 0;
    worth += differs(Observation.present(SignCode.ROOTS_HEALTHY)) ? 1 : 0;
    return worth * CHANCE_AT_SLIP;
  }
}
