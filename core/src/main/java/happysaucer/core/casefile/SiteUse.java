package happysaucer.core.casefile;

/** Who comes past a site. */
public enum SiteUse {
  PRIVATE,
  PUBLIC,
  CHILDREN
}
