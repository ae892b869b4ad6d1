package humblequill.server;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.util.ReflectionTestUtils;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A running application brought back to its first day, so that no test class meets another's data.
 */
final class EmptiedQuill {
  private static final String TABLES =
      "select table_name from information_schema.tables where table_schema = 'PUBLIC'"
          + " and table_type = 'BASE TABLE' and lower(table_name) <> 'flyway_schema_history'";

  private EmptiedQuill() {}

  static void empty(ApplicationContext context) {
    emptyTables(context.getBean(JdbcTemplate.class));
    emptyFolder(context.getBean(DataFolder.class).courses());
    forget(context);
  }

  /** Lets it read all anew that it holds in memory. */
  static void forget(ApplicationContext context) {
    @SuppressWarnings("unchecked")
    var held =
        (List<Remembered<?>>) ReflectionTestUtils.getField(context.getBean(Memory.class), "all");
    context
        .getBean(TransactionTemplate.class)
        .executeWithoutResult(
            status -> held.forEach(cache -> ReflectionTestUtils.invokeMethod(cache, "changed")));
  }

  private static void emptyTables(JdbcTemplate database) {
    database.execute("set referential_integrity false");
    database
        .queryForList(TABLES, String.class)
        .forEach(table -> database.execute("truncate table \"" + table + "\""));
    database.execute("set referential_integrity true");
  }

  private static void emptyFolder(Path folder) {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (var files = Files.list(folder)) {
      for (var file : files.toList()) {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
