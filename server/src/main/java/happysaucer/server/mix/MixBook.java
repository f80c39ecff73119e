package happysaucer.server.mix;

import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.book.MediumForm;
import happysaucer.core.book.TeamRows;
import happysaucer.core.medium.BucketTest;
import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.MixInPot;
import happysaucer.core.species.Species;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.AdviceService.PlanChange;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.Glances;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.exchange.EntriesIn;
import happysaucer.server.exchange.Format;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.mix.BucketTests.BucketFit;
import happysaucer.server.mix.BucketTests.BucketTestRequest;
import happysaucer.server.mix.BucketTests.BucketTestView;
import happysaucer.server.mix.MediumAnswers.MediumCell;
import happysaucer.server.mix.MediumAnswers.MediumCells;
import happysaucer.server.mix.MediumAnswers.MediumEffect;
import happysaucer.server.mix.MediumAnswers.MediumImport;
import happysaucer.server.mix.MediumAnswers.MediumImportRow;
import happysaucer.server.mix.MediumAnswers.MediumImportView;
import happysaucer.server.mix.MediumAnswers.MediumOrigin;
import happysaucer.server.mix.MediumAnswers.MediumPage;
import happysaucer.server.mix.MediumMapper.EditRow;
import happysaucer.server.mix.MediumMapper.TestRow;
import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Ingredients and mixes as a team reads, edits and measures them: shipped ones, and its own. */
@Service
public class MixBook {
  private static final Logger LOG = LoggerFactory.getLogger(MixBook.class);
  private static final String ENTITY = "medium";

  /** So many plants are asked at most what an edit would change for them. */
  private static final int MOST_ASKED = 300;

  private static final int MOST_IN_CARE = 100_000;
  private static final int MOST_CHANGES_SHOWN = 60;
  private static final int MOST_OWN = 200;

  private final MediumMapper mapper;
  private final Books books;
  private final AdviceService advice;
  private final Glances glances;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ObjectMapper json;
  private final TransactionTemplate ofItsOwn;

  MixBook(
      MediumMapper mapper,
      Books books,
      AdviceService advice,
      Glances glances,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ObjectMapper json,
      PlatformTransactionManager transactions) {
    this.mapper = mapper;
    this.books = books;
    this.advice = advice;
    this.glances = glances;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.json = json;
    this.ofItsOwn = new TransactionTemplate(transactions);
    ofItsOwn.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    try {
      TeamRows rows = rows(edits());
      books.useMedia(rows.ingredients(), rows.mixes());
    } catch (IllegalArgumentException e) {
      LOG.error("The team's mixes cannot be used, the shipped ones hold: {}", e.getMessage());
    }
  }

  private record Key(Kind kind, String code) {}

  private Map<Key, Map<String, String>> edits() {
    Map<Key, Map<String, String>> edits = new LinkedHashMap<>();
    for (EditRow row : mapper.edits()) {
      edits.put(new Key(row.kind(), row.code()), cells(row));
    }
    return edits;
  }

  private Map<String, String> cells(EditRow row) {
    Map<String, String> cells = new LinkedHashMap<>();
    JsonNode tree = json.readTree(row.cells());
    for (String column : columns(row.kind())) {
      JsonNode cell = tree.get(column);
      cells.put(column, cell == null ? "" : cell.asString());
    }
    return cells;
  }

  static List<String> columns(Kind kind) {
    return kind == Kind.MIX ? MediumForm.MIX_COLUMNS : MediumForm.INGREDIENT_COLUMNS;
  }

  private Optional<Map<String, String>> shipped(Key key) {
    return key.kind() == Kind.MIX
        ? books.mediumForm().shippedMix(key.code())
        : books.mediumForm().shippedIngredient(key.code());
  }

