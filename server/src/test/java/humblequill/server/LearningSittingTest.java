package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Sittings that learn from a resource or draw from a set of references. */
class LearningSittingTest extends ClockedTest {
  LearningSittingTest() {
    super(70);
  }

  private Map<String, Object> sitting(UUID id, Map<String, Object> plan) {
    var sitting = new HashMap<String, Object>();
    sitting.put("id", id);
    sitting.put("plan", plan);
    sitting.put("title", "hulls");
    sitting.put("topic", "hulls");
    sitting.put("timeOnly", false);
    sitting.put("aim", "");
    sitting.put("cue", "");
    sitting.put("drill", "NONE");
    sitting.put("references", "NONE");
    sitting.put("seed", 7);
    return sitting;
  }

  @Test
  void a_lesson_attempted_first_is_one_entry_that_says_so() {
    var id = UUID.randomUUID();
    var begun = sitting(id, Map.of("kind", "ATTEMPT_FIRST", "minutes", 24));
    begun.put("resource", "The patient eye");
    begun.put("unit", "LESSON");
    begun.put("unitFrom", 4);
    var answer = api.post("/api/sittings", begun);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    assertThat(answer.json().path("drawings").asInt()).isEqualTo(2);
    api = RunningQuill.at("2026-03-05T13:00:00Z");
    var fields = api.get("/api/entries/" + id).json().path("fields");
    assertThat(fields.path("resource").asString()).isEqualTo("The patient eye");
    assertThat(fields.path("drawings").asInt()).isEqualTo(2);
    assertThat(fields.path("study").path("how").asString()).isEqualTo("ATTEMPTED_FIRST");
    assertThat(fields.path("study").path("unitFrom").asInt()).isEqualTo(4);
  }

  @Test
  void pictures_of_a_set_that_were_not_used_come_first(@TempDir Path folder) throws IOException {
    Files.createDirectory(folder.resolve("hulls"));
    for (var name : List.of("hulls/a", "hulls/b", "hulls/c", "gull")) {
      var image = new BufferedImage(20, 20 + name.length(), BufferedImage.TYPE_INT_RGB);
      ImageIO.write(image, "png", folder.resolve(name + ".png").toFile());
    }
    api.put("/api/references/folder", Map.of("path", folder.toString()));
    while (api.get("/api/references/folder").json().path("running").asBoolean()) {
      Thread.onSpinWait();
    }
    var set = UUID.randomUUID();
    var fields = Map.of("name", "Hulls from low down", "within", "hulls/", "needed", 5);
    assertThat(
            api.put("/api/references/sets/" + set, Map.of("version", 0, "fields", fields)).status())
        .isEqualTo(204);
    assertThat(counts()).isEqualTo("3 there, 3 unused, 2 missing");
    var listed = api.get("/api/references/pictures").json();
    assertThat(listed.findValuesAsString("path"))
        .containsExactly("gull.png", "hulls/a.png", "hulls/b.png", "hulls/c.png");
    held(listed.get(0).path("id").asString());

    var id = UUID.randomUUID();
    var begun = sitting(id, Map.of("kind", "ALL_QUICK", "minutes", 2, "secondsEach", 60));
    begun.put("references", "FOLDER");
    begun.put("referenceSet", set);
    var first = api.post("/api/sittings", begun).json().path("left").findValuesAsString("picture");
    assertThat(first).hasSize(2);
    api = RunningQuill.at("2026-03-05T13:00:00Z");
    api.get("/api/today");
    assertThat(counts()).isEqualTo("3 there, 1 unused, 2 missing");
    begun.put("id", UUID.randomUUID());
    var second = api.post("/api/sittings", begun).json().path("left").findValuesAsString("picture");
    assertThat(first).doesNotContain(second.get(0));

    var stale = api.put("/api/references/sets/" + set, Map.of("version", 9, "fields", fields));
    assertThat(stale.status()).isEqualTo(409);
    var bad = Map.of("name", " ", "within", "", "needed", 0);
    assertThat(api.put("/api/references/sets/" + set, Map.of("version", 0, "fields", bad)).status())
        .isEqualTo(400);
    assertThat(api.delete("/api/references/sets/" + set).status()).isEqualTo(204);
  }

  @Test
  void what_a_set_of_the_cabinet_still_needs_is_counted_down() {
    var set = UUID.randomUUID();
    var fields =
        Map.of("name", "Backs", "within", "", "needed", 5, "cabinet", "STANDING", "view", "BACK");
    var put = api.put("/api/references/sets/" + set, Map.of("version", 0, "fields", fields));
    assertThat(put.status()).as(put.body()).isEqualTo(204);
    assertThat(counts()).isEqualTo("5 there, 5 unused, 0 missing");
    long seed = api.get("/api/references/sets").json().get(0).path("seed").asLong();

    var begun = sitting(UUID.randomUUID(), Map.of("kind", "ALL_QUICK", "minutes", 2));
    begun.put("plan", Map.of("kind", "ALL_QUICK", "minutes", 2, "secondsEach", 60));
    begun.put("references", "CABINET");
    begun.put("cabinet", "STANDING");
    begun.put("view", "BACK");
    begun.put("seed", seed);
    begun.put("referenceSet", set);
    var shown = api.post("/api/sittings", begun).json().path("left").findValuesAsString("picture");
    assertThat(shown.get(0)).contains("seed=" + seed, "view=BACK");
    api = RunningQuill.at("2026-03-05T13:00:00Z");
    api.get("/api/today");
    assertThat(counts()).isEqualTo("5 there, 3 unused, 0 missing");
    assertThat(api.get("/api/references/sets").json().get(0).path("seed").asLong())
        .as("those not drawn from yet come next")
        .isEqualTo(seed + 2);
    begun.put("id", UUID.randomUUID());
    begun.put("view", "FRONT");
    api.post("/api/sittings", begun);
    api = RunningQuill.at("2026-03-05T16:00:00Z");
    api.get("/api/today");
    assertThat(counts()).as("fronts are not of it").isEqualTo("5 there, 3 unused, 0 missing");
    api.delete("/api/references/sets/" + set);
  }

  /** A reference of the own folder takes landmarks by hand; upright is not known on it. */
  private void held(String picture) {
    var beak = Map.of("name", "chin", "x", .5, "y", .1);
    var tail = Map.of("name", "neck pit", "x", .5, "y", .6);
    var fields = new HashMap<String, Object>();
    fields.put("title", "Gull");
    fields.put("template", "figure");
    fields.put("reference", Map.of("from", "FOLDER", "picture", picture));
    fields.put("way", "UNAIDED");
    fields.put("pushed", false);
    fields.put("truth", List.of(beak, tail));
    fields.put("drawn", List.of(beak, tail));
    for (var list : List.of("invented", "hidden", "refused", "notes")) {
      fields.put(list, List.of());
    }
    var id = UUID.randomUUID();
    var kept = api.put("/api/bench/comparisons/" + id, Map.of("fields", fields));
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(kept.json().path("reference").path("address").asString()).endsWith(picture);
    assertThat(kept.json().path("plumb").asBoolean()).isFalse();
    assertThat(kept.json().path("held").path("counting").asInt()).isEqualTo(2);
  }

  private String counts() {
    JsonNode set = api.get("/api/references/sets").json().get(0);
    return set.path("there").asInt()
        + " there, "
        + set.path("unused").asInt()
        + " unused, "
        + set.path("missing").asInt()
        + " missing";
  }
}
