package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.reset;
import static org.mockito.Mockito.when;

import humblequill.core.ground.calendar.PracticeClock;
import humblequill.server.ground.data.Commits;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import javax.sql.DataSource;
import org.h2.api.ErrorCode;
import org.h2.jdbcx.JdbcConnectionPool;
import org.h2.message.DbException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is told of the copies, day after day. */
class CopyKeeperTest {
  private static final LocalDate THURSDAY = LocalDate.parse("2026-03-05");

  @TempDir private Path path;
  private final Learner learner = mock(Learner.class);
  private DataFolder folder;
  private JdbcConnectionPool pool;
  private final SettingsService settings = mock(SettingsService.class);
  private CopyKeeper keeper;

  @BeforeEach
  void open() {
    folder = new DataFolder(path);
    pool = JdbcConnectionPool.create(folder.databaseUrl(), "sa", "");
    new JdbcTemplate(pool).execute("create table entry(id int primary key)");
    when(settings.learner()).thenReturn(learner);
    when(learner.clock()).thenReturn(new PracticeClock(ZoneOffset.UTC, 0));
    on(THURSDAY);
    keeper = new CopyKeeper(folder, new Disk(folder), pool, new Commits(), settings);
  }

  @AfterEach
  void close() {
    new JdbcTemplate(pool).execute("shutdown");
    pool.dispose();
  }

  private void on(LocalDate day) {
    when(learner.now()).thenReturn(Instant.parse(day + "T10:00:00Z"));
  }

  private long copies() throws IOException {
    return Copies.in(folder.copies()).size();
  }

  @Test
  void a_day_of_use_has_one_copy_however_often_it_is_asked_for() throws IOException {
    keeper.copyIfDue();
    keeper.copyIfDue();
    assertThat(copies()).isEqualTo(1);
    on(THURSDAY.plusDays(1));
    keeper.copyIfDue();
    assertThat(copies()).isEqualTo(2);
    assertThat(keeper.behind(THURSDAY.plusDays(1))).isEmpty();
  }

  /** A file where the folder should be stands for a disk that refuses. */
  @Test
  void a_copy_that_failed_is_told_the_next_day_until_one_is_made() throws IOException {
    keeper.copyIfDue();
    Files.move(folder.copies(), path.resolve("away"));
    Files.writeString(folder.copies(), "in the way");
    on(THURSDAY.plusDays(1));
    keeper.copyIfDue();
    assertThat(keeper.behind(THURSDAY.plusDays(1)).orElseThrow().reason().code())
        .isEqualTo("ground.copyRefused");
    Files.delete(folder.copies());
    Files.move(path.resolve("away"), folder.copies());
    assertThat(keeper.behind(THURSDAY.plusDays(1)).orElseThrow().newest()).isEqualTo(THURSDAY);
    keeper.copyIfDue();
    assertThat(keeper.behind(THURSDAY.plusDays(1))).isEmpty();
  }

  @Test
  void a_disk_that_fails_under_the_database_is_not_taken_for_a_damaged_database() throws Exception {
    var failing = mock(DataSource.class);
    keeper = new CopyKeeper(folder, new Disk(folder), failing, new Commits(), settings);
    var disk = DbException.convertIOException(new IOException("Input/output error"), "quill");
    when(failing.getConnection()).thenThrow(disk.getSQLException());
    keeper.copyIfDue();
    assertThat(keeper.behind(THURSDAY).orElseThrow().reason().code())
        .isEqualTo("ground.copyFailed");
    var damage = DbException.get(ErrorCode.FILE_CORRUPTED_1, "quill");
    reset(failing);
    when(failing.getConnection()).thenThrow(damage.getSQLException());
    keeper.copyIfDue();
    assertThat(keeper.behind(THURSDAY).orElseThrow().reason().code())
        .isEqualTo("ground.databaseUnreadable");
  }

  @Test
  void a_copy_that_went_bad_is_named_and_another_made_in_its_place() throws IOException {
    keeper.copyIfDue();
    var file = Copies.in(folder.copies()).get(0).file();
    Files.writeString(file, "no zip any more");
    on(THURSDAY.plusDays(1));
    keeper.copyIfDue();
    var view = keeper.view();
    assertThat(view.damaged())
        .extracting(CopiesView.Damaged::file)
        .containsExactly(file.getFileName().toString());
    assertThat(view.count()).isEqualTo(1);
    assertThat(file).exists();
  }

  @Test
  void copies_of_a_day_are_kept_though_one_went_bad_since_the_morning() throws IOException {
    keeper.copyIfDue();
    var morning = Copies.in(folder.copies()).get(0).file();
    Files.writeString(morning, "no zip any more");
    keeper.makeNow();
    assertThat(keeper.view().damaged()).as("it is read again tomorrow").isEmpty();
    assertThat(copies()).isEqualTo(2);
    on(THURSDAY.plusDays(1));
    keeper.copyIfDue();
    assertThat(keeper.view().damaged())
        .extracting(CopiesView.Damaged::file)
        .containsExactly(morning.getFileName().toString());
  }

  @Test
  void two_folders_may_share_a_second_place() throws IOException {
    var drive = Files.createDirectory(path.resolveSibling("shared-" + path.getFileName()));
    keeper.copyIfDue();
    keeper.nameSecondPlace(drive.toString());
    var other = new SecondPlace(new DataFolder(Files.createDirectory(path.resolve("other"))));
    other.name(drive.toString());
    assertThat(Copies.in(other.copies().orElseThrow())).isEmpty();
    assertThat(Copies.in(new SecondPlace(folder).copies().orElseThrow())).hasSize(1);
  }
}
