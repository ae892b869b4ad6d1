package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.Set;

/**
 * Looks whether each picture of a page lies in its file as it came in, and whether plates still
 * have theirs. Pictures are never altered here, so nothing can be mended: what is wrong is named.
 */
final class CheckedPictures {
  private static final String FILES =
      "select file, original_name, bytes, sha256 from page_picture"
          + " where not removed and part_of is null order by file";

  private static final String ALL_FILES = "select file from page_picture";

  private static final String PLATES_WITHOUT =
      "select document from recall_own where not removed and picture is not null"
          + " and picture not in (select id from page_picture where not removed)";

  private final DataFolder folder;
  private final Connection connection;
  private final Findings findings;

  CheckedPictures(DataFolder folder, Connection connection, Findings findings) {
    this.folder = folder;
    this.connection = connection;
    this.findings = findings;
  }

  /**
   * Looks.
   *
   * @param contents of the database; one without pictures or plates has nothing to look at
   */
  void look(Contents contents) throws SQLException, IOException {
    if (contents.tables().containsKey("PAGE_PICTURE")) {
      files();
      strays();
    }
    if (contents.tables().containsKey("RECALL_OWN")) {
      plates();
    }
  }

  private void files() throws SQLException, IOException {
    int whole = 0;
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery(FILES)) {
      while (rows.next()) {
        var wrong = wrong(rows.getString(1), rows.getLong(3), rows.getString(4));
        if (wrong == null) {
          whole++;
        } else {
          findings.left(
              "The picture \"" + rows.getString(2) + "\" (" + rows.getString(1) + ") " + wrong);
        }
      }
    }
    findings.note("Pictures of pages: " + whole + " as they came in, every byte read.");
  }

  /** What is wrong with a picture's file; null if nothing is. */
  private String wrong(String name, long bytes, String sha256) {
    var file = folder.path().resolve(name);
    if (!Files.isRegularFile(file)) {
      return "is gone. Put the file back there, or take the picture out.";
    }
    try {
      return Files.size(file) == bytes && sha256.equals(sha256(file))
          ? null
          : "is not what came in. A copy of the file may still be on the camera; put it there.";
    } catch (IOException e) {
      return "cannot be read.";
    }
  }

  private static String sha256(Path file) throws IOException {
    var digest = Contents.sha256();
    try (var out = new DigestOutputStream(OutputStream.nullOutputStream(), digest)) {
      Files.copy(file, out);
    }
    return Contents.hex(digest.digest());
  }

  /** Files that no picture has, also none that was taken out. */
  private void strays() throws SQLException, IOException {
    if (!Files.isDirectory(folder.pictures())) {
      return;
    }
    var coming = folder.pictures().resolve("coming");
    Set<Path> known = new HashSet<>();
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery(ALL_FILES)) {
      while (rows.next()) {
        known.add(folder.path().resolve(rows.getString(1)));
      }
    }
    try (var all = Files.walk(folder.pictures())) {
      all.filter(Files::isRegularFile)
          .filter(file -> !known.contains(file) && !file.startsWith(coming))
          .sorted()
          .forEach(
              file -> findings.note(folder.nameOf(file) + " belongs to no picture; it is left."));
    }
  }

  private void plates() throws SQLException {
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery(PLATES_WITHOUT)) {
      while (rows.next()) {
        findings.left(
            "The picture of the plate \""
                + CheckedRows.title(rows.getString(1))
                + "\" is not there; the plate is not asked for until it is.");
      }
    }
  }
}
