package humblequill.server.backup;

import humblequill.server.data.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;

/**
 * The daily copies in a data folder, by their day. A copy is a zip file that holds the database and
 * an SQL script that makes the same, for a newer database engine that cannot read the first.
 */
final class Copies {
  /** The script within a copy. */
  static final String SCRIPT = "quill.sql";

  /** How the database's file within a copy ends. */
  static final String DATABASE_END = ".mv.db";

  private static final Pattern NAME = Pattern.compile("quill-(\\d{4}-\\d{2}-\\d{2})\\.zip");

  private Copies() {}

  static Path file(DataFolder folder, LocalDate day) {
    return folder.copies().resolve("quill-" + day + ".zip");
  }

  /** Days with a copy, oldest first. */
  static List<LocalDate> days(DataFolder folder) throws IOException {
    if (!Files.isDirectory(folder.copies())) {
      return List.of();
    }
    try (var files = Files.list(folder.copies())) {
      return files
          .map(f -> NAME.matcher(f.getFileName().toString()))
          .filter(java.util.regex.Matcher::matches)
          .map(m -> LocalDate.parse(m.group(1)))
          .sorted()
          .toList();
    }
  }
}
