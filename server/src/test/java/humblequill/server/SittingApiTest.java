package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Sittings through the API, with the clock set forward between starts. */
class SittingApiTest extends ClockedTest {
  SittingApiTest() {
    super(70);
  }

  static Map<String, Object> sitting(UUID id, Object... more) {
    var sitting = new HashMap<String, Object>();
    sitting.put("id", id);
    sitting.put("plan", Map.of("kind", "ALL_QUICK", "minutes", 10, "secondsEach", 60));
    sitting.put("title", "Gulls");
    sitting.put("topic", "gulls");
    sitting.put("timeOnly", false);
    sitting.put("aim", "one line for the back");
    sitting.put("cue", "");
    sitting.put("drill", "NONE");
    sitting.put("source", "photo");
    sitting.put("references", "CABINET");
    sitting.put("cabinet", "ACTION");
    sitting.put("seed", 7);
    for (int i = 0; i < more.length; i += 2) {
      sitting.put((String) more[i], more[i + 1]);
    }
    return sitting;
  }

  private JsonNode press(UUID id, String press, int known) {
    return api.post("/api/sittings/" + id + "/press", Map.of("press", press, "known", known))
        .json();
  }

  @Test
  void a_sitting_survives_the_night_of_the_machine_and_logs_itself() {
    var id = UUID.randomUUID();
    var begun = api.post("/api/sittings", sitting(id));
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    assertThat(begun.json().path("drawings").asInt()).isEqualTo(10);
    assertThat(begun.json().path("left").get(9).path("picture").asString()).contains("seed=16");
    assertThat(api.post("/api/sittings", sitting(id)).status()).as("told twice").isEqualTo(201);
    assertThat(api.post("/api/sittings", sitting(UUID.randomUUID())).json().path("code").asString())
        .isEqualTo("sitting-open");
    api = RunningQuill.restartedAt("2026-03-05T10:04:30Z");
    var later = api.get("/api/sittings/current").json().path("sitting");
    assertThat(later.path("step").asInt()).isEqualTo(4);
    assertThat(later.path("drawn").asInt()).isEqualTo(4);
    api = RunningQuill.at("2026-03-05T13:00:00Z");
    var today = api.get("/api/today").json().path("entries");
    assertThat(today.size()).isEqualTo(1);
    assertThat(today.get(0).path("fields").path("drawings").asInt()).isEqualTo(10);
    assertThat(today.get(0).path("fields").path("minutes").asInt()).isEqualTo(10);
    var poses = today.get(0).path("fields").path("poses").get(0);
    assertThat(poses.path("count").asInt()).isEqualTo(10);
    assertThat(poses.path("secondsEach").asInt()).isEqualTo(60);
    assertThat(api.get("/api/sittings/current").json().path("sitting").isNull()).isTrue();
    assertThat(api.get("/api/sittings/" + id).json().path("entryId").asString())
        .isEqualTo(id.toString());
  }

  @Test
  void pause_skip_and_finish_are_taken_once() {
    var id = UUID.randomUUID();
    api.post("/api/sittings", sitting(id));
    assertThat(press(id, "PAUSE", 0).path("paused").asBoolean()).isTrue();
    assertThat(press(id, "PAUSE", 0).path("events").asInt()).as("a retry").isEqualTo(1);
    api = RunningQuill.at("2026-03-05T11:00:00Z");
    assertThat(press(id, "RESUME", 1).path("step").asInt()).isZero();
    var skipped = press(id, "SKIP", 2);
    assertThat(skipped.path("skipped").asInt()).isEqualTo(1);
    assertThat(skipped.path("left").get(0).path("picture").asString()).contains("seed=8");
    api = RunningQuill.at("2026-03-05T11:03:20Z");
    var over = press(id, "FINISH", 3);
    assertThat(over.path("over").asBoolean()).isTrue();
    assertThat(api.get("/api/entries/" + id).json().path("fields").path("drawings").asInt())
        .isEqualTo(3);
  }

