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
    "rolloverHour, 13, rolloverHour",
    "rolloverHour, -1, rolloverHour",
    "freePercent, 91, freePercent",
    "overheadMinutes, 121, overheadMinutes",
    "streakDaysPerWeek, 8, streakDaysPerWeek",
    "streakDaysPerWeek, 0, streakDaysPerWeek",
    "streakFloorMinutes, 241, streakFloorMinutes"
  })
  void a_number_outside_its_bounds_is_named(String field, int value, String named) {
    var answer = api.put("/api/settings", settings().put(field, value));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo(named);
    assertThat(answer.json().path("value").asString()).isEqualTo(Integer.toString(value));
  }

  @ParameterizedTest
  @CsvSource({
    "zone, Nowhere/Else, zone",
    "locale, '', locale",
    "theme, PINK, theme",
    "dayOrder, LAST, dayOrder",
    "weekStart, Montag, weekStart"
  })
  void a_word_that_does_not_exist_is_named(String field, String value, String named) {
    var answer = api.put("/api/settings", settings().put(field, value));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("field").asString()).isEqualTo(named);
  }

  @Test
  void a_pause_that_ends_before_it_begins_and_a_date_named_twice_are_refused() {
    var settings = settings();
    settings
        .putArray("pauses")
        .addObject()
        .put("from", "2026-03-09")
        .put("to", "2026-03-08")
        .put("reason", "");
    assertThat(api.put("/api/settings", settings).json().path("detail").asString())
        .contains("2026-03-09")
        .contains("2026-03-08");
    var twice = settings();
    var days = twice.putArray("dayMinutes");
    days.addObject().put("day", "2026-03-07").put("minutes", 10);
    days.addObject().put("day", "2026-03-07").put("minutes", 20);
    assertThat(api.put("/api/settings", twice).json().path("detail").asString())
        .contains("2026-03-07 twice");
  }

  @Test
  void a_rhythm_that_rest_makes_impossible_is_refused() {
    var settings = settings().put("streakRule", "WEEKLY_RHYTHM").put("streakDaysPerWeek", 7);
    ((ObjectNode) settings.path("week").get(6)).put("rest", true);
    assertThat(api.put("/api/settings", settings).json().path("detail").asString())
        .contains("7 days a week")
        .contains("6 days that are not rest");
  }

  @Test
  void rest_pauses_and_single_dates_change_the_room_of_today() {
    var settings = settings();
    settings.putArray("dayMinutes").addObject().put("day", "2026-03-05").put("minutes", 25);
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
    assertThat(api.get("/api/today").json().path("availableMinutes").asInt()).isEqualTo(25);
    settings = settings();
    settings.putArray("dayMinutes");
    settings
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
    settings.putArray("pauses");
    api.put("/api/settings", settings);
  }
}
