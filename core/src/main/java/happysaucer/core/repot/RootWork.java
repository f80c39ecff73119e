package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Wish;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Frustum;
import happysaucer.core.root.Loosening;
import happysaucer.core.root.RootCut;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Disturbance;
import happysaucer.core.species.Group;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is done to the ball.
 *
 * @param after the ball after the work
 * @param rootShare share of the ball's volume that goes
 * @param likelyLoss share of the roots that likely goes: a circled ball has more of them outside
 * @param canopyShare share of the top to take off to match
 * @param limit largest share of roots this species stands to lose now
 * @param overLimit a person wishes to take more than it stands
 * @param confirm more than a third: to be confirmed by someone who knows the risk
 * @param callusDays days cut roots lie open before moist medium
 * @param parted one piece of a clump
 * @param bareRooted the old medium goes altogether
 * @param notes what to know of the cut
 */
public record RootWork(
    Loosening loosening,
    double baseSliceMm,
    double sideShaveMm,
    double rootShare,
    double likelyLoss,
    double canopyShare,
    double limit,
    boolean overLimit,
    boolean confirm,
    int callusDays,
    boolean bareRooted,
    boolean parted,
    Frustum after,
    List<Message> notes) {
  /** Roots may be lost up to this share before the top is cut to match (rule of thumb). */
  private static final double CANOPY_FROM = 0.25;

  /** The working limit; up to a half is an edge case; more only once a cut top has sealed. */
  private static final double WORKING_LIMIT = 1.0 / 3;

  private static final double EDGE_LIMIT = 0.5;

  /** In a circled ball the outside holds more roots than its volume says (rule of thumb). */
  private static final double OUTSIDE_HOLDS = 1.3;

  /** A base cause is removed with a margin: some firm root goes with the rotten (rule of thumb). */
  private static final double ROT_MARGIN = 1.15;

  /** Share of rotten roots where nobody has measured it (rule of thumb). */
  private static final double ROT_UNKNOWN = 0.25;

  private static final double ROT_MOST = 0.9;

  /** Top dressing takes off this share of the height, within these depths, mm (rules of thumb). */
  private static final double DRESSED_SHARE = 0.15;

  /** Off a shallow ball no more than this share of its height. */
  private static final double DRESSED_SHALLOW = 1.0 / 3;

  private static final double DRESSED_LEAST = 20;
  private static final double DRESSED_MOST = 50;

  /** Work in which a person may choose the cuts: the ball comes out and its roots are sound. */
  private static final Set<Action> MOVED =
      Set.of(
          Action.POT_UP,
          Action.ROOT_PRUNE_SAME_POT,
          Action.RAISE_OR_SHALLOW,
          Action.HEAVIER_POT,
          Action.REPLACE_POT,
          Action.DRAINAGE_RESCUE,
          Action.BREAK_OUT);

  /** A wished gap takes at most this share of the height, and of the narrowest side. */
  private static final double MOST_GAP = 0.4;

  /** Room in a mouth to draw a ball through, mm (rule of thumb). */
  private static final double MOUTH_ROOM = 5;

  public static RootWork of(Case c, Call call, Findings findings) {
    return new Work(c, call, findings).work();
  }

  /** Depth of medium that a top dressing replaces, mm. */
  static double dressedMm(Case c) {
    double height = c.ball().body().heightMm();
    double most = c.plant().traits().rootLimit() > 0 ? DRESSED_MOST : DRESSED_LEAST;
    double usual = Math.max(DRESSED_LEAST, Math.min(most, DRESSED_SHARE * height));
    return Math.min(usual, height * DRESSED_SHALLOW);
  }

  private static final class Work {
    private final Case c;
    private final Call call;
    private final Findings findings;
    private final Traits traits;
    private final Frustum ball;
    private final List<Message> notes = new ArrayList<>();

    Work(Case c, Call call, Findings findings) {
      this.c = c;
      this.call = call;
      this.findings = findings;
      this.traits = c.plant().traits();
      this.ball = c.ball().body();
    }

    RootWork work() {
      Optional<RootCut> own = MOVED.contains(call.action()) ? wished() : Optional.empty();
      return own.map(this::asWished).orElseGet(this::asRuled);
    }

    private RootWork asRuled() {
      return switch (call.action()) {
        case ROT_RESCUE -> rotten();
        case POT_DOWN ->
            c.signs().present(SignCode.ROOTS_ROTTEN) ? rotten() : whole(Loosening.NONE);
        case PEST_CLEAN -> washed();
        case ROOT_PRUNE_SAME_POT, RAISE_OR_SHALLOW -> pruned();
        case REFRESH -> refreshed();
        case DIVIDE -> divided();
        case TOP_DRESS -> dressed();
        case HEAVIER_POT, REPLACE_POT -> whole(Loosening.NONE);
        default -> movedOn();
      };
    }

    /** Cut to firm tissue with a margin, old medium washed off; the ball shrinks evenly. */
    private RootWork rotten() {
      double share =
          Math.min(
              ROT_MOST, ROT_MARGIN * c.signs().value(SignCode.ROOTS_ROTTEN).orElse(ROT_UNKNOWN));
      return new RootWork(
          Loosening.WASH,
          0,
          0,
          share,
          share,
          canopy(share),
          limit(),
          false,
          false,
          callus(),
          true,
          false,
          ball.scaled(Math.cbrt(1 - share)),
          notes);
    }

    /** Every grain of infested medium goes; the roots stay. */
    private RootWork washed() {
      RootCut off = RootCut.forSamePot(ball);
      return uncut(Loosening.WASH, 0, true, ball.without(off.baseSliceMm(), off.sideShaveMm()));
    }

    /** The inverse: the gaps wanted in the same pot give the cuts, within what it stands. */
    private RootWork pruned() {
      double limit = limit();
      RootCut cut = RootCut.forSamePot(ball);
      if (limit <= 0) {
        notes.add(Message.of("roots.none"));
        cut = RootCut.NONE;
      } else if (cut.share() > limit) {
        notes.add(
            Message.of("roots.overLimit", Wording.percent(cut.share()), Wording.percent(limit)));
        cut = RootCut.forShare(ball, limit * 0.98);
      }
      return cut(cut, loosening());
    }

    /** What a person wants cut, or the gaps wanted in the same pot give. */
    private Optional<RootCut> wished() {
      if (c.wish().cuts().isPresent()) {
        Wish.Cuts cuts = c.wish().cuts().get();
        return Optional.of(RootCut.of(ball, cuts.baseSliceMm(), cuts.sideShaveMm()));
      }
      if (c.wish().gaps().isPresent()) {
        return Optional.of(gaps(c.wish().gaps().get()));
      }
      return call.action() == Action.BREAK_OUT
              && c.wish().breakOut().equals(Optional.of(Wish.BreakOut.POT))
          ? Optional.of(throughTheMouth())
          : Optional.empty();
    }

    private RootCut gaps(Wish.Gaps gaps) {
      double under = Math.min(gaps.underMm(), c.pot().fill().heightMm() * MOST_GAP);
      double around = Math.min(gaps.aroundMm(), ball.narrowestMm() * MOST_GAP / 2);
      RootCut cut = RootCut.forGaps(ball, c.pot(), under, around);
      if (cut.share() > limit()) {
        notes.add(
            Message.of(
                "roots.gapOrPot",
                Wording.percent(cut.share()),
                Wording.percent(limit()),
                giveWay(under, around)));
      }
      return cut;
    }

    /** Which of the gaps must give, or else the pot. */
    private Message giveWay(double under, double around) {
      double withoutUnder = RootCut.forGaps(ball, c.pot(), 0, around).share();
      double withoutAround = RootCut.forGaps(ball, c.pot(), under, 0).share();
      if (Math.min(withoutUnder, withoutAround) > limit()) {
        return Message.of("roots.potGives");
      }
      return withoutUnder < withoutAround
          ? Message.of("roots.underGives")
          : Message.of("roots.aroundGives");
    }

    /** Narrow enough to pass the mouth with a finger's room (rule of thumb). */
    private RootCut throughTheMouth() {
      double widest = Math.max(ball.topMm(), ball.baseMm());
      double shave = Math.max(0, (widest - c.pot().mouthMm()) / 2 + MOUTH_ROOM);
      return RootCut.of(ball, 0, Math.min(shave, ball.narrowestMm() * MOST_GAP));
    }

    private RootWork asWished(RootCut wish) {
      if (wish.share() > limit() && c.wish().gaps().isEmpty()) {
        notes.add(
            limit() <= 0
                ? Message.of("roots.wishCuts", Wording.percent(wish.share()))
                : Message.of(
                    "roots.wishOver", Wording.percent(wish.share()), Wording.percent(limit())));
      }
      RootWork ruled = wish.share() > 0 ? null : asRuled();
      return cut(wish, ruled == null ? loosening() : ruled.loosening());
    }

    private RootWork cut(RootCut cut, Loosening loosening) {
      double limit = limit();
      boolean confirm = cut.share() > WORKING_LIMIT + 1e-9;
      if (confirm) {
        notes.add(Message.of("roots.edge"));
      }
      double likely = circled() ? Math.min(1, OUTSIDE_HOLDS * cut.share()) : cut.share();
      return new RootWork(
          loosening,
          cut.baseSliceMm(),
          cut.sideShaveMm(),
          cut.share(),
          likely,
          canopy(likely),
          limit,
          Rounding.forDecision(cut.share()) > limit,
          confirm,
          cut.share() > 0 ? callus() : 0,
          false,
          false,
          ball.without(cut.baseSliceMm(), cut.sideShaveMm()),
          notes);
    }

    /** New medium in the same pot: how much of the old goes is the method's choice. */
    private RootWork refreshed() {
      RootCut off = RootCut.forSamePot(ball);
      boolean most =
          c.method().oldMedium() == Method.OldMedium.MOST_OFF
              || intoOwnMix()
              || traits.rootType() == RootType.EPIPHYTE
              || c.signs().present(SignCode.MEDIUM_BROKEN_DOWN) && !traits.handledBySoil();
      boolean bare = most && mayBareRoot();
      Loosening loosening =
          bare
              ? Loosening.WASH
              : traits.rootType() == RootType.BRITTLE ? Loosening.NONE : Loosening.TEASE;
      return uncut(loosening, 0, bare, ball.without(off.baseSliceMm(), off.sideShaveMm()));
    }

    /** It came in another medium and is moved into its own: the old one goes. */
    private boolean intoOwnMix() {
      return c.plant().is(StateCode.ARRIVED)
          && c.method().newlyBought() == Method.NewlyBought.REPOT_SOON
          && !c.plant().mix().code().equals(traits.bestMix());
    }

    /** One of the pieces: as deep as before, with its part of the volume. */
    private RootWork divided() {
      double narrower = Math.sqrt(1.0 / c.wish().pieces());
      return uncut(
          Loosening.OPEN_BASE,
          callus(),
          false,
          new Frustum(
              ball.round(),
              ball.topMm() * narrower,
              ball.baseMm() * narrower,
              ball.topDepthMm() * narrower,
              ball.baseDepthMm() * narrower,
              ball.heightMm()));
    }

    private RootWork dressed() {
      return uncut(Loosening.NONE, 0, false, ball.upTo(ball.heightMm() - dressedMm(c)));
    }

    /** No slice, no shave, no share of the top. */
    private RootWork uncut(Loosening loosening, int callusDays, boolean bare, Frustum after) {
      return new RootWork(
          loosening,
          0,
          0,
          0,
          0,
          0,
          limit(),
          false,
          false,
          callusDays,
          bare,
          call.action() == Action.DIVIDE,
          after,
          notes);
    }

    private RootWork whole(Loosening loosening) {
      return uncut(loosening, 0, false, ball);
    }

    private RootWork movedOn() {
      boolean bare = c.method().oldMedium() == Method.OldMedium.MOST_OFF && mayBareRoot();
      return bare ? uncut(Loosening.WASH, 0, true, ball) : whole(loosening());
    }

    /** The numbers speak against washing what does not stand it. */
    private boolean mayBareRoot() {
      boolean may =
          traits.rootType() != RootType.BRITTLE && traits.disturbance() != Disturbance.LOW;
      if (!may) {
        notes.add(Message.of("roots.notBare"));
      }
      return may;
    }

    /** By tightness; brittle and fleshy roots are handled by the soil, never combed. */
    private Loosening loosening() {
      if (call.smallestStep()) {
        // out of season the ball stays whole: roots do not mend
        return traits.handledBySoil() ? Loosening.NONE : Loosening.TEASE;
      }
      if (traits.rootType() == RootType.BRITTLE) {
        return Loosening.NONE;
      }
      Method.Loosening method = c.method().loosening();
      boolean severe = findings.stands(FindingCode.CROWDED, Grade.SEVERE);
      if (c.signs().present(SignCode.BALL_SOLID) || severe) {
        if (traits.handledBySoil()) {
          return Loosening.OPEN_BASE;
        }
        return traits.disturbance() == Disturbance.LOW || traits.rootLimit() <= 0
            ? Loosening.TEASE
            : c.plant().species().group() == Group.TRAINED_TREE ? Loosening.COMB : Loosening.SCORE;
      }
      if (method == Method.Loosening.ONLY_IF_SOLID) {
        return Loosening.NONE;
      }
      if (findings.stands(FindingCode.CROWDED, Grade.CLEAR)) {
        return traits.handledBySoil() ? Loosening.OPEN_BASE : Loosening.TEASE;
      }
      return method == Method.Loosening.ALWAYS || findings.stands(FindingCode.CROWDED)
          ? Loosening.TEASE
          : Loosening.NONE;
    }

    private boolean circled() {
      return c.signs().present(SignCode.ROOTS_CIRCLING)
          && c.signs().grade(SignCode.ROOTS_CIRCLING).map(g -> g != Grade.SLIGHT).orElse(true);
    }

    /** Two thirds only where it is hard-prune-tolerant and the cut top has sealed. */
    private double limit() {
      if (traits.rootLimit() <= EDGE_LIMIT) {
        return traits.rootLimit();
      }
      Integer pruned = c.plant().states().get(StateCode.RECENTLY_PRUNED);
      return pruned != null && pruned >= traits.sealDays() ? traits.rootLimit() : EDGE_LIMIT;
    }

    private double canopy(double rootShare) {
      return traits.canopyPrunable() && rootShare > CANOPY_FROM ? rootShare : 0;
    }

    private int callus() {
      return c.method().cutRoots() == Method.CutRoots.CALLUS ? traits.callusDays() : 0;
    }
  }

  /** Washed roots alone take so much of the room their ball took (rule of thumb). */
  private static final double BARE_SHARE = 0.5;

  /** Of a clump that is parted, loose medium falls away (rule of thumb). */
  private static final double PARTED_SHARE = 0.75;

  /** What the ball after the work takes of the pot, L; washed roots are filled through. */
  public double ballLitres() {
    return after.litres() * (bareRooted ? BARE_SHARE : parted ? PARTED_SHARE : 1);
  }

  /** Washed and parted roots bend: a rigid ball's gap and depth do not apply to them. */
  public boolean bends() {
    return bareRooted || parted;
  }

  /**
   * The ball as it stands in a pot, mm: whole, or its roots spread in the medium as far down as the
   * pot lets them.
   *
   * @param deepestMm room for it under the fill line
   */
  Frustum standing(double deepestMm) {
    if (!bends()) {
      return after;
    }
    Frustum roots = after.scaled(Math.cbrt(ballLitres() / after.litres()));
    return roots.heightMm() <= deepestMm
        ? roots
        : roots.scaled(Math.max(LEAST_ROOTS, deepestMm) / roots.heightMm());
  }

  /** However shallow the pot, mm. */
  private static final double LEAST_ROOTS = 10;

  /** How disturbed the roots that stay are, 0 to 1 (rules of thumb). */
  public double disturbance() {
    if (bareRooted) {
      return 0.4;
    }
    return switch (loosening) {
      case NONE -> 0;
      case TEASE, OPEN_BASE -> 0.05;
      case SCORE, COMB, WASH -> 0.15;
    };
  }

  /** Activity on the day of the work: (1 - canopy) (1 - roots beyond it) (1 - disturbance). */
  public double activity() {
    double beyond = Math.max(0, rootShare - canopyShare);
    return Math.max(0, Math.min(1, (1 - canopyShare) * (1 - beyond) * (1 - disturbance())));
  }

  public boolean cutAnything() {
    return rootShare > 0 || canopyShare > 0;
  }

  /** Roots are cut, torn or parted, so they are open to rot and burning feed. */
  public boolean openRoots(Call call) {
    return rootShare > 0 || call.action() == Action.DIVIDE;
  }
}
