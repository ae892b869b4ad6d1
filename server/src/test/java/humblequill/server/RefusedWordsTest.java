package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is wrong with a request, in words that stand at its fields. */
@ExtendWith(RunningQuill.class)
class RefusedWordsTest {
  private static Map<String, String> refused(Api api, String title, List<String> steps) {
    var order = Map.of("title", title, "topics", List.of(), "steps", steps);
    var answer = api.put("/api/recall/orders/" + UUID.randomUUID(), order);
    assertThat(answer.status()).isEqualTo(400);
    var found = new TreeMap<String, String>();
    for (var fault : answer.json().path("faults")) {
      found.put(fault.path("field").asString(), fault.path("detail").asString());
    }
    return found;
  }

  @Test
  void a_list_is_counted_in_items_and_a_text_in_characters(Api api) {
    assertThat(refused(api, " ", List.of("box")))
        .containsEntry("title", "must be said.")
        .containsEntry("steps", "must have 2 to 20 items; it has 1.");
    assertThat(refused(api, "Cranes", Collections.nCopies(21, "box")))
        .containsEntry("steps", "must have 2 to 20 items; it has 21.");
    assertThat(refused(api, "Cranes", List.of("box", "x".repeat(201))))
        .containsEntry(
            "steps[1]",
            "must have at most 200 characters; it has 201: \"" + "x".repeat(80) + "…\".");
  }

  @Test
  void a_number_says_its_bounds(Api api) {
    for (var asked :
        Map.of(
                "margin=-1&heads=8", "margin must be at least 0; it was \"-1.0\".",
                "margin=0&heads=11", "heads must be at most 10; it was \"11.0\".")
            .entrySet()) {
      var answer = api.get("/api/measure/heads?paper=A4&" + asked.getKey());
      assertThat(answer.json().path("detail").asString()).isEqualTo(asked.getValue());
    }
  }

  /** The calendar knows years of nine digits; a sketchbook does not. */
  @Test
  void a_day_has_a_year_of_four_digits(Api api) {
    for (var far : List.of("-999999999-01-01", "+999999999-12-31", "+10000-01-01", "0999-12-31")) {
      var start = api.put("/api/course", Map.of("courseId", "harbour-year", "start", far));
      assertThat(start.json().path("detail").asString())
          .isEqualTo("start cannot be \"" + far + "\".");
    }
  }

  @Test
  void the_same_in_an_address(Api api) {
    assertThat(api.get("/api/search?text=").json().path("detail").asString())
        .isEqualTo("text must have 1 to 200 characters; it has 0.");
    assertThat(api.get("/api/search?text=" + "x".repeat(201)).json().path("detail").asString())
        .startsWith("text must have 1 to 200 characters; it has 201: \"xxx");
  }
}
