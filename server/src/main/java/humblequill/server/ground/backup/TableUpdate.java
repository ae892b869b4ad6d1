package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.data.Schema;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;

/**
 * Keeps a snapshot of the database while migrations run. The engine commits each change of a table
 * by itself, so that a migration that is broken off, by a full disk or a kill, leaves tables of
 * neither version; the next start restores the snapshot and migrates again. See
 * docs/decisions/broken-off-updates.md.
 */
public final class TableUpdate {
  private static final String BEFORE = "before-update-to-";
  private static final String KEPT = ".mv.db";
  private static final String UNFINISHED = ".part";

  private final DataFolder folder;

  /** Of a folder that this run has taken. */
  public TableUpdate(DataFolder folder) {
    this.folder = folder;
  }

  /**
   * Goes back to before an update that was broken off. One that was completed stays, with all that
   * was written since. So does a database that holds rows where there was none, which somebody laid
   * there; one that does not open is left as it is.
   */
  public void settle() throws IOException {
    for (var file : files()) {
      var name = file.getFileName().toString();
      if (name.endsWith(UNFINISHED)) {
        Files.delete(file);
      } else {
        settle(file, Integer.parseInt(name.replaceAll("\\D", "")));
      }
    }
  }

  private void settle(Path before, int to) throws IOException {
    boolean wasNone = Files.size(before) == 0;
    if (Files.exists(folder.databaseFile())) {
      var stands = stands(to, wasNone);
      if (stands.isEmpty()) {
        return;
      }
      if (stands.get()) {
        Files.delete(before);
        return;
      }
    }
    if (wasNone) {
      Files.deleteIfExists(folder.databaseFile());
      Files.delete(before);
    } else {
      SafeFiles.move(before, folder.databaseFile());
    }
  }

  /** Whether the database stands as it is; empty if it does not open. */
  private Optional<Boolean> stands(int to, boolean wasNone) {
    try (var connection =
        DriverManager.getConnection(folder.databaseUrl() + ";IFEXISTS=TRUE", "sa", "")) {
      return Optional.of(
          version(connection) >= to || wasNone && Contents.of(connection).holdsRows());
    } catch (SQLException e) {
      return Optional.empty();
    }
  }

  /** The version of the tables of an open database, 0 without any. */
  static int version(Connection connection) throws SQLException {
    var version = Contents.schema(connection);
    return version.matches("\\d{1,6}") ? Integer.parseInt(version) : 0;
  }

  /**
   * Keeps what there is, or that there is nothing, if the tables are not those of this program.
   *
   * @param version of the tables, 0 without any
   */
  void begin(int version) throws IOException {
    var before = folder.path().resolve(BEFORE + Schema.VERSION + KEPT);
    if (!Files.exists(folder.databaseFile())) {
      SafeFiles.replace(before, new byte[0]);
    } else if (version < Schema.VERSION) {
      var copy = folder.path().resolve(BEFORE + Schema.VERSION + UNFINISHED);
      Files.deleteIfExists(copy);
      Files.copy(folder.databaseFile(), copy);
      SafeFiles.force(copy);
      SafeFiles.move(copy, before);
    }
  }

  /** Drops what was kept; to be called once the tables are up to date. */
  public void end() throws IOException {
    for (var file : files()) {
      Files.delete(file);
    }
  }

  private List<Path> files() throws IOException {
    try (var inside = Files.list(folder.path())) {
      return inside
          .filter(f -> f.getFileName().toString().matches(BEFORE + "\\d{1,6}\\.(mv\\.db|part)"))
          .toList();
    }
  }
}
