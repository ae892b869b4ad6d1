package humblequill.server.backup;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import org.h2.engine.Constants;

/** Reading all of one moment, while others write. */
final class Snapshot {
  private Snapshot() {}

  /** What is read. */
  interface Reading<T> {
    T read() throws SQLException, IOException;
  }

  /** Reads with a connection that sees one moment only. */
  static <T> T of(Connection connection, Reading<T> reading) throws SQLException, IOException {
    boolean commits = connection.getAutoCommit();
    int isolation = connection.getTransactionIsolation();
    connection.setTransactionIsolation(Constants.TRANSACTION_SNAPSHOT);
    connection.setAutoCommit(false);
    try {
      return reading.read();
    } finally {
      connection.rollback();
      connection.setTransactionIsolation(isolation);
      connection.setAutoCommit(commits);
    }
  }
}
