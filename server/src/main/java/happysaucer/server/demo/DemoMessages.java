package happysaucer.server.demo;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.message.Reminders;
import java.security.SecureRandom;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Two people who water have pages and are reminded: what they were told in the last days. */
@Component
class DemoMessages {
  private static final int DAYS = 12;
  private static final int TOKEN_BYTES = 32;
  private static final LocalTime MORNING = LocalTime.of(7, 30);

  /** Names for the demo's caretakers, and addresses that lead nowhere. */
  private static final List<List<String>> PEOPLE =
      List.of(
          List.of("Tamsin Orle", "tamsin.orle@orle.example"),
          List.of("Piet Vasko", "piet.vasko@vasko.example"));

  private final DemoMapper mapper;
  private final Reminders reminders;
  private final TeamClock clock;
  private final String base;
  private final SecureRandom random = new SecureRandom();

  DemoMessages(
      DemoMapper mapper,
      Reminders reminders,
      TeamClock clock,
      @Value("${server.port:8080}") int port) {
    this.mapper = mapper;
    this.reminders = reminders;
    this.clock = clock;
    this.base = "http://localhost:" + port;
  }

  /**
   * @param plants that were repotted, of which as many as there are people get a page
   */
  void write(List<UUID> plants, UUID by, LocalDate today) {
    for (int i = 0; i < Math.min(plants.size(), PEOPLE.size()); i++) {
      UUID link = UUID.randomUUID();
      mapper.careLink(link, plants.get(i), token(), by);
      mapper.subscriber(
          UUID.randomUUID(),
          link,
          PEOPLE.get(i).get(0),
          PEOPLE.get(i).get(1),
          clock.zone().getId(),
          token(),
          base,
          by);
    }
    for (int day = DAYS; day > 0; day--) {
      clock.at(today.minusDays(day).atTime(MORNING), reminders::write);
    }
    mapper.sent();
  }

  private String token() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
