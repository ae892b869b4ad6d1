package humblequill.server.ground.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;

/** Databases in files of their own, opened past the application. */
final class Database {
  private Database() {}

  /**
   * Writes a script that makes the same database as the snapshot of a connection. The database's
   * settings are left out: its write delay would force each statement of the script to disk by
   * itself, and it is set when the database is opened.
   */
  static void script(Connection connection, Path script) throws SQLException {
    try (var statement = connection.createStatement()) {
      statement.execute("SCRIPT NOSETTINGS DROP TO " + quoted(script) + " CHARSET 'UTF-8'");
    }
  }

  /**
   * Makes a database of a script, and closes it.
   *
   * @param path without the end of the file's name
   */
  static void ofScript(Path script, Path path) throws IOException, SQLException {
    try (var first = DriverManager.getConnection(url(path), "sa", "");
        var second = DriverManager.getConnection(url(path), "sa", "");
        var run = new ScriptRun(script)) {
      // One transaction: thousands of small ones take half as long again.
      first.setAutoCommit(false);
      second.setAutoCommit(false);
      run.into(first, second);
      try (var statement = first.createStatement()) {
        statement.execute("SHUTDOWN COMPACT");
      }
    }
  }

  /**
   * Opens a database that is there, and reads all of it.
   *
   * @param path without the end of the file's name
   */
  static Contents read(Path path) throws SQLException {
    try (var connection =
        DriverManager.getConnection(url(path) + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r", "sa", "")) {
      return Contents.of(connection);
    }
  }

  static String url(Path path) {
    return "jdbc:h2:file:" + path.toAbsolutePath() + ";DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0";
  }

  private static String quoted(Path path) {
    return "'" + path.toAbsolutePath().toString().replace("'", "''") + "'";
  }
}