  /** Rows for a book: the team's, and of mixes also those that it measured. */
  private TeamRows rows(Map<Key, Map<String, String>> edits) {
    List<Map<String, String>> ingredients = new ArrayList<>();
    Map<String, Map<String, String>> mixes = new LinkedHashMap<>();
    edits.forEach(
        (key, cells) -> {
          if (key.kind() == Kind.MIX) {
            mixes.put(key.code(), MediumForm.unmeasured(cells));
          } else {
            ingredients.add(cells);
          }
        });
    List<TestRow> tests = mapper.tests();
    if (!tests.isEmpty()) {
      MediumTable media =
          books
              .mediumForm()
              .media(TeamRows.NONE.withMedia(ingredients, List.copyOf(mixes.values())));
      for (Mix mix : media.mixes()) {
        BucketTests.measured(tests, mix)
            .ifPresent(
                measured ->
                    mixes.put(
                        mix.code(),
                        MediumForm.measured(
                            mixes.getOrDefault(
                                mix.code(),
                                books.mediumForm().shippedMix(mix.code()).orElse(Map.of())),
                            Double.toString(measured.saturated()),
                            Double.toString(measured.alphaPerCm()))));
      }
    }
    return TeamRows.NONE.withMedia(ingredients, List.copyOf(mixes.values()));
  }

  MediumPage page(Kind kind, String code) {
    MediumTable media = books.team().book().media();
    EditRow edit =
        mapper.edits().stream()
            .filter(row -> row.kind() == kind && row.code().equals(code))
            .findFirst()
            .orElse(null);
    Optional<Map<String, String>> shipped = shipped(new Key(kind, code));
    if (edit == null && shipped.isEmpty()) {
      throw new NotFoundException(
          kind == Kind.MIX ? "There is no such mix." : "There is no such ingredient.");
    }
    Map<String, String> cells = edit == null ? shipped.orElseThrow() : cells(edit);
    List<BucketTestView> tests = List.of();
    BucketFit fit = null;
    Optional<Mix> mix = kind == Kind.MIX ? media.mix(code) : Optional.empty();
    if (mix.isPresent()) {
      Mix of = mix.get();
      tests =
          mapper.tests().stream()
              .filter(row -> row.mix().equals(code))
              .map(row -> BucketTests.view(row, of))
              .toList();
      fit = BucketTests.fit(tests, of);
    }
    MixInPot drawn = Mixes.drawn(media, mix.orElseGet(() -> alone(media, code)));
    return new MediumPage(
        kind,
        code,
        cells.getOrDefault("label", code),
        edit == null
            ? MediumOrigin.SHIPPED
            : shipped.isPresent() ? MediumOrigin.EDITED : MediumOrigin.ADDED,
        edit == null ? 0 : edit.version(),
        edit == null ? null : edit.who(),
        columns(kind).stream()
            .map(column -> new MediumCell(column, cells.getOrDefault(column, "")))
            .toList(),
        kind == Kind.MIX ? wantedBy(code) : madeOf(media, code),
        kind == Kind.MIX ? mapper.inMix(code) : 0,
        tests,
        fit,
        Mixes.DRAWN_MM,
        Mixes.depth(Mixes.DRAWN_MM),
        drawn.airFilled(),
        Mixes.layers(drawn));
  }

  /** An ingredient filled into a pot with nothing else. */
  private static Mix alone(MediumTable media, String code) {
    Ingredient one =
        media
            .ingredient(code)
            .orElseThrow(() -> new NotFoundException("There is no such ingredient."));
    return new Mix(
        code, one.label(), List.of(new Mix.Part(one, 1)), 1, false, false, "", Optional.empty());
  }

  private List<String> wantedBy(String mix) {
    return books.team().book().species().all().stream()
        .filter(
            kind ->
                kind.traits().bestMix().equals(mix)
                    || kind.traits().acceptableMixes().contains(mix))
        .map(Species::name)
        .toList();
  }

  private static List<String> madeOf(MediumTable media, String ingredient) {
    return media.mixes().stream()
        .filter(
            mix ->
                mix.parts().stream().anyMatch(part -> part.ingredient().code().equals(ingredient)))
        .map(Mix::label)
        .toList();
  }

