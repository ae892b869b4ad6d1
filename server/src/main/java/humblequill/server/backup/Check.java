package humblequill.server.backup;

import humblequill.server.data.DataFolder;
import humblequill.server.data.SafeFiles;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.h2.jdbcx.JdbcConnectionPool;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Looks at everything in the data folder: the database row by row, what its rows refer to, the
 * copies and the learner's own files. It says what it would do about each finding, and does it only
 * when asked to, after a copy.
 */
public final class Check {
  /** Columns that hold documents, which must be readable. */
  private static final Map<String, List<String>> DOCUMENTS =
      new TreeMap<>(
          Map.of(
              "PLACEMENT", List.of("DOCUMENT"),
              "PLAN_CHANGE", List.of("CHANGES"),
              "PROMPT_WORDS", List.of("DOCUMENT"),
              "QUOTA", List.of("DOCUMENT"),
              "SITTING", List.of("BEGUN", "STEPS", "EVENTS"),
              "TOPICS", List.of("DOCUMENT")));

  private static final JsonMapper JSON = JsonMapper.builder().build();

  /**
   * A reference that the database itself does not hold, and how one that leads nowhere is mended.
   */
  private record Reference(String what, String leadsNowhere, String mend, String does) {}

  private static final List<Reference> REFERENCES =
      List.of(
          new Reference(
              "answers to rules of entries that are gone",
              "select count(*) from rule_answer where entry_id not in (select id from entry)",
              "delete from rule_answer where entry_id not in (select id from entry)",
              "remove them"),
          new Reference(
              "sittings of entries that are gone",
              "select count(*) from sitting where entry_id is not null and entry_id not in (select id from entry)",
              "update sitting set entry_id = null where entry_id not in (select id from entry)",
              "let them stand without an entry"),
          new Reference(
              "quotas that follow one that is gone",
              "select count(*) from quota where again_of is not null and again_of not in (select id from quota)",
              "update quota set again_of = null where again_of not in (select id from quota)",
              "let them stand by themselves"));

  private final DataFolder folder;
  private final boolean repair;
  private final PrintStream out;
  private int open;
  private boolean copied;

  private Check(DataFolder folder, boolean repair, PrintStream out) {
    this.folder = folder;
    this.repair = repair;
    this.out = out;
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
    var check = new Check(folder, repair, out);
    try {
      check.leftovers();
      check.copies();
      check.ownFiles();
      check.database();
      out.println(
          check.open == 0
              ? "All is well."
              : repair
                  ? "What is left cannot be mended from here."
                  : "Nothing was changed. ./quill check --repair does what is said above, after a copy.");
      return check.open == 0 ? 0 : 1;
    } catch (IOException | SQLException e) {
      out.println("The check could not be finished, since the disk failed.");
      return 2;
    }
  }

  /** Does something to mend, or says what it would be. */
  private void finding(String what, String would, Mending mending)
      throws IOException, SQLException {
    if (repair) {
      copyFirst();
      mending.mend();
      out.println(what + " Mended: " + would + ".");
    } else {
      open++;
      out.println(what + " Would " + would + ".");
    }
  }

  /** A database that does not open cannot be copied; it is set aside whole instead. */
  private void copyFirst() throws IOException {
    if (copied || !Files.exists(folder.databaseFile())) {
      return;
    }
    copied = true;
    var pool = JdbcConnectionPool.create(folder.databaseUrl() + ";IFEXISTS=TRUE", "sa", "");
    try {
      var copy = new CopyMaker(folder, pool).make(LocalDateTime.now());
      out.println("All of it was copied first: " + copy.file().getFileName() + ".");
    } catch (SQLException e) {
      out.println("It could not be copied first, since the database does not open.");
    } finally {
      pool.dispose();
    }
  }

  private interface Mending {
    void mend() throws IOException, SQLException;
  }

  private void leftovers() throws IOException, SQLException {
    var swap = new Swap(folder);
    if (swap.isPending()) {
      finding("A restore was decided on and not finished.", "finish it", swap::finish);
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
      finding(
          folder.nameOf(file) + " was left unfinished.", "remove it", () -> SafeFiles.remove(file));
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
        finding(
            "Copy " + copy.file().getFileName() + " is damaged: " + damage + ".",
            "set it aside in copies/damaged",
            () -> {
              var aside = Files.createDirectories(folder.copies().resolve("damaged"));
              SafeFiles.move(copy.file(), aside.resolve(copy.file().getFileName()));
            });
      }
    }
    out.println("Copies: " + good + " good, every byte read.");
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
          open++;
          out.println(
              folder.nameOf(file) + " is no ordinary file that can be read; copies leave it out.");
        }
      }
    }
    out.println("Course files of your own: " + readable + ".");
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
    try (var connection = pool.getConnection()) {
      var contents = Contents.of(connection);
      out.println(
          "Database: "
              + contents.entries()
              + " entries, every row of "
              + contents.tables().size()
              + " tables read.");
      documents(connection, contents);
      references(connection);
    } catch (SQLException e) {
      missing("is damaged");
    } finally {
      pool.dispose();
    }
  }

  private void missing(String how) throws IOException, SQLException {
    var newest =
        Copies.in(folder.copies()).stream()
            .filter(c -> CopyFile.damage(c.file()) == null)
            .reduce((a, b) -> b);
    if (newest.isEmpty()) {
      open++;
      out.println("The database " + how + ", and there is no good copy of it.");
      return;
    }
    var which = newest.get().called();
    finding(
        "The database " + how + ".",
        "put back copy " + which + " of " + newest.get().at().toLocalDate(),
        () -> {
          if (Restore.run(folder, which, out) != 0) {
            open++;
          }
        });
  }

  private void documents(Connection connection, Contents contents) throws SQLException {
    for (var table : DOCUMENTS.entrySet()) {
      if (!contents.tables().containsKey(table.getKey())) {
        continue;
      }
      for (var column : table.getValue()) {
        try (var statement = connection.createStatement();
            var rows = statement.executeQuery("select id, " + column + " from " + table.getKey())) {
          while (rows.next()) {
            if (!isDocument(rows.getString(2))) {
              open++;
              out.println(
                  table.getKey()
                      + " "
                      + rows.getString(1)
                      + ": what is stored of it ("
                      + column
                      + ") cannot be read. A copy from before may have it whole.");
            }
          }
        }
      }
    }
  }

  private static boolean isDocument(String text) {
    try {
      return text == null || text.isEmpty() || JSON.readTree(text) != null;
    } catch (JacksonException e) {
      return false;
    }
  }

  private void references(Connection connection) throws SQLException, IOException {
    for (var reference : REFERENCES) {
      long count;
      try (var statement = connection.createStatement();
          var rows = statement.executeQuery(reference.leadsNowhere())) {
        rows.next();
        count = rows.getLong(1);
      }
      if (count == 0) {
        continue;
      }
      finding(
          capital(reference.what()) + ": " + count + ".",
          reference.does(),
          () -> {
            try (var statement = connection.createStatement()) {
              statement.execute(reference.mend());
            }
          });
    }
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
