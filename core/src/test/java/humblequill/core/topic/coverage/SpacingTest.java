package humblequill.core.topic.coverage;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Course;
import humblequill.core.course.placement.Placement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Common practice, no published source. */
class SpacingTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Placement plan() {
    var weeks = new ArrayList<>(List.of(week("1", List.of("boxes"), drill("e1", 5, 60))));
    for (int i = 2; i <= 9; i++) {
      weeks.add(week("" + i, List.of(i == 3 ? "knots" : "hulls"), drill("e" + i, 5, 60)));
    }
    return Placement.of(new Course("c", "C", "", weeks), MONDAY);
  }

  @Test
  void what_comes_up_once_is_named_with_weeks_for_its_return() {
    var once = Spacing.of(plan(), t -> t, MONDAY);
    assertThat(once)
        .extracting(o -> o.topic() + " " + o.number().orElse(0) + " " + o.returns())
        .containsExactly("boxes 1 [3, 7]", "knots 3 [5, 9]");
  }

  @Test
  void returns_lie_ahead_and_within_the_course() {
    var later = Spacing.of(plan(), t -> t, MONDAY.plusWeeks(7));
    assertThat(later.get(0).returns()).containsExactly("8");
    assertThat(later.get(1).returns()).containsExactly("8", "9");
    assertThat(Spacing.of(plan(), t -> t, MONDAY.plusWeeks(20)).get(0).returns()).isEmpty();
  }
}
