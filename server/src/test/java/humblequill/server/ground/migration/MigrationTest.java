package humblequill.server.ground.migration;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.flywaydb.core.Flyway;
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
  private static final Pattern GAP = Pattern.compile("\\$\\{(\\w+)}");

  /** A database with the rows of versions 1 to some version, brought up to now. */
  private static Connection from(int version) throws SQLException, IOException {
    var url =
        "jdbc:h2:mem:migration-"
            + version
            + "-"
            + Math.abs(System.nanoTime())
            + ";DB_CLOSE_DELAY=-1";
    var connection = DriverManager.getConnection(url, "sa", "");
    for (int v = 1; v <= version; v++) {
      migrate(url, Integer.toString(v));
      connection.createStatement().execute(rows(v));
    }
    var before = counts(connection);
    migrate(url, "latest");
    var after = counts(connection);
    before.remove("word");
    assertThat(after).containsAllEntriesOf(before);
    return connection;
  }

  private static void migrate(String url, String target) {
    Flyway.configure()
        .dataSource(url, "sa", "")
        .target(target)
        .javaMigrations(new NamesAndStoredForms())
        .load()
        .migrate();
  }

  private static String rows(int version) throws IOException {
    return GAP.matcher(resource("rows/v" + version + ".sql"))
        .replaceAll(
            gap -> {
              var name = gap.group(1) + (gap.group(1).equals("topics") ? "-v2" : "-v3");
              return java.util.regex.Matcher.quoteReplacement(
                  compact(name).toString().replace("'", "''"));
            });
  }

  private static String resource(String name) throws IOException {
    try (var in = MigrationTest.class.getResourceAsStream("/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static JsonNode compact(String name) {
    try {
      return JSON.readTree(resource("stored/" + name + ".json"));
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
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
  void every_table_of_a_version_has_a_row_here() throws SQLException, IOException {
    try (var connection = from(3)) {
      var empty = new HashMap<>(counts(connection));
      empty
          .keySet()
          .removeAll(
              java.util.Set.of(
                  "name_change",
                  "settings_week",
                  "book",
                  "page",
                  "page_picture",
                  "grew_into",
                  "inbox",
                  "inbox_file",
                  "piece",
                  "piece_entry",
                  "piece_template",
                  "prompt_page",
                  "told_topic",
                  "told_resource",
                  "reference_set",
                  "shown_picture",
                  "comparison",
                  "bench_template",
                  "bench_aim",
                  "misread_word",
                  "week_review",
                  "month_review",
                  "look_back",
                  "phase_name",
                  "ranking",
                  "what_for",
                  "goal",
                  "open_end",
                  "own_subject",
                  "phase_boundary",
                  "recall_taken",
                  "recall_asked",
                  "recall_setting",
                  "recall_own",
                  "recall_day",
                  "warm_up"));
      assertThat(empty).doesNotContainValue(0);
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
          .isEqualTo(compact("changes"));
      assertThat(document(connection, "select document from quota")).isEqualTo(compact("quota"));
      assertThat(document(connection, "select begun from sitting")).isEqualTo(compact("sitting"));
      assertThat(document(connection, "select steps from sitting")).isEqualTo(compact("steps"));
      assertThat(document(connection, "select events from sitting")).isEqualTo(compact("presses"));
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
