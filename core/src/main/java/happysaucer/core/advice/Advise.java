package happysaucer.core.advice;

import happysaucer.core.aftercare.Aftercare;
import happysaucer.core.aftercare.AftercareRules;
import happysaucer.core.book.Book;
import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.call.Decide;
import happysaucer.core.call.Windows;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.Findings;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.method.MethodTable;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.repot.Candidate;
import happysaucer.core.repot.Cautions;
import happysaucer.core.repot.Repot;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.species.Refill;
import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * The one function behind every screen: same request and book in, same advice out. It runs in
 * stages: complete, assess, decide, size, dry, aftercare.
 */
public final class Advise {
  private final Book book;
  private final Assess assess;

  public Advise(Book book) {
    this.book = book;
    this.assess = new Assess(book.weights(), book.signs());
  }

  public Book book() {
    return book;
  }

  /**
   * The whole advice.
   *
   * @throws RefusedException with all faults of the request
   */
  public Advice advise(AdviceRequest request) {
    return advise(Kept.whole(request, book));
  }

  /** The whole advice on what is kept of a record, naming what was left out. */
  public Advice advise(Kept kept) {
    Completion.Completed completed = kept.completed();
    Case c = completed.complete();
    Looked looked = look(c);
    Call call = looked.call();
    WaterModel water = new WaterModel(c, book.media(), looked.forecast().fillOrUnknown());
    Drying before = water.before();
    AftercareRules care = new AftercareRules(c, water);
    Optional<RepotPlan> plan =
        call.needsPlan()
            ? Optional.of(
                Repot.plan(
                    c,
                    call,
                    looked.findings(),
                    book.media(),
                    book.tradeSizes(),
                    water,
                    looked.expectation().pushN()))
            : Optional.empty();
    Aftercare aftercare =
        plan.map(repot -> care.after(call, repot, before)).orElseGet(() -> care.interim(call));
    AdviceWriter writer = new AdviceWriter(c);
    PotWriter pots = new PotWriter(book, c);
    return new Advice(
        book.version(),
        writer.findings(looked.findings()),
        writer.call(call),
        writer.looks(lookNext(c, looked)),
        writer.slip(),
        writer.forecast(looked.forecast()),
        plan.map(pots::repot).orElse(null),
        pots.present(),
        writer.size(),
        new WaterWriter(new Wording(c.units()))
            .water(
                before,
                aftercare.after(),
                plan.flatMap(RepotPlan::chosen).flatMap(Candidate::settled),
                water),
        writer.aftercare(aftercare),
        writer.cautions(Cautions.of(c, call, plan)),
        completed.assumed(),
        kept.leftOut().stream().map(Advice.LeftOut::of).toList());
  }

  /** Thirst of a plant on any day, against one of twelve hours of light on which it is awake. */
  public ToDoubleFunction<LocalDate> thirst(Kept kept) {
    return kept.completed().complete()::thirst;
  }

  /**
   * How a plant's pot dries, and would in wider ones, whether or not it is to be potted.
   *
   * @param felt how wet it felt at checks in this pot
   * @throws RefusedException when it cannot be answered
   */
  public DryDowns dryDowns(AdviceRequest request, List<DryDowns.Felt> felt) {
    AdviceRequest.Overrule asked =
        new AdviceRequest.Overrule(
            Action.POT_UP.name(), null, null, null, "To compare widths.", "the drawing");
    Kept present = kept(request);
    Case is = present.completed().complete();
    if (is.plant().refill() == Refill.RESERVOIR) {
      return DryDowns.of(
          is, new WaterModel(is, book.media(), Forecast.of(is).fillOrUnknown()), null, felt);
    }
    Case c =
        kept(present
                .request()
                .withWish(null)
                .withCandidates(DryDowns.pots(is.pot()))
                .overruled(asked))
            .completed()
            .complete();
    Looked looked = look(c);
    WaterModel water = new WaterModel(c, book.media(), looked.forecast().fillOrUnknown());
    RepotPlan plan =
        looked.call().needsPlan()
            ? Repot.plan(
                c,
                looked.call(),
                looked.findings(),
                book.media(),
                book.tradeSizes(),
                water,
                looked.expectation().pushN())
            : null;
    return DryDowns.of(c, water, plan, felt);
  }

  private List<LookNext.Look> lookNext(Case c, Looked looked) {
    return new LookNext(
            book,
            assess,
            c,
            looked.expectation(),
            looked.forecast(),
            looked.windows(),
            looked.findings())
        .looks();
  }

  /**
   * The water balance of a case on its own, to ask about pots that are not among its candidates.
   *
   * @throws RefusedException with all faults of the request
   */
  public WaterModel water(AdviceRequest request) {
    Case c = Completion.of(request, book).complete();
    return new WaterModel(c, book.media(), Forecast.of(c).fillOrUnknown());
  }

