package humblequill.server.ground.data;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * A connection pool that checks, before it hands out a connection, that the database file is still
 * open. H2 writes in the background; when such a write fails it closes the file without an error,
 * and pooled connections still look valid. See docs/decisions/full-disks.md.
 */
final class LivingConnections extends DelegatingDataSource {
  /** More than a pool of connections that all died at once. */
  private static final int TRIES = 40;

  private final HikariDataSource pool;

  LivingConnections(HikariDataSource pool) {
    super(pool);
    this.pool = pool;
  }

  @Override
  public Connection getConnection() throws SQLException {
    var connection = pool.getConnection();
    for (int i = 0; i < TRIES && !OneDatabase.lives(connection); i++) {
      evict();
      connection.close();
      connection = pool.getConnection();
    }
    return connection;
  }

  /** Lets no connection that was opened until now be handed out again. */
  void evict() {
    var management = pool.getHikariPoolMXBean();
    if (management != null) {
      management.softEvictConnections();
    }
  }
}
