package humblequill.server.ground.data;

import java.sql.Connection;
import java.sql.SQLException;
import org.h2.jdbcx.JdbcDataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * Opens connections that all stand on one database. H2 keeps a registry of open databases by file
 * name. When a database has lost its file, each session that still ends on it removes that name
 * from the registry once more: the database that was opened again meanwhile is then no longer
 * registered though it is open, and the next connection finds its file locked. So all sessions of
 * the old database are closed before the file is opened again. See docs/decisions/full-disks.md.
 */
final class OneDatabase extends DelegatingDataSource {
  private @Nullable OpenDatabase opened;

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
    if (opened != null && opened.hasLostItsFile()) {
      opened.leave();
    }
    var connection = super.getConnection(user, password);
    opened = H2Engine.under(connection).orElse(null);
    return connection;
  }

  /** Whether a connection stands on a database whose file is open. */
  static boolean lives(Connection connection) throws SQLException {
    return H2Engine.under(connection).filter(database -> !database.hasLostItsFile()).isPresent();
  }
}
