package humblequill.server.ground.backup;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.spy;

import humblequill.server.ground.data.Commits;
import humblequill.server.ground.data.DataFolder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.h2.jdbcx.JdbcConnectionPool;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Copies of a real database, and the way back from them. */
class CopiesTest {
  private static final LocalDateTime NOON = LocalDateTime.parse("2026-02-25T12:00");

  @TempDir private Path path;
  private final Commits commits = new Commits();
  private DataFolder folder;
  private JdbcConnectionPool pool;
  private JdbcTemplate jdbc;

  @BeforeEach
  void open() {
    folder = new DataFolder(path);
    pool = JdbcConnectionPool.create(folder.databaseUrl(), "sa", "");
    jdbc = new JdbcTemplate(pool);
    jdbc.execute("create table if not exists entry(id int primary key, note varchar)");
  }

  @AfterEach
  void close() {
    jdbc.execute("shutdown");
    pool.dispose();
  }

  private Copies.Copy copy(LocalDateTime at) throws IOException, SQLException {
    return new CopyMaker(folder, pool, commits).make(at);
  }

  private int entries() {
    return jdbc.queryForObject("select count(*) from entry", Integer.class);
  }

  private List<String> inFolder() throws IOException {
    try (var files = Files.list(path)) {
      return files.map(f -> f.getFileName().toString()).sorted().toList();
    }
  }

  /** What the command says, and its exit code before it. */
  private String restored(String which) {
    var said = new ByteArrayOutputStream();
    int code = Restore.run(folder, which, new PrintStream(said, true, UTF_8));
    return code + " " + said.toString(UTF_8);
  }

  private static void spoil(Path file, int place) throws IOException {
    var bytes = Files.readAllBytes(file);
    bytes[place] ^= 0x55;
    Files.write(file, bytes);
  }

  @Test
  void a_copy_says_what_is_in_it_and_holds_the_learners_own_files() throws Exception {
    jdbc.update("insert into entry values (1, 'Käthe''s boat; low water'), (2, null), (3, '')");
    Files.createDirectories(folder.courses());
    Files.writeString(folder.courses().resolve("mine.yaml"), "id: mine");
    var copy = copy(NOON);
    assertThat(copy.file().getFileName()).hasToString("quill-0001-2026-02-25-1200.zip");
    var told = CopyFile.manifest(copy.file()).orElseThrow();
    assertThat(told.contents().tables().get("ENTRY").rows()).isEqualTo(3);
    assertThat(told.files()).containsOnlyKeys("courses/mine.yaml", "quill.mv.db", "quill.sql");
    assertThat(CopyFile.damage(copy.file())).isNull();
    assertThat(folder.copies().resolve("unfinished")).doesNotExist();
  }

  /** What is packed beside the proof fails as the proof would: nothing half made stays. */
  @Test
  void an_own_file_that_vanishes_while_it_is_packed_makes_no_copy() throws Exception {
    jdbc.update("insert into entry values (1, 'low water')");
    var vanishing = spy(folder);
    doReturn(List.of(folder.courses().resolve("gone.yaml"))).when(vanishing).ownFiles();
    assertThatThrownBy(() -> new CopyMaker(vanishing, pool, commits).make(NOON))
        .isInstanceOf(NoSuchFileException.class)
        .hasMessageContaining("gone.yaml");
    try (var left = Files.list(folder.copies())) {
      assertThat(left).isEmpty();
    }
    assertThat(copy(NOON).file()).exists();
  }

  /** A long text is put together from rows that were before it. */
  @Test
  void many_rows_and_long_texts_come_back_from_the_script_alone() throws Exception {
    jdbc.execute("create table letter(id int primary key, text clob)");
    jdbc.update("insert into entry select x, 'note; ' || x from system_range(1, 5000)");
    jdbc.update("insert into entry values (5001, 'SYSTEM_COMBINE_CLOB(0)')");
    jdbc.update(
        "insert into letter select x, repeat('low water ', 100 * x) from system_range(1, 30)");
    var before = contents();
    Files.createDirectories(folder.copies());
    var parts = Files.createDirectory(path.resolve("parts"));
    CopyFile.unpack(copy(NOON).file(), parts);
    Database.ofScript(parts.resolve(CopyFile.SCRIPT), parts.resolve("again"));
    assertThat(Database.read(parts.resolve("again"))).isEqualTo(before);
  }

