package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Changes that are offered of a week and not wanted now. */
class OffersPutAsideTest extends OfferedWeek {
  @Test
  void what_is_not_wanted_now_is_offered_again_four_weeks_later_or_when_the_learner_says_so() {
    var key = offered("MINUTES").path("key").asString();
    api.put(REVIEW + "/aside", Map.of("key", key, "aside", true));
    var aside = api.put(REVIEW + "/aside", Map.of("key", key, "aside", true)).json();
    assertThat(aside.path("aside")).as("told twice, it is one").hasSize(1);
    assertThat(aside.path("offers").toString()).doesNotContain("MINUTES");
    assertThat(aside.path("aside").get(0).path("key").asString()).isEqualTo(key);
    assertThat(api.get("/api/reviews/" + WEEK.plusDays(7)).json().path("offers").toString())
        .doesNotContain("MINUTES");
    var refused = api.post(REVIEW + "/taken", Map.of("id", UUID.randomUUID(), "key", key));
    assertThat(refused.status()).isEqualTo(409);
    api = RunningQuill.at("2026-03-23T10:00:00Z");
    for (var day = TODAY; day.isBefore(LocalDate.of(2026, 3, 23)); day = day.plusDays(1)) {
      if (day.getDayOfWeek() != DayOfWeek.TUESDAY) {
        log("day", day.toString(), "topic", "gulls", "minutes", 60);
      }
    }
    assertThat(api.get("/api/reviews/" + WEEK.plusDays(21)).json().path("offers").toString())
        .as("the third week after")
        .doesNotContain("MINUTES");
    api = RunningQuill.at("2026-03-30T10:00:00Z");
    assertThat(api.get("/api/reviews/" + WEEK.plusDays(28)).json().path("offers").toString())
        .as("the fourth")
        .contains("MINUTES");
    var never = api.put(REVIEW + "/aside", Map.of("key", "MINUTES SUNDAY", "aside", true));
    assertThat(never.status()).as("what was never offered").isEqualTo(409);
    var back = api.put(REVIEW + "/aside", Map.of("key", key, "aside", false)).json();
    assertThat(back.path("aside")).isEmpty();
    api = RunningQuill.at(RunningQuill.NOW);
    assertThat(offered("MINUTES").path("key").asString()).isEqualTo(key);
  }
}
