package happysaucer.core.advice;

import happysaucer.core.book.Book;
import happysaucer.core.casefile.Argument;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Cover;
import happysaucer.core.casefile.History;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.casefile.SiteUse;
import happysaucer.core.casefile.SizeWish;
import happysaucer.core.casefile.WatererHabit;
import happysaucer.core.casefile.Wish;
import happysaucer.core.medium.Mix;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.root.Ball;
import happysaucer.core.sign.Observations;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Group;
import happysaucer.core.species.Habit;
import happysaucer.core.species.Light;
import happysaucer.core.species.Species;
import happysaucer.core.species.SpeciesTable;
import happysaucer.core.unit.Units;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** From a request as it came to a complete case; every default is written down. */
final class Completion {
  /** Where no latitude is given (rule of thumb: a middle latitude). */
  private static final double LATITUDE = 45;

  /** What is known today says little of a plant in two years. */
  private static final int MOST_DAYS_TO_WORK = 730;

  private static final double MOST_PLANT_MM = 20000;

  /** Candidates are bounded so that one question stays one answer. */
  private static final int MOST_CANDIDATES = 500;

  /** Trade sizes offered reach from somewhat narrower than the ball to somewhat wider, mm. */
  private static final double TRADE_BELOW = 120;

  private static final double TRADE_ABOVE = 110;

  private final AdviceRequest request;
  private final Book book;
  private final Checks checks = new Checks();

  private Completion(AdviceRequest request, Book book) {
    this.request = request;
    this.book = book;
  }

  /** A complete case, and what was assumed to complete it: "path = value: reason", by path. */
  record Completed(Case complete, List<String> assumed) {}

  /**
   * @throws RefusedException with all faults
   */
  static Completed of(AdviceRequest request, Book book) {
    return new Completion(request, book).complete();
  }

  private Completed complete() {
    if (request.date() == null) {
      checks.fault("date", "Give the date of the case, as 2027-03-10.", null);
    }
    checks.day("date", request.date());
    workOn();
    Case.Site site = site();
    Light light =
        checks.codeOr(
            "spot.light",
            request.spot() == null ? null : request.spot().light(),
            Light.class,
            Light.MEDIUM,
            "most indoor spots");
    PotCompletion pots = new PotCompletion(checks);
    Pot pot = null;
    if (request.pot() == null) {
      checks.fault("pot.topMm", "Give the inside width at the top, in mm.", null);
    } else {
      pot = pots.pot("pot", request.pot(), Material.PLASTIC);
    }
    Ball ball = pot == null ? null : pots.ball(request.ball(), pot);
    Optional<Cover> cover = cover(pots, pot);
    PlantCase plant = plant(pot, site, cover);
    Observations seen = new SignCompletion(checks, book.signs()).signs(request.signs(), pot);
    Argument argument = new ArgumentCompletion(checks).of(request.argument(), seen);
    Observations signs = seen.without(argument.setAside().keySet());
    Optional<Case.Watering> watering = watering();
    History history =
        new HistoryCompletion(checks, book.signs(), request.date()).of(request.history());
    List<Pot> candidates = candidates(pots, pot, ball);
    Wish wish = new WishCompletion(checks, book.media()).of(request.wish(), ball, ids(candidates));
    Method method = MethodCompletion.of(request.method(), checks);
    Units units =
        request.units() == null
            ? Units.METRIC
            : Optional.ofNullable(checks.code("units", request.units(), Units.class))
                .orElse(Units.METRIC);
    if (!checks.faultless() || pot == null || ball == null || plant == null) {
      throw new RefusedException(checks.faults());
    }
    return new Completed(
        new Case(
            request.date(),
            site,
            light,
            plant,
            pot,
            ball,
            signs,
            watering,
            history,
            candidates,
            request.candidates() != null,
            method,
            units,
            argument,
            wish,
            Optional.ofNullable(request.workOn()),
            cover),
        checks.assumed());
  }

