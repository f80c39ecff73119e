package happysaucer.core.advice;

import happysaucer.core.aftercare.Aftercare;
import happysaucer.core.aftercare.AftercareRules;
import happysaucer.core.book.Book;
import happysaucer.core.call.Call;
import happysaucer.core.call.Decide;
import happysaucer.core.casefile.Case;
import happysaucer.core.caution.Caution;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.Findings;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.repot.Candidate;
import happysaucer.core.repot.Cautions;
import happysaucer.core.repot.Repot;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.sign.SignCode;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.util.List;
import java.util.Optional;

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
    Completion.Completed completed = Completion.of(request, book);
    Case c = completed.complete();
    Looked looked = look(c);
    Call call = looked.call();
    WaterModel water = new WaterModel(c, book.media(), looked.forecast().fillOrUnknown());
    Drying before = water.before();
    AftercareRules care = new AftercareRules(c, book.media(), water);
    Optional<RepotPlan> plan = Optional.empty();
    Aftercare aftercare = care.interim(call);
    if (call.needsPlan()) {
      plan =
          Optional.of(
              Repot.plan(c, call, looked.findings(), book.media(), book.tradeSizes(), water));
      aftercare = care.after(call, plan.get(), before);
    }
    List<Caution> cautions = Cautions.of(c, call, plan);
    Optional<Candidate> chosen = plan.flatMap(RepotPlan::chosen);
    AdviceWriter writer = new AdviceWriter(book, c);
    return new Advice(
        book.version(),
        writer.findings(looked.findings()),
        writer.call(call),
        writer.looks(
            new LookNext(
                    book,
                    assess,
                    c,
                    looked.expectation(),
                    looked.forecast(),
                    call,
                    looked.findings())
                .looks()),
        writer.forecast(looked.forecast()),
        plan.map(writer::repot).orElse(null),
        new Advice.Water(
            writer.present(before, water.measured()),
            chosen
                .flatMap(Candidate::firstCycle)
                .map(drying -> writer.drying(drying, water.measured()))
                .orElse(null),
            chosen
                .flatMap(Candidate::settled)
                .map(drying -> writer.drying(drying, water.measured()))
                .orElse(null)),
        writer.aftercare(aftercare),
        writer.cautions(cautions),
        completed.assumed());
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
    Case c = Completion.of(request, book).complete();
    Looked looked = look(c);
    AdviceWriter writer = new AdviceWriter(book, c);
    return new Glance(writer.call(looked.call()), writer.forecast(looked.forecast()));
  }

  /** What a list shows of one plant. */
  public record Glance(Advice.Call call, Advice.Forecast forecast) {}

  private record Looked(Forecast forecast, Expectation expectation, Findings findings, Call call) {}

  private Looked look(Case c) {
    Forecast forecast = Forecast.of(c);
    Optional<Double> uncrowded =
        c.signs().present(SignCode.DRIES_TOO_FAST)
            ? Optional.of(WaterModel.uncrowdedDays(c, book.media()))
            : Optional.empty();
    Expectation expectation =
        new Expectation(forecast.grade(), Forecast.intervalRatio(c), uncrowded);
    Findings findings = assess.findings(c, expectation);
    return new Looked(forecast, expectation, findings, Decide.call(c, findings, forecast));
  }
}
