package happysaucer.core.repot;

/**
 * One thing a job needs.
 *
 * @param code what of its kind: a pot's id, a mix, an ingredient, a tool, a skill, a part of the
 *     work
 * @param amount in the unit of its kind
 */
public record Need(Kind kind, String code, double amount) {
  /** What is needed, and in what it is counted. */
  public enum Kind {
    POT("pieces"),
    MIX("L"),
    INGREDIENT("L"),
    /** Old medium that may be used again, in place of so much of the mix. */
    OLD_MEDIUM("L"),
    COARSE("L"),
    FILLER("L"),
    DRESSING("L"),
    FEED("g"),
    TOOL("pieces"),
    /** To the place and up to the plant. */
    MASS("g"),
    VOLUME("L"),
    PEOPLE("persons"),
    SKILL("persons"),
    MINUTES("min");

    private final String unit;

    Kind(String unit) {
      this.unit = unit;
    }

    public String unit() {
      return unit;
    }
  }

  /** Parts of the work by which its minutes are told apart. */
  public enum Part {
    SET_UP,
    POTTING,
    ROOTS,
    /** To lay it over, tie it and stand it up again. */
    TALL,
    SECOND_PERSON
  }

  public enum Tool {
    TARP,
    STICK,
    MESH,
    BLADES,
    DISINFECTANT,
    GLOVES,
    MASK,
    TUB,
    WIRE,
    STAKE,
    WATERING_CAN,
    DOLLY
  }

  public enum Skill {
    TRAINED_TREES,
    ROOT_CUTTING,
    TREATMENTS
  }
}