  /** A measured cover, where the pot goes into it. */
  private Optional<Cover> cover(PotCompletion pots, @Nullable Pot grow) {
    AdviceRequest.Cover given = request.cover();
    if (given == null) {
      return Optional.empty();
    }
    Pot cover = pots.pot("cover", given.pot(), Material.GLAZED);
    if (cover == null || grow == null) {
      return Optional.empty();
    }
    if (Math.min(cover.topMm(), cover.inside().topDepthMm()) < grow.topMm()) {
      checks.fault(
          "cover.topMm", "The pot in it is wider than this inside. Measure again.", given.topMm());
      return Optional.empty();
    }
    return Optional.of(new Cover(cover, Boolean.TRUE.equals(given.fixed())));
  }

  private void workOn() {
    LocalDate day = request.workOn();
    if (day == null || request.date() == null) {
      return;
    }
    checks.day("workOn", day);
    if (Math.abs(ChronoUnit.DAYS.between(request.date(), day)) > MOST_DAYS_TO_WORK) {
      checks.fault(
          "workOn", "Must be within " + MOST_DAYS_TO_WORK + " days of the date.", day.toString());
    }
  }

  private Case.Site site() {
    AdviceRequest.Site given = request.site();
    double latitude =
        checks.rangeOr(
            "site.latitude",
            given == null ? null : given.latitude(),
            -90,
            90,
            "degrees",
            LATITUDE,
            "a middle latitude; the windows depend on it");
    SiteUse use =
        checks.codeOr(
            "site.use",
            given == null ? null : given.use(),
            SiteUse.class,
            SiteUse.PRIVATE,
            "nobody said otherwise");
    return new Case.Site(
        latitude, given != null && given.outdoors() != null && given.outdoors(), use);
  }

  private @Nullable Species species(AdviceRequest.Plant given) {
    Group group = checks.code("plant.group", given.group(), Group.class);
    if (given.species() == null) {
      if (given.group() == null) {
        checks.fault("plant.species", "Give the species, or its group.", null);
        return null;
      }
      return group == null ? null : book.species().group(group);
    }
    if (given.species().length() > SpeciesTable.MOST_NAME) {
      checks.fault(
          "plant.species",
          "At most " + SpeciesTable.MOST_NAME + " letters.",
          given.species().substring(0, SpeciesTable.MOST_NAME) + "…");
      return null;
    }
    Optional<Species> found = book.species().find(given.species());
    if (found.isPresent()) {
      return found.get();
    }
    if (group == null) {
      checks.fault(
          "plant.species", notInTheBook(book.species().nearest(given.species())), given.species());
      return null;
    }
    checks.assume(
        "plant.species",
        given.species(),
        "not in the book, so the values of its group " + group + " stand in");
    Species standIn = book.species().group(group);
    return new Species(
        given.species(),
        List.of(),
        List.of(),
        group,
        standIn.traits(),
        List.of(),
        true,
        standIn.remarks());
  }

  private static String notInTheBook(List<String> nearest) {
    return nearest.isEmpty()
        ? "This species is not in the book. Give its group."
        : "This species is not in the book. Nearest names: "
            + String.join(", ", nearest)
            + ". Or give its group.";
  }

