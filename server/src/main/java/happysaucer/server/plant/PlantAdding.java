package happysaucer.server.plant;

import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Shape;
import happysaucer.core.species.Group;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.plant.EntryMapper.NewPlant;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One plant, or a row of the same, at a spot; its label numbers run on by themselves. */
@Service
public class PlantAdding {
  private static final int MOST_LABEL = 20;
  private static final int HOLES = 4;
  private static final Pattern NUMBERED = Pattern.compile("(.*?)([0-9]{1,8})");

  private final EntryMapper mapper;
  private final Books books;
  private final Plants plants;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  PlantAdding(
      EntryMapper mapper,
      Books books,
      Plants plants,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.books = books;
    this.plants = plants;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /**
   * @param id made by the sender, so that the same sent twice is made once
   * @param species any of its names; null where nobody knows it
   * @param group where the species is not in the book, or not known
   * @param label of the first; null for the next free one
   * @param potHeightMm null for the usual depth of such a pot
   */
  public record AddRequest(
      @NotNull(message = "Make an id for this entry.") UUID id,
      @Nullable @Size(max = 120, message = "At most 120 letters.") String species,
      @Nullable Group group,
      @Nullable @Size(max = 120, message = "At most 120 letters.") String commonName,
      @NotNull(message = "Say how many.")
          @Min(value = 1, message = "At least one.")
          @Max(value = 50, message = "At most 50 at once.")
          Integer count,
      @Nullable @Size(max = MOST_LABEL, message = "At most 20 letters.") String label,
      @NotNull(message = "Give the inside width of its pot.") Double potTopMm,
      @Nullable Double potHeightMm,
      @NotNull(message = "Give the shape of its pot.") Shape potShape,
      @NotNull(message = "Say what its pot is made of.") Material potMaterial,
      @Nullable
          @Min(value = 0, message = "0 or more.")
          @Max(value = 40, message = "At most 40 holes.")
          Integer potHoles,
      @Nullable Double heightMm,
      @Nullable LocalDate lastRepotted) {}

  public record Added(UUID id, String label) {}

  @Transactional
  public List<Added> add(UUID spot, AddRequest request) {
    List<UUID> ids = new ArrayList<>();
    for (int i = 0; i < request.count(); i++) {
      ids.add(UUID.nameUUIDFromBytes((request.id() + "/" + i).getBytes(StandardCharsets.UTF_8)));
    }
    if (!history.firstTime(request.id(), request)) {
      return mapper.added(ids);
    }
    if (mapper.spot(spot) == 0) {
      throw new NotFoundException("There is no such spot.");
    }
    List<NewPlant> made = made(spot, request, ids);
    mapper.add(made, clock.now(), user.id());
    history.logAll("plant", ids, "Entered");
    plants.index(ids);
    events.publishEvent(new PlantTouched(ids));
    return made.stream().map(plant -> new Added(plant.id(), plant.label())).toList();
  }

  private List<NewPlant> made(UUID spot, AddRequest request, List<UUID> ids) {
    Advise rules = books.team();
    KindChoice kind = KindChoice.of(rules, request.species(), request.group());
    String called = request.commonName() == null ? "" : request.commonName().trim();
    List<String> labels = labels(request);
    List<NewPlant> made = new ArrayList<>();
    for (int i = 0; i < ids.size(); i++) {
      made.add(
          new NewPlant(
              ids.get(i),
              labels.get(i),
              spot,
              kind.species(),
              kind.group() == null ? null : kind.group().name(),
              called.isEmpty() ? kind.usualName() : called,
              request.heightMm(),
              null,
              null,
              request.lastRepotted(),
              kind.entry().traits().bestMix(),
              "EVEN",
              request.potShape().name(),
              request.potMaterial().name(),
              request.potTopMm(),
              null,
              request.potHeightMm(),
              null,
              null,
              null,
              request.potHoles() == null ? HOLES : request.potHoles(),
              false,
              ""));
    }
    List<Fault> faults =
        made.get(0).refused(rules, clock.today()).stream().map(PlantAdding::asAsked).toList();
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    return made;
  }

  /** A fault of the rules under the name by which it was asked. */
  private static Fault asAsked(Fault fault) {
    String field =
        switch (fault.field()) {
          case "pot.topMm" -> "potTopMm";
          case "pot.heightMm" -> "potHeightMm";
          case "pot.shape" -> "potShape";
          case "pot.drainHoles" -> "potHoles";
          case "plant.heightMm" -> "heightMm";
          case "plant.lastRepotted" -> "lastRepotted";
          default -> fault.field();
        };
    return new Fault(field, fault.message(), fault.value());
  }

  /** From the first one on, those that are taken left out. */
  private List<String> labels(AddRequest request) {
    String first = request.label() == null ? "" : request.label().trim();
    if (first.isEmpty()) {
      first =
          PlantEntry.PREFIX + (mapper.highest(PlantEntry.PREFIX, PlantEntry.PREFIX.length()) + 1);
    } else if (!mapper.taken(List.of(first)).isEmpty()) {
      throw InputException.of("label", "Another plant has this label.", first);
    }
    Matcher numbered = NUMBERED.matcher(first);
    boolean ends = numbered.matches();
    String stem = ends ? numbered.group(1) : first + "-";
    int digits = ends ? numbered.group(2).length() : 1;
    int number = ends ? Integer.parseInt(numbered.group(2)) : 1;
    List<String> wanted = new ArrayList<>();
    // as many again, since some may be taken
    for (int i = 1; i <= request.count() * 2 + MOST_LABEL; i++) {
      wanted.add(stem + padded(number + i, digits));
    }
    Set<String> taken = new HashSet<>(mapper.taken(wanted));
    List<String> labels = new ArrayList<>(List.of(first));
    wanted.stream()
        .filter(label -> !taken.contains(label))
        .limit(request.count() - 1L)
        .forEach(labels::add);
    if (labels.size() < request.count()
        || labels.stream().anyMatch(label -> label.length() > MOST_LABEL)) {
      throw InputException.of(
          "label", "The numbers after this one are taken or too long. Begin with another.", first);
    }
    return labels;
  }

  private static String padded(int number, int digits) {
    String text = Integer.toString(number);
    return "0".repeat(Math.max(0, digits - text.length())) + text;
  }
}
