package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** Courses of the learner's own: written, brought in, merged, taken out. */
@ExtendWith(RunningQuill.class)
class OwnCourseTest {
  private static final String FILE =
      "format: 1\nid: %s\ntitle: Old\nlicence: mine\nweeks:\n- title: W\n  mood: calm\n  exercises:\n"
          + "  - {id: x, title: X, kind: drill, drawings: 9, minutesEach: 1.5, weight: 3}\n";

  private static Api.Answer bring(Api api, String text) {
    return api.send("POST", "/api/courses/import", text, Map.of("Content-Type", "text/plain"));
  }

  @Test
  void an_older_format_is_read_and_unknown_fields_are_kept(Api api) {
    assertThat(bring(api, FILE.formatted("old-one")).json().path("id").asString())
        .isEqualTo("old-one");
    var document = (ObjectNode) api.get("/api/courses/old-one").json();
    assertThat(document.path("licence").asString()).isEqualTo("mine");
    document.put("title", "Renamed");
    assertThat(api.put("/api/courses/old-one", document).status())
        .as("not by accident")
        .isEqualTo(409);
    assertThat(api.put("/api/courses/old-one?replace=true", document).status()).isEqualTo(204);
    var yaml = api.get("/api/courses/old-one/file?as=yaml").body();
    assertThat(yaml).contains("licence: \"mine\"", "mood: \"calm\"", "weight: 3", "Renamed");
    var json = api.get("/api/courses/old-one/file?as=json");
    assertThat(json.json()).isEqualTo(document);
    assertThat(api.delete("/api/courses/old-one").status()).isEqualTo(204);
    assertThat(bring(api, yaml).status()).as("YAML reads back").isEqualTo(200);
    api.delete("/api/courses/old-one");
    assertThat(bring(api, json.body()).status()).as("JSON reads back").isEqualTo(200);
    api.delete("/api/courses/old-one");
  }

  @Test
  void what_ships_is_not_overwritten_or_removed(Api api) {
    assertThat(bring(api, FILE.formatted("harbour-year")).status()).isEqualTo(409);
    assertThat(api.delete("/api/courses/harbour-year").status()).isEqualTo(409);
    assertThat(api.get("/api/courses/harbour-year").status()).isEqualTo(200);
  }

  @Test
  void a_course_under_edit_is_told_where_it_is_wrong_and_how_full_its_weeks_are(Api api) {
    var document = (ObjectNode) api.get("/api/courses/one-subject-one-week").json();
    var checked = api.post("/api/courses/check", document).json();
    assertThat(checked.path("reason").isNull() || checked.path("reason").isMissingNode()).isTrue();
    assertThat(checked.path("loads").get(0).path("minutes").asInt())
        .as("165 minutes of exercises and two drawings of 20")
        .isEqualTo(205);
    ((ObjectNode) document.path("weeks").get(0).path("exercises").get(1)).put("drawings", 0);
    var broken = api.post("/api/courses/check", document).json();
    assertThat(broken.path("path").asString()).isEqualTo("weeks[0].exercises[1].drawings");
    var refused = api.put("/api/courses/one-subject-one-week", document);
    assertThat(refused.status()).isEqualTo(400);
  }

  @Test
  void files_that_are_no_courses_are_refused_with_the_place(Api api) {
    for (var text : List.of("", "just words", "[]", "format: 3", "a: [", "\u0000")) {
      assertThat(bring(api, text).status()).as(text).isEqualTo(400);
    }
    assertThat(bring(api, FILE.formatted("Not An Id")).json().path("detail").asString())
        .contains("at id");
  }

  @Test
  void two_courses_are_merged_with_a_preview(Api api) {
    var merged =
        api.post(
                "/api/courses/merge",
                Map.of(
                    "first", "figure-from-the-ground-up",
                    "second", "from-the-inside-out",
                    "decided", List.of(),
                    "joins", Map.of(),
                    "id", "both",
                    "title", "Both"))
            .json();
    int joined = merged.path("joins").size();
    assertThat(joined).isPositive();
    assertThat(merged.path("document").path("weeks").size()).isEqualTo(26 + 9 - joined);
    assertThat(
            merged
                .path("document")
                .path("weeks")
                .valueStream()
                .toList()
                .get(34 - joined)
                .path("title")
                .asString())
        .isEqualTo("Final redraw");
    assertThat(api.put("/api/courses/both", merged.path("document")).status()).isEqualTo(204);
    assertThat(api.get("/api/courses/both").json().path("title").asString()).isEqualTo("Both");
    api.delete("/api/courses/both");
    var same =
        api.post(
            "/api/courses/merge",
            Map.of(
                "first", "a", "second", "a", "decided", List.of(), "joins", Map.of(), "id", "x",
                "title", "X"));
    assertThat(same.status()).isEqualTo(400);
  }
}
