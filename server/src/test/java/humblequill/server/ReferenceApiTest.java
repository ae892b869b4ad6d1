package humblequill.server;

import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The cabinet's pictures, and a folder of the learner's own. */
@ExtendWith(RunningQuill.class)
class ReferenceApiTest {
  /** 48 x 32 dots, written by a browser. */
  private static final String WEBP =
      "UklGRlgAAABXRUJQVlA4IEwAAACQBACdASowACAAPv1oqlArJiQitUgBYB+JZwDIICzay87VyrpQJbL9jTu6UAAA"
          + "/u0yP9L9UJ/qwqukb/P4fyFranQNru5df9hMsAAA";

  private static byte[] bytes(Api api, String path) throws IOException, InterruptedException {
    var request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + api.port() + path)).build();
    var answer = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray());
    assertThat(answer.statusCode()).isEqualTo(200);
    return answer.body();
  }

  @Test
  void a_figure_comes_as_svg_as_png_and_with_its_landmarks(Api api) throws Exception {
    var wish = "?seed=5&kind=STANDING&emphasis=LITTLE";
    var facts = api.get("/api/cabinet" + wish).json();
    assertThat(facts.path("landmarks").size()).isEqualTo(15);
    var svg =
        new String(
            bytes(api, "/api/cabinet/picture.svg" + wish), java.nio.charset.StandardCharsets.UTF_8);
    assertThat(svg).startsWith("<svg").endsWith("</svg>");
    var image =
        ImageIO.read(
            new ByteArrayInputStream(
                bytes(api, "/api/cabinet/picture.png" + wish + "&pixels=400")));
    assertThat(image.getWidth()).isEqualTo(400);
    var corner = image.getRGB(2, 2) & 0xFFFFFF;
    var knee = facts.path("landmarks").get(11);
    int seen =
        image.getRGB(
            (int) (knee.path("x").asDouble() * 0.4), (int) (knee.path("y").asDouble() * 0.4));
    assertThat(seen & 0xFFFFFF).as("where a knee is, there is no bare paper").isNotEqualTo(corner);
    assertThat(api.get("/api/cabinet?seed=1&kind=DRAGON").json().path("field").asString())
        .isEqualTo("kind");
    for (var missing : List.of("/api/cabinet?seed=1", "/api/cabinet?seed=1&kind=")) {
      assertThat(api.get(missing).json().path("detail").asString()).isEqualTo("kind must be said.");
    }
  }

  @Test
  void a_folder_is_gone_through_and_what_is_broken_is_listed(Api api, @TempDir Path folder)
      throws IOException {
    var whole = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 12; i++) {
      ImageIO.write(
          whole,
          i % 2 == 0 ? "png" : "jpg",
          folder.resolve("quay " + i + (i % 2 == 0 ? ".png" : ".jpg")).toFile());
    }
    var file = Files.readAllBytes(folder.resolve("quay 0.png"));
    Files.write(folder.resolve("cut.png"), Arrays.copyOf(file, file.length / 2));
    var webp = Base64.getDecoder().decode(WEBP);
    Files.write(folder.resolve("phone.webp"), webp);
    Files.write(folder.resolve("phone cut.webp"), Arrays.copyOf(webp, webp.length / 2));
    Files.writeString(folder.resolve("text.jpg"), "no picture");
    Files.writeString(folder.resolve("notes.txt"), "left alone");
    Files.createSymbolicLink(folder.resolve("gone"), folder.resolve("nowhere"));
    var before = Files.getLastModifiedTime(folder.resolve("quay 0.png"));
    assertThat(api.put("/api/references/folder", Map.of("path", folder.toString())).status())
        .isEqualTo(200);
    var view = finished(api);
    assertThat(view.path("pictures").asInt()).isEqualTo(13);
    assertThat(view.path("of").asInt()).isEqualTo(16);
    assertThat(view.path("broken").findValuesAsString("path"))
        .containsExactlyInAnyOrder("cut.png", "phone cut.webp", "text.jpg");
    assertThat(Files.getLastModifiedTime(folder.resolve("quay 0.png"))).isEqualTo(before);
    var none = api.put("/api/references/folder", Map.of("path", folder + "/nowhere"));
    assertThat(none.status()).isEqualTo(400);
    assertThat(none.json().path("detail").asString()).contains("nowhere").contains("no folder");
    assertThat(
            api.put("/api/references/folder", Map.of("path", "")).json().path("pictures").asInt())
        .isZero();
  }

  @Test
  void a_picture_is_handed_out_as_it_lies_in_the_folder_and_only_from_there(
      Api api, @TempDir Path folder) throws Exception {
    var quay = folder.resolve("quay.png");
    var boat = folder.resolve("boat.webp");
    var red = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
    red.setRGB(3, 4, 0xFF0000);
    ImageIO.write(red, "png", quay.toFile());
    Files.write(boat, Base64.getDecoder().decode(WEBP));
    var chosen = Map.of("path", folder.toString());
    api.put("/api/references/folder", chosen);
    assertThat(finished(api).path("pictures").asInt()).isEqualTo(2);
    var id = UUID.randomUUID();
    var plan = Map.of("kind", "ALL_QUICK", "minutes", 2, "secondsEach", 60);
    var begun =
        api.post(
            "/api/sittings",
            Map.ofEntries(
                entry("id", id),
                entry("plan", plan),
                entry("title", "Boats"),
                entry("topic", "boats"),
                entry("timeOnly", false),
                entry("aim", ""),
                entry("cue", ""),
                entry("drill", "NONE"),
                entry("source", "photo"),
                entry("references", "FOLDER"),
                entry("seed", 3)));
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    var addresses = begun.json().path("left").findValuesAsString("picture");
    assertThat(addresses).hasSize(2).doesNotHaveDuplicates();
    assertThat(List.of(bytes(api, addresses.get(0)), bytes(api, addresses.get(1))))
        .containsExactlyInAnyOrder(Files.readAllBytes(quay), Files.readAllBytes(boat));
    assertThat(addresses.stream().map(a -> api.get(a).raw().headers().firstValue("Content-Type")))
        .containsExactlyInAnyOrder(Optional.of("image/png"), Optional.of("image/webp"));
    api.delete("/api/sittings/" + id);

    Files.delete(boat);
    assertThat(addresses.stream().map(a -> api.get(a).status())).containsOnlyOnce(404);
    api.put("/api/references/folder", chosen);
    assertThat(finished(api).path("pictures").asInt()).as("gone through again").isEqualTo(1);
    assertThat(api.delete("/api/references/folder/run").json().path("pictures").asInt())
        .as("what was found stays when the search is stopped")
        .isEqualTo(1);
    var nothing = api.get("/api/references/pictures/" + UUID.randomUUID());
    assertThat(nothing.status()).isEqualTo(404);
    api.put("/api/references/folder", Map.of("path", ""));
    assertThat(addresses.stream().map(a -> api.get(a).status())).containsOnly(404);
  }

  @Test
  void an_odd_file_costs_only_itself_and_a_linked_folder_is_followed_once(
      Api api, @TempDir Path folder) throws IOException {
    var real = Files.createDirectories(folder.resolve("real"));
    var picture = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
    ImageIO.write(picture, "png", real.resolve("quay.png").toFile());
    var deep = real;
    for (int i = 0; i < 5; i++) {
      deep = deep.resolve("x".repeat(220));
    }
    Files.createDirectories(deep);
    ImageIO.write(picture, "png", deep.resolve("deep.png").toFile());
    Files.writeString(real.resolve("line\nbreak.png"), "no picture");
    Files.createSymbolicLink(real.resolve("system.png"), Path.of("/etc/passwd"));
    var link = Files.createSymbolicLink(folder.resolve("link"), real);
    assertThat(api.put("/api/references/folder", Map.of("path", link.toString())).status())
        .isEqualTo(200);
    var view = finished(api);
    assertThat(view.path("path").asString()).isEqualTo(real.toRealPath().toString());
    assertThat(view.path("pictures").asInt()).isEqualTo(1);
    assertThat(view.path("broken").valueStream().map(f -> Api.said(f.path("reason"))))
        .containsExactlyInAnyOrder("has too long a path", "is no picture that can be read");
    assertThat(view.path("broken").toString()).doesNotContain(folder.toString());
    api.put("/api/references/folder", Map.of("path", ""));
  }

  private static JsonNode finished(Api api) {
    for (int i = 0; i < 10_000; i++) {
      var view = api.get("/api/references/folder").json();
      if (!view.path("running").asBoolean()) {
        return view;
      }
      Thread.onSpinWait();
    }
    return Assertions.fail("the folder was not gone through");
  }
}
