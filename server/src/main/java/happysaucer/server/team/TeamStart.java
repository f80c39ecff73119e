package happysaucer.server.team;

import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What happens to the team at start, and how a demo makes one. */
@Component
public class TeamStart {
  /** Password of the demo's accounts; they exist only with demo data. */
  public static final String DEMO_PASSWORD = "happy-saucer";

  private final TeamMapper mapper;
  private final SignIn signIn;
  private final TeamClock clock;

  TeamStart(TeamMapper mapper, SignIn signIn, TeamClock clock) {
    this.mapper = mapper;
    this.signIn = signIn;
    this.clock = clock;
    Team team = mapper.team();
    if (team != null) {
      clock.useZone(ZoneId.of(team.zone()));
    }
  }

  public boolean exists() {
    return mapper.team() != null;
  }

  public void makeDemoTeam(String name) {
    mapper.addTeam(new Team(name, clock.zone().getId(), true));
  }

  public UUID addDemoPerson(String account, String name, Role role) {
    return signIn.create(account, name, role, Units.METRIC, DEMO_PASSWORD, clock).id();
  }
}
