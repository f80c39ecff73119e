package happysaucer.core.work;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.call.Action;
import happysaucer.core.call.Urgency;
import happysaucer.core.minutes.JobMinutes;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignState;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What a plant asks for within a season: by its call, or by what its call will be on the day on
 * which its pot is expected to be full.
 */
public final class WorkAsked {
  public static final String REPOT = "REPOT";
  public static final String SLIP = "SLIP_CHECK";
  private static final String WATER_IN = "WATER_IN";

  /** Minutes of small jobs (rules of thumb). */
  private static final int SLIP_MINUTES = 10;

  public static final int LOOK_MINUTES = 5;
  private static final int FIRST_WATER_MINUTES = 5;
  public static final int TOP_UP_MINUTES = 10;

  /** A look that was promised may be so many days early, or late. */
  private static final int LOOK_EARLY = 3;

  private static final int LOOK_LATE = 11;

  /** A look that nobody dated is taken within so many days. */
  private static final int LOOK_WITHIN = 28;

  /** Water after a dry time waits for no more than so many days. */
  private static final int WATER_LATE = 2;

  /** The best of a window is its first third, and the middle of that a sixth on. */
  private static final int SIXTH = 6;

  private static final int OPEN = 14;

  /** Buds, rest and the like are over after so many days (rule of thumb). */
  private static final int PASSES = 60;

  /** How full a pot is by what was seen at the slip. */
  private static final Set<String> SLIPPED =
      Set.of(
          SignCode.ROOTS_CIRCLING.name(),
          SignCode.MEDIUM_FALLS_AWAY.name(),
          SignCode.LITTLE_MEDIUM_LEFT.name());

  private static final String TECHNICIAN = "TECHNICIAN";

  private WorkAsked() {}

  /**
   * @param request the case of the plant today
   * @param days how far a season reaches from there
   * @param advise answers a case
   */
  public static List<Work> of(
      AdviceRequest request, int days, Function<AdviceRequest, Advice> advise) {
    LocalDate today = required(request.date());
    Advice now = advise.apply(request);
    if (isWork(now)) {
      return repot(now, false);
    }
    List<Work> asked = new ArrayList<>(slip(now, today));
    LocalDate from = now.forecast().clearFrom();
    LocalDate to = now.forecast().clearTo();
    if (from == null || to == null) {
      return asked;
    }
    LocalDate full = from.plusDays(ChronoUnit.DAYS.between(from, to) / 2);
    if (full.isAfter(today) && !full.isAfter(today.plusDays(days))) {
      Advice then = advise.apply(then(request, full));
      if (isWork(then)) {
        asked.addAll(repot(then, true));
      }
    }
    return asked;
  }

  /**
   * The case as it is expected on the day on which the pot is full: the roots show what the
   * forecast says, and what passes has passed.
   */
  private static AdviceRequest then(AdviceRequest request, LocalDate full) {
    List<AdviceRequest.Sign> signs =
        new ArrayList<>(
            Objects.requireNonNullElse(request.signs(), List.<AdviceRequest.Sign>of()).stream()
                .filter(sign -> !SLIPPED.contains(required(sign.code())))
                .toList());
    signs.add(
        new AdviceRequest.Sign(
            SignCode.ROOTS_CIRCLING.name(), SignState.PRESENT.name(), Grade.CLEAR.name(), null));
    boolean passed = full.isAfter(required(request.date()).plusDays(PASSES));
    return request.asOf(full, signs, passed);
  }

  private static boolean isWork(Advice advice) {
    return advice.repot() != null && advice.call().from() != null && advice.call().to() != null;
  }

  /** A job by what is done on the bench. */
  public static JobKind kind(String action) {
    return switch (Action.valueOf(action)) {
      case PEST_CLEAN -> JobKind.TREATMENT;
      case TOP_DRESS -> JobKind.TOP_UP;
      default -> JobKind.REPOT;
    };
  }

  private static List<Work> repot(Advice advice, boolean foreseen) {
    Advice.Call call = advice.call();
    Window days = Window.between(required(call.from()), required(call.to()));
    Advice.Repot plan = required(advice.repot());
    Optional<Advice.Hold> undated =
        call.holds().stream()
            .filter(hold -> hold.firm() && !hold.overridden() && hold.until() == null)
            .findFirst();
    Set<String> skills = new HashSet<>();
    double litres = 0;
    double grams = 0;
    int people = 1;
    for (Advice.Need need : plan.needs()) {
      switch (need.kind()) {
        case "SKILL" -> skills.add(need.code());
        case "VOLUME" -> litres += need.amount();
        case "MASS" -> grams += need.amount();
        case "PEOPLE" -> people = Math.max(people, (int) need.amount());
        default -> {
          // what it takes besides is for whoever packs
        }
      }
    }
    List<Work> asked = new ArrayList<>();
    asked.add(
        new Work(
            REPOT,
            kind(call.action()),
            call.action(),
            call.urgency(),
            days,
            ideal(Urgency.valueOf(call.urgency()), days),
            JobMinutes.ruled(advice),
            people,
            skills,
            litres,
            grams,
            undated.isPresent(),
            call.reasons().get(0),
            undated.map(Advice.Hold::liftedBy),
            Optional.empty(),
            plan.chosen().isEmpty(),
            foreseen));
    asked.addAll(following(advice, days));
    return asked;
  }

