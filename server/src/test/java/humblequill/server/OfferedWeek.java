package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/**
 * The third week of a course, looked back on on the Thursday after: the learner drew what he liked
 * on every day but Tuesday, and missed what the course wanted to be looked for.
 */
abstract class OfferedWeek extends ClockedTest {
  static final LocalDate FIRST = LocalDate.of(2026, 2, 2);
  static final LocalDate WEEK = LocalDate.of(2026, 2, 23);
  static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  static final String REVIEW = "/api/reviews/" + WEEK;

  OfferedWeek() {
    super(60);
  }

  @BeforeEach
  void fourWeeks() {
    minutesADay();
    api.put("/api/course", Map.of("courseId", "harbour-year", "start", "2026-02-09"));
    for (var day = FIRST; day.isBefore(TODAY); day = day.plusDays(1)) {
      if (day.getDayOfWeek() != DayOfWeek.TUESDAY) {
        log("day", day.toString(), "topic", "gulls", "minutes", 60);
      }
    }
    for (int i = 0; i < 4; i++) {
      log(
          "day",
          WEEK.plusDays(i + 2).toString(),
          "exerciseId",
          "w03-ellipses",
          "drawings",
          1,
          "minutes",
          1,
          "study",
          Map.of("lookedFor", i == 0 ? "PARTLY" : "NO"));
    }
  }

  void log(Object... fields) {
    var entry = Map.of("id", UUID.randomUUID(), "fields", EntryApiTest.fields(fields));
    var answer = api.post("/api/entries", entry);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
  }

  JsonNode offered(String kind) {
    var review = api.get(REVIEW).json();
    return review
        .path("offers")
        .valueStream()
        .filter(o -> o.path("offer").path("kind").asString().equals(kind))
        .findFirst()
        .orElseThrow(() -> new AssertionError(kind + " is not among " + review.path("offers")));
  }

  JsonNode taken(JsonNode offer) {
    var body = Map.of("id", UUID.randomUUID(), "key", offer.path("key").asString());
    var answer = api.post(REVIEW + "/taken", body);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }
}
