package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.RefusedException;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Wording;
import happysaucer.server.advice.AdviceJson;
import happysaucer.server.advice.BenchAdvice;
import happysaucer.server.advice.Given;
import happysaucer.server.job.JobMapper.StepRow;
import happysaucer.server.job.Jobs.StepView;
import happysaucer.server.problem.InputException;
import happysaucer.server.team.CurrentUser;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The advice a job acts on. It is kept with the case it answers, said in the units of whoever reads
 * it, and given anew for the day when the job is moved or done.
 */
@Component
class JobAdvice {
  private final JobMapper mapper;
  private final BenchAdvice advice;
  private final AdviceJson json;
  private final CurrentUser user;

  JobAdvice(JobMapper mapper, BenchAdvice advice, AdviceJson json, CurrentUser user) {
    this.mapper = mapper;
    this.advice = advice;
    this.json = json;
    this.user = user;
  }

  /** As it was given, in the units of whoever asks. */
  Advice of(UUID job) {
    return json.advice(Objects.requireNonNull(mapper.advice(job)), user.units());
  }

  /** As it was kept. */
  Advice read(String kept) {
    return json.advice(kept, user.units());
  }

  String kept(Given given) {
    return json.written(given.advice());
  }

  String asked(Given given) {
    return json.written(given.asked());
  }

  /**
   * The same work on another day: what is dated follows. Where the book has changed so much that it
   * would be other work, or another pot, it stays as it was given, with its dates moved.
   *
   * @return the advice the job acts on from now on
   */
  Advice workedOn(JobSummary job, LocalDate day) {
    Advice before = of(job.id());
    if (before.repot() == null || day.equals(before.repot().workOn())) {
      return before;
    }
    Optional<Given> again = again(job, day);
    if (again.isEmpty()) {
      return moved(job, before, day);
    }
    Advice now = again.get().advice();
    mapper.redate(job.id(), kept(again.get()), asked(again.get()), now.bookVersion());
    follow(job.id(), before, now);
    return now;
  }

  private Advice moved(JobSummary job, Advice before, LocalDate day) {
    LocalDate was = before.repot() == null ? null : before.repot().workOn();
    String kept =
        json.moved(
            Objects.requireNonNull(mapper.advice(job.id())),
            was == null ? Objects.requireNonNull(before.call().from()) : was,
            day);
    mapper.redate(job.id(), kept, mapper.asked(job.id()), before.bookVersion());
    Advice now = of(job.id());
    follow(job.id(), before, now);
    return now;
  }

  private Optional<Given> again(JobSummary job, LocalDate day) {
    try {
      String asked = mapper.asked(job.id());
      Given again =
          asked == null
              ? fromTheRecord(job, day)
              : advice.again(json.asked(asked).workedOn(day).in(user.units().name()));
      return again.advice().call().action().equals(job.action())
              && Objects.equals(
                  Plans.chosen(again.advice()).map(Advice.Candidate::id).orElse(null), job.potId())
          ? Optional.of(again)
          : Optional.empty();
    } catch (RefusedException | InputException e) {
      // the book does not know its kind any more, or its pot is gone
      return Optional.empty();
    }
  }

  /** A job from before its case was kept with it: the case of now, with its own pot and wishes. */
  private Given fromTheRecord(JobSummary job, LocalDate day) {
    String wish = mapper.extras(job.id()).wish();
    return advice.given(
        job.plantId(),
        new BenchAdvice.Question(
            List.of(),
            job.potId(),
            null,
            wish == null ? null : json.wish(wish),
            job.shelfPotId() == null ? null : job.shelfPotId().toString(),
            day),
        user.units());
  }

  /** Steps and needs of an advice in the place of those of another. */
  void follow(UUID job, @Nullable Advice before, Advice now) {
    steps(job, before, now);
    mapper.clearNeeds(job);
    List<Advice.Need> needs = now.repot() == null ? List.of() : now.repot().needs();
    if (!needs.isEmpty()) {
      mapper.addNeeds(job, needs);
    }
  }

  /** Ticks stay where a step does. */
  private void steps(UUID job, @Nullable Advice before, Advice now) {
    Map<String, StepRow> ticked = new HashMap<>();
    if (before != null) {
      List<Advice.Step> said = steps(before);
      for (StepRow row : mapper.steps(job)) {
        if (row.tickedAt() != null && row.position() < said.size()) {
          names(said, row.position()).forEach(name -> ticked.put(name, row));
        }
      }
      mapper.clearSteps(job);
    }
    List<Advice.Step> steps = steps(now);
    List<StepRow> rows = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      Optional<StepRow> tick =
          names(steps, i).stream().map(ticked::get).filter(Objects::nonNull).findFirst();
      Advice.Step step = steps.get(i);
      rows.add(
          new StepRow(
              i,
              step.phase(),
              step.text().message().key(),
              tick.map(StepRow::tickedAt).orElse(null),
              tick.map(StepRow::tickedBy).orElse(null)));
    }
    mapper.addSteps(job, rows);
  }

  /** By what a step is known again: its key, or where it was kept in words, these. */
  private static List<String> names(List<Advice.Step> steps, int position) {
    Advice.Step step = steps.get(position);
    String key = step.phase() + "/" + step.text().message().key();
    long nth =
        steps.subList(0, position).stream()
            .filter(other -> key.equals(other.phase() + "/" + other.text().message().key()))
            .count();
    String words = step.phase() + ": " + step.text().words();
    return step.text().message().key().equals(Message.WRITTEN)
        ? List.of(words)
        : List.of(key + "/" + nth, words);
  }

  private List<Advice.Step> steps(Advice given) {
    if (given.repot() != null) {
      return given.repot().steps();
    }
    List<Message> why = new ArrayList<>();
    why.add(Message.of("step.putBack"));
    given.call().reasons().stream().map(Said::message).forEach(why::add);
    return List.of(
        new Advice.Step(
            "AFTER",
            new Wording(user.units()).say(new Message("step.unrepotted", List.copyOf(why)))));
  }

  List<StepView> views(UUID job, Advice given) {
    List<Advice.Step> steps = steps(given);
    return mapper.steps(job).stream()
        .filter(row -> row.position() < steps.size())
        .map(
            row ->
                new StepView(
                    row.position(), row.phase(), steps.get(row.position()).text(), row.tickedAt()))
        .toList();
  }
}
