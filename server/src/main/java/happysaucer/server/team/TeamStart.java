package happysaucer.server.team;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.door.Hosts;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What happens to the team at start, and how a demo makes one. */
@Component
public class TeamStart {
  /** Password of the demo's accounts; they exist only with demo data. */
  public static final String DEMO_PASSWORD = "happy-saucer";

  private final TeamMapper mapper;
  private final SignIn signIn;
  private final TeamClock clock;
  private final Hosts hosts;
  private @Nullable String ownPassword;

  TeamStart(TeamMapper mapper, SignIn signIn, TeamClock clock, Hosts hosts) {
    this.hosts = hosts;
    this.mapper = mapper;
    this.signIn = signIn;
    this.clock = clock;
    Team team = mapper.team();
    if (team != null) {
      clock.useZone(ZoneId.of(team.zone()));
    }
  }

  /**
   * Whether a tap signs in the people of a demo: only where nobody but this machine can reach it.
   */
  boolean demoByOneTap() {
    return hosts.onlyHere();
  }

  /** The password of the demo's accounts where others can reach it, made anew at each start. */
  public Optional<String> demoPassword() {
    return Optional.ofNullable(ownPassword);
  }

  /** The accounts of a demo get the password that suits who can reach it. */
  @Transactional
  public void lockDemo() {
    Team team = mapper.team();
    if (team == null || !team.demo()) {
      return;
    }
    if (!hosts.onlyHere()) {
      ownPassword = OneTimeCode.made();
    }
    String wanted = ownPassword == null ? DEMO_PASSWORD : ownPassword;
    List<Account> people = mapper.demoAccounts();
    boolean alike = people.stream().map(Account::passwordHash).distinct().count() == 1;
    if (people.isEmpty() || (alike && signIn.is(wanted, people.get(0)))) {
      return;
    }
    mapper.passwords(people.stream().map(Account::id).toList(), signIn.hash(wanted));
  }

  public boolean exists() {
    return mapper.team() != null;
  }

  public void makeDemoTeam(String name) {
    mapper.addTeam(Team.begun(name, clock.zone().getId(), true));
  }

  public UUID addDemoPerson(String account, String name, Role role) {
    return signIn.create(account, name, role, Units.METRIC, DEMO_PASSWORD, clock).id();
  }
}
