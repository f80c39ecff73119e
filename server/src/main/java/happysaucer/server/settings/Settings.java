package happysaucer.server.settings;

import happysaucer.core.price.Quote;
import happysaucer.core.unit.Pouring;
import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.settings.SettingsMapper.TeamRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Name, zone, money, paper and the measures that caretakers pour with. */
@Service
public class Settings {
  private static final String ENTITY = "team";

  /** There is one team. */
  private static final UUID TEAM = new UUID(0, 1);

  private final SettingsMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;

  Settings(SettingsMapper mapper, ChangeLog history, TeamClock clock) {
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
  }

  /** What a caretaker pours with, said instead of litres. */
  public record Measure(
      @NotBlank(message = "Give the measure a name.")
          @Size(max = 40, message = "At most 40 letters.")
          String name,
      @NotNull(message = "Give its litres.")
          @DecimalMin(value = "0.02", message = "At least 0.02 L.")
          @DecimalMax(value = "30", message = "At most 30 L.")
          Double litres) {}

  record SettingsRequest(
      @NotBlank(message = "Give the team a name.")
          @Size(max = 120, message = "At most 120 letters.")
          String name,
      @NotBlank(message = "Give the time zone.") @Size(max = 60, message = "At most 60 letters.")
          String zone,
      @NotBlank(message = "Give the currency.")
          @Pattern(regexp = "[A-Z]{3}", message = "Three capital letters, as EUR.")
          String currency,
      @NotBlank(message = "Say A4 or LETTER.")
          @Pattern(regexp = "A4|LETTER", message = "Say A4 or LETTER.")
          String paper,
      @NotNull(message = "Say METRIC or IMPERIAL.") Units units,
      @NotNull(message = "Give the day on which a week starts.")
          @Min(value = 1, message = "1 for Monday to 7 for Sunday.")
          @Max(value = 7, message = "1 for Monday to 7 for Sunday.")
          Integer weekStarts,
      @Nullable
          @DecimalMin(value = "-90", message = "Degrees from -90 to 90.")
          @DecimalMax(value = "90", message = "Degrees from -90 to 90.")
          Double workshopLatitude,
      @Nullable
          @DecimalMin(value = "-180", message = "Degrees from -180 to 180.")
          @DecimalMax(value = "180", message = "Degrees from -180 to 180.")
          Double workshopLongitude,
      @Nullable
          @Min(value = 0, message = "0 or more.")
          @Max(value = 10_000_000, message = "At most 100,000.")
          Integer workHourCents,
      @Nullable
          @Min(value = 0, message = "0 or more.")
          @Max(value = 10_000_000, message = "At most 100,000.")
          Integer mixLitreCents,
      @Nullable
          @Min(value = 0, message = "0 or more.")
          @Max(value = 10_000_000, message = "At most 100,000.")
          Integer workLeastCents,
      @NotNull(message = "Give the list of measures, empty for none.")
          @Size(max = 8, message = "At most 8 measures.")
          List<@Valid @NotNull(message = "A measure is missing here.") Measure> measures) {}

  /**
   * @param zones that can be chosen, those of this machine
   */
  record SettingsView(
      String name,
      String zone,
      String currency,
      String paper,
      Units units,
      int weekStarts,
      @Nullable Double workshopLatitude,
      @Nullable Double workshopLongitude,
      @Nullable Integer workHourCents,
      @Nullable Integer mixLitreCents,
      @Nullable Integer workLeastCents,
      List<Measure> measures,
      List<String> zones,
      int version) {}

  /** Where the workshop is; empty where nobody said. */
  public Optional<Workshop> workshop() {
    TeamRow team = mapper.team();
    return team.workshopLatitude() == null || team.workshopLongitude() == null
        ? Optional.empty()
        : Optional.of(new Workshop(team.workshopLatitude(), team.workshopLongitude()));
  }

  /** 1 for Monday to 7 for Sunday. */
  public int weekStarts() {
    return mapper.team().weekStarts();
  }

  public String name() {
    return mapper.team().name();
  }

  /** What caretakers pour with. */
  public List<Pouring.Measure> pouring() {
    return mapper.measures().stream()
        .map(measure -> new Pouring.Measure(measure.name(), measure.litres()))
        .toList();
  }

