package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans that change, through the API: a learner on Thursday who has drawn nothing this week. */
class PlanChangeTest extends ClockedTest {
  PlanChangeTest() {
    super(70);
  }

  private String place(String course, String start) {
    var placed = api.put("/api/course", Map.of("courseId", course, "start", start));
    assertThat(placed.status()).isEqualTo(200);
    return placed.json().path("placed").path("placement").asString();
  }

  private static Map<String, Object> change(String kind, Object... more) {
    var change = new HashMap<String, Object>(Map.of("kind", kind));
    for (int i = 0; i < more.length; i += 2) {
      change.put((String) more[i], more[i + 1]);
    }
    return change;
  }

  @SafeVarargs
  private UUID make(String plan, String reason, Map<String, Object>... changes) {
    var id = UUID.randomUUID();
    var made = makeAs(id, plan, reason, changes);
    assertThat(made.status()).as(made.body()).isEqualTo(204);
    return id;
  }

  @SafeVarargs
  private Api.Answer makeAs(UUID id, String plan, String reason, Map<String, Object>... changes) {
    return api.post(
        "/api/course/" + plan + "/changes",
        Map.of("id", id, "changes", List.of(changes), "reason", reason));
  }

  private String end(String plan) {
    return course(plan).path("placed").path("end").asString();
  }

  private JsonNode course(String plan) {
    return api.get("/api/course?placement=" + plan).json();
  }

  private static int drawingsOfFirstDays(JsonNode week, int days) {
    return week.path("rows")
        .valueStream()
        .filter(row -> row.path("unit").asString().equals("DRAWINGS"))
        .mapToInt(
            row ->
                IntStream.range(0, days)
                    .map(i -> row.path("cells").get(i).path("share").asInt())
                    .sum())
        .sum();
  }

  private Api.Answer undo(UUID id) {
    return api.delete("/api/course/changes/" + id);
  }

  @Test
  void three_ways_with_missed_days_are_shown_before_one_is_taken() {
    var plan = place("harbour-year", "2026-03-02");
    var ways = api.get("/api/course/" + plan + "/policies").json();
    assertThat(ways.size()).isEqualTo(3);
    assertThat(ways.get(0).path("missed").size()).as("Monday to Wednesday").isEqualTo(3);
    assertThat(ways.get(0).path("figures").path("end").asString()).isEqualTo("2026-08-16");
    assertThat(ways.get(1).path("figures").path("end").asString()).isEqualTo("2026-08-19");
    assertThat(ways.get(2).path("figures").path("droppedDrawings").asInt())
        .as("what the first three days of the week's table held")
        .isEqualTo(drawingsOfFirstDays(course(plan).path("week"), 3));
    var slide =
        make(
            plan,
            "a cold",
            change(
                "SLIDE", "week", "1", "dates", List.of("2026-03-02", "2026-03-03", "2026-03-04")));
    assertThat(end(plan)).isEqualTo("2026-08-19");
    assertThat(course(plan).path("placed").path("missedDays").size()).isZero();
    assertThat(undo(slide).status()).isEqualTo(204);
    assertThat(end(plan)).isEqualTo("2026-08-16");
  }

  @Test
  void a_change_told_twice_is_made_once_and_its_story_is_kept() {
    var plan = place("harbour-year", "2026-03-02");
    var stretch = change("STRETCH", "week", "3", "days", 21);
    var id = make(plan, "hulls need three weeks", stretch);
    assertThat(makeAs(id, plan, "again", stretch).status()).isEqualTo(204);
    assertThat(end(plan)).isEqualTo("2026-08-30");
    var swap = make(plan, "", change("SWAP", "week", "3", "other", "5"));
    var story = api.get("/api/course/" + plan + "/history").json();
    assertThat(story.size()).isEqualTo(2);
    assertThat(Api.said(story.get(0).path("reason"))).isEqualTo("hulls need three weeks");
    assertThat(story.get(0).path("endBefore").asString()).isEqualTo("2026-08-16");
    assertThat(story.get(0).path("endAfter").asString()).isEqualTo("2026-08-30");
    assertThat(story.get(0).path("kept").asString()).isEqualTo("BUILT_ON");
    assertThat(undo(id).status()).as("the swap builds on it").isEqualTo(409);
    assertThat(undo(swap).status()).isEqualTo(204);
    assertThat(undo(id).status()).isEqualTo(204);
    assertThat(undo(id).status()).as("taken back once").isEqualTo(204);
    assertThat(end(plan)).isEqualTo("2026-08-16");
  }

