package happysaucer.core.call;

/** What to do. */
public enum Action {
  LEAVE("Leave it", "leave it"),
  WATCH("Watch it", "watch it"),
  FIX_CARE_FIRST("Fix the care first", "fix the care first"),
  POT_UP("Pot up", "pot it up"),
  REFRESH("Refresh the medium", "refresh the medium"),
  ROOT_PRUNE_SAME_POT("Root-prune, same pot", "root-prune it into the same pot"),
  HEAVIER_POT("Heavier pot, same size", "give it a heavier pot"),
  POT_DOWN("Pot down", "pot it down"),
  DRAINAGE_RESCUE("Drainage rescue", "rescue it from the closed pot"),
  ROT_RESCUE("Rot rescue", "cut out the rot"),
  PEST_CLEAN("Wash off root pests", "wash the pests off its roots"),
  TOP_DRESS("Top-dress", "top-dress it"),
  RAISE_OR_SHALLOW("Raise the base", "raise its base"),
  REPLACE_POT("Replace the pot", "replace the pot"),
  DIVIDE("Divide", "divide it"),
  BREAK_OUT("Break out: ask the owner", "break it out of its pot"),
  PROPAGATE("Take cuttings", "take cuttings"),
  RETIRE("Retire", "retire it");

  private final String title;
  private final String phrase;

  Action(String title, String phrase) {
    this.title = title;
    this.phrase = phrase;
  }

  /** Whether it is work to be given a day, rather than another look. */
  public boolean isWork() {
    return this != LEAVE && this != WATCH && this != FIX_CARE_FIRST;
  }

  /** As the head of a sheet or a line in a list. */
  public String title() {
    return title;
  }

  /** As part of a sentence: "the call becomes: pot it up". */
  public String phrase() {
    return phrase;
  }
}
