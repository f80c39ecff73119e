package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.RefusedException;
import happysaucer.core.round.Saucer;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.AdviceService.Advised;
import happysaucer.server.advice.BenchAdvice;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.shelf.Shelf.FitsWith;
import happysaucer.server.shelf.Shelf.ReservationView;
import happysaucer.server.shelf.Shelf.ShelfItem;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every pot on the shelf for one plant, and what a pot or cuts of one's own would make of it. */
@Service
class PlantFit {
  /** The id of a pot that exists nowhere and is asked about all the same. */
  private static final String THOUGHT_OF = "what-if";

  private final AdviceService advice;
  private final BenchAdvice bench;
  private final Jobs jobs;
  private final Shelf shelf;
  private final Books books;

  PlantFit(AdviceService advice, BenchAdvice bench, Jobs jobs, Shelf shelf, Books books) {
    this.advice = advice;
    this.bench = bench;
    this.jobs = jobs;
    this.shelf = shelf;
    this.books = books;
  }

  /**
   * @param keepsStock whether the team keeps a shelf; otherwise trade sizes are compared
   * @param pots what the shelf knows of each candidate
   * @param taken pots that are all reserved, with their figures, and who has them
   * @param jobWish what the open job does otherwise than the rules would
   */
  public record FitView(
      StoredPlant plant,
      Saucer saucer,
      @Nullable Double waterLeft,
      Advice advice,
      boolean keepsStock,
      List<PotTag> pots,
      List<TakenPot> taken,
      List<MixName> mixes,
      String potStep,
      @Nullable JobSummary openJob,
      AdviceRequest.@Nullable Wish jobWish) {}

  /**
   * @param covers on the shelf in which it stands
   */
  public record PotTag(
      UUID id, String name, int free, @Nullable Integer priceCents, List<FitsWith> covers) {}

  public record TakenPot(String name, Advice.Candidate candidate, List<ReservationView> by) {}

  public record MixName(String code, String label) {}

  /**
   * A question about a pot that may exist nowhere.
   *
   * @param potId of a pot on the shelf or a trade size, or "current"
   * @param pot measures of one's own, in place of potId
   * @param wish cuts, gaps, mix or level in place of what the rules say
   */
  public record WhatIfRequest(
      @Nullable String potId, AdviceRequest.@Nullable Pot pot, AdviceRequest.@Nullable Wish wish) {}

  @Transactional(readOnly = true)
  public FitView of(UUID plant, Units units) {
    Advised advised = advice.of(plant, units);
    JobSummary open = jobs.openOf(List.of(plant)).get(plant);
    String reserved =
        open == null || open.shelfPotId() == null ? null : open.shelfPotId().toString();
    AdviceRequest.Wish wish = open == null ? null : jobs.of(open.id()).wish();
    Advice given =
        reserved == null && wish == null ? advised.advice() : wished(plant, wish, reserved, units);
    List<ShelfItem> items = shelf.view().items();
    Map<String, ShelfItem> byId = new HashMap<>();
    items.forEach(item -> byId.put(item.pot().id().toString(), item));
    return new FitView(
        advised.plant(),
        advised.saucer(),
        advised.waterLeft(),
        given,
        !items.isEmpty(),
        given.repot() == null
            ? List.of()
            : given.repot().candidates().stream()
                .map(candidate -> byId.get(candidate.id()))
                .filter(Objects::nonNull)
                .map(
                    item ->
                        new PotTag(
                            item.pot().id(),
                            item.pot().name(),
                            item.free(),
                            item.pot().priceCents(),
                            item.fits()))
                .toList(),
        given.repot() == null
            ? List.of()
            : bench.taken(plant, units).stream()
                .filter(candidate -> !candidate.id().equals(reserved))
                .map(candidate -> taken(candidate, byId))
                .flatMap(Optional::stream)
                .toList(),
        books.team().book().media().mixes().stream()
            .map(mix -> new MixName(mix.code(), mix.label()))
            .toList(),
        potStep(advised),
        open,
        wish);
  }

  /** What a job was planned to do otherwise counts while it still can be done. */
  private Advice wished(
      UUID plant, AdviceRequest.@Nullable Wish wish, @Nullable String reserved, Units units) {
    try {
      return bench.of(
          plant, new BenchAdvice.Question(List.of(), null, null, wish, reserved, null), units);
    } catch (RefusedException e) {
      return bench.of(
          plant, new BenchAdvice.Question(List.of(), null, null, null, reserved, null), units);
    }
  }

  private static Optional<TakenPot> taken(Advice.Candidate candidate, Map<String, ShelfItem> byId) {
    ShelfItem item = byId.get(candidate.id());
    return item == null
        ? Optional.empty()
        : Optional.of(new TakenPot(item.pot().name(), candidate, item.reservations()));
  }

  /** The school of pot step the method follows for this plant. */
  private static String potStep(Advised advised) {
    return advised.method().chosen().stream()
        .filter(choice -> choice.key().equals("potStep"))
        .map(AdviceService.ChoiceView::option)
        .findFirst()
        .orElse("SMALL_STEP");
  }

  /** The whole advice with that pot and that work. */
  @Transactional(readOnly = true)
  public Advice whatIf(UUID plant, WhatIfRequest request, Units units) {
    AdviceRequest.Pot pot = request.pot();
    return bench.of(
        plant,
        new BenchAdvice.Question(
            List.of(),
            request.potId(),
            pot == null ? null : pot.withId(THOUGHT_OF),
            request.wish(),
            null,
            null),
        units);
  }
}
