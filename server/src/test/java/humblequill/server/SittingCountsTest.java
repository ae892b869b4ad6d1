package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A sitting begun for a promise counts for it, whatever the promise asks of an entry. */
class SittingCountsTest extends ClockedTest {
  SittingCountsTest() {
    super(60);
  }

  private UUID promise(Object... more) {
    var id = UUID.randomUUID();
    var terms = new HashMap<String, Object>();
    terms.put("title", "Four in a week");
    terms.put("kind", "SPRINT");
    terms.put("count", 4);
    terms.put("start", "2026-03-05");
    terms.put("due", "2026-03-11");
    terms.put("unit", "DRAWINGS");
    terms.put("rest", List.of());
    terms.put("policy", "SPREAD");
    terms.put("rules", List.of());
    terms.put("secondsEach", 60);
    terms.put("beside", true);
    for (int i = 0; i < more.length; i += 2) {
      terms.put((String) more[i], more[i + 1]);
    }
    var made = api.post("/api/quotas", Map.of("id", id, "terms", terms));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return id;
  }

  /** Two poses of a minute, with what the page of today tells of the promise. */
  private Map<String, Object> sitting(JsonNode asked, Object... more) {
    var page = asked.path("nextPage");
    var sitting =
        SittingApiTest.sitting(
            UUID.randomUUID(),
            "plan",
            Map.of("kind", "OWN", "rows", List.of(Map.of("count", 2, "seconds", 60))),
            "title",
            asked.path("title").asString(),
            "exerciseId",
            asked.path("exercise").asString(null),
            "topic",
            asked.path("topic").asString("anything"),
            "page",
            page.isNull() ? null : page.asInt(),
            "timeOnly",
            asked.path("unit").asString().equals("MINUTES"),
            "aim",
            "",
            "references",
            "NONE");
    for (var field : List.of("medium", "source", "book")) {
      sitting.put(field, asked.path(field).asString(null));
    }
    for (int i = 0; i < more.length; i += 2) {
      sitting.put((String) more[i], more[i + 1]);
    }
    return sitting;
  }

  private JsonNode asked() {
    return api.get("/api/today").json().path("quotas").get(0);
  }

  private void draw(Map<String, Object> sitting) {
    var begun = api.post("/api/sittings", sitting);
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    api = RunningQuill.at("2026-03-05T10:30:00Z");
    api.get("/api/today");
  }

  @ParameterizedTest
  @CsvSource({
    "topic, mooring posts",
    "medium, brush pen",
    "source, life",
    "book, Quay book",
  })
  void a_filter_is_met(String filter, String value) {
    var id = promise(filter, value);
    draw(sitting(asked()));
    assertThat(done(id)).isEqualTo(2);
  }

  @Test
  void a_prompt_that_is_gone_meanwhile_costs_no_drawing() {
    var plan = Map.of("kind", "OWN", "rows", List.of(Map.of("count", 2, "seconds", 60)));
    var gone = UUID.randomUUID();
    draw(SittingApiTest.sitting(UUID.randomUUID(), "plan", plan, "promptId", gone));
    assertThat(
            api.get("/api/today")
                .json()
                .path("entries")
                .get(0)
                .path("fields")
                .path("drawings")
                .asInt())
        .isEqualTo(2);
  }

  @Test
  void an_exercise_is_met() {
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-02"));
    var exercise = api.get("/api/today").json().path("shares").get(0).path("exerciseId").asString();
    var id = promise("exercise", exercise);
    draw(sitting(asked(), "topic", null));
    assertThat(done(id)).isEqualTo(2);
  }

  @Test
  void minutes_are_met() {
    var id = promise("unit", "MINUTES", "count", 30);
    draw(sitting(asked()));
    assertThat(done(id)).isEqualTo(2);
  }

