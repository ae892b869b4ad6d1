package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The folder in which pictures arrive, over HTTP. */
@ExtendWith(RunningQuill.class)
class InboxApiTest {
  @TempDir Path folder;

  /** Written long enough ago to be whole, by the clock of the tests. */
  private void put(String name, byte[] bytes) throws IOException {
    var file = folder.resolve(name);
    Files.createDirectories(file.getParent());
    Files.write(file, bytes);
    Files.setLastModifiedTime(file, FileTime.from(Instant.parse("2026-03-01T10:00:00Z")));
  }

  private JsonNode choose(Api api, boolean those) {
    var answer = api.put("/api/inbox", Map.of("path", folder.toString(), "those", those));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private static JsonNode look(Api api) {
    return api.post("/api/inbox/look", null).json();
  }

  private static int waiting(Api api) {
    return api.get("/api/tray").json().path("waiting").size();
  }

  @Test
  void what_arrives_is_taken_in_once_and_the_folder_is_only_read(Api api) throws IOException {
    put("old.jpg", Pictures.jpeg(81));
    assertThat(choose(api, false).path("left").asInt()).as("what lay there before").isZero();
    int before = waiting(api);
    put("2026/quay.jpg", Pictures.jpeg(82));
    put("notes.txt", "no picture at all".getBytes());
    put("text.jpg", "a text under a wrong name".getBytes());
    put("phone.heic", new byte[] {0, 0, 0, 24, 'f', 't', 'y', 'p', 'h', 'e', 'i', 'c', 0, 0});
    put("cut.png", new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    put("empty.webp", new byte[0]);
    var seen = look(api);
    assertThat(seen.path("taken").asInt()).isEqualTo(1);
    assertThat(seen.path("refused").valueStream().map(f -> f.path("path").asString()))
        .containsExactly("cut.png", "empty.webp", "phone.heic", "text.jpg");
    assertThat(seen.path("refused").valueStream().map(f -> Api.said(f.path("why"))))
        .allMatch(s -> s.startsWith("\"") && s.endsWith("."));
    assertThat(waiting(api)).isEqualTo(before + 1);
    assertThat(look(api).path("taken").asInt()).isZero();
    assertThat(Files.readAllBytes(folder.resolve("2026/quay.jpg"))).isEqualTo(Pictures.jpeg(82));

    put("text.jpg", Pictures.jpeg(83));
    Files.delete(folder.resolve("cut.png"));
    var mended = look(api);
    assertThat(mended.path("taken").asInt()).isEqualTo(1);
    assertThat(mended.path("refused")).hasSize(2);
  }

  @Test
  void a_picture_taken_out_does_not_come_back(Api api) throws IOException {
    choose(api, true);
    put("again.jpg", Pictures.jpeg(84));
    look(api);
    var id =
        api.get("/api/tray")
            .json()
            .path("waiting")
            .valueStream()
            .map(w -> w.path("picture"))
            .filter(p -> p.path("originalName").asString().equals("again.jpg"))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asString();
    assertThat(api.delete("/api/pictures/" + id).status()).isEqualTo(204);
    int before = waiting(api);
    assertThat(look(api).path("taken").asInt()).isZero();
    assertThat(waiting(api)).isEqualTo(before);
  }

  @Test
  void a_drive_that_was_away_brings_nothing_twice_and_nothing_back(Api api) throws IOException {
    put("before.jpg", Pictures.jpeg(86));
    choose(api, false);
    put("out.jpg", Pictures.jpeg(87));
    put("text.jpg", "no picture".getBytes());
    look(api);
    for (var waiting : api.get("/api/tray").json().path("waiting")) {
      if (waiting.path("picture").path("originalName").asString().equals("out.jpg")) {
        api.delete("/api/pictures/" + waiting.path("picture").path("id").asString());
      }
    }
    int before = waiting(api);
    for (var name : new String[] {"before.jpg", "out.jpg", "text.jpg"}) {
      Files.delete(folder.resolve(name));
    }
    assertThat(look(api).path("refused")).as("told as long as it lies there").isEmpty();
    put("before.jpg", Pictures.jpeg(86));
    put("out.jpg", Pictures.jpeg(87));
    put("out under another name.jpg", Pictures.jpeg(87));
    var seen = look(api);
    assertThat(seen.path("taken").asInt()).isZero();
    assertThat(seen.path("left").asInt()).isZero();
    assertThat(waiting(api)).isEqualTo(before);
  }

  @Test
  void many_come_a_few_at_a_time(Api api) throws IOException {
    for (int i = 0; i < 11; i++) {
      put("many" + i + ".jpg", Pictures.jpeg(100 + i));
    }
    assertThat(choose(api, true).path("left").asInt()).isEqualTo(11);
    var first = look(api);
    assertThat(first.path("taken").asInt()).isEqualTo(8);
    assertThat(first.path("left").asInt()).isEqualTo(3);
    assertThat(look(api).path("left").asInt()).isZero();
  }

  @Test
  void a_folder_that_vanishes_is_said_and_nothing_is_lost(Api api) throws IOException {
    put("kept.jpg", Pictures.jpeg(95));
    choose(api, true);
    look(api);
    int before = waiting(api);
    Files.move(folder, folder.resolveSibling("gone"));
    assertThat(look(api).path("gone").asBoolean()).isTrue();
    assertThat(api.get("/api/inbox").json().path("gone").asBoolean()).isTrue();
    assertThat(waiting(api)).isEqualTo(before);
    Files.move(folder.resolveSibling("gone"), folder);
    assertThat(look(api).path("gone").asBoolean()).isFalse();
    assertThat(waiting(api)).isEqualTo(before);
    assertThat(
            api.put("/api/inbox", Map.of("path", "", "those", false))
                .json()
                .path("path")
                .asString())
        .isEmpty();
  }

  @Test
  void what_cannot_be_an_inbox_is_refused_by_name(Api api) throws IOException {
    var data = api.get("/api/copies").json().path("folder").asString();
    for (var bad : new String[] {"/nowhere/at/all", data, "/"}) {
      var answer = api.put("/api/inbox", Map.of("path", bad, "those", false));
      assertThat(answer.status()).as(bad).isEqualTo(400);
      assertThat(answer.json().path("field").asString()).isEqualTo("path");
    }
  }
}
