package humblequill.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Sums by hand. */
class ResourceUseTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Drawn lesson(int day, int from, int to, HowUsed how, int minutes) {
    return new Drawn(
        UUID.randomUUID(),
        MONDAY.plusDays(day),
        "",
        Optional.empty(),
        Optional.empty(),
        Set.of("hulls"),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.of(2),
        new Minutes(minutes, true),
        0,
        0,
        0,
        new Drawn.Learned(
            Drawn.Purpose.STUDY,
            Optional.of("eye"),
            new Study(
                Optional.of(new Units(UnitKind.LESSON, from, to)),
                Optional.of(how),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()),
            false));
  }

  private static final ResourceUse USE =
      ResourceUse.of(
          List.of(
              lesson(0, 1, 2, HowUsed.COPIED, 40),
              lesson(1, 2, 3, HowUsed.ATTEMPTED_FIRST, 60),
              lesson(7, 3, 3, HowUsed.COPIED, 10),
              lesson(14, 4, 7, HowUsed.WATCHED, 40)),
          Optional.of(UnitKind.LESSON),
          OptionalInt.of(12),
          List.of(new Units(UnitKind.LESSON, 12, 12)),
          DayOfWeek.MONDAY);

  @Test
  void pace_is_units_newly_read_in_active_weeks() {
    assertThat(USE.read().count()).isEqualTo(8);
    assertThat(USE.newlyRead().on(MONDAY.plusDays(1))).isEqualTo(1);
    assertThat(USE.newlyRead().on(MONDAY.plusDays(7))).isZero();
    assertThat(USE.activeWeeks()).isEqualTo(2);
    assertThat(USE.unitsAWeek()).hasValue(3.5);
  }

  @Test
  void what_a_lesson_costs_with_and_without_trying_first() {
    assertThat(USE.attemptedFirst()).isEqualTo(2);
    assertThat(USE.withAttempt()).hasValue(30);
    assertThat(USE.without()).hasValue(90 / 7.);
    assertThat(USE.byHow()).containsEntry(HowUsed.COPIED, 2);
    assertThat(List.copyOf(USE.byHow().keySet())).as("always in the same order").isSorted();
    assertThat(USE.minutes()).isEqualTo(150);
  }

  @Test
  void a_circle_in_only_after_is_named_by_its_path() {
    var a = new UUID(0, 1);
    var b = new UUID(0, 2);
    var c = new UUID(0, 3);
    var chain =
        List.of(
            new Queue.Waiting(a, "knots", 1, Set.of(b), false),
            new Queue.Waiting(b, "ropes", 2, Set.of(c), false),
            new Queue.Waiting(c, "rigging", 3, Set.of(), true));
    assertThat(Queue.circle(chain)).isEmpty();
    var byId = chain.stream().collect(java.util.stream.Collectors.toMap(Queue.Waiting::id, w -> w));
    assertThat(Queue.waitsFor(chain.get(0), byId)).containsExactly(b);
    assertThat(Queue.waitsFor(chain.get(1), byId)).as("rigging is done").isEmpty();
    var circle =
        Queue.circle(
            List.of(
                chain.get(0), chain.get(1), new Queue.Waiting(c, "rigging", 3, Set.of(a), false)));
    assertThat(circle.orElseThrow().path()).containsExactly("knots", "ropes", "rigging", "knots");
  }
}
