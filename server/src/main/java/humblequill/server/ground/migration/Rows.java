package humblequill.server.ground.migration;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads and rewrites documents row by row. */
final class Rows {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Rows() {}

  /** Makes the new form of a document. */
  interface Rewrite {
    JsonNode of(JsonNode old) throws SQLException;
  }

  /** Rewrites a column of documents. */
  static void rewrite(Connection connection, String table, String column, Rewrite rewrite)
      throws SQLException {
    var read = "select id, " + column + " from " + table;
    var write = "update " + table + " set " + column + " = ? where id = ?";
    try (var rows = connection.createStatement().executeQuery(read);
        var update = connection.prepareStatement(write)) {
      while (rows.next()) {
        update.setString(1, rewrite.of(JSON.readTree(rows.getString(2))).toString());
        update.setObject(2, rows.getObject(1));
        update.executeUpdate();
      }
    }
  }

  static ObjectNode object() {
    return JSON.createObjectNode();
  }

  static JsonNode yaml(String text) {
    return tools.jackson.dataformat.yaml.YAMLMapper.builder().build().readTree(text);
  }

  /** A text of a document; empty when it is null or missing. */
  static String text(JsonNode node, String field) {
    var value = node.path(field);
    return value.isNull() || value.isMissingNode() ? "" : value.asString();
  }

  static UUID uuid(Object value) {
    return (UUID) value;
  }

  /** "MINUTES_A_DAY" and "MinutesADay" as "minutes-a-day". */
  static String word(String name) {
    if (name.equals(name.toUpperCase(java.util.Locale.ROOT))) {
      return name.toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
    return name.replaceAll("(?<!^)([A-Z])", "-$1").toLowerCase(java.util.Locale.ROOT);
  }
}
