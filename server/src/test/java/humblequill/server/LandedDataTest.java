package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A database that the version of schema 3 wrote opens and shows the same figures as that version
 * did. Database and answers were recorded with it, on the same day; both hold rows of every table
 * and every kind of plan change, promise and sitting.
 */
class LandedDataTest {
  private static final String NOW = "2026-03-05T12:00:00Z";
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static String unpacked(String name) throws IOException {
    try (var in = LandedDataTest.class.getResourceAsStream("/landed/" + name);
        var zip = new GZIPInputStream(in)) {
      return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /** A data folder with the database of version 3 as it was. */
  static Path folder() throws IOException, SQLException {
    var folder = RunningQuill.temporaryFolder();
    var script = folder.resolve("v3.sql");
    Files.writeString(script, unpacked("v3.sql.gz"));
    try (var connection =
            DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("quill"), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute("runscript from '" + script + "'");
    }
    Files.createDirectories(folder.resolve("courses"));
    try (var course = LandedDataTest.class.getResourceAsStream("/landed/lantern-week.yaml")) {
      Files.copy(course, folder.resolve("courses/lantern-week.yaml"));
    }
    return folder;
  }

  @Test
  void every_screen_shows_the_same_figures() throws IOException, SQLException {
    var recorded = JSON.readTree(unpacked("v3-answers.json.gz"));
    try (var quill = RunningQuill.start(folder(), "--quill.now=" + NOW)) {
      var api = new Api(port(quill));
      var differences = new ArrayList<String>();
      recorded
          .properties()
          .forEach(answer -> compare(api, answer.getKey(), answer.getValue(), differences));
      assertThat(differences).isEmpty();
    }
  }

  private static int port(ConfigurableApplicationContext quill) {
    return quill.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
  }

  private static void compare(Api api, String asked, JsonNode before, List<String> differences) {
    if (asked.startsWith("LINE 26 hulls")) {
      // A topic's own name is the topic by now, unless an exercise of that name is planned.
      return;
    }
    if (asked.startsWith("LINE ")) {
      var line = api.post("/api/log-line", Map.of("line", asked.substring(5)));
      var now = (ObjectNode) line.json();
      now.set("phrases", LandedAnswers.withoutChoices(now.path("phrases")));
      differ(asked, LandedAnswers.line(before), now, differences);
    } else if (before.isString()) {
      var old = before.asString();
      var now =
          asked.equals("/api/export")
              ? asBefore(api.get(asked).body(), old)
              : api.get(asked).body();
      if (!LandedAnswers.withoutStamps(now).equals(LandedAnswers.withoutStamps(old))) {
        differences.add(asked + ": " + firstDifference(old, now));
      }
    } else {
      var moved = LandedAnswers.moved(asked, before);
      if (!moved.address().isEmpty()) {
        differ(asked, moved.answer(), now(api, moved.address()), differences);
      }
    }
  }

  /** The list of promises told all of each then; by now each has an address of its own for that. */
  private static JsonNode now(Api api, String address) {
    var now = api.get(address).json();
    if (!address.equals("/api/quotas")) {
      return now;
    }
    var whole = JSON.createArrayNode();
    now.forEach(line -> whole.add(api.get(address + "/" + line.path("id").asString()).json()));
    return whole;
  }

  /** A CSV file with no columns but those of an older one. */
  private static String asBefore(String file, String older) {
    var format = CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").setHeader().get();
    try (var records = format.parse(new StringReader(file));
        var before = format.parse(new StringReader(older))) {
      var columns = before.getHeaderNames();
      var out = new StringWriter();
      var printer = CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").get().print(out);
      printer.printRecord(columns);
      for (var record : records) {
        printer.printRecord(columns.stream().map(record::get));
      }
      return out.toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String firstDifference(String old, String now) {
    var a = LandedAnswers.withoutStamps(old).lines().toList();
    var b = LandedAnswers.withoutStamps(now).lines().toList();
    for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
      if (!a.get(i).equals(b.get(i))) {
        return a.get(i) + " -> " + b.get(i);
      }
    }
    return a.size() + " lines -> " + b.size();
  }

  /** Whatever was told before is told still; what is new beside it is left alone. */
  private static void differ(String where, JsonNode before, JsonNode now, List<String> out) {
    var old = leaves(before);
    var fresh = leaves(now);
    old.forEach(
        (path, value) -> {
          if (!value.equals(fresh.getOrDefault(path, value.isEmpty() ? "" : null))
              && !LandedAnswers.named(where, path, value)) {
            out.add(where + " " + path + ": " + value + " -> " + fresh.get(path));
          }
        });
  }

  private static Map<String, String> leaves(JsonNode node) {
    var leaves = new TreeMap<String, String>();
    collect("", node, leaves);
    return leaves;
  }

  private static void collect(String path, JsonNode node, Map<String, String> leaves) {
    if (LandedAnswers.isWritten(node)) {
      leaves.put(path, LandedAnswers.written(node));
    } else if (node.isObject()) {
      node.properties().forEach(e -> collect(path + "." + e.getKey(), e.getValue(), leaves));
    } else if (node.isArray()) {
      leaves.put(path + ".size", Integer.toString(node.size()));
      for (int i = 0; i < node.size(); i++) {
        collect(path + "[" + i + "]", node.get(i), leaves);
      }
    } else if (!node.isNull()) {
      leaves.put(path, node.isNumber() ? rounded(node) : node.asString());
    }
  }

  private static String rounded(JsonNode number) {
    return String.format(java.util.Locale.ROOT, "%.9g", number.asDouble());
  }
}
