package humblequill.server.ground.migration;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flywaydb.core.Flyway;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Databases of earlier versions, and what stands in them. */
public final class Upgraded {
  /**
   * Rows of versions 1 to 3 were written by hand, one upon the other, since the migration to
   * version 5 reads what is in them. Those of 4 complete them; each later version has rows of its
   * own.
   */
  private static final int FIRST_ALONE = 5;

  private static final Path FILES = Path.of("src/test/resources/rows");
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Pattern GAP = Pattern.compile("\\$\\{(\\w+)}");

  private Upgraded() {}

  /**
   * A database with the tables of a version, none for 0, and no rows but those of its migrations.
   */
  static Connection empty(int version) throws SQLException {
    var url = "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";
    var connection = DriverManager.getConnection(url, "sa", "");
    if (version > 0) {
      migrate(connection, Integer.toString(version));
    }
    return connection;
  }

  /** A database of a version with a row in each of its tables. */
  public static Connection filled(int version) throws SQLException, IOException {
    var connection = empty(version < FIRST_ALONE ? 0 : version - 1);
    for (int v = version < FIRST_ALONE ? 1 : version; v <= version; v++) {
      var file = FILES.resolve("v" + v + ".sql");
      if (Boolean.getBoolean("quill.rows.write") && Files.notExists(file)) {
        migrate(connection, Integer.toString(v));
        RowsOfVersions.write(connection, file);
      }
      fillTo(connection, v);
    }
    return connection;
  }

  /** Brings a database of the version before up to a version, and puts its rows in. */
  static void fillTo(Connection connection, int version) throws SQLException, IOException {
    migrate(connection, Integer.toString(version));
    connection.createStatement().execute(rows(version));
  }

  private static String rows(int version) throws IOException {
    return GAP.matcher(resource("rows/v" + version + ".sql"))
        .replaceAll(
            gap -> {
              var name = gap.group(1) + (gap.group(1).equals("topics") ? "-v2" : "-v3");
              return Matcher.quoteReplacement(stored(name).toString().replace("'", "''"));
            });
  }

  /** A stored document, as a file in {@code stored} holds it. */
  static JsonNode stored(String name) {
    try {
      return JSON.readTree(resource("stored/" + name + ".json"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String resource(String name) throws IOException {
    return Files.readString(Path.of("src/test/resources", name));
  }

  /** Brings a database up to a version, or to the "latest". */
  static void migrate(Connection connection, String target) throws SQLException {
    Flyway.configure()
        .dataSource(connection.getMetaData().getURL() + ";DB_CLOSE_DELAY=-1", "sa", "")
        .target(target)
        .javaMigrations(new NamesAndStoredForms())
        .load()
        .migrate();
  }

  /** The learner's tables. */
  public static List<String> tables(Connection connection) throws SQLException {
    var tables = new ArrayList<String>();
    var query =
        "select lower(table_name) from information_schema.tables "
            + "where table_schema = 'PUBLIC' and lower(table_name) not like 'flyway%' order by 1";
    try (var names = connection.createStatement().executeQuery(query)) {
      while (names.next()) {
        tables.add(names.getString(1));
      }
    }
    return tables;
  }

  /** All rows of a table, by column; in no order that means anything. */
  static List<Map<String, String>> rows(Connection connection, String table) throws SQLException {
    var all = new ArrayList<Map<String, String>>();
    try (var found = connection.createStatement().executeQuery("select * from " + table)) {
      var columns = found.getMetaData();
      while (found.next()) {
        var row = new TreeMap<String, String>();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
          row.put(columns.getColumnName(i).toLowerCase(), found.getString(i));
        }
        all.add(row);
      }
    }
    return all;
  }
}
