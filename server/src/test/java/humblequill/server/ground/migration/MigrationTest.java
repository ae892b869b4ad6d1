package humblequill.server.ground.migration;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Rows of every table of every version live on. Files in {@code rows} and {@code stored} hold what
 * those versions wrote; they are never changed.
 */
class MigrationTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** A database with the rows of versions 1 to some version, brought up to now. */
  private static Connection from(int version) throws SQLException, IOException {
    var connection = Upgraded.empty(0);
    for (int v = 1; v <= version; v++) {
      Upgraded.fillTo(connection, v);
    }
    var before = counts(connection);
    Upgraded.migrate(connection, "latest");
    var after = counts(connection);
    before.remove("word");
    assertThat(after).containsAllEntriesOf(before);
    return connection;
  }

  private static Map<String, Integer> counts(Connection connection) throws SQLException {
    var counts = new TreeMap<String, Integer>();
    var tables =
        "select lower(table_name) from information_schema.tables "
            + "where table_schema = 'PUBLIC' and table_name not like 'flyway%'";
    try (var names = connection.createStatement().executeQuery(tables)) {
      while (names.next()) {
        var rows =
            connection.createStatement().executeQuery("select count(*) from " + names.getString(1));
        rows.next();
        counts.put(names.getString(1), rows.getInt(1));
      }
    }
    return counts;
  }

  private static String one(Connection connection, String query) throws SQLException {
    var rows = connection.createStatement().executeQuery(query);
    return rows.next() ? rows.getString(1) : null;
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void no_row_of_any_table_is_lost(int version) throws SQLException, IOException {
    try (var connection = from(version)) {
      assertThat(counts(connection).values().stream().mapToInt(n -> n).sum()).isPositive();
      var dangling =
          "select count(*) from entry where (topic is not null and trim(topic) <> '' and topic_id is null) "
              + "or (medium is not null and trim(medium) <> '' and medium_id is null)";
      assertThat(one(connection, dangling)).isEqualTo("0");
    }
  }

  @Test
  void a_placement_of_version_1_becomes_a_main_course_with_the_whole_weight()
      throws SQLException, IOException {
    try (var connection = from(1)) {
      assertThat(one(connection, "select side || ' ' || weight from placement"))
          .isEqualTo("FALSE 100");
      assertThat(one(connection, "select settled_until from placement")).isNull();
    }
  }

  /** What each of two entries calls a field by name is one name, or two. */
  private static boolean same(Connection connection, String column, int one, int other)
      throws SQLException {
    var id = "select " + column + "_id from entry where id = '30000000-0000-4000-8000-00000000000";
    var first = one(connection, id + one + "'");
    return first != null && first.equals(one(connection, id + other + "'"));
  }

  @Test
  void spellings_of_a_name_become_one_name_and_others_stay_apart()
      throws SQLException, IOException {
    try (var connection = from(1)) {
      assertThat(same(connection, "medium", 1, 2)).as("Brush Pens, brush pen").isTrue();
      assertThat(same(connection, "medium", 4, 5)).as("Öl-Kreide, ol kreide").isTrue();
      assertThat(same(connection, "book", 1, 2)).as("Harbour Book, the grey one").isTrue();
      assertThat(same(connection, "medium", 2, 3)).as("brush pen, soft pastel").isFalse();
      assertThat(one(connection, "select medium from entry where id like '%1'"))
          .as("the text stays as it was written")
          .isEqualTo("Brush Pens");
      assertThat(one(connection, "select source_id from entry where id like '3%3'"))
          .as("an empty source is none")
          .isNull();
      var pastel =
          "select properties from name n join entry e on e.medium_id = n.id where e.id like '%3'";
      assertThat(one(connection, pastel)).contains("dusty");
    }
  }

  @Test
  void poses_are_read_and_what_no_program_can_read_becomes_a_note()
      throws SQLException, IOException {
    try (var connection = from(3)) {
      assertThat(one(connection, "select poses from entry where id like '3%2'"))
          .isEqualTo("10 x 30 s, 5 x 1:30 min");
      assertThat(one(connection, "select poses || note from entry where id like '3%5'"))
          .isEqualTo("nothing else; Poses: a few quick ones");
      assertThat(one(connection, "select poses from appointment where title = 'Life group'"))
          .isEqualTo("10 x 2 min, 2 x 10 min");
    }
  }

  /** A stored document; names in it that are known by id are shown by their text alone. */
  private static JsonNode document(Connection connection, String query) throws SQLException {
    return JSON.readTree(
        one(connection, query).replaceAll("\"id\":\"[0-9a-f-]{36}\",\"text\"", "\"text\""));
  }

  @Test
  void documents_are_written_in_their_lasting_forms() throws SQLException, IOException {
    try (var connection = from(3)) {
      assertThat(document(connection, "select changes from plan_change"))
          .isEqualTo(Upgraded.stored("changes"));
      assertThat(document(connection, "select document from quota"))
          .isEqualTo(Upgraded.stored("quota"));
      assertThat(document(connection, "select begun from sitting"))
          .isEqualTo(Upgraded.stored("sitting"));
      assertThat(document(connection, "select steps from sitting"))
          .isEqualTo(Upgraded.stored("steps"));
      assertThat(document(connection, "select events from sitting"))
          .isEqualTo(Upgraded.stored("presses"));
    }
  }

  @Test
  void topics_of_the_learner_keep_an_identity_by_which_entries_know_them()
      throws SQLException, IOException {
    try (var connection = from(3)) {
      var gulls = document(connection, "select document from topics").path("areas").path(1);
      assertThat(gulls.path("topics").path(0).path("name").asString()).isEqualTo("gulls");
      assertThat(one(connection, "select document from topics")).contains("\"id\"");
    }
  }
}
