package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.SQLException;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the made-up requests rest on: a change that is not seen would make them pass. */
class WatchedTest {
  @TempDir private Path folder;
  private final JdbcDataSource source = new JdbcDataSource();

  private void does(String statement) throws SQLException {
    try (var connection = source.getConnection();
        var said = connection.createStatement()) {
      said.execute(statement);
    }
  }

  @Test
  void every_change_is_seen_once_and_nothing_else() throws SQLException {
    source.setURL("jdbc:h2:file:" + folder.resolve("quill") + ";WRITE_DELAY=0");
    source.setUser("sa");
    try (var open = source.getConnection()) {
      does("create table page(id int primary key, note varchar)");
      does("insert into page values (1, 'hull')");
      var data = new Watched(source);
      assertThat(data.hasChanged()).isFalse();
      does("update page set note = 'mast'");
      assertThat(data.hasChanged()).isTrue();
      assertThat(data.hasChanged()).as("seen already").isFalse();
      does("select * from page");
      does("update page set note = 'mast'");
      assertThat(data.hasChanged()).as("written, but as it was").isFalse();
      open.setAutoCommit(false);
      open.createStatement().execute("delete from page");
      open.rollback();
      assertThat(data.hasChanged()).as("taken back").isFalse();
      does("delete from page");
      assertThat(data.hasChanged()).isTrue();
    }
  }
}
