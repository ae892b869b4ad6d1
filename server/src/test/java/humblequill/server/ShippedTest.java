package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What ships is whole: every course complete, every topic known. */
@ExtendWith(RunningQuill.class)
class ShippedTest {
  private static final Map<String, Integer> WEEKS =
      Map.of(
          "harbour-year", 24,
          "figure-from-the-ground-up", 26,
          "from-the-inside-out", 9,
          "creatures-by-kinship", 12,
          "one-subject-one-week", 1,
          "ten-minutes-on-the-bench", 4);

  private static Set<String> topicNames(Api api) {
    var names = new HashSet<String>();
    for (var area : api.get("/api/topics").json().path("areas")) {
      for (var topic : area.path("topics")) {
        names.add(topic.path("name").asString());
        topic.path("alsoCalled").forEach(n -> names.add(n.asString()));
      }
    }
    return names;
  }

  @Test
  void six_courses_are_written_in_full(Api api) {
    var topics = topicNames(api);
    for (var course : WEEKS.entrySet()) {
      var document = api.get("/api/courses/" + course.getKey()).json();
      assertThat(document.path("weeks").size()).as(course.getKey()).isEqualTo(course.getValue());
      for (var week : document.path("weeks")) {
        assertThat(week.path("aim").asString()).as(week.path("title").asString()).isNotBlank();
        assertThat(week.path("exercises").size()).isGreaterThanOrEqualTo(2);
        assertThat(week.path("topics").valueStream().map(JsonNode::asString)).isSubsetOf(topics);
        for (var exercise : week.path("exercises")) {
          for (var field : new String[] {"text", "lookFor", "source", "kind"}) {
            assertThat(exercise.path(field).asString(""))
                .as(exercise.path("id").asString() + " " + field)
                .isNotBlank();
          }
        }
      }
    }
  }

  /** Its fullest week takes 68 minutes; those of the others take hours. */
  @Test
  void courses_that_fit_the_minutes_are_offered_first(Api api) {
    assertThat(offered(api, 30)).startsWith("ten-minutes-on-the-bench").hasSize(WEEKS.size());
    assertThat(offered(api, 240)).isSorted();
  }

  private static List<String> offered(Api api, int minutes) {
    var week = String.join("&", Collections.nCopies(7, "week=" + minutes));
    var courses = api.get("/api/courses?" + week).json().path("courses");
    return courses.valueStream().map(course -> course.path("id").asString()).toList();
  }

  @Test
  void a_long_answer_is_never_cut() throws IOException {
    try (var shipped = getClass().getResourceAsStream("/application.properties")) {
      var options = new Properties();
      options.load(shipped);
      assertThat(options.getProperty("spring.mvc.async.request-timeout"))
          .as("a ZIP of many pictures takes minutes; -1 is no limit, by the Servlet specification")
          .isEqualTo("-1");
    }
  }

  @Test
  void each_course_says_what_it_asks_against_the_own_room(Api api) {
    for (var offer : api.get("/api/courses").json().path("courses")) {
      assertThat(offer.path("weekLoads").size()).isEqualTo(offer.path("weeks").asInt());
      assertThat(offer.path("minutes").asInt()).isPositive();
      assertThat(offer.path("minutesADay").asInt()).isBetween(10, 300);
    }
  }

  /** The habit takes its ten minutes and nothing else; any other course asks for more. */
  @Test
  void ten_minutes_on_the_bench_fits_into_ten_minutes_a_day(Api api) {
    var ten = "/api/courses?week=10,10,10,10,10,10,10";
    for (var offer : api.get(ten).json().path("courses")) {
      boolean habit = offer.path("id").asString().equals("ten-minutes-on-the-bench");
      assertThat(offer.path("weekLoads").valueStream().allMatch(w -> w.path("fits").asBoolean()))
          .as(offer.path("id").asString())
          .isEqualTo(habit);
    }
    assertThat(api.get("/api/courses?week=10,10").status()).isEqualTo(400);
    assertThat(api.get("/api/courses?week=10,10,10,10,10,10,961").body()).contains("961");
  }

  @Test
  void a_habit_needs_no_topic_first(Api api) {
    api.put(
        "/api/course",
        Map.of("courseId", "ten-minutes-on-the-bench", "start", "2026-03-02", "side", true));
    var followed = api.get("/api/course").json().path("followed");
    var placement = followed.get(followed.size() - 1).path("placement").asString();
    var course = api.get("/api/course?placement=" + placement).json();
    assertThat(course.path("placed").path("title").asString())
        .isEqualTo("Ten minutes on the bench");
    assertThat(course.path("remarks")).isEmpty();
    assertThat(api.delete("/api/course/" + placement).status()).isEqualTo(204);
  }

  @Test
  void the_areas_of_drawing_are_all_there(Api api) {
    var areas =
        api.get("/api/topics")
            .json()
            .path("areas")
            .valueStream()
            .map(a -> a.path("name").asString());
    assertThat(areas)
        .contains(
            "Lines and seeing",
            "Gesture",
            "Form and construction",
            "Perspective",
            "Proportion",
            "Anatomy",
            "Head and features",
            "Hands",
            "Feet",
            "Drapery",
            "Light and shade",
            "Media handling",
            "Animals",
            "Plants",
            "Objects and vehicles",
            "Environment",
            "Memory",
            "Imagination",
            "Composition and story",
            "Style study");
  }

  @Test
  void topics_can_be_changed_and_a_circle_is_refused_by_name(Api api) {
    var text = api.get("/api/topics").body();
    var circle =
        text.replace(
            "\"name\":\"lines\",\"needs\":[]", "\"name\":\"lines\",\"needs\":[\"angles\"]");
    var refused = api.put("/api/topics", circle);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString()).contains("lines → angles → lines");
    var changed =
        text.replace(
            "\"alsoCalled\":[\"line work\"", "\"alsoCalled\":[\"pulled lines\",\"line work\"");
    assertThat(api.put("/api/topics", changed).json().path("version").asInt()).isEqualTo(1);
    assertThat(api.put("/api/topics", changed).status()).as("stale").isEqualTo(409);
    assertThat(topicNames(api)).contains("pulled lines");
    assertThat(api.delete("/api/topics").json().path("version").asInt()).isZero();
  }
}
