package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The past reached by its days, on a Thursday. */
class DayApiTest extends ClockedTest {
  DayApiTest() {
    super(70);
  }

  @BeforeAll
  void datesAsInBritain() {
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.withObjectProperty("look").put("locale", "en-GB");
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
  }

  @BeforeEach
  void drawn() {
    log(Map.of("day", "2026-02-11", "drawings", 6, "minutes", 25, "book", "Quay book"), 41, 43);
    log(Map.of("day", "2026-02-11", "topic", "gulls", "minutes", 10, "book", "Shed book"), 41, 41);
    log(Map.of("day", "2026-02-12", "topic", "gulls", "minutes", 12, "book", "Quay book"), 44, 45);
  }

  private void log(Map<String, Object> fields, int from, int to) {
    var all = new java.util.HashMap<>(fields);
    all.putAll(Map.of("pageFrom", from, "pageTo", to, "wentWrong", "", "nextTime", "", "note", ""));
    assertThat(api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", all)).status())
        .isEqualTo(201);
  }

  @Test
  void a_day_tells_its_entries_and_what_became_of_it() {
    var day = api.get("/api/days/2026-02-11").json();
    assertThat(day.path("entries")).hasSize(2);
    assertThat(day.path("drawnMinutes").asInt()).isEqualTo(35);
    assertThat(day.path("drawnDrawings").asInt()).isEqualTo(6);
    assertThat(day.path("mark").asString()).isEqualTo("INK");
    assertThat(day.path("today").asString()).isEqualTo("2026-03-05");
    assertThat(api.get("/api/days/2026-02-20").json().path("mark").asString()).isEqualTo("GAP");
    assertThat(api.get("/api/days/2026-04-20").json().path("mark").asString()).isEqualTo("AHEAD");
    assertThat(api.get("/api/days/2026-03-05").json().path("mark").asString()).isEqualTo("OPEN");
  }

  @Test
  void what_is_no_date_is_refused_by_name() {
    var answer = api.get("/api/days/2026-02-30");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("2026-02-30");
  }

  @Test
  void a_line_on_the_page_of_a_day_is_about_that_day_unless_it_names_another() {
    assertThat(read("3 gulls, 5 min").path("day").asString()).isEqualTo("2026-02-11");
    assertThat(read("yesterday, 3 gulls").path("day").asString()).isEqualTo("2026-03-04");
  }

  private JsonNode read(String line) {
    return api.post("/api/log-line", Map.of("line", line, "day", "2026-02-11"))
        .json()
        .path("entries")
        .path(0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2026-02-11 | 2026-02-11 | 2",
        "11 Feb | 2026-02-11 | 2",
        "11.2. | 2026-02-11 | 2",
        "12.02.2026 | 2026-02-12 | 1",
        "3/2 | 2026-02-03,2026-03-02 | 0",
        "yesterday | 2026-03-04 | 0",
        "p 41 | '' | 2",
        "page 42 | '' | 1",
        "quay book p 41-44 | '' | 2",
        "gulls | '' | 2",
      })
  void days_and_pages_are_found(String text, String days, int entries) {
    var found =
        api.get(
                "/api/search?text="
                    + java.net.URLEncoder.encode(text, java.nio.charset.StandardCharsets.UTF_8))
            .json();
    assertThat(found.path("days").valueStream().map(JsonNode::asString).toList())
        .isEqualTo(days.isEmpty() ? List.of() : List.of(days.split(",")));
    assertThat(found.path("entries").path("total").asInt()).isEqualTo(entries);
  }
}