  @Test
  void what_is_over_stays_and_nonsense_is_refused() {
    var plan = place("harbour-year", "2026-02-16");
    var past = makeAs(UUID.randomUUID(), plan, "", change("STRETCH", "week", "1", "days", 9));
    assertThat(past.status()).isEqualTo(409);
    assertThat(past.json().path("detail").asString()).contains("before today");
    var preview =
        api.post(
                "/api/course/" + plan + "/preview",
                Map.of("week", "3", "changes", List.of(change("STRETCH", "week", "1", "days", 9))))
            .json();
    assertThat(Api.said(preview.path("refused"))).contains("what happened stays");
    assertThat(makeAs(UUID.randomUUID(), plan, "", change("SKIP", "week", "99")).status())
        .isEqualTo(409);
    assertThat(makeAs(UUID.randomUUID(), plan, "", change("STRETCH", "week", "4")).status())
        .isEqualTo(400);
    assertThat(
            makeAs(UUID.randomUUID(), plan, "", change("STRETCH", "week", "4", "days", 0)).status())
        .isEqualTo(400);
    for (var kind : new String[] {"WARM_UP", "DETOUR_FOR_TOPIC", "BASELINE"}) {
      var blank =
          kind.equals("WARM_UP")
              ? change(kind, "week", "4", "topic", " ", "minutes", 10)
              : change(kind, "week", "4", "topic", " ");
      var refused = makeAs(UUID.randomUUID(), plan, "", blank);
      assertThat(refused.status()).as(kind).isEqualTo(400);
      assertThat(refused.json().path("field").asString()).isEqualTo("topic");
    }
    assertThat(api.get("/api/course/" + plan + "/history").json().size()).isZero();
  }

  @Test
  void a_remedy_does_what_it_says() {
    var plan = place("figure-from-the-ground-up", "2026-03-05");
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.path("time").path("week").forEach(day -> ((ObjectNode) day).put("minutes", 45));
    api.put("/api/settings", settings);
    var week = api.get("/api/course?placement=" + plan + "&week=4").json().path("week");
    assertThat(week.path("load").asDouble()).as("more than there is room for").isGreaterThan(1);
    int minutes = week.path("remedies").path("minutesADay").asInt();
    assertThat(fits(plan, change("MINUTES_A_DAY", "week", "4", "minutes", minutes))).isTrue();
    assertThat(fits(plan, change("MINUTES_A_DAY", "week", "4", "minutes", minutes - 1))).isFalse();
    var units = new ArrayList<Map<String, Object>>();
    for (var drop : week.path("remedies").path("drops")) {
      units.add(
          Map.of(
              "exerciseId", drop.path("exerciseId").asString(),
              "count", drop.path("count").asInt()));
    }
    make(plan, "", change("DROP", "week", "4", "units", units));
    var after = api.get("/api/course?placement=" + plan + "&week=4").json().path("week");
    assertThat(after.path("shortfalls").size()).isZero();
    settings = (ObjectNode) api.get("/api/settings").json();
    settings.path("time").path("week").forEach(day -> ((ObjectNode) day).put("minutes", 70));
    api.put("/api/settings", settings);
  }

  private boolean fits(String plan, Map<String, Object> change) {
    var preview =
        api.post(
                "/api/course/" + plan + "/preview", Map.of("week", "4", "changes", List.of(change)))
            .json();
    return preview.path("after").path("shortfalls").isEmpty();
  }

