package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is asked for again, over HTTP, with the clock set forward. */
class RecallApiTest extends ClockedTest {
  private static final String PLATE = "/api/recall/wanted/PLATE/";

  RecallApiTest() {
    super(72);
  }

  private List<String> due() {
    return api.get("/api/recall")
        .json()
        .path("due")
        .valueStream()
        .map(d -> d.path("id").asString())
        .toList();
  }

  private JsonNode line(String id) {
    return api.get("/api/recall")
        .json()
        .path("things")
        .valueStream()
        .filter(s -> s.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private List<String> pins(String plate) {
    return api.get("/api/recall/plates/" + plate)
        .json()
        .path("pins")
        .valueStream()
        .map(p -> p.path("id").asString())
        .toList();
  }

  @Test
  void a_plate_is_asked_for_on_the_next_day_and_then_ever_more_seldom() {
    var wanted = api.put(PLATE + "skull-front", Map.of("way", "DRAW"));
    assertThat(wanted.status()).as(wanted.body()).isEqualTo(200);
    assertThat(due()).as("not today").doesNotContain("skull-front");
    api = RunningQuill.at("2026-03-06T10:00:00Z");
    assertThat(due()).contains("skull-front");
    var all = pins("skull-front");
    var drawn = api.post("/api/recall/plates/skull-front/drawn", Map.of("got", all));
    assertThat(drawn.json().path("due").asString()).isEqualTo("2026-03-09");
    assertThat(due()).doesNotContain("skull-front");
    api = RunningQuill.restartedAt("2026-03-09T10:00:00Z");
    assertThat(due()).contains("skull-front");
    var mostly = api.post("/api/recall/plates/skull-front/drawn", Map.of("got", all.subList(0, 8)));
    assertThat(mostly.json().path("due").asString())
        .as("eight of ten keep the step")
        .isEqualTo("2026-03-12");
    assertThat(line("skull-front").path("times").asInt()).isEqualTo(2);
    var other = Map.of("got", List.of("keel"));
    assertThat(api.post("/api/recall/plates/skull-front/drawn", other).body())
        .contains("no pin of this plate");
    api.put("/api/recall/resting", Map.of("resting", true));
    api = RunningQuill.at("2026-03-20T10:00:00Z");
    assertThat(due()).isEmpty();
    api.put("/api/recall/resting", Map.of("resting", false));
    assertThat(due()).contains("skull-front");
    api.delete(PLATE + "skull-front");
    assertThat(due()).doesNotContain("skull-front");
    assertThat(line("skull-front").path("way").isNull()).isTrue();
  }

  @Test
  void pins_are_placed_and_named_each_by_itself() {
    api.put(PLATE + "boat", Map.of("way", "NAME"));
    api = RunningQuill.at("2026-03-07T10:00:00Z");
    var plate = "/api/recall/plates/boat";
    assertThat(verdict("keel", "heel")).as("no other plate has one").isEqualTo("WRONG");
    assertThat(verdict("keel", "KEEL")).isEqualTo("RIGHT");
    assertThat(verdict("tiller", "tillre")).isEqualTo("SLIP");
    assertThat(verdict("rail", "gunwale")).isEqualTo("RIGHT");
    assertThat(verdict("bow", "stern")).isEqualTo("WRONG");
    assertThat(api.post(plate + "/named", Map.of("pin", "sail", "answer", "sail")).status())
        .isEqualTo(400);
    assertThat(
            api.post(plate + "/named", Map.of("pin", "keel", "answer", "x".repeat(301))).status())
        .isEqualTo(400);
    var keel = api.get(plate).json().path("pins").get(4);
    var there =
        Map.of("pin", "keel", "x", keel.path("x").asDouble(), "y", keel.path("y").asDouble());
    assertThat(api.post(plate + "/placed", there).json().path("right").asBoolean()).isTrue();
    assertThat(
            api.post(plate + "/placed", Map.of("pin", "keel", "x", 0.01, "y", 0.01))
                .json()
                .path("right")
                .asBoolean())
        .isFalse();
    assertThat(api.post(plate + "/placed", Map.of("pin", "keel", "x", 1.5, "y", 0)).status())
        .isEqualTo(400);
    api.delete(PLATE + "boat");
  }

  private String verdict(String pin, String answer) {
    return api.post("/api/recall/plates/boat/named", Map.of("pin", pin, "answer", answer))
        .json()
        .path("verdict")
        .asString();
  }

  @Test
  void an_order_is_put_right() {
    var path = "/api/recall/orders/build-a-head";
    var steps =
        new ArrayList<>(
            api.get(path).json().path("steps").valueStream().map(JsonNode::asString).toList());
    assertThat(api.put("/api/recall/wanted/ORDER/build-a-head", Map.of("way", "DRAW")).body())
        .contains("put in order");
    var right = api.post(path + "/ordered", Map.of("steps", steps));
    assertThat(right.json().path("right").asInt()).isEqualTo(steps.size());
    Collections.swap(steps, 0, 1);
    assertThat(api.post(path + "/ordered", Map.of("steps", steps)).json().path("right").asInt())
        .isEqualTo(steps.size() - 1);
  }

  @Test
  void what_is_not_there_is_said() {
    assertThat(api.get("/api/recall/plates/elbow").status()).isEqualTo(404);
    assertThat(api.get("/api/recall/orders/elbow").status()).isEqualTo(404);
    assertThat(api.put(PLATE + "elbow", Map.of("way", "DRAW")).status()).isEqualTo(404);
    assertThat(api.put(PLATE + "boat", Map.of("way", "SING")).status()).isEqualTo(400);
    assertThat(api.put("/api/recall/wanted/SONG/boat", Map.of("way", "DRAW")).status())
        .isEqualTo(400);
  }

  @Test
  void pictures_hold_nothing_that_runs_or_lies_outside() {
    for (var id : List.of("skeleton-front", "skull-front", "skull-side", "hand", "foot", "head")) {
      var svg = api.get("/api/recall/plates/" + id + "/picture").body();
      assertThat(svg).startsWith("<svg").doesNotContain("<script", "href", "onload", "url(");
    }
  }
}
