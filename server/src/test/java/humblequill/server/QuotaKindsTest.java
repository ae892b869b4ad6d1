package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The kinds of promises, and what can be done with each, through the API. */
class QuotaKindsTest extends ClockedTest {
  QuotaKindsTest() {
    super(60);
  }

  private static Map<String, Object> terms(String kind, int count, Object... more) {
    var terms = new HashMap<String, Object>();
    terms.put("title", "Capstans");
    terms.put("kind", kind);
    terms.put("count", count);
    terms.put("start", "2026-03-05");
    terms.put("unit", "DRAWINGS");
    terms.put("topic", "capstans");
    terms.put("rest", List.of());
    terms.put("policy", "SPREAD");
    terms.put("rules", List.of());
    terms.put("secondsEach", 120);
    terms.put("beside", true);
    for (int i = 0; i < more.length; i += 2) {
      terms.put((String) more[i], more[i + 1]);
    }
    return terms;
  }

  private JsonNode make(Map<String, Object> terms) {
    var made = api.post("/api/quotas", Map.of("id", UUID.randomUUID(), "terms", terms));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made.json();
  }

  private void draw(String day, Object... more) {
    var all = new Object[more.length + 4];
    System.arraycopy(new Object[] {"day", day, "topic", "capstans"}, 0, all, 0, 4);
    System.arraycopy(more, 0, all, 4, more.length);
    var entry = Map.of("id", UUID.randomUUID(), "fields", EntryApiTest.fields(all));
    assertThat(api.post("/api/entries", entry).status()).isEqualTo(201);
  }

  private JsonNode quota(JsonNode made) {
    return api.get("/api/quotas/" + made.path("id").asString()).json();
  }

  @Test
  void a_daily_run_counts_its_days() {
    var run = make(terms("DAILY_RUN", 1, "days", 30, "policy", "SLIDE"));
    assertThat(run.path("progress").path("due").asString()).isEqualTo("2026-04-03");
    assertThat(run.path("progress").path("number").asInt()).isEqualTo(1);
    draw("2026-03-05", "drawings", 1);
    api = RunningQuill.at("2026-03-07T10:00:00Z");
    var later = quota(run).path("progress");
    assertThat(later.path("number").asInt()).as("yesterday was missed").isEqualTo(2);
    assertThat(later.path("due").asString()).isEqualTo("2026-04-04");
    assertThat(api.get("/api/today").json().path("quotas").get(0).path("number").asInt())
        .isEqualTo(2);
  }

  @Test
  void a_ramp_steps_up_after_a_week_that_met_it() {
    var ramp = make(terms("RAMP", 10, "step", 4, "weeks", 6));
    draw("2026-03-05", "drawings", 12);
    api = RunningQuill.at("2026-03-13T10:00:00Z");
    var second = quota(ramp);
    assertThat(second.path("progress").path("asked").asInt()).isEqualTo(14);
    assertThat(second.path("progress").path("weeks").get(0).path("met").asBoolean()).isTrue();
    assertThat(second.path("forecast").path("ownDays").asInt()).as("a week and a day").isEqualTo(8);
    api = RunningQuill.at("2026-05-01T10:00:00Z");
    assertThat(quota(ramp).path("outcome").asString())
        .as("six weeks are over, and only the first was met")
        .isEqualTo("RUN_OUT");
  }

  @Test
  void a_standing_quota_goes_on_until_it_is_ended() {
    var standing = make(terms("STANDING", 5));
    draw("2026-03-05", "drawings", 7);
    assertThat(quota(standing).path("outcome").asString())
        .as("reached, and still running")
        .isEqualTo("RUNNING");
    api = RunningQuill.at("2026-06-01T10:00:00Z");
    var now = quota(standing);
    assertThat(now.path("progress").path("weeks").size()).isEqualTo(12);
    assertThat(now.path("progress").path("total").asInt()).isEqualTo(7);
    var path = "/api/quotas/" + standing.path("id").asString();
    var ended = api.post(path + "/end?version=" + now.path("version").asLong(), Map.of()).json();
    assertThat(ended.path("outcome").asString()).isEqualTo("STOPPED");
    var on = api.post(path + "/go-on?version=" + ended.path("version").asLong(), Map.of()).json();
    assertThat(on.path("outcome").asString()).isEqualTo("RUNNING");
  }

  @ParameterizedTest
  @CsvSource({"DRAWINGS, 6", "PAGES, 3", "MINUTES, 25"})
  void a_unit_counts_what_it_says(String unit, int counted) {
    var made = make(terms("SPRINT", 100, "due", "2026-03-20", "unit", unit));
    draw("2026-03-05", "drawings", 6, "minutes", 25, "pageFrom", 4, "pageTo", 6);
    assertThat(quota(made).path("progress").path("done").asInt()).isEqualTo(counted);
  }