  @Test
  void of_parts_each_shows_its_own_and_others_what_was_chosen() {
    var parts = List.of("hands", "feet", "gulls' wings");
    var plan = Map.of("kind", "PARTS_ONLY", "minutes", 6, "secondsEach", 120, "parts", parts);
    var ladder = api.post("/api/sittings/ladder", plan).json().path("rungs");
    assertThat(ladder.get(0).path("cabinet").asString()).isEqualTo("HAND");
    assertThat(ladder.get(2).path("cabinet").isNull()).isTrue();
    var left =
        api.post("/api/sittings", sitting(UUID.randomUUID(), "plan", plan)).json().path("left");
    assertThat(left.get(0).path("picture").asString()).contains("seed=7&kind=HAND");
    assertThat(left.get(1).path("picture").asString()).contains("seed=8&kind=FOOT");
    assertThat(left.get(2).path("picture").asString()).contains("seed=9&kind=ACTION");
  }

  @Test
  void left_at_once_it_logs_nothing_and_can_be_discarded() {
    var id = UUID.randomUUID();
    api.post("/api/sittings", sitting(id));
    press(id, "FINISH", 0);
    assertThat(api.get("/api/today").json().path("entries").size()).isZero();
    var other = UUID.randomUUID();
    api.post("/api/sittings", sitting(other));
    assertThat(api.delete("/api/sittings/" + other).status()).isEqualTo(204);
    assertThat(api.get("/api/sittings/" + other).status()).isEqualTo(404);
  }

  @Test
  void the_last_free_sitting_is_offered_again() {
    assertThat(api.get("/api/sittings/last").json().path("begun").isNull()).isTrue();
    var plan = Map.of("kind", "CLIMBING", "minutes", 30);
    var free = sitting(UUID.randomUUID(), "free", true, "plan", plan);
    api.post("/api/sittings", free);
    api = RunningQuill.at("2026-03-05T11:00:00Z");
    var promised = UUID.randomUUID();
    assertThat(api.post("/api/sittings", sitting(promised, "free", false)).status()).isEqualTo(201);
    var last = api.get("/api/sittings/last").json().path("begun");
    assertThat(last.path("plan").path("kind").asString()).isEqualTo("CLIMBING");
    assertThat(last.path("cabinet").asString()).isEqualTo("ACTION");
  }

  @Test
  void poses_of_many_lengths_are_logged_each_with_its_own() {
    var rows = new ArrayList<Map<String, Object>>();
    for (int i = 0; i < 40; i++) {
      rows.add(Map.of("count", 1, "seconds", 61 + i));
    }
    var id = UUID.randomUUID();
    api.post("/api/sittings", sitting(id, "plan", Map.of("kind", "OWN", "rows", rows)));
    api = RunningQuill.at("2026-03-05T13:00:00Z");
    assertThat(api.get("/api/today").status()).isEqualTo(200);
    var entry = api.get("/api/entries/" + id).json().path("fields");
    assertThat(entry.path("drawings").asInt()).isEqualTo(40);
    assertThat(entry.path("poses").size()).isEqualTo(40);
    assertThat(entry.path("poses").get(0).path("secondsEach").asInt()).isEqualTo(61);
  }

  @Test
  void a_sitting_whose_exercise_is_gone_is_logged_under_its_title() {
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-05"));
    var plan = api.get("/api/course").json().path("followed").get(0).path("placement").asString();
    var before = exercises();
    var change = UUID.randomUUID();
    var warmUp = Map.of("kind", "WARM_UP", "week", "1", "topic", "gulls", "minutes", 30);
    var body = Map.of("id", change, "changes", List.of(warmUp), "reason", "");
    assertThat(api.post("/api/course/" + plan + "/changes", body).status()).isEqualTo(204);
    var exercise = exercises().stream().filter(e -> !before.contains(e)).findFirst().orElseThrow();
    var id = UUID.randomUUID();
    var begun = api.post("/api/sittings", sitting(id, "exerciseId", exercise));
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    assertThat(api.delete("/api/course/changes/" + change).status()).isEqualTo(204);
    api = RunningQuill.at("2026-03-05T11:00:00Z");
    assertThat(api.get("/api/today").status()).isEqualTo(200);
    var entry = api.get("/api/entries/" + id).json().path("fields");
    assertThat(entry.path("drawings").asInt()).isEqualTo(10);
    assertThat(entry.path("exerciseId").isNull()).isTrue();
    assertThat(entry.path("topic").asString()).isEqualToIgnoringCase("Gulls");
  }

