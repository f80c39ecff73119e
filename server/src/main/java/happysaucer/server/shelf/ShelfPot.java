package happysaucer.server.shelf;

import happysaucer.core.advice.AdviceRequest;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One make of pot on the shelf, with how many there are. Inside measures in mm, mass in g.
 *
 * @param kind GROW to plant in, COVER to stand a grow pot in
 * @param reserved by open jobs
 * @param lowAt so many left or fewer are few
 * @param priceCents each, null where nobody wrote it down
 * @param place where it stands, in the words of the team; empty where nobody said
 */
public record ShelfPot(
    UUID id,
    String name,
    String kind,
    String shape,
    String material,
    double topMm,
    double baseMm,
    @Nullable Double topDepthMm,
    @Nullable Double baseDepthMm,
    double heightMm,
    @Nullable Double mouthMm,
    double footMm,
    double massG,
    int drainHoles,
    int feet,
    int wireHoles,
    int inStock,
    int lowAt,
    @Nullable Integer priceCents,
    String note,
    String place,
    int version,
    int reserved) {

  public int free() {
    return Math.max(0, inStock - reserved);
  }

  /** As a candidate for a plant. */
  public AdviceRequest.Pot candidate() {
    return new AdviceRequest.Pot(
        id.toString(),
        shape,
        material,
        topMm,
        baseMm,
        topDepthMm,
        baseDepthMm,
        heightMm,
        mouthMm,
        footMm,
        massG,
        drainHoles,
        false,
        feet,
        wireHoles);
  }
}
