package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.record.PlantRecord;
import happysaucer.core.record.SeenSign;
import happysaucer.core.record.StandingSigns;
import happysaucer.core.record.WateringRecord;
import happysaucer.core.species.Species;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.CaseMapper.AsideRow;
import happysaucer.server.advice.CaseMapper.ChoiceRow;
import happysaucer.server.advice.CaseMapper.MeasuredRow;
import happysaucer.server.advice.CaseMapper.OverruleRow;
import happysaucer.server.advice.CaseMapper.SignRow;
import happysaucer.server.advice.CaseMapper.StateRow;
import happysaucer.server.advice.CaseMapper.WateringRow;
import happysaucer.server.problem.NotFoundException;
import java.time.LocalDate;
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
  private final CaseMapper mapper;
  private final Books books;

  PlantCases(CaseMapper mapper, Books books) {
    this.mapper = mapper;
    this.books = books;
  }

  /**
   * One gathered plant.
   *
   * @param seen signs as they count today, by code
   * @param daysSinceWatering empty when no watering is on record
   * @param watering mean of the last intervals and pours
   * @param history the last pours one by one, and what earlier checks measured
   * @param asides lines that somebody set aside; some end when the sign is looked at again
   */
  record Gathered(
      StoredPlant plant,
      List<AdviceRequest.State> states,
      Map<String, SeenSign> seen,
      AdviceRequest.@Nullable Watering watering,
      AdviceRequest.History history,
      Optional<Long> daysSinceWatering,
      PlantMethod method,
      List<AsideRow> asides,
      @Nullable OverruleRow overrule) {

    List<AdviceRequest.Sign> signs() {
      return seen.values().stream().map(SeenSign::asked).toList();
    }

    AdviceRequest request(LocalDate date, Units units) {
      return request(date, units, signs(), states, openAsides(List.of()));
    }

    /** Those that still hold, when these signs have just been looked at again. */
    List<AsideRow> openAsides(Collection<String> lookedAtAgain) {
      Map<AsideRow, PlantRecord.Aside> all = new LinkedHashMap<>();
      asides.forEach(
          aside ->
              all.put(aside, new PlantRecord.Aside(aside.sign(), aside.always(), aside.covers())));
      return PlantRecord.openAsides(all, seen, lookedAtAgain);
    }

    AdviceRequest request(
        LocalDate date,
        Units units,
        List<AdviceRequest.Sign> otherSigns,
        List<AdviceRequest.State> otherStates,
        List<AsideRow> openAsides) {
      return new AdviceRequest(
          date,
          new AdviceRequest.Site(plant.latitude(), plant.outdoors(), plant.siteUse()),
          new AdviceRequest.Spot(plant.light()),
          new AdviceRequest.Plant(
              plant.species(),
              plant.speciesGroup(),
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
          plant.pot(),
          plant.ball(),
          otherSigns,
          watering,
          null,
          method.choice(),
          units.name(),
          history,
          argument(openAsides),
          null,
          null,
          plant.cover());
    }

    private AdviceRequest.@Nullable Argument argument(List<AsideRow> open) {
      if (open.isEmpty() && overrule == null) {
        return null;
      }
      return new AdviceRequest.Argument(
          open.stream()
              .map(aside -> new AdviceRequest.SetAside(aside.sign(), aside.reason(), aside.who()))
              .toList(),
          overrule == null
              ? null
              : new AdviceRequest.Overrule(
                  overrule.action(),
                  overrule.urgency(),
                  overrule.recheckDays(),
                  overrule.rulesAction(),
                  overrule.reason(),
                  overrule.who()));
    }

    Gathered withMethod(PlantMethod other) {
      return new Gathered(
          plant, states, seen, watering, history, daysSinceWatering, other, asides, overrule);
    }
  }

  /**
   * @throws NotFoundException when there is no such plant
   */
  Gathered gather(UUID plant, LocalDate date) {
    Gathered gathered = gather(List.of(plant), date).get(plant);
    if (gathered == null) {
      throw new NotFoundException("There is no such plant. It may have been entered elsewhere.");
    }
    return gathered;
  }

  Map<UUID, Gathered> gather(Collection<UUID> ids, LocalDate date) {
    Map<UUID, Gathered> gathered = new LinkedHashMap<>();
    if (ids.isEmpty()) {
      return gathered;
    }
    Map<UUID, List<StateRow>> states = grouped(mapper.states(ids), StateRow::plantId);
    LocalDate since = date.minusDays(StandingSigns.ROOTS_DAYS);
    List<SignRow> seen = new ArrayList<>(mapper.signs(ids, since));
    seen.addAll(mapper.found(ids, since));
    Map<UUID, List<SignRow>> signs = grouped(seen, SignRow::plantId);
    Map<UUID, List<WateringRow>> watered = grouped(mapper.waterings(ids), WateringRow::plantId);
    Map<UUID, List<MeasuredRow>> measured =
        grouped(
            mapper.measured(ids, date.minusDays(PlantRecord.HEIGHTS_DAYS)), MeasuredRow::plantId);
    Map<UUID, List<AsideRow>> asides = grouped(mapper.asides(ids), AsideRow::plantId);
    Map<UUID, List<OverruleRow>> overrules = grouped(mapper.overrules(ids), OverruleRow::plantId);
    List<ChoiceRow> choices = mapper.choices(ids);
    for (StoredPlant plant : mapper.plants(ids)) {
      UUID id = plant.id();
      Optional<LocalDate> repotted = PlantRecord.repotted(plant.lastRepotted(), date);
      List<SeenSign> looks = SignRow.seen(signs.getOrDefault(id, List.of()));
      WateringRecord waterings =
          WateringRecord.of(
              watered.getOrDefault(id, List.of()).stream().map(WateringRow::watered).toList(),
              repotted);
      List<OverruleRow> overruled = overrules.getOrDefault(id, List.of());
      gathered.put(
          id,
          new Gathered(
              plant,
              PlantRecord.states(
                  states.getOrDefault(id, List.of()).stream().map(StateRow::state).toList(), date),
              StandingSigns.on(date, looks, repotted, books.team().book().signs()),
              waterings.mean().orElse(null),
              new AdviceRequest.History(
                  waterings.pours(repotted),
                  PlantRecord.measures(
                      looks,
                      measured.getOrDefault(id, List.of()).stream()
                          .flatMap(row -> row.measured().stream())
                          .toList())),
              waterings.daysSince(date),
              PlantMethod.of(plant, group(plant), choices),
              asides.getOrDefault(id, List.of()),
              overruled.isEmpty() ? null : overruled.get(overruled.size() - 1)));
    }
    return gathered;
  }

  /** Of the species in the book, else as it was entered. */
  private @Nullable String group(StoredPlant plant) {
    return books
        .team()
        .book()
        .species()
        .find(plant.species())
        .map(Species::group)
        .map(Enum::name)
        .orElse(plant.speciesGroup());
  }

  private static <T> Map<UUID, List<T>> grouped(
      List<T> rows, java.util.function.Function<T, UUID> key) {
    Map<UUID, List<T>> groups = new HashMap<>();
    for (T row : rows) {
      groups.computeIfAbsent(key.apply(row), id -> new ArrayList<>()).add(row);
    }
    return groups;
  }

  /** Days for which a sign counts after the check that saw it; 0: from the last check only. */
  int countsDays(String code) {
    return StandingSigns.lastsDays(code, books.team().book().signs());
  }
}