  /** Rows are put in by two connections; what either of them cannot put in ends both. */
  @Test
  void a_script_with_a_row_that_cannot_be_put_in_makes_no_database() throws Exception {
    jdbc.update("insert into entry select x, 'note ' || x from system_range(1, 5000)");
    Files.createDirectories(folder.copies());
    var parts = Files.createDirectory(path.resolve("parts"));
    CopyFile.unpack(copy(NOON).file(), parts);
    var script = parts.resolve(CopyFile.SCRIPT);
    Files.writeString(script, Files.readString(script).replace("(4000, 'note", "(3999, 'note"));
    assertThatThrownBy(() -> Database.ofScript(script, parts.resolve("again")))
        .isInstanceOf(SQLException.class)
        .hasMessageContaining("3999");
  }

  @Test
  void a_script_that_is_no_text_makes_no_database() throws Exception {
    var script = path.resolve("quill.sql");
    var statement = "create table entry(id int primary key);\n".getBytes(UTF_8);
    for (int end : new int[] {0, statement.length, 20_000}) {
      var bytes = Arrays.copyOf(statement, end + 2);
      Arrays.fill(bytes, Math.min(end, statement.length), end, (byte) ' ');
      bytes[end] = (byte) 0xC3;
      bytes[end + 1] = ';';
      Files.write(script, bytes);
      assertThatThrownBy(() -> Database.ofScript(script, path.resolve("again" + end)))
          .isInstanceOf(SQLException.class);
    }
  }

  /**
   * Sums that copies of years ago tell must be the same for good. These were worked out by another
   * program: zlib's CRC-32, with Python, over the bytes that {@code Contents} describes.
   */
  @Test
  void the_sum_of_a_table_is_the_one_that_earlier_copies_tell() throws Exception {
    jdbc.update("insert into entry values (1, 'Möwe')");
    assertThat(contents().tables().get("ENTRY").checksum()).isEqualTo("f66d0cc00000000c");
    jdbc.update("insert into entry values (2, null)");
    assertThat(contents().tables().get("ENTRY").checksum()).isEqualTo("435768850000000d");
  }

  @Test
  void what_is_read_back_is_not_what_was_written_and_is_told_so() throws Exception {
    jdbc.update("insert into entry select x, 'note ' || x from system_range(1, 500)");
    var zip = copy(NOON).file();
    CopyFile.readBack(zip);
    int middle = (int) (Files.size(zip) / 2);
    spoil(zip, middle);
    assertThatThrownBy(() -> CopyFile.readBack(zip)).isInstanceOf(IOException.class);
  }

  /** Null and empty text, and rows that trade places, are told apart by the sum of a table. */
  @Test
  void two_databases_that_differ_in_a_value_differ_in_their_sum() throws Exception {
    jdbc.update("insert into entry values (1, null), (2, 'a')");
    var first = contents();
    jdbc.update("update entry set note = '' where id = 1");
    assertThat(contents().differing(first)).containsExactly("ENTRY");
    jdbc.update("update entry set note = null where id = 1");
    assertThat(contents()).isEqualTo(first);
    jdbc.update("update entry set note = case id when 1 then 'a' end");
    assertThat(contents()).isNotEqualTo(first);
  }

  private Contents contents() throws SQLException {
    try (var connection = pool.getConnection()) {
      return Contents.of(connection);
    }
  }

  @Test
  void what_is_written_while_a_copy_is_made_is_wholly_in_it_or_not_at_all() throws Exception {
    jdbc.update("insert into entry select x, 'old' from system_range(1, 5000)");
    var stop = new java.util.concurrent.atomic.AtomicBoolean();
    var writer =
        new Thread(
            () -> {
              for (int i = 10_000; !stop.get(); i += 2) {
                int next = i;
                commits.commit(
                    () ->
                        jdbc.update("insert into entry values (?, 'a'), (?, 'b')", next, next + 1));
              }
            });
    writer.start();
    try {
      for (int i = 0; i < 3; i++) {
        var told = CopyFile.manifest(copy(NOON.plusMinutes(i)).file()).orElseThrow();
        assertThat(told.contents().entries()).isGreaterThanOrEqualTo(5000).isEven();
      }
    } finally {
      stop.set(true);
      writer.join();
    }
  }