  @Test
  void a_need_that_was_never_touched_is_met_by_a_warm_up_or_a_detour() {
    var plan = place("from-the-inside-out", "2026-03-05");
    var remark = course(plan).path("remarks").get(0);
    assertThat(remark.path("topic").asString()).isEqualTo("spine");
    var need = remark.path("need").asString();
    var warmUp = change("WARM_UP", "week", "1", "topic", need, "minutes", 30);
    make(plan, "", warmUp);
    var needs = course(plan).path("remarks").valueStream().map(r -> r.path("need").asString());
    assertThat(needs).doesNotContain(need);
    make(
        plan,
        "from the figure course",
        change(
            "DETOUR_OF_COURSE",
            "week",
            "2",
            "courseId",
            "figure-from-the-ground-up",
            "courseWeeks",
            List.of(7)));
    assertThat(course(plan).path("ruler").get(1).path("role").asString()).isEqualTo("DETOUR");
    var bad =
        change(
            "DETOUR_OF_COURSE",
            "week",
            "2",
            "courseId",
            "harbour-year",
            "courseWeeks",
            List.of(25));
    assertThat(makeAs(UUID.randomUUID(), plan, "", bad).json().path("detail").asString())
        .contains("weeks 1 to 24");
  }

  @Test
  void baselines_are_placed_appear_today_and_pair_up() {
    var plan = place("figure-from-the-ground-up", "2026-03-05");
    var today = api.get("/api/today").json().path("shares");
    assertThat(today.valueStream().map(s -> s.path("exerciseId").asString()))
        .contains("baseline-start-1");
    var pairs = course(plan).path("pairs");
    assertThat(pairs.size()).isEqualTo(3);
    assertThat(pairs.get(0).path("moments").size()).isEqualTo(3);
    make(plan, "", change("BASELINE", "week", "2", "topic", "a bollard"));
    assertThat(course(plan).path("pairs").size()).isEqualTo(4);
  }

  @Test
  void a_side_course_shares_the_room_by_weight() {
    var main = place("harbour-year", "2026-03-05");
    var side =
        api.put(
                "/api/course",
                Map.of("courseId", "creatures-by-kinship", "start", "2026-03-05", "side", true))
            .json();
    var plan = side.path("placed").path("placement").asString();
    int room = (70 - 10) * 80 / 100;
    assertThat(side.path("week").path("days").get(1).path("roomMinutes").asInt())
        .isEqualTo(room * 30 / 100);
    assertThat(course(main).path("week").path("days").get(1).path("roomMinutes").asInt())
        .isEqualTo(room * 70 / 100);
    assertThat(api.put("/api/course/weights", Map.of("weights", Map.of(plan, 0))).status())
        .isEqualTo(400);
    var shares = api.get("/api/today").json().path("shares");
    assertThat(shares.valueStream().map(s -> s.path("course").asString()).distinct().count())
        .isEqualTo(2);
    assertThat(api.delete("/api/course/" + plan).status()).isEqualTo(204);
    assertThat(course(main).path("week").path("days").get(1).path("roomMinutes").asInt())
        .isEqualTo(room);
  }

  @Test
  void an_appointment_takes_its_time_and_a_clash_is_named() {
    var plan = place("figure-from-the-ground-up", "2026-03-05");
    var group = new HashMap<String, Object>();
    group.put("id", UUID.randomUUID());
    group.put("title", "Life group");
    group.put("weekday", "FRIDAY");
    group.put("from", "2026-03-01");
    group.put("start", "19:00");
    group.put("minutes", 120);
    group.put("poses", List.of(Map.of("count", 30, "secondsEach", 30)));
    assertThat(api.put("/api/appointments", Map.of("appointments", List.of(group))).status())
        .isEqualTo(200);
    var week = api.get("/api/course?placement=" + plan + "&week=2").json().path("week");
    assertThat(week.path("clashes").get(0).path("obstacle").asString()).isEqualTo("OVER_THE_DAY");
    var poses =
        week.path("rows")
            .valueStream()
            .filter(r -> r.path("exerciseId").asString().equals("f02-thirty"))
            .findFirst()
            .orElseThrow();
    assertThat(poses.path("cells").valueStream().mapToInt(c -> c.path("appointed").asInt()).sum())
        .isEqualTo(30);
    var calendar = api.get("/api/plan.ics").body();
    assertThat(calendar).contains("SUMMARY:Life group", "DTSTART:20260306T190000Z");
    group.put("minutes", 14);
    assertThat(api.put("/api/appointments", Map.of("appointments", List.of(group))).body())
        .contains("take 15 min, and it lasts 14");
    group.put("minutes", 1);
    assertThat(api.put("/api/appointments", Map.of("appointments", List.of(group))).status())
        .isEqualTo(400);
    api.put("/api/appointments", Map.of("appointments", List.of()));
  }

