package happysaucer.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A team's data outlives the tables it was written into. */
class UpgradeTest {
  private static final String URL = "jdbc:h2:mem:upgrade;DB_CLOSE_DELAY=-1";
  private static final String JOB = "00000000-0000-4000-8000-000000000001";

  private static void migrate(String target) {
    Flyway.configure().dataSource(URL, "sa", "").target(target).load().migrate();
  }

  @Test
  void whatASlipShowedBeforeThereWasADayForItKeepsTheDayItsJobWasChanged() throws SQLException {
    migrate("3");
    try (Connection connection = DriverManager.getConnection(URL, "sa", "");
        Statement sql = connection.createStatement()) {
      sql.execute("set referential_integrity false");
      sql.execute(
          """
          insert into job (id, plant_id, kind, action, urgency, status, window_from, window_to,
                           planned_on, minutes, advice, book_version, version,
                           created_at, created_by, changed_at, changed_by)
          values ('%1$s', '%1$s', 'REPOT', 'POT_UP', 'SOON', 'PLANNED', date '2027-04-01',
                  date '2027-05-01', date '2027-04-12', 20, '{}', 'b', 1,
                  timestamp with time zone '2027-04-01 08:00:00Z', '%1$s',
                  timestamp with time zone '2027-04-09 10:00:00Z', '%1$s')"""
              .formatted(JOB));
      sql.execute(
          "insert into job_found (job_id, code, state) values ('%s', 'ROOTS_ROTTEN', 'PRESENT')"
              .formatted(JOB));
      migrate("4");
      try (ResultSet row = sql.executeQuery("select found_on from job_found")) {
        assertThat(row.next()).isTrue();
        assertThat(row.getString(1)).isEqualTo("2027-04-09");
      }
    }
  }
}
