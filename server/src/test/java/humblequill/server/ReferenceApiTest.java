package humblequill.server;

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
import java.util.Map;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The cabinet's pictures, and a folder of the learner's own. */
@ExtendWith(RunningQuill.class)
class ReferenceApiTest {
  private static byte[] bytes(Api api, String path) throws IOException, InterruptedException {
    var request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + api.port() + path)).build();
    var answer = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray());
    assertThat(answer.statusCode()).isEqualTo(200);
    return answer.body();
  }

  @Test
  void a_figure_comes_as_svg_as_png_and_with_its_landmarks(Api api) throws Exception {
    var wish = "?seed=5&kind=STANDING&foreshortening=LITTLE";
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
    Files.writeString(folder.resolve("text.jpg"), "no picture");
    Files.writeString(folder.resolve("notes.txt"), "left alone");
    Files.createSymbolicLink(folder.resolve("gone"), folder.resolve("nowhere"));
    var before = Files.getLastModifiedTime(folder.resolve("quay 0.png"));
    assertThat(api.put("/api/references/folder", Map.of("path", folder.toString())).status())
        .isEqualTo(200);
    var view = finished(api);
    assertThat(view.path("pictures").asInt()).isEqualTo(12);
    assertThat(view.path("of").asInt()).isEqualTo(14);
    assertThat(view.path("broken").findValuesAsString("path"))
        .containsExactlyInAnyOrder(
            folder.resolve("cut.png").toString(), folder.resolve("text.jpg").toString());
    assertThat(Files.getLastModifiedTime(folder.resolve("quay 0.png"))).isEqualTo(before);
    var none = api.put("/api/references/folder", Map.of("path", folder + "/nowhere"));
    assertThat(none.status()).isEqualTo(400);
    assertThat(none.json().path("detail").asString()).contains("nowhere").contains("no folder");
    assertThat(
            api.put("/api/references/folder", Map.of("path", "")).json().path("pictures").asInt())
        .isZero();
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
