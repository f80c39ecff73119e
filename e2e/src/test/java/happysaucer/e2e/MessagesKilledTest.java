package happysaucer.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.HashSet;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.IntSupplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The server is killed while messages go out: none is lost, and none goes twice. */
class MessagesKilledTest {
  private static final int MESSAGES = 400;
  private static final int KILLS = 1;

  /** A mail host that puts off each fourth takes so many of them. */
  private static final int TAKEN = MESSAGES * 3 / 4;

  private static Connection database(Path data) throws Exception {
    return DriverManager.getConnection(
        "jdbc:h2:file:" + data.toAbsolutePath() + "/saucer;IFEXISTS=TRUE", "sa", "");
  }

  /** As if so many reminders had been written just now. */
  private static void queue(Path data) throws Exception {
    try (Connection connection = database(data);
        Statement sql = connection.createStatement()) {
      sql.execute("delete from message");
      sql.execute(
          """
          insert into message (id, subscriber_id, of_key, kind, subject, body, status, next_at, written_at)
          select random_uuid(), (select s.id from care_subscriber s limit 1), 'TEST:' || x, 'WATER', 'Water ' || x,
                 'Water number ' || x, 'WAITING', timestamp with time zone '2027-04-01 07:00:00+00',
                 timestamp with time zone '2027-04-12 07:00:00+00'
          from system_range(1, %d)"""
              .formatted(MESSAGES));
    }
  }

  private static int inDatabase(Path data, String status) throws Exception {
    try (Connection connection = database(data);
        Statement sql = connection.createStatement();
        ResultSet row =
            sql.executeQuery(
                "select count(*) from message where of_key like 'TEST:%' and status = '"
                    + status
                    + "'")) {
      row.next();
      return row.getInt(1);
    }
  }

  private static void waitFor(IntSupplier count, int least) throws InterruptedException {
    for (int i = 0; i < 1200 && count.getAsInt() < least; i++) {
      TimeUnit.MILLISECONDS.sleep(25);
    }
    assertThat(count.getAsInt()).isGreaterThanOrEqualTo(least);
  }

  /** Kills it some times on the way, then lets it end its work. */
  private static void killedOnTheWay(Path data, IntSupplier gone, int all, String... more)
      throws Exception {
    queue(data);
    List<String> options =
        Stream.concat(
                Stream.of(
                    "--saucer.demo=true",
                    "--saucer.clock=2027-04-12T08:30",
                    "--saucer.nightly-backup=false",
                    "--saucer.post-every=200ms"),
                Stream.of(more))
            .toList();
    App app = App.start(data, options.toArray(String[]::new));
    for (int kill = 1; kill <= KILLS; kill++) {
      waitFor(gone, kill * all / (KILLS + 2));
      app.kill();
      app.start();
    }
    try {
      waitFor(gone, all);
      TimeUnit.MILLISECONDS.sleep(500);
    } finally {
      app.close();
    }
  }

  private static int files(Path outbox) {
    try (Stream<Path> files = Files.list(outbox)) {
      return (int) files.filter(file -> file.toString().endsWith(".eml")).count();
    } catch (IOException e) {
      return 0;
    }
  }

  @Test
  void theOutboxHasEachOnce() throws Exception {
    Path data = Demo.laidIn();
    Path outbox = data.resolve("outbox");
    killedOnTheWay(data, () -> files(outbox), MESSAGES);
    assertThat(inDatabase(data, "SENT")).isEqualTo(MESSAGES);
    int others = files(outbox) - MESSAGES;
    assertThat(others).as("reminders of the morning itself").isBetween(0, 4);
  }

  @Test
  void aMailHostIsGivenEachOnceAndWhatItPutsOffWaits() throws Exception {
    Path data = Demo.laidIn();
    try (MailHost host = new MailHost(4)) {
      killedOnTheWay(
          data,
          () -> new HashSet<>(host.taken()).size(),
          TAKEN - KILLS,
          "--spring.mail.host=127.0.0.1",
          "--spring.mail.port=" + host.port());
      int sent = inDatabase(data, "SENT");
      assertThat(sent).isBetween(TAKEN - KILLS, TAKEN + KILLS);
      assertThat(sent + inDatabase(data, "WAITING")).as("none is lost").isEqualTo(MESSAGES);
      HashSet<String> once = new HashSet<>(host.taken());
      assertThat(once.size()).isBetween(sent, sent + KILLS + 4);
      assertThat(host.taken().size() - once.size())
          .as("only what was under way at a kill, with the Message-ID it had")
          .isLessThanOrEqualTo(KILLS);
    }
  }
}
