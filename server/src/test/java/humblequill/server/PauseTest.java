package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A pause of everything, on a Thursday in the first week of a course. */
class PauseTest extends ClockedTest {
  PauseTest() {
    super(70);
  }

  @BeforeEach
  void followed() {
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-03-02"));
    api.put(
        "/api/course",
        Map.of("courseId", "ten-minutes-on-the-bench", "start", "2026-03-03", "side", true));
  }

  private static Map<String, Object> pause(String from, String to, boolean wait) {
    return Map.of(
        "id",
        UUID.randomUUID(),
        "span",
        Map.of("from", from, "to", to),
        "reason",
        "a cold",
        "coursesWait",
        wait);
  }

  private String end() {
    return api.get("/api/course").json().path("placed").path("end").asString();
  }

  @Test
  void a_pause_over_several_weeks_is_neutral_and_both_courses_wait_and_one_undo_takes_all_back() {
    var before = end();
    var wanted = pause("2026-03-04", "2026-03-24", true);
    var preview = api.post("/api/pauses/preview", wanted.get("span")).json();
    assertThat(preview).hasSize(2);
    var then = preview.path(0).path("then").asString();
    // Wednesday is over; twenty days from Thursday on are left.
    assertThat(java.time.LocalDate.parse(then))
        .isEqualTo(java.time.LocalDate.parse(before).plusDays(20));

    assertThat(api.post("/api/pauses", wanted).status()).isEqualTo(204);
    assertThat(end()).isEqualTo(then);
    assertThat(api.get("/api/days/2026-03-20").json().path("pause").asString()).isEqualTo("a cold");
    assertThat(api.get("/api/days/2026-03-04").json().path("mark").asString()).isEqualTo("REST");
    assertThat(api.get("/api/today").json().path("shares")).isEmpty();
    var paused = api.get("/api/reviews/2026-03-02").json().path("pauses");
    assertThat(paused).hasSize(1);
    assertThat(paused.path(0).path("from").asString()).isEqualTo("2026-03-04");
    assertThat(paused.path(0).path("to").asString()).isEqualTo("2026-03-08");

    assertThat(api.post("/api/pauses/undo", wanted).status()).isEqualTo(204);
    assertThat(end()).isEqualTo(before);
    assertThat(api.get("/api/settings").json().path("time").path("pauses")).isEmpty();
  }

  @Test
  void courses_that_go_on_keep_their_end() {
    var before = end();
    var wanted = pause("2026-03-06", "2026-03-07", false);
    assertThat(api.post("/api/pauses", wanted).status()).isEqualTo(204);
    assertThat(end()).isEqualTo(before);
    assertThat(api.get("/api/days/2026-03-06").json().path("pause").asString()).isEqualTo("a cold");
    api.post("/api/pauses/undo", wanted);
  }

  @Test
  void a_span_that_cannot_be_is_refused_by_name_and_changes_nothing() {
    var backwards = api.post("/api/pauses", pause("2026-03-09", "2026-03-08", true));
    assertThat(backwards.status()).isEqualTo(400);
    assertThat(backwards.body()).contains("2026-03-08").contains("before it begins");
    var long_ = api.post("/api/pauses", pause("2026-03-05", "2026-08-30", true));
    assertThat(long_.status()).isEqualTo(400);
    assertThat(long_.body()).contains("Take a shorter pause");
    assertThat(api.get("/api/settings").json().path("time").path("pauses")).isEmpty();
  }
}
