package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Schema;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Everything the program knows as one ZIP of open files, documented in docs/formats/whole.md. */
@Service
class Whole {
  /** Says what the ZIP is. */
  static final String MANIFEST = "whole.json";

  /** Before the names of tables in it. */
  static final String TABLES = "tables/";

  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String ABOUT =
      """
      Everything that Humble Quill knew when this was taken out.

      tables    one CSV file for each table; open them with any spreadsheet
      courses   course files of your own
      pictures  pictures of your pages, as they came
      whole.json  what this is, and how many rows each table has

      ./quill import FILE --data DIR fills an empty folder with it.
      """;

  private final DataFolder folder;
  private final DataSource source;

  Whole(DataFolder folder, DataSource source) {
    this.folder = folder;
    this.source = source;
  }

  /**
   * What the ZIP says of itself.
   *
   * @param format of this record, counted from 1
   * @param schema the version of the tables
   * @param rows of each table
   */
  record Manifest(int format, int schema, SortedMap<String, Long> rows) {}

  /** Writes all of one moment. */
  void write(OutputStream to) throws IOException {
    try (var zip = new ZipOutputStream(to);
        var moment = new Snapshot(source)) {
      var connection = moment.connection();
      text(zip, "about.txt", ABOUT);
      var rows = new TreeMap<String, Long>();
      for (var table : Tables.names(connection)) {
        var name = table.toLowerCase(Locale.ROOT);
        zip.putNextEntry(entry(TABLES + name + ".csv"));
        var out = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        rows.put(name, Tables.write(connection, table, out));
        out.flush();
      }
      for (var own : folder.ownFiles()) {
        zip.putNextEntry(entry(folder.nameOf(own)));
        Files.copy(own, zip);
      }
      pictures(connection, zip);
      text(
          zip,
          MANIFEST,
          JSON.writerWithDefaultPrettyPrinter()
              .writeValueAsString(new Manifest(1, Schema.VERSION, rows)));
    } catch (SQLException e) {
      throw new IOException("The database could not be read", e);
    }
  }

  /**
   * Pictures are packed already; they go in as they are. One that was deleted by hand is left out.
   */
  private void pictures(Connection connection, ZipOutputStream zip)
      throws SQLException, IOException {
    zip.setLevel(Deflater.NO_COMPRESSION);
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery("select distinct file from page_picture order by file")) {
      while (rows.next()) {
        var file = folder.path().resolve(rows.getString(1));
        if (Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
          zip.putNextEntry(entry(rows.getString(1)));
          Files.copy(file, zip);
        }
      }
    }
    zip.setLevel(Deflater.DEFAULT_COMPRESSION);
  }

  /** Without the time of day, so that the same data makes the same file. */
  private static ZipEntry entry(String name) {
    var entry = new ZipEntry(name);
    entry.setTimeLocal(LocalDateTime.of(1980, 1, 1, 0, 0));
    return entry;
  }

  private static void text(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(entry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
  }
}
