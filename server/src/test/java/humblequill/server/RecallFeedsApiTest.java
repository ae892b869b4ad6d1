package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What recall feeds: sittings, topics and the letter of a week. */
class RecallFeedsApiTest extends ClockedTest {
  RecallFeedsApiTest() {
    super(74);
  }

  private UUID order(String title, String topic) {
    var id = UUID.randomUUID();
    var fields = new HashMap<String, Object>();
    fields.put("version", null);
    fields.put("title", title);
    fields.put("topics", List.of(topic));
    fields.put("steps", List.of("box", "mast", "jib", "rope", "hook"));
    var kept = api.put("/api/recall/orders/" + id, fields);
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    return id;
  }

  private JsonNode before(String... topics) {
    var query = new StringBuilder("/api/recall/before?");
    List.of(topics).forEach(t -> query.append("topic=").append(t.replace(" ", "%20")).append('&'));
    var answer = api.get(query.toString());
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private static List<String> titles(JsonNode list) {
    return list.valueStream().map(o -> o.path("title").asString()).toList();
  }

  private void entry(String topic) {
    var fields =
        Map.of(
            "day",
            "2026-03-05",
            "topic",
            topic,
            "drawings",
            1,
            "wentWrong",
            "",
            "nextTime",
            "",
            "note",
            "");
    api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
  }

  @Test
  void a_sitting_finds_the_steps_of_its_topic_however_it_is_spelled_and_renamed() {
    entry("quay cranes");
    var crane = order("How to lay in a crane", "Quay Crane");
    assertThat(titles(before("quay cranes").path("orders")))
        .containsExactly("How to lay in a crane");
    assertThat(titles(before("QUAY CRANE", "water").path("orders")))
        .containsExactly("How to lay in a crane");
    assertThat(before("clouds").path("orders")).isEmpty();
    assertThat(before().path("orders")).isEmpty();

    var name =
        api.get("/api/names")
            .json()
            .path("names")
            .valueStream()
            .filter(n -> n.path("text").asString().equals("quay cranes"))
            .findFirst()
            .orElseThrow();
    var renamed =
        api.put(
            "/api/names/" + name.path("id").asString() + "/text",
            Map.of("change", UUID.randomUUID(), "text", "derricks"));
    assertThat(renamed.status()).as(renamed.body()).isBetween(200, 204);
    assertThat(titles(before("derricks").path("orders"))).containsExactly("How to lay in a crane");
    assertThat(line(crane.toString()).path("topics").get(0).asString())
        .as("as it is called now")
        .isEqualTo("derricks");
  }

  @Test
  void what_is_due_of_the_topic_comes_before_what_waits_longer() {
    api.put("/api/recall/wanted/PLATE/foot", Map.of("way", "DRAW"));
    api = RunningQuill.at("2026-03-06T10:00:00Z");
    var crane = order("How to lay in a crane", "cranes");
    api.put("/api/recall/wanted/ORDER/" + crane, Map.of("way", "ORDER"));
    api = RunningQuill.at("2026-03-08T10:00:00Z");
    assertThat(before("cranes").path("first").path("id").asString()).isEqualTo(crane.toString());
    assertThat(before("cranes").path("orders").get(0).path("due").asBoolean())
        .as("it is offered once")
        .isFalse();
    assertThat(before("clouds").path("first").path("id").asString()).isEqualTo("foot");
    api.put("/api/recall/resting", Map.of("resting", true));
    assertThat(before("cranes").path("first").isNull()).as("nothing while it rests").isTrue();
    api.put("/api/recall/resting", Map.of("resting", false));
  }

  @Test
  void what_is_asked_for_stands_first_by_its_day_and_then_ones_own() {
    var crane = order("How to lay in a crane", "cranes");
    api.put("/api/recall/wanted/PLATE/foot", Map.of("way", "DRAW"));
    api = RunningQuill.at("2026-03-06T10:00:00Z");
    api.put("/api/recall/wanted/PLATE/hand", Map.of("way", "DRAW"));
    var things = api.get("/api/recall").json().path("things").valueStream().toList();
    var wanted = things.stream().filter(t -> !t.path("due").isNull()).toList();
    assertThat(things.subList(0, wanted.size())).isEqualTo(wanted);
    assertThat(wanted.stream().map(t -> t.path("due").asString())).isSorted();
    var others = things.subList(wanted.size(), things.size());
    long own = others.stream().filter(t -> t.path("own").asBoolean()).count();
    assertThat(others.stream().limit(own)).allMatch(t -> t.path("own").asBoolean());
    assertThat(others.stream().map(t -> t.path("id").asString())).contains(crane.toString());
    assertThat(others.get((int) own).path("id").asString()).isEqualTo("skeleton-front");
  }

  /** Of the week from 2 to 8 March, told in the week after. */
  @Test
  void a_letter_tells_what_was_asked_for_in_its_week_alone() {
    entry("cranes");
    var crane = order("How to lay in a crane", "cranes");
    var asked = "/api/recall/orders/" + crane + "/ordered";
    api.put("/api/recall/wanted/ORDER/" + crane, Map.of("way", "ORDER"));
    api = RunningQuill.at("2026-03-06T10:00:00Z");
    api.post(asked, Map.of("steps", List.of("mast", "box", "jib", "rope", "hook")));
    api.post("/api/recall/plates/foot/placed", Map.of("pin", "talus", "x", 0.494, "y", 0.7042));
    api.post("/api/recall/plates/foot/placed", Map.of("pin", "cuboid", "x", 0.0, "y", 0.0));
    api = RunningQuill.at("2026-03-10T10:00:00Z");
    api.post(asked, Map.of("steps", List.of("box", "mast", "jib", "rope", "hook")));
    assertThat(recalled("2026-03-02"))
        .containsExactly(
            "Bones of the right foot, from above 1 of 2", "How to lay in a crane 4 of 5");
    assertThat(recalled("2026-03-09")).containsExactly("How to lay in a crane 5 of 5");
    api.delete("/api/recall/own/" + crane);
    assertThat(recalled("2026-03-09")).as("what was taken out is not told of").isEmpty();
  }

  private List<String> recalled(String week) {
    var letter = api.get("/api/reviews/" + week);
    assertThat(letter.status()).as(letter.body()).isEqualTo(200);
    return letter
        .json()
        .path("recalled")
        .valueStream()
        .map(
            r ->
                r.path("title").asString()
                    + " "
                    + r.path("right").asInt()
                    + " of "
                    + r.path("asked").asInt())
        .toList();
  }

  /** Spans of domain.md 15: after 1, 3 and 7 days it was there over a week. */
  @Test
  void a_plate_drawn_whole_over_a_week_speaks_for_the_first_depth_and_names_speak_for_none() {
    api.put("/api/recall/wanted/PLATE/head", Map.of("way", "DRAW"));
    var all =
        api.get("/api/recall/plates/head")
            .json()
            .path("pins")
            .valueStream()
            .map(p -> p.path("id").asString())
            .toList();
    for (var day : List.of("2026-03-06", "2026-03-09", "2026-03-16")) {
      api = RunningQuill.at(day + "T10:00:00Z");
      api.post("/api/recall/plates/head/drawn", Map.of("got", all));
    }
    assertThat(line("head").path("held").asInt()).isEqualTo(7);
    assertThat(line("head").path("speaksFor").asString()).isEqualTo("SIMPLE");
    api.put("/api/recall/wanted/PLATE/head", Map.of("way", "NAME"));
    assertThat(line("head").path("speaksFor").isNull()).isTrue();
  }

  private JsonNode line(String id) {
    return api.get("/api/recall")
        .json()
        .path("things")
        .valueStream()
        .filter(t -> t.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void too_many_or_too_long_topics_are_refused() {
    var many = "topic=a&".repeat(21);
    assertThat(api.get("/api/recall/before?" + many).status()).isEqualTo(400);
    var endless = IntStream.range(0, 201).mapToObj(i -> "a").reduce("", String::concat);
    assertThat(api.get("/api/recall/before?topic=" + endless).status()).isEqualTo(400);
  }
}
