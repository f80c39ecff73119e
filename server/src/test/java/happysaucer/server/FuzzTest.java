package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests drawn from the API's own description, sound ones as well as damaged ones, over every
 * operation: none breaks the server or keeps it busy, and every page can be read afterwards.
 */
class FuzzTest {
  /** Change it to draw others; the test prints nothing that depends on it. */
  private static final long SEED = Long.getLong("saucer.fuzz.seed", 20270412L);

  private static final int A_KIND = Integer.getInteger("saucer.fuzz.requests", 14);
  private static final Duration LONGEST = Duration.ofSeconds(5);
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private static ConfigurableApplicationContext running;
  private static Http planner;

  @BeforeAll
  static void start() {
    running = RunningServer.start(true);
    planner = new Http(RunningServer.url(running)).as("planner");
  }

  @AfterAll
  static void stop() {
    running.close();
  }

  private static final List<String> TEXTS =
      List.of(
          "",
          " ",
          "a",
          "\u00fc\u00df\u4e16\ud83e\udeb4",
          "'; drop table plant; --",
          "<b>x</b>",
          "=1+1",
          "\u0000\u0007",
          "\ud800",
          "x".repeat(130),
          "\u00e4".repeat(45),
          "y".repeat(5000),
          "..",
          "null",
          "2027-03-10",
          "1e999",
          "%ff",
          "label,spot\n1,2");

  private static final double[] NUMBERS = {
    -1, 0, 0.5, 1, 2, 5, 19.99, 20, 25, 90, 250, 3000, 3000.01, -1e9, 1e9, 1e300, 4e-320, 0.1
  };

  private static final String[] DAYS = {
    "2027-04-12",
    "2027-04-13",
    "2026-10-01",
    "1900-01-01",
    "1899-12-31",
    "2200-12-31",
    "2027-02-30",
    "-999999999-01-01",
    "+999999999-12-31",
    "yesterday",
    "2031-04-01"
  };

  /**
   * Every other request is meant to be sound, so that what lies behind the checks is reached too.
   */
  private boolean damaging;

  private final Random random = new Random(SEED);
  private final JsonNode document;
  private final Map<String, List<String>> ids = new LinkedHashMap<>();
  private final List<String> codes = new ArrayList<>();

  FuzzTest() throws IOException {
    document = JSON.readTree(Files.readString(Path.of("openapi.json")));
  }

