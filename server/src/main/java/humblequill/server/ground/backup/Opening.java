package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Schema;
import humblequill.server.ground.data.SpareRoom;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.format.DateTimeFormatter;
import org.h2.api.ErrorCode;

/**
 * What is looked at before the application starts: that a folder where data once was has a database
 * that opens, so that nobody finds an empty first day in its place.
 */
public final class Opening {
  private static final DateTimeFormatter SHOWN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

  private final DataFolder folder;

  private Opening(DataFolder folder) {
    this.folder = folder;
  }

  /**
   * Finishes a restore that was broken off, and opens the database for a look.
   *
   * @param folder taken by this run
   * @throws DataFolder.Unusable with what there is and what helps
   */
  public static void check(DataFolder folder) throws DataFolder.Unusable {
    new Opening(folder).check();
  }

  private void check() throws DataFolder.Unusable {
    var swap = new Swap(folder);
    try {
      swap.finish();
    } catch (IOException e) {
      throw new DataFolder.Unusable(
          "A restore was begun in "
              + folder.path()
              + " and could not be finished, since the disk failed. Nothing is lost; start again once the disk can be written.");
    }
    int version = 0;
    try {
      SpareRoom.giveUpIfFull(folder);
      if (Files.exists(folder.databaseFile())) {
        version = open();
      } else if (Files.exists(folder.about())
          || !Copies.in(folder.copies()).isEmpty()
          || swap.setAsideBefore()) {
        throw new DataFolder.Unusable(
            "The database "
                + folder.databaseFile().getFileName()
                + " is missing from "
                + folder.path()
                + ", where drawings were kept before. "
                + help());
      }
    } catch (IOException e) {
      throw new DataFolder.Unusable(
          "The data folder " + folder.path() + " cannot be read. Is the disk well?");
    }
    try {
      new TableUpdate(folder).begin(version);
    } catch (IOException e) {
      throw new DataFolder.Unusable(
          "The tables in "
              + folder.path()
              + " are to be brought up to date, and the disk refused to keep them beside it as they are. Nothing was changed. Make room and start again.");
    }
  }

  /** The version of its tables. */
  private int open() throws DataFolder.Unusable, IOException {
    if (!writable()) {
      throw new DataFolder.Unusable(
          "The database "
              + folder.databaseFile()
              + " cannot be written. Make it writable, or choose another folder with --data.");
    }
    if (Files.size(folder.databaseFile()) == 0) {
      throw damaged("is empty");
    }
    try (var connection =
        DriverManager.getConnection(folder.databaseUrl() + ";IFEXISTS=TRUE", "sa", "")) {
      return refuseNewer(connection);
    } catch (SQLException e) {
      if (e.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1) {
        throw new DataFolder.Unusable(
            "The database "
                + folder.databaseFile()
                + " is in use by another program. Stop that one, or choose another folder with --data.");
      }
      throw damaged("is damaged and does not open");
    }
  }

  private boolean writable() {
    try (var channel = FileChannel.open(folder.databaseFile(), StandardOpenOption.WRITE)) {
      return channel.isOpen();
    } catch (IOException e) {
      return false;
    }
  }

  private int refuseNewer(Connection connection) throws SQLException, DataFolder.Unusable {
    int version = TableUpdate.version(connection);
    if (version > Schema.VERSION) {
      throw new DataFolder.Unusable(
          "The database "
              + folder.databaseFile()
              + " was written by a newer Humble Quill. Start that one; this one would not understand all of it.");
    }
    return version;
  }

  private DataFolder.Unusable damaged(String how) throws IOException {
    return new DataFolder.Unusable(
        "The database " + folder.databaseFile() + " " + how + ". " + help());
  }

  private String help() throws IOException {
    var newest =
        Copies.in(folder.copies()).stream()
            .filter(c -> CopyFile.damage(c.file()) == null)
            .reduce((a, b) -> b);
    if (newest.isEmpty()) {
      return "There is no copy in "
          + folder.copies()
          + ". If you have the file elsewhere, put it back. To begin anew, choose an empty folder with --data.";
    }
    var copy = newest.get();
    var entries =
        CopyFile.manifest(copy.file())
            .map(m -> " with " + Contents.inWords(m.contents().entries()))
            .orElse("");
    return "The newest good copy is of "
        + copy.at().format(SHOWN)
        + entries
        + ". Put it back with: ./quill restore "
        + copy.called()
        + " --data "
        + folder.path()
        + " (what lies there now is kept). ./quill check tells more. To begin anew, choose an empty folder with --data.";
  }
}
