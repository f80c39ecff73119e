package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.book.CsvTable;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Walks every endpoint by every role; an endpoint that is not in the table fails. */
@ExtendWith(RunningServer.class)
class RolesTest {
  private static final String NOBODY = "00000000-0000-4000-8000-000000000000";
  private final Http http;
  private final List<Map<String, String>> table;

  RolesTest(Http http) throws IOException {
    this.http = http;
    this.table =
        CsvTable.rows(
            "roles",
            new String(
                getClass().getResourceAsStream("/roles.csv").readAllBytes(),
                StandardCharsets.UTF_8));
  }

  @Test
  void everyEndpointIsInTheTable() {
    RequestMappingHandlerMapping mappings =
        RunningServer.context()
            .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class);
    TreeSet<String> real = new TreeSet<>();
    mappings
        .getHandlerMethods()
        .keySet()
        .forEach(
            info ->
                info.getMethodsCondition()
                    .getMethods()
                    .forEach(
                        method ->
                            info.getPatternValues().stream()
                                .filter(pattern -> pattern.startsWith("/api/"))
                                .forEach(pattern -> real.add(method + " " + pattern))));
    TreeSet<String> told =
        table.stream()
            .map(row -> row.get("method") + " " + row.get("path"))
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(told).containsAll(real);
    assertThat(real.size()).isGreaterThan(20);
  }

  @TestFactory
  List<DynamicTest> everyEndpointByEveryRole() {
    return table.stream()
        .flatMap(
            row ->
                List.of("anonymous", "planner", "technician", "counter").stream()
                    .map(
                        role ->
                            DynamicTest.dynamicTest(
                                role + " " + row.get("method") + " " + row.get("path"),
                                () -> walk(row, role))))
        .toList();
  }

  @TestFactory
  List<DynamicTest> headIsAnsweredLikeGet() {
    return table.stream()
        .filter(row -> row.get("method").equals("GET"))
        .map(
            row ->
                DynamicTest.dynamicTest(
                    row.get("path"),
                    () -> {
                      for (Http who : List.of(http, http.as("counter"))) {
                        String path = filled(row.get("path"));
                        assertThat(who.send("HEAD", path, null).status())
                            .isEqualTo(who.get(path).status());
                      }
                    }))
        .toList();
  }

  private static String filled(String path) {
    return path.replace("{id}", NOBODY)
        .replace("{position}", "0")
        .replace("{of}", "2031-01-06")
        .replace("{kind}", "WATER")
        .replace("{token}", "x")
        .replace("{name}", "x")
        .replace("{code}", "x");
  }

  private void walk(Map<String, String> row, String role) {
    Http who = role.equals("anonymous") ? http : http.as(role);
    String path = filled(row.get("path"));
    // An empty body: who may come in is told what is wrong with it, who may not never gets there.
    String body = row.get("method").matches("GET|DELETE") ? null : "{}";
    int status = who.send(row.get("method"), path, body).status();
    if (row.get(role).equals("no")) {
      boolean writes = !row.get("method").equals("GET");
      // without a sign-in a write already fails for want of the page's token
      assertThat(status)
          .isIn(
              role.equals("anonymous")
                  ? (writes ? List.of(401, 403) : List.of(401))
                  : List.of(403));
    } else if (!role.equals("anonymous")) {
      assertThat(status).isNotIn(401, 403, 500);
    } else {
      assertThat(status).isNotIn(401, 500);
    }
  }
}
