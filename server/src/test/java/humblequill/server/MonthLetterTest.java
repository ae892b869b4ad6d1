package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A month put together from its weeks. Those of February 2026 begin on the 2nd, 9th, 16th and 23rd,
 * so that 1 March is still one of its days; sums by hand.
 */
class MonthLetterTest extends ClockedTest {
  private static final String FEBRUARY = "/api/look-back/months/2026-02-01";

  MonthLetterTest() {
    super(60);
  }

  private void log(Object... fields) {
    var entry = Map.of("id", UUID.randomUUID(), "fields", EntryApiTest.fields(fields));
    var answer = api.post("/api/entries", entry);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
  }

  private void twoMonths() {
    log("day", "2026-01-20", "topic", "cranes", "minutes", 40, "mark", 2);
    log("day", "2026-02-03", "topic", "gulls", "minutes", 60, "drawings", 3, "mark", 4);
    var wrong = "Far side too wide.";
    log("day", "2026-02-10", "topic", "cranes", "minutes", 20, "mark", 2, "wentWrong", wrong);
    log("day", "2026-03-01", "topic", "cranes", "minutes", 30, "wentWrong", wrong);
    log("day", "2026-03-02", "topic", "cranes", "minutes", 500);
  }

  private Api.Answer keep(Long version, String words, String expects) {
    var body = new HashMap<String, Object>(Map.of("words", words, "expects", expects));
    body.put("version", version);
    return api.put(FEBRUARY, body);
  }

  @Test
  void its_figures_are_those_of_its_weeks_beside_the_month_before() {
    twoMonths();
    var month = api.get(FEBRUARY).json();
    assertThat(month.path("from").asString()).isEqualTo("2026-02-02");
    assertThat(month.path("to").asString()).isEqualTo("2026-03-01");
    assertThat(month.path("over").asBoolean()).isTrue();
    var facts = month.path("facts");
    assertThat(facts.path("minutes").asInt()).isEqualTo(60 + 20 + 30);
    assertThat(facts.path("drawings").asInt()).isEqualTo(3);
    assertThat(facts.path("days").asInt()).isEqualTo(3);
    assertThat(facts.path("weekly").asDouble()).isEqualTo(110 / 4.0);
    assertThat(facts.path("weeklyBefore").asDouble())
        .as("two weeks since the first entry")
        .isEqualTo(40 / 2.0);
    assertThat(facts.path("meanMark").asDouble()).isEqualTo(3);
    assertThat(facts.path("meanMarkBefore").asDouble()).isEqualTo(2);
    assertThat(facts.path("best").path("mark").asInt()).isEqualTo(4);
    assertThat(month.path("newTopics").valueStream().map(JsonNode::asString))
        .containsExactly("gulls");
    assertThat(month.path("remarks").get(0).path("times").asInt()).isEqualTo(2);
    assertThat(month.path("weeks").findValuesAsString("from"))
        .containsExactly("2026-02-02", "2026-02-09", "2026-02-16", "2026-02-23");
  }

  @Test
  void pages_that_were_left_out_between_two_spans_are_not_called_read() {
    for (int first : new int[] {10, 13, 30}) {
      var study = Map.of("unit", "PAGE", "unitFrom", first, "unitTo", first + 2);
      log(
          "day",
          "2026-02-0" + (first == 30 ? 9 : 3),
          "topic",
          "cranes",
          "minutes",
          20,
          "resource",
          "Knots",
          "study",
          study);
    }
    var read = api.get(FEBRUARY).json().path("read").get(0);
    assertThat(read.path("minutes").asInt()).isEqualTo(60);
    assertThat(read.path("spans").toString())
        .isEqualTo("[{\"from\":10,\"to\":15},{\"from\":30,\"to\":32}]");
  }

  @Test
  void months_are_listed_from_the_first_entry_to_the_running_one() {
    twoMonths();
    var months = api.get("/api/look-back/months").json();
    assertThat(months.findValuesAsString("month"))
        .containsExactly("2026-03-01", "2026-02-01", "2026-01-01");
    assertThat(months.findValues("minutes").stream().map(JsonNode::asInt))
        .containsExactly(500, 110, 40);
    for (var refused :
        Arrays.asList("2026-02-02", "2026-04-01", "2025-12-01", "+999999999-12-01")) {
      assertThat(api.get("/api/look-back/months/" + refused).status()).as(refused).isEqualTo(400);
    }
  }

  @Test
  void what_is_written_stands_in_it_in_the_search_and_in_the_month_after() {
    twoMonths();
    var week = new HashMap<String, Object>(Map.of("words", "Gulls!", "expects", ""));
    week.put("version", null);
    week.put("state", "CLOSED");
    api.put("/api/reviews/2026-02-02", week);
    var kept = keep(null, "A month of grey light.", "Steadier hands.");
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(kept.json().path("weeks").get(0).path("words").asString()).isEqualTo("Gulls!");
    assertThat(keep(null, "From another window.", "").status()).isEqualTo(409);
    assertThat(keep(0L, "x".repeat(20_001), "").status()).isEqualTo(400);
    assertThat(api.get("/api/look-back/months/2026-03-01").json().path("expected").asString())
        .isEqualTo("Steadier hands.");
    var letter = api.get("/api/search?text=GREY%20light").json().path("letters").get(0);
    assertThat(letter.path("from").asString()).isEqualTo("2026-02-01");
    assertThat(letter.path("ofMonth").asBoolean()).isTrue();
    var version = kept.json().path("version").asLong();
    assertThat(keep(version, "", "").json().path("words").asString()).isEmpty();
  }
}
