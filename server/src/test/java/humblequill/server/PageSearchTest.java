package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Pages found again: by their entries, marks, days, captions, words and books. */
@ExtendWith(RunningQuill.class)
class PageSearchTest {
  private static UUID logged(Api api, Object... more) {
    var id = UUID.randomUUID();
    var body = Map.of("id", id, "fields", EntryApiTest.fields(more));
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
    return id;
  }

  private static String bookOf(Api api, String name) {
    return api.get("/api/books")
        .json()
        .valueStream()
        .filter(b -> b.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow()
        .path("id")
        .asString();
  }

  private static List<Integer> found(Api api, String text) {
    return api.get("/api/search?text=" + text.replace(" ", "%20"))
        .json()
        .path("pages")
        .path("pages")
        .valueStream()
        .filter(p -> p.path("book").asString().equals("Search book"))
        .map(p -> p.path("number").asInt())
        .toList();
  }

  @Test
  void pages_are_found_by_all_that_is_known_of_them(Api api) throws IOException {
    var entry =
        logged(
            api,
            "day",
            "2026-03-02",
            "topic",
            "capstans",
            "book",
            "Search book",
            "pageFrom",
            7,
            "medium",
            "chalk lead",
            "mark",
            5,
            "note",
            "salt on the drum");
    logged(api, "day", "2026-03-03", "topic", "oars", "book", "Search book", "pageFrom", 9);
    var book = bookOf(api, "Search book");
    api.put(
        "/api/books/" + book + "/pages/12",
        Map.of(
            "state", "TORN_OUT", "words", "at the mill", "favourite", false, "keptPrivate", false));
    var picture = UUID.randomUUID();
    api.putBytes("/api/pictures/" + picture + "?name=s.jpg", Pictures.jpeg(201));
    api.put(
        "/api/pictures/" + picture + "/page", Map.of("book", book, "number", 9, "beside", false));
    api.put("/api/pictures/" + picture + "/caption", Map.of("text", "Blades feathered"));

    assertThat(found(api, "capstan")).containsExactly(7);
    assertThat(found(api, "salt on")).containsExactly(7);
    assertThat(found(api, "chalk lead")).containsExactly(7);
    assertThat(found(api, "mark 5")).containsExactly(7);
    assertThat(found(api, "FEATHERED")).containsExactly(9);
    assertThat(found(api, "the mill")).containsExactly(12);
    assertThat(found(api, "2 March 2026")).containsExactly(7);
    assertThat(found(api, "search book")).as("newest first").containsExactly(9, 7);
    assertThat(found(api, "no such thing")).isEmpty();

    var pictures = api.get("/api/entry-pictures?entries=" + entry).json();
    assertThat(pictures).isEmpty();
    api.put(
        "/api/pictures/" + picture + "/page", Map.of("book", book, "number", 7, "beside", false));
    assertThat(
            api.get("/api/entry-pictures?entries=" + entry)
                .json()
                .path(entry.toString())
                .asString())
        .isEqualTo(picture.toString());
    var shown = "/api/entry-pictures?shown=true&entries=" + entry;
    assertThat(api.get(shown).json()).hasSize(1);
    api.put(
        "/api/books/" + book + "/pages/7",
        Map.of("state", "DRAWN", "words", "", "favourite", false, "keptPrivate", true));
    assertThat(api.get(shown).json()).as("a private page is not shown around").isEmpty();
    assertThat(api.get("/api/entry-pictures?entries=" + entry).json()).hasSize(1);
  }

  @Test
  void a_page_names_the_promise_it_served(Api api) {
    var today = LocalDate.parse(api.get("/api/today").json().path("day").asString());
    var terms =
        QuotaApiTest.terms(
            "title", "Forty fenders", "topic", "fenders", "start", today, "due", today.plusDays(9));
    var quota = Map.of("id", UUID.randomUUID(), "terms", terms);
    assertThat(api.post("/api/quotas", quota).status()).isEqualTo(201);
    logged(
        api, "day", today, "topic", "fenders", "drawings", 4, "book", "Served book", "pageFrom", 3);
    var page = api.get("/api/books/" + bookOf(api, "Served book") + "/pages/3").json();
    assertThat(page.path("served").valueStream().map(s -> s.path("name").asString()))
        .containsExactly("Forty fenders");
  }

  @Test
  void a_prompt_leads_to_the_drawing_it_became_wherever_its_page_moves(Api api) {
    var quota = UUID.randomUUID();
    var terms = QuotaApiTest.terms("title", "Words to draw", "kind", "PROMPT_LIST", "count", 1);
    assertThat(api.post("/api/quotas", Map.of("id", quota, "terms", terms)).status())
        .isEqualTo(201);
    var prompt = UUID.randomUUID();
    var words = Map.of("id", prompt, "words", "gull, oar", "chosen", true, "developed", true);
    api.put("/api/quotas/" + quota + "/prompts", Map.of("prompts", List.of(words)));
    var book = UUID.randomUUID();
    var fields = BookApiTest.fields("Further on", "leaves", 10);
    api.post("/api/books", Map.of("id", book, "fields", fields));
    var place = Map.of("book", book, "number", 4, "beside", false);
    assertThat(api.put("/api/prompt-pages/" + prompt, place).status()).isEqualTo(204);
    api.post("/api/books/" + book + "/pages/move", Map.of("kind", "SHIFT", "page", 1, "other", 2));
    var page = api.get("/api/prompt-pages").json().get(0);
    assertThat(page.path("number").asInt()).isEqualTo(6);
    assertThat(page.path("book").asString()).isEqualTo("Further on");
    var beyond = Map.of("book", book, "number", 21, "beside", false);
    assertThat(api.put("/api/prompt-pages/" + prompt, beyond).status()).isEqualTo(400);
    assertThat(api.put("/api/prompt-pages/" + UUID.randomUUID(), place).status()).isEqualTo(404);
    assertThat(api.delete("/api/quotas/" + quota + "/prompts/" + prompt).status()).isEqualTo(200);
    assertThat(api.get("/api/prompt-pages").json()).isEmpty();
  }
}
