package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What books want kept, and books in which nothing is judged. */
@ExtendWith(RunningQuill.class)
class BookRulesTest {
  private static UUID logged(Api api, Object... more) {
    var id = UUID.randomUUID();
    var day = api.get("/api/today").json().path("day").asString();
    var fields = new HashMap<>(EntryApiTest.fields(more));
    fields.put("day", LocalDate.parse(day));
    assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
        .isEqualTo(201);
    return id;
  }

  private static List<JsonNode> asked(Api api, UUID entry) {
    return api.get("/api/today")
        .json()
        .path("asked")
        .valueStream()
        .filter(a -> a.path("entryId").asString().equals(entry.toString()))
        .toList();
  }

  private static UUID book(Api api, String name, Object... more) {
    var id = UUID.randomUUID();
    var body = Map.of("id", id, "fields", BookApiTest.fields(name, more));
    assertThat(api.post("/api/books", body).status()).isEqualTo(201);
    return id;
  }

  @Test
  void a_books_rules_are_asked_where_the_entry_does_not_tell(Api api) {
    var book = book(api, "Strict", "rules", List.of("PEN_ONLY", "ONE_SUBJECT"));
    var entry = logged(api, "topic", "coils", "book", "strict", "medium", "brush pen");
    var asked = asked(api, entry);
    assertThat(asked).hasSize(1);
    assertThat(asked.get(0).path("rule").asString()).isEqualTo("ONE_SUBJECT");
    assertThat(asked.get(0).path("wantedBy").get(0).asString()).isEqualTo("Strict");
    var rules = "/api/entries/" + entry + "/rules/";
    for (var kept : List.of(true, false)) {
      assertThat(api.put(rules + "ONE_SUBJECT", Map.of("kept", kept)).status()).isEqualTo(204);
    }
    assertThat(asked(api, entry)).isEmpty();
    var counts = api.get("/api/books/" + book).json().path("kept");
    assertThat(counts.path("ONE_SUBJECT").path("broken").asInt()).isEqualTo(1);
    assertThat(counts.path("PEN_ONLY").path("kept").asInt()).isEqualTo(1);
    assertThat(api.put(rules + "NO_FUN", Map.of("kept", true)).status()).isEqualTo(400);
  }

  @Test
  void one_answer_serves_a_promise_and_a_book(Api api) {
    book(api, "Both want it", "rules", List.of("FINISH_EVERY_PAGE"));
    var today = api.get("/api/today").json().path("day").asString();
    var terms =
        QuotaApiTest.terms(
            "title",
            "Every page of it",
            "rules",
            List.of("FINISH_EVERY_PAGE"),
            "topic",
            "bollards",
            "start",
            today,
            "due",
            LocalDate.parse(today).plusDays(9));
    var quota = Map.of("id", UUID.randomUUID(), "terms", terms);
    var made = api.post("/api/quotas", quota);
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    var entry = logged(api, "topic", "bollards", "drawings", 2, "book", "Both want it");
    assertThat(asked(api, entry)).hasSize(1);
    assertThat(asked(api, entry).get(0).path("wantedBy")).hasSize(2);
  }

  /** Common practice, no published source: what is promised not to be judged is not counted. */
  @Test
  void marks_count_for_nothing_in_a_book_that_is_not_judged(Api api) throws IOException {
    var book = book(api, "Playground");
    var marked = logged(api, "topic", "puddles", "book", "Playground", "pageFrom", 1, "mark", 2);
    var page = "/api/books/" + book + "/pages/1";
    assertThat(api.get(page).json().path("layers").get(0).path("fields").path("mark").asInt())
        .isEqualTo(2);
    var picture = UUID.randomUUID();
    api.putBytes("/api/pictures/" + picture + "?name=p.jpg", Pictures.jpeg(77));
    api.put(
        "/api/pictures/" + picture + "/page", Map.of("book", book, "number", 1, "beside", false));
    assertThat(mark(api, book).asInt()).isEqualTo(2);
    var change =
        Map.of(
            "version",
            api.get("/api/books/" + book).json().path("version").asLong(),
            "change",
            UUID.randomUUID(),
            "fields",
            BookApiTest.fields("Playground", "notJudged", true));
    assertThat(api.put("/api/books/" + book, change).status()).isEqualTo(200);
    assertThat(mark(api, book).isNull()).isTrue();
    var line =
        api.get("/api/books")
            .json()
            .valueStream()
            .filter(b -> b.path("id").asString().equals(book.toString()))
            .findFirst()
            .orElseThrow();
    assertThat(line.path("notJudged").asBoolean()).isTrue();
    assertThat(api.get("/api/entries/" + marked).json().path("fields").path("mark").asInt())
        .as("what was told stays")
        .isEqualTo(2);
  }

  /** Common practice, no published source: where nothing is judged nothing is looked for. */
  @Test
  void what_to_look_for_is_asked_unless_the_book_is_not_judged(Api api) {
    book(api, "Just for me", "notJudged", true);
    var today = api.get("/api/today").json().path("day").asString();
    var placed = api.put("/api/course", Map.of("courseId", "harbour-year", "start", today));
    assertThat(placed.status()).as(placed.body()).isEqualTo(200);
    var exercise =
        api.get("/api/courses/harbour-year").json().path("weeks").get(0).path("exercises").get(0);
    var id = exercise.path("id").asString();
    var asked = logged(api, "exerciseId", id, "drawings", 1);
    var unasked = logged(api, "exerciseId", id, "drawings", 1, "book", "Just for me");
    var open = api.get("/api/today").json().path("lookFor");
    assertThat(open.findValuesAsString("entry"))
        .contains(asked.toString())
        .doesNotContain(unasked.toString());
    assertThat(open.findValuesAsString("lookFor")).contains(exercise.path("lookFor").asString());
  }

  private static JsonNode mark(Api api, UUID book) {
    return api.get("/api/sheet?book=" + book).json().path("pages").get(0).path("mark");
  }
}
