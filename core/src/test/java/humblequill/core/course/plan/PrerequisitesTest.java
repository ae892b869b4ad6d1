package humblequill.core.course.plan;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Courses;
import humblequill.core.course.placement.Extras;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Needs that were never touched. Common practice, no published source. */
class PrerequisitesTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final TopicGraph TOPICS =
      new TopicGraph(
          List.of(
              topic("lines"),
              topic("ellipses", "lines"),
              topic("cylinders", "ellipses"),
              topic("boxes", "lines"),
              new Topic("hulls", "area", List.of("boxes", "cylinders"), List.of("boats"))));

  private final Placement plan =
      Placement.of(
          Courses.of(
              week("Boxes", List.of("boxes"), drill("a", 5, 60)),
              week("Hulls", List.of("boats"), drill("b", 5, 60)),
              week("Cylinders", List.of("cylinders"), drill("c", 5, 60))),
          MONDAY);

  private static Topic topic(String name, String... needs) {
    return new Topic(name, "area", List.of(needs), List.of());
  }

  private List<Prerequisites.Untouched> untouched(
      Placement of, Map<String, Integer> minutes, LocalDate today, int ahead) {
    var drawn =
        minutes.entrySet().stream()
            .map(e -> Drawns.of(MONDAY.minusDays(1), e.getKey(), 1, e.getValue()))
            .toList();
    return Prerequisites.untouched(of, TOPICS, Ledger.of(drawn), today, ahead);
  }

  @Test
  void a_need_without_minutes_that_comes_later_or_never_is_told() {
    assertThat(untouched(plan, Map.of("lines", 30), MONDAY, 3))
        .containsExactly(
            new Prerequisites.Untouched("2", "hulls", "cylinders"),
            new Prerequisites.Untouched("3", "cylinders", "ellipses"));
  }

  @Test
  void minutes_or_an_earlier_week_of_the_plan_meet_it() {
    assertThat(untouched(plan, Map.of("lines", 1, "cylinders", 1, "ellipses", 1), MONDAY, 3))
        .isEmpty();
    var swapped = plan.after(new PlanChange.Swap("2", "3"));
    assertThat(untouched(swapped, Map.of("lines", 1, "ellipses", 1), MONDAY, 3)).isEmpty();
  }

  @Test
  void weeks_that_are_over_meet_nothing_by_themselves() {
    var later = MONDAY.plusDays(7);
    assertThat(untouched(plan, Map.of(), later, 1))
        .extracting(Prerequisites.Untouched::need)
        .containsExactly("boxes", "cylinders");
  }

  @Test
  void only_the_weeks_asked_for_are_looked_at() {
    assertThat(untouched(plan, Map.of("lines", 1), MONDAY, 1)).isEmpty();
  }

  @Test
  void a_warm_up_for_the_need_meets_it() {
    var warmUp = Extras.warmUp("cylinders", 10, "x1.0");
    var warmed = plan.after(new PlanChange.Add("2", warmUp));
    assertThat(untouched(warmed, Map.of("lines", 1, "ellipses", 1), MONDAY, 3)).isEmpty();
  }
}