  private @Nullable PlantCase plant(@Nullable Pot pot, Case.Site site, Optional<Cover> cover) {
    AdviceRequest.Plant given = request.plant();
    if (given == null) {
      checks.fault("plant.species", "Give the species, or its group.", null);
      return null;
    }
    Species species = species(given);
    double top = pot == null ? 200 : pot.topMm();
    Usual usual = Usual.of(species, top);
    double height =
        checks.rangeOr(
            "plant.heightMm",
            given.heightMm(),
            10,
            MOST_PLANT_MM,
            "mm",
            usual.heightMm(),
            "what its kind usually measures in a pot of this width");
    double spread =
        checks.rangeOr(
            "plant.spreadMm",
            given.spreadMm(),
            10,
            MOST_PLANT_MM,
            "mm",
            usual.spreadMm(height),
            "what its kind usually measures at this height");
    double mass =
        checks.rangeOr(
            "plant.topMassG",
            given.topMassG(),
            0,
            2_000_000,
            "g",
            estimateTopMassG(species, height, spread),
            "what its kind weighs at this height and spread");
    double lean = leanDegrees(given);
    Optional<SizeWish> wish =
        Optional.ofNullable(checks.code("plant.sizeWish", given.sizeWish(), SizeWish.class));
    checks.day("plant.lastRepotted", given.lastRepotted());
    if (given.lastRepotted() != null
        && request.date() != null
        && given.lastRepotted().isAfter(request.date())) {
      checks.fault(
          "plant.lastRepotted", "Must not be after the date of the case.", given.lastRepotted());
    }
    Map<StateCode, Integer> states = states(given);
    Mix mix = mix(given, species);
    WatererHabit habit =
        checks.codeOr(
            "plant.watererHabit",
            given.watererHabit(),
            WatererHabit.class,
            WatererHabit.EVEN,
            "nobody said otherwise");
    if (species == null || mix == null) {
      return null;
    }
    PlantCase plant =
        new PlantCase(
            species,
            height,
            spread,
            mass,
            lean,
            wish,
            given.heightMm() != null && given.spreadMm() != null,
            Optional.ofNullable(given.lastRepotted()),
            states,
            request.date() != null
                && PlantCase.restsOn(species, states, site.latitude(), request.date()),
            mix,
            Optional.ofNullable(given.fed()),
            habit,
            pot != null && cover.map(c -> c.holds(pot)).orElse(false));
    if (wish.isEmpty()) {
      checks.assume(
          "plant.sizeWish",
          plant.keepsSize() ? SizeWish.KEEP : SizeWish.GROW,
          plant.keepsSize()
              ? plant.heldByCover()
                  ? "nobody said, and its cover pot takes no larger one"
                  : "nobody said, and it has reached its usual height"
              : "nobody said otherwise");
    }
    return plant;
  }

  /** What a kind usually measures in a pot of some width, mm. */
  private record Usual(double heightMm, double spreadPerHeight, double leastSpreadMm) {
    /** Leaves reach to the wall of most pots, or nearly (rule of thumb). */
    private static final double TO_THE_WALL = 0.7;

    static Usual of(@Nullable Species species, double potTopMm) {
      if (species == null) {
        return new Usual(potTopMm, 1, potTopMm);
      }
      Habit habit = species.traits().habit();
      return new Usual(
          Math.min(species.traits().matureHeightMm(), potTopMm * habit.heightPerPot()),
          habit.spreadPerPot() / habit.heightPerPot(),
          potTopMm * TO_THE_WALL);
    }

    double spreadMm(double height) {
      return Math.max(leastSpreadMm, height * spreadPerHeight);
    }
  }

  /** Less than a cutting weighs nobody reckons with, g. */
  private static final double LEAST_TOP_G = 20;

  /** By the habit of its kind, from the space it stands in. */
  private static double estimateTopMassG(
      @Nullable Species species, double heightMm, double spreadMm) {
    double m3 = Math.PI / 4 * spreadMm * spreadMm * heightMm / 1e9;
    Habit habit = species == null ? Habit.CLUMP : species.traits().habit();
    return Math.max(LEAST_TOP_G, habit.kgPerM3() * 1000 * m3);
  }

  /** A sign's measure outranks the plant's. */
  private double leanDegrees(AdviceRequest.Plant given) {
    if (request.signs() != null) {
      for (AdviceRequest.Sign sign : request.signs()) {
        boolean leans =
            sign != null
                && "LEANS".equals(sign.code())
                && sign.value() != null
                && (sign.state() == null || sign.state().equals("PRESENT"));
        if (leans) {
          return Math.max(0, Math.min(60, sign.value()));
        }
      }
    }
    return given.leanDegrees() == null
        ? 0
        : checks.range("plant.leanDegrees", given.leanDegrees(), 0, 60, "degrees", 0);
  }

