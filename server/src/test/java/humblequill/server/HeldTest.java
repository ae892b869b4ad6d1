package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is held in memory never shows: after each change of what an answer follows from, every
 * screen answers what it answers once all of it was forgotten and read anew.
 */
class HeldTest extends ClockedTest {
  private static final List<String> SCREENS =
      List.of(
          "/api/today",
          "/api/course",
          "/api/quotas",
          "/api/quotas/forecasts",
          "/api/entries?most=2",
          "/api/entries?from=2026-03-03&to=2026-03-04",
          "/api/search?text=posts",
          "/api/streaks",
          "/api/coverage?window=DAYS",
          "/api/topics",
          "/api/books",
          "/api/names",
          "/api/reviews",
          "/api/look-back/series");

  private final UUID entry = UUID.randomUUID();

  HeldTest() {
    super(70);
  }

  private Map<String, String> answers() {
    return SCREENS.stream()
        .collect(Collectors.toMap(s -> s, s -> api.get(s).body(), (a, b) -> a, LinkedHashMap::new));
  }

  private void draw(UUID id, String day, int drawings) {
    var fields =
        EntryApiTest.fields(
            "day", day, "topic", "mooring posts", "drawings", drawings, "minutes", 5 * drawings);
    fields.putAll(Map.of("book", "Quay book", "pageFrom", drawings, "medium", "reed pen"));
    var body = Map.of("id", id, "fields", fields);
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
  }

  private void promise(UUID id, Object... more) {
    var terms = QuotaApiTest.terms(more);
    terms.put("beside", false);
    assertThat(api.post("/api/quotas", Map.of("id", id, "terms", terms)).status()).isEqualTo(201);
  }

  private void settings(Consumer<ObjectNode> change) {
    var settings = (ObjectNode) api.get("/api/settings").json();
    change.accept(settings);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
  }

  private void rename(String from, String to) {
    var name =
        api.get("/api/names").json().findParents("text").stream()
            .filter(n -> n.path("text").asString().equals(from))
            .findFirst()
            .orElseThrow();
    var path = "/api/names/" + name.path("id").asString() + "/text";
    var body = Map.of("change", UUID.randomUUID(), "text", to);
    assertThat(api.put(path, body).status()).isEqualTo(204);
  }

  private Map<String, Runnable> changes() {
    var changes = new LinkedHashMap<String, Runnable>();
    changes.put("a drawing of today", () -> draw(UUID.randomUUID(), "2026-03-05", 3));
    changes.put("a drawing of an earlier day", () -> draw(UUID.randomUUID(), "2026-03-01", 4));
    changes.put("a drawing taken out", () -> api.delete("/api/entries/" + entry + "?version=0"));
    changes.put(
        "what setting up takes",
        () ->
            settings(
                s ->
                    s.withObjectProperty("work")
                        .put("overheadMinutes", 25)
                        .put("overheadByHand", true)));
    changes.put(
        "minutes of a day of the week",
        () -> settings(s -> ((ObjectNode) s.path("time").path("week").get(5)).put("minutes", 20)));
    changes.put(
        "a day of rest",
        () -> settings(s -> s.withObjectProperty("time").putArray("restDays").add("2026-03-08")));
    changes.put(
        "another promise", () -> promise(UUID.randomUUID(), "topic", "cleats", "minutesADay", 20));
    changes.put(
        "a course",
        () ->
            assertThat(
                    api.put(
                            "/api/course",
                            Map.of("courseId", "harbour-year", "start", "2026-03-02"))
                        .status())
                .isEqualTo(200));
    changes.put("another name of a medium", () -> rename("reed pen", "bamboo pen"));
    changes.put("the next day", () -> api = RunningQuill.at("2026-03-06T10:00:00Z"));
    return changes;
  }

  @Test
  void after_each_change_every_screen_answers_as_if_nothing_were_held() {
    draw(UUID.randomUUID(), "2026-03-02", 1);
    draw(UUID.randomUUID(), "2026-03-03", 2);
    draw(entry, "2026-03-04", 5);
    promise(UUID.randomUUID(), "minutesADay", null);
    for (var change : changes().entrySet()) {
      var before = answers();
      change.getValue().run();
      var held = answers();
      assertThat(held).as(change.getKey() + " is seen").isNotEqualTo(before);
      RunningQuill.forget();
      assertThat(held).as(change.getKey()).isEqualTo(answers());
    }
  }
}
