package happysaucer.server.advice;

import java.util.Collection;
import java.util.List;
import java.util.UUID;

/** What is known of these plants has changed; lists hear of it in the same transaction. */
public record PlantTouched(Collection<UUID> plants) {
  public static PlantTouched of(UUID plant) {
    return new PlantTouched(List.of(plant));
  }
}
