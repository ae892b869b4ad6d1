package humblequill.server.data;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * Hands out connections to a database whose file is open. The database writes beside what it
 * answers; when such a write fails it closes its file and says nothing, and its connections look
 * alive. What stands on such a file is let go, and the database read anew. See
 * docs/decisions/full-disks.md.
 */
final class LivingConnections extends DelegatingDataSource {
  /** More than a pool of connections that all died at once. */
  private static final int TRIES = 40;

  private static final Logger log = LoggerFactory.getLogger(LivingConnections.class);

  private final HikariDataSource pool;

  LivingConnections(HikariDataSource pool) {
    super(pool);
    this.pool = pool;
  }

  @Override
  public Connection getConnection() throws SQLException {
    var connection = pool.getConnection();
    for (int i = 0; i < TRIES && hasLostItsFile(connection); i++) {
      letGo(connection);
      connection = pool.getConnection();
    }
    return connection;
  }

  /** Drops the database that a connection stands on, without writing, and all that stand on it. */
  private void letGo(Connection connection) {
    try (connection;
        var statement = connection.createStatement()) {
      statement.execute("SHUTDOWN IMMEDIATELY");
    } catch (SQLException e) {
      log.debug("The database had closed itself", e);
    }
    evict();
  }

  /** Lets no connection that is in the pool now be handed out again. */
  void evict() {
    var management = pool.getHikariPoolMXBean();
    if (management != null) {
      management.softEvictConnections();
    }
  }

  private static boolean hasLostItsFile(Connection connection) throws SQLException {
    return connection.unwrap(JdbcConnection.class).getSession() instanceof SessionLocal session
        && session.getDatabase().getStore().getMvStore().isClosed();
  }
}
