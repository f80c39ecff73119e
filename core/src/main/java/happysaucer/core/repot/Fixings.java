package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Group;
import java.util.Optional;

/**
 * What holds a planted pot together besides medium: wires through its holes, a stake with ties, and
 * what lies on top. All numbers are rules of thumb.
 */
public record Fixings(
    Optional<Wires> wires, Optional<Stake> stake, Optional<TopDressing> topDressing) {
  private static final int WIRES = 2;
  private static final double WIRE_TAILS = 300;

  /** A stake is for plants from this height, and reaches so far up them, at most so long, mm. */
  private static final double STAKE_FROM = 600;

  private static final double STAKE_SHARE = 2.0 / 3;
  private static final double STAKE_MOST = 2000;
  private static final double TIE_LOW = 0.45;
  private static final double TIE_HIGH = 0.9;

  private static final double DRESSING = 10;
  private static final double DRESSING_OF_GAP = 0.6;

  /** A collar reaches over this share of the width; the rest of the surface stays open. */
  private static final double COLLAR_WIDTH = 0.5;

  /**
   * Wires that go through the holes and over the ball.
   *
   * @param ownHoles whether the pot has holes for them
   */
  public record Wires(int count, double lengthMm, boolean ownHoles) {}

  /** A stake down to the floor, with ties at two heights over the medium. */
  public record Stake(double lengthMm, double inPotMm, double lowTieMm, double highTieMm) {}

  public enum Dressing {
    GRIT_COLLAR,
    MINERAL,
    MOSS
  }

  public record TopDressing(Dressing kind, double depthMm, double widthMm, double litres) {}

  static Fixings of(Case c, Pot pot) {
    return new Fixings(wires(c, pot), stake(c, pot), topDressing(c, pot));
  }

  static boolean trained(Case c) {
    return c.plant().species().group() == Group.TRAINED_TREE;
  }

  private static Optional<Wires> wires(Case c, Pot pot) {
    return trained(c)
        ? Optional.of(
            new Wires(WIRES, 2 * pot.heightMm() + pot.topMm() + WIRE_TAILS, pot.wireHoles() > 0))
        : Optional.empty();
  }

  private static Optional<Stake> stake(Case c, Pot pot) {
    boolean wanted =
        c.signs().present(SignCode.LEANS)
            || c.signs().present(SignCode.TOPPLES)
            || c.signs().present(SignCode.TOP_HEAVY)
            || c.signs().present(SignCode.TIES_CUTTING_IN);
    if (!wanted || c.plant().heightMm() < STAKE_FROM) {
      return Optional.empty();
    }
    double over = Math.min(STAKE_MOST, STAKE_SHARE * c.plant().heightMm());
    double inPot = pot.fill().heightMm();
    return Optional.of(new Stake(over + inPot, inPot, over * TIE_LOW, over * TIE_HIGH));
  }

  private static Optional<TopDressing> topDressing(Case c, Pot pot) {
    return switch (c.method().topDressing()) {
      case BY_SPECIES ->
          c.plant().traits().neckRot()
              ? Optional.of(dressing(Dressing.GRIT_COLLAR, pot, COLLAR_WIDTH))
              : trained(c) ? Optional.of(dressing(Dressing.MOSS, pot, 1)) : Optional.empty();
      case MINERAL -> Optional.of(dressing(Dressing.MINERAL, pot, 1));
      case NONE -> Optional.empty();
    };
  }

  /** It lies in the rim gap, and leaves room there for a watering. */
  private static TopDressing dressing(Dressing kind, Pot pot, double widthShare) {
    double depth = Math.min(DRESSING, pot.rimGapMm() * DRESSING_OF_GAP);
    Frustum fill = pot.fill();
    double area = fill.areaAt(fill.heightMm()) * widthShare * widthShare;
    return new TopDressing(kind, depth, fill.topMm() * widthShare, area * depth / 1e6);
  }
}
