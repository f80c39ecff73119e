package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.StateCode;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.CaseMapper.SignRow;
import happysaucer.server.advice.CaseMapper.StateRow;
import happysaucer.server.advice.CaseMapper.WateringRow;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gathers the cases of stored plants. */
@Component
class PlantCases {
  /** What was seen above the pot counts from the last check only; the roots for half a year. */
  private static final int ROOTS_COUNT_DAYS = 180;

  private static final int WATERINGS = 6;

  private final CaseMapper mapper;
  private final Advise advise;

  PlantCases(CaseMapper mapper, Advise advise) {
    this.mapper = mapper;
    this.advise = advise;
  }

  /**
   * One gathered plant.
   *
   * @param signs as they count today
   * @param daysSinceWatering empty when no watering is on record
   * @param watering mean of the last intervals and pours
   * @param history the last pours one by one, and what earlier checks measured
   */
  record Gathered(
      StoredPlant plant,
      List<AdviceRequest.State> states,
      List<AdviceRequest.Sign> signs,
      AdviceRequest.@Nullable Watering watering,
      AdviceRequest.History history,
      Optional<Long> daysSinceWatering) {

    AdviceRequest request(LocalDate date, Units units) {
      return request(date, units, signs, states);
    }

    AdviceRequest request(
        LocalDate date,
        Units units,
        List<AdviceRequest.Sign> otherSigns,
        List<AdviceRequest.State> otherStates) {
      return new AdviceRequest(
          date,
          new AdviceRequest.Site(plant.latitude(), plant.outdoors(), plant.siteUse()),
          new AdviceRequest.Spot(plant.light()),
          new AdviceRequest.Plant(
              plant.species(),
              null,
              plant.heightMm(),
              plant.spreadMm(),
              null,
              null,
              plant.sizeWish(),
              plant.lastRepotted(),
              otherStates,
              plant.mix(),
              plant.fed(),
              plant.watererHabit()),
          new AdviceRequest.Pot(
              null,
              plant.potShape(),
              plant.potMaterial(),
              plant.potTopMm(),
              plant.potBaseMm(),
              null,
              null,
              plant.potHeightMm(),
              null,
              plant.potFootMm(),
              plant.potMassG(),
              plant.potHoles(),
              plant.inCoverPot()),
          null,
          otherSigns,
          watering,
          null,
          null,
          units.name(),
          history);
    }
  }

  Map<UUID, Gathered> gather(Collection<UUID> ids, LocalDate date) {
    Map<UUID, Gathered> gathered = new LinkedHashMap<>();
    if (ids.isEmpty()) {
      return gathered;
    }
    Map<UUID, List<StateRow>> states = grouped(mapper.states(ids), StateRow::plantId);
    Map<UUID, List<SignRow>> signs =
        grouped(mapper.signs(ids, date.minusDays(ROOTS_COUNT_DAYS)), SignRow::plantId);
    Map<UUID, List<WateringRow>> last =
        grouped(mapper.lastWaterings(ids, WATERINGS), WateringRow::plantId);
    Map<UUID, List<WateringRow>> first =
        grouped(mapper.firstWaterings(ids, WATERINGS), WateringRow::plantId);
    for (StoredPlant plant : mapper.plants(ids)) {
      UUID id = plant.id();
      List<WateringRow> recent = last.getOrDefault(id, List.of());
      gathered.put(
          id,
          new Gathered(
              plant,
              states(states.getOrDefault(id, List.of()), date),
              signs(signs.getOrDefault(id, List.of()), plant.lastRepotted()),
              watering(recent, first.getOrDefault(id, List.of())),
              new AdviceRequest.History(
                  pours(recent, plant.lastRepotted()), measures(signs.getOrDefault(id, List.of()))),
              recent.isEmpty()
                  ? Optional.empty()
                  : Optional.of(
                      Math.max(0, ChronoUnit.DAYS.between(recent.get(0).wateredOn(), date)))));
    }
    return gathered;
  }

  private static <T> Map<UUID, List<T>> grouped(
      List<T> rows, java.util.function.Function<T, UUID> key) {
    Map<UUID, List<T>> groups = new HashMap<>();
    for (T row : rows) {
      groups.computeIfAbsent(key.apply(row), id -> new ArrayList<>()).add(row);
    }
    return groups;
  }

  private static List<AdviceRequest.State> states(List<StateRow> rows, LocalDate date) {
    return rows.stream()
        .map(
            row ->
                new AdviceRequest.State(
                    row.code(),
                    StateCode.valueOf(row.code()).countsDays()
                        ? (int) Math.max(0, ChronoUnit.DAYS.between(row.since(), date))
                        : null))
        .toList();
  }

  /** The last check as a whole, and of older ones what was seen of the roots since the repot. */
  private List<AdviceRequest.Sign> signs(List<SignRow> rows, @Nullable LocalDate repotted) {
    Map<String, AdviceRequest.Sign> signs = new LinkedHashMap<>();
    for (SignRow row : rows) {
      boolean beforeRepot = repotted != null && !row.checkedOn().isAfter(repotted);
      boolean roots =
          advise.book().signs().get(SignCode.valueOf(row.code())).group() == SignGroup.ROOTS;
      if (!beforeRepot && (row.newest() == 1 || roots)) {
        signs.putIfAbsent(
            row.code(), new AdviceRequest.Sign(row.code(), row.state(), row.grade(), row.amount()));
      }
    }
    return List.copyOf(signs.values());
  }

  /** Mean interval and pour of the last waterings, and the mean interval after the last repot. */
  private static AdviceRequest.@Nullable Watering watering(
      List<WateringRow> recent, List<WateringRow> afterRepot) {
    Optional<Double> interval = interval(recent);
    if (interval.isEmpty()) {
      return null;
    }
    double litres = recent.stream().mapToDouble(WateringRow::litres).average().orElse(0);
    double runOff = recent.stream().mapToDouble(WateringRow::runOffLitres).average().orElse(0);
    return new AdviceRequest.Watering(
        interval.get(), litres > 0 ? litres : null, runOff, interval(afterRepot).orElse(null));
  }

  /** Each pour with the days since the one before it; only those into the present pot. */
  private static List<AdviceRequest.Pour> pours(
      List<WateringRow> newestFirst, @Nullable LocalDate repotted) {
    List<AdviceRequest.Pour> pours = new ArrayList<>();
    for (int i = 0; i + 1 < newestFirst.size(); i++) {
      WateringRow row = newestFirst.get(i);
      LocalDate before = newestFirst.get(i + 1).wateredOn();
      long days = ChronoUnit.DAYS.between(before, row.wateredOn());
      boolean thisPot = repotted == null || !before.isBefore(repotted);
      if (days > 0 && row.litres() > 0 && thisPot) {
        pours.add(
            new AdviceRequest.Pour(
                row.wateredOn(), (double) days, row.litres(), row.runOffLitres()));
      }
    }
    return pours;
  }

  /** What checks before the last one measured, for trends. */
  private static List<AdviceRequest.Measured> measures(List<SignRow> rows) {
    return rows.stream()
        .filter(row -> row.newest() > 1 && row.amount() != null)
        .map(row -> new AdviceRequest.Measured(row.checkedOn(), row.code(), row.amount()))
        .toList();
  }

  private static Optional<Double> interval(List<WateringRow> rows) {
    if (rows.size() < 3) {
      return Optional.empty();
    }
    long days =
        Math.abs(
            ChronoUnit.DAYS.between(
                rows.get(0).wateredOn(), rows.get(rows.size() - 1).wateredOn()));
    return days == 0 ? Optional.empty() : Optional.of(days / (double) (rows.size() - 1));
  }
}
