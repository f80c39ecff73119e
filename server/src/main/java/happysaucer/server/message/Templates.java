package happysaucer.server.message;

import happysaucer.core.aftercare.Reminding;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What reminders say: the app's own words, or the team's in their place. */
@Service
class Templates {
  private final MessageMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Templates(MessageMapper mapper, ChangeLog history, TeamClock clock, CurrentUser user) {
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * @param own the team's words, not those that come with the app
   * @param version 0 for the app's own words
   */
  record TemplateView(
      Reminding.Kind kind,
      String subject,
      String body,
      boolean own,
      int version,
      Set<String> fields) {}

  /** The team's words, or those that come with the app. */
  record TemplateRow(
      String kind, String subject, String body, int version, @Nullable String changedBy) {}

  record TemplateRequest(
      @NotBlank(message = "Write a subject.") @Size(max = 160, message = "At most 160 letters.")
          String subject,
      @NotBlank(message = "Write what it says.")
          @Size(max = 3000, message = "At most 3000 letters.")
          String body) {
    Template checked() {
      Template template = new Template(subject.trim(), body.strip() + "\n");
      template.check();
      return template;
    }
  }

  List<TemplateView> all() {
    List<TemplateRow> own = mapper.templates();
    return Arrays.stream(Reminding.Kind.values()).map(kind -> view(kind, own)).toList();
  }

  private static TemplateView view(Reminding.Kind kind, List<TemplateRow> own) {
    return own.stream()
        .filter(row -> row.kind().equals(kind.name()))
        .findFirst()
        .map(
            row ->
                new TemplateView(
                    kind, row.subject(), row.body(), true, row.version(), Template.FIELDS))
        .orElseGet(
            () -> {
              Template shipped = Template.shipped(kind);
              return new TemplateView(
                  kind, shipped.subject(), shipped.body(), false, 0, Template.FIELDS);
            });
  }

  Template of(Reminding.Kind kind) {
    TemplateView view = view(kind, mapper.templates());
    return new Template(view.subject(), view.body());
  }

  /** Words of the team in place of those that stand. */
  @Transactional
  public TemplateView save(Reminding.Kind kind, int version, TemplateRequest request) {
    Template given = request.checked();
    mapper.lockTemplates();
    TemplateView before = view(kind, mapper.templates());
    if (before.version() != version) {
      throw stale(kind, before, given);
    }
    mapper.saveTemplate(kind, given, version + 1, user.id(), clock.now());
    history.log("message_template", id(kind), "Reminder " + kind + " was worded anew");
    return view(kind, mapper.templates());
  }

  private StaleException stale(Reminding.Kind kind, TemplateView now, Template given) {
    List<StaleException.Change> changes = new ArrayList<>();
    StaleException.Change.compare(changes, "subject", given.subject(), now.subject());
    StaleException.Change.compare(changes, "body", given.body(), now.body());
    String by =
        mapper.templates().stream()
            .filter(row -> row.kind().equals(kind.name()))
            .findFirst()
            .map(TemplateRow::changedBy)
            .orElse("");
    return new StaleException(now.version(), by == null ? "" : by, changes);
  }

  /** Back to the words that come with the app. */
  @Transactional
  public TemplateView shipped(Reminding.Kind kind) {
    if (mapper.dropTemplate(kind) > 0) {
      history.log("message_template", id(kind), "Reminder " + kind + " has the app's words again");
    }
    return view(kind, mapper.templates());
  }

  private static UUID id(Reminding.Kind kind) {
    return UUID.nameUUIDFromBytes(("message_template " + kind).getBytes(StandardCharsets.UTF_8));
  }
}
