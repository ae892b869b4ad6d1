package humblequill.server.backup;

import humblequill.server.data.DataFolder;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.zip.ZipInputStream;

/**
 * Puts a daily copy in the place of the database, after proving that the copy opens. The old
 * database is kept.
 */
public final class Restore {
  private static final String CANDIDATE = "restoring";

  private Restore() {}

  /**
   * Lists the copies, or restores one.
   *
   * @param folder taken by this run, so that nothing else writes to it
   * @param day the day of the copy as yyyy-mm-dd; empty to list
   * @return exit code: 0 when done, 2 when it could not be done
   */
  public static int run(DataFolder folder, String day, PrintStream out) {
    try {
      var days = Copies.days(folder);
      if (day.isEmpty()) {
        list(folder, out);
        return 0;
      }
      var wanted = LocalDate.parse(day);
      if (!days.contains(wanted)) {
        out.println(
            "There is no copy of "
                + day
                + ". "
                + (days.isEmpty() ? "There are none yet." : "There are: " + days));
        return 2;
      }
      restore(folder, wanted, out);
      return 0;
    } catch (DateTimeException e) {
      out.println("\"" + day + "\" is not a date such as 2026-03-05.");
      return 2;
    } catch (IOException | SQLException e) {
      out.println("The copy could not be restored; the database is as it was. " + e.getMessage());
      return 2;
    }
  }

  private static void list(DataFolder folder, PrintStream out) throws IOException {
    var days = Copies.days(folder);
    out.println(
        days.isEmpty()
            ? "There are no copies in " + folder.copies() + " yet."
            : "Copies in " + folder.copies() + ":");
    for (var day : days) {
      out.println("  " + day + "  " + Files.size(Copies.file(folder, day)) / 1024 + " kB");
    }
    if (!days.isEmpty()) {
      out.println("Restore one with: ./quill restore DATE");
    }
  }

  private static void restore(DataFolder folder, LocalDate day, PrintStream out)
      throws IOException, SQLException {
    var candidate = folder.path().resolve(CANDIDATE + Copies.DATABASE_END);
    long entries = make(Copies.file(folder, day), folder.path().resolve(CANDIDATE));
    if (Files.exists(folder.databaseFile())) {
      var stamp = LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss"));
      var kept = folder.path().resolve("before-restore-" + stamp + ".mv.db");
      Files.move(folder.databaseFile(), kept);
      out.println("The database as it was is kept as " + kept.getFileName() + ".");
    }
    Files.move(candidate, folder.databaseFile(), StandardCopyOption.ATOMIC_MOVE);
    out.println("Restored the copy of " + day + " with " + entries + " entries.");
  }

  /**
   * Makes a database of a copy: by its own file where this engine can open it, by its script
   * otherwise.
   *
   * @return its entries
   */
  private static long make(Path zip, Path database) throws IOException, SQLException {
    var file = database.resolveSibling(CANDIDATE + Copies.DATABASE_END);
    Files.deleteIfExists(file);
    boolean whole = unpack(zip, Copies.DATABASE_END, file);
    try {
      if (whole) {
        return count(database, ";IFEXISTS=TRUE");
      }
    } catch (SQLException e) {
      Files.deleteIfExists(file);
    }
    var script = database.resolveSibling(CANDIDATE + ".sql");
    try {
      if (!unpack(zip, Copies.SCRIPT, script)) {
        throw new IOException(zip.getFileName() + " holds no database that can be opened.");
      }
      var run = "RUNSCRIPT FROM '" + script.toString().replace("'", "''") + "' CHARSET 'UTF-8'";
      return count(database, ";INIT=" + run.replace(";", "\\;"));
    } finally {
      Files.deleteIfExists(script);
    }
  }

  private static boolean unpack(Path zip, String end, Path target) throws IOException {
    try (var in = new ZipInputStream(Files.newInputStream(zip))) {
      for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().endsWith(end)) {
          Files.copy(in, target, StandardCopyOption.REPLACE_EXISTING);
          return true;
        }
      }
      return false;
    }
  }

  private static long count(Path database, String options) throws SQLException {
    var url = "jdbc:h2:file:" + database.toAbsolutePath() + options;
    try (var connection = DriverManager.getConnection(url, "sa", "");
        var rows = connection.createStatement().executeQuery("select count(*) from entry")) {
      rows.next();
      return rows.getLong(1);
    }
  }
}
