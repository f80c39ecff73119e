package happysaucer.core.casefile;

import happysaucer.core.pot.CoverFit;
import happysaucer.core.pot.Pot;

/**
 * The cover pot a plant stands in, measured.
 *
 * @param pot by its inside, foot and mass
 * @param fixed it stays, by the client's wish or since it is built in: what does not go into it
 *     cannot be taken
 */
public record Cover(Pot pot, boolean fixed) {
  /** From one trade size to the next, mm (rule of thumb). */
  private static final double NEXT_SIZE = 20;

  public boolean takes(Pot grow) {
    return CoverFit.goesIn(grow, pot);
  }

  /** It stays, and the next size of the pot that is in it would not go in. */
  public boolean holds(Pot present) {
    return fixed && !takes(present.widerBy(NEXT_SIZE));
  }

  /** A grow pot as it stands: on the foot of the cover, with its mass. */
  public Pot with(Pot grow) {
    return takes(grow) ? grow.standingIn(pot) : grow;
  }
}
