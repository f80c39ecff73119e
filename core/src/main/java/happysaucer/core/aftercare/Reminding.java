package happysaucer.core.aftercare;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What whoever waters is reminded of in the morning of a day: few words, each once. Rules of thumb.
 */
public final class Reminding {
  /** A watering that nobody told of is asked after so many days later, and not any more later. */
  private static final int ASKED_FROM = 2;

  private static final int ASKED_TO = 4;

  private Reminding() {}

  public enum Kind {
    /** Water today, and it is the first time or otherwise than before. */
    WATER,
    /** It was to be watered and nobody has told that it was. */
    MISSED,
    /** In the next days somebody looks at it. */
    FOLLOW_UP,
    /** Tomorrow somebody comes. */
    COMING
  }

  /**
   * @param said amount and interval as they are told; otherwise than before is told anew
   */
  public record Water(LocalDate on, boolean late, String said) {}

  public record FollowUp(LocalDate from, LocalDate to) {}

  /**
   * @param next water that is due, if any
   * @param saidBefore what was told of water last
   * @param followUps that are open
   * @param coming days that are made known on which somebody comes
   */
  public record Facts(
      LocalDate today,
      Optional<Water> next,
      Optional<String> saidBefore,
      List<FollowUp> followUps,
      List<LocalDate> coming) {}

  /**
   * @param on the day it is about; with its kind it is one reminder, however often it is asked for
   */
  public record Reminder(Kind kind, LocalDate on) {
    public String key() {
      return kind + ":" + on;
    }
  }

  public static List<Reminder> of(Facts facts) {
    LocalDate today = facts.today();
    LocalDate tomorrow = today.plusDays(1);
    List<Reminder> due = new ArrayList<>();
    facts
        .next()
        .filter(water -> !water.late() && water.on().equals(today))
        .filter(water -> !facts.saidBefore().equals(Optional.of(water.said())))
        .ifPresent(water -> due.add(new Reminder(Kind.WATER, water.on())));
    facts
        .next()
        .filter(water -> water.late() && !water.on().plusDays(ASKED_FROM).isAfter(today))
        .filter(water -> !water.on().plusDays(ASKED_TO).isBefore(today))
        .ifPresent(water -> due.add(new Reminder(Kind.MISSED, water.on())));
    if (facts.coming().contains(tomorrow)) {
      due.add(new Reminder(Kind.COMING, tomorrow));
    }
    for (FollowUp step : facts.followUps()) {
      boolean dayIsKnown =
          facts.coming().stream()
              .anyMatch(day -> !day.isBefore(step.from()) && !day.isAfter(step.to()));
      if (step.from().equals(tomorrow) && !dayIsKnown) {
        due.add(new Reminder(Kind.FOLLOW_UP, step.from()));
      }
    }
    return due;
  }
}
