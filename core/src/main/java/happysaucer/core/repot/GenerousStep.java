package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.species.Vigour;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;

/**
 * Two sizes at once, for large vigorous trees in the growing season; the others fall back to small
 * steps.
 */
record GenerousStep(Steps steps, boolean applies) implements School {
  /** All numbers are rules of thumb, in mm. */
  static final double FROM_POT = 300;

  private static final double MOST = 100;
  private static final double BEST = 85;
  private static final double STOCK_HOLE = 120;

  static GenerousStep of(Case c, double ballTopMm, boolean smallest) {
    boolean eligible =
        c.plant().traits().vigour() == Vigour.STRONG
            && c.pot().topMm() >= FROM_POT
            && !c.plant().traits().dryLover()
            && !smallest;
    return new GenerousStep(
        eligible
            ? new Steps(MOST + COARSE_SIZES, BEST, MOST, STOCK_HOLE)
            : SmallStep.of(c, ballTopMm, smallest).steps(),
        eligible);
  }

  @Override
  public PotStep code() {
    return PotStep.GENEROUS;
  }

  @Override
  public Message words() {
    return applies
        ? Message.of("size.generous", Length.ofMm(mostMm()), Length.ofMm(bestMm()))
        : Message.of("size.notGenerous", Length.ofMm(mostMm()));
  }
}
