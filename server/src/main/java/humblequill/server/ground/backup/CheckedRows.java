package humblequill.server.ground.backup;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Looks at the rows of a database: documents must be readable, references must lead somewhere. */
final class CheckedRows {
  /** Long texts that are no documents. */
  private static final Set<String> PLAIN = Set.of("NAME.SPELLINGS", "QUOTA.BEST", "RECALL_OWN.SVG");

  /** Documents that are kept as their file was written; all others are JSON. */
  private static final Set<String> YAML_FILES =
      Set.of("BENCH_TEMPLATE.DOCUMENT", "PIECE_TEMPLATE.DOCUMENT");

  private static final ObjectMapper JSON = JsonMapper.builder().build();
  private static final ObjectMapper YAML = YAMLMapper.builder().build();

  /**
   * A reference that the database itself does not hold, and how one that leads nowhere is mended.
   */
  private record Reference(String what, String leadsNowhere, String mend, String does) {}

  private static final List<Reference> REFERENCES =
      List.of(
          new Reference(
              "Answers to rules of entries that are gone",
              "select count(*) from rule_answer where entry_id not in (select id from entry)",
              "delete from rule_answer where entry_id not in (select id from entry)",
              "remove them"),
          new Reference(
              "Sittings of entries that are gone",
              "select count(*) from sitting where entry_id is not null and entry_id not in (select id from entry)",
              "update sitting set entry_id = null where entry_id not in (select id from entry)",
              "let them stand without an entry"),
          new Reference(
              "Quotas that follow one that is gone",
              "select count(*) from quota where again_of is not null and again_of not in (select id from quota)",
              "update quota set again_of = null where again_of not in (select id from quota)",
              "let them stand by themselves"));

  private final Connection connection;
  private final Findings findings;

  CheckedRows(Connection connection, Findings findings) {
    this.connection = connection;
    this.findings = findings;
  }

  void look() throws SQLException, IOException {
    documents();
    references();
  }

  /** A column that holds documents. */
  private record Column(String table, String name) {
    String called() {
      return table + "." + name;
    }

    boolean reads(String text) {
      try {
        var reader = YAML_FILES.contains(called()) ? YAML : JSON;
        return text == null || text.isEmpty() || reader.readTree(text) != null;
      } catch (JacksonException e) {
        return false;
      }
    }
  }

  private void documents() throws SQLException {
    for (var column : columns()) {
      var key = key(column.table);
      try (var statement = connection.createStatement();
          var rows =
              statement.executeQuery(
                  "select " + column.name + ", " + key + " from " + column.table)) {
        while (rows.next()) {
          if (!column.reads(rows.getString(1))) {
            findings.left(
                column.table
                    + " "
                    + rows.getString(2)
                    + ": what is stored of it ("
                    + column.name
                    + ") cannot be read. A copy from before may have it whole.");
          }
        }
      }
    }
  }

  private List<Column> columns() throws SQLException {
    var found = new ArrayList<Column>();
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select table_name, column_name from information_schema.columns"
                    + " where table_schema = 'PUBLIC' and data_type = 'CHARACTER LARGE OBJECT'"
                    + " order by 1, 2")) {
      while (rows.next()) {
        var column = new Column(rows.getString(1), rows.getString(2));
        if (!PLAIN.contains(column.called())) {
          found.add(column);
        }
      }
    }
    return found;
  }

  /** The columns that tell a table's rows apart, as one text. */
  private String key(String table) throws SQLException {
    var columns = new ArrayList<String>();
    try (var key = connection.getMetaData().getPrimaryKeys(null, "PUBLIC", table)) {
      while (key.next()) {
        columns.add("cast(" + key.getString("COLUMN_NAME") + " as varchar)");
      }
    }
    return columns.isEmpty() ? "''" : String.join(" || ' ' || ", columns);
  }

  /** The title that a document tells; empty if it tells none. */
  static String title(String document) {
    try {
      return JSON.readTree(document).path("title").asString("");
    } catch (JacksonException e) {
      return "";
    }
  }

  private void references() throws SQLException, IOException {
    for (var reference : REFERENCES) {
      long count;
      try (var statement = connection.createStatement();
          var rows = statement.executeQuery(reference.leadsNowhere())) {
        rows.next();
        count = rows.getLong(1);
      }
      if (count == 0) {
        continue;
      }
      findings.mendable(
          reference.what() + ": " + count + ".",
          reference.does(),
          () -> {
            try (var statement = connection.createStatement()) {
              statement.execute(reference.mend());
            }
            return true;
          });
    }
  }
}
