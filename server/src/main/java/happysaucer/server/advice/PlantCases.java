package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Species;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.CaseMapper.AsideRow;
import happysaucer.server.advice.CaseMapper.ChoiceRow;
import happysaucer.server.advice.CaseMapper.HeightRow;
import happysaucer.server.advice.CaseMapper.OverruleRow;
import happysaucer.server.advice.CaseMapper.SignRow;
import happysaucer.server.advice.CaseMapper.StateRow;
import happysaucer.server.advice.CaseMapper.WateringRow;
import happysaucer.server.problem.NotFoundException;
import java.time.Instant;
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
  /** Days for which what was seen goes on counting when a later check says nothing of it. */
  private static final int ROOTS_COUNT_DAYS = 180;

  private static final int POT_AND_SURFACE_COUNT_DAYS = 90;

  /** Growth is told from heights of the last years. */
  private static final int HEIGHTS_COUNT_DAYS = 1100;

  private static final int WATERINGS = 6;

  /** Waterings further apart tell of records that stopped, not of how the plant drinks. */
  private static final int LONGEST_INTERVAL_DAYS = 365;

  private final CaseMapper mapper;
  private final Books books;

  PlantCases(CaseMapper mapper, Books books) {
    this.mapper = mapper;
    this.books = books;
  }

  /** A sign that counts today, and the check it comes from. */
  record Seen(AdviceRequest.Sign sign, LocalDate on, Instant at) {}

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
      Map<String, Seen> seen,
      AdviceRequest.@Nullable Watering watering,
      AdviceRequest.History history,
      Optional<Long> daysSinceWatering,
      PlantMethod method,
      List<AsideRow> asides,
      @Nullable OverruleRow overrule) {

    List<AdviceRequest.Sign> signs() {
      return seen.values().stream().map(Seen::sign).toList();
    }

    AdviceRequest request(LocalDate date, Units units) {
      return request(date, units, signs(), states, openAsides(List.of()));
    }

    /** Those that still hold, when these signs have just been looked at again. */
    List<AsideRow> openAsides(Collection<String> lookedAtAgain) {
      Map<String, AsideRow> open = new LinkedHashMap<>();
      for (AsideRow aside : asides) {
        Seen sign = seen.get(aside.sign());
        boolean seenSince =
            lookedAtAgain.contains(aside.sign())
                || (sign != null && sign.at().isAfter(aside.covers()));
        if (aside.always() || !seenSince) {
          open.putIfAbsent(aside.sign(), aside);
        }
      }
      return List.copyOf(open.values());
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
          null);
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
    Map<UUID, List<SignRow>> signs =
        grouped(mapper.signs(ids, date.minusDays(ROOTS_COUNT_DAYS)), SignRow::plantId);
    Map<UUID, List<WateringRow>> last =
        grouped(mapper.lastWaterings(ids, WATERINGS), WateringRow::plantId);
    Map<UUID, List<WateringRow>> first =
        grouped(mapper.firstWaterings(ids, WATERINGS), WateringRow::plantId);
    Map<UUID, List<HeightRow>> heights =
        grouped(mapper.heights(ids, date.minusDays(HEIGHTS_COUNT_DAYS)), HeightRow::plantId);
    Map<UUID, List<AsideRow>> asides = grouped(mapper.asides(ids), AsideRow::plantId);
    Map<UUID, List<OverruleRow>> overrules = grouped(mapper.overrules(ids), OverruleRow::plantId);
    List<ChoiceRow> choices = mapper.choices(ids.stream().map(UUID::toString).toList());
    for (StoredPlant plant : mapper.plants(ids)) {
      UUID id = plant.id();
      List<WateringRow> recent = last.getOrDefault(id, List.of());
      List<OverruleRow> overruled = overrules.getOrDefault(id, List.of());
      gathered.put(
          id,
          new Gathered(
              plant,
              states(states.getOrDefault(id, List.of()), date),
              signs(signs.getOrDefault(id, List.of()), repotted(plant, date), date),
              watering(recent, first.getOrDefault(id, List.of())),
              new AdviceRequest.History(
                  pours(recent, repotted(plant, date)),
                  measures(signs.getOrDefault(id, List.of()), heights.getOrDefault(id, List.of()))),
              recent.isEmpty()
                  ? Optional.empty()
                  : Optional.of(
                      Math.max(0, ChronoUnit.DAYS.between(recent.get(0).wateredOn(), date))),
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

  /**
   * A repot that lies in the future has not been: it is left out, and what was seen goes on
   * counting.
   */
  private static @Nullable LocalDate repotted(StoredPlant plant, LocalDate date) {
    LocalDate on = plant.lastRepotted();
    return on == null || on.isAfter(date) ? null : on;
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

  /** Days for which a sign counts after the check that saw it; 0: from the last check only. */
  int countsDays(String code) {
    SignGroup group = books.team().book().signs().get(SignCode.valueOf(code)).group();
    return switch (group) {
      case ROOTS -> ROOTS_COUNT_DAYS;
      case POT, SURFACE -> POT_AND_SURFACE_COUNT_DAYS;
      default -> 0;
    };
  }

  /** The last look as a whole, and of older ones since the repot what does not change quickly. */
  private Map<String, Seen> signs(
      List<SignRow> rows, @Nullable LocalDate repotted, LocalDate date) {
    Map<String, Seen> signs = new LinkedHashMap<>();
    for (SignRow row : rows) {
      boolean slippedLast = row.newest() == 0 && row.checkedAt().equals(rows.get(0).checkedAt());
      boolean beforeRepot = repotted != null && !row.checkedOn().isAfter(repotted);
      boolean counts =
          row.newest() == 1
              || slippedLast
              || !row.checkedOn().isBefore(date.minusDays(countsDays(row.code())))
                  && countsDays(row.code()) > 0;
      if (!beforeRepot && counts) {
        signs.putIfAbsent(
            row.code(),
            new Seen(
                new AdviceRequest.Sign(row.code(), row.state(), row.grade(), row.amount()),
                row.checkedOn(),
                row.checkedAt()));
      }
    }
    return signs;
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
      if (days > 0 && days <= LONGEST_INTERVAL_DAYS && row.litres() > 0 && thisPot) {
        pours.add(
            new AdviceRequest.Pour(
                row.wateredOn(), (double) days, row.litres(), row.runOffLitres()));
      }
    }
    return pours;
  }

  /** What checks before the last one measured, for trends. */
  private static List<AdviceRequest.Measured> measures(
      List<SignRow> rows, List<HeightRow> heights) {
    List<AdviceRequest.Measured> measures = new ArrayList<>();
    for (SignRow row : rows) {
      if (row.newest() > 1 && row.amount() != null) {
        measures.add(new AdviceRequest.Measured(row.checkedOn(), row.code(), row.amount()));
      }
    }
    for (HeightRow row : heights) {
      measures.add(
          new AdviceRequest.Measured(
              row.checkedOn(), happysaucer.core.casefile.History.HEIGHT, row.heightMm()));
    }
    return measures;
  }

  private static Optional<Double> interval(List<WateringRow> rows) {
    if (rows.size() < 3) {
      return Optional.empty();
    }
    long days =
        Math.abs(
            ChronoUnit.DAYS.between(
                rows.get(0).wateredOn(), rows.get(rows.size() - 1).wateredOn()));
    double interval = days / (double) (rows.size() - 1);
    return days == 0 || interval > LONGEST_INTERVAL_DAYS ? Optional.empty() : Optional.of(interval);
  }
}
