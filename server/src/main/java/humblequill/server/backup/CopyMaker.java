package humblequill.server.backup;

import humblequill.server.data.DataFolder;
import humblequill.server.data.SafeFiles;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javax.sql.DataSource;

/**
 * Makes copies that are proven. One moment of the database is written as a script and summed up;
 * the script is run into a database of its own, which is summed up too and must be the same. So
 * script and database are both known to hold every row before the copy counts as one. Others read
 * and write meanwhile.
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
      var contents = write(work.resolve(CopyFile.SCRIPT));
      try (var copy = new CopyFile.Writing(zip)) {
        proveWhilePacking(work, contents, copy);
        copy.add(CopyFile.DATABASE, work.resolve(CopyFile.DATABASE));
        copy.end(now, contents);
      }
      var damage = CopyFile.damage(zip);
      if (damage != null) {
        throw new IOException("What was written is not what can be read: " + damage);
      }
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

  /** What waits for no proof is packed by the second core; the proof is most of the work. */
  private void proveWhilePacking(Path work, Contents contents, CopyFile.Writing copy)
      throws IOException, SQLException {
    var packing = CompletableFuture.runAsync(() -> pack(work, copy));
    try {
      prove(work, contents);
    } finally {
      packing.exceptionally(failure -> null).join();
    }
    try {
      packing.join();
    } catch (CompletionException e) {
      if (e.getCause() instanceof UncheckedIOException failed) {
        throw failed.getCause();
      }
      throw e;
    }
  }

  private void pack(Path work, CopyFile.Writing copy) {
    try {
      copy.add(CopyFile.SCRIPT, work.resolve(CopyFile.SCRIPT));
      for (var own : folder.ownFiles()) {
        copy.add(folder.nameOf(own), own);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void prove(Path work, Contents expected) throws IOException, SQLException {
    var made = Database.ofScript(work.resolve(CopyFile.SCRIPT), work.resolve("quill"));
    var differing = made.differing(expected);
    if (!differing.isEmpty()) {
      throw new IOException("The copy differs from the database in " + differing);
    }
  }
}
