package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** How sittings felt, what made one sit down, and what suits; over HTTP. */
class FeltSittingTest extends ClockedTest {
  FeltSittingTest() {
    super(71);
  }

  private UUID drawn(String begin, String end, Object... more) {
    var id = UUID.randomUUID();
    api = RunningQuill.at(begin);
    var begun = api.post("/api/sittings", SittingApiTest.sitting(id, more));
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    var path = "/api/sittings/" + id + "/felt";
    assertThat(api.put(path, felt(4, 2)).status()).as("not over yet").isEqualTo(409);
    api = RunningQuill.at(end);
    assertThat(api.get("/api/today").status()).isEqualTo(200);
    return id;
  }

  private static Map<String, Object> felt(Integer energy, Integer was) {
    var felt = new HashMap<String, Object>();
    felt.put("energy", energy);
    felt.put("was", was);
    return felt;
  }

  private JsonNode lookedBack() {
    return api.get("/api/look-back/sittings").json();
  }

  @Test
  void a_sitting_is_kept_with_how_it_felt_and_what_led_to_it() {
    int before = lookedBack().path("sittings").asInt();
    var id =
        drawn(
            "2026-03-05T14:00:00Z",
            "2026-03-05T14:30:00Z",
            "energy",
            2,
            "dread",
            4,
            "cue",
            "after the lamp is lit",
            "where",
            "kitchen table");
    var path = "/api/sittings/" + id;
    assertThat(api.put(path + "/felt", felt(4, 2)).status()).isEqualTo(204);
    assertThat(api.put(path + "/felt", felt(6, 2)).status()).isEqualTo(400);
    assertThat(api.put(path + "/felt", felt(4, 2)).status()).as("told twice").isEqualTo(204);
    var told = api.get(path).json().path("felt");
    assertThat(told.path("energyBefore").asInt()).isEqualTo(2);
    assertThat(told.path("energyAfter").asInt()).isEqualTo(4);
    assertThat(told.path("dread").asInt()).isEqualTo(4);
    assertThat(told.path("was").asInt()).isEqualTo(2);
    var back = lookedBack();
    assertThat(back.path("sittings").asInt()).isEqualTo(before + 1);
    assertThat(back.path("cues").get(0).path("cue").asString()).isEqualTo("after the lamp is lit");
    assertThat(back.path("cues").get(0).path("led").asInt()).isEqualTo(1);
    assertThat(back.path("where").path("groups").get(0).path("name").asString())
        .isEqualTo("kitchen table");
    assertThat(back.path("longest").path("minutes").asInt()).isEqualTo(10);
    var habits = api.get("/api/sittings/told").json();
    assertThat(habits.path("cues").get(0).asString()).isEqualTo("after the lamp is lit");
    api.delete("/api/entries/" + id + "?version=0");
    assertThat(lookedBack().path("sittings").asInt())
        .as("without its entry it is no sitting any more")
        .isEqualTo(before);
  }

  @Test
  void the_smallest_page_says_so_and_asks_nothing() {
    var id = drawn("2026-03-05T15:00:00Z", "2026-03-05T15:20:00Z", "little", true);
    assertThat(api.get("/api/sittings/" + id).json().path("little").asBoolean()).isTrue();
  }
}
