package happysaucer.server.species;

import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.book.SpeciesColumn;
import happysaucer.core.book.SpeciesForm;
import happysaucer.core.species.Group;
import happysaucer.core.species.Reading;
import happysaucer.core.species.Species;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.AdviceService.CallChange;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.Glances;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.exchange.EntriesIn;
import happysaucer.server.exchange.Format;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.species.SpeciesAnswers.Cell;
import happysaucer.server.species.SpeciesAnswers.ColumnView;
import happysaucer.server.species.SpeciesAnswers.EntryCells;
import happysaucer.server.species.SpeciesAnswers.FormView;
import happysaucer.server.species.SpeciesAnswers.GroupCells;
import happysaucer.server.species.SpeciesAnswers.ImportRow;
import happysaucer.server.species.SpeciesAnswers.ImportView;
import happysaucer.server.species.SpeciesAnswers.Origin;
import happysaucer.server.species.SpeciesAnswers.PassageView;
import happysaucer.server.species.SpeciesAnswers.SpeciesEffect;
import happysaucer.server.species.SpeciesAnswers.SpeciesImport;
import happysaucer.server.species.SpeciesAnswers.SpeciesLine;
import happysaucer.server.species.SpeciesAnswers.SpeciesPage;
import happysaucer.server.team.CurrentUser;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.DependsOn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The species book as a team reads and edits it: shipped entries, and the team's own. */
@Service
// it may name mixes of the team, which have to be there first
@DependsOn("mixBook")
class SpeciesBook {
  /** So many plants are asked at most what an edit would change for them. */
  private static final int MOST_ASKED = 1000;

  private static final int MOST_CHANGES_SHOWN = 100;

  private static final Logger LOG = LoggerFactory.getLogger(SpeciesBook.class);
  private static final List<String> COLUMNS =
      SpeciesForm.columns().stream().map(SpeciesColumn::key).toList();

  private final SpeciesMapper mapper;
  private final Books books;
  private final AdviceService advice;
  private final Glances glances;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ObjectMapper json;
  private final TransactionTemplate ofItsOwn;

  SpeciesBook(
      SpeciesMapper mapper,
      Books books,
      AdviceService advice,
      Glances glances,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ObjectMapper json,
      PlatformTransactionManager transactions) {
    this.ofItsOwn = new TransactionTemplate(transactions);
    ofItsOwn.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    this.mapper = mapper;
    this.books = books;
    this.advice = advice;
    this.glances = glances;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.json = json;
    try {
      books.useSpecies(List.copyOf(edits().values()));
    } catch (IllegalArgumentException e) {
      // a newer shipped book may have taken a name that the team uses
      LOG.error("The team's species cannot be used, the shipped ones hold: {}", e.getMessage());
    }
  }

  private Map<String, Map<String, String>> edits() {
    Map<String, Map<String, String>> edits = new LinkedHashMap<>();
    for (SpeciesMapper.EditRow row : mapper.edits()) {
      edits.put(row.name(), cells(row));
    }
    return edits;
  }

  private Map<String, String> cells(SpeciesMapper.EditRow row) {
    Map<String, String> cells = new LinkedHashMap<>();
    JsonNode tree = json.readTree(row.cells());
    for (SpeciesColumn column : SpeciesForm.columns()) {
      JsonNode cell = tree.get(column.key());
      cells.put(column.key(), cell == null ? "" : cell.asString());
    }
    return cells;
  }

  private String groupLabel(Group group) {
    return books.team().book().species().group(group).name();
  }

  private Origin origin(String name, Set<String> edited) {
    if (!edited.contains(name)) {
      return Origin.SHIPPED;
    }
    return books.form().shipped(name).isPresent() ? Origin.EDITED : Origin.ADDED;
  }

  /** All entries that have every word, by name. */
  @Transactional(readOnly = true)
  public List<SpeciesLine> list(String search) {
    String[] words = search.toLowerCase(Locale.ROOT).trim().split("\\s+");
    Map<String, Integer> plants = new HashMap<>();
    mapper.counts().forEach(count -> plants.put(count.species(), count.plants()));
    Set<String> edited = edits().keySet();
    List<SpeciesLine> lines = new ArrayList<>();
    for (Species species : books.team().book().species().all()) {
      String label = groupLabel(species.group());
      String text =
          (species.name() + " " + species.commonNames() + " " + species.synonyms() + " " + label)
              .toLowerCase(Locale.ROOT);
      boolean has = true;
      for (String word : words) {
        has &= text.contains(word);
      }
      if (has) {
        lines.add(
            new SpeciesLine(
                species.name(),
                species.commonNames(),
                species.group().name(),
                label,
                origin(species.name(), edited),
                plants.getOrDefault(species.name(), 0),
                species.remarks()));
      }
    }
    lines.sort(java.util.Comparator.comparing(SpeciesLine::name));
    return lines;
  }

