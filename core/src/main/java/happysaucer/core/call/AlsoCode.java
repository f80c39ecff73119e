package happysaucer.core.call;

/** Small works beside any call. */
public enum AlsoCode {
  EMPTY_COVER,
  TOP_UP,
  LEACH,
  CLEAR_COLLAR,
  REWET,
  TREAT_PESTS,
  UPRIGHT,
  RETIE,
  REMOVE_SUCKERS,
  CUT_GIRDLING,
  TAKE_OUT,
  FEED
}
