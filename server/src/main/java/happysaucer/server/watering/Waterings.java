package happysaucer.server.watering;

import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records waterings. */
@Service
public class Waterings {
  private static final int SHOWN = 60;

  private final WateringMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  Waterings(
      WateringMapper mapper,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.events = events;
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  public record WateringView(UUID id, LocalDate wateredOn, double litres, double runOffLitres) {}

  /** Litres poured, and caught below. */
  public record WateringRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Give the day.") LocalDate wateredOn,
      @NotNull(message = "Give the litres poured.")
          @DecimalMin(value = "0.001", message = "Must be over 0 litres.")
          @DecimalMax(value = "200", message = "Must be at most 200 litres.")
          Double litres,
      @Nullable
          @DecimalMin(value = "0", message = "Must be 0 or more litres.")
          @DecimalMax(value = "200", message = "Must be at most 200 litres.")
          Double runOffLitres) {}

  @Transactional
  public void log(UUID id, WateringRequest request) {
    if (mapper.inCare(request.plantId()) == 0) {
      throw InputException.of("plantId", "There is no such plant in care.", request.plantId());
    }
    double runOff = request.runOffLitres() == null ? 0 : request.runOffLitres();
    if (runOff > request.litres()) {
      throw InputException.of("runOffLitres", "More came out than was poured.", runOff);
    }
    if (request.wateredOn().isAfter(clock.today())) {
      throw InputException.of("wateredOn", "Lies in the future.", request.wateredOn());
    }
    if (history.firstTime(id, request)) {
      mapper.add(
          id,
          request.plantId(),
          request.wateredOn(),
          request.litres(),
          runOff,
          user.id(),
          clock.now());
      events.publishEvent(PlantTouched.of(request.plantId()));
    }
  }

  /** The last waterings of a plant, newest first. */
  public List<WateringView> of(UUID plant) {
    return mapper.of(plant, SHOWN);
  }
}
