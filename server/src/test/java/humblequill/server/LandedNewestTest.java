package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.demo.DemoBooks;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A database that the landed version of schema 20 wrote opens and tells what was kept in it: the
 * demo's learner, recorded with that version. Only what was written is compared, not what is
 * reckoned from it. A later version of the schema is added beside it by a run with
 * quill.landed.write=true.
 */
class LandedNewestTest {
  private static final Path FOLDER = Path.of("src/test/resources/landed");
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final List<String> KEPT =
      List.of(
          "/api/export",
          "/api/names",
          "/api/settings",
          "/api/appointments",
          "/api/piece-templates",
          "/api/prompt-pages",
          "/api/sittings/settings",
          "/api/bench/templates",
          "/api/rankings",
          "/api/what-for/goals",
          "/api/what-for/open-ends");

  @Test
  void what_was_written_is_told() throws Exception {
    if (Boolean.getBoolean("quill.landed.write")) {
      write();
    }
    var folder = RunningQuill.temporaryFolder();
    var script = folder.resolve("landed.sql");
    Files.writeString(script, unpacked("v20.sql.gz"));
    try (var connection =
            DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("quill"), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute("runscript from '" + script + "'");
    }
    try (var quill = RunningQuill.start(folder)) {
      var told = JSON.readTree(unpacked("v20-kept.json.gz"));
      var differences = new ArrayList<String>();
      told.properties()
          .forEach(
              e -> {
                if (!e.getValue().asString().equals(told(quill, e.getKey()))) {
                  differences.add(e.getKey());
                }
              });
      assertThat(told.size()).isEqualTo(KEPT.size() + histories(quill).size());
      assertThat(differences).isEmpty();
    }
  }

  private static String told(ConfigurableApplicationContext quill, String address) {
    var body = new Api(port(quill)).get(address).body();
    return address.equals("/api/export") ? body : sorted(JSON.readTree(body)).toString();
  }

  private static int port(ConfigurableApplicationContext quill) {
    return quill.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
  }

  /** Fields in the order of their names, without those that are only told now. */
  private static JsonNode sorted(JsonNode node) {
    if (node.isArray()) {
      var array = JSON.createArrayNode();
      node.forEach(n -> array.add(sorted(n)));
      return array;
    }
    if (!node.isObject()) {
      return node;
    }
    var fields = new TreeMap<String, JsonNode>();
    node.properties().forEach(e -> fields.put(e.getKey(), sorted(e.getValue())));
    ObjectNode object = JSON.createObjectNode();
    fields.forEach(object::set);
    return object;
  }

  private static List<String> histories(ConfigurableApplicationContext quill) {
    return new Api(port(quill))
        .get("/api/course").json().findValuesAsString("placement").stream()
            .distinct()
            .map(id -> "/api/course/" + id + "/history")
            .toList();
  }

  private static void write() throws Exception {
    var folder = RunningQuill.temporaryFolder();
    var kept = JSON.createObjectNode();
    try (var quill = RunningQuill.start(folder, "--quill.demo=true", "--quill.demo.pictures=0")) {
      quill.getBean(DemoBooks.class).await();
      for (var address : KEPT) {
        kept.put(address, told(quill, address));
      }
      for (var address : histories(quill)) {
        kept.put(address, told(quill, address));
      }
    }
    var script = folder.resolve("script.sql");
    try (var connection =
            DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("quill"), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute("script nosettings to '" + script + "'");
    }
    pack("v20.sql.gz", Files.readString(script));
    pack("v20-kept.json.gz", kept.toString());
  }

  private static void pack(String name, String text) throws IOException {
    try (var zip = new GZIPOutputStream(Files.newOutputStream(FOLDER.resolve(name)))) {
      zip.write(text.getBytes(StandardCharsets.UTF_8));
    }
  }

  private static String unpacked(String name) throws IOException {
    try (var zip = new GZIPInputStream(Files.newInputStream(FOLDER.resolve(name)))) {
      return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
