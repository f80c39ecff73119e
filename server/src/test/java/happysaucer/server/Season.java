package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** The season as a planner handles it, for tests. */
final class Season {
  /** Signs that ask for a repot. */
  static final String CLEAR =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"CLEAR\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";

  private final Http planner;

  Season(Http planner) {
    this.planner = planner;
  }

  /** What a plant asks for, open jobs only. */
  List<JsonNode> jobs(String plant) {
    List<JsonNode> jobs = new ArrayList<>();
    for (JsonNode job : planner.get("/api/season").json().get("jobs")) {
      if (job.get("plantId").asString().equals(plant)) {
        jobs.add(job);
      }
    }
    return jobs;
  }

  List<JsonNode> jobs(String plant, String kind) {
    return jobs(plant).stream().filter(job -> job.get("kind").asString().equals(kind)).toList();
  }

  JsonNode repot(String plant) {
    return jobs(plant, "REPOT").get(0);
  }

  Http.Answer move(JsonNode job, String on, UUID lead) {
    return planner.put(
        "/api/season/jobs/" + job.get("id").asString() + "/place",
        "{\"on\":%s,\"leadId\":%s,\"pinned\":false}"
            .formatted(
                on == null ? "null" : "\"" + on + "\"", lead == null ? "null" : "\"" + lead + "\""),
        "If-Match",
        "\"" + job.get("version").asInt() + "\"");
  }

  /** A repot of the plant that has its day and its bench sheet; answers the job. */
  String scheduled(String plant, String day) {
    String job = UUID.randomUUID().toString();
    String request = "{\"plantId\":\"%s\",\"plannedOn\":\"%s\"".formatted(plant, day);
    Http.Answer answer = planner.put("/api/jobs/" + job, request + "}");
    if (answer.body().contains("Order a pot")) {
      // others have taken what stood on the shelf
      answer = planner.put("/api/jobs/" + job, request + ",\"order\":true}");
    }
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return job;
  }

  void done(String job, String on) {
    Http.Answer done =
        planner.put(
            "/api/jobs/" + job + "/done",
            "{\"doneOn\":\"%s\",\"oldPot\":\"WASTE\",\"minutes\":20,\"offspring\":[]}"
                .formatted(on));
    assertThat(done.status()).as(done.body()).isEqualTo(200);
  }
}
