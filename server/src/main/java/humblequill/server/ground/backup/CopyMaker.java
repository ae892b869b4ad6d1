package humblequill.server.ground.backup;

import humblequill.server.ground.data.Commits;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.List;
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
  private final Commits commits;

  CopyMaker(DataFolder folder, DataSource source, Commits commits) {
    this.folder = folder;
    this.source = source;
    this.commits = commits;
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
    Files.createDirectories(work);
    try {
      var zip = folder.copies().resolve(UNFINISHED + ".zip");
      make(work, zip, now);
      SafeFiles.force(zip);
      var copy = Copies.next(folder.copies(), Copies.in(folder.copies()), now);
      SafeFiles.move(zip, copy.file());
      return copy;
    } finally {
      SafeFiles.remove(work);
      SafeFiles.remove(folder.copies().resolve(UNFINISHED + ".zip"));
    }
  }

  /** Each core has its part; to make a database of the script is most of the work. */
  private void make(Path work, Path zip, LocalDateTime now) throws IOException, SQLException {
    var script = work.resolve(CopyFile.SCRIPT);
    var database = work.resolve("quill");
    try (var summed = new Snapshot(source);
        var written = new Snapshot(source)) {
      Snapshot.same(commits, summed, written);
      try (var contents = new Beside<>(() -> Contents.of(summed.connection()))) {
        Database.script(written.connection(), script);
        Database.ofScript(script, database);
        var expected = contents.result();
        try (var packed = Beside.doing(() -> pack(work, zip, now, expected))) {
          prove(database, expected);
          packed.result();
        }
      }
    }
  }

  private void pack(Path work, Path zip, LocalDateTime now, Contents contents) throws IOException {
    try (var copy = new CopyFile.Writing(zip)) {
      for (var name : List.of(CopyFile.DATABASE, CopyFile.SCRIPT)) {
        copy.add(name, work.resolve(name));
      }
      for (var own : folder.ownFiles()) {
        copy.add(folder.nameOf(own), own);
      }
      copy.end(now, contents);
    }
    CopyFile.readBack(zip);
  }

  private static void prove(Path database, Contents expected) throws IOException, SQLException {
    var differing = Database.read(database).differing(expected);
    if (!differing.isEmpty()) {
      throw new IOException("The copy differs from the database in " + differing);
    }
  }
}
