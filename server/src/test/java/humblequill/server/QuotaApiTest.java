package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A promise from the first question to the second run, through the API. */
class QuotaApiTest extends ClockedTest {
  QuotaApiTest() {
    super(70);
  }

  static Map<String, Object> terms(Object... more) {
    var terms = new HashMap<String, Object>();
    terms.put("title", "Mooring posts");
    terms.put("kind", "SPRINT");
    terms.put("count", 90);
    terms.put("start", "2026-03-05");
    terms.put("due", "2026-03-14");
    terms.put("unit", "DRAWINGS");
    terms.put("topic", "mooring posts");
    terms.put("rest", List.of());
    terms.put("policy", "SPREAD");
    terms.put("rules", List.of());
    terms.put("secondsEach", 300);
    terms.put("minutesADay", 30);
    terms.put("beside", true);
    for (int i = 0; i < more.length; i += 2) {
      terms.put((String) more[i], more[i + 1]);
    }
    return terms;
  }

  private JsonNode make(Object... more) {
    var made = api.post("/api/quotas", Map.of("id", UUID.randomUUID(), "terms", terms(more)));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made.json();
  }

  private UUID draw(String day, int drawings, Object... more) {
    var id = UUID.randomUUID();
    var fields =
        EntryApiTest.fields(
            "day", day, "topic", "mooring posts", "drawings", drawings, "minutes", drawings * 4);
    for (int i = 0; i < more.length; i += 2) {
      fields.put((String) more[i], more[i + 1]);
    }
    assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
        .isEqualTo(201);
    return id;
  }

  private JsonNode quota(JsonNode made) {
    return api.get("/api/quotas/" + made.path("id").asString()).json();
  }

  /** The forecast of the first day says what the worksheet said: 50 too many, 13 days too few. */
  @Test
  void promised_all_the_same_it_is_told_the_same() {
    var forecast = quota(make()).path("forecast");
    assertThat(forecast.path("inTime").isNumber()).as("a plan knows no chance").isFalse();
    assertThat(forecast.path("basis").asString()).isEqualTo("SHORT_PLAN");
    assertThat(forecast.path("reachable").asInt()).as("50 less than 90").isEqualTo(40);
    assertThat(forecast.path("moreDays").asInt()).as("as the worksheet said").isEqualTo(13);
  }

  /** Of 70 minutes a day another promise takes 45: 9 drawings of 5 minutes, worked out by hand. */
  @Test
  void what_is_promised_already_is_not_there_twice() {
    var first = make("beside", false, "minutesADay", null);
    var second = terms("beside", false, "minutesADay", null, "topic", "cleats");
    var sheet = api.post("/api/quotas/worksheet", second).json();
    assertThat(sheet.path("day").path("promised").asInt()).isEqualTo(45);
    assertThat(sheet.path("day").path("available").asInt()).isEqualTo(70);
    assertThat(sheet.path("availableMinutes").asInt()).as("ten days of 25").isEqualTo(250);
    assertThat(sheet.path("answer").asString()).isEqualTo("TOO_MUCH");
    var changed = "/api/quotas/worksheet?changed=" + first.path("id").asString();
    assertThat(api.post(changed, second).json().path("availableMinutes").asInt())
        .as("its own terms do not stand in its way")
        .isEqualTo(700);
    var onTop = terms("topic", "cleats", "minutesADay", null);
    assertThat(api.post("/api/quotas/worksheet", onTop).json().path("availableMinutes").asInt())
        .isEqualTo(700);
    make("beside", false, "minutesADay", null, "topic", "cleats");
    var full = terms("beside", false, "minutesADay", null, "topic", "oars");
    assertThat(api.post("/api/quotas/worksheet", full).json().path("load").isNull())
        .as("two promises of 45 minutes leave nothing of 70")
        .isTrue();
  }

