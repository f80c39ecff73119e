package happysaucer.server.team;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.problem.InputException;
import happysaucer.server.team.Sessions.SessionLine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * What people do with their own account: come in with a code, change the password, end sessions.
 */
@RestController
class OwnAccountController {
  private final SignIn signIn;
  private final TeamMapper mapper;
  private final Sessions sessions;
  private final CurrentUser user;
  private final TeamController team;
  private final TeamClock clock;

  OwnAccountController(
      SignIn signIn,
      TeamMapper mapper,
      Sessions sessions,
      CurrentUser user,
      TeamController team,
      TeamClock clock) {
    this.clock = clock;
    this.signIn = signIn;
    this.mapper = mapper;
    this.sessions = sessions;
    this.user = user;
    this.team = team;
  }

  record JoinRequest(
      @NotBlank(message = "Give the account.") @Size(max = 60, message = "At most 60 letters.")
          String account,
      @NotBlank(message = "Give the code that you were handed.")
          @Size(max = 40, message = "At most 40 letters.")
          String code,
      @NotBlank(message = "Give a password.")
          @Size(min = 10, max = 72, message = "10 to 72 letters or signs.")
          String password) {}

  record PasswordRequest(
      @NotBlank(message = "Give the password you have now.")
          @Size(max = 200, message = "At most 200 letters.")
          String current,
      @NotBlank(message = "Give a new password.")
          @Size(min = 10, max = 72, message = "10 to 72 letters or signs.")
          String password) {}

  /** Somebody who was handed a code sets a password of their own and is signed in. */
  @PostMapping("/api/session/join")
  @Transactional
  TeamController.SessionView join(
      @RequestBody JoinRequest body, HttpServletRequest request, HttpServletResponse response) {
    refuseUnfit(body.password());
    Account account =
        signIn
            .verifyCode(body.account().trim(), body.code(), request.getRemoteAddr(), clock.now())
            .orElseThrow(
                () ->
                    InputException.of(
                        "code",
                        "This code does not let this account in. It may be used up or out of date: ask for a new one.",
                        null));
    mapper.ownPassword(account.id(), signIn.hash(body.password()));
    signIn.forget();
    return team.signedIn(account, request, response);
  }

  /** Other sessions end: whoever knew the old password is out. */
  @PutMapping("/api/session/password")
  @Transactional
  List<SessionLine> password(@RequestBody PasswordRequest body, HttpServletRequest request) {
    refuseUnfit(body.password());
    Account account = user.account().orElseThrow();
    signIn
        .verify(account.account(), body.current(), request.getRemoteAddr())
        .orElseThrow(
            () -> InputException.of("current", "That is not the password you have now.", null));
    mapper.ownPassword(account.id(), signIn.hash(body.password()));
    signIn.forget();
    sessions.endOthers(account.id(), request.getSession(false));
    return own(request);
  }

  @GetMapping("/api/session/sessions")
  List<SessionLine> own(HttpServletRequest request) {
    return sessions.of(user.id(), request.getSession(false));
  }

  @DeleteMapping("/api/session/sessions/{id}")
  List<SessionLine> end(@PathVariable UUID id, HttpServletRequest request) {
    sessions.end(user.id(), id);
    return own(request);
  }

  private static void refuseUnfit(String password) {
    if (!SignIn.fits(password)) {
      throw InputException.of(
          "password", "Too long: a password takes 72 bytes, letters with accents take two.", null);
    }
  }
}