  private List<String> exercises() {
    var named = api.get("/api/course").json().path("exercises");
    return named.valueStream().map(e -> e.path("exerciseId").asString()).toList();
  }

  @Test
  void a_sitting_of_a_day_that_lies_ahead_now_is_logged_on_today() {
    zone("Pacific/Auckland");
    api = RunningQuill.at("2026-03-05T20:00:00Z");
    var id = UUID.randomUUID();
    assertThat(api.post("/api/sittings", sitting(id)).json().path("day").asString())
        .isEqualTo("2026-03-06");
    zone("UTC");
    api = RunningQuill.at("2026-03-05T21:00:00Z");
    assertThat(
            api.get("/api/today")
                .json()
                .path("entries")
                .get(0)
                .path("fields")
                .path("day")
                .asString())
        .isEqualTo("2026-03-05");
  }

  private void zone(String zone) {
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.withObjectProperty("time").put("zone", zone);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
  }

  @Test
  void breaks_follow_the_settings() {
    var plan = Map.of("kind", "ALL_QUICK", "minutes", 60, "secondsEach", 300);
    var usual = api.post("/api/sittings/ladder", plan).json();
    assertThat(usual.path("seconds").asInt()).isEqualTo(3600);
    assertThat(usual.path("rungs").findValuesAsString("kind")).contains("BREAK");
    api.put(
        "/api/sittings/settings",
        Map.of("breakEveryMinutes", 90, "breakMinutes", 5, "sound", false, "flash", true));
    assertThat(
            api.post("/api/sittings/ladder", plan).json().path("rungs").findValuesAsString("kind"))
        .doesNotContain("BREAK");
    var bad = Map.of("breakEveryMinutes", 5, "breakMinutes", 5, "sound", false, "flash", true);
    assertThat(api.put("/api/sittings/settings", bad).json().path("field").asString())
        .isEqualTo("breakEveryMinutes");
  }

  @Test
  void what_cannot_be_a_sitting_is_refused() {
    var nothing = sitting(UUID.randomUUID(), "topic", " ");
    assertThat(api.post("/api/sittings", nothing).json().path("field").asString())
        .isEqualTo("topic");
    var untitled = sitting(UUID.randomUUID(), "title", " ");
    assertThat(api.post("/api/sittings", untitled).json().path("field").asString())
        .isEqualTo("title");
    var blank = sitting(UUID.randomUUID(), "exerciseId", " ", "topic", null);
    assertThat(api.post("/api/sittings", blank).json().path("field").asString())
        .isEqualTo("exerciseId");
    var without = new HashMap<String, Object>(Map.of("kind", "OWN"));
    var rowless = sitting(UUID.randomUUID(), "plan", without);
    assertThat(api.post("/api/sittings", rowless).json().path("field").asString())
        .isEqualTo("rows");
    var unknown = sitting(UUID.randomUUID(), "exerciseId", "nowhere");
    assertThat(api.post("/api/sittings", unknown).json().path("value").asString())
        .isEqualTo("nowhere");
    var own = sitting(UUID.randomUUID(), "plan", Map.of("kind", "OWN", "rows", List.of()));
    assertThat(api.post("/api/sittings", own).json().path("detail").asString())
        .contains("at least one pose");
    var tired = sitting(UUID.randomUUID(), "energy", 9);
    assertThat(api.post("/api/sittings", tired).json().path("value").asString()).isEqualTo("9");
    assertThat(api.get("/api/sittings/current").json().path("sitting").isNull()).isTrue();
  }
}
