package humblequill.server.ground.migration;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Makes the rows of versions that have none yet: one for each table, made up, but with a telling
 * value in each column. It was run once for each version from its landed schema; the files it wrote
 * are never changed.
 */
final class RowsOfVersions {
  private final Connection connection;
  private final Map<String, Map<String, String>> keys = new HashMap<>();

  private RowsOfVersions(Connection connection) {
    this.connection = connection;
  }

  /** Writes a row for each table of a database that has none. */
  static void write(Connection connection, Path file) throws SQLException, IOException {
    var rows = new RowsOfVersions(connection);
    var lines = new ArrayList<String>();
    for (var table : rows.inOrder()) {
      var there = Upgraded.rows(connection, table);
      if (there.isEmpty()) {
        lines.add(rows.row(table) + ";");
      } else {
        there.get(0).replaceAll((column, value) -> "'" + value + "'");
        rows.keys.put(table, there.get(0));
      }
    }
    Files.writeString(file, String.join("\n", lines) + "\n");
  }

  /** All tables, each after those it refers to. */
  private List<String> inOrder() throws SQLException {
    var left = new TreeMap<String, Set<String>>();
    for (var table : Upgraded.tables(connection)) {
      left.put(table, new HashSet<>(references(table).values()));
      left.get(table).remove(table);
    }
    var ordered = new ArrayList<String>();
    while (!left.isEmpty()) {
      var next =
          left.entrySet().stream()
              .filter(e -> ordered.containsAll(e.getValue()))
              .map(Map.Entry::getKey)
              .findFirst()
              .orElseThrow();
      ordered.add(next);
      left.remove(next);
    }
    return ordered;
  }

  /** The tables that columns refer to. */
  private Map<String, String> references(String table) throws SQLException {
    var references = new HashMap<String, String>();
    try (var found =
        connection.getMetaData().getImportedKeys(null, "PUBLIC", table.toUpperCase())) {
      while (found.next()) {
        references.put(
            found.getString("FKCOLUMN_NAME").toLowerCase(),
            found.getString("PKTABLE_NAME").toLowerCase());
      }
    }
    return references;
  }

  private String row(String table) throws SQLException {
    var names = new ArrayList<String>();
    var values = new ArrayList<String>();
    var references = references(table);
    keys.put(table, new HashMap<>());
    int place = 0;
    try (var columns =
        connection.getMetaData().getColumns(null, "PUBLIC", table.toUpperCase(), null)) {
      while (columns.next()) {
        place++;
        var column = columns.getString("COLUMN_NAME").toLowerCase();
        var other = references.get(column);
        var value =
            other != null && !other.equals(table)
                ? keys.get(other).getOrDefault("id", keys.get(other).values().iterator().next())
                : value(table, column, place, columns.getString("TYPE_NAME"), size(columns));
        if (other == null || !other.equals(table)) {
          names.add("\"" + column.toUpperCase() + "\"");
          values.add(value);
          keys.get(table).put(column, value);
        }
      }
    }
    return "insert into "
        + table
        + " ("
        + String.join(", ", names)
        + ") values ("
        + String.join(", ", values)
        + ")";
  }

  private static int size(java.sql.ResultSet columns) throws SQLException {
    return columns.getInt("COLUMN_SIZE");
  }

  private static String value(String table, String column, int place, String type, int size) {
    int telling = Math.floorMod((table + column).hashCode(), 90) + 2;
    return switch (type) {
      case "UUID" -> "'%08x-0000-4000-8000-%012x'".formatted((table + column).hashCode(), place);
      case "BOOLEAN" -> place % 2 == 0 ? "true" : "false";
      case "DATE" -> "date '2026-01-%02d'".formatted(place % 28 + 1);
      case "TIME" -> "time '09:%02d:00'".formatted(place % 60);
      case "BINARY LARGE OBJECT", "BINARY VARYING" -> "x'%02x'".formatted(telling);
      case "CHARACTER VARYING", "CHARACTER LARGE OBJECT" -> text(table + " " + column, size);
      default ->
          type.startsWith("TIMESTAMP")
              ? "timestamp with time zone '2026-01-%02d 10:00:00Z'".formatted(place % 28 + 1)
              : column.equals("id") ? "1" : Integer.toString(telling);
    };
  }

  private static String text(String telling, int size) {
    return "'" + telling.substring(0, Math.min(size, telling.length())) + "'";
  }
}
