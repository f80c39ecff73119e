package happysaucer.server.team;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.keeping.Keeping;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, the first account, the reader's units, the clock of a demo. */
@RestController
public class TeamController {
  private final SignIn signIn;
  private final TeamMapper mapper;
  private final TeamClock clock;
  private final CurrentUser user;
  private final SecurityContextRepository contexts;
  private final TeamStart start;
  private final Keeping keeping;
  private final Sessions sessions;

  TeamController(
      SignIn signIn,
      TeamMapper mapper,
      TeamClock clock,
      CurrentUser user,
      SecurityContextRepository contexts,
      TeamStart start,
      Keeping keeping,
      Sessions sessions) {
    this.sessions = sessions;
    this.start = start;
    this.keeping = keeping;
    this.signIn = signIn;
    this.mapper = mapper;
    this.clock = clock;
    this.user = user;
    this.contexts = contexts;
  }

  public record Person(String account, String name, Role role, Units units) {}

  /**
   * @param user null when nobody has signed in
   * @param team null before the first account
   * @param demoPeople whom one tap signs in, only with demo data
   * @param oneTap whether a tap is enough for those; where others can reach the demo it has a
   *     password of its own
   * @param troubles of the data and the machine under it, told to the planner
   * @param now by the app's clock, so that a device with another clock can allow for it
   */
  public record SessionView(
      @Nullable Person user,
      @Nullable Team team,
      boolean firstAccountNeeded,
      List<Person> demoPeople,
      boolean oneTap,
      List<String> troubles,
      LocalDate today,
      Instant now) {}

  public record SignInRequest(
      @NotBlank(message = "Give the account.") @Size(max = 60, message = "At most 60 letters.")
          String account,
      @NotBlank(message = "Give the password.") @Size(max = 200, message = "At most 200 letters.")
          String password) {}

  public record FirstAccountRequest(
      @NotBlank(message = "Give the team a name.")
          @Size(max = 120, message = "At most 120 letters.")
          String teamName,
      @NotBlank(message = "Give the time zone, as Europe/Paris.") String zone,
      @NotBlank(message = "Give an account.")
          @Pattern(
              regexp = "[a-z0-9._-]{2,60}",
              message = "Small letters, digits, dot and dash, 2 to 60 of them.")
          String account,
      @NotBlank(message = "Give your name.") @Size(max = 120, message = "At most 120 letters.")
          String name,
      @NotBlank(message = "Give a password.")
          @Size(min = 10, max = 72, message = "10 to 72 letters or signs.")
          String password) {}

  public record UnitsRequest(@NotNull(message = "Say METRIC or IMPERIAL.") Units units) {}

  public record ClockRequest(
      @NotNull(message = "Give the local moment, as 2027-04-12T08:00.") LocalDateTime moment) {}

  @GetMapping("/api/session")
  public SessionView session() {
    return view();
  }

  @PostMapping("/api/session")
  public SessionView signIn(
      @RequestBody SignInRequest body, HttpServletRequest request, HttpServletResponse response) {
    Account account =
        signIn
            .verify(body.account().trim(), body.password(), request.getRemoteAddr())
            .orElseThrow(
                () -> InputException.of("password", "The account or the password is wrong.", null));
    open(account, request, response);
    return view();
  }

  @DeleteMapping("/api/session")
  public SessionView signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    return view();
  }

  /** Only while there is no account at all. */
  @PostMapping("/api/team/first-account")
  @Transactional
  public SessionView firstAccount(
      @RequestBody FirstAccountRequest body,
      HttpServletRequest request,
      HttpServletResponse response) {
    ZoneId zone = zone(body.zone());
    if (!SignIn.fits(body.password())) {
      throw InputException.of(
          "password", "Too long: a password takes 72 bytes, letters with accents take two.", null);
    }
    synchronized (this) {
      if (mapper.countAccounts() > 0) {
        throw new ConflictException("There is an account already. Sign in with it.");
      }
      mapper.addTeam(Team.begun(body.teamName().trim(), zone.getId(), false));
      clock.useZone(zone);
      open(
          signIn.create(
              body.account(),
              body.name().trim(),
              Role.PLANNER,
              Units.METRIC,
              body.password(),
              clock),
          request,
          response);
    }
    return view();
  }

  @PutMapping("/api/session/units")
  @Transactional
  public SessionView units(
      @RequestBody UnitsRequest body, HttpServletRequest request, HttpServletResponse response) {
    Account account = user.account().orElseThrow();
    mapper.units(account.id(), body.units());
    signIn.forget();
    Account changed =
        new Account(
            account.id(), account.account(), account.name(), account.role(), body.units(), "");
    if (request.getSession(false) != null) {
      open(changed, request, response);
    }
    return view();
  }

  /** Moves the clock of a demo. */
  @PutMapping("/api/clock")
  public SessionView clock(@RequestBody ClockRequest body) {
    Team team = mapper.team();
    if (team == null || !team.demo()) {
      throw new ConflictException("Only the clock of a demo can be moved.");
    }
    clock.set(body.moment());
    return view();
  }

  private static ZoneId zone(String zone) {
    try {
      return ZoneId.of(zone.trim());
    } catch (DateTimeException e) {
      throw InputException.of(
          "zone", "There is no such time zone. Write it as Europe/Paris.", zone);
    }
  }

  private void open(Account account, HttpServletRequest request, HttpServletResponse response) {
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(SignIn.authentication(account));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    sessions.opened(account, request);
    if (!mapper.comesIn(account.id())) {
      // access was ended at this very moment
      sessions.endAll(account.id());
      throw new ConflictException("This account does not come in any more.");
    }
  }

  SessionView signedIn(Account account, HttpServletRequest request, HttpServletResponse response) {
    open(account, request, response);
    return view();
  }

  private SessionView view() {
    Team team = mapper.team();
    List<Person> demo =
        team != null && team.demo()
            ? mapper.accounts().stream().map(TeamController::person).toList()
            : List.of();
    return new SessionView(
        user.account().map(TeamController::person).orElse(null),
        team,
        team == null,
        demo,
        start.demoByOneTap(),
        user.account().map(Account::role).equals(Optional.of(Role.PLANNER))
            ? keeping.troubles()
            : List.of(),
        clock.today(),
        clock.now());
  }

  private static Person person(Account account) {
    return new Person(account.account(), account.name(), account.role(), account.units());
  }
}
