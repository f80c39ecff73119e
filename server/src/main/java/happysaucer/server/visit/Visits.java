package happysaucer.server.visit;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Visits: one for a person, a site and a day, begun and ended, with what was done and left. */
@Service
public class Visits {
  private static final int SHOWN = 20;

  private final VisitMapper mapper;
  private final TeamClock clock;
  private final CurrentUser user;

  Visits(VisitMapper mapper, TeamClock clock, CurrentUser user) {
    this.mapper = mapper;
    this.clock = clock;
    this.user = user;
  }

  /** The reader's own visit. */
  public record OwnVisit(
      UUID id, @Nullable Instant startedAt, @Nullable Instant endedAt, String note) {}

  /**
   * @param checked plants looked at on it
   * @param watered plants given water by the same person that day
   * @param worked jobs done and steps of aftercare ticked by the same person that day
   */
  public record VisitView(
      UUID id,
      LocalDate visitedOn,
      String who,
      @Nullable Instant startedAt,
      @Nullable Instant endedAt,
      String note,
      int checked,
      int watered,
      int worked,
      List<LeftView> left) {}

  /**
   * @param kinds of work that were due, as on the round
   */
  public record LeftView(UUID plantId, String label, String commonName, List<String> kinds) {}

  public record LeftPlant(UUID plantId, List<String> kinds) {
    String joined() {
      return String.join(",", kinds);
    }
  }

  public record Open(UUID id, UUID siteId, LocalDate visitedOn, @Nullable Instant startedAt) {}

  public record StartRequest(@NotNull(message = "Give the moment.") Instant at) {}

  public record EndRequest(
      @NotNull(message = "Give the moment.") Instant at,
      @Nullable @Size(max = 1000, message = "At most 1000 letters.") String note) {}

  /** Begins the visit of today; the same sent twice begins it once. */
  @Transactional
  public OwnVisit start(UUID site, StartRequest request) {
    refuseFuture(request.at());
    UUID id = on(site, clock.dateOf(request.at()));
    mapper.start(id, request.at());
    return mapper.mine(id);
  }

  /** The visit of this person at a site on a day, made where there is none yet. */
  UUID on(UUID site, LocalDate day) {
    UUID there = mapper.visit(site, day, user.id());
    if (there != null) {
      return there;
    }
    // the first checks of a stop may arrive at once: the second waits here and finds the visit
    if (mapper.lockSite(site) == null) {
      throw new NotFoundException("There is no such site.");
    }
    there = mapper.visit(site, day, user.id());
    if (there != null) {
      return there;
    }
    UUID visit = UUID.randomUUID();
    mapper.addVisit(visit, site, day, user.id());
    return visit;
  }

  /**
   * A visit of the reader's own that was begun.
   *
   * @throws NotFoundException when there is no such visit of theirs
   */
  public Open open(UUID id) {
    Open open = mapper.open(id, user.id());
    if (open == null) {
      throw new NotFoundException("There is no such visit of yours.");
    }
    return open;
  }

  /** Ends a visit and keeps what was left; ended once more, the later word holds. */
  public OwnVisit end(Open open, EndRequest request, List<LeftPlant> left) {
    refuseFuture(request.at());
    if (open.startedAt() == null) {
      throw InputException.of("at", "It was never begun. Begin the visit first.", request.at());
    }
    if (request.at().isBefore(open.startedAt())) {
      throw InputException.of("at", "It ended before it began. Give a later moment.", request.at());
    }
    mapper.end(open.id(), request.at(), request.note() == null ? "" : request.note().trim());
    mapper.clearLeft(open.id());
    if (!left.isEmpty()) {
      mapper.addLeft(open.id(), left);
    }
    return mapper.mine(open.id());
  }

  /** The reader's own visits on a day, by site. */
  public Map<UUID, OwnVisit> mine(Collection<UUID> sites, LocalDate day, UUID user) {
    return mapper.ofDay(sites, day, user).stream()
        .collect(
            Collectors.toMap(
                VisitMapper.MineAt::siteId,
                at -> new OwnVisit(at.id(), at.startedAt(), at.endedAt(), at.note())));
  }

  /** The last visits of a site, newest first. */
  public List<VisitView> of(UUID site) {
    List<VisitMapper.VisitRow> rows = mapper.of(site, SHOWN);
    if (rows.isEmpty()) {
      return List.of();
    }
    List<UUID> ids = rows.stream().map(VisitMapper.VisitRow::id).toList();
    Map<UUID, Integer> checked = counts(mapper.checked(ids));
    Map<UUID, Integer> watered = counts(mapper.watered(ids));
    Map<UUID, Integer> worked = counts(mapper.worked(ids));
    Map<UUID, List<LeftView>> left = new HashMap<>();
    mapper
        .left(ids)
        .forEach(
            row ->
                left.computeIfAbsent(row.visitId(), id -> new ArrayList<>())
                    .add(
                        new LeftView(
                            row.plantId(),
                            row.label(),
                            row.commonName(),
                            List.of(row.kinds().split(",")))));
    return rows.stream()
        .map(
            row ->
                new VisitView(
                    row.id(),
                    row.visitedOn(),
                    row.who(),
                    row.startedAt(),
                    row.endedAt(),
                    row.note(),
                    checked.getOrDefault(row.id(), 0),
                    watered.getOrDefault(row.id(), 0),
                    worked.getOrDefault(row.id(), 0),
                    left.getOrDefault(row.id(), List.of())))
        .toList();
  }

  private static Map<UUID, Integer> counts(List<VisitMapper.Count> counts) {
    return counts.stream()
        .collect(Collectors.toMap(VisitMapper.Count::visitId, VisitMapper.Count::number));
  }

  private void refuseFuture(Instant at) {
    if (clock.isAhead(at)) {
      throw InputException.of("at", "Lies in the future. Set the clock of the device.", at);
    }
  }
}
