package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The shelf over HTTP. */
@ExtendWith(RunningQuill.class)
class ShelfApiTest {
  static Map<String, Object> fields(String name, Object... more) {
    var fields = new HashMap<String, Object>();
    fields.put("name", name);
    fields.put("kind", "BOOK");
    fields.put("role", "TEACHES");
    fields.put("topics", List.of());
    fields.put("currency", "");
    fields.put("ownership", "OWNED");
    fields.put("wanted", List.of());
    fields.put("onlyAfter", List.of());
    fields.put("byHand", List.of());
    fields.put("goodFor", "");
    fields.put("bewareOf", "");
    fields.put("note", "");
    for (int i = 0; i < more.length; i += 2) {
      fields.put((String) more[i], more[i + 1]);
    }
    return fields;
  }

  private static Api.Answer put(Api api, UUID id, long version, Map<String, Object> fields) {
    return api.put(
        "/api/shelf/" + id,
        Map.of("version", version, "change", UUID.randomUUID(), "fields", fields));
  }

  private static UUID made(Api api, String name, Object... more) {
    var id = UUID.randomUUID();
    var answer = api.post("/api/shelf", Map.of("id", id, "fields", fields(name, more)));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return id;
  }

  private static LocalDate today(Api api) {
    return LocalDate.parse(api.get("/api/today").json().path("day").asString());
  }

  private static void read(Api api, int daysAgo, String resource, int from, int to) {
    var fields = new HashMap<String, Object>();
    fields.put("day", today(api).minusDays(daysAgo).toString());
    fields.put("minutes", 30);
    fields.put("resource", resource);
    fields.put("study", Map.of("unit", "PAGE", "unitFrom", from, "unitTo", to, "how", "READ"));
    fields.put("wentWrong", "");
    fields.put("nextTime", "");
    fields.put("note", "");
    var answer = api.post("/api/entries", Map.of("id", UUID.randomUUID(), "fields", fields));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
  }

  @Test
  void progress_follows_from_entries_in_any_spelling(Api api) {
    var id = made(api, "Sails, cut and sewn", "unit", "PAGE", "total", 120);
    read(api, 9, "sails, cut and sewn", 64, 78);
    read(api, 5, "Sails, cut and sewn", 70, 80);
    read(api, 4, "SAILS, CUT AND SEWN", 81, 84);
    read(api, 1, "Sails, cut and sewn", 90, 95);
    var resource = api.get("/api/shelf/" + id).json();
    assertThat(resource.path("used").path("read").asInt())
        .as("64-78, 70-80, 81-84, 90-95 are 27 units")
        .isEqualTo(27);
    assertThat(resource.path("used").path("gaps").toString())
        .isEqualTo("[{\"from\":1,\"to\":63},{\"from\":85,\"to\":89},{\"from\":96,\"to\":120}]");
    assertThat(resource.path("place").asString()).isEqualTo("READING");
    assertThat(resource.path("used").path("finish").path("left").asInt()).isEqualTo(93);
  }

  @Test
  void a_queue_in_a_circle_is_refused_with_its_path(Api api) {
    var one = made(api, "Knots one");
    var two = made(api, "Knots two", "onlyAfter", List.of(one));
    var answer = put(api, one, 1, fields("Knots one", "onlyAfter", List.of(two)));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("Knots one → Knots two → Knots one");
    var waiting = api.get("/api/shelf/" + two).json().path("waitsFor");
    assertThat(waiting.get(0).path("name").asString()).isEqualTo("Knots one");
    var done = fields("Knots one", "ended", "FINISHED", "endedOn", today(api).toString());
    assertThat(put(api, one, 1, done).status()).isEqualTo(200);
    assertThat(api.get("/api/shelf/" + two).json().path("waitsFor")).isEmpty();
  }

  @Test
  void what_cannot_be_is_named(Api api) {
    var id = made(api, "Hooks", "unit", "PAGE", "total", 20);
    var reversed = List.of(Map.of("from", 9, "to", 3));
    assertThat(put(api, id, 1, fields("Hooks", "unit", "PAGE", "byHand", reversed)).body())
        .contains("ends at 3, before 9");
    var beyond = List.of(Map.of("from", 9, "to", 30));
    assertThat(
            put(api, id, 1, fields("Hooks", "unit", "PAGE", "total", 20, "byHand", beyond)).body())
        .contains("30 lies beyond");
    assertThat(put(api, id, 1, fields("Hooks", "total", 20)).body())
        .contains("Say in what it is counted");
    assertThat(put(api, id, 1, fields("Hooks", "ownership", "BORROWED")).body())
        .contains("goes back");
    assertThat(put(api, id, 7, fields("Hooks")).status()).isEqualTo(409);
    assertThat(put(api, id, 1, fields("Hooks", "onlyAfter", List.of(UUID.randomUUID()))).status())
        .isEqualTo(404);
    assertThat(api.get("/api/shelf/" + UUID.randomUUID()).status()).isEqualTo(404);
  }

  @Test
  void off_the_shelf_and_back_nothing_is_lost(Api api) {
    var id = made(api, "Cleats", "unit", "PAGE", "total", 40);
    read(api, 2, "Cleats", 1, 10);
    assertThat(api.delete("/api/shelf/" + id).status()).isEqualTo(204);
    assertThat(names(api, "resources")).doesNotContain("Cleats");
    assertThat(names(api, "off")).contains("Cleats");
    assertThat(api.post("/api/shelf/" + id + "/back", null).status()).isEqualTo(204);
    assertThat(names(api, "resources")).contains("Cleats");
    assertThat(names(api, "off")).doesNotContain("Cleats");
    assertThat(api.get("/api/shelf/" + id).json().path("used").path("read").asInt()).isEqualTo(10);
  }

  @Test
  void what_is_borrowed_is_due_on_the_shelf_and_in_the_calendar(Api api) {
    var due = today(api).plusDays(5);
    made(api, "Charts of the bay", "ownership", "BORROWED", "dueBack", due.toString());
    var remarks = api.get("/api/shelf").json().path("remarks").toString();
    assertThat(remarks).contains("Charts of the bay").contains("\"days\":5");
    var feed = api.get("/api/feed").json().path("address").asString();
    assertThat(api.get(feed.replaceFirst("^https?://[^/]+", "")).body())
        .contains("Due back: Charts of the bay")
        .contains("DTSTART;VALUE=DATE:" + due.toString().replace("-", ""));
  }

  private static List<String> names(Api api, String part) {
    return api.get("/api/shelf").json().path(part).findValuesAsString("name");
  }
}
