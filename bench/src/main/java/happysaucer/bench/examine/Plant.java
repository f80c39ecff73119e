package happysaucer.bench.examine;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.species.Light;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** One plant to ask about, changed step by step; each change makes another one. */
final class Plant {
  private static final double LATITUDE = 44;

  private final Species species;
  private double potMm;
  private @Nullable Double heightMm;
  private LocalDate date;
  private Light light;
  private @Nullable String wish;
  private @Nullable LocalDate repotted;
  private @Nullable Boolean fed;
  private List<AdviceRequest.State> states = List.of();
  private List<AdviceRequest.Sign> signs = List.of();
  private AdviceRequest.@Nullable Watering watering;
  private Map<String, String> method = Map.of();
  private @Nullable Boolean inCoverPot;

  private Plant(Species species, double potMm, LocalDate date, Light light) {
    this.species = species;
    this.potMm = potMm;
    this.date = date;
    this.light = light;
  }

  static Plant of(Species species, double potMm, LocalDate date, Light light) {
    return new Plant(species, potMm, date, light);
  }

  private Plant changed(Consumer<Plant> change) {
    Plant other = new Plant(species, potMm, date, light);
    other.heightMm = heightMm;
    other.wish = wish;
    other.repotted = repotted;
    other.fed = fed;
    other.states = states;
    other.signs = signs;
    other.watering = watering;
    other.method = method;
    other.inCoverPot = inCoverPot;
    change.accept(other);
    return other;
  }

  Species species() {
    return species;
  }

  double potMm() {
    return potMm;
  }

  @Nullable Double heightMm() {
    return heightMm;
  }

  LocalDate date() {
    return date;
  }

  Light light() {
    return light;
  }

  List<AdviceRequest.Sign> signs() {
    return signs;
  }

  /** As tall and wide as its kind usually is in such a pot, and measured. */
  Plant measured() {
    double usual = potMm * species.traits().habit().heightPerPot();
    return tall(Math.min(species.traits().matureHeightMm(), usual));
  }

  Plant tall(double height) {
    return changed(p -> p.heightMm = height);
  }

  Plant in(double otherPotMm) {
    return changed(p -> p.potMm = otherPotMm);
  }

  Plant on(LocalDate day) {
    return changed(p -> p.date = day);
  }

  Plant inLight(Light other) {
    return changed(p -> p.light = other);
  }

  Plant wishing(String other) {
    return changed(p -> p.wish = other);
  }

  Plant repottedMonthsAgo(double months) {
    return changed(p -> p.repotted = date.minusDays(Math.round(months * 30.44)));
  }

  Plant fed(boolean is) {
    return changed(p -> p.fed = is);
  }

  Plant state(String code, @Nullable Integer days) {
    List<AdviceRequest.State> more = new ArrayList<>(states);
    more.add(new AdviceRequest.State(code, days));
    return changed(p -> p.states = more);
  }

  Plant sign(String code) {
    return with(new AdviceRequest.Sign(code, "PRESENT", null, null));
  }

  Plant graded(String code, String grade) {
    return with(new AdviceRequest.Sign(code, "PRESENT", grade, null));
  }

  Plant valued(String code, double value) {
    return with(new AdviceRequest.Sign(code, "PRESENT", null, value));
  }

  Plant absent(String code) {
    return with(new AdviceRequest.Sign(code, "ABSENT", null, null));
  }

  private Plant with(AdviceRequest.Sign sign) {
    List<AdviceRequest.Sign> more = new ArrayList<>(signs);
    more.removeIf(other -> other.code().equals(sign.code()));
    more.add(sign);
    return changed(p -> p.signs = more);
  }

  Plant watered(double everyDays, double litres) {
    return changed(p -> p.watering = new AdviceRequest.Watering(everyDays, litres, 0.0, null));
  }

  /** The method raises a base that is shown. */
  Plant showingItsBase() {
    return changed(p -> p.method = Map.of("level", "RAISED"));
  }

  Plant byInterval() {
    return changed(p -> p.method = Map.of("timing", "INTERVAL"));
  }

  Plant standingInCover() {
    return changed(p -> p.inCoverPot = true);
  }

  AdviceRequest request() {
    Double spread = heightMm == null ? null : spread(heightMm);
    return new AdviceRequest(
        date,
        new AdviceRequest.Site(LATITUDE, false, "PUBLIC"),
        new AdviceRequest.Spot(light.name()),
        new AdviceRequest.Plant(
            species.name(),
            null,
            heightMm,
            spread,
            null,
            null,
            wish,
            repotted,
            states,
            null,
            fed,
            null),
        new AdviceRequest.Pot(
            null,
            "STANDARD",
            "PLASTIC",
            potMm,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            6,
            inCoverPot,
            null,
            null),
        null,
        signs,
        watering,
        null,
        method.isEmpty() ? null : AdviceRequest.MethodChoice.of(method),
        null,
        null,
        null,
        null,
        null,
        null);
  }

  private double spread(double height) {
    double perHeight =
        species.traits().habit().spreadPerPot() / species.traits().habit().heightPerPot();
    return Math.max(50, height * perHeight);
  }

  /** How a person would tell of it. */
  String told() {
    StringBuilder told = new StringBuilder(species.name());
    told.append(", ").append(Math.round(potMm / 10)).append(" cm pot");
    if (heightMm != null) {
      told.append(", ").append(Math.round(heightMm / 10)).append(" cm tall");
    }
    told.append(", ").append(date.getMonth().name().substring(0, 3).toLowerCase(Locale.ROOT));
    told.append(' ').append(date.getDayOfMonth()).append(", ").append(light);
    if (wish != null) {
      told.append(", ").append(wish);
    }
    if (repotted != null) {
      told.append(", repotted ").append(repotted);
    }
    if (fed != null) {
      told.append(fed ? ", fed" : ", not fed");
    }
    for (AdviceRequest.State state : states) {
      told.append(", ").append(state.code());
      if (state.days() != null) {
        told.append(' ').append(state.days()).append(" d");
      }
    }
    for (AdviceRequest.Sign sign : signs) {
      told.append(", ").append("ABSENT".equals(sign.state()) ? "no " : "").append(sign.code());
      told.append(sign.grade() == null ? "" : " " + sign.grade());
      told.append(sign.value() == null ? "" : " " + sign.value());
    }
    if (watering != null) {
      told.append(", ")
          .append(watering.litres())
          .append(" L every ")
          .append(watering.intervalDays());
    }
    return told.append(method.isEmpty() ? "" : ", " + method).toString();
  }
}
