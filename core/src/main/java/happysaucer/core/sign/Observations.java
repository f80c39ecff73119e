package happysaucer.core.sign;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Optional;

/** The signs of one case, at most one observation per sign. */
public final class Observations {
  private final EnumMap<SignCode, Observation> seen;

  private Observations(EnumMap<SignCode, Observation> seen) {
    this.seen = seen;
  }

  /**
   * @throws IllegalArgumentException when a sign is there twice
   */
  public Observations(Collection<Observation> observations) {
    this.seen = new EnumMap<>(SignCode.class);
    for (Observation observation : observations) {
      if (observation.state() == SignState.NOT_CHECKED) {
        continue;
      }
      if (seen.put(observation.code(), observation) != null) {
        throw new IllegalArgumentException(observation.code() + " was given twice");
      }
    }
  }

  public boolean present(SignCode code) {
    return state(code) == SignState.PRESENT;
  }

  public boolean absent(SignCode code) {
    return state(code) == SignState.ABSENT;
  }

  public boolean checked(SignCode code) {
    return seen.containsKey(code);
  }

  public SignState state(SignCode code) {
    Observation observation = seen.get(code);
    return observation == null ? SignState.NOT_CHECKED : observation.state();
  }

  public Optional<Grade> grade(SignCode code) {
    return Optional.ofNullable(seen.get(code)).map(Observation::grade);
  }

  public Optional<Double> value(SignCode code) {
    return Optional.ofNullable(seen.get(code)).map(Observation::value);
  }

  public Collection<Observation> all() {
    return seen.values();
  }

  /** The same but for signs of these codes. */
  public Observations without(Collection<String> codes) {
    EnumMap<SignCode, Observation> copy = new EnumMap<>(seen);
    copy.keySet().removeIf(code -> codes.contains(code.name()));
    return new Observations(copy);
  }

  /** The same with one more observation, or that one replaced. */
  public Observations with(Observation observation) {
    EnumMap<SignCode, Observation> copy = new EnumMap<>(seen);
    copy.put(observation.code(), observation);
    return new Observations(copy);
  }
}
