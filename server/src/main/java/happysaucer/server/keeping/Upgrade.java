package happysaucer.server.keeping;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Brings the tables up to this version. A backup is made first; it is put back when the upgrade
 * fails or is cut off.
 */
@Component
class Upgrade implements FlywayMigrationStrategy, SmartLifecycle {
  private final Path folder;
  private final DataSource data;
  private final Durable durable;
  private boolean finished;

  Upgrade(@Value("${saucer.data}") String folder, DataSource data, Durable durable) {
    this.folder = Path.of(folder);
    this.data = data;
    this.durable = durable;
  }

  @Override
  public void migrate(Flyway flyway) {
    MigrationInfo[] all = flyway.info().all();
    for (MigrationInfo info : all) {
      if (info.getState() == MigrationState.FUTURE_SUCCESS) {
        throw new CannotStartException(
            "The data folder "
                + folder
                + " was last used by a newer Happy Saucer (its tables are of version "
                + info.getVersion()
                + "). Start that version, or put an older backup back with bin/restore.");
      }
    }
    boolean old = flyway.info().current() != null;
    boolean pending = flyway.info().pending().length > 0;
    if (old && pending) {
      backUpFirst();
    }
    try {
      flyway.migrate();
    } catch (FlywayException e) {
      throw new CannotStartException(
          "The tables in "
              + folder
              + (old
                  ? " could not be brought up to this version, and are put back"
                  : " could not be made")
              + ": "
              + e.getMessage()
                  .lines()
                  .filter(line -> !line.isBlank())
                  .findFirst()
                  .orElse("no reason given")
              + (old ? ". Start the version before; nothing is lost." : "."));
    }
  }

  private void backUpFirst() {
    try (Connection connection = data.getConnection()) {
      Path backup = Backups.name(folder.resolve(DataFolder.BACKUPS), Backups.Kind.UPGRADE);
      BackupFile.make(connection, folder, backup, (step, done, of) -> true);
      DataFolder.beginUpgrade(folder, backup);
    } catch (IOException | SQLException e) {
      throw new CannotStartException(
          "The tables must be brought up to this version, and no backup could be made first: "
              + e.getMessage()
              + " Nothing was changed.");
    }
  }

  /** Everything is there that must be before anybody is let in; it runs before the port opens. */
  @Override
  public void start() {
    try {
      durable.sync();
      DataFolder.onlyForOwner(folder);
      DataFolder.finish(folder);
      finished = true;
    } catch (IOException e) {
      throw new CannotStartException(
          "The data folder " + folder + " cannot be written: " + e.getMessage());
    }
  }

  @Override
  public void stop() {
    finished = false;
  }

  @Override
  public boolean isRunning() {
    return finished;
  }

  @Override
  public int getPhase() {
    return Integer.MIN_VALUE;
  }
}
