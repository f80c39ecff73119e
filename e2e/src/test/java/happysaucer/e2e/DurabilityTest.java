package happysaucer.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What was acknowledged is there, whatever happens to the process; and a start that cannot be. */
class DurabilityTest {
  private static final int WRITERS = 4;
  private static final int LEAST_WRITES = 60;

  /** Kills of each kind; more are made by hand with -Dsaucer.kills=N. */
  private static final int KILLS = Integer.getInteger("saucer.kills", 1);

  private static final String[] DEMO = {"--saucer.demo=true", "--saucer.clock=" + Demo.CLOCK};

  @Test
  void aKillInTheMiddleOfWritesLosesNothingAcknowledged() throws Exception {
    Path data = Demo.laidIn();
    App app = App.start(data, DEMO);
    Team team = new Team("technician");
    try {
      String plant = team.plant(app, "T-040");
      Team planner = new Team("planner");
      String search = app.url() + "/api/season/runs/00000000-0000-4000-8000-0000000000bb";
      planner.send("PUT", search, "{\"kind\":\"ANEW\",\"seconds\":300,\"otherwise\":null}");
      // what is found is kept every two seconds
      for (int i = 0; i < 1800 && spentMs(planner.send("GET", search, null).body()) < 3000; i++) {
        TimeUnit.MILLISECONDS.sleep(50);
      }
      assertThat(spentMs(planner.send("GET", search, null).body()))
          .as("the search is under way before anything is killed")
          .isGreaterThanOrEqualTo(3000);
      for (int kill = 0; kill < Math.max(1, KILLS / 2); kill++) {
        int before = team.acknowledged().size();
        List<Thread> writers =
            IntStream.range(0, WRITERS).mapToObj(i -> team.writer(app, plant)).toList();
        for (int i = 0; i < 300 && team.acknowledged().size() < before + LEAST_WRITES; i++) {
          TimeUnit.MILLISECONDS.sleep(50);
        }
        app.kill();
        for (Thread writer : writers) {
          writer.join(20_000);
        }
        assertThat(team.acknowledged().size()).isGreaterThanOrEqualTo(before + LEAST_WRITES);
        app.start();
      }
      assertThat(team.lost(app, plant)).isZero();
      assertThat(team.send("GET", app.url() + "/api/plants/" + plant, null).body())
          .contains("0.41");
      String found = planner.send("GET", search, null).body();
      for (int i = 0; i < 200 && found.contains("\"outcome\":null"); i++) {
        TimeUnit.MILLISECONDS.sleep(50);
        found = planner.send("GET", search, null).body();
      }
      assertThat(found).contains("\"status\":\"STOPPED\"").doesNotContain("\"outcome\":null");
      assertThat(planner.send("POST", search + "/accept", null).body())
          .as("what the search had found before the kill can be taken")
          .contains("\"status\":\"ACCEPTED\"");
    } finally {
      app.close();
    }
  }

  private static long spentMs(String run) {
    Matcher spent = Pattern.compile("\"spentMs\":(\\d+)").matcher(run);
    return spent.find() ? Long.parseLong(spent.group(1)) : 0;
  }

  @Test
  void aFirstStartThatIsKilledAtAnyMomentStartsAfterwardsWithTheWholeDemo() throws Exception {
    Random random = new Random(11);
    for (int kill = 0; kill < KILLS; kill++) {
      Path data = Demo.folder();
      App app = App.unstarted(data, DEMO);
      app.startAndKillAfter(400 + random.nextInt(6500));
      app.start();
      try {
        String round = new Team("technician").send("GET", app.url() + "/api/plants", null).body();
        assertThat(round).as("kill " + kill).contains("T-001").contains("\"total\":100");
      } finally {
        app.close();
      }
    }
  }

