package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.lowagie.text.pdf.PdfReader;
import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What habits are read off, and what goes out of the bench on paper. */
@ExtendWith(RunningQuill.class)
class HabitsApiTest {
  private static UUID book(Api api, String name, boolean keptPrivate) {
    var id = UUID.randomUUID();
    var fields = BookApiTest.fields(name, "leaves", 20, "keptPrivate", keptPrivate);
    assertThat(api.post("/api/books", Map.of("id", id, "fields", fields)).status()).isEqualTo(201);
    return id;
  }

  /** A drawing of a page, with the entry of that page if one is told. */
  private static UUID onPage(Api api, UUID book, int page, int seed) throws IOException {
    var picture = UUID.randomUUID();
    api.putBytes("/api/pictures/" + picture + "?name=page.jpg", Pictures.jpeg(seed));
    var place = Map.of("part", UUID.randomUUID(), "book", book, "from", page, "two", false);
    assertThat(api.put("/api/tray/row/" + picture, place).status()).isEqualTo(200);
    return picture;
  }

  private static void log(Api api, Object... more) {
    var body = Map.of("id", UUID.randomUUID(), "fields", EntryApiTest.fields(more));
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
  }

  private static UUID compared(Api api, long seed, UUID attempt) {
    var id = UUID.randomUUID();
    var fields = BenchApiTest.fields(seed, BenchApiTest.drawn(api, seed, 0.8));
    fields.put("attempt", attempt);
    BenchApiTest.made(api, id, fields);
    return id;
  }

  private static int comparisons(Api api, String asked) {
    int sum = 0;
    for (var t : api.get("/api/bench/tendencies?" + asked).json().path("templates")) {
      sum += t.path("comparisons").asInt();
    }
    return sum;
  }

  @Test
  void habits_can_be_asked_by_what_the_drawing_was_logged_as(Api api) throws IOException {
    var book = book(api, "Sheets", false);
    for (int page = 1; page <= 3; page++) {
      log(
          api,
          "topic",
          "poses",
          "book",
          "Sheets",
          "pageFrom",
          page,
          "drawings",
          1,
          "minutes",
          page == 1 ? 2 : 25,
          "medium",
          page == 3 ? "brush pen" : "graphite",
          "source",
          "photo",
          "study",
          page == 3 ? Map.of("facets", List.of("side view")) : Map.of());
      compared(api, 700 + page, onPage(api, book, page, 900 + page));
    }
    compared(api, 750, onPage(api, book, 9, 950));
    var asked = api.get("/api/bench/tendencies").json();
    assertThat(asked.path("media").valueStream().map(JsonNode::asString))
        .containsExactly("brush pen", "graphite");
    assertThat(asked.path("lengths").valueStream().map(JsonNode::asString))
        .containsExactly("QUICK", "LONG");
    assertThat(comparisons(api, "medium=graphite")).isEqualTo(2);
    assertThat(comparisons(api, "medium=graphite&length=LONG")).isEqualTo(1);
    assertThat(comparisons(api, "topic=poses&source=photo")).isEqualTo(3);
    assertThat(comparisons(api, "topic=ropes")).isZero();
    assertThat(asked.path("facets").valueStream().map(JsonNode::asString))
        .containsExactly("side view");
    assertThat(comparisons(api, "facet=side%20view")).isEqualTo(1);
    assertThat(api.get("/api/bench/tendencies?length=HUGE").status()).isEqualTo(400);
  }

  private static JsonNode said(Api api, String part) {
    return api.get("/api/bench/said")
        .json()
        .valueStream()
        .filter(h -> h.path("part").asString().equals(part))
        .findFirst()
        .orElse(null);
  }

  @Test
  void words_count_until_they_are_told_to_be_read_wrong(Api api) {
    for (int i = 0; i < 3; i++) {
      log(api, "note", "gulls " + i, "wentWrong", "Wings too short; beak too big");
    }
    var wings = said(api, "wing");
    assertThat(wings.path("less").asInt()).isEqualTo(3);
    assertThat(wings.path("standing").asString()).isEqualTo("TOO_FEW");
    var entry = wings.path("cases").get(0).path("entry").asString();
    var misread = new HashMap<String, Object>();
    misread.putAll(Map.of("entry", entry, "part", "wing", "along", "LENGTH", "wrong", true));
    assertThat(api.put("/api/bench/said/misread", misread).status()).isEqualTo(204);
    assertThat(api.put("/api/bench/said/misread", misread).status())
        .as("told twice")
        .isEqualTo(204);
    assertThat(said(api, "wing").path("less").asInt()).isEqualTo(2);
    assertThat(said(api, "beak").path("more").asInt()).as("another part").isEqualTo(3);
    misread.put("wrong", false);
    assertThat(api.put("/api/bench/said/misread", misread).status()).isEqualTo(204);
    assertThat(said(api, "wing").path("less").asInt()).isEqualTo(3);
  }

  @Test
  void a_picture_of_a_private_page_is_told_to_be_one(Api api) throws IOException {
    var open = compared(api, 760, onPage(api, book(api, "Shown", false), 1, 960));
    var kept = compared(api, 761, onPage(api, book(api, "Not shown", true), 1, 961));
    var path = "/api/bench/comparisons/";
    assertThat(api.get(path + open).json().path("attempt").path("keptPrivate").asBoolean())
        .isFalse();
    assertThat(api.get(path + kept).json().path("attempt").path("keptPrivate").asBoolean())
        .isTrue();
  }

  /** Read by another library: A5 is 148 x 210 mm, a millimetre 72 / 25.4 points. */
  @Test
  void a_reference_is_printed_at_the_size_of_a_paper(Api api) throws IOException {
    var id = compared(api, 770, null);
    var path = "/api/bench/comparisons/" + id + "/sheet.pdf?paper=A5";
    for (var shows : List.of("WHOLE", "FAINT", "MARKS")) {
      var answer = api.bytes(path + "&shows=" + shows);
      var reader = new PdfReader(answer);
      assertThat((double) reader.getPageSize(1).getWidth()).isCloseTo(148 * 72 / 25.4, within(0.5));
      assertThat((double) reader.getPageSize(1).getHeight())
          .isCloseTo(210 * 72 / 25.4, within(0.5));
    }
    assertThat(api.get(path + "&margin=80").body()).contains("leave nothing");
    assertThat(api.get(path.replace("A5", "napkin")).body()).contains("napkin");
  }
}