  @ParameterizedTest
  @CsvSource({
    "medium, pen, 1",
    "medium, charcoal, 0",
    "source, life, 1",
    "source, photo, 0",
    "book, Harbour book, 1",
    "book, Another, 0",
    "topic, CAPSTANS, 1",
    "topic, bollards, 0"
  })
  void a_filter_lets_through_what_it_names(String field, String value, int counted) {
    var made = make(terms("SPRINT", 10, "due", "2026-03-20", field, value));
    draw("2026-03-05", "drawings", 1, "medium", "pen", "source", "life", "book", "Harbour book");
    assertThat(quota(made).path("progress").path("done").asInt()).isEqualTo(counted);
  }

  @Test
  void entries_before_it_and_after_its_end_do_not_count() {
    draw("2026-03-04", "drawings", 9);
    var made = make(terms("SPRINT", 50, "due", "2026-03-20"));
    draw("2026-03-05", "drawings", 4);
    var path = "/api/quotas/" + made.path("id").asString();
    api.post(path + "/end?version=0", Map.of());
    api = RunningQuill.at("2026-03-09T10:00:00Z");
    draw("2026-03-09", "drawings", 8);
    assertThat(quota(made).path("progress").path("done").asInt()).isEqualTo(4);
    assertThat(quota(made).path("record").path("done").asInt()).isEqualTo(4);
  }

  @Test
  void a_count_that_is_reached_is_finished_and_more_is_a_bonus() {
    var made = make(terms("SPRINT", 8, "due", "2026-03-06"));
    draw("2026-03-05", "drawings", 7);
    assertThat(quota(made).path("progress").path("bonusToday").asInt())
        .as("4 were asked")
        .isEqualTo(3);
    draw("2026-03-05", "drawings", 1);
    assertThat(quota(made).path("outcome").asString()).isEqualTo("FINISHED");
    assertThat(quota(made).path("forecast").isNull()).isTrue();
    var other = make(terms("SPRINT", 80, "due", "2026-03-06"));
    api = RunningQuill.at("2026-03-10T10:00:00Z");
    assertThat(quota(other).path("outcome").asString()).isEqualTo("RUN_OUT");
  }