  @Test
  void thePortAnswersOnlyWhenTheDemoIsWholeAndItsFolderIsForItsOwnerAlone() throws Exception {
    Path data = Demo.folder();
    App app = App.unstarted(data, DEMO);
    List<String> answers = new ArrayList<>();
    Thread knocking =
        new Thread(
            () -> {
              while (answers.isEmpty() && !Thread.interrupted()) {
                try {
                  answers.add(
                      new Team("technician").send("GET", app.url() + "/api/plants", null).body());
                } catch (IOException e) {
                  // not yet
                } catch (InterruptedException e) {
                  Thread.currentThread().interrupt();
                }
              }
            });
    knocking.start();
    app.start();
    try {
      knocking.join(20_000);
      assertThat(answers).hasSize(1);
      assertThat(answers.get(0)).as("the very first answer").contains("\"total\":100");
      assertThat(Files.getPosixFilePermissions(data)).hasSize(3);
      assertThat(Files.getPosixFilePermissions(data.resolve("saucer.mv.db"))).hasSize(2);
    } finally {
      app.close();
    }
  }

  /** As it was left by the version before the tables changed. */
  private static void asBeforeTheLastChange(Path data) throws Exception {
    try (Connection connection =
            DriverManager.getConnection(
                "jdbc:h2:file:" + data.toAbsolutePath() + "/saucer;IFEXISTS=TRUE", "sa", "");
        Statement sql = connection.createStatement()) {
      for (String column :
          List.of("cover_top_mm", "cover_height_mm", "cover_mass_g", "cover_fixed")) {
        sql.execute("alter table plant drop column " + column);
      }
      for (String column : List.of("weight_g", "spread_mm")) {
        sql.execute("alter table plant_check drop column " + column);
      }
      sql.execute("alter table plant drop column merged_into");
      sql.execute("drop table job_need");
      sql.execute("alter table job drop column asked");
      sql.execute("alter table job add column advice_imperial clob");
      sql.execute("alter table job_step drop column step_key");
      sql.execute("alter table job_step add column text varchar(1000) default '' not null");
      sql.execute("alter table aftercare_step add column text varchar(1000) default '' not null");
      sql.execute("alter table aftercare_step drop column said");
      for (String column : List.of("ended_at", "code_hash", "code_until")) {
        sql.execute("alter table app_user drop column " + column);
      }
      for (String column :
          List.of(
              "currency",
              "paper",
              "units",
              "week_starts",
              "workshop_latitude",
              "workshop_longitude",
              "version")) {
        sql.execute("alter table team drop column " + column);
      }
      sql.execute("drop table caretaker_measure");
      sql.execute("alter table site add column visit_weekday int default 1 not null");
      sql.execute("create index site_weekday on site (visit_weekday)");
      sql.execute("drop table site_visit_day");
      sql.execute("drop table visit_left");
      sql.execute("alter table watering drop column care_link_id");
      sql.execute("alter table aftercare_step drop column skipped_why");
      sql.execute("alter table aftercare_step drop column was_from");
      for (String column : List.of("leaf_loss", "height_mm", "method")) {
        sql.execute("alter table job_outcome drop column " + column);
      }
      sql.execute("drop table walk_in");
      sql.execute("alter table site drop column counter");
      for (String column : List.of("work_hour_cents", "mix_litre_cents", "work_least_cents")) {
        sql.execute("alter table team drop column " + column);
      }
      for (String table :
          List.of(
              "mix_move",
              "batch_job",
              "batch_mix",
              "batch",
              "mix_lot",
              "mix_item",
              "mix_room",
              "medium_edit",
              "bucket_test",
              "supply",
              "message_template",
              "message",
              "care_subscriber")) {
        sql.execute("drop table " + table);
      }
      sql.execute("alter table plant_glance drop column work_waits");
      sql.execute("drop table care_report");
      sql.execute("drop table care_link");
      for (String table :
          List.of(
              "season_change_job",
              "season_change",
              "season_run_slot",
              "season_run",
              "season_job",
              "pot_order",
              "season_weight",
              "site_access_day",
              "absence",
              "crew_hours",
              "crew_person",
              "crew")) {
        sql.execute("drop table " + table);
      }
      sql.execute("alter table shelf_pot drop column place");
      sql.execute("drop index client_feed");
      sql.execute("alter table client drop column feed_token");
      for (String column : List.of("visit_every", "visit_from", "floors", "parking_minutes")) {
        sql.execute("alter table site drop column " + column);
      }
      for (String column : List.of("started_at", "ended_at", "note")) {
        sql.execute("alter table visit drop column " + column);
      }
      sql.execute("delete from \"flyway_schema_history\" where cast(\"version\" as int) > 6");
    }
  }

