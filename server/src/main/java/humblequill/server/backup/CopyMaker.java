package humblequill.server.backup;

import humblequill.server.data.DataFolder;
import humblequill.server.data.SafeFiles;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javax.sql.DataSource;

/**
 * Makes copies that are proven. One moment of the database is summed up and written as a script;
 * the script makes a database of its own, which is closed, opened again and summed up too, and must
 * be the same. So script and database are both known to hold every row before the copy counts as
 * one. Others read and write meanwhile.
 */
final class CopyMaker {
  private static final String UNFINISHED = "unfinished";

  private final DataFolder folder;
  private final DataSource source;

  CopyMaker(DataFolder folder, DataSource source) {
    this.folder = folder;
    this.source = source;
  }

  /**
   * Makes a copy.
   *
   * @throws IOException if it could not be made, or did not prove to be the same
   */
  Copies.Copy make(LocalDateTime now) throws IOException, SQLException {
    var work = folder.copies().resolve(UNFINISHED);
    SafeFiles.remove(work);
    SafeFiles.remove(folder.copies().resolve(UNFINISHED + ".zip"));
    java.nio.file.Files.createDirectories(work);
    try {
      var zip = folder.copies().resolve(UNFINISHED + ".zip");
      pack(work, write(work.resolve(CopyFile.SCRIPT)), zip, now);
      SafeFiles.force(zip);
      var copy = Copies.next(folder.copies(), Copies.in(folder.copies()), now);
      SafeFiles.move(zip, copy.file());
      return copy;
    } finally {
      SafeFiles.remove(work);
      SafeFiles.remove(folder.copies().resolve(UNFINISHED + ".zip"));
    }
  }

  /** Script and sum of the same moment. */
  private Contents write(Path script) throws SQLException, IOException {
    try (var connection = source.getConnection()) {
      return Snapshot.of(
          connection,
          () -> {
            var contents = Contents.of(connection);
            Database.script(connection, script);
            return contents;
          });
    }
  }

  /** Packs and proves, each on a core of its own: the proof is most of the work. */
  private void pack(Path work, Contents contents, Path zip, LocalDateTime now)
      throws IOException, SQLException {
    var database = work.resolve("quill");
    try (var copy = new CopyFile.Writing(zip)) {
      together(
          () -> Database.ofScript(work.resolve(CopyFile.SCRIPT), database),
          () -> {
            copy.add(CopyFile.SCRIPT, work.resolve(CopyFile.SCRIPT));
            for (var own : folder.ownFiles()) {
              copy.add(folder.nameOf(own), own);
            }
          });
      together(
          () -> prove(database, contents),
          () -> {
            copy.add(CopyFile.DATABASE, work.resolve(CopyFile.DATABASE));
            copy.end(now, contents);
            readBack(zip);
          });
    }
  }

  private static void prove(Path database, Contents expected) throws IOException, SQLException {
    var differing = Database.read(database).differing(expected);
    if (!differing.isEmpty()) {
      throw new IOException("The copy differs from the database in " + differing);
    }
  }

  private static void readBack(Path zip) throws IOException {
    var damage = CopyFile.damage(zip);
    if (damage != null) {
      throw new IOException("What was written is not what can be read: " + damage);
    }
  }

  /** A part of the work. */
  private interface Part {
    void run() throws IOException, SQLException;
  }

  /** Both at once. Neither is left running when the other fails, whatever of. */
  private static void together(Part one, Part other) throws IOException, SQLException {
    var beside =
        CompletableFuture.runAsync(
            () -> {
              try {
                other.run();
              } catch (IOException | SQLException e) {
                throw new CompletionException(e);
              }
            });
    try {
      one.run();
    } finally {
      beside.exceptionally(failure -> null).join();
    }
    try {
      beside.join();
    } catch (CompletionException e) {
      if (e.getCause() instanceof SQLException failure) {
        throw failure;
      }
      throw e.getCause() instanceof IOException failure ? failure : new IOException(e.getCause());
    }
  }
}
