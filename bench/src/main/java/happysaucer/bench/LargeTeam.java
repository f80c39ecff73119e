package happysaucer.bench;

import happysaucer.core.species.Species;
import java.sql.Connection;
import java.sql.Date;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/** Fills a data folder that the app has made with a large team, from a fixed seed. */
final class LargeTeam {
  private static final long SEED = 7;
  private static final int PLANTS_A_SPOT = 5;
  private static final int SPOTS_A_SITE = 5;
  private static final int SITES_A_CLIENT = 2;
  private static final int CHECK_EVERY_DAYS = 28;
  private static final int WATERINGS = 20;
  private static final int BATCH = 2000;
  private static final String[] WORDS = {
    "amber", "basalt", "cinder", "delta", "ember", "fjord", "garnet", "harbour", "indigo", "jetty"
  };
  private static final String[] LIGHTS = {"LOW", "MEDIUM", "BRIGHT_INDIRECT", "DIRECT"};
  private static final String[][] SIGNS = {
    {"ROOTS_FROM_DRAIN_HOLES", "PRESENT", "CLEAR", null},
    {"ROOTS_FROM_DRAIN_HOLES", "ABSENT", null, null},
    {"WATER_POOLS", "PRESENT", null, "75"},
    {"STAYS_WET", "PRESENT", null, "9"},
    {"STAYS_WET", "ABSENT", null, null},
    {"LEAVES_YELLOWING", "PRESENT", null, null},
    {"SALT_CRUST", "PRESENT", null, null},
    {"LOWER_LEAVES_SHED", "PRESENT", null, "4"},
    {"POT_DEFORMED", "PRESENT", "CLEAR", null},
    {"LEANS", "PRESENT", null, "8"},
  };

  private final Random random = new Random(SEED);
  private final Connection db;
  private final LocalDate today;
  private UUID user;

  private LargeTeam(Connection db, LocalDate today) {
    this.db = db;
    this.today = today;
  }

  /**
   * @param url of the database in the data folder
   * @param today by the clock with which the app will be started
   */
  static void fill(String url, LocalDate today, int plants, int checks) throws SQLException {
    try (Connection db = DriverManager.getConnection(url, "sa", "")) {
      db.setAutoCommit(false);
      new LargeTeam(db, today).fill(plants, checks);
      db.commit();
      try (Statement statement = db.createStatement()) {
        statement.execute("analyze");
      }
    }
  }

  private UUID id() {
    return new UUID(random.nextLong(), random.nextLong());
  }

  private void fill(int plants, int checks) throws SQLException {
    try (Statement statement = db.createStatement();
        ResultSet first =
            statement.executeQuery("select id from app_user where account = 'technician'")) {
      first.next();
      user = (UUID) first.getObject(1);
    }
    List<UUID> sites = new ArrayList<>();
    List<UUID> spots = places(plants / PLANTS_A_SPOT, sites);
    List<UUID> made = plants(plants, spots);
    checks(made, checks / plants, sites);
    waterings(made);
    try (Statement statement = db.createStatement()) {
      statement.execute(
          """
          update plant p set search_text = (
            select lower(p.label || ' ' || p.common_name || ' ' || p.species || ' ' || s.name || ' '
                         || t.name || ' ' || c.name)
            from spot s join site t on t.id = s.site_id join client c on c.id = t.client_id
            where s.id = p.spot_id)""");
    }
  }

  private String words() {
    return WORDS[random.nextInt(WORDS.length)] + " " + WORDS[random.nextInt(WORDS.length)];
  }

  private List<UUID> places(int wanted, List<UUID> siteOfSpot) throws SQLException {
    List<UUID> spots = new ArrayList<>();
    try (PreparedStatement client =
            db.prepareStatement("insert into client (id, name) values (?, ?)");
        PreparedStatement site =
            db.prepareStatement(
                """
                insert into site (id, client_id, name, latitude, longitude, outdoors, site_use,
                                  access_note, round_order)
                values (?, ?, ?, 44, -7, false, 'PUBLIC', '', ?)""");
        PreparedStatement visited =
            db.prepareStatement("insert into site_visit_day (site_id, weekday) values (?, ?)");
        PreparedStatement spot =
            db.prepareStatement(
                "insert into spot (id, site_id, name, light) values (?, ?, ?, ?)")) {
      int number = 0;
      while (spots.size() < wanted) {
        UUID clientId = id();
        client.setObject(1, clientId);
        client.setString(2, "Client " + words() + " " + ++number);
        client.execute();
        for (int s = 0; s < SITES_A_CLIENT; s++) {
          UUID siteId = id();
          site.setObject(1, siteId);
          site.setObject(2, clientId);
          site.setString(3, "Hall " + words() + " " + number + "/" + s);
          site.setInt(4, number);
          site.execute();
          visited.setObject(1, siteId);
          visited.setInt(2, 1 + random.nextInt(5));
          visited.execute();
          for (int p = 0; p < SPOTS_A_SITE; p++) {
            UUID spotId = id();
            spot.setObject(1, spotId);
            spot.setObject(2, siteId);
            spot.setString(3, "Spot " + words());
            spot.setString(4, LIGHTS[random.nextInt(LIGHTS.length)]);
            spot.addBatch();
            spots.add(spotId);
            siteOfSpot.add(siteId);
          }
        }
        spot.executeBatch();
      }
    }
    return spots;
  }

