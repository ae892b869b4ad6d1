package humblequill.server.backup;

import java.sql.SQLException;
import javax.sql.DataSource;

/** All that a database holds in one value, for tests that must see whether anything changed. */
public final class Sum {
  private Sum() {}

  /** Equal for equal databases. */
  public static Object of(DataSource source) {
    try (var connection = source.getConnection()) {
      return Contents.of(connection);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
