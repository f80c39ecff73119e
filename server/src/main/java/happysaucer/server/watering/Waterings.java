package happysaucer.server.watering;

import happysaucer.core.advice.Fault;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.advice.Pours;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
  private final Pours pours;

  Waterings(
      WateringMapper mapper,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events,
      Pours pours) {
    this.pours = pours;
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

  /** One of several that are logged together. */
  public record Poured(
      @NotNull(message = "Make an id for each watering.") UUID id,
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Give the litres poured.")
          @DecimalMin(value = "0.001", message = "Must be over 0 litres.")
          @DecimalMax(value = "200", message = "Must be at most 200 litres.")
          Double litres) {}

  /**
   * @param id made by the sender, so that the same sent twice is logged once
   */
  public record TogetherRequest(
      @NotNull(message = "Make an id for this.") UUID id,
      @NotNull(message = "Give the day.") LocalDate wateredOn,
      @NotNull(message = "Say which plants.")
          @Size(min = 1, max = 300, message = "1 to 300 plants.")
          List<@Valid @NotNull(message = "A watering is missing here.") Poured> waterings) {}

  public record TakeBackRequest(
      @NotNull(message = "Say which waterings.")
          @Size(min = 1, max = 300, message = "1 to 300 waterings.")
          List<@NotNull(message = "An id is missing here.") UUID> wateringIds) {}

  /**
   * @param litres to be poured
   * @param logged whether so much was given the last time; else the model reckons so
   * @param lastOn the last watering on record
   */
  public record PourAtSite(
      UUID plantId,
      String label,
      String commonName,
      String spotName,
      double litres,
      boolean logged,
      @Nullable LocalDate lastOn) {}

  @Transactional
  public void log(UUID id, WateringRequest request) {
    if (mapper.inCare(request.plantId()) == 0) {
      throw InputException.of("plantId", "There is no such plant in care.", request.plantId());
    }
    double runOff = request.runOffLitres() == null ? 0 : request.runOffLitres();
    if (runOff > request.litres()) {
      throw InputException.of("runOffLitres", "More came out than was poured.", runOff);
    }
    refuseFuture(request.wateredOn());
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

  /** Several at once, each plant with its own amount; all of them, or none. */
  @Transactional
  public void logAll(TogetherRequest request) {
    refuseFuture(request.wateredOn());
    List<UUID> plants = request.waterings().stream().map(Poured::plantId).toList();
    Set<UUID> inCare = new HashSet<>(mapper.allInCare(plants));
    List<Fault> faults = new ArrayList<>();
    for (int i = 0; i < plants.size(); i++) {
      if (!inCare.contains(plants.get(i))) {
        faults.add(
            new Fault(
                "waterings[" + i + "].plantId", "There is no such plant in care.", plants.get(i)));
      }
    }
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    if (history.firstTime(request.id(), request)) {
      mapper.addAll(request.waterings(), request.wateredOn(), user.id(), clock.now());
      events.publishEvent(new PlantTouched(List.copyOf(inCare)));
    }
  }

  private void refuseFuture(LocalDate day) {
    if (day.isAfter(clock.today())) {
      throw InputException.of("wateredOn", "Lies in the future.", day);
    }
  }

  /** Takes waterings back; that they were is kept in the history of their plants. */
  @Transactional
  public void undo(TakeBackRequest request) {
    List<WateringMapper.WateringRow> rows = mapper.locked(request.wateringIds());
    if (rows.size() < request.wateringIds().stream().distinct().count()) {
      throw new NotFoundException("There is no such watering, or it has been taken back already.");
    }
    mapper.remove(request.wateringIds());
    for (WateringMapper.WateringRow row : rows) {
      history.log(
          "plant",
          row.plantId(),
          "Watering of " + row.wateredOn() + " taken back: " + row.litres() + " L");
    }
    events.publishEvent(
        new PlantTouched(
            rows.stream().map(WateringMapper.WateringRow::plantId).distinct().toList()));
  }

  /** What each plant of a site is to be given: as the last time, else by the model. */
  public List<PourAtSite> pours(UUID site) {
    List<WateringMapper.AtSite> plants = mapper.atSite(site);
    List<UUID> unknown =
        plants.stream()
            .filter(plant -> plant.lastLitres() == null)
            .map(WateringMapper.AtSite::plantId)
            .toList();
    Map<UUID, Double> byModel = unknown.isEmpty() ? Map.of() : pours.of(unknown);
    return plants.stream()
        .map(
            plant ->
                new PourAtSite(
                    plant.plantId(),
                    plant.label(),
                    plant.commonName(),
                    plant.spotName(),
                    plant.lastLitres() == null
                        ? byModel.getOrDefault(plant.plantId(), 0.0)
                        : plant.lastLitres(),
                    plant.lastLitres() != null,
                    plant.lastOn()))
        .toList();
  }

  /** The last waterings of a plant, newest first. */
  public List<WateringView> of(UUID plant) {
    return mapper.of(plant, SHOWN);
  }
}
