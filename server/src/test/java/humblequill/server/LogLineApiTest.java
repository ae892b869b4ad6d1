package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The log line without a course: only the words that ship. */
@ExtendWith(RunningQuill.class)
class LogLineApiTest {
  private static JsonNode fields(Api api, String line) {
    return api.post("/api/log-line", Map.of("line", line)).json().path("entries").path(0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "3 ropes, 35 min | minutes | 35",
        "hulls 1h15 | minutes | 75",
        "hulls, 1:15 | minutes | 75",
        "an hour of hulls | minutes | 60",
        "half an hour, hulls | minutes | 30",
        "3 ropes, 35 min | drawings | 3",
        "35 min, 3 ropes | drawings | 3",
        "3 ropes, brush pen | medium | brush pen",
        "3 ropes, brushpen | medium | brush pen",
        "3 ropes from life | source | life",
        "ropes, 5 min, 4/5 | mark | 4",
        "yesterday, 3 ropes | day | 2026-03-04",
        "Tue, 3 ropes | day | 2026-03-03",
        "2026-03-01 3 ropes | day | 2026-03-01",
        "3 ropes, p 41-43 | pageFrom | 41",
        "3 ropes, p 41-43 | pageTo | 43"
      })
  void a_phrase_is_understood_wherever_it_stands(String line, String field, String value, Api api) {
    assertThat(fields(api, line).path(field).asString()).isEqualTo(value);
  }

  @ParameterizedTest
  @ValueSource(strings = {"3 ropes, 7/5", "3 ropes, 2000 min", "31 Feb, 3 ropes"})
  void what_cannot_be_saved_is_asked_about(String line, Api api) {
    var answer = api.post("/api/log-line", Map.of("line", line)).json();
    assertThat(answer.path("complete").asBoolean()).isFalse();
    assertThat(answer.path("entries").path(0).path("mark").isNumber()).isFalse();
    assertThat(answer.path("phrases").valueStream().map(p -> p.path("state").asString()))
        .containsAnyOf("PROBLEM", "QUESTION");
  }

  @Test
  void topics_that_ship_are_understood_with_their_other_names(Api api) {
    assertThat(fields(api, "4 drawings of quick poses, 8 min").path("topic").asString())
        .isEqualTo("gesture");
  }

  @Test
  void a_line_over_its_limit_is_refused(Api api) {
    assertThat(api.post("/api/log-line", Map.of("line", "x".repeat(1001))).status()).isEqualTo(400);
    assertThat(api.post("/api/log-line", Map.of("line", "")).status()).isEqualTo(200);
  }
}
