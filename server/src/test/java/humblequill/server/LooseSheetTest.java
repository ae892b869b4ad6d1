package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A loose sheet put into a book: a fact of paper, one leaf has two pages. */
@ExtendWith(RunningQuill.class)
class LooseSheetTest {
  private static UUID book(Api api, String name, String binding) {
    var id = UUID.randomUUID();
    var fields = BookApiTest.fields(name, "leaves", 10, "binding", binding);
    assertThat(api.post("/api/books", Map.of("id", id, "fields", fields)).status()).isEqualTo(201);
    return id;
  }

  private static UUID logged(Api api, String book, int from, int to) {
    var id = UUID.randomUUID();
    var fields =
        EntryApiTest.fields("topic", "hawsers", "book", book, "pageFrom", from, "pageTo", to);
    assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
        .isEqualTo(201);
    return id;
  }

  private static JsonNode fields(Api api, UUID entry) {
    return api.get("/api/entries/" + entry).json().path("fields");
  }

  @Test
  void it_takes_its_drawings_along_and_the_pages_after_it_are_two_later(Api api) {
    var loose = book(api, "Loose ones", "LOOSE");
    var bound = book(api, "Bound one", "BOUND");
    var sheet = logged(api, "Loose ones", 3, 3);
    var before = logged(api, "Bound one", 4, 4);
    var after = logged(api, "Bound one", 5, 6);
    api.put(
        "/api/books/" + loose + "/pages/3",
        Map.of("state", "DRAWN", "words", "on grey", "favourite", true, "keptPrivate", false));
    var place = Map.of("loose", loose, "sheet", 3, "book", bound, "page", 5);
    var put = api.post("/api/books/sheets/put-in", place);
    assertThat(put.status()).as(put.body()).isEqualTo(204);
    assertThat(fields(api, sheet).path("book").asString()).isEqualTo("Bound one");
    assertThat(fields(api, sheet).path("pageFrom").asInt()).isEqualTo(5);
    assertThat(fields(api, before).path("pageFrom").asInt()).isEqualTo(4);
    assertThat(fields(api, after).path("pageFrom").asInt()).isEqualTo(7);
    assertThat(fields(api, after).path("pageTo").asInt()).isEqualTo(8);
    assertThat(api.get("/api/books/" + bound).json().path("pages").asInt()).isEqualTo(22);
    var page = api.get("/api/books/" + bound + "/pages/5").json();
    assertThat(page.path("told").path("words").asString()).isEqualTo("on grey");
    assertThat(page.path("told").path("favourite").asBoolean()).isTrue();

    assertThat(api.post("/api/books/sheets/take-out", place).status()).isEqualTo(204);
    assertThat(fields(api, sheet).path("book").asString()).isEqualTo("Loose ones");
    assertThat(fields(api, sheet).path("pageFrom").asInt()).isEqualTo(3);
    assertThat(fields(api, after).path("pageFrom").asInt()).isEqualTo(5);
    assertThat(api.get("/api/books/" + bound).json().path("pages").asInt()).isEqualTo(20);
  }

  @Test
  void what_cannot_be_put_in_is_refused_and_nothing_moves(Api api) {
    var loose = book(api, "Loose too", "LOOSE");
    var bound = book(api, "Bound too", "BOUND");
    var wide = logged(api, "Loose too", 2, 3);
    var two = Map.of("loose", loose, "sheet", 2, "book", bound, "page", 1);
    assertThat(api.post("/api/books/sheets/put-in", two).json().path("detail").asString())
        .contains("p 2 to 3");
    assertThat(fields(api, wide).path("book").asString()).isEqualTo("Loose too");
    var notLoose = Map.of("loose", bound, "sheet", 1, "book", loose, "page", 1);
    assertThat(api.post("/api/books/sheets/put-in", notLoose).status()).isEqualTo(400);
    var beyond = Map.of("loose", loose, "sheet", 5, "book", bound, "page", 30);
    assertThat(api.post("/api/books/sheets/put-in", beyond).json().path("value").asString())
        .isEqualTo("30");
    assertThat(api.get("/api/books/" + bound).json().path("pages").asInt()).isEqualTo(20);
  }
}
