package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.CourseWeek;
import humblequill.core.course.Courses;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.plan.Appointments;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.PlanTime;
import humblequill.core.course.plan.WeekPlans;
import humblequill.core.day.entry.Dones;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.Pause;
import humblequill.core.ground.calendar.WeekPattern;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a course brings along for a promise, and the minutes both want of one day. By hand. */
class CoursesAndPromisesTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final Counting GULLS =
      new Counting(
          Counting.Unit.DRAWINGS,
          Optional.of("gulls"),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty());

  private static Counting minutes() {
    return Counting.all(Counting.Unit.MINUTES);
  }

  /** A week of 14 gulls of 90 s and 70 minutes of lines. */
  private static PlacedWeek week() {
    var gulls = Courses.drill("gulls", 14, 90);
    var lines =
        Exercise.plain(
            "lines", "Lines", ExerciseKind.DRILL, Exercise.Target.minutes(70, 1), List.of("lines"));
    var course = Courses.drills(1, 1, 60);
    var week = new CourseWeek("W", "", List.of("gulls"), List.of(gulls, lines), List.of());
    return Placement.of(
            new humblequill.core.course.Course(course.id(), "C", "", List.of(week)), MONDAY)
        .weeks()
        .get(0);
  }

  @Test
  void an_average_day_has_its_part_of_the_week() {
    var portions = BroughtAlong.ofAverageDay(week(), Quotas.EVERY_DAY);
    assertThat(BroughtAlong.units(GULLS, portions)).as("14 on 7 days").isEqualTo(2);
    assertThat(BroughtAlong.units(minutes(), portions))
        .as("2 of 90 s, and 10 minutes of lines")
        .isEqualTo(13);
    var four =
        Quotas.EVERY_DAY.without(Set.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.SUNDAY));
    assertThat(BroughtAlong.units(GULLS, BroughtAlong.ofAverageDay(week(), four))).isEqualTo(3.5);
    var none = new DrawingDays(day -> false, Set.of());
    assertThat(BroughtAlong.units(GULLS, BroughtAlong.ofAverageDay(week(), none))).isEqualTo(14);
  }

  @Test
  void a_planned_day_brings_what_is_left_of_its_shares() {
    var time =
        new PlanTime(
            MONDAY, d -> new DayRoom(d, 60, 0, 0), DayOrder.LESSON_FIRST, Appointments.NONE);
    var done = Dones.of(Map.of("gulls", Map.of(MONDAY, 1)));
    var open = WeekPlans.open(week(), done, time);
    int share = open.outlook().on(MONDAY).orElseThrow().countOf("gulls");
    var portions = BroughtAlong.ofDay(week(), open, open.outlook());
    assertThat(share).isEqualTo(2);
    assertThat(BroughtAlong.units(GULLS, portions)).isEqualTo(1);
    assertThat(BroughtAlong.units(Counting.all(Counting.Unit.DRAWINGS), portions))
        .as("minutes are no drawings")
        .isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({"5, 120, 6", "2, 120, 0", "3, 90, 2", "0, 90, 0"})
  void minutes_are_taken_for_what_the_course_does_not_bring(int units, int each, int minutes) {
    var portions = BroughtAlong.ofAverageDay(week(), Quotas.EVERY_DAY);
    assertThat(TakenMinutes.of(GULLS, units, each, portions)).isEqualTo(minutes);
  }

  @Test
  void a_date_is_taken_from_only_while_the_promise_runs_and_on_its_drawing_days() {
    var quota =
        Quotas.of(
            new Promise.Sprint(12, MONDAY, MONDAY.plusDays(6)),
            MissedWork.SPREAD,
            Counting.all(Counting.Unit.DRAWINGS),
            DayOfWeek.SUNDAY);
    var account =
        Account.of(quota, Optional.empty(), List.of(Drawns.of(MONDAY, "a", 4, 8)), Tally.NONE);
    var days = quota.drawingDays(Quotas.EVERY_DAY);
    var today = MONDAY.plusDays(1);
    var progress = account.progress(Quotas.EVERY_DAY, today);
    java.util.function.ToIntFunction<LocalDate> taken =
        date -> TakenMinutes.on(date, account, progress, days, today, List.of());
    assertThat(progress.today()).as("8 on 5 days").isEqualTo(2);
    assertThat(taken.applyAsInt(today)).as("2 of 2 min").isEqualTo(4);
    assertThat(taken.applyAsInt(MONDAY.plusDays(3))).isEqualTo(4);
    assertThat(taken.applyAsInt(MONDAY.plusDays(6))).as("a Sunday").isZero();
    assertThat(taken.applyAsInt(MONDAY.plusDays(7))).as("over").isZero();
    assertThat(taken.applyAsInt(MONDAY.minusDays(1))).as("before").isZero();
  }

  private static Availability days(int minutes) {
    var week = WeekPattern.everyDay(MONDAY.minusYears(1), minutes);
    return new Availability(
        List.of(new WeekPattern(week.from(), week.minutes(), Set.of(DayOfWeek.SUNDAY))),
        Map.of(),
        Set.of(),
        List.of());
  }

  @Test
  void a_promise_has_its_own_minutes_or_what_others_leave() {
    var day = new PromiseTime.Day(days(70), 10, date -> 30);
    var own = new PromiseTime(OptionalInt.of(25), false);
    var left = new PromiseTime(OptionalInt.empty(), false);
    var beside = new PromiseTime(OptionalInt.empty(), true);
    var sunday = MONDAY.plusDays(6);
    var learners = DrawingDays.of(days(70));
    assertThat(own.rooms(learners, day, MONDAY, sunday))
        .extracting(DayRoom::availableMinutes)
        .containsExactly(25, 25, 25, 25, 25, 25, 0);
    assertThat(left.rooms(learners, day, MONDAY, MONDAY))
        .containsExactly(new DayRoom(MONDAY, 40, 10, 0));
    assertThat(beside.rooms(learners, day, MONDAY, MONDAY))
        .extracting(DayRoom::availableMinutes)
        .containsExactly(70);
    var taken = new PromiseTime.Day(days(70), 10, date -> 90);
    assertThat(left.rooms(learners, taken, MONDAY, MONDAY))
        .extracting(DayRoom::availableMinutes)
        .containsExactly(0);
  }

  @Test
  void a_learner_draws_on_days_with_minutes_that_are_neither_rest_nor_paused() {
    var paused = new Pause(MONDAY.plusDays(2), MONDAY.plusDays(2), "away");
    var resting =
        new Availability(
            days(30).patterns(), Map.of(), Set.of(MONDAY.plusDays(4)), List.of(paused));
    assertThat(DrawingDays.of(resting).between(MONDAY, MONDAY.plusDays(6)))
        .containsExactly(MONDAY, MONDAY.plusDays(1), MONDAY.plusDays(3), MONDAY.plusDays(5));
    assertThat(DrawingDays.of(days(30)).test(MONDAY.plusDays(6))).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"45, 25, 70, false", "45, 26, 70, true", "0, 90, 70, false", "80, 0, 70, true"})
  void a_day_is_full_when_promises_ask_for_more(
      int promised, int own, int available, boolean over) {
    assertThat(new TimeLeft(available, promised, 0).isOver(own)).isEqualTo(over);
  }

  @Test
  void the_worksheet_answers_in_one_word() {
    var fits = Worksheet.of(4, 60, List.of(new DayRoom(MONDAY, 5, 0, 0)), List.of());
    assertThat(fits.answer(false)).isEqualTo(Worksheet.Answer.YES);
    assertThat(fits.answer(true)).isEqualTo(Worksheet.Answer.ONLY_ALONE);
    assertThat(fits.evenPerDay()).isEqualTo(4);
    var much = Worksheet.of(9, 60, List.of(new DayRoom(MONDAY, 5, 0, 0)), List.of());
    assertThat(much.answer(true)).isEqualTo(Worksheet.Answer.TOO_MUCH);
    var none = Worksheet.of(9, 60, List.of(new DayRoom(MONDAY, 0, 0, 0)), List.of());
    assertThat(none.answer(false)).isEqualTo(Worksheet.Answer.NO_DAY);
    assertThat(none.evenPerDay()).isEqualTo(9);
  }

  @Test
  void what_is_left_of_today_leaves_out_what_the_course_brings() {
    var quota = Quotas.of(new Promise.Sprint(30, MONDAY, MONDAY.plusDays(5)), MissedWork.SPREAD);
    var counts = Tally.of(Map.of(MONDAY, 1));
    var progress = Tracker.progress(quota, counts, Quotas.EVERY_DAY, MONDAY);
    assertThat(progress.today()).as("30 on 6 days").isEqualTo(5);
    assertThat(progress.leftToday()).isEqualTo(4);
    assertThat(progress.servedBy(2.9).leftToday()).as("whole units only").isEqualTo(2);
    assertThat(progress.servedBy(2.9999999999).leftToday()).isEqualTo(1);
    assertThat(progress.servedBy(99).day().served()).isEqualTo(4);
    assertThat(progress.servedBy(99).leftToday()).isZero();
  }

  @Test
  void what_cannot_be_promised_names_its_field_and_value() {
    assertThatThrownBy(() -> new Promise.Sprint(0, MONDAY, MONDAY))
        .isInstanceOfSatisfying(
            BrokenPromiseException.class,
            e -> {
              assertThat(e.field()).isEqualTo("count");
              assertThat(e.value()).isEqualTo(0);
            });
    assertThatThrownBy(() -> new Promise.Sprint(3, MONDAY, MONDAY.minusDays(1)))
        .isInstanceOfSatisfying(
            BrokenPromiseException.class, e -> assertThat(e.field()).isEqualTo("due"));
  }
}
