package happysaucer.server.method;

import happysaucer.core.advice.Differences;
import happysaucer.core.method.MethodTable;
import happysaucer.core.species.Group;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.Glances;
import happysaucer.server.advice.MethodLevel;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What the team chose where good practitioners differ. */
@Service
class Methods {
  private final MethodMapper mapper;
  private final AdviceService advice;
  private final Glances glances;
  private final Books books;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Methods(
      MethodMapper mapper,
      AdviceService advice,
      Glances glances,
      Books books,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
    this.advice = advice;
    this.glances = glances;
    this.books = books;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  public record MethodPage(
      List<QuestionView> questions, List<LevelChoice> choices, List<GroupItem> groups) {}

  public record QuestionView(
      String key,
      String title,
      boolean turnsCalls,
      List<OptionView> options,
      @Nullable NumberView number) {}

  public record OptionView(String code, String label, String reason, String cost) {}

  public record NumberView(
      double least, double most, double standard, String unit, String reason, String cost) {}

  /**
   * @param target empty for the team
   */
  public record LevelChoice(
      MethodLevel level,
      String target,
      String targetName,
      String key,
      String choice,
      LocalDate changedOn,
      String who) {}

  public record GroupItem(String code, String label) {}

  /**
   * @param target empty for the team, a client's or plant's id, a group's code
   * @param choice null leaves it to the levels before
   */
  public record ChoiceRequest(
      @NotNull(message = "Say at which level.") MethodLevel level,
      @NotNull(message = "Say for whom; empty for the team.") String target,
      @NotBlank(message = "Say which question.") String key,
      @Nullable @Size(max = 40, message = "At most 40 letters.") String choice) {}

  public record EffectRequest(
      @NotNull(message = "Say on which plant.") UUID plantId,
      @NotNull(message = "Say at which level.") MethodLevel level,
      @NotBlank(message = "Say which question.") String key,
      @Nullable String choice) {}

  public record EffectView(
      String label, String commonName, List<Differences.Difference> differences) {}

  MethodPage page() {
    return new MethodPage(
        books.team().book().methods().questions().stream().map(Methods::view).toList(),
        mapper.choices().stream().map(this::choice).toList(),
        Arrays.stream(Group.values())
            .map(group -> new GroupItem(group.name(), groupName(group)))
            .toList());
  }

  private String groupName(Group group) {
    return books.team().book().species().group(group).name();
  }

  private LevelChoice choice(MethodMapper.ChoiceRow row) {
    String name =
        switch (row.scope()) {
          case TEAM -> "The team";
          case GROUP -> groupName(Group.valueOf(row.target()));
          default -> row.targetName() == null ? "no longer on record" : row.targetName();
        };
    return new LevelChoice(
        row.scope(), row.target(), name, row.choiceKey(), row.choice(), row.changedOn(), row.who());
  }

  private static QuestionView view(MethodTable.Question question) {
    return new QuestionView(
        question.key(),
        question.title(),
        question.turnsCalls(),
        question.options().stream()
            .map(o -> new OptionView(o.code(), o.label(), o.reason(), o.cost()))
            .toList(),
        question
            .range()
            .map(
                r ->
                    new NumberView(
                        r.least(), r.most(), r.standard(), r.unit(), r.reason(), r.cost()))
            .orElse(null));
  }

  /** Chooses, or leaves a question to the levels before. All plants are brought up to it. */
  @Transactional
  public void choose(ChoiceRequest request) {
    checkTarget(request);
    checkChoice(request.key(), request.choice());
    if (request.choice() == null) {
      mapper.unchoose(request.level(), request.target(), request.key());
    } else {
      mapper.choose(
          request.level(),
          request.target(),
          request.key(),
          request.choice(),
          clock.now(),
          user.id());
    }
    String what =
        "Method, "
            + request.level().name().toLowerCase(Locale.ROOT)
            + ": "
            + request.key()
            + " -> "
            + Objects.requireNonNullElse(request.choice(), "as the levels before");
    history.log("method", logId(request), what);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            glances.bringUpToDate();
          }
        });
  }

  /** Changes of a plant's own method stand in that plant's history. */
  private static UUID logId(ChoiceRequest request) {
    return switch (request.level()) {
      case CLIENT, PLANT -> UUID.fromString(request.target());
      default ->
          UUID.nameUUIDFromBytes(
              (request.level() + request.target()).getBytes(StandardCharsets.UTF_8));
    };
  }

  private void checkTarget(ChoiceRequest request) {
    String target = request.target();
    boolean there =
        switch (request.level()) {
          case TEAM -> target.isEmpty();
          case GROUP -> Arrays.stream(Group.values()).anyMatch(g -> g.name().equals(target));
          case CLIENT -> isUuid(target) && mapper.clients(UUID.fromString(target)) == 1;
          case PLANT -> isUuid(target) && mapper.plants(UUID.fromString(target)) == 1;
        };
    if (!there) {
      throw InputException.of("target", "There is nothing of this kind to choose for.", target);
    }
  }

  private static boolean isUuid(String text) {
    return text.matches("[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}");
  }

  private void checkChoice(String key, @Nullable String choice) {
    MethodTable methods = books.team().book().methods();
    if (methods.question(key).isEmpty()) {
      throw InputException.of("key", "There is no such question of method.", key);
    }
    if (choice != null) {
      methods
          .fault(key, choice)
          .ifPresent(
              fault -> {
                throw InputException.of("choice", fault, choice);
              });
    }
  }

  /** What a choice would change for one plant, before it is made. */
  @Transactional(readOnly = true)
  public EffectView effect(EffectRequest request, Units units) {
    checkChoice(request.key(), request.choice());
    StoredPlant plant = advice.plant(request.plantId());
    return new EffectView(
        plant.label(),
        plant.commonName(),
        advice.methodEffect(
            request.plantId(), request.key(), request.choice(), request.level(), units));
  }
}
