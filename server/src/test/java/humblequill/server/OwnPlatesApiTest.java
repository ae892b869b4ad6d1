package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Plates and orders of one's own, over HTTP. */
class OwnPlatesApiTest extends ClockedTest {
  private static final String SVG =
      "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 40 80\"><path d=\"M1 1L9 9\"/></svg>";

  OwnPlatesApiTest() {
    super(73);
  }

  private static Map<String, Object> pin(String name, double x, double y) {
    return Map.of("name", name, "latin", "", "others", List.of(), "x", x, "y", y);
  }

  private static Map<String, Object> crane(Object... more) {
    var fields = new HashMap<String, Object>();
    fields.put("version", null);
    fields.put("title", "Crane on the quay");
    fields.put("topics", List.of("cranes"));
    fields.put("note", "");
    fields.put("svg", SVG);
    fields.put("pins", List.of(pin("mast", 0.5, 0.6), pin("jib", 0.7, 0.1)));
    for (int i = 0; i < more.length; i += 2) {
      fields.put((String) more[i], more[i + 1]);
    }
    return fields;
  }

  private static String plate(UUID id) {
    return "/api/recall/plates/" + id;
  }

  private JsonNode line(Object id) {
    return api.get("/api/recall")
        .json()
        .path("things")
        .valueStream()
        .filter(s -> s.path("id").asString().equals(id.toString()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_plate_is_made_changed_asked_for_taken_out_and_put_back() {
    var id = UUID.randomUUID();
    var made = api.put(plate(id), crane());
    assertThat(made.status()).as(made.body()).isEqualTo(200);
    assertThat(made.json().path("ratio").asDouble()).isEqualTo(0.5);
    assertThat(api.get(plate(id) + "/picture").body()).contains("M1 1L9 9");
    assertThat(line(id).path("own").asBoolean()).isTrue();

    api.put("/api/recall/wanted/PLATE/" + id, Map.of("way", "NAME"));
    api = RunningQuill.at("2026-03-06T10:00:00Z");
    var named = api.post(plate(id) + "/named", Map.of("pin", "mast", "answer", "MAST"));
    assertThat(named.json().path("verdict").asString()).isEqualTo("RIGHT");
    assertThat(line(id).path("right").asInt()).isEqualTo(1);

    var version = made.json().path("version").asLong();
    var renamed = new HashMap<>(pin("tower", 0.5, 0.6));
    renamed.put("id", "mast");
    var changed = crane("version", version, "pins", List.of(renamed, pin("hook", 0.9, 0.9)));
    changed.remove("svg");
    assertThat(api.put(plate(id), changed).status()).isEqualTo(200);
    assertThat(api.put(plate(id), changed).status()).as("the same from an old page").isEqualTo(409);
    assertThat(line(id).path("right").asInt()).as("a renamed pin keeps how it went").isEqualTo(1);
    assertThat(api.get(plate(id) + "/picture").body()).contains("M1 1L9 9");

    assertThat(api.delete("/api/recall/own/" + id).status()).isEqualTo(204);
    assertThat(api.get(plate(id)).status()).isEqualTo(404);
    assertThat(api.get("/api/recall/files/" + id).status()).isEqualTo(404);
    api.post("/api/recall/own/" + id + "/back", Map.of());
    assertThat(line(id).path("way").asString()).isEqualTo("NAME");
  }

  @Test
  void a_name_of_ones_own_plate_is_no_slip_for_another() {
    api.put(plate(UUID.randomUUID()), crane("pins", List.of(pin("mastt", 0.5, 0.5))));
    api.put("/api/recall/wanted/PLATE/boat", Map.of("way", "NAME"));
    var named = api.post("/api/recall/plates/boat/named", Map.of("pin", "mast", "answer", "mastt"));
    assertThat(named.json().path("verdict").asString()).isEqualTo("WRONG");
  }

  @Test
  void a_picture_of_the_cabinet_and_one_of_a_page_become_plates() throws IOException {
    var id = UUID.randomUUID();
    var cabinet = Map.of("seed", 4, "kind", "HAND", "emphasis", "ANY", "view", "ANY");
    var fromCabinet = crane("cabinet", cabinet);
    fromCabinet.remove("svg");
    assertThat(api.put(plate(id), fromCabinet).status()).isEqualTo(200);
    assertThat(api.get(plate(id) + "/picture").body())
        .isEqualTo(api.get("/api/cabinet/picture.svg?seed=4&kind=HAND").body());

    var picture = UUID.randomUUID();
    api.putBytes("/api/pictures/" + picture + "?name=crane.jpg", Pictures.jpeg(5100));
    var fromPage = crane("picture", picture);
    fromPage.remove("svg");
    var other = UUID.randomUUID();
    var kept = api.put(plate(other), fromPage);
    assertThat(kept.json().path("ratio").asDouble()).isEqualTo(0.75);
    assertThat(api.get("/api/tray").body())
        .as("it waits for no page")
        .doesNotContain(picture.toString());
    assertThat(kept.json().path("turned").asBoolean()).isFalse();
    api.post("/api/pictures/" + picture + "/turn", Map.of());
    assertThat(api.get(plate(other)).json().path("turned").asBoolean()).isTrue();

    api.put("/api/recall/wanted/PLATE/" + other, Map.of("way", "DRAW"));
    api = RunningQuill.at("2026-03-06T10:00:00Z");
    assertThat(api.get("/api/recall").json().path("due").toString()).contains(other.toString());
    api.delete("/api/pictures/" + picture);
    assertThat(api.get("/api/recall").json().path("due").toString())
        .as("a picture that was taken out is not asked for")
        .doesNotContain(other.toString());
    assertThat(line(other).path("gone").asBoolean()).isTrue();
    assertThat(api.get(plate(other)).json().path("gone").asBoolean()).isTrue();
    assertThat(api.get(plate(other) + "/picture").status()).isEqualTo(404);
    api.post("/api/pictures/" + picture + "/back", Map.of());
    assertThat(api.get("/api/recall").json().path("due").toString()).contains(other.toString());
  }

  @Test
  void files_come_in_and_go_out_with_all_that_they_say() throws IOException {
    var file =
        """
        format: 1
        title: Crane of the old harbour
        ratio: 9
        topics: [cranes]
        painted: {in: green}
        pins:
          - {id: m, name: mast, x: 0.5, y: 0.6, rust: 3, reach: 0.1}
          - {id: j, name: jib, others: [arm], x: 0.7, y: 0.1}
        """;
    var id = UUID.randomUUID();
    var in =
        api.put(
            "/api/recall/files/" + id,
            Map.of("file", file, "svg", SVG.replace("</svg>", "<script>x()</script></svg>")));
    assertThat(in.status()).as(in.body()).isEqualTo(200);
    assertThat(in.json().path("leftOut").toString()).contains("script");
    assertThat(api.get(plate(id)).json().path("ratio").asDouble())
        .as("of the picture, whatever the file says")
        .isEqualTo(0.5);

    var pins = new ArrayList<Object>();
    api.get(plate(id)).json().path("pins").valueStream().forEach(pins::add);
    var changed =
        crane("version", api.get(plate(id)).json().path("version").asLong(), "pins", pins);
    changed.remove("svg");
    assertThat(api.put(plate(id), changed).status()).isEqualTo(200);
    var out = api.get("/api/recall/files/" + id).body();
    assertThat(out).contains("green", "rust: 3", "reach: 0.1", "title: \"Crane on the quay\"");
    assertThat(faults(out)).isEmpty();

    var again = UUID.randomUUID();
    api.put("/api/recall/files/" + again, Map.of("file", out, "svg", SVG));
    assertThat(api.get("/api/recall/files/" + again).body()).isEqualTo(out);
  }

  @Test
  void an_order_is_written_changed_and_comes_as_a_file() throws IOException {
    var id = UUID.randomUUID();
    var order = new HashMap<String, Object>();
    order.put("version", null);
    order.put("title", "How to lay in a crane");
    order.put("topics", List.of("cranes"));
    order.put("steps", List.of("box", "mast", "jib"));
    assertThat(api.put("/api/recall/orders/" + id, order).status()).isEqualTo(200);
    var right =
        api.post(
            "/api/recall/orders/" + id + "/ordered",
            Map.of("steps", List.of("box", "jib", "mast")));
    assertThat(right.json().path("right").asInt()).isEqualTo(2);
    order.put("steps", List.of("box", "Box "));
    assertThat(api.put("/api/recall/orders/" + id, order).status()).isEqualTo(409);
    order.put("version", 0);
    assertThat(api.put("/api/recall/orders/" + id, order).body()).contains("stands twice");
    var out = api.get("/api/recall/files/" + id).body();
    assertThat(faults(out)).isEmpty();
    var again = UUID.randomUUID();
    assertThat(
            api.put("/api/recall/files/" + again, Map.of("file", out))
                .json()
                .path("kind")
                .asString())
        .isEqualTo("ORDER");
  }

  /** The schema of the format holds for all that ships too. */
  @Test
  void files_that_ship_keep_to_the_schema() throws IOException {
    for (var thing : api.get("/api/recall").json().path("things")) {
      if (!thing.path("own").asBoolean()) {
        var file = api.get("/api/recall/files/" + thing.path("id").asString()).body();
        assertThat(faults(file)).as(thing.path("id").asString()).isEmpty();
      }
    }
  }

  private static List<String> faults(String yaml) throws IOException {
    var schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(
                Files.readString(Path.of("../docs/formats/plate.schema.json")), InputFormat.JSON);
    return schema.validate(yaml, InputFormat.YAML).stream().map(Object::toString).toList();
  }

  @Test
  void what_cannot_be_a_plate_is_refused_in_words_and_changes_nothing() {
    var before = api.get("/api/recall").body();
    var many = IntStream.range(0, 81).mapToObj(i -> pin("pin " + i, 0.5, 0.5)).toList();
    var long300 = "a".repeat(300);
    refused(crane("pins", List.of()), "pins");
    refused(crane("pins", many), "pins");
    refused(crane("pins", List.of(pin("mast", 1.2, 0.5))), "x");
    refused(crane("pins", List.of(pin("mast", 0.5, -0.1))), "y");
    refused(crane("pins", List.of(pin("mast", 0.5, 0.5), pin("Mást ", 0.6, 0.5))), "right for two");
    refused(crane("pins", List.of(pin(long300, 0.5, 0.5))), "name");
    refused(crane("pins", List.of(pin(" ", 0.5, 0.5))), "name");
    refused(crane("title", ""), "title");
    refused(crane("svg", "<svg"), "SVG");
    refused(crane("svg", "<svg xmlns='http://www.w3.org/2000/svg'/>"), "size");
    var none = crane();
    none.remove("svg");
    refused(none, "needs a picture");
    refused(crane("picture", UUID.randomUUID(), "svg", null), "not there any more");
    var shipped = api.put("/api/recall/plates/boat", crane());
    assertThat(shipped.status()).as("what ships is not changed").isEqualTo(400);
    for (var bad :
        List.of(
            "",
            "[]",
            "format: 2\ntitle: a\nsteps: [a, b]",
            "format: 1\ntitle: a\npins: none",
            "format: 1\ntitle: a\npins: [{id: a, name: b, x: left, y: 0}]",
            "format: 1\ntitle: a\npins: [{id: a, name: " + long300 + ", x: 0, y: 0}]",
            "format: 1\ntitle: a\npins: [{id: a, name: b, x: 0, y: 7}]",
            "format: 1\ntitle: a\npins: [{id: a, name: b, x: 0, y: 1, reach: 4}]",
            "format: 1\ntitle: a\npins: [5]",
            "format: 1\ntitle: a\nsteps: [a]",
            "format: 1\ntitle: a\nsteps: [a, a]",
            "format: 1\ntitle: a\nsteps: 5",
            "format: 1\ntitle: [\n")) {
      var answer =
          api.put("/api/recall/files/" + UUID.randomUUID(), Map.of("file", bad, "svg", SVG));
      assertThat(answer.status()).as(bad + answer.body()).isEqualTo(400);
    }
    assertThat(api.get("/api/recall").body()).isEqualTo(before);
  }

  private void refused(Map<String, Object> fields, String says) {
    var answer = api.put(plate(UUID.randomUUID()), fields);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.body()).contains(says);
  }

  @Test
  void a_clock_that_was_set_back_asks_for_nothing_twice() {
    api.put("/api/recall/wanted/PLATE/foot", Map.of("way", "DRAW"));
    api = RunningQuill.at("2026-03-20T10:00:00Z");
    var due = api.post("/api/recall/plates/foot/drawn", Map.of("got", List.of())).json();
    assertThat(due.path("due").asString()).isEqualTo("2026-03-21");
    api = RunningQuill.at("2026-03-10T10:00:00Z");
    assertThat(api.get("/api/recall").json().path("due").toString()).doesNotContain("\"foot\"");
    assertThat(line("foot").path("due").asString()).isEqualTo("2026-03-21");
  }
}
