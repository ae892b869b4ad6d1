package humblequill.server.ground.backup;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What a database holds, short enough to compare two of them: the version of its tables, and of
 * each table how many rows and a checksum over all of them. Every row is read for it.
 *
 * @param schema the version of its tables
 * @param tables by name
 */
record Contents(String schema, SortedMap<String, Table> tables) {
  /**
   * What a table holds.
   *
   * @param rows how many
   * @param checksum the sum over the columns' names and all rows, whatever their order, in
   *     hexadecimal; it finds what went wrong by chance, not what somebody forged
   */
  record Table(long rows, String checksum) {}

  static final String HISTORY = "flyway_schema_history";

  /** Reads all of a database. */
  static Contents of(Connection connection) throws SQLException {
    var tables = new TreeMap<String, Table>();
    for (var name : tables(connection)) {
      tables.put(name, table(connection, name));
    }
    return new Contents(schema(connection), tables);
  }

  /** Drawings' entries in it. */
  long entries() {
    return tables.getOrDefault("ENTRY", new Table(0, "")).rows();
  }

  /** A number of entries as a sentence tells it. */
  static String inWords(long entries) {
    return entries == 1 ? "1 entry" : entries + " entries";
  }

  /** Whether there is more than tables and how they came to be. */
  boolean holdsRows() {
    return tables.entrySet().stream()
        .anyMatch(table -> !table.getKey().equals(HISTORY) && table.getValue().rows() > 0);
  }

  /** Names of the tables that differ. */
  List<String> differing(Contents other) {
    var names = new TreeMap<String, Table>(tables);
    names.putAll(other.tables);
    return names.keySet().stream()
        .filter(name -> !java.util.Objects.equals(tables.get(name), other.tables.get(name)))
        .toList();
  }

  private static List<String> tables(Connection connection) throws SQLException {
    var names = new ArrayList<String>();
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select table_name from information_schema.tables"
                    + " where table_schema = 'PUBLIC' and table_type = 'BASE TABLE' order by 1")) {
      while (rows.next()) {
        names.add(rows.getString(1));
      }
    }
    return names;
  }

  /** The version of a database's tables; empty if it has none. */
  static String schema(Connection connection) throws SQLException {
    if (!tables(connection).contains(HISTORY)) {
      return "";
    }
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select \"version\" from \"flyway_schema_history\" where \"success\""
                    + " and \"version\" is not null order by \"installed_rank\" desc limit 1")) {
      return rows.next() ? rows.getString(1) : "";
    }
  }

  private static Table table(Connection connection, String name) throws SQLException {
    long count = 0;
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery("select * from \"" + name.replace("\"", "\"\"") + '"')) {
      var columns = columns(rows);
      var texts = new Checksum();
      columns.keySet().forEach(texts::add);
      long sum = texts.taken();
      while (rows.next()) {
        for (int column : columns.values()) {
          texts.add(rows.getString(column));
        }
        sum += texts.taken();
        count++;
      }
      return new Table(count, Long.toHexString(sum));
    }
  }

  /** By name, so that the order in which they were added does not count. */
  private static Map<String, Integer> columns(ResultSet rows) throws SQLException {
    var columns = new TreeMap<String, Integer>();
    for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
      columns.put(rows.getMetaData().getColumnName(i), i);
    }
    return columns;
  }

  static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }

  static String hex(byte[] digest) {
    return HexFormat.of().formatHex(digest);
  }
}