  @Test
  void a_line_that_names_what_was_promised_counts_for_it() {
    var made = make("topic", "cleats and rings", "book", "Red book");
    var line = Map.of("line", "3 cleats and rings, 12 min, red book p 4");
    var read = api.post("/api/log-line", line).json().path("entries").path(0);
    assertThat(read.path("topic").asString()).isEqualTo("cleats and rings");
    assertThat(read.path("book").asString()).isEqualTo("Red book");
    api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", read));
    assertThat(quota(made).path("progress").path("done").asInt()).isEqualTo(3);
  }

  /** Nine drawings of 5 minutes out of 70, and none of them is in the course. */
  @Test
  void what_a_promise_leaves_the_course_is_said() {
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-02"));
    var sheet = api.post("/api/quotas/worksheet", terms("beside", false)).json();
    assertThat(sheet.path("day").path("courseKeeps").asInt()).isEqualTo(25);
    var onTop = api.post("/api/quotas/worksheet", terms()).json();
    assertThat(onTop.path("day").path("courseKeeps").isNull()).isTrue();
    var placed = api.get("/api/course").json().path("placed").path("placement").asString();
    api.delete("/api/course/" + placed);
  }

  /** 450 minutes of drawing and 100 of setting up, against 300: worked out by hand. */
  @Test
  void the_worksheet_answers_before_the_promise() {
    var sheet = api.post("/api/quotas/worksheet", terms()).json();
    assertThat(sheet.path("load").asDouble()).isEqualTo(550 / 300.0);
    assertThat(sheet.path("answer").asString()).isEqualTo("TOO_MUCH");
    assertThat(sheet.path("minutesADay").asInt()).isEqualTo(55);
    assertThat(sheet.path("drop").asInt()).isEqualTo(50);
    assertThat(sheet.path("extraDays").asInt()).isEqualTo(13);
    assertThat(sheet.path("ownEntries").asInt()).isZero();
    draw("2026-03-04", 3);
    var known = api.post("/api/quotas/worksheet", terms()).json();
    assertThat(known.path("secondsEach").asInt()).as("(240 + 5 · 300) / 6").isEqualTo(290);
    assertThat(known.path("ownEntries").asInt()).isEqualTo(1);
    assertThat(api.get("/api/quotas").json().size()).as("nothing is kept").isZero();
  }

  @Test
  void a_sprint_runs_stops_and_is_taken_again() {
    var made = make();
    draw("2026-03-05", 9);
    var first = quota(made);
    assertThat(first.path("progress").path("doneToday").asInt()).isEqualTo(9);
    assertThat(first.path("progress").path("left").asInt()).isEqualTo(81);
    assertThat(first.path("outcome").asString()).isEqualTo("RUNNING");
    api = RunningQuill.at("2026-03-08T10:00:00Z");
    var missed = quota(made);
    assertThat(missed.path("progress").path("missed").asInt()).isEqualTo(2);
    assertThat(missed.path("progress").path("neededPerDay").asInt())
        .as("81 on 7 days")
        .isEqualTo(12);
    assertThat(missed.path("forecast").path("inTime").asDouble())
        .as("nine a day, the most so far, on seven days are 63 of the 81 left")
        .isZero();
    assertThat(missed.path("forecast").path("verdict").asString()).isEqualTo("OUT_OF_REACH");
    assertThat(missed.path("forecast").path("ownDays").asInt()).isEqualTo(3);
    var best = draw("2026-03-08", 54, "mark", 5);
    var version = quota(made).path("version").asLong();
    var path = "/api/quotas/" + made.path("id").asString();
    var ended = api.post(path + "/end?version=" + version, Map.of()).json();
    assertThat(ended.path("outcome").asString()).isEqualTo("STOPPED");
    assertThat(ended.path("progress").path("done").asInt()).isEqualTo(63);
    assertThat(api.post(path + "/end?version=" + version, Map.of()).status())
        .as("the version of before")
        .isEqualTo(409);
    var result =
        Map.of(
            "version", ended.path("version").asLong(),
            "learned", "Choose the posts the evening before.",
            "best", List.of(best));
    assertThat(api.put(path + "/result", result).json().path("learned").asString())
        .isEqualTo("Choose the posts the evening before.");
    api = RunningQuill.at("2026-04-02T10:00:00Z");
    assertThat(quota(made).path("progress").path("done").asInt())
        .as("its record stays")
        .isEqualTo(63);
    var atOnce =
        api.post(path + "/again", Map.of("id", UUID.randomUUID(), "start", "2026-03-08")).json();
    assertThat(atOnce.path("terms").path("start").asString()).isEqualTo("2026-03-09");
    assertThat(atOnce.path("progress").path("done").asInt()).as("none counts twice").isZero();
    var again =
        api.post(path + "/again", Map.of("id", UUID.randomUUID(), "start", "2026-04-02")).json();
    assertThat(again.path("terms").path("due").asString()).isEqualTo("2026-04-11");
    assertThat(again.path("before").path("done").asInt()).isEqualTo(63);
    assertThat(again.path("forecast").path("ownDays").asInt())
        .as("9, 0, 0 and 54 of the first run")
        .isEqualTo(4);
  }

