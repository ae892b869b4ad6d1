package humblequill.server;

import static humblequill.server.BookApiTest.book;
import static humblequill.server.BookApiTest.log;
import static humblequill.server.BookApiTest.tile;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import humblequill.server.demo.CameraExif;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Pictures of pages, over HTTP. */
@ExtendWith(RunningQuill.class)
class PagePictureApiTest {
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
        "2025-11-18",
        "time",
        "07:20");
    var bytes = Pictures.jpeg(1, "2025:11:18 07:31:00");
    var sent = send(api, "IMG_1.jpg", bytes);
    var picture = sent.path("picture").path("id").asString();
    assertThat(sent.path("picture").path("day").asString()).isEqualTo("2025-11-18");
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
    // RFC 3629: U+0378, which no font can have, is CD B8.
    assertThat(sheet(api, id, 1).raw().headers().firstValue("Missing-Letters")).hasValue("%CD%B8");
    assertThat(sheet(api, hidden, 1).status()).isEqualTo(400);
  }

  private static Api.Answer sheet(Api api, UUID book, int number) {
    return api.post(
        "/api/sheet",
        Map.of(
            "title",
            "Owed\u0378",
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
