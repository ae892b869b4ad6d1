package humblequill.core.topic.coverage;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Courses;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Common practice, no published source; minutes by hand. */
class TopicsAheadTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static final TopicGraph TOPICS =
      new TopicGraph(
          List.of(
              new Topic("boxes", "Form", List.of(), List.of()),
              new Topic("ellipses", "Form", List.of(), List.of()),
              new Topic("hulls", "Boats", List.of("boxes"), List.of("boats")),
              new Topic("gulls", "Living", List.of("ellipses"), List.of())));

  private static final Placement PLAN =
      Placement.of(
          Courses.of(
              week("Now", List.of("boxes"), drill("a", 10, 120)),
              week("Hulls", List.of("boats"), drill("b", 5, 60)),
              week("Gulls", List.of("gulls"), drill("c", 5, 60)),
              week("Later", List.of("ellipses"), drill("d", 5, 60))),
          MONDAY);

  private static TopicStanding standing(String topic, Ledger ledger, LocalDate today) {
    return TopicStanding.of(topic, ledger, true, today, FreshnessRule.USUAL);
  }

  @Test
  void rusty_needs_of_the_next_two_weeks_come_earliest_first() {
    var ledger =
        Ledger.of(
            List.of(
                Drawns.of(MONDAY.minusDays(90), "ellipses", 3, 70),
                Drawns.of(MONDAY.minusDays(80), "boxes", 3, 70),
                Drawns.of(MONDAY.minusDays(70), "hulls", 3, 70)));
    var ahead = RustAhead.of(PLAN, TOPICS, t -> standing(t, ledger, MONDAY), MONDAY);
    assertThat(ahead)
        .extracting(n -> n.standing().topic() + " for " + n.neededFor() + " in " + n.week())
        .containsExactly("boxes for hulls in 2", "hulls for hulls in 2", "ellipses for gulls in 3");
    var fresh = Ledger.of(List.of(Drawns.of(MONDAY.minusDays(3), "boxes", 3, 70)));
    assertThat(RustAhead.of(PLAN, TOPICS, t -> standing(t, fresh, MONDAY), MONDAY)).isEmpty();
  }

  @Test
  void a_plan_holds_what_is_left_of_this_week_and_all_of_those_to_come() {
    var id = new UUID(0, 1);
    var drawn = Drawns.of(MONDAY, "boxes", 4, 8);
    var ledger =
        Ledger.of(
            List.of(
                new humblequill.core.day.entry.Drawn(
                    drawn.entry(),
                    MONDAY,
                    "Now",
                    java.util.Optional.of(id),
                    java.util.Optional.of("a"),
                    drawn.topics(),
                    drawn.medium(),
                    drawn.source(),
                    drawn.book(),
                    drawn.drawings(),
                    drawn.minutes(),
                    0,
                    0,
                    0,
                    humblequill.core.day.entry.Drawn.Learned.NOTHING)));
    var followed = List.of(new PlacedCourse(id, PLAN, false, 1, MONDAY, List.of()));
    var planned = PlannedTopic.of(followed, ledger, MONDAY.plusDays(1));
    assertThat(planned)
        .extracting(p -> p.topic() + " " + p.minutes() + " from " + p.from())
        .containsExactly(
            "boxes 12 from 2026-03-03",
            "boats 5 from 2026-03-09",
            "gulls 5 from 2026-03-16",
            "ellipses 5 from 2026-03-23");
    var columns = TopicColumns.course(PLAN);
    assertThat(columns.cells("boxes", ledger, planned.subList(0, 1)))
        .containsExactly(new TopicColumns.TopicCell(0, 8, 12, true));
    assertThat(columns.cells("boats", ledger, planned.subList(1, 2)))
        .containsExactly(new TopicColumns.TopicCell(1, 0, 5, true));
  }

  @Test
  void columns_are_days_weeks_and_weeks_of_the_course() {
    var days = TopicColumns.days(MONDAY);
    assertThat(days.columns()).hasSize(28);
    assertThat(days.at(MONDAY)).contains(27);
    assertThat(days.at(MONDAY.minusDays(27))).contains(0);
    assertThat(days.at(MONDAY.minusDays(28))).isEmpty();
    assertThat(days.at(MONDAY.plusDays(1))).isEmpty();
    var year = TopicColumns.year(MONDAY.plusDays(3), MONDAY.getDayOfWeek());
    assertThat(year.columns()).hasSize(52);
    assertThat(year.at(MONDAY)).contains(51);
    assertThat(TopicColumns.course(PLAN).at(MONDAY.plusWeeks(4))).isEmpty();
  }
}
