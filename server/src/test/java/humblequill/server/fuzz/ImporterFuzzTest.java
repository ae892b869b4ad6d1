package humblequill.server.fuzz;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.Api;
import humblequill.server.RunningQuill;
import humblequill.server.book.picture.Pictures;
import humblequill.server.ground.backup.Import;
import humblequill.server.ground.backup.Restore;
import humblequill.server.ground.backup.Watched;
import humblequill.server.ground.data.DataFolder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/**
 * Good files of every kind that is read, with bytes spoiled, cut out, doubled or strewn in: each is
 * taken, or refused in words without a trace.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ImporterFuzzTest {
  private static final int TEXTS = Integer.getInteger("quill.fuzz.texts", 20);
  private static final int ARCHIVES = Integer.getInteger("quill.fuzz.archives", 3);
  private static final long SEED = Long.getLong("quill.fuzz.seed", 20260305L);
  private static final List<String> STREWN =
      List.of(
          "\"",
          ",",
          "\r\n",
          "\u0000",
          ": ",
          "- ",
          "&a ",
          "*a",
          "{",
          "[",
          "NaN",
          "-1",
          "9".repeat(40),
          "\ufeff",
          "\ud83d");

  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String DRAWING =
      "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 60 40\">"
          + "<g stroke=\"#222\"><path d=\"M5 5C9 9 20 2 30 30\"/><circle cx=\"9\" cy=\"9\" r=\"4\"/></g></svg>";

  private final Path folder = RunningQuill.temporaryFolder();
  private final Random random = new Random(SEED);
  private ConfigurableApplicationContext quill;
  private Api api;

  @BeforeAll
  void start() {
    quill = RunningQuill.start(folder, "--quill.demo=true", "--quill.demo.pictures=0");
    api = RunningQuill.api(quill);
  }

  @AfterAll
  void stop() {
    quill.close();
  }

  private byte[] spoiled(byte[] good) {
    var bytes = good;
    for (int i = 1 + random.nextInt(4); i > 0 && bytes.length > 0; i--) {
      int at = random.nextInt(bytes.length);
      bytes =
          switch (random.nextInt(4)) {
            case 0 -> spliced(bytes, at, at + 1, new byte[] {(byte) random.nextInt(256)});
            case 1 -> spliced(bytes, at, at + 1 + random.nextInt(40), new byte[0]);
            case 2 -> spliced(bytes, at, at, Arrays.copyOfRange(bytes, at, end(bytes, at + 30)));
            default ->
                spliced(bytes, at, at, STREWN.get(random.nextInt(STREWN.size())).getBytes(UTF_8));
          };
    }
    return bytes;
  }

  private static int end(byte[] bytes, int end) {
    return Math.min(bytes.length, end);
  }

  /** Bytes of which some are replaced. */
  private static byte[] spliced(byte[] bytes, int from, int to, byte[] by) {
    var all = new ByteArrayOutputStream();
    all.write(bytes, 0, from);
    all.writeBytes(by);
    all.write(bytes, end(bytes, to), bytes.length - end(bytes, to));
    return all.toByteArray();
  }

  private HttpResponse<byte[]> send(String method, String path, String type, byte[] body) {
    try {
      return CLIENT.send(
          HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + api.port() + path))
              .header("Content-Type", type)
              .method(method, HttpRequest.BodyPublishers.ofByteArray(body))
              .build(),
          HttpResponse.BodyHandlers.ofByteArray());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private void takenOrRefused(String path, String type, byte[] good) {
    takenOrRefused(good, file -> send("POST", path, type, file));
  }

  /** A file that comes as text within what a page sends. */
  private void takenOrRefused(String path, String good, Function<String, Object> body) {
    takenOrRefused(
        good.getBytes(UTF_8),
        file ->
            send(
                "PUT",
                path + UUID.randomUUID(),
                "application/json",
                JSON.writeValueAsBytes(body.apply(new String(file, UTF_8)))));
  }

  private void takenOrRefused(byte[] good, Function<byte[], HttpResponse<byte[]>> sending) {
    var data = new Watched(quill.getBean(DataSource.class));
    for (int i = 0; i < TEXTS; i++) {
      var file = spoiled(good);
      var answer = sending.apply(file);
      var said = new String(answer.body(), UTF_8);
      var shown = new String(file, UTF_8);
      assertThat(answer.statusCode()).as(shown).isLessThan(500);
      assertThat(said).as(shown).doesNotContain("Exception").doesNotContain("\tat ");
      if (data.hasChanged()) {
        assertThat(answer.statusCode()).as("changed by: " + shown).isLessThan(400);
      }
    }
  }

  @Test
  void entries_as_csv() {
    var all = api.get("/api/export").body().lines().limit(12).toList();
    var fresh = String.join("\r\n", all).replaceAll("(?m)^[0-9a-f-]{36}", "") + "\r\n";
    takenOrRefused("/api/import?apply=true", "text/csv", fresh.getBytes(UTF_8));
  }

  @Test
  void a_course_as_yaml() {
    var course = api.get("/api/courses/ten-minutes-on-the-bench/file").body();
    var good = course.startsWith("{\"detail\"") ? "format: 2\nid: quay\n" : course;
    takenOrRefused(
        "/api/courses/import",
        "application/yaml",
        good.substring(0, Math.min(2500, good.length())).getBytes(UTF_8));
  }

  @Test
  void a_template_of_stages_and_one_of_landmarks() throws IOException {
    var stages =
        """
        format: 1
        name: Boat in evening light
        stages:
          - name: Thumbnails
            gate: Which one reads best at arm's length?
          - name: Finish
        """;
    takenOrRefused("/api/piece-templates/", stages, file -> Map.of("file", file));
    var landmarks = resource("bench/hull.yaml");
    takenOrRefused("/api/bench/templates/", landmarks, file -> Map.of("file", file));
  }

  @Test
  void a_plate_and_its_drawing() {
    var file = api.get("/api/recall/files/boat").body();
    takenOrRefused("/api/recall/files/", file, spoiled -> Map.of("file", spoiled, "svg", DRAWING));
    takenOrRefused("/api/recall/files/", DRAWING, spoiled -> Map.of("file", file, "svg", spoiled));
  }

  @Test
  void a_picture_of_a_page() throws IOException {
    takenOrRefused(
        Pictures.jpeg(9900),
        file ->
            send(
                "PUT",
                "/api/pictures/" + UUID.randomUUID() + "?name=page.jpg",
                "application/octet-stream",
                file));
  }

  private static String resource(String name) throws IOException {
    try (var in = ImporterFuzzTest.class.getResourceAsStream("/" + name)) {
      return new String(in.readAllBytes(), UTF_8);
    }
  }

  private interface Command {
    int run(DataFolder folder, PrintStream out);
  }

  private static void wellBehaved(Path data, Command command) throws IOException {
    var said = new ByteArrayOutputStream();
    int code = command.run(new DataFolder(data), new PrintStream(said, true, UTF_8));
    assertThat(code).isIn(0, 2);
    assertThat(said.toString(UTF_8))
        .isNotBlank()
        .doesNotContain("Exception")
        .doesNotContain("\tat ");
    assertThat(data.resolve("restoring")).doesNotExist();
    assertThat(data.resolve("restore.journal")).doesNotExist();
    assertThat(Files.exists(data.resolve("quill.mv.db"))).isEqualTo(code == 0);
  }

  @Test
  void everything_as_zip(@TempDir Path other) throws IOException {
    var good = send("GET", "/api/copies/whole", "x/x", new byte[0]).body();
    for (int i = 0; i < ARCHIVES; i++) {
      var file = Files.write(other.resolve(i + ".zip"), spoiled(good));
      var data = Files.createDirectories(other.resolve("data" + i));
      wellBehaved(data, (folder, out) -> Import.run(folder, file, out));
    }
  }

  @Test
  void a_copy(@TempDir Path other) throws IOException {
    api.post("/api/copies", "");
    Path copy;
    try (var copies = Files.list(folder.resolve("copies"))) {
      copy = copies.filter(f -> f.toString().endsWith(".zip")).findFirst().orElseThrow();
    }
    var good = Files.readAllBytes(copy);
    for (int i = 0; i < ARCHIVES; i++) {
      var data = other.resolve("data" + UUID.randomUUID());
      Files.createDirectories(data.resolve("copies"));
      Files.write(data.resolve("copies/quill-0001-2026-03-05-1000.zip"), spoiled(good));
      wellBehaved(data, (folder, out) -> Restore.run(folder, "1", out));
    }
  }
}
