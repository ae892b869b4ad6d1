package humblequill.server.ground.migration;

import java.sql.Connection;
import java.sql.SQLException;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.stereotype.Component;

/**
 * Version 5: gives every name that was written an identity, and writes documents under stable kind
 * names instead of the names of classes.
 */
@Component
public final class NamesAndStoredForms implements JavaMigration {
  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("5");
  }

  @Override
  public String getDescription() {
    return "names and stored forms";
  }

  @Override
  public Integer getChecksum() {
    return null;
  }

  @Override
  public boolean canExecuteInTransaction() {
    return true;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection connection = context.getConnection();
    Topics.rewrite(connection);
    var names = new NameRows(connection);
    names.fillEntries();
    Documents.rewrite(connection, names);
  }
}