  /** What customers pay. */
  public Quote.Rates rates() {
    TeamRow team = mapper.team();
    return new Quote.Rates(
        cents(team.workHourCents()), cents(team.mixLitreCents()), cents(team.workLeastCents()));
  }

  private static OptionalInt cents(@Nullable Integer cents) {
    return cents == null ? OptionalInt.empty() : OptionalInt.of(cents);
  }

  public String currency() {
    return mapper.team().currency();
  }

  /** In degrees. */
  public record Workshop(double latitude, double longitude) {}

  SettingsView view() {
    TeamRow team = mapper.team();
    return new SettingsView(
        team.name(),
        team.zone(),
        team.currency(),
        team.paper(),
        team.units(),
        team.weekStarts(),
        team.workshopLatitude(),
        team.workshopLongitude(),
        team.workHourCents(),
        team.mixLitreCents(),
        team.workLeastCents(),
        mapper.measures(),
        ZoneId.getAvailableZoneIds().stream().filter(z -> z.contains("/")).sorted().toList(),
        team.version());
  }

  @Transactional
  SettingsView save(SettingsRequest request, int version) {
    ZoneId zone = zone(request.zone());
    check(request);
    TeamRow before = mapper.locked();
    if (before.version() != version) {
      throw new StaleException(before.version(), changedBy(), differences(before, request));
    }
    List<String> changed = new ArrayList<>();
    differences(before, request).forEach(change -> changed.add(change.field()));
    if (!request.measures().equals(mapper.measures())) {
      changed.add("measures");
      mapper.clearMeasures();
      if (!request.measures().isEmpty()) {
        mapper.addMeasures(request.measures());
      }
    }
    if (!changed.isEmpty()) {
      mapper.save(request);
      history.log(ENTITY, TEAM, "Changed: " + String.join(", ", changed));
      clock.useZone(zone);
    }
    return view();
  }

  private static List<StaleException.Change> differences(TeamRow now, SettingsRequest given) {
    List<StaleException.Change> changes = new ArrayList<>();
    StaleException.Change.compare(changes, "name", given.name(), now.name());
    StaleException.Change.compare(changes, "zone", given.zone(), now.zone());
    StaleException.Change.compare(changes, "currency", given.currency(), now.currency());
    StaleException.Change.compare(changes, "paper", given.paper(), now.paper());
    StaleException.Change.compare(changes, "units", given.units().name(), now.units().name());
    StaleException.Change.compare(changes, "weekStarts", given.weekStarts(), now.weekStarts());
    StaleException.Change.compare(
        changes, "workshopLatitude", given.workshopLatitude(), now.workshopLatitude());
    StaleException.Change.compare(
        changes, "workshopLongitude", given.workshopLongitude(), now.workshopLongitude());
    StaleException.Change.compare(
        changes, "workHourCents", given.workHourCents(), now.workHourCents());
    StaleException.Change.compare(
        changes, "mixLitreCents", given.mixLitreCents(), now.mixLitreCents());
    StaleException.Change.compare(
        changes, "workLeastCents", given.workLeastCents(), now.workLeastCents());
    return changes;
  }

  private String changedBy() {
    return history.of(TEAM, 1).stream().map(ChangeLog.Entry::who).findFirst().orElse("");
  }

  private static ZoneId zone(String zone) {
    try {
      return ZoneId.of(zone);
    } catch (DateTimeException e) {
      throw InputException.of(
          "zone", "There is no such time zone. Choose one of the list, as Europe/Paris.", zone);
    }
  }

  private static void check(SettingsRequest request) {
    if (Currency.getAvailableCurrencies().stream()
        .noneMatch(c -> c.getCurrencyCode().equals(request.currency()))) {
      throw InputException.of(
          "currency",
          "There is no such currency. Give its three letters, as EUR.",
          request.currency());
    }
    if ((request.workshopLatitude() == null) != (request.workshopLongitude() == null)) {
      throw InputException.of(
          request.workshopLatitude() == null ? "workshopLatitude" : "workshopLongitude",
          "A place takes both, latitude and longitude.",
          null);
    }
    Set<String> names = new HashSet<>();
    for (int i = 0; i < request.measures().size(); i++) {
      String name = request.measures().get(i).name();
      if (!names.add(name.trim().toLowerCase(Locale.ROOT))) {
        throw InputException.of("measures[" + i + "].name", "This measure is there twice.", name);
      }
    }
  }
}
