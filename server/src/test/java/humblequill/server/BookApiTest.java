package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.demo.CameraExif;
import humblequill.server.picture.Pictures;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Books, their pages and pictures, over HTTP. */
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

  private static UUID book(Api api, String name, Object... more) {
    var id = UUID.randomUUID();
    var answer = api.post("/api/books", Map.of("id", id, "fields", fields(name, more)));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return id;
  }

  private static void log(Api api, Object... more) {
    var body = Map.of("id", UUID.randomUUID(), "fields", EntryApiTest.fields(more));
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
  }

  private static JsonNode line(Api api, String name) {
    return api.get("/api/books")
        .json()
        .valueStream()
        .filter(b -> b.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no book " + name));
  }

  private static JsonNode tile(Api api, Object book, int number) {
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
    assertThat(beyond.json().path("detail").asString()).contains("Thin book has 16 pages", "p 17");
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

  private static JsonNode send(Api api, String name, byte[] bytes) {
    var answer = api.putBytes("/api/pictures/" + UUID.randomUUID() + "?name=" + name, bytes);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  @Test
  void a_picture_waits_is_placed_turned_and_taken_off(Api api) throws IOException {
    var id = book(api, "Picture book", "leaves", 10);
    log(
        api,
        "topic",
        "coils",
        "book",
        "Picture book",
        "pageFrom",
        4,
        "day",
        "2026-03-02",
        "time",
        "07:20");
    var bytes = Pictures.jpeg(1);
    var sent = send(api, "IMG_1.jpg", bytes);
    var picture = sent.path("picture").path("id").asString();
    assertThat(sent.path("picture").path("day").asString()).isEqualTo("2026-03-02");
    var waits = waiting(api, picture);
    assertThat(waits.path("proposed").path("number").asInt()).isEqualTo(4);
    assertThat(waits.path("proposed").path("rests").asString()).isEqualTo("DAY_AND_COUNT");
    assertThat(api.bytes("/api/pictures/" + picture)).isEqualTo(bytes);
    assertThat(send(api, "again.jpg", bytes).path("isNew").asBoolean()).isFalse();
    var place = Map.of("book", id, "number", 4, "beside", false);
    assertThat(api.put("/api/pictures/" + picture + "/page", place).status()).isEqualTo(200);
    assertThat(tile(api, id, 4).path("picture").asString()).isEqualTo(picture);
    var detail = send(api, "detail.jpg", Pictures.jpeg(11)).path("picture").path("id").asString();
    assertThat(
            api.put("/api/pictures/" + detail + "/page", place).json().path("beside").asBoolean())
        .isTrue();
    var page = api.get("/api/books/" + id + "/pages/4").json();
    assertThat(page.path("pictures").path(0).path("id").asString()).isEqualTo(picture);
    assertThat(page.path("layers").valueStream().count()).isEqualTo(1);
    var turned = api.post("/api/pictures/" + picture + "/turn", null).json();
    assertThat(turned.path("width").asInt()).isEqualTo(80);
    assertThat(api.get("/api/pictures/" + picture + "/SMALL").status()).isEqualTo(200);
    assertThat(api.delete("/api/pictures/" + picture + "/page").status()).isEqualTo(200);
    assertThat(waiting(api, picture).isMissingNode()).isFalse();
    assertThat(api.delete("/api/pictures/" + picture).status()).isEqualTo(204);
    assertThat(waiting(api, picture).isMissingNode()).isTrue();
    assertThat(api.get("/api/pictures/" + picture).status()).isEqualTo(404);
    assertThat(api.post("/api/pictures/" + picture + "/back", null).status()).isEqualTo(204);
    assertThat(waiting(api, picture).isMissingNode()).isFalse();
  }

  @Test
  void numbers_are_put_right_and_everything_follows_its_page(Api api) throws IOException {
    var id = book(api, "Miscounted", "leaves", 10);
    log(api, "topic", "coils", "book", "Miscounted", "pageFrom", 3, "pageTo", 4);
    var picture = send(api, "m.jpg", Pictures.jpeg(61)).path("picture").path("id").asString();
    api.put("/api/pictures/" + picture + "/page", Map.of("book", id, "number", 4, "beside", false));
    api.put(
        "/api/books/" + id + "/pages/5",
        Map.of("state", "KEPT_FREE", "words", "gulls", "favourite", false, "keptPrivate", false));
    var shift = Map.of("kind", "SHIFT", "page", 3, "other", 1);
    var seen = api.post("/api/books/" + id + "/pages/preview", shift).json();
    assertThat(seen.path("entries").path(0).path("after").path("from").asInt()).isEqualTo(4);
    assertThat(tile(api, id, 4).path("picture").asString()).isEqualTo(picture);
    var moved = api.post("/api/books/" + id + "/pages/move", shift);
    assertThat(moved.status()).as(moved.body()).isEqualTo(200);
    assertThat(tile(api, id, 3).path("state").asString()).isEqualTo("UNTOUCHED");
    assertThat(tile(api, id, 5).path("picture").asString()).isEqualTo(picture);
    assertThat(tile(api, id, 6).path("words").asString()).isEqualTo("gulls");
    var torn =
        api.post(
            "/api/books/" + id + "/pages/move", Map.of("kind", "SHIFT", "page", 5, "other", 1));
    assertThat(torn.status()).isEqualTo(400);
    assertThat(torn.json().path("detail").asString()).contains("p 4 to 5 would be torn apart");
    api.post("/api/books/" + id + "/pages/move", moved.json().path("back"));
    assertThat(tile(api, id, 4).path("picture").asString()).isEqualTo(picture);
    assertThat(tile(api, id, 3).path("state").asString()).isEqualTo("DRAWN");
    assertThat(tile(api, id, 5).path("words").asString()).isEqualTo("gulls");
  }

  @Test
  void pages_of_a_set_become_one_document_and_private_ones_stay_out(Api api) throws IOException {
    var id = book(api, "Sheet book", "leaves", 10);
    var hidden = book(api, "Hidden book", "leaves", 10, "keptPrivate", true);
    log(
        api,
        "topic",
        "sheeted",
        "drawings",
        4,
        "minutes",
        20,
        "book",
        "Sheet book",
        "pageFrom",
        1,
        "pageTo",
        3);
    log(api, "topic", "sheeted", "book", "Hidden book", "pageFrom", 1);
    for (int n = 1; n <= 2; n++) {
      var sent = send(api, "s.jpg", Pictures.jpeg(40 + n)).path("picture").path("id").asString();
      api.put("/api/pictures/" + sent + "/page", Map.of("book", id, "number", n, "beside", false));
    }
    var secret = send(api, "h.jpg", Pictures.jpeg(50)).path("picture").path("id").asString();
    api.put(
        "/api/pictures/" + secret + "/page", Map.of("book", hidden, "number", 1, "beside", false));
    var chosen = api.get("/api/sheet?topic=sheeted").json();
    assertThat(chosen.path("pages").valueStream().map(p -> p.path("number").asInt()))
        .containsExactly(1, 2);
    assertThat(chosen.path("kept").asInt()).isEqualTo(1);
    assertThat(chosen.path("bare").asInt()).isEqualTo(1);
    assertThat(sheet(api, id, 1).status()).isEqualTo(200);
    assertThat(sheet(api, id, 1).body()).startsWith("%PDF-");
    assertThat(sheet(api, hidden, 1).status()).isEqualTo(400);
  }

  private static Api.Answer sheet(Api api, UUID book, int number) {
    return api.post(
        "/api/sheet",
        Map.of(
            "title",
            "Owed",
            "paper",
            "A4",
            "perSheet",
            12,
            "words",
            List.of("DAY", "MINUTES"),
            "pages",
            List.of(Map.of("book", book, "number", number))));
  }

  private static JsonNode waiting(Api api, String picture) {
    var all = api.get("/api/tray").json().path("waiting");
    for (int i = 0; i < all.size(); i++) {
      if (all.path(i).path("picture").path("id").asString().equals(picture)) {
        return all.path(i);
      }
    }
    return all.path(-1);
  }

  @Test
  void files_that_are_no_pictures_are_named_with_the_reason_and_cost_nothing(Api api)
      throws IOException {
    long before = api.get("/api/tray").json().path("waiting").size();
    var whole = Pictures.jpeg(2);
    var cases =
        Map.of(
            "empty.jpg",
            new byte[0],
            "text.jpg",
            "this is a list of boats".getBytes(java.nio.charset.StandardCharsets.UTF_8),
            "cut.jpg",
            Arrays.copyOf(whole, whole.length / 2),
            "phone.heic",
            "\0\0\0\30ftypheic\0\0\0\0mif1heic"
                .getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
    var reasons =
        Map.of(
            "empty.jpg", "is empty",
            "text.jpg", "is no JPEG, PNG or WebP picture",
            "cut.jpg", "cut off",
            "phone.heic", "let the phone save JPEG");
    cases.forEach(
        (name, bytes) -> {
          var answer = api.putBytes("/api/pictures/" + UUID.randomUUID() + "?name=" + name, bytes);
          assertThat(answer.status()).as(name).isEqualTo(400);
          assertThat(answer.json().path("detail").asString()).contains(name, reasons.get(name));
        });
    assertThat(api.get("/api/tray").json().path("waiting").size()).isEqualTo((int) before);
  }

  @Test
  void a_camera_that_tells_an_impossible_time_tells_none(Api api) throws IOException {
    var plain = Pictures.jpeg(7);
    for (var time :
        new String[] {
          "1980:01:01 00:00:00", LocalDate.now().plusYears(1).getYear() + ":05:05 10:00:00"
        }) {
      var odd = CameraExif.into(Arrays.copyOf(plain, plain.length), 1, time);
      var sent = send(api, "odd.jpg", odd);
      assertThat(sent.path("picture").path("taken").isNull()).as(time).isTrue();
    }
  }
}
