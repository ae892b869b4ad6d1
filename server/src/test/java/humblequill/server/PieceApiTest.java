package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Staged pieces over HTTP. */
@ExtendWith(RunningQuill.class)
class PieceApiTest {
  private static Map<String, Object> stage(String name, boolean passed) {
    var stage = new HashMap<String, Object>();
    stage.put("id", UUID.randomUUID());
    stage.put("name", name);
    stage.put("gate", "Does it hold?");
    stage.put("passed", passed);
    stage.put("answer", "");
    stage.put("variants", List.of());
    stage.put("reason", "");
    return stage;
  }

  private static Map<String, Object> fields(String title, List<Map<String, Object>> stages) {
    var fields = new HashMap<String, Object>();
    fields.put("title", title);
    fields.put("about", "");
    fields.put("topic", "cranes");
    fields.put("ended", false);
    fields.put("stages", stages);
    return fields;
  }

  private static Api.Answer keep(Api api, UUID id, Object version, Map<String, Object> fields) {
    var body = new HashMap<String, Object>();
    body.put("version", version);
    body.put("fields", fields);
    return api.put("/api/pieces/" + id, body);
  }

  private static JsonNode today(Api api, UUID id) {
    return api.get("/api/today")
        .json()
        .path("pieces")
        .valueStream()
        .filter(p -> p.path("id").asString().equals(id.toString()))
        .findFirst()
        .orElse(tools.jackson.databind.node.MissingNode.getInstance());
  }

  @Test
  void a_piece_goes_on_gate_by_gate_and_its_minutes_are_told_by_stage(Api api) {
    var id = UUID.randomUUID();
    var stages = new ArrayList<>(List.of(stage("Masses", false), stage("Finish", false)));
    var begun = keep(api, id, null, fields("Crane", stages));
    assertThat(begun.status()).as(begun.body()).isEqualTo(200);
    assertThat(today(api, id).path("stage").asString()).isEqualTo("Masses");
    int[] minutes = {20, 35};
    for (int i = 0; i < 2; i++) {
      var entry =
          Map.of(
              "stage",
              stages.get(0).get("id"),
              "entry",
              UUID.randomUUID(),
              "fields",
              EntryApiTest.fields("topic", "cranes", "minutes", minutes[i]));
      assertThat(api.post("/api/pieces/" + id + "/entries", entry).status()).isEqualTo(200);
      assertThat(api.post("/api/pieces/" + id + "/entries", entry).status())
          .as("a retry logs nothing twice")
          .isEqualTo(200);
    }
    var drawn = api.get("/api/pieces/" + id).json();
    assertThat(drawn.path("stages").get(0).path("minutes").asInt()).isEqualTo(20 + 35);
    assertThat(drawn.path("stages").get(1).path("minutes").asInt()).isZero();

    var tooSoon = new ArrayList<>(stages);
    tooSoon.set(1, new HashMap<>(stages.get(1)));
    tooSoon.get(1).put("passed", true);
    long version = drawn.path("version").asLong();
    var refused = keep(api, id, version, fields("Crane", tooSoon));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("field").asString()).isEqualTo("stages");

    stages.get(0).put("passed", true);
    stages.get(0).put("answer", "they hang together");
    var passed = keep(api, id, version, fields("Crane", stages));
    assertThat(passed.status()).as(passed.body()).isEqualTo(200);
    assertThat(today(api, id).path("stage").asString()).isEqualTo("Finish");
    assertThat(keep(api, id, version, fields("Crane", stages)).status())
        .as("two tabs")
        .isEqualTo(409);
    assertThat(api.delete("/api/pieces/" + id).status()).isEqualTo(204);
    assertThat(today(api, id).isMissingNode()).isTrue();
    assertThat(api.post("/api/pieces/" + id + "/back", null).status()).isEqualTo(204);
    assertThat(today(api, id).path("minutes").asInt()).isEqualTo(55);
  }

  @Test
  void a_choice_among_variants_is_kept_and_must_be_one_of_them(Api api) {
    var id = UUID.randomUUID();
    var one = UUID.randomUUID();
    var stage = stage("Thumbnails", false);
    stage.put("variants", List.of(one, UUID.randomUUID()));
    stage.put("chosen", one);
    stage.put("reason", "the jib cuts the sky");
    var kept = keep(api, id, null, fields("Chosen", List.of(stage)));
    assertThat(kept.json().path("fields").path("stages").get(0).path("chosen").asString())
        .isEqualTo(one.toString());
    stage.put("chosen", UUID.randomUUID());
    assertThat(keep(api, id, 0, fields("Chosen", List.of(stage))).status()).isEqualTo(400);
  }

  @Test
  void templates_are_files_that_come_back_as_they_were(Api api) {
    var id = UUID.randomUUID();
    var file =
        "format: 1\nname: Boat in evening light\nmood: calm\nstages:\n- name: Masses\n  gate: Do they hold?\n- name: Finish\n";
    var kept = api.put("/api/piece-templates/" + id, Map.of("file", file));
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(kept.json().path("stages")).hasSize(2);
    assertThat(api.get("/api/piece-templates/" + id).body()).isEqualTo(file);
    assertThat(
            api.get("/api/piece-templates")
                .json()
                .valueStream()
                .map(t -> t.path("name").asString()))
        .contains("Portrait by measuring", "Boat in evening light");
    Map.of(
            "",
            "A template begins with",
            "format: 2\nname: x\nstages: [{name: y}]",
            "A template begins with",
            "format: 1\nstages: [{name: y}]",
            "The name of a template needs 1 to 120",
            "format: 1\nname: x\nstages: []",
            "A template has 1 to 20 stages.",
            "format: 1\nname: x\nstages: [" + "{name: y},".repeat(21) + "]",
            "A template has 1 to 20 stages; these are 21.",
            "format: 1\nname: x\nstages: [{name: y}, {gate: y}]",
            "The name of stage 2 needs 1 to 120",
            "format: 1\nname: x\nstages: [{name: [1]}]",
            "The name of stage 1 needs 1 to 120",
            "format: 1\nname: x\nstages: {name: y}",
            "A template has 1 to 20 stages.",
            "&a [*a, *a]",
            "A template begins with",
            "format: 1\nname: [x\nstages",
            "The file cannot be read from line 3 on.")
        .forEach(
            (bad, said) -> {
              var path = "/api/piece-templates/" + UUID.randomUUID();
              var refused = api.put(path, Map.of("file", bad));
              assertThat(refused.status()).as(bad).isEqualTo(400);
              assertThat(refused.json().path("detail").asString()).as(bad).startsWith(said);
            });
    assertThat(api.delete("/api/piece-templates/" + id).status()).isEqualTo(204);
  }
}
