package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.Courses;
import humblequill.core.course.Exercise;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.placement.PlanChangeException;
import humblequill.core.day.entry.Done;
import humblequill.core.day.entry.Dones;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** What holds for any plan after any changes. */
class ChangedPlanPropertiesTest {
  private static final LocalDate START = LocalDate.of(2026, 3, 2);
  private static final int DAY_MINUTES = 70;

  private static PlanTime time(LocalDate today) {
    return new PlanTime(
        today,
        date -> new DayRoom(date, date.getDayOfWeek().getValue() == 7 ? 0 : DAY_MINUTES, 10, 0.2),
        DayOrder.LESSON_FIRST,
        Appointments.NONE);
  }

  private static PlanChange random(Placement plan, Random random, LocalDate today, int i) {
    var week = plan.weeks().get(random.nextInt(plan.weeks().size()));
    var key = week.key();
    var other = plan.weeks().get(random.nextInt(plan.weeks().size())).key();
    var exercises = week.week().exercises();
    var id = exercises.isEmpty() ? "none" : exercises.get(0).id();
    return switch (random.nextInt(10)) {
      case 0 -> new PlanChange.Stretch(key, 1 + random.nextInt(30));
      case 1 -> new PlanChange.Repeat(key, "r" + i);
      case 2 -> new PlanChange.Skip(key, today);
      case 3 -> new PlanChange.Swap(key, other);
      case 4 -> new PlanChange.Empty(key, "e" + i, 1 + random.nextInt(9));
      case 5 ->
          new PlanChange.Detour(
              key,
              "x" + i,
              List.of(Courses.week("Detour", List.of(), Courses.drill("x" + i, 6, 120))));
      case 6 -> new PlanChange.Pause(key, Set.of(today.plusDays(random.nextInt(3))));
      case 7 -> new PlanChange.Drop(key, Map.of(id, 1 + random.nextInt(9)));
      case 8 -> new PlanChange.Pace(key, id, 30 + random.nextInt(200));
      default -> new PlanChange.MinutesADay(key, 40 + random.nextInt(90));
    };
  }

  /** A plan after random changes that were allowed on a day in its second week. */
  private static List<Placement> story(long seed) {
    var random = new Random(seed);
    var today = START.plusDays(7 + random.nextInt(7));
    var plans = new ArrayList<>(List.of(Placement.of(Courses.drills(6, 30, 90), START)));
    for (int i = 0; i < 12; i++) {
      var last = plans.get(plans.size() - 1);
      var preview =
          PlanPreview.of(
              last, List.of(random(last, random, today, i)), "1", Done.NOTHING, time(today));
      if (preview.refused().isEmpty()) {
        assertThat(preview.placement().samePast(last, today)).isTrue();
        plans.add(preview.placement());
      }
    }
    return plans;
  }

  @Property(tries = 500)
  void weeks_follow_each_other_without_a_gap_and_each_key_and_exercise_is_there_once(
      @ForAll long seed) {
    for (var plan : story(seed)) {
      var next = START;
      for (var week : plan.weeks()) {
        assertThat(week.from()).isEqualTo(next);
        next = week.to().plusDays(1);
      }
      assertThat(plan.end()).isEqualTo(next.minusDays(1));
      assertThat(plan.weeks().stream().map(PlacedWeek::key)).doesNotHaveDuplicates();
      assertThat(
              plan.weeks().stream().flatMap(w -> w.week().exercises().stream()).map(Exercise::id))
          .doesNotHaveDuplicates();
    }
  }

  @Property(tries = 300)
  void no_day_of_a_changed_plan_is_over_its_room_and_closed_days_stay_empty(@ForAll long seed) {
    var plans = story(seed);
    var plan = plans.get(plans.size() - 1);
    for (var week : plan.weeks()) {
      var outlook = WeekPlans.open(week, Done.NOTHING, time(START)).outlook();
      for (var day : outlook.days()) {
        assertThat(day.plannedSeconds()).isLessThanOrEqualTo(day.roomSeconds());
        assertThat(week.closed().contains(day.date()) && !day.shares().isEmpty()).isFalse();
      }
    }
  }

  private static int planned(OpenWeek.Outlook outlook) {
    return outlook.days().stream().mapToInt(d -> d.countOf("d1")).sum()
        + outlook.shortfalls().stream().mapToInt(Shortfall::count).sum();
  }

