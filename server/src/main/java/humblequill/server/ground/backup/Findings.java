package humblequill.server.ground.backup;

import humblequill.server.ground.data.Commits;
import humblequill.server.ground.data.DataFolder;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.sql.SQLException;
import java.time.LocalDateTime;
import org.h2.jdbcx.JdbcConnectionPool;

/** What a check finds: said, and mended after a copy where that is asked for. */
final class Findings {
  private final DataFolder folder;
  private final boolean repair;
  private final PrintStream out;
  private int open;
  private int couldBeMended;
  private boolean copied;

  Findings(DataFolder folder, boolean repair, PrintStream out) {
    this.folder = folder;
    this.repair = repair;
    this.out = out;
  }

  /** How something is mended. */
  interface Mending {
    /**
     * Mends it.
     *
     * @return whether it is well now
     */
    boolean mend() throws IOException, SQLException;
  }

  /** Says what is well. */
  void note(String what) {
    out.println(what);
  }

  /** Says what cannot be mended from here. */
  void left(String what) {
    open++;
    out.println(what);
  }

  /** Mends something, or says what would be done. */
  void mendable(String what, String would, Mending mending) throws IOException, SQLException {
    if (!repair) {
      open++;
      couldBeMended++;
      out.println(what + " Would " + would + ".");
      return;
    }
    copyFirst();
    if (mending.mend()) {
      out.println(what + " Mended: " + would + ".");
    } else {
      left(what);
    }
  }

  boolean none() {
    return open == 0;
  }

  /** The last sentence. */
  String summary() {
    if (none()) {
      return "All is well.";
    }
    return couldBeMended == 0
        ? "What is left cannot be mended from here."
        : "Nothing was changed. ./quill check --repair mends what it says it would, after a copy.";
  }

  PrintStream out() {
    return out;
  }

  /** A database that does not open cannot be copied; it is set aside whole instead. */
  private void copyFirst() throws IOException {
    if (copied || !Files.exists(folder.databaseFile())) {
      return;
    }
    copied = true;
    var pool = JdbcConnectionPool.create(folder.databaseUrl() + ";IFEXISTS=TRUE", "sa", "");
    try {
      var copy = new CopyMaker(folder, pool, new Commits()).make(LocalDateTime.now());
      out.println("All of it was copied first: " + copy.file().getFileName() + ".");
    } catch (SQLException e) {
      out.println("It could not be copied first, since the database does not open.");
    } finally {
      pool.dispose();
    }
  }
}
