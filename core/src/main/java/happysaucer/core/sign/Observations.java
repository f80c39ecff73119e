package happysaucer.core.sign;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** The signs of one case, at most one observation per sign. */
public final class Observations {
  private final Map<SignCode, Observation> seen = new EnumMap<>(SignCode.class);

  /**
   * @throws IllegalArgumentException when a sign is there twice
   */
  public Observations(Collection<Observation> observations) {
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

  /** The same with one more observation, or that one replaced. */
  public Observations with(Observation observation) {
    Map<SignCode, Observation> copy = new EnumMap<>(SignCode.class);
    copy.putAll(seen);
    copy.put(observation.code(), observation);
    return new Observations(copy.values());
  }
}
