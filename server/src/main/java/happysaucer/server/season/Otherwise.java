package happysaucer.server.season;

import happysaucer.core.repot.Need;
import happysaucer.planner.SeasonSetup;
import happysaucer.server.season.Seasons.Season;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is otherwise in a question what if.
 *
 * @param hands so many more people, with a van and every skill
 * @param minutes of theirs a day, Mondays to Fridays
 * @param closed sites that are not gone to between those days; null for none
 * @param allClosed no site is gone to: all work is on the bench
 */
record Otherwise(
    @NotNull(message = "Give the first day.") LocalDate fromOn,
    @NotNull(message = "Give the last day.") LocalDate toOn,
    @NotNull(message = "Say how many more people, 0 for none.")
        @Min(value = 0, message = "0 to 2 people.")
        @Max(value = 2, message = "0 to 2 people.")
        Integer hands,
    @NotNull(message = "Give their minutes a day.")
        @Min(value = 0, message = "0 to 720 minutes.")
        @Max(value = 720, message = "0 to 720 minutes.")
        Integer minutes,
    @Nullable @Size(max = 200, message = "At most 200 sites.") List<UUID> closed,
    @NotNull(message = "Say whether no site is gone to.") Boolean allClosed) {

  /** More hands stand among the crews under this id: they are nobody's crew. */
  static final UUID HANDS = new UUID(0, 2);

  private static final int VAN_LITRES = 2000;
  private static final int VAN_GRAMS = 800_000;

  /** When they would begin, minutes after midnight. */
  private static final int MORNING = 8 * 60;

  /** As it is named among the searches. */
  String title() {
    String days = " from " + SeasonWords.day(fromOn) + " to " + SeasonWords.day(toOn);
    List<String> parts = new ArrayList<>();
    if (hands > 0) {
      parts.add(hands == 1 ? "One more pair of hands" : "Two more pairs of hands");
    }
    if (allClosed) {
      parts.add(parts.isEmpty() ? "No sites" : "no sites");
    } else if (closed != null && !closed.isEmpty()) {
      parts.add(
          (parts.isEmpty() ? "Not to " : "not to ")
              + (closed.size() == 1 ? "one site" : closed.size() + " sites"));
    }
    return (parts.isEmpty() ? "As it is" : String.join(", ", parts)) + days;
  }

  /** The season with it. */
  SeasonSetup in(Season season, SeasonSetup setup) {
    List<SeasonSetup.Crew> crews = new ArrayList<>(setup.crews());
    if (hands > 0) {
      crews.add(more(season, setup.days()));
    }
    Set<UUID> shut =
        allClosed
            ? season.sites().keySet()
            : new HashSet<>(closed == null ? List.<UUID>of() : closed);
    List<SeasonSetup.Site> sites =
        setup.sites().stream()
            .map(site -> shut.contains(site.id()) ? shut(season, site) : site)
            .toList();
    return new SeasonSetup(setup.days(), crews, sites, setup.work(), setup.weights());
  }

  private SeasonSetup.Site shut(Season season, SeasonSetup.Site site) {
    int[] closes = site.closes().clone();
    for (int day = 0; day < closes.length; day++) {
      if (holds(season.date(day))) {
        closes[day] = site.opens()[day];
      }
    }
    return new SeasonSetup.Site(site.id(), site.opens(), closes, site.tripMinutes());
  }

  private SeasonSetup.Crew more(Season season, int days) {
    int[] begins = new int[days];
    int[] works = new int[days];
    int[] people = new int[days];
    Arrays.fill(begins, MORNING);
    for (int day = 0; day < days; day++) {
      LocalDate date = season.date(day);
      if (holds(date) && date.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) <= 0) {
        works[day] = minutes;
        people[day] = hands;
      }
    }
    Set<String> skills = new HashSet<>();
    for (Need.Skill skill : Need.Skill.values()) {
      skills.add(skill.name());
    }
    return new SeasonSetup.Crew(HANDS, skills, begins, works, people, VAN_LITRES, VAN_GRAMS);
  }

  private boolean holds(LocalDate day) {
    return !day.isBefore(fromOn) && !day.isAfter(toOn);
  }
}
