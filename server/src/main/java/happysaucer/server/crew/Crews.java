package happysaucer.server.crew;

import happysaucer.core.advice.Fault;
import happysaucer.core.repot.Need;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.crew.CrewMapper.AbsenceRow;
import happysaucer.server.crew.CrewMapper.CrewRow;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who goes out together, when, with which van and what they have learned. */
@Service
public class Crews {
  private static final String HOUR = "([01][0-9]|2[0-3]):[0-5][0-9]";
  private static final int MOST_DAYS = 400;

  /** Absences that ended longer ago are not shown, days. */
  private static final int SHOWN_DAYS = 60;

  private final CrewMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final ApplicationEventPublisher events;

  Crews(CrewMapper mapper, ChangeLog history, TeamClock clock, ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.events = events;
  }

  public record CrewPerson(
      @NotNull(message = "Make an id for this person.") UUID id,
      @NotBlank(message = "Give the name.") @Size(max = 120, message = "At most 120 letters.")
          String name,
      @Nullable UUID userId) {}

  /**
   * @param weekday 1 for Monday to 7 for Sunday
   * @param begins HH:mm
   */
  public record Hours(
      @NotNull(message = "Give the day.")
          @Min(value = 1, message = "1 for Monday to 7 for Sunday.")
          @Max(value = 7, message = "1 for Monday to 7 for Sunday.")
          Integer weekday,
      @NotNull(message = "Give the hour at which work begins.")
          @Pattern(regexp = HOUR, message = "Write an hour like 08:00.")
          String begins,
      @NotNull(message = "Give the hour at which work ends.")
          @Pattern(regexp = HOUR, message = "Write an hour like 16:30.")
          String ends) {
    public int minutes() {
      return (int) Duration.between(LocalTime.parse(begins), LocalTime.parse(ends)).toMinutes();
    }
  }

  /**
   * @param endedOn from that day on it does not go out; null while it does
   */
  public record CrewRequest(
      @NotBlank(message = "Give the crew a name.") @Size(max = 80, message = "At most 80 letters.")
          String name,
      @NotNull(message = "Say what the van takes, in litres.")
          @Min(value = 0, message = "At least 0 L.")
          @Max(value = 30_000, message = "At most 30000 L.")
          Integer vanLitres,
      @NotNull(message = "Say what the van carries, in kilograms.")
          @Min(value = 0, message = "At least 0 kg.")
          @Max(value = 5000, message = "At most 5000 kg.")
          Integer vanKg,
      @NotNull(message = "Send the list of skills, empty for none.")
          @Size(max = 10, message = "At most 10 skills.")
          List<Need.@NotNull(message = "A skill is missing here.") Skill> skills,
      @NotNull(message = "Say who is in it.")
          @Size(min = 1, max = 2, message = "A crew is one or two people.")
          List<@Valid @NotNull(message = "A person is missing here.") CrewPerson> people,
      @NotNull(message = "Send the hours, none where it never goes out.")
          @Size(max = 7, message = "At most the seven days of a week.")
          List<@Valid @NotNull(message = "A day is missing here.") Hours> hours,
      @Nullable LocalDate endedOn) {}

  public record AbsenceRequest(
      @NotNull(message = "Say who is away.") UUID personId,
      @NotNull(message = "Give the first day.") LocalDate fromOn,
      @NotNull(message = "Give the last day.") LocalDate toOn,
      @NotNull(message = "Send the reason, empty for none.")
          @Size(max = 200, message = "At most 200 letters.")
          String reason) {}

  public record AbsenceView(
      UUID id, UUID personId, LocalDate fromOn, LocalDate toOn, String reason) {}

  /**
   * @param minutesWeek of work, together with the way
   * @param missing what keeps it from being planned; null where nothing does
   */
  public record CrewView(
      UUID id,
      String name,
      int vanLitres,
      int vanKg,
      List<Need.Skill> skills,
      List<CrewPerson> people,
      List<Hours> hours,
      List<AbsenceView> absences,
      int minutesWeek,
      @Nullable LocalDate endedOn,
      @Nullable String missing,
      int version) {
    /** Minutes of one of its people on a day, whoever is away; 0 where it does not go out. */
    public int minutesOn(LocalDate day) {
      if (endedOn != null && !day.isBefore(endedOn)) {
        return 0;
      }
      return hours.stream()
          .filter(each -> each.weekday() == day.getDayOfWeek().getValue())
          .mapToInt(Hours::minutes)
          .sum();
    }

    /** How many of its people are there on a day. */
    public int peopleOn(LocalDate day) {
      return (int)
          people.stream()
              .filter(
                  person ->
                      absences.stream()
                          .noneMatch(
                              away ->
                                  away.personId().equals(person.id())
                                      && !day.isBefore(away.fromOn())
                                      && !day.isAfter(away.toOn())))
              .count();
    }

    /** When it begins on a day, minutes after midnight. */
    public int beginsOn(LocalDate day) {
      return hours.stream()
          .filter(each -> each.weekday() == day.getDayOfWeek().getValue())
          .mapToInt(each -> LocalTime.parse(each.begins()).toSecondOfDay() / 60)
          .findFirst()
          .orElse(0);
    }
  }