  /**
   * The middle of the best third of a window; of one that is open already, which may have begun
   * long ago, the next two weeks; what presses is best done on its first day.
   */
  public static LocalDate ideal(Urgency urgency, Window days) {
    if (urgency == Urgency.NOW || urgency == Urgency.SOON) {
      return days.from();
    }
    long sixth = ChronoUnit.DAYS.between(days.from(), days.to()) / SIXTH;
    return days.from().plusDays(urgency == Urgency.THIS_WINDOW ? Math.min(OPEN, sixth) : sixth);
  }

  /** What whoever repotted it has to come back for. */
  private static List<Work> following(Advice advice, Window days) {
    Advice.Repot plan = required(advice.repot());
    LocalDate work = plan.workOn() == null ? days.from() : plan.workOn();
    List<Work> following = new ArrayList<>();
    for (Advice.CareStep step : advice.aftercare().steps()) {
      JobKind kind = kindOfStep(step.kind(), step.who());
      if (kind != null) {
        following.add(
            after(
                step.kind() + "_" + ChronoUnit.DAYS.between(work, step.from()),
                kind,
                new Span(work, step.from(), step.to()),
                days,
                kind == JobKind.TOP_UP ? TOP_UP_MINUTES : LOOK_MINUTES,
                step.text()));
      }
    }
    if (plan.waterIn() != null && plan.waterIn().on().isAfter(work)) {
      LocalDate first = plan.waterIn().on();
      advice.aftercare().steps().stream()
          .filter(step -> step.kind().equals("WATER"))
          .findFirst()
          .ifPresent(
              step ->
                  following.add(
                      after(
                          WATER_IN,
                          JobKind.WATER_IN,
                          new Span(work, first, first.plusDays(WATER_LATE)),
                          days,
                          FIRST_WATER_MINUTES,
                          step.text())));
    }
    return following;
  }

  /** What a step of aftercare is as a job; null where somebody else sees to it. */
  public static @Nullable JobKind kindOfStep(String kind, String who) {
    if (!who.equals(TECHNICIAN)) {
      return null;
    }
    return switch (kind) {
      case "FOLLOW_UP", "REMOVE_BLOOM" -> JobKind.FOLLOW_UP;
      case "TOP_UP" -> JobKind.TOP_UP;
      default -> null;
    };
  }

  /** Days of a step, and the day it is counted from. */
  private record Span(LocalDate work, LocalDate from, LocalDate to) {
    int fromDays() {
      return (int) ChronoUnit.DAYS.between(work, from);
    }

    int toDays() {
      return (int) ChronoUnit.DAYS.between(work, to);
    }
  }

  private static Work after(
      String key, JobKind kind, Span span, Window repot, int minutes, Said why) {
    Window days =
        Window.between(repot.from().plusDays(span.fromDays()), repot.to().plusDays(span.toDays()));
    return new Work(
        key,
        kind,
        "",
        Urgency.THIS_WINDOW.name(),
        days,
        span.from().plusDays(ChronoUnit.DAYS.between(span.from(), span.to()) / 2),
        minutes,
        1,
        Set.of(),
        0,
        0,
        false,
        why,
        Optional.empty(),
        Optional.of(new Work.After(REPOT, span.fromDays(), span.toDays())),
        false,
        false);
  }

  /** Whether it is to be slipped out: where that would tell, and nothing speaks against it. */
  private static List<Work> slip(Advice now, LocalDate today) {
    if (now.slip() != null) {
      return List.of();
    }
    return now.lookNext().stream()
        .filter(look -> look.sign().equals(SLIP))
        .findFirst()
        .map(
            look -> {
              LocalDate promised = now.call().recheck();
              LocalDate ideal = promised == null || promised.isBefore(today) ? today : promised;
              LocalDate from =
                  ideal.minusDays(LOOK_EARLY).isBefore(today) ? today : ideal.minusDays(LOOK_EARLY);
              return new Work(
                  SLIP,
                  JobKind.SLIP_CHECK,
                  now.call().action(),
                  now.call().urgency(),
                  Window.between(from, ideal.plusDays(promised == null ? LOOK_WITHIN : LOOK_LATE)),
                  ideal,
                  SLIP_MINUTES,
                  1,
                  Set.<String>of(),
                  0,
                  0,
                  false,
                  look.why(),
                  Optional.empty(),
                  Optional.empty(),
                  false,
                  false);
            })
        .map(List::of)
        .orElse(List.of());
  }

  private static <T> T required(@Nullable T value) {
    return Objects.requireNonNull(value);
  }
}