  @Test
  void what_else_lies_beside_the_copies_is_left_alone() throws Exception {
    Files.createDirectories(folder.copies());
    var others =
        Stream.of(
                "quill-2020-01-01.zip.old",
                "notes.txt",
                "quill-someday.zip",
                "quill-7-2020-01-01.zip")
            .map(folder.copies()::resolve)
            .toList();
    for (var other : others) {
      Files.writeString(other, "mine");
    }
    Files.createDirectories(folder.copies().resolve("unfinished"));
    Files.writeString(folder.copies().resolve("unfinished.zip"), "half");
    copy(NOON);
    var all = Copies.in(folder.copies());
    assertThat(all).hasSize(1);
    Copies.dropOld(all, c -> true);
    assertThat(others).allMatch(Files::exists);
    assertThat(folder.copies().resolve("unfinished.zip")).doesNotExist();
  }

  @Test
  void numbers_go_on_after_copies_that_were_named_by_their_day() throws Exception {
    Files.createDirectories(folder.copies());
    Files.writeString(folder.copies().resolve("quill-2027-01-01.zip"), "x");
    copy(NOON);
    var second = copy(NOON);
    assertThat(second.number()).isEqualTo(2);
    assertThat(Copies.in(folder.copies()))
        .extracting(Copies.Copy::called)
        .containsExactly("2027-01-01", "1", "2");
  }

  @Test
  void a_copy_brings_back_what_was_there_and_keeps_what_is() throws Exception {
    jdbc.update("insert into entry(id) values (1), (2)");
    Files.createDirectories(folder.courses());
    Files.writeString(folder.courses().resolve("mine.yaml"), "id: mine");
    copy(NOON);
    jdbc.update("delete from entry where id = 1");
    Files.writeString(folder.courses().resolve("mine.yaml"), "id: later");
    Files.writeString(folder.courses().resolve("new.yaml"), "id: new");
    copy(NOON.plusHours(1));
    close();
    assertThat(restored("")).contains("2 entries, ").contains("1 entry, ");
    assertThat(restored("1")).startsWith("0 ").contains("with 2 entries");
    open();
    assertThat(entries()).isEqualTo(2);
    assertThat(folder.courses().resolve("mine.yaml")).hasContent("id: mine");
    var aside =
        path.resolve(
            inFolder().stream().filter(n -> n.startsWith("before")).findFirst().orElseThrow());
    assertThat(aside.resolve("quill.mv.db")).exists();
    assertThat(aside.resolve("courses/mine.yaml")).hasContent("id: later");
    assertThat(aside.resolve("courses/new.yaml")).exists();
    assertThat(inFolder()).doesNotContain("restoring", "restore.journal");
  }

  /** Copies made before 2026-11 hold what the database's own BACKUP writes, and a script. */
  @Test
  void a_copy_from_before_comes_back_and_own_files_stay() throws Exception {
    jdbc.update("insert into entry(id) values (1), (2)");
    Files.createDirectories(folder.copies());
    Files.createDirectories(folder.courses());
    Files.writeString(folder.courses().resolve("mine.yaml"), "id: mine");
    jdbc.execute("backup to '" + folder.copies().resolve("quill-2026-02-24.zip") + "'");
    jdbc.update("delete from entry");
    close();
    assertThat(restored("2026-02-24")).startsWith("0 ").contains("with 2 entries");
    open();
    assertThat(entries()).isEqualTo(2);
    assertThat(folder.courses().resolve("mine.yaml")).hasContent("id: mine");
  }

  /** A file of zeros stands for one that this engine cannot read. */
  @Test
  void a_copy_whose_database_cannot_be_opened_comes_back_by_its_script() throws Exception {
    jdbc.update("insert into entry values (1, 'Käthe''s boat; low water'), (2, null)");
    var copy = copy(NOON);
    try (var zip = FileSystems.newFileSystem(copy.file())) {
      Files.write(zip.getPath("/quill.mv.db"), new byte[8192]);
    }
    close();
    assertThat(restored("1")).startsWith("0 ").contains("with 2 entries");
    open();
    assertThat(jdbc.queryForObject("select note from entry where id = 1", String.class))
        .isEqualTo("Käthe's boat; low water");
  }

