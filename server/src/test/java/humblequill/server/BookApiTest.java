package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Books and their pages, over HTTP. */
@ExtendWith(RunningQuill.class)
class BookApiTest {
  static Map<String, Object> fields(String name, Object... more) {
    var fields = new HashMap<String, Object>();
    fields.put("name", name);
    fields.put("format", "");
    fields.put("bothSides", true);
    fields.put("binding", "BOUND");
    fields.put("currency", "");
    fields.put("paper", List.of());
    fields.put("rules", List.of());
    fields.put("colours", "");
    fields.put("goal", "");
    fields.put("keptPrivate", false);
    fields.put("notShown", false);
    fields.put("notJudged", false);
    for (int i = 0; i < more.length; i += 2) {
      fields.put((String) more[i], more[i + 1]);
    }
    return fields;
  }

  static UUID book(Api api, String name, Object... more) {
    var id = UUID.randomUUID();
    var answer = api.post("/api/books", Map.of("id", id, "fields", fields(name, more)));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return id;
  }

  static void log(Api api, Object... more) {
    var body = Map.of("id", UUID.randomUUID(), "fields", EntryApiTest.fields(more));
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
  }

  static JsonNode line(Api api, String name) {
    return api.get("/api/books")
        .json()
        .valueStream()
        .filter(b -> b.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no book " + name));
  }

  static JsonNode tile(Api api, Object book, int number) {
    return api.get("/api/books/" + book)
        .json()
        .path("openings")
        .valueStream()
        .flatMap(o -> Arrays.asList(o.path("left"), o.path("right")).stream())
        .filter(t -> t.path("number").asInt() == number)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_book_that_entries_name_is_there_by_itself(Api api) {
    log(api, "topic", "coils", "book", "Found book", "pageFrom", 3, "pageTo", 4);
    var found = line(api, "Found book");
    assertThat(found.path("pages").asInt()).isEqualTo(4);
    var id = found.path("id").asString();
    var view = api.get("/api/books/" + id).json();
    assertThat(view.path("drawnOn").asInt()).isEqualTo(2);
    assertThat(view.path("full").isNull()).isTrue();
    var told = fields("Found book", "format", "9 x 12 in", "leaves", 30);
    var kept =
        api.put(
            "/api/books/" + id, Map.of("version", 0, "change", UUID.randomUUID(), "fields", told));
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(kept.json().path("pages").asInt()).isEqualTo(60);
    assertThat(kept.json().path("widthMm").asInt()).isEqualTo(229);
    assertThat(kept.json().path("fields").path("format").asString()).isEqualTo("22.9 × 30.5 cm");
    var stale =
        api.put(
            "/api/books/" + id, Map.of("version", 0, "change", UUID.randomUUID(), "fields", told));
    assertThat(stale.status()).isEqualTo(409);
  }

  @Test
  void another_name_is_another_name_everywhere_and_pages_stay(Api api) {
    log(api, "topic", "coils", "book", "Before", "pageFrom", 7);
    var id = line(api, "Before").path("id").asString();
    api.put(
        "/api/books/" + id + "/pages/9",
        Map.of("state", "KEPT_FREE", "words", "gulls", "favourite", false, "keptPrivate", false));
    var change =
        Map.of("version", 0, "change", UUID.randomUUID(), "fields", fields("After", "leaves", 20));
    assertThat(api.put("/api/books/" + id, change).status()).isEqualTo(200);
    assertThat(line(api, "After").path("id").asString()).isEqualTo(id);
    assertThat(tile(api, id, 7).path("state").asString()).isEqualTo("DRAWN");
    assertThat(tile(api, id, 9).path("words").asString()).isEqualTo("gulls");
  }

  @Test
  void what_cannot_be_is_refused_by_field_and_value(Api api) {
    var odd =
        api.post(
            "/api/books",
            Map.of("id", UUID.randomUUID(), "fields", fields("B", "format", "9 x 12")));
    assertThat(odd.status()).isEqualTo(400);
    assertThat(odd.json().path("field").asString()).isEqualTo("format");
    assertThat(odd.json().path("detail").asString()).contains("9 x 12");
    var id = book(api, "Small one", "leaves", 10, "opened", "2026-03-01");
    assertThat(
            api.post("/api/books", Map.of("id", UUID.randomUUID(), "fields", fields("small one")))
                .json()
                .path("detail")
                .asString())
        .contains("is there already");
    for (int number : new int[] {0, 21, 99999}) {
      var page =
          api.put(
              "/api/books/" + id + "/pages/" + number,
              Map.of("state", "TORN_OUT", "words", "", "favourite", false, "keptPrivate", false));
      assertThat(page.status()).isEqualTo(400);
      assertThat(page.json().path("detail").asString()).contains(String.valueOf(number), "1 to 20");
    }
    var closed =
        api.put(
            "/api/books/" + id,
            Map.of(
                "version",
                1,
                "change",
                UUID.randomUUID(),
                "fields",
                fields("Small one", "opened", "2026-03-01", "closed", "2026-02-01")));
    assertThat(closed.json().path("field").asString()).isEqualTo("closed");
    assertThat(api.get("/api/books/" + UUID.randomUUID()).status()).isEqualTo(404);
  }

  @Test
  void a_book_taken_off_loses_nothing_and_comes_back(Api api) {
    log(api, "topic", "coils", "book", "Off and on", "pageFrom", 5);
    var id = line(api, "Off and on").path("id").asString();
    assertThat(api.delete("/api/books/" + id).status()).isEqualTo(204);
    assertThat(line(api, "Off and on").path("removed").asBoolean()).isTrue();
    assertThat(api.post("/api/books/" + id + "/back", null).status()).isEqualTo(204);
    assertThat(line(api, "Off and on").path("removed").asBoolean()).isFalse();
    assertThat(tile(api, id, 5).path("state").asString()).isEqualTo("DRAWN");
  }

  @Test
  void an_entry_names_only_pages_that_its_book_has(Api api) {
    book(api, "Thin book", "leaves", 8);
    var fields = EntryApiTest.fields("topic", "coils", "book", "thin book", "pageFrom", 17);
    var beyond = api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
    assertThat(beyond.status()).isEqualTo(400);
    assertThat(beyond.json().path("detail").asString())
        .contains("There is no p 17 in Thin book; its last page is p 16");
    log(api, "topic", "coils", "book", "Thin book", "pageFrom", 16);
  }

  @Test
  void paper_rules_and_cost_are_told_of_what_was_drawn(Api api) {
    var id =
        book(
            api,
            "Paper book",
            "leaves",
            20,
            "price",
            12.5,
            "paper",
            List.of(Map.of("medium", "ink wash", "takes", "BUCKLES")),
            "rules",
            List.of("PEN_ONLY"));
    log(api, "topic", "coils", "minutes", 30, "book", "Paper book", "pageFrom", 1, "medium", "pen");
    log(
        api,
        "topic",
        "coils",
        "minutes",
        30,
        "book",
        "Paper book",
        "pageFrom",
        2,
        "medium",
        "ink wash");
    var view = api.get("/api/books/" + id).json();
    assertThat(view.path("remarks").path(0).path("pages").path(0).asInt()).isEqualTo(2);
    assertThat(view.path("kept").path("PEN_ONLY").path("kept").asInt()).isEqualTo(1);
    assertThat(view.path("kept").path("PEN_ONLY").path("broken").asInt()).isEqualTo(1);
    assertThat(view.path("cost").path("perPage").asDouble()).isEqualTo(6.25);
    assertThat(view.path("cost").path("perHour").asDouble()).isEqualTo(12.5);
  }

  @Test
  void a_drawing_grows_into_others_and_never_back_into_itself(Api api) {
    var one = book(api, "First book", "leaves", 10);
    var other = book(api, "Second book", "leaves", 10);
    assertThat(grew(api, one, 3, other, 5).status()).isEqualTo(200);
    assertThat(grew(api, other, 5, other, 9).status()).isEqualTo(200);
    var back = grew(api, other, 9, one, 3);
    assertThat(back.status()).isEqualTo(409);
    assertThat(back.json().path("detail").asString())
        .contains("p 3 of First book → p 5 of Second book → p 9 of Second book");
    assertThat(grew(api, one, 3, one, 3).status()).isEqualTo(409);
    var page = api.get("/api/books/" + other + "/pages/5").json();
    assertThat(page.path("family").valueStream().map(r -> r.path("number").asInt()))
        .containsExactly(3, 5, 9);
    var step = page.path("family").path(1).path("outOf").path(0).path("id").asString();
    assertThat(api.delete("/api/lineage/" + step).status()).isEqualTo(204);
    assertThat(
            api.get("/api/books/" + other + "/pages/5").json().path("family").valueStream().count())
        .isEqualTo(2);
  }

  private static Api.Answer grew(Api api, UUID fromBook, int from, UUID intoBook, int into) {
    return api.post(
        "/api/lineage",
        Map.of(
            "id",
            UUID.randomUUID(),
            "fromBook",
            fromBook,
            "from",
            from,
            "intoBook",
            intoBook,
            "into",
            into,
            "words",
            "drawn again"));
  }
}
