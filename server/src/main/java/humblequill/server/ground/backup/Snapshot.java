package humblequill.server.ground.backup;

import humblequill.server.ground.data.Commits;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.h2.engine.Constants;

/** A connection that sees one moment only, while others write. */
final class Snapshot implements AutoCloseable {
  private final Connection connection;
  private final int isolation;
  private final boolean commits;

  /** Takes a connection; its first command settles which moment it sees. */
  Snapshot(DataSource source) throws SQLException {
    connection = source.getConnection();
    isolation = connection.getTransactionIsolation();
    commits = connection.getAutoCommit();
    connection.setTransactionIsolation(Constants.TRANSACTION_SNAPSHOT);
    connection.setAutoCommit(false);
  }

  /** Lets two see the same moment. */
  static void same(Commits commits, Snapshot one, Snapshot other) throws SQLException {
    commits.between(
        () -> {
          one.begin();
          other.begin();
        });
  }

  Connection connection() {
    return connection;
  }

  private void begin() throws SQLException {
    try (var statement = connection.createStatement()) {
      statement.execute("select 1");
    }
  }

  @Override
  public void close() throws SQLException {
    try (connection) {
      connection.rollback();
      connection.setTransactionIsolation(isolation);
      connection.setAutoCommit(commits);
    }
  }
}
