package humblequill.server.ground.data;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Objects;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Commits so that nothing acknowledged is lost: a writing transaction begins only if its outcome
 * can be kept, and the database is forced to disk before the answer goes out. See
 * docs/decisions/durable-writes.md and full-disks.md.
 */
final class DurableTransactions extends JpaTransactionManager {
  private static final long serialVersionUID = 1L;

  private final transient Disk disk;
  private final transient Commits commits;

  DurableTransactions(Disk disk, Commits commits) {
    this.disk = disk;
    this.commits = commits;
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
      if (status.isReadOnly()) {
        super.doCommit(status);
      } else {
        commits.commit(() -> super.doCommit(status));
        forceToDisk();
      }
    } catch (RuntimeException e) {
      var notKept = disk.failed(e);
      if (notKept.isPresent()) {
        openAnew();
        // A read-only transaction had nothing to keep: its request is repeated.
        if (!status.isReadOnly()) {
          throw notKept.get();
        }
      }
      throw e;
    }
  }

  private void forceToDisk() {
    try (var statement = connection().createStatement()) {
      statement.execute("CHECKPOINT SYNC");
    } catch (SQLException e) {
      throw new TransactionSystemException("The write could not be forced to disk", e);
    }
  }

  /** The connection of the transaction, which is held until all is done. */
  private Connection connection() {
    var holder =
        (ConnectionHolder)
            TransactionSynchronizationManager.getResource(Objects.requireNonNull(getDataSource()));
    return Objects.requireNonNull(holder).getConnection();
  }

  /**
   * Closes a database whose state in memory may differ from its file after a failed write, so that
   * the next connection opens the file again.
   */
  private void openAnew() {
    try {
      H2Engine.shut(connection());
    } catch (SQLException e) {
      logger.debug("The database had closed itself", e);
    }
    evict(getDataSource());
  }

  private static void evict(@Nullable DataSource source) {
    if (source instanceof LazyConnectionDataSourceProxy lazy) {
      evict(lazy.getTargetDataSource());
    } else if (source instanceof LivingConnections connections) {
      connections.evict();
    }
  }
}
