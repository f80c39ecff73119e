package happysaucer.server.mix;

import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.medium.BucketTest;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.species.Species;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.AdviceService.PlanChange;
import happysaucer.server.advice.Books;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.entry.Entries;
import happysaucer.server.entry.EntryCells;
import happysaucer.server.exchange.EntriesIn;
import happysaucer.server.exchange.Format;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.history.Versions;
import happysaucer.server.mix.BucketTests.BucketTestRequest;
import happysaucer.server.mix.MediumAnswers.MediumEffect;
import happysaucer.server.mix.MediumAnswers.MediumImport;
import happysaucer.server.mix.MediumAnswers.MediumImportRow;
import happysaucer.server.mix.MediumAnswers.MediumImportView;
import happysaucer.server.mix.MediumMapper.EditRow;
import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.mix.TeamMedia.Key;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
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
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ObjectMapper json;
  private final Entries entries;
  private final TeamMedia team;

  MixBook(
      MediumMapper mapper,
      Books books,
      AdviceService advice,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ObjectMapper json,
      Entries entries,
      TeamMedia team) {
    this.mapper = mapper;
    this.books = books;
    this.advice = advice;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.json = json;
    this.entries = entries;
    this.team = team;
    try {
      team.use();
    } catch (IllegalArgumentException e) {
      LOG.error("The team's mixes cannot be used, the shipped ones hold: {}", e.getMessage());
    }
  }

  /** Which plants' days and plans an entry would change, before it is saved. */
  @Transactional(readOnly = true)
  MediumEffect effect(Kind kind, EntryCells given) {
    Map<String, String> cells = Entries.byColumn(TeamMedia.columns(kind), given.cells());
    List<Fault> faults = team.faults(kind, cells, books.team().book().media());
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
    Advise other = team.rulesWith(changed);
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
  void save(Kind kind, String code, int version, EntryCells given) {
    Map<String, String> cells = Entries.byColumn(TeamMedia.columns(kind), given.cells());
    if (!code.equals(cells.get("code"))) {
      throw InputException.of("code", "The code of an entry stays. Add another one.", code);
    }
    List<Fault> faults = team.faults(kind, cells, books.team().book().media());
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    if (store(new Key(kind, code), version, cells)) {
      history.log(ENTITY, logId(kind, code), "Saved " + code);
      team.rulesWith(Map.of());
      useAfterCommit();
    }
  }

  private boolean store(Key key, int version, Map<String, String> cells) {
    String text = entries.write(cells);
    List<EditRow> edits = mapper.edits();
    EditRow now =
        edits.stream()
            .filter(row -> row.kind() == key.kind() && row.code().equals(key.code()))
            .findFirst()
            .orElse(null);
    if (now == null && edits.size() >= MOST_OWN) {
      throw new ConflictException("The team has " + MOST_OWN + " of its own. Remove some first.");
    }
    return Versions.save(
        version,
        now == null ? null : new Versions.Stored(now.version(), now.who()),
        () -> mapper.add(key.kind(), key.code(), text, clock.now(), user.id()),
        () -> mapper.edit(key.kind(), key.code(), version, text, clock.now(), user.id()) == 1,
        () -> Entries.differences(cells, now == null ? Map.of() : team.cells(now)));
  }

  /**
   * Goes back to the shipped entry, or removes one that the team has added.
   *
   * @throws ConflictException when plants stand in it, or something else needs it
   */
  @Transactional
  void reset(Kind kind, String code) {
    Key key = new Key(kind, code);
    if (kind == Kind.MIX && team.shipped(key).isEmpty() && mapper.inMix(code) > 0) {
      throw new ConflictException("Plants in care stand in this mix. Give them another first.");
    }
    if (mapper.remove(kind, code) == 0) {
      throw new NotFoundException("The team has none of its own under this code.");
    }
    history.log(ENTITY, logId(kind, code), "Reset " + code);
    team.rulesWith(Map.of());
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

  private void useAfterCommit() {
    entries.useAfterCommit(team::use);
  }

  /** Reads entries, tells each row's faults and which plans they change, and saves all or none. */
  @Transactional
  MediumImportView enter(MediumImport request) {
    List<Fault> sheetFaults = new ArrayList<>();
    List<String> columns = TeamMedia.columns(request.kind());
    List<Map<String, String>> given =
        new EntriesIn(json, columns, Set.of("code", "label"))
            .read(request.format(), request.text(), sheetFaults);
    MediumEffect none = new MediumEffect(List.of(), 0, 0, 0, List.of());
    if (!sheetFaults.isEmpty()) {
      return new MediumImportView(sheetFaults, List.of(), none, false);
    }
    MediumTable media = books.team().book().media();
    Map<Key, Map<String, String>> now = team.edits();
    List<MediumImportRow> rows = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    Map<Key, @Nullable Map<String, String>> changed = new LinkedHashMap<>();
    boolean faultless = true;
    int line = request.format() == Format.CSV ? 2 : 1;
    for (Map<String, String> cells : given) {
      List<Fault> faults = new ArrayList<>(team.faults(request.kind(), cells, media));
      Key key = new Key(request.kind(), cells.getOrDefault("code", ""));
      if (!key.code().isEmpty() && !seen.add(key.code())) {
        faults.add(new Fault("code", "This entry is there twice.", key.code()));
      }
      faultless &= faults.isEmpty();
      Map<String, String> before = now.getOrDefault(key, team.shipped(key).orElse(Map.of()));
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
      team.rulesWith(Map.of());
      useAfterCommit();
    }
    return new MediumImportView(List.of(), rows, effect, save);
  }
}
