package happysaucer.core.pot;

/** What a pot is made of. */
public enum Material {
  TERRACOTTA,
  GLAZED,
  PLASTIC,
  FIBRE,
  METAL,
  WOOD,
  CONCRETE,
  FABRIC
}
