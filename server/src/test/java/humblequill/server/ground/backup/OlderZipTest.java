package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Schema;
import humblequill.server.ground.migration.Upgraded;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** What an older version took out is brought in by the newest. */
class OlderZipTest {
  /** Earlier ones are told apart row by row in {@link humblequill.server.ground.migration}. */
  private static final int FIRST_TAKEN_OUT = 5;

  @TempDir private Path temporary;

  static IntStream versions() {
    return IntStream.rangeClosed(FIRST_TAKEN_OUT, Schema.VERSION);
  }

  @ParameterizedTest
  @MethodSource("versions")
  void the_whole_of_an_older_version_is_brought_in(int version) throws Exception {
    var file = temporary.resolve("whole.zip");
    Map<String, Long> rows;
    try (var old = Upgraded.filled(version)) {
      rows = takenOut(old, version, file);
    }
    var folder = new DataFolder(temporary.resolve("new"));
    folder.take();
    var said = new ByteArrayOutputStream();
    int code = Import.run(folder, file, new PrintStream(said, true, StandardCharsets.UTF_8));
    assertThat(code).as(said.toString(StandardCharsets.UTF_8)).isZero();
    try (var now =
        DriverManager.getConnection(Database.url(folder.path().resolve("quill")), "sa", "")) {
      var after = Tables.names(now);
      for (var table : after) {
        var before = rows.get(table.toLowerCase(Locale.ROOT));
        if (before != null) {
          assertThat(count(now, table)).as(table).isEqualTo(before);
        }
      }
    }
  }

  private static long count(Connection connection, String table) throws SQLException {
    try (var rows = connection.createStatement().executeQuery("select count(*) from " + table)) {
      rows.next();
      return rows.getLong(1);
    }
  }

  private static Map<String, Long> takenOut(Connection old, int version, Path file)
      throws IOException, SQLException {
    var rows = new TreeMap<String, Long>();
    try (var zip = new ZipOutputStream(Files.newOutputStream(file))) {
      for (var table : Upgraded.tables(old)) {
        zip.putNextEntry(new ZipEntry(Whole.TABLES + table + ".csv"));
        var out = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        Tables.write(old, table.toUpperCase(Locale.ROOT), out);
        out.flush();
        rows.put(table, count(old, table));
      }
      zip.putNextEntry(new ZipEntry(Whole.MANIFEST));
      var manifest = Map.of("format", 1, "schema", version, "rows", rows);
      zip.write(JsonMapper.shared().writeValueAsBytes(manifest));
    }
    return rows;
  }
}
