package happysaucer.server.job;

import happysaucer.core.unit.Message;
import happysaucer.server.advice.MessageJson;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Set;
import java.util.UUID;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Jobs from before advice was kept as messages hold it in words, once for each of the units: both
 * become the values of one message, so that everybody still reads them in their own.
 */
@Component
class MessagesMigration implements JavaMigration {
  /** Fields of an advice that held a sentence, or a list of them. */
  private static final Set<String> SAID =
      Set.of("why", "text", "liftedBy", "when", "basis", "order", "recipe");

  private static final Set<String> LISTS = Set.of("reasons", "interim", "sizing", "notes");

  private final JsonMapper json = new JsonMapper();

  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("8");
  }

  @Override
  public String getDescription() {
    return "messages";
  }

  @Override
  public @Nullable Integer getChecksum() {
    return null;
  }

  @Override
  public boolean canExecuteInTransaction() {
    return true;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection connection = context.getConnection();
    try (PreparedStatement jobs =
            connection.prepareStatement("select id, advice, advice_imperial from job");
        PreparedStatement kept =
            connection.prepareStatement("update job set advice = ? where id = ?");
        ResultSet rows = jobs.executeQuery()) {
      while (rows.next()) {
        UUID id = rows.getObject(1, UUID.class);
        JsonNode advice = json.readTree(rows.getString(2));
        String other = rows.getString(3);
        JsonNode both = said(advice, other == null ? advice : json.readTree(other));
        kept.setString(1, json.writeValueAsString(both));
        kept.setObject(2, id);
        kept.executeUpdate();
        care(connection, id, both.path("aftercare").path("steps"));
      }
    }
  }

  /** Where the steps of a job's aftercare are those of its advice, they are said like these. */
  private void care(Connection connection, UUID job, JsonNode steps) throws SQLException {
    try (PreparedStatement of =
            connection.prepareStatement(
                "select id, position, text from aftercare_step where job_id = ?");
        PreparedStatement kept =
            connection.prepareStatement("update aftercare_step set said = ? where id = ?")) {
      of.setObject(1, job);
      try (ResultSet rows = of.executeQuery()) {
        while (rows.next()) {
          String text = rows.getString(3);
          JsonNode said = steps.path(rows.getInt(2)).path("text");
          kept.setString(
              1,
              json.writeValueAsString(
                  said.isObject() ? said : MessageJson.of(Message.written(text, text))));
          kept.setObject(2, rows.getObject(1, UUID.class));
          kept.executeUpdate();
        }
      }
    }
  }

  private JsonNode said(JsonNode metric, JsonNode imperial) {
    if (metric instanceof ArrayNode list) {
      ArrayNode both = json.createArrayNode();
      for (int i = 0; i < list.size(); i++) {
        both.add(said(list.get(i), imperial.path(i)));
      }
      return both;
    }
    if (!(metric instanceof ObjectNode object)) {
      return metric;
    }
    ObjectNode both = json.createObjectNode();
    object
        .properties()
        .forEach(
            field -> {
              String name = field.getKey();
              JsonNode value = field.getValue();
              JsonNode other = imperial.path(name);
              if (SAID.contains(name) && value.isString()) {
                both.set(name, message(value, other));
              } else if (LISTS.contains(name) && value instanceof ArrayNode lines) {
                ArrayNode all = both.putArray(name);
                for (int i = 0; i < lines.size(); i++) {
                  all.add(
                      lines.get(i).isString()
                          ? message(lines.get(i), other.path(i))
                          : lines.get(i));
                }
              } else {
                both.set(name, said(value, other));
              }
            });
    return both;
  }

  private static ObjectNode message(JsonNode metric, JsonNode imperial) {
    String words = metric.asString();
    return MessageJson.of(
        Message.written(words, imperial.isString() ? imperial.asString() : words));
  }
}
