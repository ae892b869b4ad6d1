package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.ground.data.DataFolder;
import jakarta.persistence.EntityManagerFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.hibernate.SessionFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A learner's first week. */
@ExtendWith(RunningQuill.class)
class WeekTest {
  @Test
  void a_course_is_placed_drawn_and_replanned(Api api) throws Exception {
    firstStart(api);
    refusesBrokenCourseFiles(api, RunningQuill.folder());
    sharesFollowWhatWasDrawn(api);
    sundayChangesTheWeek(api);
    statementsAreFew(
        api, RunningQuill.part(EntityManagerFactory.class).unwrap(SessionFactory.class));
    assertThat(new DataFolder(RunningQuill.folder()).databaseFile()).exists();
  }

  private static ObjectNode settings(Api api) {
    return (ObjectNode) api.get("/api/settings").json();
  }

  private static void firstStart(Api api) {
    assertThat(settings(api).path("started").asBoolean()).isFalse();
    var settings = settings(api);
    settings.withObjectProperty("time").put("zone", "UTC");
    settings.path("time").path("week").forEach(day -> ((ObjectNode) day).put("minutes", 70));
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
    assertThat(api.put("/api/settings", settings).status())
        .as("the same version twice")
        .isEqualTo(409);
    assertThat(
            api.put("/api/course", Map.of("courseId", "nowhere", "start", "2026-03-05")).status())
        .isEqualTo(404);
    var placed = api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-02"));
    assertThat(placed.json().path("ruler").size()).isEqualTo(24);
    assertThat(api.get("/api/today").json().path("course").path("week").asInt()).isEqualTo(1);
  }

  private static void refusesBrokenCourseFiles(Api api, Path folder) throws Exception {
    var courses = Files.createDirectories(folder.resolve("courses"));
    Files.writeString(courses.resolve("a.yaml"), "format: 1\nid: a\ntitle: A\nweeks: [");
    Files.writeString(
        courses.resolve("b.yaml"),
        "format: 1\nid: b\ntitle: B\nweeks:\n- title: W\n  exercises:\n  - {id: x, title: X, kind: drill, drawings: 0, minutesEach: 1}\n");
    Files.writeString(
        courses.resolve("c.json"),
        "{\"format\":1,\"id\":\"c\",\"title\":\"C\",\"weeks\":[{\"title\":\"W\",\"exercises\":[{\"id\":\"x\",\"title\":\"X\",\"kind\":\"drill\",\"drawings\":3,\"minutesEach\":1,\"after\":\"y\"}]}]}");
    Files.writeString(
        courses.resolve("d.yaml"),
        "format: 1\nid: own\ntitle: Own\nweeks:\n- title: W\n  exercises:\n  - {id: x, title: X, kind: drill, drawings: 9, minutesEach: 1}\n");
    var shelf = api.get("/api/courses").json();
    assertThat(shelf.path("courses").valueStream().map(c -> c.path("id").asString()))
        .contains("harbour-year", "own");
    var broken = shelf.path("broken");
    assertThat(broken.get(0).path("file").asString()).isEqualTo("a.yaml");
    assertThat(broken.get(0).path("path").asString()).contains("line");
    assertThat(broken.get(1).path("path").asString()).isEqualTo("weeks[0].exercises[0].drawings");
    assertThat(broken.get(2).path("path").asString()).isEqualTo("weeks[0].exercises[0].after");
    assertThat(Api.said(broken.get(2).path("reason"))).contains("\"y\"");
  }

  private static JsonNode share(Api api, String exercise) {
    return api.get("/api/today")
        .json()
        .path("shares")
        .valueStream()
        .filter(s -> s.path("exerciseId").asString().equals(exercise))
        .findFirst()
        .orElseThrow();
  }

  /** Seconds of work that have no day. */
  private static int lacking(Api api) {
    return api.get("/api/today")
        .json()
        .path("shortfalls")
        .valueStream()
        .mapToInt(s -> s.path("seconds").asInt())
        .sum();
  }

  private static void sharesFollowWhatWasDrawn(Api api) {
    var today = api.get("/api/today").json();
    int planned =
        today
            .path("shares")
            .valueStream()
            .mapToInt(s -> s.path("count").asInt() * s.path("secondsEach").asInt())
            .sum();
    assertThat(planned).isLessThanOrEqualTo((70 - 10) * 60 * 80 / 100);
    int before = lacking(api);
    assertThat(share(api, "w01-masts").path("missed").asInt())
        .as("Monday to Wednesday were missed")
        .isPositive();
    var line =
        api.post("/api/log-line", Map.of("line", "30 masts, half an hour, yesterday, pen")).json();
    assertThat(line.path("entries").path(0).path("source").asString()).isEqualTo("life");
    var logged =
        api.post(
            "/api/entries",
            Map.of("id", UUID.randomUUID(), "fields", line.path("entries").path(0)));
    assertThat(logged.status()).isEqualTo(201);
    assertThat(lacking(api)).isLessThan(before);
    assertThat(api.get("/api/streaks").json().get(0).path("current").asInt()).isEqualTo(1);
  }

  private static void sundayChangesTheWeek(Api api) {
    var before = api.get("/api/course").json().path("week").path("days").get(6);
    assertThat(before.path("roomMinutes").asInt()).isEqualTo(48);
    var settings = settings(api);
    ((ObjectNode) settings.path("time").path("week").get(6)).put("minutes", 110);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
    var after = api.get("/api/course").json().path("week").path("days");
    assertThat(after.get(6).path("roomMinutes").asInt()).isEqualTo(80);
    assertThat(after.get(6).path("usedMinutes").asInt())
        .isGreaterThan(before.path("usedMinutes").asInt());
    var past = settings(api);
    past.withObjectProperty("time").putArray("restDays").add("2026-03-01");
    var refused = api.put("/api/settings", past);
    assertThat(refused.json().path("field").asString()).isEqualTo("time.restDays");
    assertThat(refused.json().path("value").asString()).isEqualTo("2026-03-01");
  }

  private static void statementsAreFew(Api api, SessionFactory factory) {
    api.get("/api/today");
    var statistics = factory.getStatistics();
    statistics.clear();
    api.get("/api/today");
    assertThat(statistics.getPrepareStatementCount()).isBetween(1L, 12L);
  }
}
