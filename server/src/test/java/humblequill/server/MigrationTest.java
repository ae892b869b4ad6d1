package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** Rows of earlier versions live on. */
class MigrationTest {
  private static Flyway flyway(String url, String target) {
    return Flyway.configure().dataSource(url, "sa", "").target(target).load();
  }

  @Test
  void a_placement_of_version_1_becomes_a_main_course_with_the_whole_weight() throws SQLException {
    var url = "jdbc:h2:mem:migration;DB_CLOSE_DELAY=-1";
    flyway(url, "1").migrate();
    try (var connection = DriverManager.getConnection(url, "sa", "");
        var statement = connection.createStatement()) {
      statement.execute(
          "insert into placement (id, course_id, title, document, start_day, placed_at) values "
              + "(random_uuid(), 'c', 'C', '{}', date '2026-03-02', current_timestamp)");
      flyway(url, "latest").migrate();
      var rows = statement.executeQuery("select side, weight, settled_until from placement");
      assertThat(rows.next()).isTrue();
      assertThat(rows.getBoolean("side")).isFalse();
      assertThat(rows.getInt("weight")).isEqualTo(100);
      assertThat(rows.getObject("settled_until")).isNull();
    }
  }
}
