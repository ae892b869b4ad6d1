package humblequill.server.ground.backup;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;

/**
 * A database of which tests must see whether anything in it changed. What is committed is written
 * before it is answered (docs/decisions/durable-writes.md), so that all of it need not be read
 * where nothing was written.
 */
public final class Watched {
  private static final String WRITES =
      "select setting_value from information_schema.settings where setting_name = 'info.FILE_WRITE'";

  private final DataSource source;
  private String writes = "";
  private Contents contents;

  /** Looks at it for the first time. */
  public Watched(DataSource source) {
    this.source = source;
    hasChanged();
  }

  /** Whether it holds anything else than when it was looked at last. */
  public boolean hasChanged() {
    try (var connection = source.getConnection()) {
      var before = contents;
      var written = writes(connection);
      if (!written.equals(writes)) {
        writes = written;
        contents = Contents.of(connection);
      }
      return !contents.equals(before);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String writes(Connection connection) throws SQLException {
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery(WRITES)) {
      rows.next();
      return rows.getString(1);
    }
  }
}
