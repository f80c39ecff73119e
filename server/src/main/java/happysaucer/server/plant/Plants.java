package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.round.Saucer;
import happysaucer.core.species.Group;
import happysaucer.core.species.Species;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.Glances;
import happysaucer.server.advice.PlantRetired;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.client.PlaceRenamed;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.BallMeasured;
import happysaucer.server.job.JobDone;
import happysaucer.server.job.Jobs;
import happysaucer.server.outcome.Outcomes;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plants: found, edited, repotted. */
@Service
public class Plants {
  /** Calls that change the pot and leave the ball as it is. */
  private static final Set<String> BALL_UNTOUCHED = Set.of("HEAVIER_POT", "REPLACE_POT");

  static final int PAGE = 50;

  /** Where a cutting begins, and how large it is at most (rules of thumb). */
  private static final AdviceRequest.Pot CUTTING_POT =
      new AdviceRequest.Pot(
          null,
          "STANDARD",
          "PLASTIC",
          80.0,
          61.0,
          null,
          null,
          74.0,
          null,
          65.0,
          70.0,
          4,
          false,
          0,
          0);

  private static final double CUTTING_MM = 150;

  private final PlantMapper mapper;
  private final AdviceService advice;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final Glances glances;
  private final Books books;
  private final Outcomes outcomes;
  private final ApplicationEventPublisher events;

