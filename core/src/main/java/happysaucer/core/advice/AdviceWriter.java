package happysaucer.core.advice;

import static happysaucer.core.unit.Rounding.outgoing;

import happysaucer.core.aftercare.Aftercare;
import happysaucer.core.call.Call;
import happysaucer.core.call.Hold;
import happysaucer.core.casefile.Case;
import happysaucer.core.caution.Caution;
import happysaucer.core.finding.Finding;
import happysaucer.core.finding.Findings;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Window;
import happysaucer.core.unit.Wording;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes the stages' results into the answer: rounded figures, sentences in the reader's units. */
final class AdviceWriter {
  private final Case c;
  private final Wording wording;

  AdviceWriter(Case c) {
    this.c = c;
    this.wording = new Wording(c.units());
  }

  private Said say(Message message) {
    return wording.say(message);
  }

  List<Advice.Finding> findings(Findings findings) {
    return findings.withEvidence().stream().map(this::finding).toList();
  }

  private Advice.Finding finding(Finding finding) {
    return new Advice.Finding(
        finding.code().name(),
        finding.strength().name(),
        finding.grade().map(Enum::name).orElse(null),
        outgoing(finding.decibans()),
        finding.evidence().stream()
            .map(line -> new Advice.Evidence(line.sign(), outgoing(line.weight()), say(line.why())))
            .toList(),
        finding.discounted().stream()
            .map(line -> new Advice.Discounted(line.sign(), say(line.why()), line.setAside()))
            .toList());
  }

  Advice.Call call(Call call) {
    return new Advice.Call(
        call.action().name(),
        call.urgency().name(),
        call.window().map(Window::from).orElse(null),
        call.window().map(Window::to).orElse(null),
        call.recheck().orElse(null),
        wording.say(call.reasons()),
        call.holds().stream().map(hold -> hold(hold, call.overridden())).toList(),
        wording.say(call.interim()),
        call.also().stream()
            .map(also -> new Advice.Coded(also.code().name(), say(also.text())))
            .toList(),
        call.alternatives().stream()
            .map(other -> new Advice.Alternative(other.action().name(), say(other.when())))
            .toList(),
        call.overruled()
            .map(o -> new Advice.Overruled(o.by(), o.reason(), o.action().name()))
            .orElse(null));
  }

  private Advice.Hold hold(Hold hold, boolean overridden) {
    return new Advice.Hold(
        hold.code().name(),
        hold.firm(),
        overridden,
        say(hold.liftedBy()),
        hold.until().orElse(null));
  }

  List<Advice.Look> looks(List<LookNext.Look> looks) {
    return looks.stream()
        .map(look -> new Advice.Look(look.sign(), look.how(), say(look.why())))
        .toList();
  }

  Advice.@Nullable SlipWarning slip() {
    return SlipGuard.against(c)
        .map(reason -> new Advice.SlipWarning(reason.never(), say(reason.why())))
        .orElse(null);
  }

  Advice.Forecast forecast(Forecast forecast) {
    return new Advice.Forecast(
        forecast.rootFill().map(fill -> outgoing(fill)).orElse(null),
        forecast.clearFrom().orElse(null),
        forecast.clearTo().orElse(null),
        say(forecast.basis()));
  }

  Advice.Size size() {
    return new Advice.Size(
        outgoing(c.plant().heightMm()), outgoing(c.plant().spreadMm()), c.plant().sizeMeasured());
  }

  Advice.Aftercare aftercare(Aftercare aftercare) {
    return new Advice.Aftercare(
        aftercare.plan().name(),
        aftercare.steps().stream()
            .map(
                step ->
                    new Advice.CareStep(
                        step.window().from(),
                        step.window().to(),
                        step.kind().name(),
                        step.who().name(),
                        say(step.text())))
            .toList(),
        aftercare.weeks().stream()
            .map(
                week ->
                    new Advice.Week(
                        week.week(),
                        week.from(),
                        outgoing(week.everyDays()),
                        outgoing(week.litres())))
            .toList());
  }

  List<Advice.Coded> cautions(List<Caution> cautions) {
    return cautions.stream()
        .map(caution -> new Advice.Coded(caution.code().name(), say(caution.text())))
        .toList();
  }
}
