package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.ExerciseKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class PlannerPropertiesTest {
  record Week(List<Work> works, List<DayRoom> days) {
    Spread spread() {
      return Planner.spread(works, days, DayOrder.LESSON_FIRST);
    }
  }

  @Provide
  Arbitrary<Week> weeks() {
    var days =
        Arbitraries.of(0, 0, 15, 25, 30, 45, 60, 70, 90, 120)
            .list()
            .ofMinSize(1)
            .ofMaxSize(9)
            .map(minutes -> PlannerTest.rooms(minutes.stream().mapToInt(m -> m).toArray()));
    return Combinators.combine(days, Arbitraries.longs(), Arbitraries.integers().between(0, 8))
        .as((rooms, seed, size) -> new Week(works(new Random(seed), size), rooms));
  }

  private static List<Work> works(Random random, int size) {
    var works = new ArrayList<Work>();
    for (int i = 0; i < size; i++) {
      var after =
          i > 0 && random.nextInt(4) == 0
              ? Optional.of("w" + random.nextInt(i))
              : Optional.<String>empty();
      var kinds = ExerciseKind.values();
      works.add(
          new Work(
              "w" + i,
              kinds[random.nextInt(kinds.length)],
              random.nextInt(40),
              15 * (1 + random.nextInt(80)),
              1 + random.nextInt(5),
              after));
    }
    return works;
  }

  @Property
  void every_unit_has_a_day_or_is_reported(@ForAll("weeks") Week week) {
    var spread = week.spread();
    for (var work : week.works()) {
      int placed = spread.days().stream().mapToInt(day -> day.countOf(work.id())).sum();
      int missing =
          spread.shortfalls().stream()
              .filter(s -> s.exerciseId().equals(work.id()))
              .mapToInt(Shortfall::count)
              .sum();
      assertThat(placed + missing).isEqualTo(work.quantity());
    }
  }

  @Property
  void no_day_is_over_its_room(@ForAll("weeks") Week week) {
    for (var day : week.spread().days()) {
      assertThat(day.plannedSeconds()).isLessThanOrEqualTo(day.roomSeconds());
    }
  }

  @Property
  void nothing_is_shared_out_before_what_it_waits_for_is_done(@ForAll("weeks") Week week) {
    var spread = week.spread();
    for (var work : week.works()) {
      if (work.after().isEmpty()) {
        continue;
      }
      int last = -1;
      int first = Integer.MAX_VALUE;
      for (int day = 0; day < spread.days().size(); day++) {
        last = spread.days().get(day).countOf(work.after().get()) > 0 ? day : last;
        first = spread.days().get(day).countOf(work.id()) > 0 ? Math.min(first, day) : first;
      }
      assertThat(first).isGreaterThanOrEqualTo(last);
    }
  }

  @Property
  void the_same_input_gives_the_same_plan(@ForAll("weeks") Week week) {
    assertThat(week.spread())
        .isEqualTo(new Week(List.copyOf(week.works()), List.copyOf(week.days())).spread());
  }

  /**
   * A left-over unit means that every day has less than one unit free; so work up to 1 − p of the
   * room fits.
   */
  @Property
  void no_false_alarm(@ForAll("weeks") Week week) {
    int longest =
        week.works().stream()
            .filter(w -> w.quantity() > 0)
            .mapToInt(Work::secondsEach)
            .max()
            .orElse(0);
    int smallest = week.days().stream().mapToInt(DayRoom::effectiveSeconds).min().orElse(0);
    var spread = week.spread();
    if (longest <= smallest && spread.load() <= 1 - (double) longest / smallest) {
      assertThat(spread.shortfalls()).isEmpty();
    }
  }

  @Property(tries = 300)
  void each_remedy_fits_and_one_unit_less_does_not(@ForAll("weeks") Week week) {
    var spread = week.spread();
    if (spread.fits()) {
      return;
    }
    var next = new ArrayList<DayRoom>();
    for (int i = 0; i < 28; i++) {
      var last = week.days().get(week.days().size() - 1).date();
      next.add(new DayRoom(last.plusDays(i + 1), i % 7 == 6 ? 0 : 90, 0, 0));
    }
    var remedies = RemedyFinder.find(week.works(), week.days(), next, DayOrder.LESSON_FIRST);
    remedies.extraDays().ifPresent(extra -> assertExtraDays(week, next, extra));
    remedies.minutesADay().ifPresent(minutes -> assertMinutes(week, minutes));
    assertDrops(week, remedies.drops());
    for (var pace : remedies.paces()) {
      assertThat(withPace(week, pace.exerciseId(), pace.secondsEach()).spread().fits()).isTrue();
      assertThat(withPace(week, pace.exerciseId(), pace.secondsEach() + 1).spread().fits())
          .isFalse();
    }
  }

  private static void assertExtraDays(Week week, List<DayRoom> next, Remedies.ExtraDays extra) {
    var enough = new ArrayList<>(week.days());
    next.stream().filter(d -> !d.date().isAfter(extra.until())).forEach(enough::add);
    var less = new ArrayList<>(enough);
    less.remove(less.size() - 1);
    assertThat(new Week(week.works(), enough).spread().fits()).isTrue();
    assertThat(new Week(week.works(), less).spread().fits()).isFalse();
    assertThat(
            next.stream().filter(d -> !d.date().isAfter(extra.until()) && d.effectiveSeconds() > 0))
        .hasSize(extra.drawingDays());
  }

  private static void assertMinutes(Week week, int minutes) {
    assertThat(raised(week, minutes).spread().fits()).isTrue();
    assertThat(raised(week, minutes - 1).spread().fits()).isFalse();
  }

  private static Week raised(Week week, int minutes) {
    return new Week(
        week.works(),
        week.days().stream()
            .map(
                d ->
                    d.availableMinutes() == 0
                        ? d
                        : d.withAvailable(Math.max(minutes, d.availableMinutes())))
            .toList());
  }

  private static void assertDrops(Week week, List<Remedies.Drop> drops) {
    assertThat(dropped(week, drops, null).spread().fits()).isTrue();
    for (var drop : drops) {
      assertThat(dropped(week, drops, drop.exerciseId()).spread().fits()).isFalse();
    }
  }

  private static Week dropped(Week week, List<Remedies.Drop> drops, String oneLess) {
    var works = new ArrayList<>(week.works());
    for (var drop : drops) {
      int count = drop.count() - (drop.exerciseId().equals(oneLess) ? 1 : 0);
      works.replaceAll(
          w -> w.id().equals(drop.exerciseId()) ? w.withQuantity(w.quantity() - count) : w);
    }
    return new Week(works, week.days());
  }

  private static Week withPace(Week week, String id, int seconds) {
    var works = new ArrayList<>(week.works());
    works.replaceAll(w -> w.id().equals(id) ? w.withSecondsEach(seconds) : w);
    return new Week(works, week.days());
  }
}
