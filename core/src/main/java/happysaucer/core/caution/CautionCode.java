package happysaucer.core.caution;

/** What to beware of; the texts stand with the rules in Cautions. */
public enum CautionCode {
  SAP,
  SPINES,
  DUST,
  BLADES,
  LIFTING,
  TWO_PERSONS,
  POISONOUS,
  TREATMENT,
  FOOD_CROP,
  EGRESS,
  ELECTRICAL,
  POT_SHARDS,
  FIBRE_CEMENT,
  HYGIENE,
  FEED_BURN,
  SUN
}
