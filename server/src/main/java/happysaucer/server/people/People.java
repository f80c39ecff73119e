package happysaucer.server.people;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.people.PeopleMapper.PersonRow;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.Account;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.team.OneTimeCode;
import happysaucer.server.team.Role;
import happysaucer.server.team.Sessions;
import happysaucer.server.team.SignIn;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works here: asked in with a code, given a role, let go. Nobody is deleted. */
@Service
class People {
  private static final String ENTITY = "person";

  private final PeopleMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final Sessions sessions;
  private final SignIn signIn;

  People(
      PeopleMapper mapper,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      Sessions sessions,
      SignIn signIn) {
    this.mapper = mapper;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.sessions = sessions;
    this.signIn = signIn;
  }

  /** Whether somebody can come in. */
  public enum Access {
    OPEN,
    /** Has not set a password yet. */
    ASKED_IN,
    ENDED
  }

  /**
   * @param codeUntil while a code that was handed out lets this person in; null without one
   * @param endedAt since when this person does not come in any more
   * @param me whoever is asking
   */
  record Member(
      UUID id,
      String account,
      String name,
      Role role,
      Units units,
      Access access,
      @Nullable Instant codeUntil,
      @Nullable Instant endedAt,
      boolean me) {}

  /** Shown once: only its hash is kept. */
  record HandedCode(String account, String code, Instant until) {}

  List<Member> all() {
    return mapper.all().stream().map(this::person).toList();
  }

  private Member person(PersonRow row) {
    Access access =
        row.endedAt() != null ? Access.ENDED : row.askedIn() ? Access.ASKED_IN : Access.OPEN;
    boolean codeLasts = row.codeUntil() != null && row.codeUntil().isAfter(clock.now());
    return new Member(
        row.id(),
        row.account(),
        row.name(),
        row.role(),
        row.units(),
        access,
        codeLasts ? row.codeUntil() : null,
        row.endedAt(),
        row.id().equals(user.id()));
  }

  /** Adds a person, or changes name and role of one; the account stays. */
  @Transactional
  List<Member> put(UUID id, String account, String name, Role role) {
    List<PersonRow> people = mapper.locked();
    Optional<PersonRow> known = people.stream().filter(p -> p.id().equals(id)).findFirst();
    if (known.isEmpty()) {
      add(people.size(), id, account, name, role);
      return all();
    }
    PersonRow before = known.get();
    if (!before.account().equals(account)) {
      throw InputException.of(
          "account",
          "The account of somebody stays as it is: what they did is filed under it.",
          account);
    }
    if (before.role() == Role.PLANNER && role != Role.PLANNER) {
      refuseTheLastPlanner(people, id, "role");
    }
    if (!before.name().equals(name) || before.role() != role) {
      mapper.change(id, name, role);
      history.log(ENTITY, id, before.role() == role ? "Name changed" : "Role is now " + role);
      signIn.forget();
      sessions.renew(new Account(id, account, name, role, before.units(), ""));
    }
    return all();
  }

  private void add(int people, UUID id, String account, String name, Role role) {
    if (people >= PeopleMapper.MOST) {
      throw new ConflictException("A team has at most " + PeopleMapper.MOST + " people.");
    }
    if (mapper.named(account) > 0) {
      throw InputException.of(
          "account", "Somebody has this account already, here or in former times.", account);
    }
    mapper.add(id, account, name, role, clock.now());
    history.log(ENTITY, id, "Asked in as " + role);
  }

  /**
   * A new code with which this person sets a password; one handed out before does not let anybody
   * in any more. A forgotten password is helped by the same.
   */
  @Transactional
  HandedCode code(UUID id) {
    PersonRow person = locked(id);
    if (person.endedAt() != null) {
      throw new ConflictException("Give " + person.name() + " access again first.");
    }
    String code = OneTimeCode.made();
    Instant until = clock.now().plus(OneTimeCode.LASTS);
    mapper.code(id, OneTimeCode.hash(code), until);
    history.log(ENTITY, id, "A code was made for them");
    return new HandedCode(person.account(), code, until);
  }

  /** Ends access, with all sessions at once, or gives it again. What they did stays on record. */
  @Transactional
  List<Member> access(UUID id, boolean ended) {
    List<PersonRow> people = mapper.locked();
    PersonRow person = of(people, id);
    if ((person.endedAt() != null) == ended) {
      return all();
    }
    if (ended) {
      refuseTheLastPlanner(people, id, "ended");
    }
    mapper.ended(id, ended ? clock.now() : null);
    history.log(ENTITY, id, ended ? "Access ended" : "Access given again");
    if (ended) {
      signIn.forget();
      sessions.endAll(id);
    }
    return all();
  }

  private PersonRow locked(UUID id) {
    return of(mapper.locked(), id);
  }

  private static PersonRow of(List<PersonRow> people, UUID id) {
    return people.stream()
        .filter(person -> person.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new NotFoundException("There is no such person."));
  }

  /** One who has not set a password yet cannot plan. */
  private static void refuseTheLastPlanner(List<PersonRow> people, UUID id, String field) {
    boolean other =
        people.stream()
            .anyMatch(
                person ->
                    !person.id().equals(id)
                        && person.role() == Role.PLANNER
                        && person.endedAt() == null
                        && !person.askedIn());
    boolean planner = people.stream().anyMatch(p -> p.id().equals(id) && p.role() == Role.PLANNER);
    if (planner && !other) {
      throw InputException.of(
          field, "Nobody else plans here. Make somebody else a planner first.", null);
    }
  }
}
