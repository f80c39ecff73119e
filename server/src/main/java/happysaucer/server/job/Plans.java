package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Differences;
import happysaucer.core.advice.RefusedException;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.BenchAdvice;
import happysaucer.server.advice.Given;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.InputException;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.team.CurrentUser;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** From what a person picks to an advice that can be worked by, with its pot reserved. */
@Component
class Plans {
  private static final Set<String> CUTS =
      Set.of("wish.baseSliceMm", "wish.sideShaveMm", "wish.gapUnderMm", "wish.gapAroundMm");

  private final BenchAdvice advice;
  private final Shelf shelf;
  private final TeamClock clock;
  private final CurrentUser user;

  Plans(BenchAdvice advice, Shelf shelf, TeamClock clock, CurrentUser user) {
    this.advice = advice;
    this.shelf = shelf;
    this.clock = clock;
    this.user = user;
  }

  /**
   * A pot that a job takes.
   *
   * @param shelfPot where it stands on the shelf; null for the present pot or one to order
   * @param count how many of it
   */
  record Pick(@Nullable String potId, @Nullable UUID shelfPot, int count) {
    static final Pick NONE = new Pick(null, null, 0);
  }

  /** Its pot is neither the one it stands in nor on the shelf of a team that keeps one. */
  boolean toOrder(JobSummary job) {
    return job.potId() != null
        && job.shelfPotId() == null
        && !job.potId().equals(BenchAdvice.CURRENT)
        && shelf.kept();
  }

  static Optional<Advice.Candidate> chosen(Advice given) {
    return given.repot() == null ? Optional.empty() : given.repot().chosen();
  }

  /**
   * What is to be planned.
   *
   * @param on day of the work
   * @param reserved id of the pot it has reserved already
   */
  record Order(UUID plant, LocalDate on, @Nullable String reserved) {}

  /**
   * The advice for what somebody picked.
   *
   * @throws InputException when there is nothing to repot, or the pot or the cuts will not do
   */
  Given given(Order order, PlanRequest request) {
    Given given = ask(order, request.potId(), null, request.wish());
    if (Boolean.TRUE.equals(request.order())) {
      Advice.Repot plan = given.advice().repot();
      if (plan == null || plan.orderPot() == null) {
        throw InputException.of("order", "A pot that is at hand will do: choose it.", true);
      }
      given = ask(order, null, pot(plan.orderPot()), request.wish());
    }
    check(order.plant(), request, given.advice());
    return given;
  }

  private Given ask(
      Order order,
      @Nullable String potId,
      AdviceRequest.@Nullable Pot pot,
      AdviceRequest.@Nullable Wish wish) {
    return ask(order, List.of(), potId, pot, wish);
  }

  private Given ask(
      Order order,
      List<AdviceRequest.Sign> signs,
      @Nullable String potId,
      AdviceRequest.@Nullable Pot pot,
      AdviceRequest.@Nullable Wish wish) {
    return advice.given(
        order.plant(),
        new BenchAdvice.Question(signs, potId, pot, wish, order.reserved(), order.on()),
        user.units());
  }

  private static AdviceRequest.Pot pot(Advice.Candidate candidate) {
    Advice.Outline outline = candidate.pot();
    boolean trough = outline.shape().equals("TROUGH");
    return new AdviceRequest.Pot(
        candidate.id(),
        outline.shape(),
        candidate.material(),
        outline.topMm(),
        outline.baseMm(),
        trough ? outline.topDepthMm() : null,
        trough ? outline.baseDepthMm() : null,
        outline.heightMm(),
        outline.mouthMm(),
        candidate.footMm(),
        candidate.potMassG(),
        candidate.drainHoles(),
        false,
        candidate.feet(),
        candidate.wireHoles());
  }

  private static void check(UUID plant, PlanRequest request, Advice given) {
    Advice.Call call = given.call();
    if (given.repot() == null || call.from() == null || call.to() == null) {
      throw InputException.of(
          "plantId",
          "The call for this plant is " + call.action() + ": there is no repot to schedule.",
          plant);
    }
    Advice.RootWork work = given.repot().rootWork();
    if (work.overLimit()) {
      throw InputException.of(
          "wish",
          "More roots would go than the plant stands. Cut less, or take a larger pot.",
          work.rootShare());
    }
    confirmed(given, request.confirmed());
    Optional<String> chosen = chosen(given).map(Advice.Candidate::id);
    boolean another = request.potId() != null && !chosen.equals(Optional.of(request.potId()));
    if (chosen.isEmpty() || another && !Boolean.TRUE.equals(request.order())) {
      throw InputException.of(
          "potId",
          given.repot().order() != null && request.potId() == null
              ? given.repot().order().words()
              : "This pot will not do. Choose one that passes.",
          request.potId());
    }
  }

  /**
   * @throws InputException when more than a third of the ball goes and nobody has confirmed that
   */
  static void confirmed(Advice given, @Nullable Boolean confirmed) {
    if (given.repot() != null
        && given.repot().rootWork().confirm()
        && !Boolean.TRUE.equals(confirmed)) {
      throw InputException.of(
          "confirmed",
          "More than a third of the ball goes. Have somebody who knows the risk confirm it.",
          given.repot().rootWork().rootShare());
    }
  }