  private <T> T one(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  private boolean seldom(int oneIn) {
    return random.nextInt(oneIn) == 0;
  }

  private void collect() {
    for (String kind : List.of("plants", "jobs", "shelf", "sites", "spots", "clients", "checks")) {
      ids.put(kind, new ArrayList<>());
    }
    planner.get("/api/plants").json().get("plants").forEach(p -> add("plants", p.get("id")));
    planner
        .get("/api/jobs?from=2027-01-01&to=2027-12-31")
        .json()
        .forEach(job -> add("jobs", job.get("id")));
    planner.get("/api/shelf").json().get("items").forEach(i -> add("shelf", i.at("/pot/id")));
    planner
        .get("/api/clients")
        .json()
        .forEach(
            client -> {
              add("clients", client.get("id"));
              client.get("sites").forEach(site -> add("sites", site.get("id")));
            });
    planner
        .get("/api/sites/" + ids.get("sites").get(0))
        .json()
        .get("spots")
        .forEach(spot -> add("spots", spot.get("id")));
    planner
        .get("/api/plants/" + ids.get("plants").get(0))
        .json()
        .get("checks")
        .forEach(check -> add("checks", check.get("id")));
    JsonNode catalogue = planner.get("/api/catalogue").json();
    for (String list : List.of("signs", "states", "mixes")) {
      catalogue.get(list).forEach(item -> codes.add(item.get("code").asString()));
    }
    catalogue.get("species").forEach(item -> codes.add(item.get("name").asString()));
    codes.addAll(
        List.of("PRESENT", "ABSENT", "CLEAR", "SEVERE", "LIGHT", "PLASTIC", "STANDARD", "TROUGH"));
    codes.addAll(List.of("GROW", "KEEP", "BRIGHT_INDIRECT", "LOW", "POT_UP", "LEAVE", "current"));
  }

  private void add(String kind, JsonNode id) {
    ids.get(kind).add(id.asString());
  }

  private String id(String hint) {
    if (seldom(6)) {
      return UUID.randomUUID().toString();
    }
    for (Map.Entry<String, List<String>> kind : ids.entrySet()) {
      String singular = kind.getKey().replaceAll("s$", "");
      if (hint.contains(singular) && !kind.getValue().isEmpty()) {
        return one(kind.getValue());
      }
    }
    return one(one(List.of(ids.get("plants"), ids.get("jobs"))));
  }

  private JsonNode value(JsonNode schema, String name, int depth) {
    if (damaging && seldom(14)) {
      return wrong();
    }
    if (schema.has("$ref")) {
      String kind = schema.get("$ref").asString().replace("#/components/schemas/", "");
      return value(document.at("/components/schemas/" + kind), name, depth);
    }
    if (schema.has("oneOf")) {
      return seldom(3) ? NODES.nullNode() : value(schema.get("oneOf").get(0), name, depth);
    }
    JsonNode types = schema.path("type");
    String type = types.isArray() ? types.get(0).asString() : types.asString("object");
    if (types.isArray() && seldom(4)) {
      return NODES.nullNode();
    }
    if (schema.has("enum")) {
      return NODES.stringNode(
          schema.get("enum").get(random.nextInt(schema.get("enum").size())).asString());
    }
    return switch (type) {
      case "integer" -> NODES.numberNode(damaging && seldom(8) ? -1 : 1 + random.nextInt(7));
      case "number" ->
          NODES.numberNode(
              damaging ? NUMBERS[random.nextInt(NUMBERS.length)] : 20 + random.nextInt(280));
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      case "array" -> list(schema, name, depth);
      case "string" -> NODES.stringNode(text(schema, name));
      default -> object(schema, depth);
    };
  }

  private JsonNode wrong() {
    return switch (random.nextInt(6)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.objectNode();
      case 2 -> NODES.arrayNode().add(NODES.nullNode());
      case 3 -> NODES.numberNode(-1);
      case 4 -> NODES.objectNode().set("name", NODES.objectNode());
      default -> NODES.stringNode(one(TEXTS));
    };
  }

  private JsonNode list(JsonNode schema, String name, int depth) {
    ArrayNode list = NODES.arrayNode();
    for (int i = random.nextInt(4); i > 0; i--) {
      list.add(value(schema.get("items"), name.replaceAll("s$", ""), depth + 1));
    }
    return list;
  }

  private JsonNode object(JsonNode schema, int depth) {
    ObjectNode object = NODES.objectNode();
    if (depth > 6) {
      return object;
    }
    for (Map.Entry<String, JsonNode> property : schema.path("properties").properties()) {
      if (!damaging || !seldom(9)) {
        object.set(property.getKey(), value(property.getValue(), property.getKey(), depth + 1));
      }
    }
    if (damaging && seldom(25)) {
      object.put("nobodyKnows", 1);
    }
    return object;
  }

  private String text(JsonNode schema, String name) {
    return switch (schema.path("format").asString("")) {
      case "uuid" -> seldom(20) ? "7" : id(name);
      case "date" -> DAYS[damaging ? random.nextInt(DAYS.length) : 0];
      case "date-time" -> DAYS[damaging ? random.nextInt(DAYS.length) : 2] + "T08:30:00Z";
      default ->
          name.equals("sheet")
              ? sheet()
              : damaging && random.nextInt(3) == 0
                  ? one(TEXTS)
                  : random.nextBoolean() ? one(codes) : "Word";
    };
  }

  private String sheet() {
    String head =
        one(List.of("spot,species,pot,label,height", "name,top,base,height,in stock,mass g"));
    StringBuilder sheet = new StringBuilder(head);
    for (int i = random.nextInt(4); i >= 0; i--) {
      sheet
          .append("\nDesk,")
          .append(one(codes))
          .append(",")
          .append(NUMBERS[random.nextInt(NUMBERS.length)]);
      sheet
          .append(",")
          .append(one(TEXTS).replace("\n", " "))
          .append(",")
          .append(random.nextInt(900));
    }
    return sheet.toString();
  }

  private String path(String template, JsonNode operation) {
    String path = template;
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : operation.path("parameters")) {
      String name = parameter.get("name").asString();
      JsonNode schema = parameter.get("schema");
      String raw =
          name.equals("id")
              ? id(template)
              : name.equals("name") ? one(codes) : value(schema, name, 0).asString("");
      String given = URLEncoder.encode(raw, StandardCharsets.UTF_8).replace("+", "%20");
      switch (parameter.get("in").asString()) {
        case "path" -> path = path.replace("{" + name + "}", given.isEmpty() ? "x" : given);
        case "query" -> {
          if (parameter.path("required").asBoolean(false) ? !seldom(10) : random.nextBoolean()) {
            query.append(query.isEmpty() ? "?" : "&").append(name).append("=");
            query.append(seldom(25) ? "%ff%" + "e2" : given);
          }
        }
        default -> {}
      }
    }
    return path + query;
  }

