package happysaucer.core.repot;

/** What to know of a pot that can be taken. */
public enum RemarkCode {
  /** It can be done, and asks for care or a thinner ball. */
  TIGHT,
  TIPPY,
  HEAVY,
  LARGE_STEP,
  COARSE_STOCK,
  STAYS_WET_LONG,
  AIRLESS,
  ABOVE_SHARE,
  SHAPE,
  MATERIAL,
  DEEP_BASE,
  NOT_FIRMER,
  FEW_HOLES,
  COARSE_LAYER,
  /** It is wider or taller than the one that its cover pot was chosen for. */
  COVER
}
