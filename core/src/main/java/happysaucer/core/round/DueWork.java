package happysaucer.core.round;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is due at a plant on the day of a round, what presses first. */
public final class DueWork {
  /** A plant in care is looked at so often even when nothing was asked for, days. */
  private static final int LOOK_EVERY_DAYS = 28;

  private DueWork() {}

  /** In the order in which a technician takes them. */
  public enum Kind {
    JOB,
    FOLLOW_UP,
    CALL,
    CHECK,
    RECORD
  }

  /**
   * @param key of the job or the step it is about, empty for the others
   */
  public record Due<K>(Kind kind, String text, Optional<K> key) {}

  /**
   * A repot that is planned.
   *
   * @param note what has come in its way, empty when nothing has
   */
  public record Planned<K>(K key, LocalDate on, Optional<String> note) {}

  /** A step of aftercare that a technician does. */
  public record Step<K>(K key, LocalDate from, LocalDate to, String text) {}

  /**
   * What is known of the plant that day.
   *
   * @param urgency of its call
   * @param reason that leads the call
   * @param steps not done yet, for a technician
   * @param mend something on its record cannot be counted
   */
  public record Day<K>(
      LocalDate day,
      Optional<LocalDate> lastChecked,
      Optional<LocalDate> recheckOn,
      String urgency,
      String reason,
      Optional<Planned<K>> job,
      List<Step<K>> steps,
      boolean mend) {}

  public static <K> List<Due<K>> on(Day<K> d) {
    List<Due<K>> due = new ArrayList<>();
    d.job().filter(job -> !job.on().isAfter(d.day())).ifPresent(job -> due.add(job(job, d.day())));
    for (Step<K> step : d.steps()) {
      if (!step.from().isAfter(d.day())) {
        String missed = step.to().isBefore(d.day()) ? "Missed follow-up: " : "";
        due.add(new Due<>(Kind.FOLLOW_UP, missed + step.text(), Optional.of(step.key())));
      }
    }
    boolean presses = d.urgency().equals("NOW") || d.urgency().equals("SOON");
    if (presses && d.job().isEmpty()) {
      due.add(new Due<>(Kind.CALL, d.reason(), Optional.empty()));
    }
    if (d.mend()) {
      due.add(
          new Due<>(
              Kind.RECORD, "Something on its record cannot be counted: mend it", Optional.empty()));
    }
    if (lookIsDue(d)) {
      due.add(
          new Due<>(
              Kind.CHECK,
              d.lastChecked().isEmpty() ? "First check" : "Check due",
              Optional.empty()));
    }
    return due;
  }

  private static <K> Due<K> job(Planned<K> job, LocalDate day) {
    String when =
        job.on().isBefore(day) ? "Repot planned for " + job.on() : "Repot planned for today";
    return new Due<>(
        Kind.JOB, job.note().map(note -> when + ". " + note).orElse(when), Optional.of(job.key()));
  }

  private static <K> boolean lookIsDue(Day<K> d) {
    boolean asked = d.recheckOn().map(on -> !on.isAfter(d.day())).orElse(false);
    boolean longAgo =
        d.lastChecked().map(on -> !on.plusDays(LOOK_EVERY_DAYS).isAfter(d.day())).orElse(true);
    return asked || longAgo;
  }

  /** What presses most comes first: 0 for an emergency, then by what is due. */
  public static <K> int rank(Saucer saucer, List<Due<K>> due) {
    return saucer == Saucer.URGENT
        ? 0
        : due.stream().mapToInt(d -> 1 + d.kind().ordinal()).min().orElse(9);
  }
}
