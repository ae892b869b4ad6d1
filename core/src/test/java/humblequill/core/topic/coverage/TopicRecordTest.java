package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.Study;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Sums by hand. */
class TopicRecordTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Drawn head(
      int day, String source, int drawings, int mark, String facet, Depth depth) {
    return new Drawn(
        UUID.randomUUID(),
        MONDAY.plusDays(day),
        "",
        Optional.empty(),
        Optional.empty(),
        Set.of("heads"),
        Optional.empty(),
        Optional.of(source),
        Optional.empty(),
        Optional.of(drawings),
        new Minutes(10 * drawings, true),
        0,
        0,
        mark,
        new Drawn.Learned(
            Drawn.Purpose.STUDY,
            source.equals("photo") ? Optional.of("faces") : Optional.empty(),
            new Study(
                Optional.empty(),
                Optional.empty(),
                List.of(facet),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(depth),
                Optional.empty()),
            mark == 2));
  }

  private static final TopicRecord RECORD =
      TopicRecord.of(
          List.of(
              head(0, "photo", 3, 3, "three-quarter view", Depth.SIMPLE),
              head(4, "photo", 1, 4, "front view", Depth.DETAILED),
              head(8, "memory", 2, 2, "three-quarter view", null),
              head(8, "imagination", 1, 0, "front view", null)),
          MONDAY.plusDays(29),
          DayOfWeek.MONDAY,
          FreshnessRule.USUAL,
          s -> s,
          r -> Optional.of("PHOTO_SET"));

  @Test
  void marks_stand_over_days_and_over_drawings() {
    assertThat(RECORD.marks())
        .extracting(TopicRecord.MarkPoint::drawings, TopicRecord.MarkPoint::mark)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(3, 3),
            org.assertj.core.groups.Tuple.tuple(4, 4),
            org.assertj.core.groups.Tuple.tuple(6, 2));
  }

  @Test
  void with_and_without_reference_stand_side_by_side() {
    var with = RECORD.groups().get(0);
    assertThat(with.name()).isEqualTo("WITH");
    assertThat(with.meanMark()).isCloseTo(3.5, within(1e-12));
    assertThat(with.minutes()).isEqualTo(40);
    var without = RECORD.groups().get(1);
    assertThat(without.entries()).isEqualTo(2);
    assertThat(without.marked()).isEqualTo(1);
    assertThat(without.wentWrong()).isEqualTo(1);
  }

  @Test
  void facets_tell_which_view_is_weak() {
    assertThat(RECORD.facets().get(0).name()).isEqualTo("three-quarter view");
    assertThat(RECORD.facets().get(0).meanMark()).isCloseTo(2.5, within(1e-12));
    assertThat(RECORD.facets().get(1).meanMark()).isCloseTo(4, within(1e-12));
  }

  @Test
  void the_chain_tells_how_far_it_was_taken() {
    assertThat(RECORD.chain())
        .extracting(TopicRecord.ChainLink::entries)
        .containsExactly(2, 1, 1, 1);
    assertThat(RECORD.depth()).contains(Depth.DETAILED);
  }

  @Test
  void minutes_stand_by_week_and_resource() {
    assertThat(RECORD.weeks())
        .extracting(TopicRecord.WeekMinutes::minutes)
        .containsExactly(40, 30, 0, 0, 0);
    assertThat(RECORD.resources().get(0))
        .isEqualTo(new TopicRecord.ResourceShare("faces", 40, 40 / 70.));
    assertThat(RECORD.resources().get(1).resource()).isEmpty();
  }

  /** Anchors on days 0, 4 and 8: two returns, half-life 90; 21 days later .850667. */
  @Test
  void freshness_falls_between_returns() {
    var points = RECORD.freshness();
    assertThat(points)
        .extracting(TopicRecord.FreshnessPoint::spacedReturn)
        .containsExactly(false, true, true, false);
    assertThat(points.get(3).value()).isCloseTo(.850667, within(5e-7));
    assertThat(points.get(1).value()).isCloseTo(Math.pow(2, -4 / 45.), within(1e-12));
  }

  @Test
  void what_it_was_learned_from_is_parted_by_kind_too() {
    assertThat(RECORD.kinds().get(0).resource()).isEqualTo("PHOTO_SET");
    assertThat(RECORD.kinds().get(0).minutes()).isEqualTo(RECORD.resources().get(0).minutes());
    assertThat(RECORD.kinds().get(1).resource()).as("nothing named").isEmpty();
  }
}