  private Map<StateCode, Integer> states(AdviceRequest.Plant given) {
    Map<StateCode, Integer> states = new EnumMap<>(StateCode.class);
    if (given.states() == null) {
      return states;
    }
    for (int i = 0; i < given.states().size(); i++) {
      String path = "plant.states[" + i + "]";
      AdviceRequest.State state = given.states().get(i);
      if (state == null || state.code() == null) {
        checks.fault(path + ".code", "Give the code of the state.", null);
        continue;
      }
      StateCode code = checks.code(path + ".code", state.code(), StateCode.class);
      if (code == null) {
        continue;
      }
      int days = 0;
      if (state.days() != null) {
        if (!code.countsDays()) {
          checks.fault(path + ".days", code + " takes no days.", state.days());
        }
        days = (int) checks.range(path + ".days", state.days(), 0, 36500, "days", 0);
      } else if (code.countsDays()) {
        checks.assume(path + ".days", 0, "nobody said since when");
      }
      if (states.put(code, days) != null) {
        checks.fault(path + ".code", "This state is there twice.", state.code());
      }
    }
    return states;
  }

  private @Nullable Mix mix(AdviceRequest.Plant given, @Nullable Species species) {
    if (given.mix() == null) {
      if (species == null) {
        return null;
      }
      String best = species.traits().bestMix();
      checks.assume("plant.mix", best, "the best for its species, as nobody knows");
      return book.media().mix(best).orElseThrow();
    }
    Optional<Mix> mix = book.media().mix(given.mix());
    if (mix.isEmpty()) {
      checks.fault(
          "plant.mix",
          "There is no such mix. Use one of: "
              + String.join(", ", book.media().mixes().stream().map(Mix::code).toList())
              + ".",
          given.mix());
    }
    return mix.orElse(null);
  }

  private Optional<Case.Watering> watering() {
    AdviceRequest.Watering given = request.watering();
    if (given == null) {
      return Optional.empty();
    }
    Double after = given.intervalAfterLastRepotDays();
    if (after != null) {
      checks.range("watering.intervalAfterLastRepotDays", after, 0.2, 365, "days", 7);
    }
    Double litres = given.litres();
    if (litres != null) {
      checks.range("watering.litres", litres, 0.001, 1000, "L", 1);
    }
    double runOff = 0;
    if (given.runOffLitres() != null) {
      runOff = checks.range("watering.runOffLitres", given.runOffLitres(), 0, 1000, "L", 0);
      if (litres != null && runOff > litres) {
        checks.fault("watering.runOffLitres", "More came out than was poured.", runOff);
      }
    }
    if (given.intervalDays() == null) {
      if (litres != null || after != null) {
        checks.fault("watering.intervalDays", "Give the days between waterings.", null);
      }
      return Optional.empty();
    }
    double interval =
        checks.range("watering.intervalDays", given.intervalDays(), 0.2, 365, "days", 7);
    return Optional.of(
        new Case.Watering(
            interval, Optional.ofNullable(litres), runOff, Optional.ofNullable(after)));
  }

  /** Faulty ones are named as such, so that a pick of theirs is not a second fault. */
  private List<String> ids(List<Pot> completed) {
    return request.candidates() == null
        ? completed.stream().map(Pot::id).toList()
        : request.candidates().stream()
            .filter(Objects::nonNull)
            .map(AdviceRequest.Pot::id)
            .filter(Objects::nonNull)
            .toList();
  }

  private List<Pot> candidates(PotCompletion pots, @Nullable Pot pot, @Nullable Ball ball) {
    if (request.candidates() == null) {
      if (ball == null) {
        return List.of();
      }
      double top = ball.body().topMm();
      checks.assume("candidates", "standard trade sizes", "no stock was given");
      return book.tradeSizes().stream()
          .filter(p -> p.topMm() > top - TRADE_BELOW && p.topMm() < top + TRADE_ABOVE)
          .toList();
    }
    if (request.candidates().size() > MOST_CANDIDATES) {
      checks.fault(
          "candidates",
          "At most " + MOST_CANDIDATES + " pots can be compared at once.",
          request.candidates().size());
      return List.of();
    }
    List<Pot> candidates = new ArrayList<>();
    Material usual = pot == null ? Material.PLASTIC : pot.material();
    for (int i = 0; i < request.candidates().size(); i++) {
      String path = "candidates[" + i + "]";
      AdviceRequest.Pot given = request.candidates().get(i);
      if (given == null) {
        checks.fault(path, "A pot is missing here.", null);
        continue;
      }
      Pot candidate = pots.pot(path, given, usual);
      if (candidate != null) {
        candidates.add(candidate);
      }
    }
    return candidates;
  }
}