  @Test
  void anUpgradeThatIsKilledAtAnyMomentIsTakenBackAndDoneAgain() throws Exception {
    Path data = Demo.laidIn();
    App app = App.start(data, DEMO);
    Team team = new Team("technician");
    String plant = team.plant(app, "T-040");
    String id = "00000000-0000-4000-8000-0000000000aa";
    team.send("PUT", app.url() + "/api/waterings/" + id, Team.watering(plant, "0.43"));
    app.close();
    Random random = new Random(12);
    for (int kill = 0; kill < KILLS; kill++) {
      asBeforeTheLastChange(data);
      app.startAndKillAfter(1200 + random.nextInt(3800));
      app.start();
      try {
        assertThat(team.send("GET", app.url() + "/api/plants/" + plant, null).body())
            .contains("0.43");
        assertThat(
                Files.list(data.resolve("backups"))
                    .filter(f -> f.toString().endsWith("upgrade.zip")))
            .as("one was made before the tables were changed")
            .isNotEmpty();
      } finally {
        app.close();
      }
    }
  }

  @Test
  void aDiskThatRunsFullIsToldAndGoesOnWhenThereIsRoomAgain() throws Exception {
    Path data = Demo.laidIn();
    App app = App.start(data, DEMO);
    Team team = new Team("technician");
    try {
      String plant = team.plant(app, "T-040");
      // files may grow by 200 kB more: to the process this is what a full disk is
      app.limitFiles((Files.size(data.resolve("saucer.mv.db")) + 200_000) / 1024);
      int last = 204;
      String words = "";
      for (int i = 0; i < 4000 && (last == 204 || last == 503); i++) {
        String id = java.util.UUID.randomUUID().toString();
        var answer =
            team.send("PUT", app.url() + "/api/waterings/" + id, Team.watering(plant, "0.41"));
        last = answer.statusCode();
        words = answer.body();
        if (last == 204) {
          team.acknowledged().add(id);
        }
      }
      assertThat(last).as(words).isEqualTo(507);
      assertThat(words).contains("disk");
      assertThat(Files.size(app.log())).as("the log is not flooded").isLessThan(200_000);

      app.limitFiles(-1);
      String id = java.util.UUID.randomUUID().toString();
      for (int i = 0; i < 20 && last != 204; i++) {
        TimeUnit.MILLISECONDS.sleep(200);
        last =
            team.send("PUT", app.url() + "/api/waterings/" + id, Team.watering(plant, "0.41"))
                .statusCode();
      }
      assertThat(last).as("there is room again").isEqualTo(204);
      assertThat(team.lost(app, plant)).isZero();
    } finally {
      app.close();
    }
  }

  @Test
  void aBackupMadeUnderWritesHoldsEverythingAcknowledgedBeforeItAndIsPutBackWhole()
      throws Exception {
    Path data = Demo.laidIn();
    App app = App.start(data, DEMO);
    Team team = new Team("technician");
    String plant = team.plant(app, "T-040");
    Thread writer = team.writer(app, plant);
    while (team.acknowledged().size() < LEAST_WRITES) {
      TimeUnit.MILLISECONDS.sleep(50);
    }
    List<String> before = List.copyOf(team.acknowledged());
    Path to = Demo.folder();
    App.Ended made = App.command("backup", data.toString(), to.toString());
    writer.interrupt();
    writer.join(20_000);
    assertThat(made.status()).as(made.words()).isZero();
    Path file = Path.of(made.words().strip().lines().reduce((a, b) -> b).orElseThrow());
    assertThat(file).exists().hasParent(to);
    app.close();

    App.Ended offline = App.command("backup", data.toString(), to.toString());
    assertThat(offline.status()).as("of a stopped server: " + offline.words()).isZero();

    assertThat(App.command("restore", file.toString(), data.toString(), "false").words())
        .contains("--replace");
    Path other = Demo.folder();
    App.Ended restored = App.command("restore", file.toString(), other.toString(), "false");
    assertThat(restored.status()).as(restored.words()).isZero();
    // those of the round, and three that customers brought
    assertThat(restored.words()).contains("103 plants");
    App again = App.start(other, DEMO);
    try {
      for (String id : before) {
        assertThat(
                team.send("PUT", again.url() + "/api/waterings/" + id, Team.watering(plant, "0.77"))
                    .statusCode())
            .isEqualTo(409);
      }
    } finally {
      again.close();
    }
    byte[] broken = Files.readAllBytes(file);
    Path cut = other.resolveSibling(other.getFileName() + "-cut.zip");
    Files.write(cut, java.util.Arrays.copyOf(broken, broken.length / 2));
    assertThat(App.command("restore", cut.toString(), Demo.folder().toString(), "false").words())
        .contains("no whole backup")
        .doesNotContain("Exception");
  }