  @Test
  void each_drawing_fills_the_next_page_of_the_book() {
    var before =
        EntryApiTest.fields(
            "day",
            "2026-02-20",
            "topic",
            "boats",
            "book",
            "quay BOOK",
            "pageFrom",
            38,
            "pageTo",
            40);
    api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", before));
    var id = promise("unit", "PAGES", "book", "Quay book");
    assertThat(asked().path("nextPage").asInt()).isEqualTo(41);
    draw(sitting(asked()));
    assertThat(done(id)).isEqualTo(2);
    var entry = api.get("/api/today").json().path("entries").get(0);
    assertThat(entry.path("fields").path("pageFrom").asInt()).isEqualTo(41);
    assertThat(entry.path("fields").path("pageTo").asInt()).isEqualTo(42);
    assertThat(asked().path("nextPage").asInt()).isEqualTo(43);
  }

  @Test
  void pages_without_a_book_are_numbered_from_one() {
    var id = promise("unit", "PAGES");
    draw(sitting(asked()));
    assertThat(done(id)).isEqualTo(2);
    assertThat(asked().path("nextPage").asInt()).isEqualTo(3);
  }

  @Test
  void pages_past_the_last_one_are_refused_before_anything_is_drawn() {
    promise("unit", "PAGES");
    var refused = api.post("/api/sittings", sitting(asked(), "page", 9999)).json();
    assertThat(refused.path("field").asString()).isEqualTo("page");
    assertThat(refused.path("value").asString()).isEqualTo("9999");
    assertThat(api.get("/api/sittings/current").json().path("sitting").isNull()).isTrue();
  }

  @Test
  void a_drawn_prompt_is_ticked_and_the_next_one_waits() {
    var id = promise("kind", "PROMPT_LIST", "unit", "PROMPTS", "count", 2);
    var prompts = new ArrayList<Map<String, Object>>();
    for (var words : List.of("a left out one", "a gull on a crate", "a dog asleep")) {
      var prompt = new HashMap<String, Object>();
      prompt.put("id", UUID.randomUUID());
      prompt.put("words", words);
      prompt.put("chosen", !words.contains("left out"));
      prompt.put("developed", false);
      prompts.add(prompt);
    }
    api.put("/api/quotas/" + id + "/prompts", Map.of("prompts", prompts));
    var next = asked().path("nextPrompt");
    assertThat(next.path("words").asString()).isEqualTo("a gull on a crate");
    var words = next.path("words").asString();
    draw(sitting(asked(), "title", words, "promptId", next.path("id").asString()));
    assertThat(done(id)).isEqualTo(1);
    assertThat(asked().path("nextPrompt").path("words").asString()).isEqualTo("a dog asleep");
    var entry = api.get("/api/today").json().path("entries").get(0);
    assertThat(entry.path("fields").path("note").asString()).isEqualTo("Prompt: a gull on a crate");
    api.delete("/api/entries/" + entry.path("id").asString() + "?version=0");
    assertThat(done(id)).as("its entry is removed").isZero();
    var again = EntryApiTest.fields("day", "2026-03-05", "topic", "gulls", "drawings", 1);
    api.post("/api/entries", Map.of("id", entry.path("id").asString(), "fields", again));
    assertThat(done(id)).as("and brought back").isEqualTo(1);
  }

  @Test
  void a_prompt_of_which_nothing_was_drawn_still_waits() {
    var id = promise("kind", "PROMPT_LIST", "unit", "PROMPTS", "count", 1);
    var prompt =
        Map.of("id", UUID.randomUUID(), "words", "a gull", "chosen", true, "developed", false);
    api.put("/api/quotas/" + id + "/prompts", Map.of("prompts", List.of(prompt)));
    var sitting = sitting(asked(), "promptId", prompt.get("id"));
    api.post("/api/sittings", sitting);
    api.post(
        "/api/sittings/" + sitting.get("id") + "/press", Map.of("press", "FINISH", "known", 0));
    assertThat(done(id)).isZero();
    assertThat(asked().path("nextPrompt").path("words").asString()).isEqualTo("a gull");
  }

  private int done(UUID id) {
    return api.get("/api/quotas/" + id).json().path("progress").path("done").asInt();
  }
}
