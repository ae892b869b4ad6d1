package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes that are offered of a week and taken on the Thursday after. */
class OfferedChangesTest extends OfferedWeek {
  private boolean stands(String kind) {
    return api.get("/api/reviews/" + WEEK.plusDays(7))
        .json()
        .path("became")
        .valueStream()
        .filter(b -> b.path("offer").path("kind").asString().equals(kind))
        .allMatch(b -> b.path("stands").asBoolean());
  }

  private JsonNode newestDecision() {
    var placement = api.get("/api/course").json().path("placed").path("placement").asString();
    var history = api.get("/api/course/" + placement + "/history").json();
    return history.get(history.size() - 1);
  }

  @Test
  void a_weekday_on_which_nothing_is_drawn_becomes_a_rest_day_until_the_learner_says_otherwise() {
    var offer = offered("MINUTES");
    assertThat(offer.path("offer").path("day").asString()).isEqualTo("TUESDAY");
    assertThat(offer.path("offer").path("minutes").asInt()).isZero();
    var effect = offer.path("effect");
    assertThat(effect.path("after").path("load").asDouble())
        .as("six days for the work of seven")
        .isGreaterThan(effect.path("before").path("load").asDouble());
    notWhereTheRhythmNeedsTheDay(offer);
    taken(offer);
    var settings = (ObjectNode) api.get("/api/settings").json();
    var tuesday = (ObjectNode) settings.path("time").path("week").get(1);
    assertThat(tuesday.path("rest").asBoolean()).isTrue();
    assertThat(tuesday.path("minutes").asInt()).isZero();
    assertThat(api.get("/api/days/2026-02-24").json().path("rest").asBoolean())
        .as("Tuesdays that are over stay as they were")
        .isFalse();
    assertThat(stands("MINUTES")).isTrue();
    tuesday.put("rest", false).put("minutes", 60);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
    assertThat(stands("MINUTES")).isFalse();
  }

  private void notWhereTheRhythmNeedsTheDay(JsonNode offer) {
    count("WEEKLY_RHYTHM", 7);
    assertThat(api.get(REVIEW).json().path("offers").toString()).doesNotContain("MINUTES");
    var taken = Map.of("id", UUID.randomUUID(), "key", offer.path("key").asString());
    assertThat(api.post(REVIEW + "/taken", taken).status()).isEqualTo(409);
    var week = api.get("/api/settings").json().path("time").path("week");
    assertThat(week.get(1).path("rest").asBoolean()).isFalse();
    count("NEVER_TWICE", 5);
  }

  private void count(String school, int daysPerWeek) {
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.withObjectProperty("counting").put("school", school).put("daysPerWeek", daysPerWeek);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
  }

  @Test
  void work_is_taken_out_of_the_coming_week_and_can_be_put_back() {
    var offer = offered("LESS");
    assertThat(offer.path("effect").path("after").path("load").asDouble())
        .isLessThan(offer.path("effect").path("before").path("load").asDouble());
    taken(offer);
    var decision = newestDecision();
    assertThat(decision.path("changes").get(0).path("kind").asString()).isEqualTo("DROP");
    assertThat(Api.said(decision.path("reason"))).startsWith("Looking back: ");
    assertThat(stands("LESS")).isTrue();
    assertThat(api.get(REVIEW).json().path("offers").toString())
        .as("the other way out")
        .doesNotContain("STRETCH");
    api.delete("/api/course/changes/" + decision.path("id").asString());
    assertThat(stands("LESS")).isFalse();
  }

  @Test
  void a_week_whose_aim_was_missed_comes_once_more_if_it_is_taken_before_the_next_has_begun() {
    assertThat(api.get(REVIEW).body()).doesNotContain("REPEAT");
    api = RunningQuill.at("2026-03-01T18:00:00Z");
    var offer = offered("REPEAT").path("offer");
    assertThat(offer.path("title").asString()).isEqualTo("Ellipses: buckets, bollards, tyres");
    assertThat(offer.path("found").asDouble()).as("half of one in four").isEqualTo(0.125);
    var end = LocalDate.parse(api.get("/api/course").json().path("placed").path("end").asString());
    taken(offered("REPEAT"));
    assertThat(newestDecision().path("changes").get(0).path("kind").asString()).isEqualTo("REPEAT");
    assertThat(api.get("/api/course").json().path("placed").path("end").asString())
        .isEqualTo(end.plusDays(7).toString());
  }

  @Test
  void a_topic_that_felt_weak_is_looked_at_again_in_the_week_after_until_it_is_better() {
    var id =
        api.get("/api/coverage?window=DAYS&all=true")
            .json()
            .path("areas")
            .valueStream()
            .flatMap(a -> a.path("topics").valueStream())
            .filter(t -> t.path("name").asString().equals("gulls"))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asString();
    var weak = Map.of("drawings", 12, "since", "2026-02-25");
    assertThat(api.put("/api/coverage/" + id + "/weak", weak).status()).isEqualTo(200);
    log("day", "2026-02-25", "topic", "gulls", "drawings", 3, "mark", 2);
    log("day", "2026-03-03", "topic", "gulls", "drawings", 4, "mark", 4);
    log("day", "2026-02-24", "topic", "gulls", "drawings", 9, "mark", 1);
    var after = "/api/reviews/" + WEEK.plusDays(7);
    assertThat(api.get(REVIEW).json().path("weak")).as("the week in which it was told").isEmpty();
    var again = api.get(after).json().path("weak").get(0);
    assertThat(again.path("name").asString()).isEqualTo("gulls");
    assertThat(again.path("wished").asInt()).isEqualTo(12);
    var felt = again.path("felt");
    assertThat(felt.path("drawn").asInt()).isEqualTo(3 + 4);
    assertThat(felt.path("before").path("mean").asDouble()).isEqualTo(1);
    assertThat(felt.path("since").path("mean").asDouble()).isEqualTo(3);
    assertThat(felt.path("since").path("entries").asInt()).isEqualTo(2);
    api.delete("/api/coverage/" + id + "/weak");
    assertThat(api.get(after).json().path("weak")).isEmpty();
  }

  @Test
  void what_teaches_the_coming_week_and_was_never_opened_comes_first_in_the_queue() {
    resource("Solids for sailors", List.of("cones"), null);
    resource("Knots", List.of("rope and nets"), 1);
    var offer = offered("RESOURCE");
    assertThat(offer.path("offer").path("topic").asString()).isEqualTo("cones");
    assertThat(offer.path("effect").isNull()).as("it changes no plan").isTrue();
    assertThat(taken(offer).path("taken").toString()).contains("Solids for sailors");
    var queue =
        api.get("/api/shelf")
            .json()
            .path("resources")
            .valueStream()
            .filter(r -> r.path("place").asString().equals("QUEUED"))
            .map(r -> r.path("fields").path("name").asString())
            .toList();
    assertThat(queue).containsExactly("Solids for sailors", "Knots");
  }

  private void resource(String name, List<String> topics, Integer queue) {
    var fields = ShelfApiTest.fields(name, "topics", topics, "queue", queue);
    var answer = api.post("/api/shelf", Map.of("id", UUID.randomUUID(), "fields", fields));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
  }
}
