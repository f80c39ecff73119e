package happysaucer.core.call;

/** What to do. */
public enum Action {
  LEAVE("leave it"),
  WATCH("watch it"),
  FIX_CARE_FIRST("fix the care first"),
  POT_UP("pot it up"),
  REFRESH("refresh the medium"),
  ROOT_PRUNE_SAME_POT("root-prune it into the same pot"),
  HEAVIER_POT("give it a heavier pot"),
  POT_DOWN("pot it down"),
  DRAINAGE_RESCUE("rescue it from the closed pot"),
  ROT_RESCUE("cut out the rot"),
  PEST_CLEAN("wash the pests off its roots"),
  TOP_DRESS("top-dress it"),
  RAISE_OR_SHALLOW("raise its base"),
  REPLACE_POT("replace the pot"),
  DIVIDE("divide it"),
  BREAK_OUT("break it out of its pot"),
  PROPAGATE("take cuttings"),
  RETIRE("retire it");

  private final String phrase;

  Action(String phrase) {
    this.phrase = phrase;
  }

  /** Whether it is work to be given a day, rather than another look. */
  public boolean isWork() {
    return this != LEAVE && this != WATCH && this != FIX_CARE_FIRST;
  }

  /** As part of a sentence: "the call becomes: pot it up". */
  public String phrase() {
    return phrase;
  }
}