  @Test
  void a_copy_that_is_not_what_it_says_is_not_put_back() throws Exception {
    jdbc.update("insert into entry(id) values (1), (2), (3)");
    Files.createDirectories(folder.courses());
    Files.writeString(folder.courses().resolve("mine.yaml"), "id: mine");
    var copy = copy(NOON);
    try (var zip = FileSystems.newFileSystem(copy.file())) {
      Files.write(zip.getPath("/courses/mine.yaml"), "id: other".getBytes(UTF_8));
    }
    jdbc.update("delete from entry where id = 3");
    close();
    assertThat(restored("")).contains("damaged: courses/mine.yaml in it is not as it was written");
    assertThat(restored("1"))
        .startsWith("2 ")
        .contains("is damaged")
        .contains("Nothing was changed");
    open();
    assertThat(entries()).isEqualTo(2);
    assertThat(inFolder()).noneMatch(name -> name.startsWith("before") || name.equals("restoring"));
  }

  /** Names stand twice in a ZIP file; a bit that tips in the one that nobody reads does no harm. */
  @Test
  void a_bit_that_tips_anywhere_in_a_copy_is_noticed_or_does_no_harm() throws Exception {
    jdbc.update("insert into entry values (1, 'boat')");
    var copy = copy(NOON);
    var whole = Files.readAllBytes(copy.file());
    int places = 60;
    int noticed = 0;
    for (int i = 0; i < places; i++) {
      spoil(copy.file(), (int) ((long) i * whole.length / places));
      if (CopyFile.damage(copy.file()) == null) {
        var taken = Files.createDirectories(path.resolve("taken" + i));
        assertThat(CopyFile.unpack(copy.file(), taken)).containsExactly("quill.mv.db", "quill.sql");
      } else {
        noticed++;
      }
      Files.write(copy.file(), whole);
    }
    assertThat(noticed).isGreaterThan(places / 2);
  }

  @Test
  void a_copy_cut_short_leaves_everything_as_it_is() throws Exception {
    jdbc.update("insert into entry(id) values (1), (2), (3)");
    var copy = copy(NOON);
    var whole = Files.readAllBytes(copy.file());
    Files.write(copy.file(), Arrays.copyOf(whole, whole.length / 3));
    close();
    assertThat(restored("1")).startsWith("2 ").contains("cannot be read whole");
    open();
    assertThat(entries()).isEqualTo(3);
  }

  @Test
  void what_cannot_be_restored_is_said() throws Exception {
    assertThat(restored("")).startsWith("0 ").contains("no copies");
    assertThat(restored("2026-02-25")).startsWith("2 ").contains("There are none yet");
    copy(NOON);
    assertThat(restored("")).startsWith("0 ").contains("2026-02-25 12:00").contains("kB");
    assertThat(restored("2026-02-24")).startsWith("2 ").contains("There are: 1 of 2026-02-25.");
    assertThat(restored("2")).startsWith("2 ").contains("There is no copy 2.");
    assertThat(restored("last Tuesday")).startsWith("2 ").contains("\"last Tuesday\" is neither");
  }

  @Test
  void a_second_place_gets_every_copy_and_nothing_where_the_drive_is_away(@TempDir Path elsewhere)
      throws Exception {
    var second = new SecondPlace(folder);
    var drive = Files.createDirectory(elsewhere.resolve("drive"));
    second.name(drive.toString());
    copy(NOON);
    second.bring(Copies.in(folder.copies()), c -> true);
    assertThat(Copies.in(second.copies().orElseThrow())).hasSize(1);
    Files.move(second.copies().orElseThrow(), elsewhere.resolve("away"));
    copy(NOON.plusDays(1));
    second.bring(Copies.in(folder.copies()), c -> true);
    assertThat(second.copies()).isEmpty();
    assertThat(drive).isEmptyDirectory();
  }
}
