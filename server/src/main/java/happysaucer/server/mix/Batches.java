package happysaucer.server.mix;

import happysaucer.core.advice.Advice;
import happysaucer.core.medium.Batch;
import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.server.advice.Books;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobDone;
import happysaucer.server.mix.BatchAnswers.BatchJob;
import happysaucer.server.mix.BatchAnswers.BatchMix;
import happysaucer.server.mix.BatchAnswers.BatchPart;
import happysaucer.server.mix.BatchAnswers.BatchPlan;
import happysaucer.server.mix.BatchAnswers.BatchPlant;
import happysaucer.server.mix.BatchAnswers.BatchRequest;
import happysaucer.server.mix.BatchAnswers.BatchView;
import happysaucer.server.mix.BatchAnswers.Buying;
import happysaucer.server.mix.BatchAnswers.MadeBatch;
import happysaucer.server.mix.BatchAnswers.MixedView;
import happysaucer.server.mix.BatchAnswers.UsedLot;
import happysaucer.server.mix.BatchAnswers.Wanted;
import happysaucer.server.mix.BatchMapper.BatchMixRow;
import happysaucer.server.mix.BatchMapper.ForJob;
import happysaucer.server.mix.BatchMapper.HeadRow;
import happysaucer.server.mix.BatchMapper.LeftRow;
import happysaucer.server.mix.BatchMapper.MixedRow;
import happysaucer.server.mix.BatchMapper.PromisedRow;
import happysaucer.server.mix.BatchMapper.WantedRow;
import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.mix.MixRoom.Why;
import happysaucer.server.mix.MixRoomMapper.ItemRow;
import happysaucer.server.mix.MixRoomMapper.MoveRow;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.settings.Settings;
import happysaucer.server.team.CurrentUser;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mixes made once for several jobs: what is wanting, how it is measured out, who gets of it. */
@Service
public class Batches {
  private static final String ENTITY = "batch";
  private static final int MOST_JOBS = 500;
  private static final int MOST_SHOWN = 30;
  private static final int MOST_DAYS = 92;
  private static final double GRAMS = 1000;