  private static Map<String, String> byColumn(Kind kind, MediumCells given) {
    Map<String, String> byColumn = new LinkedHashMap<>();
    columns(kind).forEach(column -> byColumn.put(column, ""));
    for (MediumCell cell : given.cells()) {
      String text = cell.text() == null ? "" : cell.text().trim();
      if (cell.key() == null || byColumn.put(cell.key(), text) == null) {
        throw InputException.of("cells", "There is no column " + cell.key() + ".", cell.key());
      }
    }
    return byColumn;
  }

  private List<Fault> faults(Kind kind, Map<String, String> cells, MediumTable media) {
    List<Fault> faults = new ArrayList<>();
    Map<String, String> found =
        kind == Kind.MIX
            ? books.mediumForm().mixFaults(cells, media)
            : books.mediumForm().ingredientFaults(cells);
    found.forEach(
        (column, what) ->
            faults.add(
                new Fault(
                    column,
                    what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1) + ".",
                    cells.get(column))));
    return faults;
  }

  /** The team's rows with others in place of some; null takes one back. */
  private TeamRows rowsWith(Map<Key, @Nullable Map<String, String>> changed) {
    Map<Key, Map<String, String>> edits = edits();
    changed.forEach(
        (key, cells) -> {
          if (cells == null) {
            edits.remove(key);
          } else {
            edits.put(key, cells);
          }
        });
    return rows(edits);
  }

  /**
   * @throws ConflictException when something else is made of it or wants it
   */
  private Advise rulesWith(Map<Key, @Nullable Map<String, String>> changed) {
    try {
      TeamRows rows = rowsWith(changed);
      return books.withMedia(rows.ingredients(), rows.mixes());
    } catch (IllegalArgumentException e) {
      throw new ConflictException(
          "A mix is made of it, or a species of the team wants it. Change those first. ("
              + e.getMessage()
              + ")");
    }
  }

  /** Which plants' days and plans an entry would change, before it is saved. */
  @Transactional(readOnly = true)
  MediumEffect effect(Kind kind, MediumCells given) {
    Map<String, String> cells = byColumn(kind, given);
    List<Fault> faults = faults(kind, cells, books.team().book().media());
    if (!faults.isEmpty()) {
      return new MediumEffect(faults, 0, 0, 0, List.of());
    }
    Map<Key, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    changed.put(new Key(kind, cells.getOrDefault("code", "")), cells);
    return effect(changed);
  }

  @Transactional(readOnly = true)
  MediumEffect resetEffect(Kind kind, String code) {
    Map<Key, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    changed.put(new Key(kind, code), null);
    return effect(changed);
  }

  private MediumEffect effect(Map<Key, @Nullable Map<String, String>> changed) {
    Advise other = rulesWith(changed);
    Set<String> mixes = touched(changed.keySet(), other.book().media());
    if (mixes.isEmpty()) {
      return new MediumEffect(List.of(), 0, 0, 0, List.of());
    }
    List<String> species = new ArrayList<>();
    for (Species kind : books.team().book().species().all()) {
      if (mixes.contains(kind.traits().bestMix())
          || kind.traits().acceptableMixes().stream().anyMatch(mixes::contains)) {
        species.add(kind.name());
      }
    }
    List<UUID> inCare = mapper.plants(mixes, species, MOST_IN_CARE);
    List<UUID> plants = inCare.subList(0, Math.min(inCare.size(), MOST_ASKED));
    List<PlanChange> changes = advice.plansChangedBy(other, plants, user.units());
    return new MediumEffect(
        List.of(),
        inCare.size(),
        plants.size(),
        changes.size(),
        changes.stream().limit(MOST_CHANGES_SHOWN).toList());
  }

  /** Mixes that are other ones, by an edit of their own or of what they are made of. */
  private static Set<String> touched(Set<Key> keys, MediumTable media) {
    Set<String> mixes = new LinkedHashSet<>();
    for (Key key : keys) {
      if (key.kind() == Kind.MIX) {
        mixes.add(key.code());
      }
      for (Mix mix : media.mixes()) {
        if (key.kind() == Kind.INGREDIENT
            && mix.parts().stream().anyMatch(part -> part.ingredient().code().equals(key.code()))) {
          mixes.add(mix.code());
        }
      }
    }
    return mixes;
  }

  /**
   * Saves an entry; its code cannot change.
   *
   * @param version as the page gave it, 0 where the team has none of its own yet
   */
  @Transactional
  void save(Kind kind, String code, int version, MediumCells given) {
    Map<String, String> cells = byColumn(kind, given);
    if (!code.equals(cells.get("code"))) {
      throw InputException.of("code", "The code of an entry stays. Add another one.", code);
    }
    List<Fault> faults = faults(kind, cells, books.team().book().media());
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    store(new Key(kind, code), version, cells);
    history.log(ENTITY, logId(kind, code), "Saved " + code);
    rulesWith(Map.of());
    useAfterCommit();
  }

  private void store(Key key, int version, Map<String, String> cells) {
    String text = json.writeValueAsString(cells);
    List<EditRow> edits = mapper.edits();
    EditRow now =
        edits.stream()
            .filter(row -> row.kind() == key.kind() && row.code().equals(key.code()))
            .findFirst()
            .orElse(null);
    boolean stored = false;
    if (version == 0 && now == null) {
      if (edits.size() >= MOST_OWN) {
        throw new ConflictException("The team has " + MOST_OWN + " of its own. Remove some first.");
      }
      mapper.add(key.kind(), key.code(), text, clock.now(), user.id());
      stored = true;
    } else if (version > 0) {
      stored = mapper.edit(key.kind(), key.code(), version, text, clock.now(), user.id()) == 1;
    }
    if (!stored) {
      Map<String, String> theirs = now == null ? Map.of() : cells(now);
      List<StaleException.Change> changes =
          cells.entrySet().stream()
              .filter(cell -> !cell.getValue().equals(theirs.getOrDefault(cell.getKey(), "")))
              .map(
                  cell ->
                      new StaleException.Change(
                          cell.getKey(), cell.getValue(), theirs.getOrDefault(cell.getKey(), "")))
              .toList();
      if (now != null && changes.isEmpty()) {
        // the same edit sent again over a bad line
        return;
      }
      throw new StaleException(
          now == null ? 0 : now.version(), now == null ? "Somebody" : now.who(), changes);
    }
  }

  /**
   * Goes back to the shipped entry, or removes one that the team has added.
   *
   * @throws ConflictException when plants stand in it, or something else needs it
   */
  @Transactional
  void reset(Kind kind, String code) {
    Key key = new Key(kind, code);
    if (kind == Kind.MIX && shipped(key).isEmpty() && mapper.inMix(code) > 0) {
      throw new ConflictException("Plants in care stand in this mix. Give them another first.");
    }
    if (mapper.remove(kind, code) == 0) {
      throw new NotFoundException("The team has none of its own under this code.");
    }
    history.log(ENTITY, logId(kind, code), "Reset " + code);
    rulesWith(Map.of());
    useAfterCommit();
  }

  /** Measures a mix of today's recipe. */
  @Transactional
  public void test(String code, UUID id, BucketTestRequest request) {
    Mix mix =
        books
            .team()
            .book()
            .media()
            .mix(code)
            .orElseThrow(() -> new NotFoundException("There is no such mix."));
    if (request.wetG() <= request.dryG()) {
      throw InputException.of("wetG", "Drained it weighs more than dry.", request.wetG());
    }
    if (request.baseMm() > request.topMm() * 1.5 || request.baseMm() < request.topMm() * 0.3) {
      throw InputException.of(
          "baseMm", "No vessel has such a base under such a top.", request.baseMm());
    }
    try {
      BucketTest.fit(
          mix.estimate(),
          BucketTests.vessel(request.topMm(), request.baseMm(), request.heightMm()),
          request.drainedLitres(),
          request.wetG(),
          request.dryG());
    } catch (IllegalArgumentException e) {
      throw InputException.of("drainedLitres", e.getMessage(), request.drainedLitres());
    }
    if (!history.firstTime(id, request)) {
      return;
    }
    mapper.addTest(
        id, code, BucketTests.recipe(mix), clock.today(), request, clock.now(), user.id());
    history.log(ENTITY, logId(Kind.MIX, code), "Measured " + code);
    useAfterCommit();
  }

  /** A test that went wrong counts no more. */
  @Transactional
  void voidTest(String code, UUID id) {
    if (mapper.voidTest(id, code, clock.now()) == 0) {
      throw new NotFoundException("There is no such test, or it counts no more.");
    }
    history.log(ENTITY, logId(Kind.MIX, code), "A measurement of " + code + " counts no more");
    useAfterCommit();
  }

  private static UUID logId(Kind kind, String code) {
    return UUID.nameUUIDFromBytes((kind + " " + code).getBytes(StandardCharsets.UTF_8));
  }

  /** The book that all see changes only once the edit is on disk. */
  private void useAfterCommit() {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            // read anew: someone else may have saved another entry meanwhile
            TeamRows rows = Objects.requireNonNull(ofItsOwn.execute(s -> rows(edits())));
            books.useMedia(rows.ingredients(), rows.mixes());
            glances.bringUpToDate();
          }
        });
  }

  /** All entries as cells by column, the team's in place of the shipped. */
  @Transactional(readOnly = true)
  List<Map<String, String>> all(Kind kind) {
    Map<Key, Map<String, String>> edits = edits();
    MediumTable media = books.team().book().media();
    List<String> codes =
        kind == Kind.MIX
            ? media.mixes().stream().map(Mix::code).toList()
            : media.ingredients().stream().map(Ingredient::code).toList();
    List<Map<String, String>> all = new ArrayList<>();
    for (String code : codes) {
      Key key = new Key(kind, code);
      Map<String, String> cells =
          edits.containsKey(key) ? edits.get(key) : shipped(key).orElseThrow();
      Map<String, String> row = new LinkedHashMap<>();
      columns(kind).forEach(column -> row.put(column, cells.getOrDefault(column, "")));
      all.add(row);
    }
    return all;
  }

  /** Reads entries, tells each row's faults and which plans they change, and saves all or none. */
  @Transactional
  MediumImportView enter(MediumImport request) {
    List<Fault> sheetFaults = new ArrayList<>();
    List<String> columns = columns(request.kind());
    List<Map<String, String>> entries =
        new EntriesIn(json, columns, Set.of("code", "label"))
            .read(request.format(), request.text(), sheetFaults);
    MediumEffect none = new MediumEffect(List.of(), 0, 0, 0, List.of());
    if (!sheetFaults.isEmpty()) {
      return new MediumImportView(sheetFaults, List.of(), none, false);
    }
    MediumTable media = books.team().book().media();
    Map<Key, Map<String, String>> now = edits();
    List<MediumImportRow> rows = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    Map<Key, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    boolean faultless = true;
    int line = request.format() == Format.CSV ? 2 : 1;
    for (Map<String, String> cells : entries) {
      List<Fault> faults = new ArrayList<>(faults(request.kind(), cells, media));
      Key key = new Key(request.kind(), cells.getOrDefault("code", ""));
      if (!key.code().isEmpty() && !seen.add(key.code())) {
        faults.add(new Fault("code", "This entry is there twice.", key.code()));
      }
      faultless &= faults.isEmpty();
      Map<String, String> before = now.getOrDefault(key, shipped(key).orElse(Map.of()));
      rows.add(new MediumImportRow(line++, key.code(), before.isEmpty(), faults));
      if (columns.stream()
          .anyMatch(
              column -> !cells.getOrDefault(column, "").equals(before.getOrDefault(column, "")))) {
        changed.put(key, cells);
      }
    }
    MediumEffect effect = faultless ? effect(changed) : none;
    boolean save = faultless && request.save();
    if (save) {
      changed.forEach(
          (key, cells) -> {
            Integer version = mapper.version(key.kind(), key.code());
            store(key, version == null ? 0 : version, Objects.requireNonNull(cells));
            history.log(ENTITY, logId(key.kind(), key.code()), "Read in " + key.code());
          });
      rulesWith(Map.of());
      useAfterCommit();
    }
    return new MediumImportView(List.of(), rows, effect, save);
  }
}
