package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Levels of marks over the drawings of a topic. */
class MarkLevelsTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 1, 5);

  /** One marked entry of so many drawings each week. */
  private static MarkLevels weekly(int drawings, int... marks) {
    var points = new ArrayList<TopicRecord.MarkPoint>();
    for (int i = 0; i < marks.length; i++) {
      points.add(
          new TopicRecord.MarkPoint(
              UUID.randomUUID(), MONDAY.plusWeeks(i).plusDays(2), drawings * (i + 1), marks[i]));
    }
    return MarkLevels.of(points, DayOfWeek.MONDAY);
  }

  /**
   * Six weeks at 2, then six at 4: neighbours differ once, by 2, so that σ² is 4/22 and a change
   * costs 3σ² ln 12 = 1.36, while it takes 12 off the sum of squares.
   */
  @Test
  void a_step_is_told_with_the_drawings_made_before_it() {
    var levels = weekly(8, 2, 2, 2, 2, 2, 2, 4, 4, 4, 4, 4, 4).levels();
    assertThat(levels)
        .containsExactly(
            new MarkLevels.MarkLevel(MONDAY, 0, 0, 2),
            new MarkLevels.MarkLevel(MONDAY.plusWeeks(6), 48, 50, 4));
  }

  @Test
  void marks_up_and_down_are_one_level_without_an_order() {
    var up = weekly(3, 2, 4, 3, 2, 4, 3, 2, 4, 3);
    assertThat(up.levels()).hasSize(1);
    assertThat(up.levels().get(0).mean()).isCloseTo(3, within(1e-12));
    assertThat(up.order().isTrend()).isFalse();
  }

  /** Several marks of a week are one value, so that a diligent week weighs no more than another. */
  @Test
  void a_week_is_one_value() {
    var points =
        List.of(
            new TopicRecord.MarkPoint(UUID.randomUUID(), MONDAY, 1, 1),
            new TopicRecord.MarkPoint(UUID.randomUUID(), MONDAY.plusDays(1), 2, 3),
            new TopicRecord.MarkPoint(UUID.randomUUID(), MONDAY.plusDays(7), 3, 5));
    var levels = MarkLevels.of(points, DayOfWeek.MONDAY);
    assertThat(levels.order().of()).isEqualTo(2);
    assertThat(levels.levels().get(0).mean()).as("of 2 and 5").isCloseTo(3.5, within(1e-12));
    assertThat(MarkLevels.of(List.of(), DayOfWeek.MONDAY).levels()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"7, 40", "4, 25", "9, 50", "12, 70", "40, 250"})
  void a_number_of_drawings_is_said_roundly(int aWeek, int about) {
    var second = weekly(aWeek, 2, 2, 2, 2, 2, 2, 4, 4, 4, 4, 4, 4).levels().get(1);
    assertThat(second.drawings()).isEqualTo(6 * aWeek);
    assertThat(second.about()).isEqualTo(about);
  }
}
