package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What all this is for, small days, and what lies ahead; over HTTP. */
@ExtendWith(RunningQuill.class)
class WhatForApiTest {
  private static final String ENDS = "/api/what-for/open-ends";

  private static UUID log(Api api, Object... more) {
    var id = UUID.randomUUID();
    var fields = EntryApiTest.fields();
    fields.put("day", api.get("/api/today").json().path("day").asString());
    for (int i = 0; i < more.length; i += 2) {
      fields.put((String) more[i], more[i + 1]);
    }
    var answer = api.post("/api/entries", Map.of("id", id, "fields", fields));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return id;
  }

  private static UUID picture(Api api, int seed) throws IOException {
    var id = UUID.randomUUID();
    api.putBytes("/api/pictures/" + id + "?name=p.jpg", Pictures.jpeg(seed));
    return id;
  }

  private static Map<String, Object> hung(UUID picture, double across, double breadth) {
    return Map.of(
        "picture", picture, "from", "PAGES", "across", across, "down", 0.1, "breadth", breadth);
  }

  private static boolean waits(Api api, UUID picture) {
    return api.get("/api/tray")
        .json()
        .path("waiting")
        .valueStream()
        .anyMatch(w -> w.path("picture").path("id").asString().equals(picture.toString()));
  }

  @Test
  void pictures_hang_where_they_were_put_and_wait_for_no_page(Api api) throws IOException {
    var picture = picture(api, 4100);
    assertThat(waits(api, picture)).isTrue();
    var path = "/api/what-for/pictures";
    long version = api.get(path).json().path("version").asLong();
    var body = Map.of("version", version, "pictures", List.of(hung(picture, 0.25, 0.4)));
    var kept = api.put(path, body);
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    var seen = kept.json().path("pictures").get(0);
    assertThat(seen.path("across").asDouble()).isEqualTo(0.25);
    assertThat(seen.path("ratio").asDouble()).isPositive();
    assertThat(waits(api, picture)).isFalse();
    assertThat(api.put(path, body).status()).as("another tab").isEqualTo(409);
    long next = kept.json().path("version").asLong();
    var wide = Map.of("version", next, "pictures", List.of(hung(picture, 0.1, 1.4)));
    assertThat(api.put(path, wide).status()).isEqualTo(400);
    var gone = Map.of("version", next, "pictures", List.of(hung(UUID.randomUUID(), 0, 0.2)));
    assertThat(api.put(path, gone).body()).contains("not there any more");
    assertThat(api.delete("/api/pictures/" + picture).status()).isLessThan(300);
    assertThat(api.get(path).json().path("pictures")).isEmpty();
  }

