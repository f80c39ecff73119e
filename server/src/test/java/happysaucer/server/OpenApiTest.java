package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

@ExtendWith(RunningServer.class)
class OpenApiTest {
  private final Http http;

  OpenApiTest(Http http) {
    this.http = http.as("planner");
  }

  /** When this fails, run bin/openapi: it writes the document and the client anew. */
  @Test
  void theCommittedDocumentIsThatOfTheServer() throws IOException {
    JsonNode committed = new ObjectMapper().readTree(Files.readString(Path.of("openapi.json")));
    assertThat(http.get("/api/openapi.json").json()).isEqualTo(committed);
  }

  @Test
  void noTwoKindsShareANameAndEveryReferenceIsThere() {
    JsonNode document = http.get("/api/openapi.json").json();
    List<String> missing = new ArrayList<>();
    for (JsonNode reference : document.findValues("$ref")) {
      String name = reference.asString().replace("#/components/schemas/", "");
      if (!document.get("components").get("schemas").has(name)) {
        missing.add(name);
      }
    }
    assertThat(missing).isEmpty();
    JsonNode step = document.get("components").get("schemas").get("CareStep");
    assertThat(step.get("required")).hasSize(5);
  }
}
