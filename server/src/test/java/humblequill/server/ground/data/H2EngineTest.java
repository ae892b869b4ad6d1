package humblequill.server.ground.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.SQLException;
import org.h2.engine.Constants;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is reached in the database engine beyond JDBC still is what it was when it was tried. */
class H2EngineTest {
  @TempDir Path folder;

  @Test
  void it_was_tried_with_the_engine_that_ships() {
    assertThat(Constants.VERSION)
        .as("try FailingDiskTest and the benchmark of faults with the new engine, then name it")
        .isEqualTo(H2Engine.TRIED_WITH);
  }

  @Test
  void a_database_that_was_shut_has_lost_its_file_and_the_next_connection_opens_it_again()
      throws SQLException {
    var source = new OneDatabase("jdbc:h2:file:" + folder.resolve("quill"));
    try (var first = source.getConnection();
        var second = source.getConnection()) {
      first.createStatement().execute("create table kept (n int)");
      first.createStatement().execute("insert into kept values (1)");
      first.createStatement().execute("checkpoint sync");
      assertThat(OneDatabase.lives(first)).isTrue();
      H2Engine.shut(first);
      assertThat(OneDatabase.lives(first)).isFalse();
      assertThat(OneDatabase.lives(second)).as("all stand on one").isFalse();
      try (var third = source.getConnection();
          var rows = third.createStatement().executeQuery("select n from kept")) {
        assertThat(OneDatabase.lives(third)).isTrue();
        assertThat(rows.next()).isTrue();
      }
    }
  }
}
