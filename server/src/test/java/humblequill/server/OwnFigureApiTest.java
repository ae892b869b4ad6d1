package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the learner counts beside the drawings, from the line to the trend. */
@ExtendWith(RunningQuill.class)
class OwnFigureApiTest {
  private static final LocalDate FIRST = LocalDate.of(2025, 12, 15);

  private static void count(Api api, String what) {
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.withObjectProperty("counting").put("ownFigure", what);
    var answer = api.put("/api/settings", settings);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
  }

  private static Api.Answer log(Api api, LocalDate day, Map<String, Object> study, Object... more) {
    var fields = new HashMap<>(EntryApiTest.fields(more));
    fields.put("day", day.toString());
    fields.put("topic", "hulls");
    fields.put("drawings", 2);
    fields.put("study", study);
    return api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
  }

  private static Map<String, Object> counted(String what, int count) {
    return Map.of("ownFigure", what, "ownCount", count);
  }

  private static JsonNode series(Api api) {
    return api.get("/api/look-back/series")
        .json()
        .valueStream()
        .filter(s -> s.path("figure").asString().equals("OWN_FIGURE"))
        .findFirst()
        .orElseThrow();
  }

  /** Two drawings a week and two counted less each week: one a drawing less, in every pair. */
  @Test
  void what_is_counted_is_trended_under_its_name_alone(Api api) {
    count(api, "Erasures");
    for (int week = 0; week < 10; week++) {
      log(api, FIRST.plusDays(7L * week), counted("erasures", 2 * (12 - week)));
      log(api, FIRST.plusDays(7L * week), counted("stiff lines", 5));
    }
    var erasures = series(api);
    assertThat(erasures.path("called").asString()).isEqualTo("Erasures");
    assertThat(erasures.path("values")).hasSize(10);
    assertThat(erasures.path("values").get(0).path("value").asDouble()).isEqualTo(12);
    assertThat(erasures.path("direction").asString()).isEqualTo("DOWN");
    assertThat(erasures.path("slope").path("slope").asDouble()).isEqualTo(-1);
    var later = FIRST.plusDays(28).toString();
    var begins = Map.of("figure", "OWN_FIGURE", "weeks", List.of(later));
    assertThat(api.put("/api/look-back/phases/boundaries", begins).status()).isEqualTo(204);
    var named = Map.of("figure", "OWN_FIGURE", "from", later, "name", "Calmer");
    assertThat(api.put("/api/look-back/phases", named).status()).isEqualTo(204);
    assertThat(series(api).path("phases").get(1).path("name").asString()).isEqualTo("Calmer");
    count(api, "stiff line");
    assertThat(series(api).path("ownBoundaries").asBoolean())
        .as("phases of one figure are no other one's")
        .isFalse();
    assertThat(series(api).path("direction").asString()).isEqualTo("NONE");
    assertThat(series(api).path("values").get(0).path("value").asDouble()).isEqualTo(2.5);
    count(api, "");
    assertThat(series(api).path("values")).isEmpty();
    assertThat(series(api).path("called").isNull()).isTrue();
  }

  @Test
  void a_book_that_is_not_judged_counts_nothing(Api api) {
    count(api, "wobbles");
    BookApiTest.book(api, "Quiet book", "notJudged", true);
    log(api, FIRST, counted("wobbles", 8), "book", "Quiet book");
    assertThat(series(api).path("values")).isEmpty();
  }

  @Test
  void the_line_reads_it_and_a_file_brings_it_back(Api api) {
    count(api, "stiff lines");
    var read = api.post("/api/log-line", Map.of("line", "4 ropes, 7 stiff lines, 20 min")).json();
    assertThat(read.path("complete").asBoolean()).isTrue();
    var fields = read.path("entries").get(0);
    assertThat(fields.path("study").path("ownFigure").asString()).isEqualTo("stiff lines");
    assertThat(fields.path("study").path("ownCount").asInt()).isEqualTo(7);
    var id = UUID.randomUUID();
    api.post("/api/entries", Map.of("id", id, "fields", fields));
    var file = api.get("/api/export").body();
    assertThat(file.lines().findFirst().orElseThrow()).endsWith(",own_figure,own_count");
    assertThat(file).contains(",stiff lines,7\r\n");
    api.delete("/api/entries/" + id + "?version=0");
    var csv = Map.of("Content-Type", "text/csv");
    assertThat(api.send("POST", "/api/import?apply=true", file, csv).json().path("added").asInt())
        .isEqualTo(1);
    assertThat(api.get("/api/entries/" + id).json().path("fields").path("study"))
        .isEqualTo(fields.path("study"));
  }

  @ParameterizedTest
  @CsvSource({
    "erasures, , ownCount",
    ", 3, ownFigure",
    "' ', 3, ownFigure",
    "erasures, -1, fields.study.ownCount",
    "erasures, 10000, fields.study.ownCount",
    "erasures, many, fields.study.ownCount",
    "'era\nsures', 3, fields.study.ownFigure",
    "erasures that go on for longer than any label, 3, fields.study.ownFigure"
  })
  void what_cannot_be_counted_is_named_by_field(String what, String count, String named, Api api) {
    var study = new HashMap<String, Object>();
    study.put("ownFigure", what);
    study.put("ownCount", count);
    var answer = log(api, FIRST, study);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo(named);
  }
}