  @Test
  void today_asks_for_quotas_and_the_course_keeps_its_minutes_beside_them() {
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-02"));
    double before = load();
    var beside = make();
    assertThat(load()).isEqualTo(before);
    var asked = api.get("/api/today").json().path("quotas");
    assertThat(asked.get(0).path("today").asInt()).isEqualTo(9);
    var version = beside.path("version").asLong();
    api.delete("/api/quotas/" + beside.path("id").asString() + "?version=" + version);
    make("beside", false);
    assertThat(load())
        .as("the quota takes its minutes from the course's days")
        .isGreaterThan(before);
  }

  private double load() {
    return api.get("/api/course").json().path("week").path("load").asDouble();
  }

  @Test
  void a_drawing_that_serves_both_counts_once_for_today() {
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-02"));
    var exercise = api.get("/api/today").json().path("shares").get(0);
    for (var share : api.get("/api/today").json().path("shares")) {
      exercise = share.path("unit").asString().equals("DRAWINGS") ? share : exercise;
    }
    var fields = terms("exercise", exercise.path("exerciseId").asString(), "count", 10);
    fields.remove("topic");
    fields.put("due", "2026-03-06");
    var made = api.post("/api/quotas", Map.of("id", UUID.randomUUID(), "terms", fields)).json();
    int served = made.path("progress").path("served").asInt();
    assertThat(served).isEqualTo(Math.min(5, exercise.path("count").asInt()));
    assertThat(api.get("/api/today").json().path("quotas").get(0).path("left").asInt())
        .isEqualTo(5 - served);
  }

