package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Names with an identity: renamed, merged, described and removed, each taken back in one press. */
@ExtendWith(RunningQuill.class)
class NamesApiTest {
  private static final int MANY = 2000;

  private static UUID log(Api api, Object... more) {
    var id = UUID.randomUUID();
    var body = Map.of("id", id, "fields", EntryApiTest.fields(more));
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
    return id;
  }

  private static JsonNode name(Api api, String text) {
    return api.get("/api/names")
        .json()
        .path("names")
        .valueStream()
        .filter(n -> n.path("text").asString().equals(text))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no name \"" + text + "\""));
  }

  private static boolean exists(Api api, String text) {
    return api.get("/api/names")
        .json()
        .path("names")
        .valueStream()
        .anyMatch(n -> n.path("text").asString().equals(text));
  }

  private static String id(Api api, String text) {
    return name(api, text).path("id").asString();
  }

  private static String field(Api api, UUID entry, String field) {
    return api.get("/api/entries/" + entry).json().path("fields").path(field).asString();
  }

  private static int total(Api api, String query) {
    return api.get("/api/entries?" + query).json().path("total").asInt();
  }

  private static UUID rename(Api api, String from, String to) {
    var change = UUID.randomUUID();
    var answer =
        api.put("/api/names/" + id(api, from) + "/text", Map.of("change", change, "text", to));
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
    return change;
  }

  private static Api.Answer merge(Api api, String name, String into, UUID change) {
    return api.post(
        "/api/names/" + id(api, name) + "/merge", Map.of("change", change, "into", id(api, into)));
  }

  private static int undo(Api api, UUID change) {
    return api.post("/api/names/changes/" + change + "/undo", null).status();
  }

  @Test
  void a_medium_of_two_thousand_entries_is_renamed_in_one_press_and_back_in_another(Api api) {
    var file =
        "day,topic,drawings,medium\r\n"
            + IntStream.range(0, MANY)
                .mapToObj(i -> "2026-02-0%d,bollard %d,1,reed pens".formatted(1 + i % 9, i))
                .collect(Collectors.joining("\r\n"));
    api.send("POST", "/api/import?apply=true", file, Map.of("Content-Type", "text/csv"));
    assertThat(name(api, "reed pens").path("uses").asInt()).isEqualTo(MANY);

    var change = rename(api, "reed pens", "bamboo pen");
    assertThat(total(api, "medium=bamboo+pen")).isEqualTo(MANY);
    assertThat(total(api, "medium=reed+pens")).as("by what it was called before").isEqualTo(MANY);
    var first = api.get("/api/entries?medium=bamboo+pen&most=1").json().path("entries").path(0);
    assertThat(first.path("fields").path("medium").asString()).isEqualTo("bamboo pen");
    assertThat(first.path("version").asInt()).as("no entry was written").isZero();

    assertThat(undo(api, change)).isEqualTo(204);
    assertThat(total(api, "medium=reed+pens")).isEqualTo(MANY);
    assertThat(exists(api, "bamboo pen")).isFalse();
  }

  @Test
  void the_same_press_told_twice_is_one_change(Api api) {
    log(api, "drawings", 1, "medium", "quill one");
    var change = UUID.randomUUID();
    var path = "/api/names/" + id(api, "quill one") + "/text";
    assertThat(api.put(path, Map.of("change", change, "text", "quill two")).status())
        .isEqualTo(204);
    assertThat(api.put(path, Map.of("change", change, "text", "quill two")).status())
        .isEqualTo(204);
    assertThat(undo(api, change)).isEqualTo(204);
    assertThat(undo(api, change)).as("taken back twice").isEqualTo(204);
    assertThat(exists(api, "quill one")).isTrue();
  }

  @Test
  void a_name_that_is_there_already_is_not_given_twice(Api api) {
    log(api, "drawings", 1, "book", "Tide book");
    log(api, "drawings", 1, "book", "Moon book");
    var refused =
        api.put(
            "/api/names/" + id(api, "Tide book") + "/text",
            Map.of("change", UUID.randomUUID(), "text", "moon books"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString())
        .contains("\"moon books\" is there already, as \"Moon book\"");
    assertThat(exists(api, "Tide book")).isTrue();
    var again =
        api.post(
            "/api/names",
            Map.of(
                "id",
                UUID.randomUUID(),
                "kind",
                "BOOK",
                "text",
                "TIDE BOOK",
                "spellings",
                List.of(),
                "properties",
                List.of()));
    assertThat(again.json().path("detail").asString()).contains("Tide book");
  }

  @Test
  void a_spelling_of_another_name_is_not_given_and_a_long_name_stays_a_spelling(Api api) {
    log(api, "drawings", 1, "medium", "graphite");
    log(api, "drawings", 1, "medium", "pen");
    var graphite = "/api/names/" + id(api, "graphite");
    var renamed =
        api.put(graphite + "/text", Map.of("change", UUID.randomUUID(), "text", "Fineliner"));
    assertThat(renamed.json().path("field").asString()).isEqualTo("text");
    assertThat(renamed.json().path("detail").asString())
        .contains("\"Fineliner\" is a spelling of \"pen\" already");
    var described = describe(api, graphite, List.of("pencil", "Fineliners"));
    assertThat(described.json().path("field").asString()).isEqualTo("spellings");
    assertThat(described.json().path("detail").asString())
        .contains("\"Fineliners\" is a spelling of \"pen\" already");
    var wordy = "a pencil as soft as can be, ".repeat(7).strip();
    var change = UUID.randomUUID();
    assertThat(api.put(graphite + "/text", Map.of("change", change, "text", wordy)).status())
        .isEqualTo(204);
    assertThat(
            api.put(graphite + "/text", Map.of("change", UUID.randomUUID(), "text", "soft pencil"))
                .status())
        .isEqualTo(204);
    assertThat(describe(api, graphite, List.of(wordy)).status()).isEqualTo(204);
    assertThat(name(api, "soft pencil").path("spellings").path(0).asString()).isEqualTo(wordy);
  }

  @Test
  void what_refers_to_a_name_takes_one_as_long_as_a_name_may_be(Api api) {
    var entry =
        log(api, "topic", "winches", "medium", "gull feather", "book", "Loft book", "drawings", 1);
    for (var name : List.of("winches", "gull feather", "Loft book")) {
      rename(api, name, (name + " of the old harbour ").repeat(8).substring(0, 200).strip());
    }
    var stored = api.get("/api/entries/" + entry).json();
    assertThat(stored.path("fields").path("book").asString()).hasSizeGreaterThan(190);
    var again =
        api.put(
            "/api/entries/" + entry,
            Map.of("version", stored.path("version"), "fields", stored.path("fields")));
    assertThat(again.status()).as(again.body()).isEqualTo(200);
    var topic = stored.path("fields").path("topic").asString();
    var promise = Map.of("id", UUID.randomUUID(), "terms", QuotaApiTest.terms("topic", topic));
    assertThat(api.post("/api/quotas", promise).status()).isEqualTo(201);
  }

  private static Api.Answer describe(Api api, String path, List<String> spellings) {
    return api.put(
        path + "/description",
        Map.of(
            "change",
            UUID.randomUUID(),
            "spellings",
            spellings,
            "properties",
            List.of("NEEDS_BLADE")));
  }

  @Test
  void merged_names_are_one_for_entries_filters_and_promises_until_parted(Api api) {
    var cat = log(api, "drawings", 2, "topic", "quay cats");
    var tom = log(api, "drawings", 3, "topic", "old tom");
    var change = UUID.randomUUID();
    assertThat(merge(api, "old tom", "quay cats", change).status()).isEqualTo(204);
    assertThat(field(api, tom, "topic")).isEqualTo("quay cats");
    assertThat(total(api, "topic=quay+cats")).isEqualTo(2);
    assertThat(total(api, "topic=old+tom")).isEqualTo(2);
    var merged = name(api, "quay cats").path("merged").path(0);
    assertThat(merged.path("text").asString()).isEqualTo("old tom");
    assertThat(merged.path("uses").asInt()).isEqualTo(1);

    var part =
        api.post(
            "/api/names/" + merged.path("id").asString() + "/part",
            Map.of("change", UUID.randomUUID()));
    assertThat(part.status()).isEqualTo(204);
    assertThat(field(api, tom, "topic")).isEqualTo("old tom");
    assertThat(field(api, cat, "topic")).isEqualTo("quay cats");
  }

  @Test
  void a_merge_is_taken_back_by_its_own_change_and_not_after_another(Api api) {
    log(api, "drawings", 1, "resource", "Rope course");
    log(api, "drawings", 1, "resource", "Course of ropes");
    var change = UUID.randomUUID();
    assertThat(merge(api, "Course of ropes", "Rope course", change).status()).isEqualTo(204);
    assertThat(undo(api, change)).isEqualTo(204);
    assertThat(exists(api, "Course of ropes")).isTrue();

    var first = rename(api, "Rope course", "Rope lessons");
    rename(api, "Rope lessons", "Lessons in rope");
    assertThat(undo(api, first)).as("it was changed again since").isEqualTo(409);
    assertThat(exists(api, "Lessons in rope")).isTrue();
  }

  @Test
  void names_of_different_kinds_are_not_merged(Api api) {
    log(api, "drawings", 1, "book", "Grey book", "medium", "grey lead");
    var refused = merge(api, "grey lead", "Grey book", UUID.randomUUID());
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString()).contains("different kinds");
  }

  @Test
  void a_name_in_use_cannot_vanish_and_tells_where_it_stands(Api api) {
    var entry = log(api, "drawings", 1, "medium", "walnut ink");
    log(api, "drawings", 1, "medium", "walnut ink");
    var path = "/api/names/" + id(api, "walnut ink") + "?change=" + UUID.randomUUID();
    var refused = api.delete(path);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.json().path("detail").asString()).contains("2 places");
    assertThat(field(api, entry, "medium")).isEqualTo("walnut ink");
  }

  @Test
  void a_name_that_nothing_was_written_with_is_removed_and_comes_back(Api api) {
    var made = UUID.randomUUID();
    api.post(
        "/api/names",
        Map.of(
            "id",
            made,
            "kind",
            "BOOK",
            "text",
            "Never opened",
            "spellings",
            List.of("unopened"),
            "properties",
            List.of()));
    var change = UUID.randomUUID();
    assertThat(api.delete("/api/names/" + made + "?change=" + change).status()).isEqualTo(204);
    assertThat(exists(api, "Never opened")).isFalse();
    assertThat(undo(api, change)).isEqualTo(204);
    assertThat(name(api, "Never opened").path("spellings").path(0).asString())
        .isEqualTo("unopened");
  }

  @Test
  void what_ships_is_described_and_renamed_but_not_removed(Api api) {
    var pen = id(api, "brush pen");
    var change = UUID.randomUUID();
    api.put(
        "/api/names/" + pen + "/description",
        Map.of("change", change, "spellings", List.of("bp"), "properties", List.of("WET")));
    assertThat(name(api, "brush pen").path("properties").toString()).contains("WET");
    assertThat(api.delete("/api/names/" + pen + "?change=" + UUID.randomUUID()).status())
        .isEqualTo(409);
    var entry = log(api, "drawings", 1, "medium", "bp");
    assertThat(field(api, entry, "medium")).isEqualTo("brush pen");
  }

  @Test
  void the_log_line_knows_a_name_by_every_spelling(Api api) {
    log(api, "drawings", 1, "medium", "Tintenroller");
    rename(api, "Tintenroller", "rollerball");
    for (var line : List.of("3 boats, rollerballs", "3 boats, tintenroller")) {
      var fields = api.post("/api/log-line", Map.of("line", line)).json().path("entries").path(0);
      assertThat(fields.path("medium").asString()).as(line).isEqualTo("rollerball");
    }
  }

  @Test
  void soft_pastel_is_dusty_too(Api api) {
    log(api, "drawings", 1, "day", "2026-03-05", "medium", "soft pastel");
    assertThat(api.get("/api/today").json().path("cautions").toString()).contains("DUST_AND_FUMES");
  }

  @Test
  void a_change_of_no_name_is_refused_by_name(Api api) {
    var nobody = UUID.randomUUID();
    var answer =
        api.put(
            "/api/names/" + nobody + "/text",
            Map.of("change", UUID.randomUUID(), "text", "anything"));
    assertThat(answer.status()).isEqualTo(404);
    assertThat(answer.json().path("detail").asString()).contains(nobody.toString());
    assertThat(undo(api, nobody)).isEqualTo(404);
  }
}
