package humblequill.server.ground.data;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.h2.engine.Database;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.jdbcx.JdbcDataSource;
import org.h2.message.DbException;
import org.h2.mvstore.MVStoreException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * Opens connections that all stand on one database. H2 knows open databases by the name of their
 * file, and whoever still works on one that lost its file strikes that name out once more: the
 * database that was read anew meanwhile is then forgotten though it is open, and its file is found
 * locked. So everybody is sent off the old one before the file is read anew. See
 * docs/decisions/full-disks.md.
 */
final class OneDatabase extends DelegatingDataSource {
  /** How long whoever is just leaving is waited for; it takes thousandths of a second. */
  private static final long LONGEST_LEAVING = TimeUnit.SECONDS.toNanos(10);

  private static final long A_MOMENT = TimeUnit.MILLISECONDS.toNanos(1);

  private static final Logger log = LoggerFactory.getLogger(OneDatabase.class);

  private @Nullable Database opened;

  OneDatabase(String url) {
    super(source(url));
  }

  private static JdbcDataSource source(String url) {
    var source = new JdbcDataSource();
    source.setURL(url);
    return source;
  }

  @Override
  public Connection getConnection() throws SQLException {
    return getConnection("sa", "");
  }

  @Override
  public synchronized Connection getConnection(String user, String password) throws SQLException {
    if (opened != null && hasLostItsFile(opened)) {
      leave(opened);
    }
    var connection = super.getConnection(user, password);
    opened = under(connection);
    return connection;
  }

  /** Whether a connection stands on a database whose file is open. */
  static boolean lives(Connection connection) throws SQLException {
    var database = under(connection);
    return database != null && !hasLostItsFile(database);
  }

  /** Closes the database under a connection without writing, unless it was left before. */
  static void shut(Connection connection) throws SQLException {
    if (connection.unwrap(JdbcConnection.class).getSession() instanceof SessionLocal session) {
      session.lock();
      try {
        if (!session.isClosed()) {
          session.getDatabase().shutdownImmediately();
        }
      } finally {
        session.unlock();
      }
    }
  }

  private static boolean hasLostItsFile(Database database) {
    return database.getStore().getMvStore().isClosed();
  }

  private static @Nullable Database under(Connection connection) throws SQLException {
    try {
      return connection.unwrap(JdbcConnection.class).getSession() instanceof SessionLocal session
          ? session.getDatabase()
          : null;
    } catch (DbException e) {
      log.debug("The connection was closed", e);
      return null;
    }
  }

  /** One that is closing strikes its name out itself, and whoever opens it waits for that. */
  private static void leave(Database database) {
    if (!database.isClosing()) {
      database.shutdownImmediately();
    }
    for (var session : database.getSessions(false)) {
      close(session);
    }
    long begun = System.nanoTime();
    while (database.getSessions(false).length > 0 && System.nanoTime() - begun < LONGEST_LEAVING) {
      LockSupport.parkNanos(A_MOMENT);
    }
  }

  /** Whoever is in the middle of a statement ends it first. */
  private static void close(SessionLocal session) {
    session.lock();
    try {
      session.close();
    } catch (DbException | MVStoreException e) {
      log.debug("What had been begun could not be taken back; it was never kept", e);
    } finally {
      session.unlock();
    }
  }
}
