package happysaucer.core.advice;

import happysaucer.core.book.Book;
import happysaucer.core.call.Decide;
import happysaucer.core.call.Decide.Verdict;
import happysaucer.core.call.Urgency;
import happysaucer.core.call.Windows;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Lift;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.finding.NearRoots;
import happysaucer.core.finding.SignWeight;
import happysaucer.core.finding.Weight;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.pot.Material;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.Sign;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
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

  /** A pot is full more often than any other trouble is there: decibans (rule of thumb). */
  private static final double CROWDED_BEFOREHAND = -4;

  /**
   * Of full pots so many are overdue; of others so many are not rooted through (rules of thumb).
   */
  private static final double OVERDUE = 0.3;

  private static final double LOOSE = 0.4;

  /** Chance of a sign without its trouble (rule of thumb). */
  private static final double BY_CHANCE = 0.03;

  /** An answer that tells less about the call is not worth asking for, bits (rule of thumb). */
  private static final double LEAST_BITS = 0.45;

  private static final String SLIP_HOW =
      "Slip it out of its pot and read the roots: circling, firm or rotten, does medium fall away?";

  /** What thirst and drowning both bring about. */
  private static final List<SignCode> TOLD_BY_WATER =
      List.of(
          SignCode.HEFT,
          SignCode.LOWER_LEAVES_SHED,
          SignCode.LEAVES_YELLOWING,
          SignCode.WHOLE_PLANT_PALE,
          SignCode.WILTS_WHEN_WET,
          SignCode.WILTS_SOON_AFTER_WATERING,
          SignCode.SHRIVELLED,
          SignCode.GROWTH_STALLED,
          SignCode.LEAF_TIPS_BROWN);

  private static final List<String> MOISTURE =
      List.of(SignCode.HEFT.name(), SignCode.STAYS_WET.name());

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
      double worth = slipWorth() + (due ? DUE : 0) + (rotSuspected() ? FIRST * FIRST : 0);
      if (worth > LEAST_BITS) {
        options.add(
            new Option(
                new Look("SLIP_CHECK", SLIP_HOW, whySlip(suspected, due)),
                perMinute(worth, SLIP_MINUTES)));
      }
    }
    return options.stream()
        .sorted(Comparator.comparingDouble(Option::worth).reversed())
        .limit(MOST)
        .map(Option::look)
        .toList();
  }

  private static Message whySlip(boolean suspected, boolean due) {
    return suspected
        ? Message.of("look.slipSuspected")
        : due ? Message.of("look.slipDue") : Message.of("look.slip");
  }

  /**
   * Where leaf, growth or colour speaks, wet or dry is told by a hand before all else: by lifting
   * it, or with a probe where it is too heavy or was lifted already.
   */
  private void wetOrDryFirst(List<Option> options) {
    boolean asked = TOLD_BY_WATER.stream().anyMatch(c.signs()::present);
    if (!asked
        || now.urgency() == Urgency.NOW
        || c.signs().checked(SignCode.STAYS_WET)
        || c.resting()) {
      return;
    }
    boolean lifts = c.lift(expectation.liftG()).how() == Lift.How.ONE;
    SignCode code = lifts && !c.signs().checked(SignCode.HEFT) ? SignCode.HEFT : SignCode.STAYS_WET;
    if (c.argument().setAside().containsKey(code.name()) || !tells(code)) {
      return;
    }
    Sign sign = book.signs().get(code);
    options.removeIf(option -> MOISTURE.contains(option.look().sign()));
    options.add(new Option(new Look(code.name(), sign.how(), Message.of("look.wetOrDry")), FIRST));
  }

  /** Some answer would change the call, or what leads it. */
  private boolean tells(SignCode code) {
    List<Observation> answers =
        code == SignCode.HEFT
            ? List.of(
                Observation.present(code, Grade.LIGHT), Observation.present(code, Grade.HEAVY))
            : List.of(Observation.present(code), Observation.absent(code));
    String lead = Decide.lead(c, findings, forecast, expectation);
    for (Observation answer : answers) {
      Case other = c.withSigns(c.signs().with(answer));
      Findings then = assess.sums(other, expectation);
      boolean changes =
          !verdict(answer).equals(now)
              || !Decide.lead(other, then, forecast, expectation).equals(lead);
      if (changes) {
        return true;
      }
    }
    return false;
  }

  private boolean worthAsking(Sign sign) {
    return sign.group() != SignGroup.ROOTS
        && !c.signs().checked(sign.code())
        && !c.argument().setAside().containsKey(sign.code().name())
        && weighty(sign)
        && possible(sign.code());
  }

  /** Whether this plant in this pot can show the sign at all, and nobody counted it already. */
  private boolean possible(SignCode code) {
    Traits traits = c.plant().traits();
    return switch (code) {
      case NO_DRAIN_HOLES -> c.pot().drainHoles() == 0;
      case POT_DEFORMED ->
          c.pot().material() == Material.PLASTIC || c.pot().material() == Material.FABRIC;
      case BALL_PUSHED_UP ->
          traits.rootType() == RootType.FLESHY || traits.rootType() == RootType.RHIZOME;
      case PUPS_FILL_POT -> traits.divides();
      case SUCKERS_BELOW_GRAFT -> traits.graft();
      case SHRIVELLED, STRESS_COLOUR -> traits.dryLover();
      case RUNOFF_MUDDY -> c.plant().inReservoir();
      case WATER_IN_COVER_POT -> c.pot().inCoverPot();
      case POT_MOUTH_NARROWER_THAN_BALL -> c.pot().mouthMm() < c.pot().topMm();
      case HEFT -> c.lift(expectation.liftG()).how() == Lift.How.ONE;
      case SURFACE_HARD, ROOTS_AT_SURFACE -> !traits.surfaceRoots();
      default -> true;
    };
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
      if (weight.absent() != SignWeight.NONE) {
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
      return Message.of("look.both", seen.action().phrase(), absent.action().phrase());
    }
    Verdict changed = seen.equals(now) ? absent : seen;
    String sooner = changed.action() == now.action() ? ", at another time" : "";
    return seen.equals(now)
        ? Message.of("look.absent", changed.action().phrase(), sooner)
        : Message.of("look.present", changed.action().phrase(), sooner);
  }

  /** The likelier the trouble that a sign speaks for, the likelier the sign. */
  private double chance(SignCode code) {
    double most = 0;
    double trouble = 0;
    for (Weight weight : book.weights().of(code)) {
      if (weight.present().decibans() > most) {
        most = weight.present().decibans();
        trouble = probability(weight.finding(), BEFOREHAND);
      }
    }
    return BY_CHANCE + book.signs().get(code).shows() * trouble;
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

  /** The call itself is to slip it out. */
  private boolean rotSuspected() {
    return findings.stands(FindingCode.ROT) && findings.get(FindingCode.ROT).grade().isEmpty();
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
    boolean paleThoughFed =
        c.signs().present(SignCode.WHOLE_PLANT_PALE) && c.plant().fed().orElse(false);
    return paleThoughFed
        || inDoubt(FindingCode.CROWDED)
        || inDoubt(FindingCode.ROT)
        || inDoubt(FindingCode.ROOT_PESTS);
  }

  private boolean inDoubt(FindingCode finding) {
    return findings.get(finding).decibans() > IN_DOUBT;
  }

  /** Expected information about the call in what the roots may show, in bits. */
  private double slipWorth() {
    double crowded = probability(FindingCode.CROWDED, CROWDED_BEFOREHAND);
    Map<Verdict, Double> verdicts = new LinkedHashMap<>();
    double sum = 0;
    for (Shown shown :
        List.of(
            new Shown(Observation.present(SignCode.ROOTS_CIRCLING), crowded * (1 - OVERDUE)),
            new Shown(
                Observation.present(SignCode.ROOTS_CIRCLING, Grade.SEVERE), crowded * OVERDUE),
            new Shown(
                Observation.present(SignCode.ROOTS_ROTTEN, SOME_ROT),
                probability(FindingCode.ROT, BEFOREHAND)),
            new Shown(
                Observation.present(SignCode.ROOT_PESTS),
                probability(FindingCode.ROOT_PESTS, BEFOREHAND)),
            new Shown(Observation.present(SignCode.MEDIUM_FALLS_AWAY), (1 - crowded) * LOOSE),
            new Shown(Observation.present(SignCode.ROOTS_HEALTHY), (1 - crowded) * (1 - LOOSE)))) {
      verdicts.merge(verdict(shown.observation()), shown.chance(), Double::sum);
      sum += shown.chance();
    }
    double bits = 0;
    for (double chance : verdicts.values()) {
      bits += bits(chance / sum);
    }
    return bits;
  }

  /** What a slip may show, and how likely by what was found so far. */
  private record Shown(Observation observation, double chance) {}

  private double probability(FindingCode finding, double beforehand) {
    double odds = Math.pow(10, (findings.get(finding).decibans() + beforehand) / 10);
    return odds / (1 + odds);
  }

  /** What one of the possible calls, of this chance, adds to the expected information. */
  private static double bits(double chance) {
    return chance <= 0 ? 0 : -chance * Math.log(chance) / Math.log(2);
  }
}
