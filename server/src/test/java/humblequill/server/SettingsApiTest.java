package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** Settings and the learner's own words. */
@ExtendWith(RunningQuill.class)
class SettingsApiTest {
  private static Api api;

  @BeforeAll
  static void start(Api shared) {
    api = shared;
    api.put("/api/settings", api.get("/api/settings").json());
  }

  private static ObjectNode settings() {
    return (ObjectNode) api.get("/api/settings").json();
  }

  @ParameterizedTest
  @CsvSource({
    "time, rolloverHour, 13",
    "time, rolloverHour, -1",
    "work, freePercent, 91",
    "work, overheadMinutes, 121",
    "counting, daysPerWeek, 8",
    "counting, daysPerWeek, 0",
    "counting, floorMinutes, 241"
  })
  void a_number_outside_its_bounds_is_named(String part, String field, int value) {
    var settings = settings();
    settings.withObjectProperty(part).put(field, value);
    var answer = api.put("/api/settings", settings);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo(part + "." + field);
    assertThat(answer.json().path("value").asString()).isEqualTo(Integer.toString(value));
  }

  @ParameterizedTest
  @CsvSource({
    "time, zone, Nowhere/Else",
    "look, locale, ''",
    "look, theme, PINK",
    "work, dayOrder, LAST",
    "time, weekStart, Montag"
  })
  void a_word_that_does_not_exist_is_named(String part, String field, String value) {
    var settings = settings();
    settings.withObjectProperty(part).put(field, value);
    var answer = api.put("/api/settings", settings);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo(part + "." + field);
  }

  @Test
  void a_pause_that_ends_before_it_begins_and_a_date_named_twice_are_refused() {
    var settings = settings();
    settings
        .withObjectProperty("time")
        .putArray("pauses")
        .addObject()
        .put("from", "2026-03-09")
        .put("to", "2026-03-08")
        .put("reason", "");
    assertThat(api.put("/api/settings", settings).json().path("detail").asString())
        .contains("2026-03-09")
        .contains("2026-03-08");
    var twice = settings();
    var days = twice.withObjectProperty("time").putArray("dayMinutes");
    days.addObject().put("day", "2026-03-07").put("minutes", 10);
    days.addObject().put("day", "2026-03-07").put("minutes", 20);
    assertThat(api.put("/api/settings", twice).json().path("detail").asString())
        .contains("2026-03-07 twice");
  }

  @Test
  void a_rhythm_that_rest_makes_impossible_is_refused() {
    var settings = settings();
    settings.withObjectProperty("counting").put("school", "WEEKLY_RHYTHM").put("daysPerWeek", 7);
    ((ObjectNode) settings.path("time").path("week").get(6)).put("rest", true);
    assertThat(api.put("/api/settings", settings).json().path("detail").asString())
        .contains("7 days a week")
        .contains("6 days that are not rest");
  }

  @Test
  void rest_pauses_and_single_dates_change_the_room_of_today() {
    var settings = settings();
    settings
        .withObjectProperty("time")
        .putArray("dayMinutes")
        .addObject()
        .put("day", "2026-03-05")
        .put("minutes", 25);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
    assertThat(api.get("/api/today").json().path("availableMinutes").asInt()).isEqualTo(25);
    settings = settings();
    settings.withObjectProperty("time").putArray("dayMinutes");
    settings
        .withObjectProperty("time")
        .putArray("pauses")
        .addObject()
        .put("from", "2026-03-05")
        .put("to", "2026-03-06")
        .put("reason", "away");
    api.put("/api/settings", settings);
    var today = api.get("/api/today").json();
    assertThat(today.path("pause").asString()).isEqualTo("away");
    assertThat(today.path("availableMinutes").asInt()).isZero();
    settings = settings();
    settings.withObjectProperty("time").putArray("pauses");
    api.put("/api/settings", settings);
  }
}