  FormView form() {
    return new FormView(
        SpeciesForm.columns().stream()
            .map(
                c ->
                    new ColumnView(
                        c.key(),
                        c.label(),
                        c.kind().name(),
                        c.options(),
                        c.least(),
                        c.most(),
                        c.unit(),
                        c.use()))
            .toList(),
        java.util.Arrays.stream(Group.values())
            .map(
                group ->
                    new GroupCells(
                        group.name(), groupLabel(group), list(books.form().group(group))))
            .toList(),
        books.team().book().media().mixes().stream().map(mix -> mix.code()).toList());
  }

  private static List<Cell> list(Map<String, String> cells) {
    return cells.entrySet().stream().map(c -> new Cell(c.getKey(), c.getValue())).toList();
  }

  /**
   * @throws NotFoundException when the book has no such entry
   */
  @Transactional(readOnly = true)
  public SpeciesPage page(String name, Units units) {
    Species species =
        books
            .team()
            .book()
            .species()
            .find(name)
            .orElseThrow(() -> new NotFoundException("The book has no such species."));
    SpeciesMapper.EditRow edit =
        mapper.edits().stream()
            .filter(row -> row.name().equals(species.name()))
            .findFirst()
            .orElse(null);
    Map<String, String> shipped = books.form().shipped(species.name()).orElse(Map.of());
    Map<String, String> cells = edit == null ? shipped : cells(edit);
    Wording wording = new Wording(units);
    return new SpeciesPage(
        species.name(),
        species.commonNames(),
        species.synonyms(),
        species.group().name(),
        groupLabel(species.group()),
        origin(species.name(), edit == null ? Set.of() : Set.of(species.name())),
        edit == null ? 0 : edit.version(),
        edit == null ? null : edit.who(),
        mapper.count(species.name()),
        species.remarks(),
        Reading.of(species.traits()).stream()
            .map(p -> new PassageView(p.topic(), wording.texts(p.sentences())))
            .toList(),
        list(cells),
        list(books.form().group(species.group())),
        edit == null || shipped.isEmpty()
            ? List.of()
            : cells.entrySet().stream()
                .filter(cell -> !cell.getValue().equals(shipped.getOrDefault(cell.getKey(), "")))
                .map(Map.Entry::getKey)
                .toList(),
        books.team().book().species().all().stream()
            .filter(other -> other.group() == species.group() && other != species)
            .map(Species::name)
            .toList());
  }

  private static Map<String, String> byColumn(List<Cell> cells) {
    Map<String, String> byColumn = new LinkedHashMap<>();
    for (SpeciesColumn column : SpeciesForm.columns()) {
      byColumn.put(column.key(), "");
    }
    for (Cell cell : cells) {
      if (cell.key() == null || byColumn.put(cell.key(), text(cell)) == null) {
        throw InputException.of("cells", "There is no column " + cell.key() + ".", cell.key());
      }
    }
    return byColumn;
  }

  private static String text(Cell cell) {
    return cell.text() == null ? "" : cell.text().trim();
  }

  private List<Fault> faults(Map<String, String> cells) {
    List<Fault> faults = new ArrayList<>();
    books
        .form()
        .faults(cells)
        .forEach((column, what) -> faults.add(fault(column, what, cells.get(column))));
    return faults;
  }

