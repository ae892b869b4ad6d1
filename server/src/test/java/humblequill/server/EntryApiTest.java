package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningQuill.class)
class EntryApiTest {
  static Map<String, Object> fields(Object... more) {
    var fields =
        new HashMap<String, Object>(
            Map.of("day", "2026-03-04", "wentWrong", "", "nextTime", "", "note", ""));
    for (int i = 0; i < more.length; i += 2) {
      fields.put((String) more[i], more[i + 1]);
    }
    return fields;
  }

  private static Map<String, Object> entry(UUID id, Object... more) {
    return Map.of("id", id, "fields", fields(more));
  }

  @Test
  void the_same_create_told_twice_makes_one_entry(Api api) {
    var id = UUID.randomUUID();
    assertThat(api.post("/api/entries", entry(id, "drawings", 4)).status()).isEqualTo(201);
    assertThat(api.post("/api/entries", entry(id, "drawings", 4)).status()).isEqualTo(200);
    var other = api.post("/api/entries", entry(id, "drawings", 5));
    assertThat(other.status()).isEqualTo(409);
    assertThat(other.json().path("code").asString()).isEqualTo("id-taken");
    assertThat(api.get("/api/entries/" + id).json().path("fields").path("drawings").asInt())
        .isEqualTo(4);
  }

