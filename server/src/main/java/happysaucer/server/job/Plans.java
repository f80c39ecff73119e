package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Differences;
import happysaucer.core.advice.RefusedException;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.BenchAdvice;
import happysaucer.server.job.Jobs.PlanRequest;
import happysaucer.server.problem.InputException;
import happysaucer.server.shelf.Shelf;
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

  Plans(BenchAdvice advice, Shelf shelf) {
    this.advice = advice;
    this.shelf = shelf;
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
   * The advice for what somebody picked.
   *
   * @throws InputException when there is nothing to repot, or the pot or the cuts will not do
   */
  Advice given(UUID plant, PlanRequest request, @Nullable String reserved, Units units) {
    Advice given =
        advice.of(
            plant,
            new BenchAdvice.Question(List.of(), request.potId(), null, request.wish(), reserved),
            units);
    if (Boolean.TRUE.equals(request.order())) {
      given = ordered(plant, request, given, units);
    }
    check(plant, request, given);
    return given;
  }

  private Advice ordered(UUID plant, PlanRequest request, Advice given, Units units) {
    if (given.repot() == null || given.repot().orderPot() == null) {
      throw InputException.of("order", "A pot that is at hand will do: choose it.", true);
    }
    return advice.of(
        plant,
        new BenchAdvice.Question(
            List.of(), null, pot(given.repot().orderPot()), request.wish(), null),
        units);
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
              ? given.repot().order()
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
      AdviceRequest.@Nullable Wish wish,
      Units units) {
    if (wish == null || !wish.cuts()) {
      return fitted(job, before, signs, wish, units);
    }
    try {
      Found found = fitted(job, before, signs, wish, units);
      if (suits(found.advice(), before)) {
        return found;
      }
    } catch (RefusedException e) {
      if (!e.faults().stream().allMatch(fault -> CUTS.contains(fault.field()))) {
        throw e;
      }
    }
    Found ruled = fitted(job, before, signs, wish.withoutCuts(), units);
    List<String> why = new ArrayList<>(ruled.why());
    why.add(
        "The cuts that were wished do not suit what is found; those of the rules stand instead.");
    return new Found(ruled.advice(), ruled.wish(), why);
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
      AdviceRequest.@Nullable Wish wish,
      Units units) {
    List<String> why = new ArrayList<>();
    String reserved = job.shelfPotId() == null ? null : job.shelfPotId().toString();
    Optional<AdviceRequest.Pot> planned = planned(job, before);
    if (job.potId() != null) {
      Advice kept =
          advice.of(
              job.plantId(),
              new BenchAdvice.Question(
                  signs,
                  planned.isPresent() ? null : job.potId(),
                  planned.orElse(null),
                  wish,
                  reserved),
              units);
      if (kept.repot() == null || chosen(kept).isPresent()) {
        return new Found(kept, wish, why);
      }
      kept.repot().candidates().stream()
          .filter(pot -> pot.id().equals(job.potId()))
          .flatMap(pot -> pot.failures().stream())
          .forEach(failure -> why.add("The pot that was planned: " + failure.text()));
    }
    Advice now =
        advice.of(
            job.plantId(), new BenchAdvice.Question(signs, null, null, wish, reserved), units);
    if (now.repot() != null && chosen(now).isEmpty() && now.repot().orderPot() != null) {
      why.add(Objects.requireNonNull(now.repot().order()));
      now =
          advice.of(
              job.plantId(),
              new BenchAdvice.Question(signs, null, pot(now.repot().orderPot()), wish, null),
              units);
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
  record Found(Advice advice, AdviceRequest.@Nullable Wish wish, List<String> why) {}

  static List<String> why(Found found, Advice before) {
    List<String> why = new ArrayList<>(found.why());
    if (!before.call().action().equals(found.advice().call().action())) {
      why.addAll(0, found.advice().call().reasons());
    }
    return why;
  }

  static List<Differences.Difference> changes(Advice before, Advice now, Units units) {
    return Differences.between(before, now, units).stream()
        .filter(change -> !Objects.equals(change.before(), change.after()))
        .toList();
  }
}