  /** The pot of an advice; from the shelf it is kept from others until the job is stored. */
  Pick reserve(UUID job, Advice given) {
    Optional<Advice.Candidate> pot = chosen(given);
    if (pot.isEmpty()) {
      return Pick.NONE;
    }
    Optional<UUID> onShelf = Shelf.id(pot.get().id());
    int count = pieces(given);
    onShelf.ifPresent(id -> shelf.reserve(id, count, job));
    return new Pick(pot.get().id(), onShelf.orElse(null), onShelf.isPresent() ? count : 0);
  }

  /** A clump that is parted wants a pot for each of its pieces. */
  private static int pieces(Advice given) {
    return given.call().action().equals("DIVIDE") && given.repot() != null
        ? Math.max(1, given.repot().pieces())
        : 1;
  }

  /**
   * Plans again from what was found out of the pot. Cuts that a person wished stand only while they
   * suit what is there: nobody with the plant in hand is refused for what was wished at a desk.
   *
   * @param before the advice the job acts on
   */
  Found found(
      JobSummary job,
      Advice before,
      List<AdviceRequest.Sign> signs,
      AdviceRequest.@Nullable Wish wish) {
    if (wish == null || !wish.cuts()) {
      return fitted(job, before, signs, wish);
    }
    try {
      Found found = fitted(job, before, signs, wish);
      if (suits(found.advice(), before)) {
        return found;
      }
    } catch (RefusedException e) {
      if (!e.faults().stream().allMatch(fault -> CUTS.contains(fault.field()))) {
        throw e;
      }
    }
    Found ruled = fitted(job, before, signs, wish.withoutCuts());
    List<String> why = new ArrayList<>(ruled.why());
    why.add(
        "The cuts that were wished do not suit what is found; those of the rules stand instead.");
    return new Found(ruled.given(), ruled.wish(), why);
  }

  /** Within the limit, and no deeper than somebody has confirmed. */
  private static boolean suits(Advice now, Advice before) {
    if (now.repot() == null) {
      return true;
    }
    boolean confirmed = before.repot() != null && before.repot().rootWork().confirm();
    Advice.RootWork work = now.repot().rootWork();
    return !work.overLimit() && (confirmed || !work.confirm());
  }

  /**
   * The planned pot stays as long as it will do, then the shelf is asked, and where nothing on it
   * will do, a pot is to be ordered.
   */
  private Found fitted(
      JobSummary job,
      Advice before,
      List<AdviceRequest.Sign> signs,
      AdviceRequest.@Nullable Wish wish) {
    List<String> why = new ArrayList<>();
    LocalDate today = clock.today();
    Order order =
        new Order(
            job.plantId(),
            job.plannedOn().isBefore(today) ? today : job.plannedOn(),
            job.shelfPotId() == null ? null : job.shelfPotId().toString());
    Optional<AdviceRequest.Pot> planned = planned(job, before);
    if (job.potId() != null) {
      Given kept =
          ask(order, signs, planned.isPresent() ? null : job.potId(), planned.orElse(null), wish);
      Advice.Repot plan = kept.advice().repot();
      if (plan == null || plan.chosen().isPresent()) {
        return new Found(kept, wish, why);
      }
      plan.candidates().stream()
          .filter(pot -> pot.id().equals(job.potId()))
          .flatMap(pot -> pot.failures().stream())
          .forEach(failure -> why.add("The pot that was planned: " + failure.text().words()));
    }
    Given now = ask(order, signs, null, null, wish);
    Advice.Repot plan = now.advice().repot();
    if (plan != null && plan.chosen().isEmpty() && plan.orderPot() != null) {
      why.add(Objects.requireNonNull(plan.order()).words());
      now = ask(order, signs, null, pot(plan.orderPot()), wish);
    }
    return new Found(now, wish, why);
  }

  /** A pot to order is known to its job alone; those on the shelf are asked for by their id. */
  private static Optional<AdviceRequest.Pot> planned(JobSummary job, Advice before) {
    return job.shelfPotId() != null || BenchAdvice.CURRENT.equals(job.potId())
        ? Optional.empty()
        : chosen(before).map(Plans::pot);
  }

  /**
   * @param wish what of the wishes still stands
   * @param why the planned pot or cuts will not do any more
   */
  record Found(Given given, AdviceRequest.@Nullable Wish wish, List<String> why) {
    Advice advice() {
      return given.advice();
    }
  }

  static List<String> why(Found found, Advice before) {
    List<String> why = new ArrayList<>(found.why());
    if (!before.call().action().equals(found.advice().call().action())) {
      why.addAll(0, found.advice().call().reasons().stream().map(Said::words).toList());
    }
    return why;
  }

  static List<Differences.Difference> changes(Advice before, Advice now, Units units) {
    return Differences.between(before, now, units).stream()
        .filter(change -> !Objects.equals(change.before(), change.after()))
        .toList();
  }
}
