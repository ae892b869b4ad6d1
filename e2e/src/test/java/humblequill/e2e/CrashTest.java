package humblequill.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** What survives the worst, and what keeps a second run out. */
class CrashTest {
  private static final int ROUNDS = 2;
  private static final int WRITERS = 4;
  private static final int WRITES_BEFORE_KILL = 40;

  /** One long day, as each start of a process of its own takes as long as ten other tests. */
  @Test
  void what_was_acknowledged_outlives_kills_a_second_run_and_a_copy_put_back() throws Exception {
    var folder = Quill.folder();
    Set<UUID> acknowledged = ConcurrentHashMap.newKeySet();
    for (int round = 0; round < ROUNDS; round++) {
      writeUntilKilled(QuillProcess.start(folder), acknowledged);
    }
    assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(ROUNDS * WRITES_BEFORE_KILL);
    var later = UUID.randomUUID();
    try (var quill = QuillProcess.start(folder)) {
      allAreThere(quill, acknowledged);
      awaitCopy(folder);
      assertThat(quill.json("POST", "/api/copies", "").statusCode()).isEqualTo(200);
      write(quill, later);
      aSecondRunIsRefused(folder, quill);
      quill.kill();
    }
    assertThat(QuillProcess.say(folder, "--restore").text()).contains("2026-03-05");
    assertThat(QuillProcess.say(folder, "--restore", "2026-03-04").exit()).isEqualTo(2);
    var restored = QuillProcess.say(folder, "--restore", "2026-03-05");
    assertThat(restored.text()).contains("every row of it was read").contains("before-restore-");
    try (var again = QuillProcess.start(folder)) {
      allAreThere(again, acknowledged);
      assertThat(again.get("/api/entries/" + later).statusCode()).isEqualTo(404);
    }
  }

  private static void allAreThere(Quill quill, Set<UUID> acknowledged) {
    for (var id : acknowledged) {
      assertThat(quill.get("/api/entries/" + id).statusCode()).isEqualTo(200);
    }
  }

  private static void aSecondRunIsRefused(Path folder, QuillProcess quill) throws Exception {
    quill.collectGarbage();
    var said = QuillProcess.say(folder, "--port", Integer.toString(Quill.freePort()));
    assertThat(said.exit()).isEqualTo(2);
    assertThat(said.text())
        .contains("in use")
        .contains(folder.toString())
        .doesNotContain("Exception");
    assertThat(quill.get("/api/today").statusCode()).isEqualTo(200);
  }

  private static void writeUntilKilled(QuillProcess quill, Set<UUID> acknowledged)
      throws InterruptedException {
    var written = new CountDownLatch(WRITES_BEFORE_KILL);
    var writers = Executors.newFixedThreadPool(WRITERS);
    for (int i = 0; i < WRITERS; i++) {
      writers.execute(
          () -> {
            try {
              while (true) {
                var id = UUID.randomUUID();
                var body =
                    "{\"id\":\""
                        + id
                        + "\",\"fields\":{\"day\":\"2026-03-05\",\"drawings\":1,\"wentWrong\":\"\",\"nextTime\":\"\",\"note\":\"\"}}";
                if (quill.json("POST", "/api/entries", body).statusCode() == 201) {
                  acknowledged.add(id);
                  written.countDown();
                }
              }
            } catch (UncheckedIOException e) {
              // The server was killed under this writer, as intended.
            }
          });
    }
    assertThat(written.await(180, TimeUnit.SECONDS)).isTrue();
    quill.kill();
    writers.shutdown();
    assertThat(writers.awaitTermination(180, TimeUnit.SECONDS)).isTrue();
  }

  @Test
  void a_taken_port_an_unusable_folder_and_unknown_words_are_said_in_a_sentence() throws Exception {
    try (var taken = new ServerSocket(0, 1, java.net.InetAddress.getByName("127.0.0.1"))) {
      var said = QuillProcess.say(Quill.folder(), "--port", Integer.toString(taken.getLocalPort()));
      assertThat(said.exit()).isEqualTo(2);
      assertThat(said.text()).contains("Port " + taken.getLocalPort()).doesNotContain("Exception");
    }
    var file = Files.createFile(Quill.folder().resolve("file"));
    assertThat(QuillProcess.say(file.resolve("below")).text())
        .contains("cannot be written")
        .doesNotContain("at humblequill");
    assertThat(QuillProcess.say(Quill.folder(), "--port", "many").text()).contains("\"many\"");
    assertThat(QuillProcess.say(Quill.folder(), "sing").text()).contains("\"sing\"");
  }

  private static void write(Quill quill, UUID id) {
    var body =
        "{\"id\":\""
            + id
            + "\",\"fields\":{\"day\":\"2026-03-05\",\"drawings\":1,\"wentWrong\":\"\",\"nextTime\":\"\",\"note\":\"\"}}";
    assertThat(quill.json("POST", "/api/entries", body).statusCode()).isEqualTo(201);
  }

  private static void awaitCopy(Path folder) throws IOException, InterruptedException {
    var copies = folder.resolve("copies");
    Files.createDirectories(copies);
    try (var watch = copies.getFileSystem().newWatchService()) {
      copies.register(watch, java.nio.file.StandardWatchEventKinds.ENTRY_CREATE);
      while (!hasCopy(copies)) {
        assertThat(watch.poll(2, TimeUnit.MINUTES))
            .as("a copy, also on a busy machine")
            .isNotNull()
            .satisfies(key -> key.pollEvents())
            .satisfies(key -> key.reset());
      }
    }
  }

  /** The minute in its name depends on how long the start took. */
  private static boolean hasCopy(Path copies) throws IOException {
    try (var files = Files.list(copies)) {
      return files.anyMatch(f -> f.getFileName().toString().startsWith("quill-0001-2026-03-05-"));
    }
  }
}
