package happysaucer.server.season;

import happysaucer.planner.Blocked;
import happysaucer.planner.SeasonExplained.RuleCost;
import happysaucer.planner.SeasonExplained.Try;
import happysaucer.planner.SeasonRules;
import happysaucer.planner.SeasonSetup;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.season.Seasons.Season;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;

/** What is said of a plan. */
final class SeasonWords {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

  private static final int GRAMS = 1000;

  private static final Map<String, String> SKILLS =
      Map.of(
          "TRAINED_TREES", "trained trees",
          "ROOT_CUTTING", "cutting roots",
          "TREATMENTS", "treatments");

  private SeasonWords() {}

  static String day(LocalDate day) {
    return DAY.format(day);
  }

  static String minutes(long minutes) {
    long hours = Math.abs(minutes) / 60;
    long rest = Math.abs(minutes) % 60;
    return hours == 0 ? rest + " min" : rest == 0 ? hours + " h" : hours + " h " + rest + " min";
  }

  private static String site(Season season, SeasonJobRow job) {
    SeasonSite site = season.sites().get(season.siteOf(job));
    return site == null ? "the workshop" : site.name();
  }

  static String crew(Season season, UUID id) {
    CrewView crew = season.crew(id);
    return crew == null ? "a crew that is gone" : crew.name();
  }

  /** Why a job cannot be planned on any day. */
  static String blocked(Season season, SeasonJobRow job, Blocked why) {
    return switch (why) {
      case HELD -> "Held" + (job.held == null ? "." : ": " + job.held.words());
      case WINDOW_PASSED ->
          job.toOn.isBefore(season.first())
              ? "Its days ended on " + day(job.toOn) + "."
              : "Its days begin on " + day(job.fromOn) + ", after this season.";
      case MATERIAL_NEVER -> "Its pot does not come. Plan it with another.";
      case MATERIAL_LATE ->
          "Its pot comes on "
              + day(season.date(Seasons.materials(season, job)))
              + ", after its last day, "
              + day(job.toOn)
              + ".";
      case SITE_CLOSED ->
          "Nobody gets in at "
              + site(season, job)
              + " on any of its days. Its days of work stand with the site.";
      case SITE_TOO_SHORT ->
          "It takes "
              + minutes(job.minutes)
              + "; "
              + site(season, job)
              + " is open for less while anybody is at work.";
      case NO_SKILL -> "Nobody who is there on its days has learned " + skills(job) + ".";
      case NO_CREW -> "Nobody is at work on any of its days.";
      case NO_SECOND_PERSON -> "It takes two people, and on none of its days are two there.";
      case VAN_TOO_SMALL ->
          "Its "
              + Math.round(job.litres)
              + " L and "
              + Math.round(job.grams / GRAMS)
              + " kg go into no van.";
      case DAY_TOO_SHORT ->
          minutes(season.tripMinutes(season.siteOf(job)))
              + " of way and "
              + minutes(job.minutes)
              + " of work are longer than any day.";
    };
  }

  private static String skills(SeasonJobRow job) {
    return List.of(job.skills.split(",")).stream()
        .map(skill -> SKILLS.getOrDefault(skill, skill))
        .collect(Collectors.joining(" and "));
  }

  /** What breaks where somebody would put it. */
  static String breaks(Season season, SeasonJobRow job, SeasonSetup.At at, RuleCost broken) {
    long by = broken.amount();
    return switch (broken.rule()) {
      case SeasonRules.CREW_MINUTES ->
          "the day of " + crew(season, at.lead()) + " would be " + minutes(by) + " too long";
      case SeasonRules.VAN_LITRES -> "the van would be " + by + " L too full";
      case SeasonRules.VAN_MASS ->
          "the van would carry " + Math.max(1, by / GRAMS) + " kg too much";
      case SeasonRules.FOLLOW_UP -> "it would be " + by + " days outside its days after the repot";
      case SeasonRules.SITE_HOURS, SeasonRules.SITE_MINUTES ->
          site(season, job) + " would have to be open " + minutes(by) + " longer";
      default -> broken.rule();
    };
  }

  static String breaks(Season season, SeasonJobRow job, SeasonSetup.At at, Try tried) {
    return tried.breaks().stream()
        .map(broken -> breaks(season, job, at, broken))
        .collect(Collectors.joining("; "));
  }

  /** What a soft rule costs, in minutes of driving. */
  static long driving(long cost) {
    return Math.round((double) cost / SeasonWeights.MINUTE);
  }

  /** What it would cost more or less, in words. */
  static String costs(Try tried) {
    List<String> parts =
        tried.costs().stream()
            .filter(cost -> cost.level() != happysaucer.planner.SeasonExplained.Level.MEDIUM)
            .filter(cost -> driving(cost.amount()) != 0)
            .map(
                cost ->
                    (cost.amount() > 0 ? "" : "saves ")
                        + minutes(driving(cost.amount()))
                        + " "
                        + Objects.requireNonNull(COSTS.getOrDefault(cost.rule(), cost.rule())))
            .toList();
    return parts.isEmpty() ? "costs nothing" : String.join(", ", parts);
  }

  /** What is paid for with minutes of driving. */
  private static final Map<String, String> COSTS =
      Map.of(
          SeasonRules.TRIPS, "of driving",
          SeasonRules.LATE, "for being late",
          SeasonRules.EARLY, "for being early",
          SeasonRules.UNEVEN, "for uneven work",
          SeasonRules.MOVED, "for being moved");
}
