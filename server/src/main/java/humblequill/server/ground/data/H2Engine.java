package humblequill.server.ground.data;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.h2.engine.Database;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.message.DbException;
import org.h2.mvstore.MVStoreException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The only place that reaches into the database engine, where neither JDBC nor SQL tells whether
 * the file is still open, or closes the sessions of other threads. These classes are not made for
 * that: {@code H2EngineTest} names the version of H2 that this was tried with.
 */
final class H2Engine implements OpenDatabase {
  /** The version of H2 that this was tried with. */
  static final String TRIED_WITH = "2.4.240";

  /** How long whoever is just leaving is waited for; it takes thousandths of a second. */
  private static final long LONGEST_LEAVING = TimeUnit.SECONDS.toNanos(10);

  private static final long A_MOMENT = TimeUnit.MILLISECONDS.toNanos(1);

  private static final Logger log = LoggerFactory.getLogger(H2Engine.class);

  private final Database database;

  private H2Engine(Database database) {
    this.database = database;
  }

  /** The database under a connection; empty once the connection is closed. */
  static Optional<OpenDatabase> under(Connection connection) throws SQLException {
    try {
      return connection.unwrap(JdbcConnection.class).getSession() instanceof SessionLocal session
          ? Optional.of(new H2Engine(session.getDatabase()))
          : Optional.empty();
    } catch (DbException e) {
      log.debug("The connection was closed", e);
      return Optional.empty();
    }
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

  @Override
  public boolean hasLostItsFile() {
    return database.getStore().getMvStore().isClosed();
  }

  /**
   * A database that is closing strikes its name out itself, and whoever opens it waits for that.
   */
  @Override
  public void leave() {
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
      log.debug("What had been begun could not be rolled back; it was never committed", e);
    } finally {
      session.unlock();
    }
  }
}