  /** All crews, those that go out first; a handful of queries whatever their number. */
  public List<CrewView> all() {
    Map<UUID, List<CrewPerson>> people = new HashMap<>();
    Map<UUID, UUID> crewOf = new HashMap<>();
    mapper
        .people()
        .forEach(
            row -> {
              crewOf.put(row.id(), row.crewId());
              people
                  .computeIfAbsent(row.crewId(), id -> new ArrayList<>())
                  .add(new CrewPerson(row.id(), row.name(), row.userId()));
            });
    Map<UUID, List<Hours>> hours = new HashMap<>();
    mapper
        .hours()
        .forEach(
            row ->
                hours
                    .computeIfAbsent(row.crewId(), id -> new ArrayList<>())
                    .add(new Hours(row.weekday(), row.begins(), row.ends())));
    Map<UUID, List<AbsenceView>> absences = new HashMap<>();
    for (AbsenceRow row : mapper.absences(clock.today().minusDays(SHOWN_DAYS))) {
      UUID crew = crewOf.get(row.personId());
      if (crew != null) {
        absences
            .computeIfAbsent(crew, id -> new ArrayList<>())
            .add(new AbsenceView(row.id(), row.personId(), row.fromOn(), row.toOn(), row.reason()));
      }
    }
    return mapper.crews().stream()
        .map(
            row ->
                view(
                    row,
                    people.getOrDefault(row.id(), List.of()),
                    hours.getOrDefault(row.id(), List.of()),
                    absences.getOrDefault(row.id(), List.of())))
        .toList();
  }

  private static CrewView view(
      CrewRow row, List<CrewPerson> people, List<Hours> hours, List<AbsenceView> absences) {
    return new CrewView(
        row.id(),
        row.name(),
        row.vanLitres(),
        row.vanKg(),
        row.skills().isEmpty()
            ? List.of()
            : List.of(row.skills().split(",")).stream().map(Need.Skill::valueOf).toList(),
        people,
        hours,
        absences,
        hours.stream().mapToInt(Hours::minutes).sum(),
        row.endedOn(),
        hours.isEmpty() ? "It has no hours: nothing can be planned for it." : null,
        row.version());
  }

  /**
   * Adds a crew, or edits the one of this id.
   *
   * @param version null to add
   */
  @Transactional
  public void save(UUID id, @Nullable Integer version, CrewRequest request) {
    refuseFaulty(id, request);
    String skills =
        String.join(",", request.skills().stream().map(Enum::name).sorted().distinct().toList());
    if (version == null) {
      if (!history.firstTime(id, request)) {
        return;
      }
      mapper.add(id, request, skills);
      history.log("crew", id, "Added: " + request.name());
    } else {
      CrewRow before = mapper.locked(id);
      if (before == null) {
        throw new NotFoundException("There is no such crew.");
      }
      if (before.version() != version) {
        String who = mapper.changedBy(id);
        throw new StaleException(
            before.version(),
            who == null ? "Somebody" : who,
            List.of(new StaleException.Change("name", request.name(), before.name())));
      }
      mapper.edit(id, request, skills);
      history.log("crew", id, "Edited: " + request.name());
    }
    mapper.clearHours(id);
    if (!request.hours().isEmpty()) {
      mapper.addHours(id, request.hours());
    }
    List<UUID> stay = request.people().stream().map(CrewPerson::id).toList();
    mapper.clearAbsences(id, stay);
    mapper.clearPeople(id, stay);
    mapper.mergePeople(id, request.people());
    events.publishEvent(new CrewsChanged());
  }

  private void refuseFaulty(UUID id, CrewRequest request) {
    List<Fault> faults = new ArrayList<>();
    Set<Integer> days = new HashSet<>();
    for (int i = 0; i < request.hours().size(); i++) {
      Hours hours = request.hours().get(i);
      if (!days.add(hours.weekday())) {
        faults.add(
            new Fault("hours[" + i + "].weekday", "This day is named twice.", hours.weekday()));
      }
      if (hours.minutes() <= 0) {
        faults.add(
            new Fault(
                "hours[" + i + "].ends",
                "It ends before it begins. Give a later hour.",
                hours.ends()));
      }
    }
    List<UUID> ids = request.people().stream().map(CrewPerson::id).toList();
    if (new HashSet<>(ids).size() < ids.size() || mapper.elsewhere(id, ids) > 0) {
      faults.add(
          new Fault("people", "Nobody is in a crew twice, or in two. Take them out there.", null));
    }
    Set<UUID> accounts = new HashSet<>();
    request
        .people()
        .forEach(
            person -> {
              if (person.userId() != null) {
                accounts.add(person.userId());
              }
            });
    if (!accounts.isEmpty() && mapper.accounts(accounts) < accounts.size()) {
      faults.add(
          new Fault("people", "There is no such account. Choose one of the team's people.", null));
    }
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
  }

  /** Somebody is away; the same absence may be sent again, or with other days. */
  @Transactional
  public void absent(UUID id, AbsenceRequest request) {
    if (request.toOn().isBefore(request.fromOn())) {
      throw InputException.of(
          "toOn", "It ends before it begins. Give a later day.", request.toOn());
    }
    if (request.fromOn().plusDays(MOST_DAYS).isBefore(request.toOn())) {
      throw InputException.of(
          "toOn", "At most " + MOST_DAYS + " days at once. Whoever has left is taken out.", null);
    }
    if (mapper.isPerson(request.personId()) == 0) {
      throw InputException.of("personId", "There is no such person.", request.personId());
    }
    mapper.absent(id, request);
    history.log("absence", id, "Away from " + request.fromOn() + " to " + request.toOn());
    events.publishEvent(new CrewsChanged());
  }

  @Transactional
  public void notAbsent(UUID id) {
    if (mapper.notAbsent(id) > 0) {
      history.log("absence", id, "Taken back");
      events.publishEvent(new CrewsChanged());
    }
  }
}