  @Test
  void the_calendar_keeps_its_names_and_the_feed_its_secret() {
    place("harbour-year", "2026-03-05");
    var first = api.get("/api/plan.ics").body();
    assertThat(first).startsWith("BEGIN:VCALENDAR\r\n").contains("DTSTART;VALUE=DATE:20260305");
    assertThat(uids(api.get("/api/plan.ics").body())).isEqualTo(uids(first)).isNotEmpty();
    var address = api.get("/api/feed").json().path("address").asString();
    var path = address.substring(address.indexOf("/feed/"));
    assertThat(uids(api.get(path).body())).isEqualTo(uids(first));
    assertThat(api.get("/feed/guessed/plan.ics").status()).isEqualTo(404);
    api.post("/api/feed", "{}");
    assertThat(api.get(path).status()).as("the old address").isEqualTo(404);
  }

  private static List<String> uids(String calendar) {
    return calendar.replace("\r\n ", "").lines().filter(l -> l.startsWith("UID:")).toList();
  }

  @Test
  void days_that_pass_move_a_plan_whose_way_is_to_slide() {
    var plan = place("harbour-year", "2026-03-05");
    make(plan, "", change("POLICY", "policy", "SLIDE"));
    api = RunningQuill.at("2026-03-08T10:00:00Z");
    assertThat(end(plan)).as("three days missed").isEqualTo("2026-08-22");
    assertThat(end(plan)).as("settled once").isEqualTo("2026-08-22");
    var story = api.get("/api/course/" + plan + "/history").json();
    assertThat(story.get(1).path("automatic").asBoolean()).isTrue();
    assertThat(story.get(1).path("changes").get(0).path("dates").size()).isEqualTo(3);
    assertThat(undo(UUID.fromString(story.get(1).path("id").asString())).status()).isEqualTo(204);
    assertThat(end(plan)).isEqualTo("2026-08-19");
  }

  /** Three days missed and moved on by themselves; then an entry is dated back to one of them. */
  @ParameterizedTest
  @CsvSource({"SLIDE, 2026-08-21", "LET_GO, 2026-08-19"})
  void a_day_drawn_after_all_is_not_missed_any_more(String policy, String ends) {
    var plan = place("harbour-year", "2026-03-05");
    make(plan, "", change("POLICY", "policy", policy));
    api = RunningQuill.at("2026-03-08T10:00:00Z");
    end(plan);
    assertThat(missed(plan, 1)).containsExactlyInAnyOrder("2026-03-05", "2026-03-06", "2026-03-07");
    var exercise = api.get("/api/today").json().path("shares").get(0).path("exerciseId").asString();
    var fields = EntryApiTest.fields("drawings", 3, "day", "2026-03-07", "exerciseId", exercise);
    var other = EntryApiTest.fields("drawings", 3, "day", "2026-03-06", "topic", "gulls");
    api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", other));
    assertThat(api.get("/api/course/" + plan + "/history").json().get(1).path("undone").asBoolean())
        .as("what the course did not ask for changes nothing")
        .isFalse();
    var written = api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
    assertThat(written.status()).as(written.body()).isEqualTo(201);
    assertThat(end(plan)).isEqualTo(ends);
    var story = api.get("/api/course/" + plan + "/history").json();
    assertThat(story.get(1).path("undone").asBoolean()).isTrue();
    assertThat(missed(plan, 2)).containsExactlyInAnyOrder("2026-03-05", "2026-03-06");
  }

  private List<String> missed(String plan, int line) {
    var change =
        api.get("/api/course/" + plan + "/history").json().get(line).path("changes").get(0);
    return change.path("dates").valueStream().map(d -> d.asString()).toList();
  }
}
