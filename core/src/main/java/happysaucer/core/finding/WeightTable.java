package happysaucer.core.finding;

import happysaucer.core.sign.SignCode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** All weights, by sign. */
public final class WeightTable {
  private final Map<SignCode, List<Weight>> bySign = new EnumMap<>(SignCode.class);

  public WeightTable(List<Weight> weights) {
    for (Weight weight : weights) {
      bySign.computeIfAbsent(weight.sign(), sign -> new ArrayList<>()).add(weight);
    }
  }

  public List<Weight> of(SignCode sign) {
    return bySign.getOrDefault(sign, List.of());
  }
}