  @Test
  void aFolderOrAPortInUseIsSaidPlainly() throws Exception {
    App running = Demo.app();
    String port = running.url().substring(running.url().lastIndexOf(':') + 1);
    assertThat(refusal("--saucer.data=" + running.data(), "--server.port=0"))
        .contains("is in use by another Happy Saucer");
    assertThat(refusal("--saucer.data=" + Demo.folder(), "--server.port=" + port))
        .contains("Port " + port + " is in use");
    assertThat(
            refusal(
                "--saucer.data=" + Demo.folder(),
                "--server.port=8099",
                "--server.address=192.0.2.7"))
        .contains("has no address 192.0.2.7");
  }

  @Test
  void whatCannotBeOpenedIsSaidInOneSentenceWithWhatToDo() throws Exception {
    Path file = Files.createTempFile("saucer", "-no-folder");
    assertThat(refusal("--saucer.data=" + file, "--server.port=0")).contains("it is a file");

    assertThat(refusal("--saucer.data=/proc/saucer", "--server.port=0")).contains("cannot be used");

    Path random = Demo.folder();
    Files.write(
        random.resolve("saucer.mv.db"), "no database".repeat(900).getBytes(StandardCharsets.UTF_8));
    assertThat(refusal("--saucer.data=" + random, "--server.port=0"))
        .contains("damaged")
        .contains("bin/restore");
    assertThat(random.resolve("saucer.mv.db")).as("is left as it is").exists();

    Path newer = Demo.folder();
    App.start(newer, "--saucer.demo=false").close();
    try (Connection connection =
            DriverManager.getConnection(
                "jdbc:h2:file:" + newer.toAbsolutePath() + "/saucer", "sa", "");
        Statement sql = connection.createStatement()) {
      sql.execute(
          "insert into \"flyway_schema_history\" select 99, '99', 'later', \"type\", 'V99__later.sql', 1, \"installed_by\", \"installed_on\", 1, true from \"flyway_schema_history\" where \"version\" = '1'");
    }
    assertThat(refusal("--saucer.data=" + newer, "--server.port=0"))
        .contains("newer Happy Saucer")
        .contains("version 99");

    Path cut = newer.resolveSibling(newer.getFileName() + "-cut");
    Files.createDirectories(cut);
    byte[] whole = Files.readAllBytes(newer.resolve("saucer.mv.db"));
    Files.write(cut.resolve("saucer.mv.db"), java.util.Arrays.copyOf(whole, 5000));
    assertThat(refusal("--saucer.data=" + cut, "--server.port=0")).contains("bin/restore");
  }

  /** Of a start that ends at once, with no trace of the program in it. */
  private static String refusal(String... options) throws IOException, InterruptedException {
    List<String> all = new ArrayList<>(List.of(options));
    if (all.stream().noneMatch(option -> option.startsWith("--server.address"))) {
      all.add("--server.address=127.0.0.1");
    }
    App.Ended ended = App.ended(all);
    assertThat(ended.status()).as(ended.words()).isEqualTo(2);
    assertThat(ended.words()).doesNotContain("Exception", "\tat ");
    assertThat(ended.words().strip().lines()).as(ended.words()).hasSize(1);
    return ended.words();
  }
}