  /** For each policy the week's total is kept, or what went is named. */
  @Property(tries = 300)
  void whatever_was_missed_nothing_gets_lost_unnamed(
      @ForAll @IntRange(min = 1, max = 6) int today,
      @ForAll @IntRange(max = 63) int drawnDays,
      @ForAll @IntRange(min = 10, max = 120) int drawings) {
    var plan = Placement.of(Courses.drills(3, drawings, 90), START);
    var done = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < today; i++) {
      if ((drawnDays >> i & 1) == 1) {
        done.put(START.plusDays(i), 1 + i);
      }
    }
    var all = Dones.of(Map.of("d1", done));
    int drawn = done.values().stream().mapToInt(n -> n).sum();
    var time = time(START.plusDays(today));
    var open = WeekPlans.open(plan.weeks().get(0), all, time);
    for (var policy : MissedWork.values()) {
      var changes = PlanPreview.forMissed(policy, "1", open).stream().toList();
      var preview = PlanPreview.of(plan, changes, "1", all, time);
      assertThat(preview.refused()).isEmpty();
      int asked = Math.max(0, drawings - drawn);
      assertThat(planned(preview.week().orElseThrow()) + preview.droppedDrawings())
          .isEqualTo(asked);
      long moved = preview.end().toEpochDay() - plan.end().toEpochDay();
      assertThat(moved).isEqualTo(policy == MissedWork.SLIDE ? open.missedDays().size() : 0);
    }
  }

  /** Without news nothing more changes: what was settled once is settled. */
  @Property(tries = 200)
  void settling_twice_changes_nothing_more(
      @ForAll @IntRange(max = 255) int drawnDays, @ForAll boolean slide) {
    var policy = slide ? MissedWork.SLIDE : MissedWork.LET_GO;
    var plan = Placement.of(Courses.drills(3, 40, 90), START).after(new PlanChange.Policy(policy));
    var done = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < 8; i++) {
      if ((drawnDays >> i & 1) == 1) {
        done.put(START.plusDays(i), 5);
      }
    }
    var all = Dones.of(Map.of("d1", done));
    var settled = plan;
    for (var change : Settling.due(plan, all, time(START.plusDays(8)), START)) {
      settled = settled.after(change);
    }
    assertThat(Settling.due(settled, all, time(START.plusDays(8)), START)).isEmpty();
  }

  /** The remedies of an overfull week, applied as changes, fit; one unit less does not. */
  @Property(tries = 200)
  void a_remedy_that_is_applied_fits_and_one_less_does_not(
      @ForAll @IntRange(min = 200, max = 400) int drawings) {
    var plan = Placement.of(Courses.drills(2, drawings, 90), START);
    var outlook = WeekPlans.open(plan.weeks().get(0), Done.NOTHING, time(START)).outlook();
    assertThat(outlook.load()).isGreaterThan(1);
    var remedies = outlook.remedies().orElseThrow();
    int days = (int) (remedies.extraDays().orElseThrow().until().toEpochDay() - START.toEpochDay());
    assertFits(plan, new PlanChange.Stretch("1", days + 1), new PlanChange.Stretch("1", days));
    int drop = remedies.drops().get(0).count();
    assertFits(
        plan,
        new PlanChange.Drop("1", Map.of("d1", drop)),
        new PlanChange.Drop("1", Map.of("d1", drop - 1)));
    for (var pace : remedies.paces()) {
      assertFits(
          plan,
          new PlanChange.Pace("1", "d1", pace.secondsEach()),
          new PlanChange.Pace("1", "d1", pace.secondsEach() + 1));
    }
    int minutes = remedies.minutesADay().orElseThrow();
    assertFits(
        plan,
        new PlanChange.MinutesADay("1", minutes),
        new PlanChange.MinutesADay("1", minutes - 1));
  }

  private static void assertFits(Placement plan, PlanChange enough, PlanChange less) {
    var fits = PlanPreview.of(plan, List.of(enough), "1", Done.NOTHING, time(START));
    assertThat(fits.week().orElseThrow().shortfalls()).isEmpty();
    assertThat(fits.week().orElseThrow().load()).isLessThanOrEqualTo(1);
    var lacks = PlanPreview.of(plan, List.of(less), "1", Done.NOTHING, time(START));
    assertThat(lacks.week().orElseThrow().shortfalls()).isNotEmpty();
  }

  @Property(tries = 50)
  void what_is_over_cannot_be_changed(@ForAll @IntRange(min = 1, max = 30) int days) {
    var plan = Placement.of(Courses.drills(3, 12, 60), START);
    var time = time(START.plusDays(9));
    var preview =
        PlanPreview.of(plan, List.of(new PlanChange.Stretch("2", days)), "2", Done.NOTHING, time);
    assertThat(preview.refused().isPresent()).as("two of its days are over").isEqualTo(days < 2);
    assertThat(preview.placement().weeks().get(0)).as("it is over").isEqualTo(plan.weeks().get(0));
    var first = new PlanChange.Stretch("1", days);
    assertThat(PlanPreview.of(plan, List.of(first), "1", Done.NOTHING, time).refused().isPresent())
        .isEqualTo(days != 7);
    assertThatThrownBy(() -> plan.after(new PlanChange.Stretch("none", days)))
        .isInstanceOf(PlanChangeException.class)
        .hasMessageContaining("none");
  }
}