  /**
   * One pot on its own, completed: for a shelf, where no plant is asked about.
   *
   * @throws RefusedException with all faults, at "pot." and the measure
   */
  public static Pot pot(AdviceRequest.Pot given) {
    Checks checks = new Checks();
    Pot pot = new PotCompletion(checks).pot("pot", given, Material.PLASTIC);
    if (pot == null || !checks.faultless()) {
      throw new RefusedException(checks.faults());
    }
    return pot;
  }

  /**
   * A request from the record, without the facts that the rules refuse.
   *
   * @throws RefusedException when even without them it cannot be answered
   */
  public Kept kept(AdviceRequest request) {
    return Kept.of(request, book, fault -> false);
  }

  /**
   * The same, where some of it is being given just now.
   *
   * @param strict faults of what is given now
   * @throws RefusedException with the strict faults
   */
  public Kept kept(AdviceRequest request, Predicate<Fault> strict) {
    return Kept.of(request, book, strict);
  }

  /** One pot from the record, without the measures that the rules refuse. */
  public static Kept.KeptPot keptPot(AdviceRequest.Pot given) {
    return Kept.pot(given);
  }

  /** All faults of a request, none when it can be answered. */
  public List<Fault> faults(AdviceRequest request) {
    try {
      Completion.of(request, book);
      return List.of();
    } catch (RefusedException e) {
      return e.faults();
    }
  }

  /**
   * Only the call and its findings, for lists of many plants.
   *
   * @throws RefusedException with all faults of the request
   */
  public Glance glance(AdviceRequest request) {
    return glance(Kept.whole(request, book));
  }

  /** The same of what is kept of a record. */
  public Glance glance(Kept kept) {
    Case c = kept.completed().complete();
    Looked looked = look(c);
    AdviceWriter writer = new AdviceWriter(c);
    return new Glance(
        writer.call(looked.call()), writer.forecast(looked.forecast()), kept.leftOut().size());
  }

  /**
   * Share of the water for its roots that is likely left in the present pot: by its weight of that
   * day, or by what it uses since its last watering.
   *
   * @param daysSince that watering
   */
  public double waterLeft(Kept kept, double daysSince) {
    Case c = kept.completed().complete();
    WaterModel water = new WaterModel(c, book.media(), Forecast.of(c).fillOrUnknown());
    return Rounding.outgoing(
        water
            .now()
            .filter(now -> !now.tellsLittle())
            .map(WaterModel.Now::wetness)
            .orElseGet(() -> water.leftAfter(daysSince)));
  }

  /** Litres that bring the present pot from its refill point to full, the run-through included. */
  public double pourLitres(Kept kept) {
    Case c = kept.completed().complete();
    return Rounding.outgoing(
        new WaterModel(c, book.media(), Forecast.of(c).fillOrUnknown()).before().pourLitres());
  }

  /** What another choice of the method would make of the call. */
  public record Turn(String key, String option, String action, String urgency) {}

  /**
   * The choices of the method that decide this call: each single other option that would make
   * another of it.
   *
   * @throws RefusedException with all faults of the request
   */
  public List<Turn> turns(AdviceRequest request) {
    Case c = Completion.of(request, book).complete();
    Looked looked = look(c);
    List<Turn> turns = new ArrayList<>();
    Map<String, String> choice = request.method() == null ? Map.of() : request.method().byKey();
    for (MethodTable.Question question : book.methods().questions()) {
      if (!question.turnsCalls() || question.options().isEmpty()) {
        continue;
      }
      String chosen = choice.getOrDefault(question.key(), question.options().get(0).code());
      for (MethodTable.Option option : question.options()) {
        if (!option.code().equals(chosen)) {
          Map<String, String> other = new LinkedHashMap<>(choice);
          other.put(question.key(), option.code());
          Call call =
              look(c.withMethod(
                      MethodCompletion.of(AdviceRequest.MethodChoice.of(other), new Checks())))
                  .call();
          if (call.action() != looked.call().action()
              || call.urgency() != looked.call().urgency()) {
            turns.add(
                new Turn(
                    question.key(), option.code(), call.action().name(), call.urgency().name()));
          }
        }
      }
    }
    return turns;
  }

  /**
   * The reasons of the call, by their keys, for which nothing was seen, said or measured. None, if
   * the rules hold: this is for whoever examines them.
   *
   * @throws RefusedException with all faults of the request
   */
  public List<String> unfounded(AdviceRequest request) {
    Case c = Completion.of(request, book).complete();
    Looked l = look(c);
    return Decide.unfounded(c, l.findings(), l.forecast(), l.expectation(), l.call());
  }

  /** What a list shows of one plant. */
  public record Glance(Advice.Call call, Advice.Forecast forecast, int leftOut) {}

  private record Looked(
      Forecast forecast, Expectation expectation, Windows windows, Findings findings, Call call) {}

  private Looked look(Case c) {
    Forecast forecast = Forecast.of(c);
    Expectation expectation = PresentPot.expectation(c, forecast, book.media());
    Windows windows = new Windows(c);
    Findings findings = assess.findings(c, expectation);
    return new Looked(
        forecast,
        expectation,
        windows,
        findings,
        Decide.call(c, findings, forecast, expectation, windows));
  }
}
