package humblequill.core.course.placement;

import static humblequill.core.course.Courses.drills;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Done;
import humblequill.core.day.entry.Dones;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The same subject before and after. Common practice, no published source. */
class RedrawsTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Placement withSubject(int weeks, String from) {
    var plan = Placement.of(drills(weeks, 12, 60), MONDAY);
    for (var change : Extras.subject("capstan", plan, from, "x1")) {
      plan = plan.after(change);
    }
    return plan;
  }

  private static List<String> weeksOf(Placement plan) {
    return Redraws.of(plan, Done.NOTHING).get(0).stream().map(m -> m.from().toString()).toList();
  }

  @Test
  void a_subject_is_drawn_now_half_way_through_what_is_left_and_at_the_end() {
    assertThat(weeksOf(withSubject(9, "1")))
        .containsExactly("2026-03-02", "2026-03-30", "2026-04-27");
    assertThat(weeksOf(withSubject(9, "5")))
        .as("half-way between week 5 and week 9 is week 7")
        .containsExactly("2026-03-30", "2026-04-13", "2026-04-27");
  }

  @Test
  void a_short_rest_of_the_course_has_no_half_way() {
    assertThat(weeksOf(withSubject(9, "8"))).containsExactly("2026-04-20", "2026-04-27");
  }

  @Test
  void each_drawing_tells_the_day_it_was_first_drawn() {
    var plan = withSubject(9, "1");
    var ids = Redraws.of(plan, Done.NOTHING).get(0).stream().map(m -> m.exercise().id()).toList();
    var done = Dones.of(Map.of(ids.get(0), Map.of(MONDAY.plusDays(3), 1, MONDAY.plusDays(1), 1)));
    assertThat(Redraws.of(plan, done).get(0))
        .extracting(Redraws.Moment::drawn)
        .containsExactly(Optional.of(MONDAY.plusDays(1)), Optional.empty(), Optional.empty());
  }

  @Test
  void what_is_drawn_once_has_nothing_to_lie_beside() {
    assertThat(Redraws.of(Placement.of(drills(3, 12, 60), MONDAY), Done.NOTHING)).isEmpty();
  }

  @Test
  void a_week_is_done_by_time_and_no_further_than_asked() {
    var week = drills(1, 12, 60).weeks().get(0);
    assertThat(week.doneShare(Done.NOTHING)).isZero();
    assertThat(week.doneShare(Dones.of(Map.of("d1", Map.of(MONDAY, 3))))).isEqualTo(0.25);
    assertThat(week.doneShare(Dones.of(Map.of("d1", Map.of(MONDAY, 30))))).isEqualTo(1);
  }

  @Test
  void a_name_means_the_week_that_is_nearest_and_has_begun() {
    var near = Placement.of(drills(4, 12, 60), MONDAY).nearness(MONDAY.plusDays(8));
    assertThat(near.get("2")).isZero();
    assertThat(near.get("1")).isLessThan(near.get("3"));
    assertThat(near.get("3")).isLessThan(near.get("4"));
  }
}
