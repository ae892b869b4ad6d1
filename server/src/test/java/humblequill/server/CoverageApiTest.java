package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Topics against weeks, over HTTP. */
@ExtendWith(RunningQuill.class)
class CoverageApiTest {
  private static UUID logged(Api api, int daysAgo, String topic, int minutes, Object study) {
    var id = UUID.randomUUID();
    var fields = new HashMap<String, Object>();
    fields.put("day", today(api).minusDays(daysAgo).toString());
    fields.put("topic", topic);
    fields.put("drawings", 3);
    fields.put("minutes", minutes);
    fields.put("source", "life");
    fields.put("study", study);
    fields.put("wentWrong", "");
    fields.put("nextTime", "");
    fields.put("note", "");
    var answer = api.post("/api/entries", Map.of("id", id, "fields", fields));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return id;
  }

  private static LocalDate today(Api api) {
    return LocalDate.parse(api.get("/api/today").json().path("day").asString());
  }

  private static JsonNode row(JsonNode coverage, String topic) {
    for (var area : coverage.path("areas")) {
      for (var row : area.path("topics")) {
        if (row.path("name").asString().equals(topic)) {
          return row;
        }
      }
    }
    throw new AssertionError("no row " + topic + " in " + coverage);
  }

  @Test
  void minutes_stand_in_their_columns_and_ink_fades(Api api) {
    logged(api, 20, "wharf steps", 30, null);
    logged(api, 5, "wharf steps", 25, null);
    var days = api.get("/api/coverage?window=DAYS").json();
    var row = row(days, "wharf steps");
    assertThat(row.path("minutes").asInt()).isEqualTo(55);
    assertThat(row.path("cells").get(0).path("column").asInt()).isEqualTo(7);
    assertThat(row.path("cells").get(1).path("column").asInt()).isEqualTo(22);
    assertThat(row.path("state").asString()).isEqualTo("FRESH");
    assertThat(row.path("freshness").asDouble())
        .as("one return: half-life 67.5 days")
        .isCloseTo(Math.pow(2, -5 / 67.5), within(1e-9));
    double minutes = days.path("balance").path("minutes").asDouble();
    for (var strip : days.path("balance").path("strips")) {
      double sum = 0;
      for (var part : strip.path("parts")) {
        sum += part.path("minutes").asDouble();
      }
      assertThat(sum).as(strip.path("by").asString()).isCloseTo(minutes, within(1e-6));
    }
    assertThat(api.get("/api/coverage?window=FORTNIGHT").status()).isEqualTo(400);
    assertThat(api.get("/api/coverage?window=YEAR&all=true").json().path("hidden").asInt())
        .isZero();
  }

  private static void promised(Api api, String unit, String topic) {
    var terms = new HashMap<String, Object>();
    terms.put("kind", "STANDING");
    terms.put("title", "Every week");
    terms.put("count", 3);
    terms.put("unit", unit);
    terms.put("topic", topic);
    terms.put("secondsEach", 300);
    terms.put("start", today(api).minusDays(6).toString());
    terms.put("beside", true);
    terms.put("policy", "SPREAD");
    terms.put("rest", List.of());
    terms.put("rules", List.of());
    var answer = api.post("/api/quotas", Map.of("id", UUID.randomUUID(), "terms", terms));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
  }

  private static double drawnFor(Api api, String purpose) {
    for (var strip : api.get("/api/coverage?window=DAYS").json().path("balance").path("strips")) {
      for (var part : strip.path("parts")) {
        if (strip.path("by").asString().equals("PURPOSE")
            && part.path("name").asString().equals(purpose)) {
          return part.path("minutes").asDouble();
        }
      }
    }
    return 0;
  }

  /** By hand; common practice, no published source. */
  @Test
  void so_many_a_week_of_anything_does_not_make_a_duty_of_what_one_likes(Api api) {
    double liked = drawnFor(api, "LIKING");
    double duty = drawnFor(api, "PROMISE");
    logged(api, 3, "bollards", 35, null);
    promised(api, "DRAWINGS", null);
    promised(api, "MINUTES", null);
    assertThat(drawnFor(api, "LIKING")).isEqualTo(liked + 35);
    assertThat(drawnFor(api, "PROMISE")).isEqualTo(duty);
    promised(api, "DRAWINGS", "bollards");
    assertThat(drawnFor(api, "LIKING")).isEqualTo(liked);
    assertThat(drawnFor(api, "PROMISE")).isEqualTo(duty + 35);
  }

