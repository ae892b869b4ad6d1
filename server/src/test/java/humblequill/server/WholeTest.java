package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.demo.DemoBooks;
import humblequill.server.ground.backup.Check;
import humblequill.server.ground.backup.Import;
import humblequill.server.ground.data.DataFolder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** Everything taken out of the demo and brought into an empty folder. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WholeTest {
  private static final List<String> SCREENS =
      List.of(
          "/api/today",
          "/api/days/2026-02-20",
          "/api/course",
          "/api/courses",
          "/api/topics",
          "/api/quotas",
          "/api/quotas/forecasts",
          "/api/quotas/prompts/words",
          "/api/entries?most=500",
          "/api/appointments",
          "/api/books",
          "/api/tray",
          "/api/pieces",
          "/api/piece-templates",
          "/api/prompt-pages",
          "/api/names",
          "/api/settings",
          "/api/sittings/last",
          "/api/sittings/settings",
          "/api/sittings/set-up",
          "/api/references/folder",
          "/api/references/sets",
          "/api/coverage?window=COURSE",
          "/api/shelf",
          "/api/bench/comparisons",
          "/api/bench/tendencies",
          "/api/bench/templates",
          "/api/bench/aims",
          "/api/bench/said",
          "/api/look-back/course-end",
          "/api/look-back/course-end/back",
          "/api/look-back/dips",
          "/api/look-back/months",
          "/api/look-back/runs",
          "/api/look-back/series",
          "/api/look-back/sittings",
          "/api/look-back/subjects",
          "/api/rankings",
          "/api/recall",
          "/api/reviews",
          "/api/reviews/today",
          "/api/what-for/goals",
          "/api/what-for/open-ends",
          "/api/what-for/pictures",
          "/api/today/little",
          "/api/search?text=crane",
          "/api/streaks");

  private final Path original = RunningQuill.temporaryFolder();
  private final Path file = original.resolveSibling(original.getFileName() + ".zip");
  private final Map<String, String> answers = new LinkedHashMap<>();
  @TempDir private static Path elsewhere;

  @BeforeAll
  void takeOut() throws Exception {
    try (var quill =
        RunningQuill.start(original, "--quill.demo=true", "--quill.demo.pictures=20")) {
      quill.getBean(DemoBooks.class).await();
      var api = api(quill);
      Files.createDirectories(original.resolve("courses"));
      Files.writeString(
          original.resolve("courses/quay.yaml"),
          """
          id: quay
          title: Quay
          summary: ""
          weeks:
            - title: Posts
              aim: ""
              topics: []
              exercises: []
          """);
      var fields =
          Map.of(
              "day",
              "2026-03-05",
              "drawings",
              1,
              "wentWrong",
              "=1+1",
              "nextTime",
              "'-2",
              "note",
              "\"a\",\nb ä");
      var id = "00000000-0000-4000-8000-000000000001";
      assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
          .isEqualTo(201);
      partsAndTemplates(api);
      toldOfTopics(api);
      for (var screen : SCREENS) {
        var answer = api.get(screen);
        assertThat(answer.status()).as(screen).isEqualTo(200);
        answers.put(screen, answer.body());
      }
      takenOut(api, file);
    }
  }

  /** A part before and one behind its picture in the order of ids, a template, a prompt's page. */
  private static void partsAndTemplates(Api api) {
    var picture =
        api.get("/api/tray").json().path("waiting").get(0).path("picture").path("id").asString();
    var corners =
        List.of(
            Map.of("x", .1, "y", .1),
            Map.of("x", .9, "y", .1),
            Map.of("x", .9, "y", .9),
            Map.of("x", .1, "y", .9));
    for (var id : List.of("00000000", "ffffffff")) {
      var part = Map.of("part", id + "-0000-4000-8000-000000000001", "sheet", sheet(corners));
      assertThat(api.post("/api/pictures/" + picture + "/parts", part).status()).isEqualTo(200);
    }
    var template = Map.of("file", "format: 1\nname: Quick\nstages:\n- name: All at once\n");
    var address = "/api/piece-templates/00000000-0000-4000-8000-000000000002";
    assertThat(api.put(address, template).status()).isEqualTo(200);
    var book = api.get("/api/books").json().get(0).path("id").asString();
    var place = Map.of("book", book, "number", 3, "beside", false);
    var prompt =
        api.get("/api/quotas").json().findValuesAsString("id").stream()
            .flatMap(id -> api.get("/api/quotas/" + id).json().path("prompts").valueStream())
            .map(p -> p.path("id").asString())
            .findFirst()
            .orElseThrow();
    assertThat(api.put("/api/prompt-pages/" + prompt, place).status()).isEqualTo(204);
  }

  private static void toldOfTopics(Api api) {
    var topic =
        api.get("/api/coverage?window=COURSE")
            .json()
            .path("areas")
            .get(0)
            .path("topics")
            .get(0)
            .path("id")
            .asString();
    var depth = api.put("/api/coverage/" + topic + "/depth", Map.of("depth", "GROUPED"));
    assertThat(depth.status()).isEqualTo(200);
    var weak = api.put("/api/coverage/" + topic + "/weak", Map.of("drawings", 12));
    assertThat(weak.status()).isEqualTo(200);
    var warmUp = Map.of("topic", "hulls", "imagined", true);
    var one = "00000000-0000-4000-8000-000000000003";
    assertThat(api.put("/api/warm-ups/" + one, warmUp).status()).isEqualTo(204);
    var file = Map.of("file", "format: 1\nname: Gull\nlandmarks: [{name: beak}, {name: tail}]\n");
    var three = "00000000-0000-4000-8000-000000000005";
    assertThat(api.put("/api/bench/templates/" + three, file).status()).isEqualTo(204);
    var fields = Map.of("name", "Hulls from low down", "within", "hulls", "needed", 26);
    var set = Map.of("version", 0, "fields", fields);
    var two = "00000000-0000-4000-8000-000000000004";
    assertThat(api.put("/api/references/sets/" + two, set).status()).isEqualTo(204);
  }

  private static Map<String, Object> sheet(List<Map<String, Double>> corners) {
    return Map.of("corners", corners, "evenLight", true);
  }

  private static void takenOut(Api api, Path file) throws IOException, InterruptedException {
    var request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + api.port() + "/api/copies/whole"))
            .build();
    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofFile(file));
  }

  @AfterAll
  void clear() throws IOException {
    Files.deleteIfExists(file);
  }

  private static Api api(org.springframework.context.ConfigurableApplicationContext quill) {
    return RunningQuill.api(quill);
  }

  /** What the command says, and its exit code before it. */
  private String brought(Path zip, Path into) {
    var said = new ByteArrayOutputStream();
    int code =
        Import.run(new DataFolder(into), zip, new PrintStream(said, true, StandardCharsets.UTF_8));
    return code + " " + said.toString(StandardCharsets.UTF_8);
  }

  @Test
  void all_screens_answer_the_same_in_the_folder_it_was_brought_into() throws Exception {
    var into = Files.createDirectories(elsewhere.resolve("same"));
    assertThat(brought(file, into)).startsWith("0 Brought in ");
    try (var quill = RunningQuill.start(into)) {
      var api = api(quill);
      for (var screen : SCREENS) {
        assertThat(api.get(screen).body()).as(screen).isEqualTo(answers.get(screen));
      }
      for (var waiting : api.get("/api/tray").json().path("waiting")) {
        var id = waiting.path("picture").path("id").asString();
        assertThat(api.get("/api/pictures/" + id).status()).isEqualTo(200);
      }
      var again = into.resolveSibling("again.zip");
      takenOut(api, again);
      assertThat(Files.mismatch(file, again)).isEqualTo(-1);
    }
    try (var names = Files.list(into)) {
      assertThat(names.map(f -> f.getFileName().toString()))
          .contains("courses", "quill.mv.db")
          .doesNotContain("restoring", "restore.journal", "before-restore-import");
    }
  }

  @Test
  void a_check_finds_nothing_wrong_in_the_demo() {
    var said = new ByteArrayOutputStream();
    int code =
        Check.run(
            new DataFolder(original), false, new PrintStream(said, true, StandardCharsets.UTF_8));
    assertThat(said.toString(StandardCharsets.UTF_8)).contains("All is well.");
    assertThat(code).isZero();
  }

  @Test
  void cells_that_a_spreadsheet_would_run_are_defused() throws IOException {
    try (var zip = FileSystems.newFileSystem(file)) {
      var entries = Files.readString(zip.getPath("/tables/entry.csv"));
      assertThat(entries).contains("\"'=1+1\"").contains("\"''-2\"");
    }
  }

  @Test
  void a_folder_that_holds_drawings_takes_nothing_in() throws IOException {
    assertThat(brought(file, original)).startsWith("2 ").contains("holds drawings already");
  }

  @Test
  void what_does_not_fit_is_named_and_leaves_the_folder_empty() throws IOException {
    refused("no-zip", zip -> Files.writeString(zip, "no zip"), "no ZIP file");
    refused("cut", WholeTest::cut, "no ZIP file");
    refused("missing", inZip("/tables/quota.csv", null), "it has no tables/quota.csv");
    refused("manifest", inZip("/whole.json", "{"), "whole.json in it cannot be read");
    refused(
        "newer", inZip("/whole.json", "{\"format\":1,\"schema\":999,\"rows\":{}}"), "newer Humble");
    refused("column", inZip("/tables/entry.csv", "\"speed\"\r\n\"3\"\r\n"), "no column \"speed\"");
    refused(
        "value", inZip("/tables/settings_day_minutes.csv", "\"settings_id\"\r\n\"many\""), "row 2");
  }

  private interface Spoiling {
    void spoil(Path zip) throws IOException;
  }

  private static void cut(Path zip) throws IOException {
    var all = Files.readAllBytes(zip);
    Files.write(zip, java.util.Arrays.copyOf(all, all.length / 2));
  }

  private static Spoiling inZip(String name, String content) {
    return zip -> {
      try (var inside = FileSystems.newFileSystem(zip)) {
        if (content == null) {
          Files.delete(inside.getPath(name));
        } else {
          Files.writeString(inside.getPath(name), content);
        }
      }
    };
  }

  private void refused(String name, Spoiling spoiling, String said) throws IOException {
    var zip = elsewhere.resolve(name + ".zip");
    Files.copy(file, zip);
    spoiling.spoil(zip);
    var into = Files.createDirectories(elsewhere.resolve("into-" + name));
    assertThat(brought(zip, into))
        .startsWith("2 ")
        .contains(said)
        .contains("Nothing was changed")
        .doesNotContain("Exception");
    assertThat(into).isEmptyDirectory();
  }
}
