package humblequill.server.data;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Commits so that nothing acknowledged is lost: a writing transaction begins only if its outcome
 * can be kept, and the database is forced to disk before the answer goes out. See
 * docs/decisions/durable-writes.md and full-disks.md.
 */
final class DurableTransactions extends JpaTransactionManager {
  private static final long serialVersionUID = 1L;

  private final String url;
  private final transient Disk disk;
  private transient @Nullable Connection forcing;

  DurableTransactions(String url, Disk disk) {
    this.url = url;
    this.disk = disk;
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    if (!definition.isReadOnly()) {
      disk.mustKeep();
    }
    super.doBegin(transaction, definition);
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    try {
      super.doCommit(status);
      if (!status.isReadOnly()) {
        force();
      }
    } catch (RuntimeException e) {
      var notKept = disk.failed(e);
      if (notKept.isPresent()) {
        openAnew();
        throw notKept.get();
      }
      throw e;
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

  /**
   * Lets go of a database that a failed write left in doubt, so that the next connection reads it
   * from its file.
   */
  private synchronized void openAnew() {
    var old = forcing;
    forcing = null;
    if (old != null) {
      try (old;
          var statement = old.createStatement()) {
        statement.execute("SHUTDOWN IMMEDIATELY");
      } catch (SQLException e) {
        logger.debug("The database had closed itself", e);
      }
    }
    evict(getDataSource());
  }

  private static void evict(@Nullable DataSource source) {
    if (source instanceof HikariDataSource hikari && hikari.getHikariPoolMXBean() != null) {
      hikari.getHikariPoolMXBean().softEvictConnections();
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
