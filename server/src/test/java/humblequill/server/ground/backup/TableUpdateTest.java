package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Schema;
import humblequill.server.ground.migration.NamesAndStoredForms;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Set;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An update of the tables that is broken off anywhere leaves the database as it was before. */
class TableUpdateTest {
  @TempDir private Path path;
  private DataFolder folder;

  @BeforeEach
  void make() throws IOException {
    folder = new DataFolder(path.resolve("data"));
    Files.createDirectories(folder.path());
  }

  private void migrate(int to) {
    Flyway.configure()
        .dataSource(folder.databaseUrl(), "sa", "")
        .locations("classpath:db/migration")
        .javaMigrations(new NamesAndStoredForms())
        .target(Integer.toString(to))
        .load()
        .migrate();
  }

  private void sql(String sql) throws SQLException {
    try (var connection = DriverManager.getConnection(folder.databaseUrl(), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private int version() throws SQLException {
    try (var connection = DriverManager.getConnection(folder.databaseUrl(), "sa", "")) {
      return TableUpdate.version(connection);
    }
  }

  /** What a start does before it opens the program. */
  private void begin() throws IOException, DataFolder.Unusable {
    new TableUpdate(folder).settle();
    Opening.check(folder);
  }

  private Set<String> names() throws IOException {
    try (var inside = Files.list(folder.path())) {
      return inside.map(f -> f.getFileName().toString()).collect(Collectors.toSet());
    }
  }

  @Test
  void a_first_start_that_is_broken_off_begins_again() throws Exception {
    begin();
    // The first table of the first script, and no word of it in the history.
    sql("create table settings(id int primary key)");
    assertThatThrownBy(() -> migrate(Schema.VERSION)).isInstanceOf(FlywayException.class);
    begin();
    migrate(Schema.VERSION);
    new TableUpdate(folder).end();
    assertThat(version()).isEqualTo(Schema.VERSION);
    assertThat(names()).containsExactly("quill.mv.db");
  }

  @Test
  void a_database_laid_into_the_folder_of_a_broken_off_first_start_stays() throws Exception {
    begin();
    migrate(Schema.VERSION - 1);
    sql("create table laid_there(id int primary key)");
    sql("insert into laid_there values (7)");
    begin();
    sql("delete from laid_there where id = 7");
    assertThat(version()).isEqualTo(Schema.VERSION - 1);
  }

  @Test
  void an_update_that_is_broken_off_goes_back_to_what_was_kept_before() throws Exception {
    migrate(Schema.VERSION - 1);
    sql("create table kept(id int primary key)");
    begin();
    sql("drop table kept");
    sql("create table half_made(id int primary key)");
    begin();
    sql("insert into kept values (7)");
    assertThatThrownBy(() -> sql("insert into half_made values (7)"))
        .isInstanceOf(SQLException.class);
    migrate(Schema.VERSION);
    new TableUpdate(folder).end();
    assertThat(names()).containsExactly("quill.mv.db");
  }

  @Test
  void what_was_written_after_a_completed_update_stays() throws Exception {
    migrate(Schema.VERSION - 1);
    begin();
    migrate(Schema.VERSION);
    sql("create table written_since(id int primary key)");
    begin();
    sql("insert into written_since values (7)");
    assertThat(names()).containsExactly("quill.mv.db");
  }

  /** The file of an earlier program, which could not be dropped then. */
  @Test
  void an_earlier_update_is_known_to_be_completed() throws Exception {
    migrate(Schema.VERSION - 1);
    Files.write(
        folder.path().resolve("before-update-to-" + (Schema.VERSION - 1) + ".mv.db"), new byte[0]);
    sql("create table written_since(id int primary key)");
    begin();
    sql("insert into written_since values (7)");
    assertThat(version()).isEqualTo(Schema.VERSION - 1);
  }

  @Test
  void a_database_that_does_not_open_is_left_as_it_is_and_told() throws Exception {
    begin();
    Files.writeString(folder.databaseFile(), "no database");
    assertThatThrownBy(this::begin)
        .isInstanceOf(DataFolder.Unusable.class)
        .hasMessageContaining("is damaged and does not open");
    assertThat(folder.databaseFile()).hasContent("no database");
  }

  @Test
  void a_database_that_is_up_to_date_is_not_kept_twice() throws Exception {
    migrate(Schema.VERSION);
    begin();
    assertThat(names()).containsExactly("quill.mv.db");
  }

  @Test
  void a_copy_that_was_not_finished_is_dropped() throws Exception {
    migrate(Schema.VERSION);
    Files.writeString(folder.path().resolve("before-update-to-16.part"), "half");
    begin();
    assertThat(names()).containsExactly("quill.mv.db");
  }
}
