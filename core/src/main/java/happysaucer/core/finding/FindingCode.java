package happysaucer.core.finding;

/** The conditions that signs can support. */
public enum FindingCode {
  CROWDED,
  SPENT_MEDIUM,
  ROT,
  OVER_POTTED,
  OVERWATERED,
  UNDERWATERED,
  ROOT_PESTS,
  NUTRIENT_SHORTAGE,
  SALT_BUILD_UP,
  UNSTABLE,
  NO_DRAINAGE,
  COLLAR_RISK,
  LIGHT_SHORTAGE,
  DECLINE,
  JUST_NORMAL
}
