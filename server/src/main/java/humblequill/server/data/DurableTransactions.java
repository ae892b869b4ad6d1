package humblequill.server.data;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Commits so that nothing acknowledged is lost: after each writing transaction the database is
 * forced to disk before the answer goes out. See docs/decisions/durable-writes.md.
 */
final class DurableTransactions extends JpaTransactionManager {
  private static final long serialVersionUID = 1L;

  private final String url;
  private transient @Nullable Connection forcing;

  DurableTransactions(String url) {
    this.url = url;
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    super.doCommit(status);
    if (!status.isReadOnly()) {
      force();
    }
  }

  /**
   * A connection of its own: borrowing a second one from the pool while holding the first could
   * starve it.
   */
  private synchronized void force() {
    try {
      if (forcing == null || forcing.isClosed()) {
        forcing = DriverManager.getConnection(url, "sa", "");
      }
      try (var statement = forcing.createStatement()) {
        statement.execute("CHECKPOINT SYNC");
      }
    } catch (SQLException e) {
      throw new TransactionSystemException("The write could not be forced to disk", e);
    }
  }

  synchronized void close() {
    if (forcing != null) {
      try {
        forcing.close();
      } catch (SQLException e) {
        logger.warn("The connection that forces writes to disk did not close", e);
      }
    }
  }
}