  @Test
  void a_stale_change_is_refused_with_what_is_stored(Api api) {
    var id = UUID.randomUUID();
    api.post("/api/entries", entry(id, "minutes", 20));
    var path = "/api/entries/" + id;
    assertThat(api.put(path, Map.of("version", 0, "fields", fields("minutes", 25))).status())
        .isEqualTo(200);
    var stale = api.put(path, Map.of("version", 0, "fields", fields("minutes", 30)));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().path("code").asString()).isEqualTo("stale");
    assertThat(stale.json().path("current").path("fields").path("minutes").asInt()).isEqualTo(25);
    assertThat(api.delete(path + "?version=0").status()).isEqualTo(409);
    assertThat(api.delete(path + "?version=1").status()).isEqualTo(204);
    assertThat(api.delete(path + "?version=1").status()).isEqualTo(204);
    assertThat(api.get(path).status()).isEqualTo(404);
    assertThat(api.post("/api/entries", entry(id, "minutes", 25)).status())
        .as("undo")
        .isEqualTo(201);
    api.delete(path + "?version=0");
  }

  @ParameterizedTest
  @CsvSource({
    "day, 2026-03-06, day",
    "day, 1899-12-31, day",
    "day, 2026-02-30, fields.day",
    "drawings, 0, fields.drawings",
    "drawings, 10000, fields.drawings",
    "minutes, -1, fields.minutes",
    "minutes, 1441, fields.minutes",
    "minutes, x, fields.minutes",
    "mark, 6, fields.mark",
    "pageTo, 3, pageFrom",
    "time, 25:00, fields.time",
    "exerciseId, no-such-one, exerciseId",
    "colour, red, fields.colour"
  })
  void what_cannot_be_is_named_by_field_and_changes_nothing(
      String field, String value, String named, Api api) {
    var id = UUID.randomUUID();
    var answer = api.post("/api/entries", entry(id, "note", "kept", field, value));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo(named);
    assertThat(answer.body()).doesNotContain("Exception").doesNotContain("at humblequill");
    assertThat(api.get("/api/entries/" + id).status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource({
    "minutes, x",
    "minutes, 12.5",
    "drawings, 1e9",
    "drawings, 99999999999",
    "time, 25:00"
  })
  void what_cannot_be_read_is_named_with_its_value(String field, String value, Api api) {
    var answer = api.post("/api/entries", entry(UUID.randomUUID(), "note", "kept", field, value));
    assertThat(answer.json().path("field").asString()).isEqualTo("fields." + field);
    assertThat(answer.json().path("value").asString()).isEqualTo(value);
    assertThat(answer.json().path("detail").asString())
        .isEqualTo("fields." + field + " cannot be \"" + value + "\".");
  }

  @Test
  void a_number_with_a_fraction_is_not_cut_down(Api api) {
    var id = UUID.randomUUID();
    var answer = api.post("/api/entries", entry(id, "topic", "gulls", "drawings", 1.5));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo("fields.drawings");
    assertThat(answer.json().path("value").asString()).isEqualTo("1.5");
  }

  @Test
  void an_empty_entry_is_refused(Api api) {
    assertThat(api.post("/api/entries", entry(UUID.randomUUID())).json().path("detail").asString())
        .contains("at least");
  }

  @Test
  void text_up_to_its_limit_is_kept_and_beyond_refused(Api api) {
    var id = UUID.randomUUID();
    var longest = "é".repeat(2000);
    assertThat(api.post("/api/entries", entry(id, "note", longest)).status()).isEqualTo(201);
    assertThat(api.get("/api/entries/" + id).json().path("fields").path("note").asString())
        .isEqualTo(longest);
    var tooLong = api.post("/api/entries", entry(UUID.randomUUID(), "note", longest + "é"));
    assertThat(tooLong.status()).isEqualTo(400);
    api.delete("/api/entries/" + id + "?version=0");
  }

  /** Nobody sees or types them; they come along with what is pasted. */
  @Test
  void characters_that_nobody_sees_are_left_out(Api api) {
    var id = UUID.randomUUID();
    var pasted = "gull\u0000s\u0007 on\r\nthe\tquay\u001b[0m é";
    api.post("/api/entries", entry(id, "drawings", 1, "note", pasted));
    assertThat(api.get("/api/entries/" + id).json().path("fields").path("note").asString())
        .isEqualTo("gulls on\r\nthe\tquay[0m é");
  }

  @Test
  void what_is_no_text_is_refused_as_text(Api api) {
    for (var note : List.of(Map.of("a", 1), List.of("a", "b"))) {
      var answer = api.post("/api/entries", entry(UUID.randomUUID(), "drawings", 1, "note", note));
      assertThat(answer.status()).as(answer.body()).isEqualTo(400);
      assertThat(answer.body()).contains("note");
    }
  }

  @Test
  void entries_are_found_by_filter_a_few_at_a_time(Api api) {
    for (int i = 0; i < 3; i++) {
      api.post(
          "/api/entries",
          entry(
              UUID.randomUUID(),
              "topic",
              "lantern",
              "medium",
              "pastel",
              "note",
              "100% _dark_ " + i));
    }
    assertThat(api.get("/api/entries?topic=lantern").json().path("total").asInt()).isEqualTo(3);
    assertThat(api.get("/api/entries?topic=lantern&most=2&skip=2").json().path("entries").size())
        .isEqualTo(1);
    assertThat(api.get("/api/entries?text=100%25+_DARK").json().path("total").asInt()).isEqualTo(3);
    assertThat(api.get("/api/entries?text=1__%25").json().path("total").asInt()).isZero();
    assertThat(api.get("/api/entries?topic=lantern&to=2026-03-03").json().path("total").asInt())
        .isZero();
    assertThat(api.get("/api/search?text=lantern").json().path("entries").path("total").asInt())
        .isEqualTo(3);
  }

  @Test
  void words_are_found_however_their_accents_and_capitals_are_written(Api api) {
    var fields = fields("day", "2026-03-04", "topic", "jetée", "note", "Le Café à l’aube");
    api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
    for (var words : List.of("cafe%20a", "CAF%C3%89", "cafe%CC%81", "JETEE")) {
      assertThat(api.get("/api/search?text=" + words).json().path("entries").path("total").asInt())
          .as(words)
          .isEqualTo(1);
    }
    assertThat(api.get("/api/search?text=caf%C3%A9s").json().path("entries").path("total").asInt())
        .isZero();
  }
}
