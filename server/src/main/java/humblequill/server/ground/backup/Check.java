package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.data.Schema;
import humblequill.server.ground.message.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.h2.jdbcx.JdbcConnectionPool;

/**
 * Looks at everything in the data folder: the database row by row, what its rows refer to, the
 * copies and the learner's own files. It says what it would do about each finding, and does it only
 * when asked to, after a copy.
 */
public final class Check {
  private final DataFolder folder;
  private final Findings findings;

  private Check(DataFolder folder, Findings findings) {
    this.folder = folder;
    this.findings = findings;
  }

  /**
   * Checks.
   *
   * @param folder taken by this run
   * @param repair whether what can be mended is mended
   * @return exit code: 0 when all is well or was mended, 1 when something is left, 2 when the disk
   *     failed
   */
  public static int run(DataFolder folder, boolean repair, PrintStream out) {
    var findings = new Findings(folder, repair, out);
    var check = new Check(folder, findings);
    try {
      check.leftovers();
      check.copies();
      check.ownFiles();
      check.database();
      out.println(findings.summary());
      return findings.none() ? 0 : 1;
    } catch (IOException | SQLException e) {
      out.println("The check could not be finished, since the disk failed.");
      return 2;
    }
  }

  private void leftovers() throws IOException, SQLException {
    var swap = new Swap(folder);
    if (swap.isPending()) {
      findings.mendable(
          "A restore was decided on and not finished.",
          "finish it",
          () -> {
            swap.finish();
            return true;
          });
    }
    var left = new ArrayList<Path>();
    for (var in : List.of(folder.path(), folder.copies(), folder.courses())) {
      if (Files.isDirectory(in)) {
        try (var files = Files.list(in)) {
          files.filter(Check::isLeftover).forEach(left::add);
        }
      }
    }
    for (var file : left) {
      findings.mendable(
          folder.nameOf(file) + " was left unfinished.",
          "remove it",
          () -> {
            SafeFiles.remove(file);
            return true;
          });
    }
  }

  private static boolean isLeftover(Path file) {
    var name = file.getFileName().toString();
    return name.endsWith(".unfinished")
        || List.of("unfinished", "unfinished.zip", "unfinished.sql").contains(name);
  }

  private void copies() throws IOException, SQLException {
    int good = 0;
    for (var copy : Copies.in(folder.copies())) {
      var damage = CopyFile.damage(copy.file());
      if (damage == null) {
        good++;
      } else {
        findings.mendable(
            "Copy " + copy.file().getFileName() + " is damaged: " + Words.say(damage) + ".",
            "set it aside in copies/damaged",
            () -> {
              var aside = Files.createDirectories(folder.copies().resolve("damaged"));
              SafeFiles.move(copy.file(), aside.resolve(copy.file().getFileName()));
              return true;
            });
      }
    }
    findings.note("Copies: " + good + " good, every byte read.");
  }

  private void ownFiles() throws IOException {
    int readable = 0;
    if (!Files.isDirectory(folder.courses())) {
      return;
    }
    var own = folder.ownFiles();
    try (var all = Files.list(folder.courses())) {
      for (var file : all.sorted().toList()) {
        if (own.contains(file)) {
          readable++;
        } else if (!isLeftover(file)) {
          findings.left(
              folder.nameOf(file) + " is no ordinary file that can be read; copies leave it out.");
        }
      }
    }
    findings.note("Course files of your own: " + readable + ".");
  }

  private void database() throws IOException, SQLException {
    if (!Files.exists(folder.databaseFile())) {
      missing("is missing");
      return;
    }
    if (Files.size(folder.databaseFile()) == 0) {
      missing("is empty");
      return;
    }
    var pool = JdbcConnectionPool.create(folder.databaseUrl() + ";IFEXISTS=TRUE", "sa", "");
    try {
      var contents = readWhole(pool);
      if (contents.isEmpty()) {
        missing("is damaged");
      } else {
        look(pool, contents.get());
      }
    } finally {
      pool.dispose();
    }
  }

  /** What the database holds; empty if it cannot be read to its end, which alone is damage. */
  private static Optional<Contents> readWhole(JdbcConnectionPool pool) {
    try (var connection = pool.getConnection()) {
      return Optional.of(Contents.of(connection));
    } catch (SQLException e) {
      return Optional.empty();
    }
  }

  private void look(JdbcConnectionPool pool, Contents contents) throws IOException, SQLException {
    findings.note(
        "Database: "
            + Contents.inWords(contents.entries())
            + ", every row of "
            + contents.tables().size()
            + " tables read.");
    if (!contents.schema().isEmpty()
        && !contents.schema().equals(Integer.toString(Schema.VERSION))) {
      findings.note(
          "Its tables are of version "
              + contents.schema()
              + ", those of this program of version "
              + Schema.VERSION
              + ". What is in them is looked at once the program was started with them.");
      return;
    }
    try (var connection = pool.getConnection()) {
      new CheckedRows(connection, findings).look();
      new CheckedPictures(folder, connection, findings).look(contents);
    }
  }

  private void missing(String how) throws IOException, SQLException {
    var newest =
        Copies.in(folder.copies()).stream()
            .filter(c -> CopyFile.damage(c.file()) == null)
            .reduce((a, b) -> b);
    if (newest.isEmpty()) {
      findings.left("The database " + how + ", and there is no good copy of it.");
      return;
    }
    var which = newest.get().called();
    findings.mendable(
        "The database " + how + ".",
        "put back copy " + which + " of " + newest.get().at().toLocalDate(),
        () -> Restore.run(folder, which, findings.out()) == 0);
  }
}
