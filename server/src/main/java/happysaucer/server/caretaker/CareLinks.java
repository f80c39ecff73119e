package happysaucer.server.caretaker;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.door.Addresses;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.Jobs;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.qr.QrSvg;
import happysaucer.server.team.Account;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.team.Role;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.SecureRandom;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Base64;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Addresses of pages for caretakers, as the team opens and ends them. */
@Service
public class CareLinks {
  /** 256 bits. */
  private static final int TOKEN_BYTES = 32;

  /** Eight weeks of plan, and two in which somebody still looks. */
  private static final int DAYS = 70;

  private final CareLinkMapper mapper;
  private final Jobs jobs;
  private final Addresses addresses;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final SecureRandom random = new SecureRandom();

  CareLinks(
      CareLinkMapper mapper,
      Jobs jobs,
      Addresses addresses,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
    this.jobs = jobs;
    this.addresses = addresses;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * An address as it is kept, with whoever opened it: what is told by it is on record as theirs.
   */
  record LinkRow(
      UUID id,
      UUID jobId,
      UUID plantId,
      String token,
      LocalDate expiresOn,
      @Nullable Instant endedAt,
      int opened,
      int refused,
      UUID userId,
      String account,
      String name,
      Role role,
      Units units) {
    boolean endedOn(LocalDate today) {
      return endedAt != null || today.isAfter(expiresOn);
    }

    Account by() {
      return new Account(userId, account, name, role, units, "");
    }
  }

  /**
   * @param path of the page; null where there is none
   * @param address the page by the address that suits best
   * @param reached others than this machine reach that address
   * @param code leads to it, SVG
   * @param opened so many times it was looked at
   * @param refused so many things that were sent to it were not taken
   */
  public record CareLinkView(
      @Nullable String path,
      @Nullable String address,
      boolean reached,
      @Nullable String code,
      @Nullable LocalDate expiresOn,
      int opened,
      int refused) {}

  public record CareLinkRequest(
      @NotNull(message = "Say whether there is to be a page.") Boolean open) {}

  public CareLinkView of(UUID job) {
    LinkRow link = mapper.ofJob(job);
    if (link == null || link.endedOn(clock.today())) {
      return new CareLinkView(null, null, false, null, null, 0, 0);
    }
    String path = "/care/" + link.token();
    String address = addresses.all().get(0) + path;
    return new CareLinkView(
        path,
        address,
        !Addresses.onlyHere(addresses.all().get(0)),
        QrSvg.of(address),
        link.expiresOn(),
        link.opened(),
        link.refused());
  }

  /** Opens a page to whoever knows its address, or ends that address for good. */
  @Transactional
  public CareLinkView open(UUID job, CareLinkRequest request) {
    if (mapper.lockDone(job) == null) {
      throw new NotFoundException("There is no such job, or it is not done yet.");
    }
    LinkRow before = mapper.ofJob(job);
    boolean there = before != null && !before.endedOn(clock.today());
    if (request.open() == there) {
      return of(job);
    }
    if (!request.open()) {
      mapper.end(job, clock.now());
      history.log("job", job, "The caretaker's page was ended");
      return of(job);
    }
    LocalDate expires = Objects.requireNonNull(jobs.of(job).job().doneOn()).plusDays(DAYS);
    if (clock.today().isAfter(expires)) {
      throw new ConflictException("Its aftercare is over.");
    }
    mapper.end(job, clock.now());
    mapper.add(UUID.randomUUID(), job, token(), expires, user.id(), clock.now());
    history.log("job", job, "A page for whoever waters was opened");
    return of(job);
  }

  private String token() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  public record AnswerRequest(
      @NotNull(message = "Send the answer, empty where there is nothing to say.")
          @Size(max = 400, message = "At most 400 letters.")
          String words) {}

  /** What a caretaker told was seen to; the words stand on their page. */
  @Transactional
  public void answer(UUID report, AnswerRequest request) {
    if (mapper.answer(report, request.words().trim(), user.id(), clock.now()) == 0
        && mapper.reports(report) == 0) {
      throw new NotFoundException("There is no such word of a caretaker.");
    }
    history.log("care_report", report, "Answered");
  }
}