  @Test
  void a_topic_tells_all_that_its_entries_do(Api api) {
    var study =
        Map.of("facets", List.of("three-quarter view"), "depth", "GROUPED", "how", "COPIED");
    logged(api, 9, "gull wings", 40, study);
    logged(api, 2, "gull wings", 20, null);
    var id = row(api.get("/api/coverage?window=DAYS").json(), "gull wings").path("id").asString();
    var topic = api.get("/api/coverage/" + id).json();
    assertThat(topic.path("minutesEver").asInt()).isEqualTo(60);
    assertThat(topic.path("depth").asString()).isEqualTo("GROUPED");
    assertThat(topic.path("facets").toString()).isEqualTo("[\"three-quarter view\"]");
    assertThat(topic.path("newest")).hasSize(2);
    var cut = api.get("/api/coverage/" + id + "?facet=three-quarter%20view").json();
    assertThat(cut.path("entries").asInt()).isEqualTo(1);

    var told = api.put("/api/coverage/" + id + "/depth", Map.of("depth", "DETAILED")).json();
    assertThat(told.path("depth").asString()).isEqualTo("DETAILED");
    var weak = api.put("/api/coverage/" + id + "/weak", Map.of("drawings", 10)).json();
    assertThat(weak.path("depth").asString()).isEqualTo("DETAILED");
    assertThat(weak.path("weak").path("drawn").asInt()).isZero();
    logged(api, 0, "gull wings", 5, null);
    assertThat(api.get("/api/coverage/" + id).json().path("weak").path("drawn").asInt())
        .isEqualTo(3);
    assertThat(api.get("/api/coverage/" + UUID.randomUUID()).status()).isEqualTo(404);
    for (var refused :
        List.of(
            Map.of(),
            Map.of("drawings", 0),
            Map.of("drawings", 10, "since", "2999-01-01"),
            Map.of("drawings", 10, "since", "+999999999-01-01"))) {
      assertThat(api.put("/api/coverage/" + id + "/weak", refused).status()).isEqualTo(400);
    }
    assertThat(api.get("/api/coverage/" + id).json().path("weak").path("drawings").asInt())
        .isEqualTo(10);
    var better = api.delete("/api/coverage/" + id + "/weak");
    assertThat(better.json().path("weak").isNull()).isTrue();
    assertThat(better.json().path("depth").asString()).isEqualTo("DETAILED");
  }

  @Test
  void a_warm_up_is_put_into_today_once_and_taken_out(Api api) {
    var id = UUID.randomUUID();
    var body = Map.of("topic", "cleats", "imagined", true);
    for (int again = 0; again < 2; again++) {
      assertThat(api.put("/api/warm-ups/" + id, body).status()).isEqualTo(204);
    }
    var warmUps = api.get("/api/today").json().path("topics").path("warmUps");
    assertThat(warmUps).hasSize(1);
    assertThat(warmUps.get(0).path("imagined").asBoolean()).isTrue();
    assertThat(api.put("/api/warm-ups/" + UUID.randomUUID(), body).status()).isEqualTo(409);
    assertThat(
            api.put("/api/warm-ups/" + UUID.randomUUID(), Map.of("topic", " ", "imagined", false))
                .status())
        .isEqualTo(400);
    logged(api, 0, "cleats", 10, null);
    assertThat(
            api.get("/api/today")
                .json()
                .path("topics")
                .path("warmUps")
                .get(0)
                .path("done")
                .asBoolean())
        .isTrue();
    assertThat(api.delete("/api/warm-ups/" + id).status()).isEqualTo(204);
    assertThat(api.delete("/api/warm-ups/" + id).status()).isEqualTo(204);
    assertThat(api.get("/api/today").json().path("topics").path("warmUps")).isEmpty();
  }

  @Test
  void facets_and_units_are_kept_found_and_renamed(Api api) {
    var study =
        Map.of("unit", "LESSON", "unitFrom", 3, "unitTo", 5, "facets", List.of("seen at dusk"));
    var id = logged(api, 1, "lamps", 10, study);
    var entry = api.get("/api/entries/" + id).json().path("fields").path("study");
    assertThat(entry.path("unitTo").asInt()).isEqualTo(5);
    assertThat(api.get("/api/entries?facet=Seen%20at%20Dusk").json().path("total").asInt())
        .isEqualTo(1);
    assertThat(api.get("/api/entries?text=dusk").json().path("total").asInt()).isEqualTo(1);
    assertThat(api.get("/api/entries?text=lesson%203").json().path("total").asInt()).isEqualTo(1);
    var bad = logged(api, "unit", null, 3);
    assertThat(bad.status()).isEqualTo(400);
    assertThat(bad.body()).contains("Say in what 3 counts");
    assertThat(logged(api, "unit", "PAGE", null).body()).contains("first number");
  }

  private static Api.Answer logged(Api api, String field, Object unit, Object from) {
    var study = new HashMap<String, Object>();
    study.put(field, unit);
    study.put("unitFrom", from);
    var fields = new HashMap<String, Object>();
    fields.put("day", today(api).toString());
    fields.put("minutes", 5);
    fields.put("study", study);
    fields.put("wentWrong", "");
    fields.put("nextTime", "");
    fields.put("note", "");
    return api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
  }
}
