package humblequill.server.ground.migration;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.ground.data.Schema;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * From each version with a row in each of its tables to the newest: every value that stood there
 * stands there still, but for what a migration says that it changes.
 */
class EveryUpgradeTest {
  private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");

  /** What a migration drops or changes on purpose: table or column, and why. */
  private static final Map<String, String> ON_PURPOSE =
      Map.ofEntries(
          Map.entry("appointment.poses", "V5: poses are read; see MigrationTest"),
          Map.entry("entry.poses", "V5: poses are read; see MigrationTest"),
          Map.entry("entry.note", "V5: poses that cannot be read become a note"),
          Map.entry("entry.medium_id", "V5: names that entries use get an identity"),
          Map.entry("plan_change.changes", "V5: documents get lasting forms; see MigrationTest"),
          Map.entry("quota.document", "V5: documents get lasting forms; see MigrationTest"),
          Map.entry("sitting.begun", "V5: documents get lasting forms; see MigrationTest"),
          Map.entry("sitting.events", "V5: documents get lasting forms; see MigrationTest"),
          Map.entry("sitting.steps", "V5: documents get lasting forms; see MigrationTest"),
          Map.entry("topics.document", "V5: topics get an identity; see MigrationTest"),
          Map.entry("word", "V6: words that were put right are spellings of names by then"),
          Map.entry("rule_answer.quota_id", "V9: a rule is told of the entry, whoever asks"),
          Map.entry("shown_picture.practice_day", "V11: a picture is shown once a set, not a day"),
          Map.entry("reference_picture.bytes", "V12: -1 lets all be looked at again"));

  @Test
  void the_version_that_the_program_writes_is_that_of_the_newest_migration() throws IOException {
    try (var files = Files.list(MIGRATIONS)) {
      int newest =
          files
              .map(f -> f.getFileName().toString())
              .filter(name -> name.matches("V\\d+__.*"))
              .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf("__"))))
              .max()
              .orElseThrow();
      assertThat(Schema.VERSION).as("Schema.VERSION").isEqualTo(newest);
    }
  }

  @Test
  void every_value_of_every_table_of_every_version_lives_on() throws SQLException, IOException {
    var changed = new TreeSet<String>();
    for (int version = 1; version <= Schema.VERSION; version++) {
      try (var connection = Upgraded.filled(version)) {
        var before = all(connection);
        assertThat(before.entrySet())
            .as("a row of every table of version " + version)
            .noneMatch(table -> table.getValue().isEmpty());
        Upgraded.migrate(connection, "latest");
        changed.addAll(changed(before, all(connection)));
      }
    }
    assertThat(changed).as("changed or lost").isEqualTo(new TreeSet<>(ON_PURPOSE.keySet()));
  }

  private static Map<String, List<Map<String, String>>> all(Connection connection)
      throws SQLException {
    var all = new TreeMap<String, List<Map<String, String>>>();
    for (var table : Upgraded.tables(connection)) {
      all.put(table, Upgraded.rows(connection, table));
    }
    return all;
  }

  /** Columns with a value that is found no more; a table that is gone stands for its columns. */
  private static Set<String> changed(
      Map<String, List<Map<String, String>>> before, Map<String, List<Map<String, String>>> after) {
    var changed = new TreeSet<String>();
    before.forEach(
        (table, rows) -> {
          if (!after.containsKey(table)) {
            changed.add(table);
            return;
          }
          for (var row : rows) {
            row.forEach(
                (column, value) -> {
                  if (after.get(table).stream().noneMatch(r -> same(r, column, value))) {
                    changed.add(table + "." + column);
                  }
                });
          }
        });
    return changed;
  }

  private static boolean same(Map<String, String> row, String column, String value) {
    return row.containsKey(column) && Objects.equals(row.get(column), value);
  }
}
