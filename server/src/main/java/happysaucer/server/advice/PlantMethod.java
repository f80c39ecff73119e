package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.server.advice.CaseMapper.ChoiceRow;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The method that holds for one plant: team, then its client, then its species group, then the
 * plant itself; the nearest level that says something decides.
 *
 * @param choices by key, only where a level says something
 */
public record PlantMethod(Map<String, Choice> choices) {
  /** A choice, and the level that made it. */
  public record Choice(String option, MethodLevel level) {}

  static PlantMethod of(StoredPlant plant, @Nullable String group, Collection<ChoiceRow> rows) {
    Map<String, Choice> choices = new TreeMap<>();
    for (ChoiceRow row : rows) {
      boolean concerns =
          switch (row.scope()) {
            case TEAM -> true;
            case CLIENT -> row.target().equals(plant.clientId().toString());
            case GROUP -> row.target().equals(group);
            case PLANT -> row.target().equals(plant.id().toString());
          };
      Choice before = choices.get(row.choiceKey());
      if (concerns && (before == null || before.level().compareTo(row.scope()) < 0)) {
        choices.put(row.choiceKey(), new Choice(row.choice(), row.scope()));
      }
    }
    return new PlantMethod(choices);
  }

  AdviceRequest.@Nullable MethodChoice choice() {
    if (choices.isEmpty()) {
      return null;
    }
    return AdviceRequest.MethodChoice.of(options());
  }

  /** With one more choice, as if it had been made at a level. */
  PlantMethod with(String key, @Nullable String option, MethodLevel level) {
    Map<String, Choice> changed = new LinkedHashMap<>(choices);
    Choice before = changed.get(key);
    if (before != null && before.level().compareTo(level) > 0) {
      return this;
    }
    if (option == null) {
      changed.remove(key);
    } else {
      changed.put(key, new Choice(option, level));
    }
    return new PlantMethod(changed);
  }

  private Map<String, String> options() {
    Map<String, String> options = new LinkedHashMap<>();
    choices.forEach((key, choice) -> options.put(key, choice.option()));
    return options;
  }
}