  private List<UUID> plants(int wanted, List<UUID> spots) throws SQLException {
    List<Species> species = Cases.book().species().all();
    List<UUID> made = new ArrayList<>();
    try (PreparedStatement plant =
        db.prepareStatement(
            """
            insert into plant (id, label, spot_id, species, common_name, height_mm, spread_mm, size_wish,
                               last_repotted, mix, fed, waterer_habit, pot_shape, pot_material,
                               pot_top_mm, pot_base_mm, pot_height_mm, pot_holes, in_cover_pot, note,
                               version, changed_at, changed_by)
            values (?, ?, ?, ?, ?, ?, ?, 'GROW', ?, ?, true, 'EVEN', 'STANDARD', 'PLASTIC', ?, ?, ?, 6,
                    false, '', 1, ?, ?)""")) {
      for (int i = 0; i < wanted; i++) {
        Species kind = species.get(random.nextInt(species.size()));
        double top = 90 + random.nextInt(24) * 10;
        UUID id = id();
        made.add(id);
        plant.setObject(1, id);
        plant.setString(2, "L-" + (i + 1));
        plant.setObject(3, spots.get(i / PLANTS_A_SPOT));
        plant.setString(4, kind.name());
        plant.setString(5, kind.commonName());
        plant.setDouble(6, top * 3);
        plant.setDouble(7, top * 1.5);
        plant.setDate(8, Date.valueOf(today.minusDays(60 + random.nextInt(1200))));
        plant.setString(9, kind.traits().bestMix());
        plant.setDouble(10, top);
        plant.setDouble(11, top * 0.76);
        plant.setDouble(12, top * 0.92);
        plant.setTimestamp(13, Timestamp.valueOf(today.atStartOfDay()));
        plant.setObject(14, user);
        plant.addBatch();
        if (i % BATCH == 0) {
          plant.executeBatch();
        }
      }
      plant.executeBatch();
    }
    return made;
  }

  private void checks(List<UUID> plants, int each, List<UUID> siteOfSpot) throws SQLException {
    try (PreparedStatement visit =
            db.prepareStatement(
                "insert into visit (id, site_id, visited_on, user_id) values (?, ?, ?, ?)");
        PreparedStatement check =
            db.prepareStatement(
                """
                insert into plant_check (id, plant_id, visit_id, user_id, checked_at, checked_on, minutes,
                                         height_mm, note, action, urgency, received_at)
                values (?, ?, ?, ?, ?, ?, 2, ?, '', 'LEAVE', 'NOT_DUE', ?)""");
        PreparedStatement sign =
            db.prepareStatement(
                "insert into check_sign (check_id, code, state, grade, amount) values (?, ?, ?, ?, ?)")) {
      int perSite = PLANTS_A_SPOT * SPOTS_A_SITE;
      UUID[] visits = new UUID[each];
      for (int i = 0; i < plants.size(); i++) {
        for (int back = 0; back < each; back++) {
          LocalDate day = today.minusDays(3 + (long) CHECK_EVERY_DAYS * back);
          if (i % perSite == 0) {
            visits[back] = id();
            visit.setObject(1, visits[back]);
            visit.setObject(2, siteOfSpot.get(i / PLANTS_A_SPOT));
            visit.setDate(3, Date.valueOf(day));
            visit.setObject(4, user);
            visit.execute();
          }
          UUID id = id();
          Timestamp at = Timestamp.valueOf(day.atTime(LocalTime.of(9, 0)));
          check.setObject(1, id);
          check.setObject(2, plants.get(i));
          check.setObject(3, visits[back]);
          check.setObject(4, user);
          check.setTimestamp(5, at);
          check.setDate(6, Date.valueOf(day));
          check.setObject(7, back % 3 == 0 ? 900.0 - 10 * back : null);
          check.setTimestamp(8, at);
          check.addBatch();
          int from = random.nextInt(SIGNS.length);
          for (int s = 0; s < 1 + random.nextInt(2); s++) {
            String[] seen = SIGNS[(from + 3 * s) % SIGNS.length];
            sign.setObject(1, id);
            sign.setString(2, seen[0]);
            sign.setString(3, seen[1]);
            sign.setString(4, seen[2]);
            sign.setObject(5, seen[3] == null ? null : Double.valueOf(seen[3]));
            sign.addBatch();
          }
        }
        if (i % 100 == 0) {
          check.executeBatch();
          sign.executeBatch();
          db.commit();
        }
      }
      check.executeBatch();
      sign.executeBatch();
    }
  }

  private void waterings(List<UUID> plants) throws SQLException {
    try (PreparedStatement watering =
        db.prepareStatement(
            """
            insert into watering (id, plant_id, watered_on, litres, run_off_litres, user_id, received_at)
            values (?, ?, ?, ?, ?, ?, ?)""")) {
      for (int i = 0; i < plants.size(); i++) {
        int every = 4 + random.nextInt(8);
        for (int w = 0; w < WATERINGS; w++) {
          LocalDate day = today.minusDays(2 + (long) every * w);
          watering.setObject(1, id());
          watering.setObject(2, plants.get(i));
          watering.setDate(3, Date.valueOf(day));
          watering.setDouble(4, 0.8);
          watering.setDouble(5, 0.08);
          watering.setObject(6, user);
          watering.setTimestamp(7, Timestamp.valueOf(day.atStartOfDay()));
          watering.addBatch();
        }
        if (i % 100 == 0) {
          watering.executeBatch();
          db.commit();
        }
      }
      watering.executeBatch();
    }
  }
}
