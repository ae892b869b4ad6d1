package humblequill.core.course.plan;

import static humblequill.core.course.Courses.drills;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Two courses and one day. Common practice, no published source. */
class SharedRoomTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private final Placement two = Placement.of(drills(2, 12, 60), MONDAY);
  private final Placement four = Placement.of(drills(4, 12, 60), MONDAY);

  @Test
  void three_to_one_while_both_run_and_all_once_one_is_over() {
    var side = new SharedRoom.Follower(two, 1);
    var main = new SharedRoom.Follower(four, 3);
    var shared = new SharedRoom(List.of(main, side));
    assertThat(shared.shareOf(main, MONDAY)).isEqualTo(0.75);
    assertThat(shared.shareOf(side, MONDAY)).isEqualTo(0.25);
    assertThat(shared.shareOf(main, MONDAY.plusDays(14))).isEqualTo(1);
  }

  @Test
  void a_course_that_waits_leaves_the_day_to_the_other() {
    var waiting = two.after(new PlanChange.Pause("1", Set.of(MONDAY)));
    var main = new SharedRoom.Follower(four, 3);
    var shared = new SharedRoom(List.of(main, new SharedRoom.Follower(waiting, 1)));
    assertThat(shared.shareOf(main, MONDAY)).isEqualTo(1);
    assertThat(shared.shareOf(main, MONDAY.plusDays(1))).isEqualTo(0.75);
    assertThatThrownBy(() -> new SharedRoom.Follower(two, 0)).hasMessageContaining("0");
  }

  @Property
  void shares_of_courses_that_all_have_work_add_up_to_the_day(
      @ForAll List<@IntRange(min = 1, max = 9) Integer> weights) {
    var parts = weights.stream().map(w -> new SharedRoom.Follower(two, w)).toList();
    var shared = new SharedRoom(parts);
    var sum = parts.stream().mapToDouble(p -> shared.shareOf(p, MONDAY)).sum();
    assertThat(sum).isCloseTo(parts.isEmpty() ? 0 : 1, within(1e-9));
  }
}
