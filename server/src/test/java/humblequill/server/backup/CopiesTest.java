package humblequill.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import humblequill.server.data.DataFolder;
import humblequill.server.settings.SettingsService;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.stream.Stream;
import org.h2.jdbcx.JdbcConnectionPool;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Daily copies of a real database, and the way back from them. */
class CopiesTest {
  private static final LocalDate DAY = LocalDate.parse("2026-02-25");

  @TempDir private Path path;
  private DataFolder folder;
  private JdbcConnectionPool pool;
  private JdbcTemplate jdbc;
  private DailyCopy daily;

  @BeforeEach
  void open() {
    folder = new DataFolder(path);
    pool = JdbcConnectionPool.create(folder.databaseUrl(), "sa", "");
    jdbc = new JdbcTemplate(pool);
    jdbc.execute("create table if not exists entry(id int primary key)");
    daily = new DailyCopy(folder, jdbc, mock(SettingsService.class));
  }

  @AfterEach
  void close() {
    jdbc.execute("shutdown");
    pool.dispose();
  }

  private int entries() {
    return jdbc.queryForObject("select count(*) from entry", Integer.class);
  }

  /** What the command says, and its exit code before it. */
  private String restored(String day) {
    var said = new ByteArrayOutputStream();
    int code = Restore.run(folder, day, new PrintStream(said, true, StandardCharsets.UTF_8));
    return code + " " + said.toString(StandardCharsets.UTF_8);
  }

  @Test
  void fourteen_days_are_kept_over_the_turn_of_a_month() throws IOException {
    for (int i = 0; i < 20; i++) {
      daily.copy(DAY.plusDays(i));
    }
    assertThat(Copies.days(folder))
        .containsExactlyElementsOf(
            Stream.iterate(LocalDate.parse("2026-03-03"), d -> d.plusDays(1)).limit(14).toList());
  }

  @Test
  void a_day_has_one_copy_as_it_was_first_made() throws IOException {
    daily.copy(DAY);
    var first = Files.readAllBytes(Copies.file(folder, DAY));
    jdbc.update("insert into entry values (1)");
    daily.copy(DAY);
    assertThat(Files.readAllBytes(Copies.file(folder, DAY))).isEqualTo(first);
  }

  @Test
  void what_else_lies_beside_the_copies_is_left_alone() throws IOException {
    Files.createDirectories(folder.copies());
    var others =
        Stream.of("quill-2020-01-01.zip.old", "notes.txt", "quill-someday.zip")
            .map(folder.copies()::resolve)
            .toList();
    for (var other : others) {
      Files.writeString(other, "mine");
    }
    daily.copy(DAY);
    assertThat(Copies.days(folder)).containsExactly(DAY);
    assertThat(others).allMatch(Files::exists);
  }

  @Test
  void a_copy_left_unfinished_does_not_stand_in_the_way() throws IOException {
    Files.createDirectories(folder.copies());
    Files.writeString(folder.copies().resolve("unfinished.zip"), "half");
    daily.copy(DAY);
    assertThat(Copies.days(folder)).containsExactly(DAY);
    assertThat(folder.copies().resolve("unfinished.zip")).doesNotExist();
  }

  @Test
  void a_copy_brings_back_what_was_there_and_keeps_what_is() throws IOException {
    jdbc.update("insert into entry values (1), (2)");
    daily.copy(DAY);
    jdbc.update("delete from entry where id = 1");
    close();
    assertThat(restored(DAY.toString())).startsWith("0 ").contains("with 2 entries");
    open();
    assertThat(entries()).isEqualTo(2);
    try (var files = Files.list(path)) {
      assertThat(files.map(f -> f.getFileName().toString()))
          .anyMatch(name -> name.startsWith("before-restore-"));
    }
  }

  /** A file of zeros stands for one that this engine cannot read. */
  @Test
  void a_copy_whose_database_cannot_be_opened_comes_back_by_its_script() throws IOException {
    jdbc.execute("create table note(text varchar)");
    jdbc.update("insert into note values ('Käthe''s boat; low water')");
    jdbc.update("insert into entry values (1), (2)");
    daily.copy(DAY);
    try (var zip = FileSystems.newFileSystem(Copies.file(folder, DAY))) {
      Files.write(zip.getPath("/quill.mv.db"), new byte[8192]);
    }
    close();
    assertThat(restored(DAY.toString())).startsWith("0 ").contains("with 2 entries");
    open();
    assertThat(jdbc.queryForObject("select text from note", String.class))
        .isEqualTo("Käthe's boat; low water");
    assertThat(path.resolve("restoring.sql")).doesNotExist();
  }

  @Test
  void a_copy_that_holds_only_a_script_is_enough() throws IOException {
    jdbc.update("insert into entry values (7)");
    daily.copy(DAY);
    try (var zip = FileSystems.newFileSystem(Copies.file(folder, DAY))) {
      Files.delete(zip.getPath("/quill.mv.db"));
    }
    close();
    assertThat(restored(DAY.toString())).startsWith("0 ").contains("with 1 entries");
    open();
    assertThat(entries()).isEqualTo(1);
  }

  @Test
  void a_damaged_copy_leaves_the_database_as_it_is() throws IOException {
    jdbc.update("insert into entry values (1), (2), (3)");
    daily.copy(DAY);
    var whole = Files.readAllBytes(Copies.file(folder, DAY));
    Files.write(Copies.file(folder, DAY), java.util.Arrays.copyOf(whole, whole.length / 3));
    close();
    assertThat(restored(DAY.toString())).startsWith("2 ").contains("the database is as it was");
    open();
    assertThat(entries()).isEqualTo(3);
  }

  @Test
  void what_cannot_be_restored_is_said() throws IOException {
    assertThat(restored("")).startsWith("0 ").contains("no copies");
    assertThat(restored("2026-02-25")).startsWith("2 ").contains("There are none yet");
    daily.copy(DAY);
    assertThat(restored("")).startsWith("0 ").contains("2026-02-25").contains("kB");
    assertThat(restored("2026-02-24")).startsWith("2 ").contains("There are: [2026-02-25]");
    assertThat(restored("last Tuesday"))
        .startsWith("2 ")
        .contains("\"last Tuesday\" is not a date");
    assertThat(restored("2026-02-30")).startsWith("2 ").contains("is not a date");
  }
}