  private final BatchMapper mapper;
  private final MixRoom room;
  private final Books books;
  private final Settings settings;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Batches(
      BatchMapper mapper,
      MixRoom room,
      Books books,
      Settings settings,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
    this.room = room;
    this.books = books;
    this.settings = settings;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /** What is wanting for the jobs that are open. */
  public BatchPlan plan(Wanted wanted) {
    check(wanted);
    List<WantedRow> rows =
        mapper.wanted(wanted.from(), wanted.to(), wanted.crewId(), wanted.jobs(), MOST_JOBS);
    return plan(wanted, rows);
  }

  private static void check(Wanted wanted) {
    if (wanted.to().isBefore(wanted.from())) {
      throw InputException.of("to", "The last day is before the first.", wanted.to());
    }
    if (wanted.from().plusDays(MOST_DAYS).isBefore(wanted.to())) {
      throw InputException.of("to", "At most " + MOST_DAYS + " days at once.", wanted.to());
    }
  }

  private BatchPlan plan(Wanted wanted, List<WantedRow> rows) {
    MediumTable media = books.team().book().media();
    double scoop = room.scoopLitres();
    Map<String, Double> ready = ready();
    List<BatchMix> mixes = new ArrayList<>();
    Map<String, Double> litres = new LinkedHashMap<>();
    double grams = 0;
    boolean dusty = false;
    Map<String, List<WantedRow>> byMix =
        rows.stream()
            .filter(row -> row.batch() == null)
            .collect(
                Collectors.groupingBy(WantedRow::mix, LinkedHashMap::new, Collectors.toList()));
    for (Map.Entry<String, List<WantedRow>> of : byMix.entrySet()) {
      Optional<Mix> mix = media.mix(of.getKey());
      if (mix.isEmpty()) {
        // a recipe that the team has taken out since; the job says so itself
        continue;
      }
      Batch batch =
          Batch.of(
              mix.get(),
              of.getValue().stream().mapToDouble(WantedRow::litres).sum(),
              wanted.reuse() ? of.getValue().stream().mapToDouble(Batches::reused).sum() : 0,
              ready.getOrDefault(of.getKey(), 0.0),
              scoop);
      mixes.add(view(batch));
      grams += batch.grams();
      if (batch.litres() > 0) {
        dusty |= batch.mix().dusty();
        batch
            .parts()
            .forEach(
                part -> litres.merge(part.ingredient().code(), part.measuredLitres(), Double::sum));
      }
    }
    List<Buying> buying = buying(media, litres);
    return new BatchPlan(
        wanted.from(),
        wanted.to(),
        rows.stream().map(row -> view(media, row)).toList(),
        mixes,
        buying,
        grams / GRAMS,
        buying.stream().mapToInt(one -> one.cents() == null ? 0 : one.cents()).sum(),
        buying.stream().allMatch(one -> one.cents() != null),
        settings.currency(),
        scoop,
        room.bucketLitres(),
        dusty);
  }

  private static double reused(WantedRow row) {
    return Math.min(row.reusable(), row.litres());
  }

  /** What stands mixed and is promised to no job that is still to be done. */
  private Map<String, Double> ready() {
    Map<String, Double> ready = room.stock(Kind.MIX);
    for (PromisedRow promised : mapper.promised()) {
      ready.merge(promised.mix(), -promised.litres(), Double::sum);
    }
    return ready;
  }

  private static BatchJob view(MediumTable media, WantedRow row) {
    return new BatchJob(
        row.jobId(),
        row.plantId(),
        row.label(),
        row.commonName(),
        row.siteName(),
        row.plannedOn(),
        row.mix(),
        media.mix(row.mix()).map(Mix::label).orElse(row.mix()),
        row.litres(),
        reused(row),
        row.batch());
  }

  private static BatchMix view(Batch batch) {
    return new BatchMix(
        batch.mix().code(),
        batch.mix().label(),
        batch.neededLitres(),
        batch.reusedLitres(),
        batch.readyLitres(),
        batch.litres(),
        batch.measuredLitres(),
        batch.unitLitres(),
        batch.error(),
        batch.grams(),
        batch.litres() == 0
            ? List.of()
            : batch.parts().stream()
                .map(
                    part ->
                        new BatchPart(
                            part.ingredient().code(),
                            part.ingredient().label(),
                            part.litres(),
                            part.measures(),
                            part.measuredLitres(),
                            part.litres() / batch.litres(),
                            part.measuredLitres() / batch.measuredLitres(),
                            part.ingredient().dampFirst(),
                            part.ingredient().dust()))
                .toList());
  }

  private List<Buying> buying(MediumTable media, Map<String, Double> litres) {
    Map<String, Double> stock = room.stock(Kind.INGREDIENT);
    Map<String, ItemRow> bought = room.bought();
    List<Buying> lines = new ArrayList<>();
    litres.forEach(
        (code, wanted) -> {
          Double there = stock.get(code);
          double counted = there == null ? 0 : Math.max(0, there);
          ItemRow item = bought.get(code);
          Double bag = item == null ? null : item.bagLitres();
          Integer bagCents = item == null ? null : item.bagCents();
          Integer bags = bag == null ? null : Batch.bags(wanted, counted, bag);
          lines.add(
              new Buying(
                  code,
                  media.ingredient(code).map(Ingredient::label).orElse(code),
                  wanted,
                  there,
                  Math.max(0, wanted - counted),
                  bag,
                  bags,
                  bags == null || bagCents == null ? null : bags * bagCents,
                  bag == null || bagCents == null
                      ? null
                      : (int) Math.round(wanted / bag * bagCents),
                  item == null ? "" : item.supplier()));
        });
    return lines;
  }

  /**
   * Makes it: what goes in leaves the stock, what comes of it stands there for its jobs.
   *
   * @throws ConflictException when more is taken than stands there by the books, unless confirmed
   */
  @Transactional
  public BatchView make(UUID id, BatchRequest request) {
    Wanted wanted =
        new Wanted(
            request.from(),
            request.to(),
            request.crewId(),
            List.copyOf(request.jobs()),
            request.reuse());
    check(wanted);
    if (!history.firstTime(id, request)) {
      return of(id);
    }
    room.lock();
    List<WantedRow> rows =
        mapper.wanted(wanted.from(), wanted.to(), wanted.crewId(), wanted.jobs(), MOST_JOBS);
    checkJobs(request.jobs(), rows);
    BatchPlan plan = plan(wanted, rows);
    List<BatchMix> mixed = plan.mixes().stream().filter(mix -> mix.litres() > 0).toList();
    if (mixed.isEmpty()) {
      throw new ConflictException("Nothing is to be mixed: enough stands ready for these jobs.");
    }
    if (!request.confirmed()) {
      checkStock(plan);
    }
    int number = mapper.nextNumber();
    mapper.add(id, number, clock.today(), request.note().trim(), clock.now(), user.id());
    mapper.addMixes(id, mixed.stream().map(Batches::row).toList());
    mapper.addJobs(
        id,
        rows.stream()
            .filter(row -> mixed.stream().anyMatch(mix -> mix.code().equals(row.mix())))
            .map(
                row ->
                    new ForJob(
                        row.jobId(), row.mix(), row.litres() - (request.reuse() ? reused(row) : 0)))
            .toList());
    Map<String, Double> taken = new LinkedHashMap<>();
    plan.ingredients().forEach(one -> taken.put(one.code(), one.litres()));
    List<MoveRow> moves = new ArrayList<>(room.take(taken, id));
    for (BatchMix mix : mixed) {
      moves.add(
          new MoveRow(
              UUID.randomUUID(),
              Kind.MIX,
              mix.code(),
              mix.measuredLitres(),
              Why.BATCH,
              null,
              id,
              null,
              ""));
    }
    room.write(moves);
    history.log(ENTITY, id, "Mixed batch " + number + " for " + rows.size() + " jobs");
    return of(id);
  }

  private static void checkJobs(List<UUID> asked, List<WantedRow> rows) {
    for (WantedRow row : rows) {
      if (row.batch() != null) {
        throw new ConflictException(
            row.label() + " is mixed for already, in batch " + row.batch() + ". Take it out.");
      }
    }
    for (UUID job : asked) {
      if (rows.stream().noneMatch(row -> row.jobId().equals(job))) {
        throw new ConflictException(
            "One of these jobs is done, dropped or of another crew meanwhile, or needs no mix."
                + " Open the list anew.");
      }
    }
  }

  private static void checkStock(BatchPlan plan) {
    List<String> low =
        plan.ingredients().stream()
            .filter(one -> one.stockLitres() != null && one.shortLitres() > 0)
            .map(
                one ->
                    String.format(
                        Locale.ROOT,
                        "%s: %.1f L by the books, %.1f L are wanted",
                        one.label(),
                        Objects.requireNonNull(one.stockLitres()),
                        one.litres()))
            .toList();
    if (!low.isEmpty()) {
      throw new ConflictException(
          String.join("; ", low) + ". Count it, buy it, or mix all the same.");
    }
  }

  private static MixedRow row(BatchMix mix) {
    return new MixedRow(
        mix.code(),
        mix.label(),
        mix.neededLitres(),
        mix.measuredLitres(),
        mix.parts().stream()
            .map(
                part ->
                    String.format(Locale.ROOT, "%.2f L %s", part.measuredLitres(), part.label()))
            .collect(Collectors.joining(", ")));
  }

  /** Newest first. */
  public List<MadeBatch> newest() {
    return made(mapper.newest(MOST_SHOWN));
  }

  /** Batches that an ingredient's lot went into. */
  public List<MadeBatch> ofLot(UUID lot) {
    return made(mapper.ofLot(lot, MOST_SHOWN));
  }

  private List<MadeBatch> made(List<HeadRow> heads) {
    Map<UUID, List<BatchMixRow>> mixes =
        heads.isEmpty()
            ? Map.of()
            : mapper.mixes(heads.stream().map(HeadRow::id).toList()).stream()
                .collect(Collectors.groupingBy(BatchMixRow::batchId));
    return heads.stream()
        .map(
            head ->
                new MadeBatch(
                    head.id(),
                    head.number(),
                    head.madeOn(),
                    head.note(),
                    head.who(),
                    mixes.getOrDefault(head.id(), List.of()).stream()
                        .map(
                            row ->
                                new MixedView(
                                    row.mix(),
                                    row.label(),
                                    row.needed(),
                                    row.litres(),
                                    row.remaining(),
                                    row.recipe()))
                        .toList()))
        .toList();
  }

  public BatchView of(UUID id) {
    HeadRow head = mapper.head(id);
    if (head == null) {
      throw new NotFoundException("There is no such batch.");
    }
    MediumTable media = books.team().book().media();
    return new BatchView(
        made(List.of(head)).get(0),
        mapper.plants(id, MOST_JOBS).stream()
            .map(
                row ->
                    new BatchPlant(
                        row.jobId(),
                        row.plantId(),
                        row.label(),
                        row.commonName(),
                        row.siteName(),
                        row.mix(),
                        row.litres(),
                        row.doneOn()))
            .toList(),
        mapper.ingredients(id).stream()
            .map(
                row ->
                    new UsedLot(
                        row.code(),
                        media.ingredient(row.code()).map(Ingredient::label).orElse(row.code()),
                        row.lot(),
                        row.cameOn(),
                        row.litres()))
            .toList());
  }

  /** What a repot took of a mix that is counted leaves the stock, out of its batch. */
  @EventListener
  @Transactional
  public void onJobDone(JobDone done) {
    Collection<Advice.Need> needs =
        done.advice().repot() == null ? List.of() : done.advice().repot().needs();
    List<Advice.Need> mixes = needs.stream().filter(need -> need.kind().equals("MIX")).toList();
    if (mixes.isEmpty()) {
      return;
    }
    room.lock();
    Map<String, Double> counted = room.stock(Kind.MIX);
    List<MoveRow> moves = new ArrayList<>();
    for (Advice.Need need : mixes) {
      if (!counted.containsKey(need.code())) {
        continue;
      }
      Optional<ForJob> own = Optional.ofNullable(mapper.forJob(done.jobId(), need.code()));
      UUID batch = mapper.batchOf(done.jobId(), need.code());
      if (batch == null) {
        batch = mapper.left(need.code(), 1).stream().findFirst().map(LeftRow::batchId).orElse(null);
      }
      moves.add(
          new MoveRow(
              UUID.randomUUID(),
              Kind.MIX,
              need.code(),
              -own.map(ForJob::litres).orElse(need.amount()),
              Why.JOB,
              null,
              batch,
              done.jobId(),
              ""));
    }
    room.write(moves);
  }
}
