package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import humblequill.server.ground.backup.Check;
import humblequill.server.ground.data.DataFolder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.util.FileSystemUtils;

/** What a check finds in a folder with pictures and a plate. */
class CheckTest {
  @TempDir private static Path filled;
  @TempDir private Path path;
  private Path file;

  @BeforeAll
  static void fill() throws IOException {
    var picture = UUID.randomUUID();
    try (var quill = RunningQuill.start(filled)) {
      var api = RunningQuill.api(quill);
      api.putBytes("/api/pictures/" + picture + "?name=crane.jpg", Pictures.jpeg(1));
      var plate =
          api.put(
              "/api/recall/plates/" + UUID.randomUUID(),
              Map.of(
                  "title",
                  "Crane on the quay",
                  "topics",
                  List.of("cranes"),
                  "note",
                  "",
                  "picture",
                  picture,
                  "pins",
                  List.of(
                      Map.of("name", "jib", "latin", "", "others", List.of(), "x", .5, "y", .5))));
      assertThat(plate.status()).as(plate.body()).isEqualTo(200);
    }
  }

  @BeforeEach
  void copy() throws IOException {
    FileSystemUtils.copyRecursively(filled, path);
    try (var all = Files.walk(path.resolve("pictures"))) {
      file = all.filter(Files::isRegularFile).findFirst().orElseThrow();
    }
  }

  private String checked(boolean repair) {
    var said = new ByteArrayOutputStream();
    int code =
        Check.run(
            new DataFolder(path), repair, new PrintStream(said, true, StandardCharsets.UTF_8));
    return code + " " + said.toString(StandardCharsets.UTF_8);
  }

  private void sql(String sql) throws SQLException {
    try (var connection =
            DriverManager.getConnection(new DataFolder(path).databaseUrl(), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  @Test
  void pictures_are_read_to_their_last_byte() throws IOException {
    assertThat(checked(false)).startsWith("0 ").contains("Pictures of pages: 1 as they came in");
    var bytes = Files.readAllBytes(file);
    bytes[bytes.length - 1] ^= 1;
    Files.write(file, bytes);
    assertThat(checked(true))
        .startsWith("1 ")
        .contains("\"crane.jpg\" (pictures/2026/")
        .contains("is not what came in")
        .contains("What is left cannot be mended from here.");
    assertThat(Files.readAllBytes(file)).as("left as it is").isEqualTo(bytes);
    Files.delete(file);
    assertThat(checked(false))
        .startsWith("1 ")
        .contains("\"crane.jpg\" (pictures/2026/")
        .contains("is gone")
        .doesNotContain("--repair");
  }

  @Test
  void a_file_that_no_picture_has_is_named_and_left() throws IOException {
    Files.writeString(file.resolveSibling("notes.txt"), "mine");
    assertThat(checked(true)).startsWith("0 ").contains("notes.txt belongs to no picture");
    assertThat(file.resolveSibling("notes.txt")).hasContent("mine");
  }

  @Test
  void a_plate_whose_picture_was_taken_out_is_named() throws SQLException {
    sql("update page_picture set removed = true");
    assertThat(checked(false))
        .startsWith("1 ")
        .contains("The picture of the plate \"Crane on the quay\" is not there");
  }

  @Test
  void every_stored_document_is_read_whatever_table_it_is_in() throws SQLException {
    sql("update recall_own set document = '{\"title\": '");
    sql("insert into goal values ('BOOK', random_uuid(), 0, 'no document')");
    assertThat(checked(false))
        .startsWith("1 ")
        .contains("RECALL_OWN ")
        .contains("GOAL ")
        .contains("(DOCUMENT) cannot be read");
  }

  /** A program that was made newer is often checked before it is started. */
  @Test
  void tables_of_an_older_version_are_not_taken_for_damage() throws SQLException {
    sql("alter table page_picture drop column part_of");
    sql("drop table rule_answer");
    sql("delete from \"flyway_schema_history\" where \"installed_rank\" > 8");
    assertThat(checked(true))
        .startsWith("0 ")
        .contains("Its tables are of version 8")
        .doesNotContain("damaged")
        .doesNotContain("Mended");
  }
}
