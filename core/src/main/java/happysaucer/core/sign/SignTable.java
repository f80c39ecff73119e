package happysaucer.core.sign;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** The catalogue, in the order in which a person looks. */
public final class SignTable {
  private final Map<SignCode, Sign> signs = new EnumMap<>(SignCode.class);
  private final List<Sign> inOrder;

  /**
   * @throws IllegalArgumentException when a code is missing or named twice
   */
  public SignTable(Collection<Sign> rows) {
    for (Sign sign : rows) {
      if (signs.put(sign.code(), sign) != null) {
        throw new IllegalArgumentException("signs: " + sign.code() + " stands there twice");
      }
    }
    for (SignCode code : SignCode.values()) {
      if (!signs.containsKey(code)) {
        throw new IllegalArgumentException("signs: " + code + " is missing");
      }
    }
    inOrder = Collections.unmodifiableList(List.copyOf(rows));
  }

  public Sign get(SignCode code) {
    return signs.get(code);
  }

  public List<Sign> all() {
    return inOrder;
  }
}