  private record Sent(String what, int status, long millis) {}

  private Sent send(String method, String template, JsonNode operation) {
    damaging = random.nextBoolean();
    String path = path(template, operation);
    String body = null;
    JsonNode content = operation.at("/requestBody/content/application~1json/schema");
    if (!content.isMissingNode()) {
      body = value(content, "", 0).toString();
      if (damaging && seldom(20)) {
        body = body.substring(0, random.nextInt(body.length() + 1));
      }
    }
    boolean versioned = operation.toString().contains("If-Match") && !seldom(6);
    long from = System.nanoTime();
    int status =
        (versioned
                ? planner.send(method, path, body, "If-Match", "\"" + random.nextInt(4) + "\"")
                : planner.send(method, path, body))
            .status();
    if (template.equals("/api/season/runs/{id}")) {
      // a search that was begun would keep a thread busy for minutes
      planner.post(path + "/stop", null);
    }
    return new Sent(
        method + " " + path + " " + body, status, (System.nanoTime() - from) / 1_000_000);
  }

  private List<String> pages() {
    List<String> pages =
        new ArrayList<>(
            List.of(
                "/api/session",
                "/api/round",
                "/api/plants?pressingFirst=true",
                "/api/shelf",
                "/api/shelf-export",
                "/api/clients",
                "/api/species",
                "/api/species-export?format=CSV",
                "/api/species-export?format=JSON",
                "/api/method",
                "/api/catalogue",
                "/api/keeping",
                "/api/jobs?from=2027-01-01&to=2027-12-31"));
    planner
        .get("/api/plants")
        .json()
        .get("plants")
        .forEach(
            plant -> {
              pages.add("/api/plants/" + plant.get("id").asString());
              pages.add("/api/plants/" + plant.get("id").asString() + "/fit");
            });
    ids.get("jobs").forEach(job -> pages.add("/api/jobs/" + job));
    ids.get("sites").forEach(site -> pages.add("/api/sites/" + site));
    return pages;
  }

  @Test
  void noRequestBreaksTheServerAndEveryPageIsThereAfterwards() {
    collect();
    TreeSet<String> broken = new TreeSet<>();
    TreeSet<String> wrote = new TreeSet<>();
    int sent = 0;
    for (int i = 0; i < A_KIND; i++) {
      for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
        for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
          // guesses at a password slow the one who guesses, here the planner
          boolean guesses = path.getKey().matches(".*(password|join)");
          if (path.getKey().contains("first-account") && i > 5 || guesses && i > 2) {
            continue;
          }
          Sent one = send(operation.getKey().toUpperCase(), path.getKey(), operation.getValue());
          sent++;
          if (one.status() < 300 && !operation.getKey().equals("get")) {
            wrote.add(operation.getKey() + " " + path.getKey());
          }
          boolean slow = one.millis() > LONGEST.toMillis();
          if (one.status() == 500 || slow) {
            broken.add(
                path.getKey()
                    + " "
                    + (slow ? one.millis() + " ms " : "500 ")
                    + one.what().substring(0, Math.min(600, one.what().length())));
          }
        }
      }
    }
    for (String page : pages()) {
      Http.Answer answer = planner.get(page);
      if (answer.status() != 200) {
        broken.add("afterwards " + page + " " + answer.status() + " " + answer.body());
      }
    }
    assertThat(broken).isEmpty();
    assertThat(sent).isGreaterThan(2000);
    // the draws reach behind the first checks: half of all that writes has been written by one
    assertThat(wrote).hasSizeGreaterThan(17);
  }
}
