package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Attempts held beside their references, over HTTP. */
@ExtendWith(RunningQuill.class)
class BenchApiTest {
  private static final String PATH = "/api/bench/comparisons/";

  static Map<String, Object> fields(long seed, List<?> drawn) {
    var reference = new HashMap<String, Object>();
    reference.put("from", "CABINET");
    reference.put("seed", seed);
    reference.put("cabinet", "STANDING");
    var fields = new HashMap<String, Object>();
    fields.put("title", "Standing");
    fields.put("template", "figure");
    fields.put("reference", reference);
    fields.put("way", "UNAIDED");
    fields.put("pushed", false);
    fields.put("plumb", true);
    fields.put("drawn", drawn);
    for (var list : List.of("truth", "invented", "hidden", "refused", "notes")) {
      fields.put(list, List.of());
    }
    return fields;
  }

  /** Landmarks of the cabinet as a drawing has them; forearms by a factor. */
  static List<Map<String, Object>> drawn(Api api, long seed, double forearm) {
    var places = new HashMap<String, double[]>();
    for (var l : api.get("/api/cabinet?kind=STANDING&seed=" + seed).json().path("landmarks")) {
      places.put(
          l.path("name").asString(),
          new double[] {l.path("x").asDouble() / 1000, l.path("y").asDouble() / 1000});
    }
    for (var side : List.of("left ", "right ")) {
      var elbow = places.get(side + "elbow");
      var wrist = places.get(side + "wrist");
      for (int i = 0; i < 2; i++) {
        wrist[i] = elbow[i] + forearm * (wrist[i] - elbow[i]);
      }
    }
    var drawn = new ArrayList<Map<String, Object>>();
    places.forEach(
        (name, p) -> drawn.add(Map.of("name", name, "x", 0.1 + p[0] / 2, "y", 0.2 + p[1] / 2)));
    return drawn;
  }

  private static Api.Answer kept(Api api, UUID id, Long version, Map<String, Object> fields) {
    var change = new HashMap<String, Object>();
    change.put("version", version);
    change.put("fields", fields);
    return api.put(PATH + id, change);
  }