  @Test
  void terms_change_under_way_and_a_stale_change_is_refused() {
    var made = make(terms("SPRINT", 50, "due", "2026-03-20"));
    draw("2026-03-05", "drawings", 4);
    var path = "/api/quotas/" + made.path("id").asString();
    var fewer = Map.of("version", 0, "terms", terms("SPRINT", 20, "due", "2026-03-20"));
    assertThat(api.put(path, fewer).json().path("progress").path("left").asInt()).isEqualTo(16);
    var stale = api.put(path, fewer);
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().path("code").asString()).isEqualTo("stale");
    api.post(path + "/end?version=1", Map.of());
    var late = api.put(path, Map.of("version", 2, "terms", terms("STANDING", 5)));
    assertThat(late.json().path("code").asString()).isEqualTo("ended");
  }

  @Test
  void a_removed_quota_leaves_every_entry() {
    var made = make(terms("STANDING", 5));
    draw("2026-03-05", "drawings", 4);
    var path = "/api/quotas/" + made.path("id").asString();
    assertThat(api.delete(path + "?version=7").status()).isEqualTo(409);
    assertThat(api.delete(path + "?version=0").status()).isEqualTo(204);
    assertThat(api.delete(path + "?version=0").status()).as("gone already").isEqualTo(204);
    assertThat(api.get(path).status()).isEqualTo(404);
    assertThat(api.get("/api/today").json().path("entries").size()).isEqualTo(1);
  }

  @Test
  void the_same_promise_told_twice_is_one() {
    var id = UUID.randomUUID();
    var quota = Map.of("id", id, "terms", terms("STANDING", 5));
    api.post("/api/quotas", quota);
    assertThat(api.post("/api/quotas", quota).status()).isEqualTo(201);
    assertThat(api.get("/api/quotas").json().size()).isEqualTo(1);
    var other = api.post("/api/quotas", Map.of("id", id, "terms", terms("STANDING", 6)));
    assertThat(other.json().path("code").asString()).isEqualTo("id-taken");
  }

  /** 10 a week of 2 min, 7 days of 10 min setting up: 20 + 70 of 420 min. */
  @Test
  void the_worksheet_of_a_weekly_promise_is_that_of_its_first_week() {
    var sheet = api.post("/api/quotas/worksheet", terms("STANDING", 10)).json();
    assertThat(sheet.path("drawingDays").asInt()).isEqualTo(7);
    assertThat(sheet.path("load").asDouble()).isEqualTo(90 / 420.0);
    assertThat(sheet.path("answer").asString()).isEqualTo("YES");
    assertThat(sheet.path("perDay").asInt()).isEqualTo(2);
    var resting = terms("STANDING", 10, "rest", List.of("SATURDAY", "SUNDAY"));
    assertThat(api.post("/api/quotas/worksheet", resting).json().path("drawingDays").asInt())
        .isEqualTo(5);
  }

  @Test
  void a_promise_that_multiplies_the_usual_week_brings_its_caution() {
    for (int week = 1; week <= 4; week++) {
      draw(java.time.LocalDate.of(2026, 3, 5).minusDays(7L * week).toString(), "minutes", 80);
    }
    var much = terms("STANDING", 120, "minutesADay", 60);
    var sheet = api.post("/api/quotas/worksheet", much).json();
    assertThat(sheet.path("usualWeekMinutes").asInt()).isEqualTo(80);
    assertThat(sheet.path("sudden").asBoolean()).isTrue();
    var little =
        terms(
            "STANDING",
            5,
            "rest",
            List.of("TUESDAY", "WEDNESDAY", "FRIDAY", "SATURDAY", "SUNDAY", "MONDAY"));
    assertThat(api.post("/api/quotas/worksheet", little).json().path("sudden").asBoolean())
        .isFalse();
  }

  @Test
  void in_ones_own_time_nothing_is_asked_and_dates_come_from_own_days() {
    var own = make(terms("OWN_TIME", 30, "beside", false));
    var id = own.path("id").asString();
    for (int day = 5; day < 10; day++) {
      draw("2026-03-0" + day, "drawings", 2, "minutes", 4);
      api = RunningQuill.at("2026-03-%02dT10:00:00Z".formatted(day + 1));
    }
    var later = quota(own);
    assertThat(later.path("progress").path("today").asInt()).isZero();
    assertThat(later.path("progress").path("done").asInt()).isEqualTo(10);
    assertThat(later.path("forecast").path("verdict").asString()).isEqualTo("OPEN");
    assertThat(later.path("forecast").path("inTime").isNull()).isTrue();
    assertThat(later.path("forecast").path("middle").asString()).startsWith("2026-03-");
    assertThat(api.get("/api/today").json().path("overMinutes").asInt()).isZero();
    var sheet = api.post("/api/quotas/worksheet", terms("OWN_TIME", 100, "minutesADay", 30)).json();
    assertThat(sheet.path("answer").asString()).isEqualTo("YES");
    assertThat(sheet.path("trials").get(0).path("count").asInt()).isEqualTo(10);
    api.delete("/api/quotas/" + id + "?version=" + later.path("version").asLong());
  }

  @Test
  void the_learner_can_insist_on_the_time_a_unit_takes() {
    for (int i = 0; i < 6; i++) {
      draw("2026-03-05", "drawings", 1, "minutes", 6);
    }
    var learned = api.post("/api/quotas/worksheet", terms("OWN_TIME", 40)).json();
    assertThat(learned.path("secondsEach").asInt()).isGreaterThan(120);
    var insisted = api.post("/api/quotas/worksheet", terms("OWN_TIME", 40, "insists", true)).json();
    assertThat(insisted.path("secondsEach").asInt()).isEqualTo(120);
    assertThat(insisted.path("ownSeconds").asInt()).isEqualTo(360);
  }

  @Test
  void a_listed_prompt_is_kept_in_its_own_words_and_unticked_with_its_entry() {
    var made = make(terms("PROMPT_LIST", 1, "unit", "PROMPTS", "due", "2026-03-20", "topic", null));
    var path = "/api/quotas/" + made.path("id").asString();
    var prompt = Map.of("words", "a gull on a bollard", "chosen", true, "developed", false);
    var listed = new HashMap<String, Object>(prompt);
    listed.put("id", UUID.randomUUID());
    assertThat(api.put(path + "/prompts", Map.of("prompts", List.of(listed))).status())
        .isBetween(200, 299);
    var line = Map.of("line", "gull on a bollard, 12 min, pen");
    var reading = api.post("/api/log-line", line).json();
    assertThat(reading.path("complete").asBoolean()).as(reading.toString()).isTrue();
    var fields = reading.path("entries").get(0);
    assertThat(fields.path("note").asString()).isEqualTo("Prompt: a gull on a bollard");
    assertThat(fields.path("topic").isNull()).isTrue();
    var id = UUID.randomUUID();
    assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
        .isEqualTo(201);
    assertThat(quota(made).path("prompts").get(0).path("doneOn").asString())
        .isEqualTo("2026-03-05");
    assertThat(quota(made).path("progress").path("done").asInt()).isEqualTo(1);
    assertThat(api.delete("/api/entries/" + id + "?version=0").status()).isEqualTo(204);
    assertThat(quota(made).path("prompts").get(0).path("doneOn").isNull()).isTrue();
  }
}
