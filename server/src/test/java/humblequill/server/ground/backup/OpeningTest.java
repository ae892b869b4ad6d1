package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import humblequill.server.ground.data.Commits;
import humblequill.server.ground.data.DataFolder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Arrays;
import org.h2.jdbcx.JdbcConnectionPool;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a start and a check say of folders in every bad state. */
class OpeningTest {
  @TempDir private Path path;
  private DataFolder folder;

  @BeforeEach
  void make() {
    folder = new DataFolder(path.resolve("data"));
  }

  /** A folder as it is after some use, with one copy of two entries. */
  private void used() throws IOException, SQLException {
    Files.createDirectories(folder.path());
    var pool = JdbcConnectionPool.create(folder.databaseUrl(), "sa", "");
    try (var connection = pool.getConnection();
        var statement = connection.createStatement()) {
      statement.execute("create table entry(id int primary key, note varchar)");
      statement.execute("create table rule_answer(id int primary key, entry_id int)");
      statement.execute(
          "create table sitting(id int primary key, entry_id int, begun clob, steps clob, events clob)");
      statement.execute(
          "create table quota(id int primary key, again_of int, document clob, best clob)");
      statement.execute("insert into entry values (1, 'a'), (2, 'b')");
      new CopyMaker(folder, pool, new Commits()).make(LocalDateTime.parse("2026-03-05T10:00"));
      statement.execute("shutdown");
    }
    pool.dispose();
    folder.describe();
  }

  private void sql(String sql) throws SQLException {
    try (var connection = DriverManager.getConnection(folder.databaseUrl(), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private String refusal() {
    var refused = catchThrowableOfType(DataFolder.Unusable.class, () -> Opening.check(folder));
    assertThat(refused).isNotNull();
    assertThat(refused.getMessage()).doesNotContain("Exception").doesNotContain("h2");
    return refused.getMessage();
  }

  private String checked(boolean repair) {
    var said = new ByteArrayOutputStream();
    int code = Check.run(folder, repair, new PrintStream(said, true, StandardCharsets.UTF_8));
    return code + " " + said.toString(StandardCharsets.UTF_8);
  }

  @Test
  void an_empty_folder_and_one_in_use_before_may_start() throws Exception {
    Files.createDirectories(folder.path());
    assertThatCode(() -> Opening.check(folder)).doesNotThrowAnyException();
    used();
    assertThatCode(() -> Opening.check(folder)).doesNotThrowAnyException();
  }

  @Test
  void a_database_that_is_missing_where_data_was_names_the_copy_that_helps() throws Exception {
    used();
    Files.delete(folder.databaseFile());
    assertThat(refusal())
        .contains("is missing")
        .contains("2026-03-05 10:00 with 2 entries")
        .contains("./quill restore 1");
    Files.delete(folder.copies().resolve("quill-0001-2026-03-05-1000.zip"));
    assertThat(refusal()).contains("is missing").contains("There is no copy");
  }

  @Test
  void an_empty_or_damaged_database_never_becomes_a_first_day() throws Exception {
    used();
    var whole = Files.readAllBytes(folder.databaseFile());
    Files.write(folder.databaseFile(), new byte[0]);
    assertThat(refusal()).contains("is empty").contains("./quill restore 1");
    Files.write(folder.databaseFile(), new byte[whole.length]);
    assertThat(refusal()).contains("is damaged").contains("./quill restore 1");
    Files.write(folder.databaseFile(), Arrays.copyOf(whole, 5000));
    assertThat(refusal()).contains("is damaged");
    assertThat(Files.size(folder.databaseFile())).isEqualTo(5000);
  }

  @Test
  void a_database_of_a_newer_version_is_left_alone() throws Exception {
    used();
    sql(
        "create table \"flyway_schema_history\"(\"installed_rank\" int, \"version\" varchar, \"success\" boolean)");
    sql("insert into \"flyway_schema_history\" values (1, '999', true)");
    assertThat(refusal()).contains("newer Humble Quill");
  }

  @Test
  void a_database_file_that_is_a_folder_cannot_be_written() throws Exception {
    Files.createDirectories(folder.databaseFile());
    assertThat(refusal()).contains("cannot be written");
  }

  @Test
  void a_check_of_what_is_well_says_so() throws Exception {
    used();
    assertThat(checked(false))
        .startsWith("0 ")
        .contains("2 entries")
        .contains("1 good")
        .contains("All is well.");
  }

  @Test
  void a_check_says_what_it_would_do_and_repair_does_it_after_a_copy() throws Exception {
    used();
    sql("insert into rule_answer values (1, 1), (2, 99)");
    Files.writeString(folder.copies().resolve("quill-0002-2026-03-06-1000.zip"), "no zip");
    Files.createDirectories(folder.courses());
    Files.writeString(folder.courses().resolve("quay.unfinished"), "half");
    assertThat(checked(false))
        .startsWith("1 ")
        .contains("Answers to rules of entries that are gone: 1. Would remove them.")
        .contains("quill-0002-2026-03-06-1000.zip is damaged")
        .contains("courses/quay.unfinished was left unfinished. Would remove it.");
    assertThat(checked(true))
        .startsWith("0 ")
        .contains("All of it was copied first: quill-0003-")
        .contains("Mended: remove them.");
    assertThat(Copies.in(folder.copies())).extracting(Copies.Copy::number).containsExactly(1L, 3L);
    assertThat(folder.copies().resolve("damaged/quill-0002-2026-03-06-1000.zip")).exists();
    assertThat(checked(false)).startsWith("0 ");
  }

  @Test
  void a_document_that_cannot_be_read_is_named_by_its_row() throws Exception {
    used();
    sql("insert into quota values (7, null, '{\"kind\":', '')");
    assertThat(checked(true)).startsWith("1 ").contains("QUOTA 7").contains("DOCUMENT");
  }

  @Test
  void a_damaged_database_is_put_back_from_the_newest_good_copy() throws Exception {
    used();
    Files.write(folder.databaseFile(), new byte[20_000]);
    assertThat(checked(false)).startsWith("1 ").contains("Would put back copy 1 of 2026-03-05");
    assertThat(checked(true)).startsWith("0 ").contains("with 2 entries");
    assertThatCode(() -> Opening.check(folder)).doesNotThrowAnyException();
  }

  /**
   * Bytes that tip in the middle are found by reading every row, or change nothing that is kept.
   */
  @Test
  void a_database_with_spoiled_bytes_is_found_or_reads_the_same() throws Exception {
    used();
    var whole = Files.readAllBytes(folder.databaseFile());
    for (int i = 1; i < 12; i++) {
      var bytes = whole.clone();
      int place = whole.length * i / 12;
      for (int j = place; j < Math.min(place + 64, bytes.length); j++) {
        bytes[j] ^= 0x5a;
      }
      Files.write(folder.databaseFile(), bytes);
      assertThat(checked(false)).containsAnyOf("2 entries", "is damaged");
    }
  }
}