  Plants(
      PlantMapper mapper,
      AdviceService advice,
      Glances glances,
      Books books,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      Outcomes outcomes,
      ApplicationEventPublisher events) {
    this.outcomes = outcomes;
    this.mapper = mapper;
    this.advice = advice;
    this.glances = glances;
    this.books = books;
    this.events = events;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * A plant in a list, with what was last made out of it; null until that was done for the first
   * time.
   */
  public record PlantItem(
      UUID id,
      String label,
      String commonName,
      String species,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      String spotName,
      UUID siteId,
      String siteName,
      String clientName,
      @Nullable String action,
      @Nullable String urgency,
      @Nullable String saucer,
      @Nullable Double rootFill,
      @Nullable Double waterLeft,
      @Nullable LocalDate dueFrom,
      @Nullable LocalDate dueTo) {}

  /**
   * @param total how many there are on all pages; told with the first page only
   * @param waiting how many are still being brought up to today
   */
  public record PlantList(List<PlantItem> plants, @Nullable Integer total, int waiting) {}

  /** What to pick plants by; all of it may be left out. */
  public record PlantFilter(
      String search,
      @Nullable UUID client,
      @Nullable UUID site,
      @Nullable UUID spot,
      @Nullable Group group,
      @Nullable Saucer saucer,
      boolean pressingFirst,
      boolean retired) {}

  public record MoveRequest(@NotNull(message = "Say where to.") UUID spotId) {}

  /**
   * @param retiredOn null takes it back into care
   * @param outcome how it had taken its last repot; null where nobody can tell
   */
  public record RetireRequest(
      @Nullable LocalDate retiredOn,
      Outcomes.@Nullable Result outcome,
      @Nullable @Size(max = 400, message = "At most 400 letters.") String reason) {}

  /** Plants that have every word and pass every filter, a page at a time. */
  public PlantList list(PlantFilter filter, int page) {
    if (page < 0 || page > 10_000) {
      throw InputException.of("page", "Must be between 0 and 10000.", page);
    }
    glances.bringUpToDateIfStale();
    List<String> words =
        Arrays.stream(filter.search().toLowerCase(Locale.ROOT).trim().split("\\s+"))
            .filter(word -> !word.isEmpty())
            .limit(6)
            .map(
                word ->
                    "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%")
            .toList();
    PlantMapper.Picked picked =
        new PlantMapper.Picked(
            words,
            filter.client(),
            filter.site(),
            filter.spot(),
            filter.group() == null ? null : filter.group().name(),
            filter.group() == null ? List.of() : speciesOf(filter.group()),
            filter.saucer() == null ? null : filter.saucer().name(),
            filter.retired(),
            clock.today());
    List<PlantItem> plants = mapper.page(picked, filter.pressingFirst(), PAGE, page * PAGE);
    return new PlantList(
        plants,
        page > 0 ? null : plants.size() < PAGE ? plants.size() : mapper.count(picked, false),
        glances.waiting());
  }

  private List<String> speciesOf(Group group) {
    return books.team().book().species().all().stream()
        .filter(species -> species.group() == group)
        .map(Species::name)
        .toList();
  }

  /**
   * To another spot. Where the light differs that counts as a move of light.
   *
   * @throws StaleException when someone has edited it meanwhile
   */
  @Transactional
  public void move(UUID id, int version, MoveRequest request) {
    StoredPlant before = advice.plant(id);
    PlantMapper.SpotAt spot = mapper.spot(request.spotId());
    if (spot == null) {
      throw InputException.of("spotId", "There is no such spot.", request.spotId());
    }
    if (mapper.move(id, version, request.spotId(), clock.now(), user.id()) == 0) {
      throw stale(id, before, new StaleException.Change("spot", spot.name(), before.spotName()));
    }
    if (!spot.light().equals(before.light())) {
      mapper.state(id, "MOVED_LIGHT", clock.today());
    }
    mapper.index(id, null);
    history.log(
        "plant",
        id,
        "Moved from "
            + before.siteName()
            + ", "
            + before.spotName()
            + " to "
            + spot.siteName()
            + ", "
            + spot.name());
    events.publishEvent(PlantTouched.of(id));
  }

  /**
   * Out of care, or back into it. Its open job is dropped; its history stays.
   *
   * @throws StaleException when someone has edited it meanwhile
   */
  @Transactional
  public void retire(UUID id, int version, RetireRequest request) {
    StoredPlant before = advice.plant(id);
    LocalDate on = request.retiredOn();
    if (on != null && on.isAfter(clock.today())) {
      throw InputException.of("retiredOn", "Lies in the future.", on);
    }
    String reason = request.reason() == null ? "" : request.reason().trim();
    if (on != null && reason.isEmpty()) {
      throw InputException.of("reason", "Give the reason: it is kept on record.", reason);
    }
    if (mapper.retire(id, version, on, on == null ? null : reason, clock.now(), user.id()) == 0) {
      throw stale(id, before, new StaleException.Change("retiredOn", on, before.retiredOn()));
    }
    history.log("plant", id, on == null ? "Taken back into care" : "Retired: " + reason);
    if (on != null && request.outcome() != null) {
      outcomes.atItsEnd(id, request.outcome());
    }
    if (on != null) {
      events.publishEvent(new PlantRetired(id));
    } else {
      events.publishEvent(PlantTouched.of(id));
    }
  }

  private StaleException stale(UUID id, StoredPlant now, StaleException.Change change) {
    return new StaleException(now.version(), mapper.changedBy(id), List.of(change));
  }

  /** A client, site or spot has another name. */
  @EventListener
  public void onPlaceRenamed(PlaceRenamed renamed) {
    mapper.index(null, renamed.clientId());
  }

  /** Makes these plants findable. */
  void index(List<UUID> plants) {
    mapper.indexThese(plants);
  }

  /** Makes all plants findable anew; for whoever has written many at once. */
  public void indexAll() {
    mapper.index(null, null);
  }

  /** What went in becomes the plant's current state. */
  @EventListener
  public void onJobDone(JobDone done) {
    Advice.Repot repot = Objects.requireNonNull(done.advice().repot());
    repot.candidates().stream()
        .filter(candidate -> Integer.valueOf(1).equals(candidate.rank()))
        .findFirst()
        .ifPresent(pot -> takeOver(done, pot, Objects.requireNonNull(repot.mix()).code()));
    if (!topDressed(done)) {
      mapper.forgetBall(done.plantId());
    }
    history.log("plant", done.plantId(), topDressed(done) ? "Top-dressed" : "Repotted");
    offspring(done);
    events.publishEvent(PlantTouched.of(done.plantId()));
  }

  /** Pieces stand in a pot like the one that was chosen; cuttings begin in the smallest. */
  private void offspring(JobDone done) {
    Advice.Repot repot = Objects.requireNonNull(done.advice().repot());
    StoredPlant parent = advice.plant(done.plantId());
    Set<String> labels = new HashSet<>();
    for (Jobs.Offspring child : done.offspring()) {
      String label = child.label().trim();
      if (!labels.add(label) || mapper.withLabel(label) > 0) {
        throw InputException.of(
            "offspring", "The label " + label + " is taken. Give it another.", label);
      }
      boolean piece = child.kind() == Jobs.OffspringKind.PIECE;
      AdviceRequest.Pot pot = piece ? parent.pot() : CUTTING_POT;
      mapper.addPiece(
          child.id(),
          label,
          parent.id(),
          childSize(piece, parent.heightMm()),
          childSize(piece, parent.spreadMm()),
          done.doneOn(),
          Objects.requireNonNull(repot.mix()).code(),
          pot,
          repot.feed(),
          (piece ? "Piece of " : "Cutting of ") + parent.label(),
          clock.now(),
          done.userId());
      history.log("plant", child.id(), (piece ? "Parted from " : "Struck from ") + parent.label());
    }
    if (!done.offspring().isEmpty()) {
      List<UUID> ids = done.offspring().stream().map(Jobs.Offspring::id).toList();
      index(ids);
      events.publishEvent(new PlantTouched(ids));
    }
  }

  /** A piece is as tall as its parent, as far as anybody knows; a cutting at most so much. */
  private static @Nullable Double childSize(boolean piece, @Nullable Double parentMm) {
    if (piece) {
      return parentMm;
    }
    return parentMm == null ? CUTTING_MM : Math.min(parentMm, CUTTING_MM);
  }

  @EventListener
  public void onBallMeasured(BallMeasured measured) {
    mapper.measureBall(measured.plantId(), measured.ball(), measured.on());
    history.log("plant", measured.plantId(), "Root ball measured");
    events.publishEvent(PlantTouched.of(measured.plantId()));
  }

  private static boolean topDressed(JobDone done) {
    return done.advice().call().action().equals("TOP_DRESS");
  }

  /** A ball that was set over untouched, or only dressed on top, keeps its old medium. */
  private void takeOver(JobDone done, Advice.Candidate pot, String mix) {
    if (topDressed(done)) {
      return;
    }
    Advice.Feed feed = Objects.requireNonNull(done.advice().repot()).feed();
    if (BALL_UNTOUCHED.contains(done.advice().call().action())) {
      mapper.movedOver(done.plantId(), pot, clock.now(), done.userId());
    } else if (pot.id().equals("current")) {
      mapper.refreshed(done.plantId(), done.doneOn(), mix, feed, clock.now(), done.userId());
    } else {
      mapper.repotted(done.plantId(), done.doneOn(), pot, mix, feed, clock.now(), done.userId());
    }
  }
}
