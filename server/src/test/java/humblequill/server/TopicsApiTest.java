package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The learner's own topics: renamed where others need them, and refused where they contradict. */
@ExtendWith(RunningQuill.class)
class TopicsApiTest {
  private static ObjectNode topics(Api api) {
    return (ObjectNode) api.get("/api/topics").json();
  }

  private static JsonNode topic(JsonNode topics, String name) {
    return topics
        .path("areas")
        .valueStream()
        .flatMap(area -> area.path("topics").valueStream())
        .filter(topic -> topic.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no topic \"" + name + "\""));
  }

  private static Api.Answer rename(Api api, String from, String to) {
    var topics = topics(api);
    ((ObjectNode) topic(topics, from)).put("name", to);
    return api.put("/api/topics", topics);
  }

  @Test
  void a_topic_that_others_need_and_entries_name_is_renamed_in_one_go(Api api) {
    var id = UUID.randomUUID();
    var fields = EntryApiTest.fields("topic", "lines");
    assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
        .isEqualTo(201);
    var answer = rename(api, "lines", "pen strokes");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    assertThat(topic(topics(api), "angles").path("needs").get(0).asString())
        .isEqualTo("pen strokes");
    assertThat(topic(topics(api), "pen strokes").path("alsoCalled").toString())
        .contains("\"lines\"");
    assertThat(api.get("/api/entries?topic=pen%20strokes").json().path("total").asInt())
        .isEqualTo(1);
    assertThat(rename(api, "pen strokes", "lines").status()).isEqualTo(200);
    assertThat(topic(topics(api), "angles").path("needs").get(0).asString()).isEqualTo("lines");
  }

  @Test
  void topics_that_contradict_each_other_are_refused_and_nothing_changes(Api api) {
    var before = topics(api);
    assertThat(rename(api, "measuring", "contour").body()).contains("two topics");
    var wanted = topics(api);
    ((ObjectNode) topic(wanted, "lines")).withArray("needs").add("angles");
    var answer = api.put("/api/topics", wanted);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("lines → angles → lines");
    assertThat(topics(api)).isEqualTo(before);
  }
}