  @Test
  void prompts_are_read_ordered_ticked_and_made() {
    var made = make("kind", "PROMPT_LIST", "unit", "PROMPTS", "count", 2);
    var path = "/api/quotas/" + made.path("id").asString();
    var text = Map.of("text", "crab pots\r\n\r\n a sail drying \n");
    assertThat(api.post("/api/quotas/prompts/read", text).json().path("prompts"))
        .extracting(JsonNode::asString)
        .containsExactly("crab pots", "a sail drying");
    var csv = Map.of("text", "\"rope, wet\",easy\r\n\"a \"\"dry\"\" dock\",hard\r\n");
    assertThat(api.post("/api/quotas/prompts/read", csv).json().path("prompts"))
        .extracting(JsonNode::asString)
        .containsExactly("rope, wet", "a \"dry\" dock");
    var first = new HashMap<String, Object>(prompt("crab pots"));
    first.put("doneOn", "2026-03-05");
    var open = api.post("/api/quotas/prompts/read", Map.of("text", "\"never closed"));
    assertThat(open.json().path("detail").asString())
        .isEqualTo("A quote in this text does not close.");
    var list = List.of(first, prompt("a sail drying"));
    var kept = api.put(path + "/prompts", Map.of("prompts", list)).json();
    assertThat(kept.path("progress").path("done").asInt()).isEqualTo(1);
    assertThat(kept.path("prompts").get(0).path("words").asString()).isEqualTo("crab pots");
    var second = list.get(1).get("id");
    api.put(path + "/prompts/order", Map.of("ids", List.of(second)));
    var told = api.put(path + "/prompts", Map.of("prompts", List.of(prompt("nets")))).json();
    assertThat(told.path("prompts").valueStream().map(p -> p.path("words").asString()))
        .as("what is not named stays and comes after")
        .containsExactly("a sail drying", "crab pots", "nets");
    assertThat(api.delete(path + "/prompts/" + second).status()).isEqualTo(200);
    assertThat(api.delete(path + "/prompts/" + second).status()).as("gone already").isEqualTo(200);
    assertThat(api.get(path).json().path("prompts").size()).isEqualTo(2);
    assertThat(api.get(path).json().path("progress").path("done").asInt()).isEqualTo(1);
    var other = "/api/quotas/" + make("kind", "PROMPT_LIST").path("id").asString();
    assertThat(api.put(other + "/prompts", Map.of("prompts", list)).json().path("code").asString())
        .isEqualTo("id-taken");
    var flood = Stream.generate(() -> prompt("gull")).limit(1999).toList();
    assertThat(api.put(path + "/prompts", Map.of("prompts", flood)).json().path("value").asString())
        .isEqualTo("2001");
    first.put("doneOn", "2026-03-06");
    assertThat(api.put(path + "/prompts", Map.of("prompts", list)).json().path("field").asString())
        .isEqualTo("doneOn");
    var wish = Map.of("seed", 4, "rerolls", List.of(0, 0, 0));
    var words = api.post("/api/quotas/prompts/make", wish).json().path("prompts");
    assertThat(words.size()).isEqualTo(3);
    assertThat(api.post("/api/quotas/prompts/make", wish).json().path("prompts")).isEqualTo(words);
    var lists =
        Map.of("subjects", List.of("gull"), "things", List.of("oar"), "actions", List.of("hops"));
    api.put("/api/quotas/prompts/words", lists);
    assertThat(api.post("/api/quotas/prompts/make", wish).json().path("prompts"))
        .extracting(JsonNode::asString)
        .containsExactly("gull", "oar", "hops");
  }

  private static Map<String, Object> prompt(String words) {
    return Map.of("id", UUID.randomUUID(), "words", words, "chosen", true, "developed", false);
  }

  @Test
  void rules_are_asked_about_once_and_never_block() {
    var made = make("rules", List.of("PEN_ONLY", "NO_ERASER"));
    var entry = draw("2026-03-05", 4, "medium", "graphite");
    var asked = api.get("/api/today").json().path("asked");
    assertThat(StreamSupport.stream(asked.spliterator(), false).map(a -> a.path("rule").asString()))
        .as("the medium tells the other rule")
        .containsExactly("NO_ERASER");
    var answer = "/api/entries/" + entry + "/rules/NO_ERASER";
    assertThat(api.put(answer, Map.of("kept", true)).status()).isEqualTo(204);
    var kept = quota(made).path("kept");
    assertThat(kept.path("PEN_ONLY").path("broken").asInt()).isEqualTo(1);
    assertThat(kept.path("NO_ERASER").path("kept").asInt()).isEqualTo(1);
    assertThat(api.get("/api/today").json().path("asked").size()).isZero();
  }

  @Test
  void what_cannot_be_promised_is_refused_with_its_field() {
    refused("due", terms("due", "2026-03-01"));
    refused("start", terms("kind", "STANDING", "start", "0001-01-01"));
    refused("start", terms("start", "2036-03-01", "due", "2036-03-09"));
    refused("count", terms("count", 0));
    refused("due", terms("due", "2036-03-01"));
    refused("title", terms("title", "   "));
    refused("days", terms("kind", "DAILY_RUN"));
    refused("secondsEach", terms("secondsEach", 1));
    refused(
        "rest",
        terms(
            "rest",
            List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY")));
    refused("kind", terms("kind", "DREAM"));
    assertThat(api.get("/api/quotas").json().size()).isZero();
  }

  private void refused(String field, Map<String, Object> terms) {
    var answer = api.post("/api/quotas", Map.of("id", UUID.randomUUID(), "terms", terms));
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).endsWith(field);
    assertThat(answer.json().path("detail").asString()).isNotEmpty();
  }
}
