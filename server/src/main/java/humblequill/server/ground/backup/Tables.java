package humblequill.server.ground.backup;

import humblequill.server.ground.data.SpreadsheetCell;
import java.io.IOException;
import java.io.Reader;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;

/**
 * Tables of the database as CSV, one file each: a line of column names, then the rows. An empty
 * cell without quotes is a value that is missing; one with quotes is empty text.
 */
final class Tables {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setRecordSeparator("\r\n")
          .setQuoteMode(QuoteMode.ALL_NON_NULL)
          .setNullString("")
          .get();

  private Tables() {}

  /** Names of the tables that hold the learner's data, each after those it refers to. */
  static List<String> names(Connection connection) throws SQLException {
    var left = new TreeSet<String>();
    try (var tables = connection.getMetaData().getTables(null, "PUBLIC", null, null)) {
      while (tables.next()) {
        var name = tables.getString("TABLE_NAME");
        if (!name.equals(Contents.HISTORY)) {
          left.add(name);
        }
      }
    }
    var needs = new TreeMap<String, Set<String>>();
    for (var name : left) {
      var needed = new HashSet<String>();
      try (var keys = connection.getMetaData().getImportedKeys(null, "PUBLIC", name)) {
        while (keys.next()) {
          needed.add(keys.getString("PKTABLE_NAME"));
        }
      }
      needed.remove(name);
      needs.put(name, needed);
    }
    var sorted = new ArrayList<String>();
    while (!needs.isEmpty()) {
      var next =
          needs.entrySet().stream()
              .filter(e -> sorted.containsAll(e.getValue()))
              .findFirst()
              .orElseThrow()
              .getKey();
      sorted.add(next);
      needs.remove(next);
    }
    return sorted;
  }

  /**
   * Writes a table.
   *
   * @return how many rows
   */
  static long write(Connection connection, String table, Appendable out)
      throws SQLException, IOException {
    long count = 0;
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select * from " + table + " order by " + key(connection, table))) {
      var printer = FORMAT.print(out);
      int columns = rows.getMetaData().getColumnCount();
      var names = new ArrayList<String>();
      for (int i = 1; i <= columns; i++) {
        names.add(rows.getMetaData().getColumnName(i).toLowerCase(java.util.Locale.ROOT));
      }
      printer.printRecord(names);
      while (rows.next()) {
        var cells = new ArrayList<String>();
        for (int i = 1; i <= columns; i++) {
          cells.add(cell(rows, i));
        }
        printer.printRecord(cells);
        count++;
      }
    }
    return count;
  }

  /** The columns that tell rows apart, so that the same rows are written in the same order. */
  private static String key(Connection connection, String table) throws SQLException {
    var key = new TreeSet<String>();
    try (var columns = connection.getMetaData().getPrimaryKeys(null, "PUBLIC", table)) {
      while (columns.next()) {
        key.add(columns.getString("COLUMN_NAME"));
      }
    }
    if (key.isEmpty()) {
      try (var columns = connection.getMetaData().getColumns(null, "PUBLIC", table, null)) {
        while (columns.next()) {
          if (columns.getInt("DATA_TYPE") != Types.CLOB) {
            key.add(columns.getString("COLUMN_NAME"));
          }
        }
      }
    }
    return String.join(", ", key);
  }

  private static String cell(ResultSet rows, int column) throws SQLException {
    var value = rows.getString(column);
    return value != null && isText(rows.getMetaData().getColumnType(column))
        ? SpreadsheetCell.written(value)
        : value;
  }

  private static boolean isText(int type) {
    return type == Types.VARCHAR || type == Types.CHAR || type == Types.CLOB;
  }

  /**
   * Reads a table into one that is empty.
   *
   * @return how many rows
   * @throws IOException if the file is no such table; the message names line and column
   */
  static long read(Connection connection, String table, Reader in)
      throws SQLException, IOException {
    try (var parser = FORMAT.parse(in)) {
      var records = parser.iterator();
      if (!records.hasNext()) {
        throw new IOException("tables/" + table + ".csv is empty");
      }
      var names = records.next().toList();
      var types = types(connection, table);
      for (var name : names) {
        if (!types.containsKey(name)) {
          throw new IOException("there is no column \"" + name + "\" in " + table);
        }
      }
      var sql =
          "insert into "
              + table
              + " ("
              + String.join(", ", names)
              + ") values ("
              + String.join(", ", java.util.Collections.nCopies(names.size(), "?"))
              + ")";
      var columns = names.stream().map(types::get).toList();
      try (var insert = connection.prepareStatement(sql)) {
        return insertAll(insert, table, columns, records);
      }
    }
  }

  /** Rows may refer to later rows of the same table: what is refused is tried again at the end. */
  private static long insertAll(
      PreparedStatement insert,
      String table,
      List<Integer> types,
      java.util.Iterator<CSVRecord> records)
      throws SQLException, IOException {
    long count = 0;
    var again = new ArrayList<CSVRecord>();
    SQLException refused = null;
    while (records.hasNext()) {
      var record = records.next();
      if (record.size() != types.size()) {
        throw new IOException(
            "row "
                + record.getRecordNumber()
                + " of "
                + table
                + " has "
                + record.size()
                + " cells instead of "
                + types.size());
      }
      try {
        insert(insert, types, record);
        count++;
      } catch (SQLException e) {
        refused = e;
        again.add(record);
      }
    }
    for (boolean some = true; some && !again.isEmpty(); ) {
      some = false;
      for (var record : List.copyOf(again)) {
        try {
          insert(insert, types, record);
          again.remove(record);
          some = true;
          count++;
        } catch (SQLException e) {
          refused = e;
        }
      }
    }
    if (!again.isEmpty()) {
      throw new IOException(
          "row " + again.get(0).getRecordNumber() + " of " + table + " cannot be what it says",
          refused);
    }
    return count;
  }

  private static void insert(PreparedStatement insert, List<Integer> types, CSVRecord record)
      throws SQLException {
    for (int i = 0; i < types.size(); i++) {
      var cell = record.get(i);
      insert.setString(
          i + 1, cell != null && isText(types.get(i)) ? SpreadsheetCell.read(cell) : cell);
    }
    insert.executeUpdate();
  }

  private static TreeMap<String, Integer> types(Connection connection, String table)
      throws SQLException {
    var types = new TreeMap<String, Integer>();
    try (var columns = connection.getMetaData().getColumns(null, "PUBLIC", table, null)) {
      while (columns.next()) {
        types.put(
            columns.getString("COLUMN_NAME").toLowerCase(java.util.Locale.ROOT),
            columns.getInt("DATA_TYPE"));
      }
    }
    return types;
  }
}
