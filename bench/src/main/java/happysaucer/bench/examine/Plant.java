package happysaucer.bench.examine;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.species.Light;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One plant to ask about, changed step by step; each change makes another one. */
record Plant(
    Species species,
    double potMm,
    @Nullable Double heightMm,
    LocalDate date,
    Light light,
    @Nullable String wish,
    @Nullable LocalDate repotted,
    @Nullable Boolean fed,
    List<AdviceRequest.State> states,
    List<AdviceRequest.Sign> signs,
    AdviceRequest.@Nullable Watering watering,
    @Nullable String timing,
    @Nullable Boolean inCoverPot) {
  private static final double LATITUDE = 44;

  static Plant of(Species species, double potMm, LocalDate date, Light light) {
    return new Plant(
        species, potMm, null, date, light, null, null, null, List.of(), List.of(), null, null,
        null);
  }

  /** As tall and wide as its kind usually is in such a pot, and measured. */
  Plant measured() {
    double usual = potMm * species.traits().habit().heightPerPot();
    return tall(Math.min(species.traits().matureHeightMm(), usual));
  }

  Plant tall(double height) {
    return new Plant(
        species,
        potMm,
        height,
        date,
        light,
        wish,
        repotted,
        fed,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant in(double otherPotMm) {
    return new Plant(
        species,
        otherPotMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        fed,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant on(LocalDate day) {
    return new Plant(
        species,
        potMm,
        heightMm,
        day,
        light,
        wish,
        repotted,
        fed,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant inLight(Light other) {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        other,
        wish,
        repotted,
        fed,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant wishing(String other) {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        other,
        repotted,
        fed,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant repottedMonthsAgo(double months) {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        date.minusDays(Math.round(months * 30.44)),
        fed,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant fed(boolean is) {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        is,
        states,
        signs,
        watering,
        timing,
        inCoverPot);
  }

  Plant state(String code, @Nullable Integer days) {
    List<AdviceRequest.State> more = new ArrayList<>(states);
    more.add(new AdviceRequest.State(code, days));
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        fed,
        more,
        signs,
        watering,
        timing,
        inCoverPot);
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
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        fed,
        states,
        more,
        watering,
        timing,
        inCoverPot);
  }

  Plant watered(double everyDays, double litres) {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        fed,
        states,
        signs,
        new AdviceRequest.Watering(everyDays, litres, 0.0, null),
        timing,
        inCoverPot);
  }

  /** The method raises a base that is shown. */
  Plant showingItsBase() {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        fed,
        states,
        signs,
        watering,
        "RAISED",
        inCoverPot);
  }

  Plant byInterval() {
    return new Plant(
        species,
        potMm,
        heightMm,
        date,
        light,
        wish,
        repotted,
        fed,
        states,
        signs,
        watering,
        "INTERVAL",
        inCoverPot);
  }

  Plant standingInCover() {
    return new Plant(
        species, potMm, heightMm, date, light, wish, repotted, fed, states, signs, watering, timing,
        true);
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
        choice(),
        null,
        null,
        null,
        null);
  }

  private AdviceRequest.@Nullable MethodChoice choice() {
    return timing == null
        ? null
        : AdviceRequest.MethodChoice.of(
            java.util.Map.of(timing.equals("RAISED") ? "level" : "timing", timing));
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
    told.append(", ")
        .append(date.getMonth().name().substring(0, 3).toLowerCase(java.util.Locale.ROOT));
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
    return told.append(timing == null ? "" : ", by interval").toString();
  }
}
