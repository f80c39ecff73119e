package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
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
  void everyReferenceIsThere() {
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

  /** The document names kinds by their simple name: two of one name would silently become one. */
  @Test
  void noTwoKindsShareAName() {
    JsonNode schemas = http.get("/api/openapi.json").json().get("components").get("schemas");
    Map<String, Set<String>> kinds = new TreeMap<>();
    new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("happysaucer.server", "happysaucer.core.advice")
            .stream()
            .filter(type -> type.isAssignableTo(Record.class) && schemas.has(type.getSimpleName()))
            .filter(type -> type.getModifiers().contains(JavaModifier.PUBLIC))
            .forEach(
                type ->
                    kinds
                        .computeIfAbsent(type.getSimpleName(), n -> new TreeSet<>())
                        .add(type.getName()));
    assertThat(kinds).hasSizeGreaterThan(50);
    assertThat(kinds.values()).allMatch(types -> types.size() == 1);
  }
}
