package happysaucer.core.root;

import happysaucer.core.pot.Frustum;

/**
 * The root ball.
 *
 * @param measured by tape; otherwise taken from the old pot's inside up to its fill line
 */
public record Ball(Frustum body, boolean measured) {
  public double litres() {
    return body.litres();
  }
}