  private static Fault fault(String column, String what, @Nullable String value) {
    return new Fault(
        column, what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1) + ".", value);
  }

  /** Rules with these entries besides those the team has; null removes one. */
  private Advise rulesWith(Map<String, @Nullable Map<String, String>> changed) {
    Map<String, Map<String, String>> edits = edits();
    changed.forEach(
        (name, cells) -> {
          if (cells == null) {
            edits.remove(name);
          } else {
            edits.put(name, cells);
          }
        });
    try {
      return books.withSpecies(List.copyOf(edits.values()));
    } catch (IllegalArgumentException e) {
      throw InputException.of(
          "commonNames",
          "Another entry has this name already: "
              + e.getMessage().replaceFirst("^species: ", "")
              + ".",
          null);
    }
  }

  /** Which plants' calls an entry would change, before it is saved. */
  @Transactional(readOnly = true)
  public SpeciesEffect effect(EntryCells entry) {
    Map<String, String> cells = byColumn(entry.cells());
    List<Fault> faults = faults(cells);
    if (!faults.isEmpty()) {
      return new SpeciesEffect(faults, 0, 0, List.of());
    }
    Map<String, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    changed.put(cells.get("name"), cells);
    return effect(changed);
  }

  /** Which plants' calls it would change to go back to the shipped entry. */
  @Transactional(readOnly = true)
  public SpeciesEffect resetEffect(String name) {
    Map<String, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    changed.put(name, null);
    return effect(changed);
  }

  private SpeciesEffect effect(Map<String, @Nullable Map<String, String>> changed) {
    Advise other = rulesWith(changed);
    List<UUID> plants =
        changed.isEmpty() ? List.of() : mapper.plants(List.copyOf(changed.keySet()), MOST_ASKED);
    List<CallChange> changes = advice.changedBy(other, plants);
    return new SpeciesEffect(
        List.of(),
        plants.size(),
        changes.size(),
        changes.stream().limit(MOST_CHANGES_SHOWN).toList());
  }

  /**
   * Saves an entry; its name cannot change.
   *
   * @param version as the page gave it, 0 where the team has no entry of its own yet
   */
  @Transactional
  public void save(String name, int version, EntryCells entry) {
    Map<String, String> cells = byColumn(entry.cells());
    if (!name.equals(cells.get("name"))) {
      throw InputException.of("name", "The name of an entry stays. Add another one.", name);
    }
    List<Fault> faults = faults(cells);
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    store(name, version, cells);
    history.log("species", logId(name), "Saved " + name);
    rulesWith(Map.of());
    useAfterCommit();
  }

  private void store(String name, int version, Map<String, String> cells) {
    String text = json.writeValueAsString(cells);
    boolean stored = true;
    if (version == 0) {
      if (mapper.version(name) == null) {
        mapper.add(name, text, clock.now(), user.id());
      } else {
        stored = false;
      }
    } else {
      stored = mapper.edit(name, version, text, clock.now(), user.id()) == 1;
    }
    if (!stored) {
      SpeciesMapper.EditRow now =
          mapper.edits().stream().filter(row -> row.name().equals(name)).findFirst().orElse(null);
      Map<String, String> theirs = now == null ? Map.of() : cells(now);
      throw new StaleException(
          now == null ? 0 : now.version(),
          now == null ? "Somebody" : now.who(),
          cells.entrySet().stream()
              .filter(cell -> !cell.getValue().equals(theirs.getOrDefault(cell.getKey(), "")))
              .map(
                  cell ->
                      new StaleException.Change(
                          cell.getKey(), cell.getValue(), theirs.getOrDefault(cell.getKey(), "")))
              .toList());
    }
  }

  /**
   * Goes back to the shipped entry, or removes one that the team has added.
   *
   * @throws ConflictException when plants of an added species are in care
   */
  @Transactional
  public void reset(String name) {
    if (books.form().shipped(name).isEmpty() && mapper.count(name) > 0) {
      throw new ConflictException(
          "Plants of this species are in care. Give them another species first.");
    }
    if (mapper.remove(name) == 0) {
      throw new NotFoundException("The team has no entry of its own under this name.");
    }
    history.log("species", logId(name), "Reset " + name);
    rulesWith(Map.of());
    useAfterCommit();
  }

  private static UUID logId(String name) {
    return UUID.nameUUIDFromBytes(("species " + name).getBytes(StandardCharsets.UTF_8));
  }

  /** The book that all see changes only once the edit is on disk. */
  private void useAfterCommit() {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            // read anew: someone else may have saved another entry meanwhile
            books.useSpecies(
                Objects.requireNonNull(ofItsOwn.execute(s -> List.copyOf(edits().values()))));
            glances.bringUpToDate();
          }
        });
  }

  /** All entries as cells by column, the team's in place of the shipped. */
  @Transactional(readOnly = true)
  public List<Map<String, String>> all() {
    Map<String, Map<String, String>> edits = edits();
    return books.team().book().species().all().stream()
        .map(
            species ->
                edits.containsKey(species.name())
                    ? edits.get(species.name())
                    : books.form().shipped(species.name()).orElseThrow())
        .toList();
  }

  /** Reads entries, tells each row's faults and which calls they change, and saves all or none. */
  @Transactional
  public ImportView enter(SpeciesImport request) {
    List<Fault> sheetFaults = new ArrayList<>();
    List<Map<String, String>> entries =
        new EntriesIn(json, COLUMNS, Set.of("name", "group"))
            .read(request.format(), request.text(), sheetFaults);
    if (!sheetFaults.isEmpty()) {
      return new ImportView(
          sheetFaults, List.of(), new SpeciesEffect(List.of(), 0, 0, List.of()), false);
    }
    List<ImportRow> rows = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    Map<String, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    boolean faultless = true;
    int line = request.format() == Format.CSV ? 2 : 1;
    for (Map<String, String> cells : entries) {
      List<Fault> faults = new ArrayList<>(faults(cells));
      String name = cells.getOrDefault("name", "");
      if (!name.isEmpty() && !seen.add(name)) {
        faults.add(new Fault("name", "This entry is there twice.", name));
      }
      faultless &= faults.isEmpty();
      rows.add(
          new ImportRow(line++, name, books.team().book().species().find(name).isEmpty(), faults));
      if (faults.isEmpty() && differs(name, cells)) {
        changed.put(name, cells);
      }
    }
    SpeciesEffect effect =
        faultless ? effect(changed) : new SpeciesEffect(List.of(), 0, 0, List.of());
    boolean save = faultless && request.save();
    if (save) {
      changed.forEach(
          (name, cells) -> {
            Integer version = mapper.version(name);
            store(name, version == null ? 0 : version, Objects.requireNonNull(cells));
            history.log("species", logId(name), "Read in " + name);
          });
      rulesWith(Map.of());
      useAfterCommit();
    }
    return new ImportView(List.of(), rows, effect, save);
  }

  /** An entry that says what the book says already is not made the team's own. */
  private boolean differs(String name, Map<String, String> cells) {
    Map<String, String> now = edits().get(name);
    return !cells.equals(now == null ? books.form().shipped(name).orElse(Map.of()) : now);
  }
}
