package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Kept;
import happysaucer.core.advice.RefusedException;
import happysaucer.core.pot.Pot;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.PlantCases.Gathered;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks the core about a stored plant at the bench: its pots, cuts and what the slip shows. */
@Service
public class BenchAdvice {
  /** The pot a plant stands in, as candidates name it. */
  public static final String CURRENT = "current";

  private static final String SIGNS = "signs[";

  private final PlantCases cases;
  private final Books books;
  private final TeamClock clock;
  private final Stock stock;
  private final Remembered remembered;

  BenchAdvice(PlantCases cases, Books books, TeamClock clock, Stock stock, Remembered remembered) {
    this.remembered = remembered;
    this.cases = cases;
    this.books = books;
    this.clock = clock;
    this.stock = stock;
  }

  /** What the team has in stock, or trade sizes where it keeps none. */
  AdviceRequest stocked(AdviceRequest request) {
    return stock.free().map(request::withCandidates).orElse(request);
  }

  /**
   * What is asked at the question.
   *
   * @param found with the plant out of its pot, on top of what is known
   * @param potId the only pot to look at: on the shelf, a trade size, or "current"; null for all
   * @param pot a pot that may exist nowhere, in place of potId
   * @param wish what is to be done otherwise than the rules would
   * @param reserved id of a pot to look at although it is not free
   * @param workOn day of the work; null for the first the call gives
   */
  public record Question(
      List<AdviceRequest.Sign> found,
      @Nullable String potId,
      AdviceRequest.@Nullable Pot pot,
      AdviceRequest.@Nullable Wish wish,
      @Nullable String reserved,
      @Nullable LocalDate workOn) {
    /** With the pot that is asked about picked: the plan is made for it, where it will do. */
    private AdviceRequest.@Nullable Wish wished() {
      String id = pot == null ? potId : pot.id();
      return wish == null && id == null
          ? null
          : Objects.requireNonNullElse(wish, AdviceRequest.Wish.NONE).picking(id);
    }
  }

  /**
   * The advice of today for a stored plant at the question.
   *
   * @throws NotFoundException when there is no such plant
   */
  public Advice of(UUID plant, Question question, Units units) {
    return given(plant, question, units).advice();
  }

  /** The same with the case it answers. */
  public Given given(UUID plant, Question question, Units units) {
    return given(kept(plant, question, units));
  }

  /**
   * A case that was asked before, answered by the team's book of now.
   *
   * @throws RefusedException when the book does not know it any more
   */
  public Given again(AdviceRequest asked) {
    return given(books.team().kept(asked));
  }

  private Given given(Kept kept) {
    return new Given(kept.request(), remembered.advise(books.team(), kept));
  }

  /** What is asked just now is told its faults; bad facts on record are left out. */
  private Kept kept(UUID plant, Question question, Units units) {
    AdviceRequest request = request(plant, question, units);
    Set<String> found =
        question.found().stream()
            .map(AdviceRequest.Sign::code)
            .filter(Objects::nonNull)
            .collect(Collectors.toSet());
    return books
        .team()
        .kept(
            request,
            fault ->
                fault.field().startsWith("wish.")
                    || (question.pot() != null && fault.field().startsWith("candidates"))
                    || foundNow(request, fault.field(), found));
  }

  private static boolean foundNow(AdviceRequest request, String field, Set<String> found) {
    int end = field.indexOf(']');
    if (!field.startsWith(SIGNS) || end < 0 || request.signs() == null) {
      return false;
    }
    String code =
        request.signs().get(Integer.parseInt(field.substring(SIGNS.length(), end))).code();
    return code == null || found.contains(code);
  }

  private AdviceRequest request(UUID plant, Question question, Units units) {
    LocalDate today = clock.today();
    Gathered gathered = cases.gather(plant, today);
    Map<String, AdviceRequest.Sign> signs = new LinkedHashMap<>();
    gathered.signs().forEach(sign -> signs.put(sign.code(), sign));
    question.found().forEach(sign -> signs.put(sign.code(), sign));
    AdviceRequest request =
        gathered
            .request(
                today,
                units,
                List.copyOf(signs.values()),
                gathered.states(),
                gathered.openAsides(
                    question.found().stream().map(AdviceRequest.Sign::code).toList()))
            .withWish(question.wished())
            .workedOn(question.workOn());
    if (question.pot() != null) {
      return request.withCandidates(List.of(question.pot()));
    }
    if (question.potId() != null) {
      return request.withCandidates(
          List.of(
              question.potId().equals(CURRENT)
                  ? gathered.plant().pot().withId(CURRENT)
                  : known(question.potId())));
    }
    AdviceRequest stocked = stocked(request);
    AdviceRequest.Pot own =
        question.reserved() == null ? null : stock.pot(question.reserved()).orElse(null);
    if (own == null || stocked.candidates() == null || stocked.candidates().contains(own)) {
      return stocked;
    }
    List<AdviceRequest.Pot> pots = new ArrayList<>(stocked.candidates());
    pots.add(own);
    return stocked.withCandidates(pots);
  }

  private AdviceRequest.Pot known(String id) {
    return stock
        .pot(id)
        .or(
            () ->
                books.team().book().tradeSizes().stream()
                    .filter(size -> size.id().equals(id))
                    .map(BenchAdvice::candidate)
                    .findFirst())
        .orElseThrow(
            () -> InputException.of("potId", "There is no such pot any more. Choose another.", id));
  }

  private static AdviceRequest.Pot candidate(Pot size) {
    return new AdviceRequest.Pot(
        size.id(),
        size.shape().name(),
        size.material().name(),
        size.topMm(),
        size.inside().baseMm(),
        null,
        null,
        size.heightMm(),
        null,
        size.footMm(),
        size.massG(),
        size.drainHoles(),
        false,
        size.feet(),
        size.wireHoles());
  }

  /** Pots that would be compared were they not all reserved, with their figures for this plant. */
  public List<Advice.Candidate> taken(UUID plant, Units units) {
    List<AdviceRequest.Pot> taken = stock.taken();
    if (taken.isEmpty()) {
      return List.of();
    }
    LocalDate today = clock.today();
    Kept kept =
        books.team().kept(cases.gather(plant, today).request(today, units).withCandidates(taken));
    Advice.Repot plan = remembered.advise(books.team(), kept).repot();
    return plan == null
        ? List.of()
        : plan.candidates().stream().filter(pot -> !pot.id().equals(CURRENT)).toList();
  }
}