  static JsonNode made(Api api, UUID id, Map<String, Object> fields) {
    var answer = kept(api, id, null, fields);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  @Test
  void what_was_drawn_short_is_said_and_its_place_is_proposed(Api api) {
    var id = UUID.randomUUID();
    var view = made(api, id, fields(3, drawn(api, 3, 0.7)));
    var first = view.path("held").path("first");
    assertThat(first).isNotEmpty();
    assertThat(first.get(0).path("kind").asString()).isEqualTo("LENGTH");
    assertThat(first.get(0).path("subject").asString()).endsWith("forearm");
    assertThat(first.get(0).path("yours").asDouble()).isCloseTo(0.7, within(1e-6));
    assertThat(view.path("held").path("over").path("scale").asDouble())
        .as("drawn at half the size")
        .isCloseTo(2, within(1e-6));

    var three = drawn(api, 3, 1).stream().filter(p -> !"chin".equals(p.get("name"))).toList();
    var again = kept(api, id, view.path("version").asLong(), fields(3, three)).json();
    for (var landmark : again.path("landmarks")) {
      if (landmark.path("name").asString().equals("chin")) {
        var chin = drawn(api, 3, 1).stream().filter(p -> p.get("name").equals("chin")).toList();
        assertThat(landmark.path("proposed").path("x").asDouble())
            .isCloseTo((double) chin.get(0).get("x"), within(1e-6));
      }
    }
    assertThat(kept(api, id, 0L, fields(3, three)).status()).as("an old version").isEqualTo(409);
  }

  @Test
  void tries_of_one_reference_are_a_series(Api api) {
    for (double forearm : new double[] {0.6, 0.7, 0.8}) {
      made(api, UUID.randomUUID(), fields(11, drawn(api, 11, forearm)));
    }
    var last = api.get("/api/bench/comparisons").json().get(0);
    assertThat(last.path("number").asInt()).isEqualTo(3);
    assertThat(last.path("tries").asInt()).isEqualTo(3);
    var tries = api.get(PATH + last.path("id").asString()).json().path("tries");
    assertThat(tries.get(0).path("changes")).as("the first has none before it").isEmpty();
    for (int i = 1; i < 3; i++) {
      assertThat(tries.get(i).path("changes").valueStream())
          .as("forearms came nearer each time")
          .isNotEmpty()
          .allSatisfy(c -> assertThat(c.path("became").asString()).isIn("LESS", "GONE"));
    }
    assertThat(tries.get(0).path("meanOffset").asDouble())
        .isGreaterThan(tries.get(2).path("meanOffset").asDouble());
    assertThat(api.delete(PATH + last.path("id").asString()).status()).isEqualTo(204);
    assertThat(api.get("/api/bench/comparisons").json().get(0).path("tries").asInt()).isEqualTo(2);
    assertThat(api.post(PATH + last.path("id").asString() + "/back", null).status()).isEqualTo(204);
  }

  @Test
  void what_was_measured_of_a_page_stands_with_it_before_and_after(Api api) throws IOException {
    var book = BookApiTest.book(api, "Standing figures", "leaves", 10);
    var entries = new ArrayList<UUID>();
    for (int page = 1; page <= 2; page++) {
      var entry = UUID.randomUUID();
      entries.add(entry);
      var fields =
          EntryApiTest.fields(
              "topic", "standing", "drawings", 1, "book", "Standing figures", "pageFrom", page);
      api.post("/api/entries", Map.of("id", entry, "fields", fields));
      var picture = UUID.randomUUID();
      api.putBytes("/api/pictures/" + picture + "?name=p.jpg", Pictures.jpeg(7000 + page));
      api.put(
          "/api/pictures/" + picture + "/page",
          Map.of("book", book, "number", page, "beside", false));
      if (page == 2) {
        var attempt = fields(21, drawn(api, 21, 0.7));
        attempt.put("attempt", picture);
        made(api, UUID.randomUUID(), attempt);
      }
    }
    api.put(
        "/api/look-back/subjects/" + UUID.randomUUID(),
        Map.of("title", "A standing figure", "entries", entries));
    var moments =
        api.get("/api/look-back/subjects")
            .json()
            .valueStream()
            .filter(s -> s.path("title").asString().equals("A standing figure"))
            .findFirst()
            .orElseThrow()
            .path("moments");
    assertThat(moments.get(0).path("measured").isNull()).isTrue();
    var measured = moments.get(1).path("measured");
    var held = api.get(PATH + measured.path("comparison").asString()).json().path("held");
    assertThat(measured.path("meanOffset").asDouble())
        .isPositive()
        .isEqualTo(held.path("meanOffset").asDouble());
  }

  @Test
  void a_habit_can_be_taken_as_an_aim(Api api) {
    for (long seed = 100; seed < 110; seed++) {
      made(api, UUID.randomUUID(), fields(seed, drawn(api, seed, 0.8 + 0.01 * (seed % 3))));
    }
    var habit = forearm(api);
    assertThat(habit.path("standing").asString()).isEqualTo("HOLDS");
    assertThat(Math.exp(habit.path("mean").asDouble())).isBetween(0.75, 0.9);
    var aim = UUID.randomUUID();
    var body = Map.of("template", "figure", "kind", "LENGTH", "part", "forearm");
    assertThat(api.put("/api/bench/aims/" + aim, body).status()).isEqualTo(204);
    assertThat(forearm(api).path("aim").path("id").asString()).isEqualTo(aim.toString());
    var unknown = Map.of("template", "figure", "kind", "LENGTH", "part", "tail");
    assertThat(api.put("/api/bench/aims/" + UUID.randomUUID(), unknown).status()).isEqualTo(400);
    assertThat(api.delete("/api/bench/aims/" + aim).status()).isEqualTo(204);
  }

  private static JsonNode forearm(Api api) {
    for (var template : api.get("/api/bench/tendencies").json().path("templates")) {
      for (var t : template.path("tendencies")) {
        if (t.path("part").asString().equals("forearm")
            && t.path("kind").asString().equals("LENGTH")) {
          return t;
        }
      }
    }
    throw new AssertionError("no habit of forearms");
  }

  @Test
  void shipped_templates_know_the_landmarks_of_the_cabinet(Api api) {
    var files = new HashMap<String, String>();
    for (var t : api.get("/api/bench/templates").json()) {
      files.put(t.path("name").asString(), t.path("file").asString());
    }
    var of =
        Map.of(
            "STANDING", "figure",
            "TORSO", "torso",
            "HEAD", "head, front",
            "HAND", "hand",
            "HULL", "hull",
            "CYLINDER", "cylinder");
    of.forEach(
        (kind, template) -> {
          var landmarks = api.get("/api/cabinet?seed=5&kind=" + kind).json().path("landmarks");
          for (var name : landmarks.findValuesAsString("name")) {
            assertThat(files.get(template)).as(kind).contains("name: " + name);
          }
        });
  }

  @Test
  void what_cannot_be_is_named(Api api) {
    var twice = new ArrayList<>(drawn(api, 3, 1));
    twice.add(twice.get(0));
    assertThat(kept(api, UUID.randomUUID(), null, fields(3, twice)).body())
        .contains("is placed twice");
    var nowhere = fields(3, List.of());
    nowhere.put("reference", Map.of("from", "PAGE"));
    assertThat(kept(api, UUID.randomUUID(), null, nowhere).body()).contains("Choose the picture");
    var one = made(api, UUID.randomUUID(), fields(3, drawn(api, 3, 1).subList(0, 1)));
    assertThat(one.path("held").isNull()).as("one landmark tells nothing").isTrue();
    var gone = fields(3, drawn(api, 3, 1));
    gone.put("attempt", UUID.randomUUID());
    assertThat(made(api, UUID.randomUUID(), gone).path("attempt").path("address").asString())
        .as("a picture that is gone")
        .isEmpty();
    var free = fields(3, List.of());
    free.put("template", "no such template");
    free.put("reference", Map.of("from", "PAGE", "picture", UUID.randomUUID()));
    assertThat(made(api, UUID.randomUUID(), free).path("landmarks")).hasSize(2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          landmarks: [{name: a}, {name: a}]               | Two landmarks are called "a".
          landmarks: [{name: a}]                          | A template has two landmarks or more.
          landmarks: [{name: a, layer: whole}, {name: b}] | "whole" is no layer; there are foundation, limbs, ends.
          landmarks: [{name: a, foundation: so}, {name: b}] | "foundation" is true or false, not "so".
          cabinet: gull                                   | "cabinet" is a list of at most 100.
          cabinet: [gull]                                 | "gull" is nothing of the cabinet; there are standing,
          parts: [{name: p, from: a, to: c}]              | The part "p" names "c", which is no landmark.
          parts: [{name: p, from: a, to: a}]              | The part "p" names "a" twice.
          depth: [{name: d, one: p, other: q}]            | The depth "d" names "p", which is no part.
          pairs: [[a]]                                    | A pair has a left and a right.
          upright: so                                     | "upright" tells which landmarks
          upright: {above: [a]}                           | "below" names no landmark.
          upright: {above: a, below: [b]}                 | "above" is a list of at most 100.
          name: Figure                                    | There is a template called "figure" already.
          """)
  void what_a_template_says_and_cannot_be_is_named(String line, String said, Api api) {
    var file = "format: 1\n" + line + "\n";
    file += line.startsWith("name") ? "" : "name: x\n";
    file += line.startsWith("landmarks") ? "" : "landmarks: [{name: a}, {name: b}]\n";
    var answer = api.put("/api/bench/templates/" + UUID.randomUUID(), Map.of("file", file));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("detail").asString()).startsWith(said);
  }

  @Test
  void an_own_template_is_kept_as_its_file(Api api) {
    var file = "format: 1\nname: Gull\nlandmarks:\n- name: beak\n- name: tail\nmine: kept\n";
    var id = UUID.randomUUID();
    assertThat(api.put("/api/bench/templates/" + id, Map.of("file", file)).status()).isEqualTo(204);
    assertThat(api.get("/api/bench/templates").json().findValuesAsString("file")).contains(file);
    assertThat(api.delete("/api/bench/templates/" + id).status()).isEqualTo(204);
  }

  @Test
  void figures_come_as_csv(Api api) {
    made(api, UUID.randomUUID(), fields(77, drawn(api, 77, 0.75)));
    var csv = api.get("/api/bench/figures.csv");
    assertThat(csv.status()).isEqualTo(200);
    var lines = csv.body().lines().toList();
    assertThat(lines.get(0)).startsWith("day,comparison,title,template,way,part,length");
    assertThat(lines).anyMatch(l -> l.contains("left forearm,0.7500,"));
  }

  /** Said rather than averaged away: what was measured rests on the picture as it was then. */
  @Test
  void a_picture_made_straight_since_is_said_until_the_landmarks_fit(Api api) throws IOException {
    var picture = UUID.randomUUID();
    api.putBytes("/api/pictures/" + picture + "?name=figure.jpg", Pictures.jpeg(4711));
    var fields = fields(31, drawn(api, 31, 0.7));
    fields.put("attempt", picture);
    fields.put("plumb", null);
    var id = UUID.randomUUID();
    var before = made(api, id, fields);
    assertThat(before.path("attemptChanged").asBoolean()).isFalse();
    assertThat(before.path("plumb").asBoolean()).as("a page that was not made straight").isFalse();

    var corners =
        List.of(
            Map.of("x", .1, "y", .1),
            Map.of("x", .9, "y", .1),
            Map.of("x", .9, "y", .6),
            Map.of("x", .1, "y", .6));
    var sheet = Map.of("corners", corners, "evenLight", false);
    assertThat(api.put("/api/pictures/" + picture + "/paper", sheet).status()).isEqualTo(200);
    var after = api.get(PATH + id).json();
    assertThat(after.path("attemptChanged").asBoolean()).isTrue();
    assertThat(after.path("held")).as("what was measured stays").isEqualTo(before.path("held"));

    fields.put("title", "A new title");
    var titled = kept(api, id, after.path("version").asLong(), fields).json();
    assertThat(titled.path("attemptChanged").asBoolean()).as("a title says nothing").isTrue();
    var change = new HashMap<String, Object>();
    change.put("version", titled.path("version").asLong());
    change.put("fields", fields);
    change.put("fit", true);
    var fits = api.put(PATH + id, change).json();
    assertThat(fits.path("attemptChanged").asBoolean()).isFalse();
    assertThat(fits.path("plumb").asBoolean()).isTrue();

    assertThat(api.delete("/api/pictures/" + picture).status()).isLessThan(300);
    var gone = api.get(PATH + id).json();
    assertThat(gone.path("attempt").path("address").asString()).isEmpty();
    assertThat(gone.path("held")).as("a picture that is gone").isEqualTo(fits.path("held"));
  }

  @Test
  void several_solids_in_one_picture_are_compared_by_points_alone(Api api) {
    long seed = 1;
    while (!api.get("/api/cabinet?kind=BOX&seed=" + seed).body().contains("2 corner 1")) {
      seed++;
    }
    var fields = fields(seed, List.of());
    fields.put("template", "box");
    fields.put("reference", Map.of("from", "CABINET", "seed", seed, "cabinet", "BOX"));
    var landmarks = made(api, UUID.randomUUID(), fields).path("landmarks");
    assertThat(landmarks.findValuesAsString("name")).contains("1 corner 1", "2 corner 8");
  }

  @Test
  void the_same_reference_told_in_two_ways_is_one_series(Api api) {
    var plain = fields(51, drawn(api, 51, 0.8));
    var full = fields(51, drawn(api, 51, 0.9));
    full.put(
        "reference",
        Map.of(
            "from", "CABINET",
            "seed", 51,
            "cabinet", "STANDING",
            "emphasis", "ANY",
            "view", "ANY"));
    made(api, UUID.randomUUID(), plain);
    var id = UUID.randomUUID();
    assertThat(made(api, id, full).path("tries")).hasSize(2);
  }
}
