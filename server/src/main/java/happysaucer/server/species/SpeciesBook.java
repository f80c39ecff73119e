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
import happysaucer.server.clock.TeamClock;
import happysaucer.server.entry.Entries;
import happysaucer.server.entry.EntryCells;
import happysaucer.server.exchange.EntriesIn;
import happysaucer.server.exchange.Format;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.history.Versions;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.species.SpeciesAnswers.ColumnView;
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
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** The species book as a team reads and edits it: shipped entries, and the team's own. */
@Service
// it may name mixes of the team, which have to be there first
@DependsOn("mixBook")
class SpeciesBook {
  /** So many plants are asked at most what an edit would change for them. */
  private static final int MOST_ASKED = 1000;

  private static final int MOST_IN_CARE = 100_000;

  private static final int MOST_CHANGES_SHOWN = 100;

  private static final Logger LOG = LoggerFactory.getLogger(SpeciesBook.class);
  private static final List<String> COLUMNS =
      SpeciesForm.columns().stream().map(SpeciesColumn::key).toList();

  private final SpeciesMapper mapper;
  private final Books books;
  private final AdviceService advice;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ObjectMapper json;
  private final Entries entries;

  SpeciesBook(
      SpeciesMapper mapper,
      Books books,
      AdviceService advice,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ObjectMapper json,
      Entries entries) {
    this.entries = entries;
    this.mapper = mapper;
    this.books = books;
    this.advice = advice;
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
    return entries.read(row.cells(), COLUMNS);
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
                        group.name(), groupLabel(group), Entries.list(books.form().group(group))))
            .toList(),
        books.team().book().media().mixes().stream().map(mix -> mix.code()).toList());
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
        Entries.list(cells),
        Entries.list(books.form().group(species.group())),
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

  private List<Fault> faults(Map<String, String> cells) {
    return Entries.faults(books.form().faults(cells), cells);
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
    Map<String, String> cells = Entries.byColumn(COLUMNS, entry.cells());
    List<Fault> faults = faults(cells);
    if (!faults.isEmpty()) {
      return new SpeciesEffect(faults, 0, 0, 0, List.of());
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
    List<UUID> inCare =
        changed.isEmpty() ? List.of() : mapper.plants(List.copyOf(changed.keySet()), MOST_IN_CARE);
    List<UUID> plants = inCare.subList(0, Math.min(inCare.size(), MOST_ASKED));
    List<CallChange> changes = advice.changedBy(other, plants);
    return new SpeciesEffect(
        List.of(),
        inCare.size(),
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
    Map<String, String> cells = Entries.byColumn(COLUMNS, entry.cells());
    if (!name.equals(cells.get("name"))) {
      throw InputException.of("name", "The name of an entry stays. Add another one.", name);
    }
    List<Fault> faults = faults(cells);
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    if (store(name, version, cells)) {
      history.log("species", logId(name), "Saved " + name);
      rulesWith(Map.of());
      useAfterCommit();
    }
  }

  private boolean store(String name, int version, Map<String, String> cells) {
    String text = entries.write(cells);
    SpeciesMapper.EditRow now =
        mapper.edits().stream().filter(row -> row.name().equals(name)).findFirst().orElse(null);
    return Versions.save(
        version,
        now == null ? null : new Versions.Stored(now.version(), now.who()),
        () -> mapper.add(name, text, clock.now(), user.id()),
        () -> mapper.edit(name, version, text, clock.now(), user.id()) == 1,
        () -> Entries.differences(cells, now == null ? Map.of() : cells(now)));
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

  private void useAfterCommit() {
    entries.useAfterCommit(() -> books.useSpecies(List.copyOf(edits().values())));
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
    List<Map<String, String>> given =
        new EntriesIn(json, COLUMNS, Set.of("name", "group"))
            .read(request.format(), request.text(), sheetFaults);
    if (!sheetFaults.isEmpty()) {
      return new ImportView(
          sheetFaults, List.of(), new SpeciesEffect(List.of(), 0, 0, 0, List.of()), false);
    }
    List<ImportRow> rows = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    Map<String, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    boolean faultless = true;
    int line = request.format() == Format.CSV ? 2 : 1;
    for (Map<String, String> cells : given) {
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
        faultless ? effect(changed) : new SpeciesEffect(List.of(), 0, 0, 0, List.of());
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
