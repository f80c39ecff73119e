package happysaucer.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Advice;
import happysaucer.core.unit.Units;
import happysaucer.server.RunningServer;
import happysaucer.server.advice.AdviceJson;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A database of version 6, with a job done and one that is planned, is brought up to this one. */
@ExtendWith(RunningServer.class)
class MessagesMigrationTest {
  private static final String URL = "jdbc:h2:mem:v6;DB_CLOSE_DELAY=-1";
  private static final String DONE = "'4526aa82-91c9-405a-8fe1-9e423629f385'";
  private static final String PLANNED = "'dabf9c97-82cd-43c6-a35e-f52d256fb936'";
  private final AdviceJson json;

  MessagesMigrationTest(AdviceJson json) {
    this.json = json;
  }

  private static FluentConfiguration flyway() {
    return Flyway.configure().dataSource(URL, "sa", "").locations("classpath:db/migration");
  }

  private static String text(Statement sql, String query) throws SQLException {
    try (ResultSet row = sql.executeQuery(query)) {
      row.next();
      return row.getString(1);
    }
  }

  @Test
  void jobsThatWereKeptInWordsReadTheSameInBothUnits() throws Exception {
    flyway().target("6").load().migrate();
    try (Connection connection = DriverManager.getConnection(URL, "sa", "");
        Statement sql = connection.createStatement()) {
      sql.execute("set referential_integrity false");
      sql.execute(
          new String(
              getClass().getResourceAsStream("/upgrade/v6.sql").readAllBytes(),
              StandardCharsets.UTF_8));
      String ticks =
          "select count(*) from job_step where ticked_at is not null and job_id = " + DONE;
      String ticked = text(sql, ticks);

      flyway().javaMigrations(new MessagesMigration()).load().migrate();

      String kept = text(sql, "select advice from job where id = " + DONE);
      Advice metric = json.advice(kept, Units.METRIC);
      Advice imperial = json.advice(kept, Units.IMPERIAL);
      assertThat(metric.repot().steps().get(7).text().words())
          .isEqualTo("Take the pot of 15 cm inside width and 13.8 cm depth.");
      assertThat(imperial.repot().steps().get(7).text().words())
          .isEqualTo("Take the pot of 6 in inside width and 5.5 in depth.");
      assertThat(metric.call().reasons().get(1).words())
          .isEqualTo("This does not wait for the season, for buds or for rest.");
      assertThat(metric.findings().get(0).evidence().get(1).why().words())
          .isEqualTo("Rotten roots were seen.");
      assertThat(metric.repot().workOn()).isNull();
      String care =
          text(sql, "select said from aftercare_step where kind = 'TOP_UP' and job_id = " + DONE);
      assertThat(json.said(care, Units.METRIC).words()).contains("15 mm under the rim");
      assertThat(json.said(care, Units.IMPERIAL).words()).contains("0.5 in under the rim");
      assertThat(text(sql, ticks)).isEqualTo(ticked).isNotEqualTo("0");
      assertThat(
              json.advice(text(sql, "select advice from job where id = " + PLANNED), Units.IMPERIAL)
                  .repot()
                  .steps())
          .isNotEmpty();
      assertThat(text(sql, "select asked from job where id = " + PLANNED)).isNull();
    }
  }
}