  @Test
  void a_goal_is_asked_again_when_its_promise_is_over(Api api) {
    var quota = UUID.randomUUID();
    var today = api.get("/api/today").json().path("day").asString();
    var terms = new HashMap<>(QuotaApiTest.terms("title", "Knots", "topic", "knots"));
    terms.put("start", today);
    terms.put("due", LocalDate.parse(today).plusDays(9).toString());
    var made = api.post("/api/quotas", Map.of("id", quota, "terms", terms));
    assertThat(made.status()).as(made.body()).isLessThan(300);
    var path = "/api/what-for/goals/PROMISE/" + quota;
    assertThat(api.get(path).json().path("said").asString()).isEmpty();
    var said = new HashMap<String, Object>();
    said.put("version", null);
    said.put("said", "Knots without looking them up.");
    said.put("became", "");
    var kept = api.put(path, said);
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(kept.json().path("over").asBoolean()).isFalse();
    assertThat(api.put(path, said).status()).as("another tab").isEqualTo(409);
    log(api, "topic", "knots", "drawings", 3, "minutes", 12);
    long version = api.get("/api/quotas/" + quota).json().path("version").asLong();
    assertThat(api.post("/api/quotas/" + quota + "/end?version=" + version, Map.of()).status())
        .isLessThan(300);
    var asked = api.get("/api/what-for/goals").json().get(0);
    assertThat(asked.path("title").asString())
        .as("what is to be asked comes first")
        .isEqualTo("Knots");
    var over = api.get(path).json();
    assertThat(over.path("over").asBoolean()).isTrue();
    assertThat(over.path("minutes").asInt()).isEqualTo(12);
    said.put("version", over.path("version").asLong());
    said.put("became", "Six of eight.");
    assertThat(api.put(path, said).json().path("becameOn").asString()).isEqualTo(today);
    assertThat(api.get("/api/what-for/goals/PROMISE/" + UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(api.get("/api/what-for/goals/HOPE/" + quota).status()).isEqualTo(400);
  }

  private static List<String> open(Api api) {
    return api.get(ENDS)
        .json()
        .valueStream()
        .filter(e -> e.path("state").asString().equals("OPEN"))
        .map(e -> e.path("text").asString())
        .toList();
  }

  @Test
  void an_idea_waits_until_it_is_drawn_or_let_go(Api api) {
    var id = UUID.randomUUID();
    var idea = Map.of("text", "The crane <b>at dusk</b>");
    for (int again = 0; again < 2; again++) {
      assertThat(api.put(ENDS + "/" + id, idea).status()).isEqualTo(204);
    }
    assertThat(open(api)).containsOnlyOnce("The crane <b>at dusk</b>");
    assertThat(api.get(ENDS + "/offered").json().path("end").path("text").asString()).isNotEmpty();
    assertThat(api.put(ENDS + "/" + id + "/state", Map.of("state", "LET_GO")).status())
        .isEqualTo(204);
    assertThat(open(api)).doesNotContain("The crane <b>at dusk</b>");
    assertThat(api.put(ENDS + "/" + id + "/state", Map.of("state", "OPEN")).status())
        .isEqualTo(204);
    assertThat(open(api)).contains("The crane <b>at dusk</b>");
    assertThat(api.put(ENDS + "/" + id, Map.of("text", "  ")).status()).isEqualTo(400);
    var untold = new HashMap<String, Object>();
    untold.put("state", null);
    assertThat(api.put(ENDS + "/" + id + "/state", untold).status()).isEqualTo(400);
    assertThat(api.put(ENDS + "/" + id, Map.of("text", "x".repeat(601))).status()).isEqualTo(400);
  }

  @Test
  void a_small_day_names_a_familiar_subject_and_what_fits(Api api) {
    for (int i = 0; i < 3; i++) {
      log(api, "topic", "buoys", "drawings", 4, "minutes", 300, "mark", 5, "medium", "brush pen");
    }
    var little = api.get("/api/today/little").json();
    assertThat(little.path("minutes").asInt()).isEqualTo(10);
    assertThat(little.path("topic").asString()).isEqualTo("buoys");
    var fits = api.get("/api/today/short?minutes=7").json();
    assertThat(fits.path("fitting").valueStream().map(f -> f.path("minutes").asInt()))
        .isNotEmpty()
        .allMatch(m -> m <= 7);
    assertThat(fits.path("media").valueStream().map(JsonNode::asString)).contains("brush pen");
    var turns =
        List.of(0, 1).stream()
            .map(t -> api.get("/api/today/bored?turn=" + t).json().path("constraint").asString())
            .toList();
    assertThat(turns.get(0)).isNotEqualTo(turns.get(1));
    for (var bad : List.of("short?minutes=0", "short?minutes=481", "bored?turn=-1", "short")) {
      assertThat(api.get("/api/today/" + bad).status()).as(bad).isEqualTo(400);
    }
  }

  @Test
  void drawings_are_laid_beside_one_another_by_hand(Api api) {
    var first = log(api, "topic", "steps", "drawings", 1, "minutes", 20, "mark", 2);
    var second = log(api, "topic", "steps", "drawings", 1, "minutes", 20, "mark", 4);
    var path = "/api/look-back/subjects/" + UUID.randomUUID();
    var one = Map.of("title", "Steps", "entries", List.of(first, first));
    assertThat(api.put(path, one).body()).contains("Two drawings of a subject are needed");
    var two = Map.of("title", "Steps", "entries", List.of(first, second));
    assertThat(api.put(path, two).status()).isEqualTo(204);
    var laid = api.get("/api/look-back/subjects").json().get(0);
    assertThat(laid.path("title").asString()).isEqualTo("Steps");
    assertThat(laid.path("moments")).hasSize(2);
    assertThat(api.delete(path).status()).isEqualTo(204);
    assertThat(api.get("/api/look-back/subjects").body()).doesNotContain("\"Steps\"");
    assertThat(api.post(path + "/back", Map.of()).status()).isEqualTo(204);
    assertThat(api.get("/api/look-back/subjects").body()).contains("\"Steps\"");
  }

  @Test
  void the_learner_says_where_a_phase_begins(Api api) {
    var today = LocalDate.parse(api.get("/api/today").json().path("day").asString());
    for (int week = 1; week <= 4; week++) {
      var day = today.minusDays(7L * week).toString();
      log(api, "day", day, "topic", "masts", "drawings", 1, "minutes", 10 * week);
    }
    var path = "/api/look-back/phases/boundaries";
    var begin = minutes(api).path("values").get(2).path("from").asString();
    var own = new HashMap<String, Object>();
    own.put("figure", "MINUTES");
    own.put("weeks", List.of(begin, "1999-01-04"));
    assertThat(api.put(path, own).status()).isEqualTo(204);
    assertThat(minutes(api).path("ownBoundaries").asBoolean()).isTrue();
    assertThat(minutes(api).path("phases").valueStream().map(p -> p.path("from").asString()))
        .as("what lies outside parts nothing")
        .hasSize(2)
        .contains(begin);
    own.put("weeks", null);
    assertThat(api.put(path, own).status()).isEqualTo(204);
    assertThat(minutes(api).path("ownBoundaries").asBoolean()).isFalse();
  }

  private static JsonNode minutes(Api api) {
    return api.get("/api/look-back/series")
        .json()
        .valueStream()
        .filter(s -> s.path("figure").asString().equals("MINUTES"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void courses_are_laid_into_a_year(Api api) {
    var wanted =
        Map.of(
            "courses",
            List.of(
                Map.of("course", "harbour-year", "beside", false),
                Map.of("course", "harbour-year", "beside", true)));
    var year = api.post("/api/look-back/year-ahead", wanted);
    assertThat(year.status()).as(year.body()).isEqualTo(200);
    var lines = year.json().path("lines");
    assertThat(lines.get(0).path("from")).isEqualTo(lines.get(1).path("from"));
    var none = Map.of("courses", List.of(Map.of("course", "no such course", "beside", false)));
    assertThat(api.post("/api/look-back/year-ahead", none).status()).isBetween(400, 404);
    assertThat(api.post("/api/look-back/year-ahead", Map.of("courses", List.of())).status())
        .isEqualTo(400);
    assertThat(api.get("/api/look-back/course-end/back").status()).isEqualTo(200);
    assertThat(api.get("/api/look-back/dips").status()).isEqualTo(200);
    assertThat(api.get("/api/look-back/runs").json()).hasSize(3);
  }
}
