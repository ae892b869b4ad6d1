package humblequill.core.lookback;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Courses;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.Study;
import humblequill.core.topic.coverage.Freshness;
import humblequill.core.topic.coverage.RustAhead;
import humblequill.core.topic.coverage.TopicStanding;
import humblequill.core.topic.coverage.TopicState;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Changes that follow from a week. Limits are common practice, no published source. */
class OffersTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  /** 20 gulls of 3 minutes and 4 sheds of 15: two hours. */
  private static final PlacedWeek AHEAD =
      Placement.of(
              Courses.of(week("Gulls", List.of("gulls"), drill("g", 20, 180), drill("s", 4, 900))),
              MONDAY.plusDays(7))
          .weeks()
          .get(0);

  /** A week that shows nothing, changed by what a test is about. */
  private static final class Ground {
    private WeekFigures week = WeekFigures.of(Ledger.EMPTY, MONDAY);
    private List<PlannedExercise> planned = List.of();
    private Optional<Double> before = Optional.empty();
    private Optional<OfferGround.Held> held = Optional.empty();
    private List<SaidAgain> said = List.of();
    private List<RustAhead.Needed> rusty = List.of();
    private List<OfferGround.Missing> missing = List.of();
    private Optional<PlacedWeek> ahead = Optional.of(AHEAD);
    private Optional<WeekdayMinutes> weekday = Optional.empty();
    private boolean dayToSpare = true;
    private Optional<OrderThatSuits> order = Optional.empty();
    private Optional<OfferGround.Teacher> teacher = Optional.empty();
    private int freePercent;

    private List<OfferedChange> offers() {
      return Offers.of(
          new OfferGround(
              week,
              planned,
              before,
              held,
              said,
              rusty,
              missing,
              ahead,
              weekday,
              dayToSpare,
              order,
              teacher,
              freePercent,
              0.5));
    }
  }

  private static PlannedExercise exercise(String title, int planned, int done) {
    return new PlannedExercise(title, title, false, planned, done, 300, List.of(title + " topic"));
  }

  private static Ground drawn(int planned, int done, double before) {
    var ground = new Ground();
    ground.planned = List.of(exercise("hulls", planned, done));
    ground.before = Optional.of(before);
    return ground;
  }

  private static <T extends OfferedChange> T only(Ground ground, Class<T> kind) {
    var offers = ground.offers().stream().filter(kind::isInstance).map(kind::cast).toList();
    assertThat(offers).hasSize(1);
    return offers.get(0);
  }

  @Test
  void a_week_that_shows_nothing_calls_for_nothing() {
    assertThat(new Ground().offers()).isEmpty();
  }

  @Test
  void what_was_not_met_is_offered_the_longest_first_and_two_at_most() {
    var ground = new Ground();
    ground.planned =
        List.of(
            exercise("met", 5, 6),
            exercise("one left", 5, 4),
            exercise("steps", 10, 7),
            exercise("crane", 8, 1),
            exercise("sheds", 6, 4));
    var offers = ground.offers();
    assertThat(offers)
        .containsExactly(
            new OfferedChange.MoreOf("crane topic", "crane", AHEAD.key(), 7, 300, 1, 8),
            new OfferedChange.MoreOf("steps topic", "steps", AHEAD.key(), 3, 300, 7, 10));
    ground.ahead = Optional.empty();
    assertThat(ground.offers()).as("a course that is over").isEmpty();
  }

  /** Half of the time two weeks long: seven days of work take fourteen. */
  @Test
  void two_weeks_far_below_the_plan_stretch_the_next() {
    assertThat(only(drawn(10, 5, 0.5), OfferedChange.Stretch.class).days()).isEqualTo(14);
    assertThat(drawn(10, 5, 0.9).offers())
        .as("one bad week is no habit")
        .noneMatch(o -> o.relieves().isPresent());
  }

  /** Half of two hours: 19 of the 20 gulls are 57 minutes, and no shed of 15 fits in the rest. */
  @Test
  void or_they_take_as_much_work_out_of_it() {
    var less = only(drawn(10, 5, 0.5), OfferedChange.Less.class);
    assertThat(less.minutes()).isEqualTo(57);
    assertThat(LessWork.of(AHEAD, less.minutes()).units()).containsOnly(Map.entry("g", 19));
    assertThat(LessWork.of(AHEAD, 90).units())
        .containsExactly(Map.entry("g", 19), Map.entry("s", 2));
    assertThat(LessWork.of(AHEAD, 500).units())
        .as("the last one of each stays")
        .containsExactly(Map.entry("g", 19), Map.entry("s", 3));
  }

  @Test
  void one_way_out_of_too_much_work_settles_the_other() {
    var offers = drawn(10, 5, 0.5).offers();
    var stretch = offers.get(0);
    var less = offers.get(1);
    assertThat(stretch.settles(less)).isTrue();
    assertThat(less.settles(stretch)).isTrue();
    assertThat(less.settles(less)).isTrue();
    assertThat(offers)
        .filteredOn(o -> !less.settles(o))
        .hasOnlyElementsOfType(OfferedChange.MoreOf.class);
    var later = new OfferedChange.Stretch("Quays", "9", 14, 0.5, 0.5);
    assertThat(less.settles(later)).as("another week").isFalse();
  }

  private static Optional<OfferedChange> repeat(LookedFor... answers) {
    var ground = new Ground();
    ground.held = Optional.of(new OfferGround.Held("7", "Steps", List.of(answers)));
    return ground.offers().stream().findFirst();
  }

  @Test
  void a_week_whose_aim_was_missed_in_most_drawings_is_offered_once_more() {
    var three = repeat(LookedFor.NO, LookedFor.NO, LookedFor.NO);
    assertThat(three).as("three answers are too few").isEmpty();
    var missed = repeat(LookedFor.NO, LookedFor.PARTLY, LookedFor.NO, LookedFor.YES);
    assertThat(missed).hasValue(new OfferedChange.Repeat("Steps", "7", 1.5 / 4, 4));
    assertThat(repeat(LookedFor.NO, LookedFor.YES, LookedFor.NO, LookedFor.YES)).isEmpty();
  }

  @Test
  void what_was_never_drawn_and_is_needed_gets_a_week_of_its_own_one_at_a_time() {
    var ground = new Ground();
    ground.missing =
        List.of(
            new OfferGround.Missing("boxes", "sheds", "3"),
            new OfferGround.Missing("ellipses", "barrels", "4"));
    assertThat(ground.offers()).containsExactly(new OfferedChange.Detour("boxes", "sheds", "3"));
  }

  @Test
  void a_weekday_an_order_and_a_resource_are_offered_with_what_they_follow_from() {
    var ground = new Ground();
    ground.weekday = Optional.of(new WeekdayMinutes(DayOfWeek.TUESDAY, 45, 10, 10));
    ground.order = Optional.of(new OrderThatSuits(DayOrder.POSES_FIRST, 3.9, 3.1));
    ground.teacher = Optional.of(new OfferGround.Teacher("keel to rail", "hulls"));
    assertThat(ground.offers())
        .containsExactly(
            new OfferedChange.Minutes(DayOfWeek.TUESDAY, AHEAD.key(), 10, 10, 45),
            new OfferedChange.Order(DayOrder.POSES_FIRST, 3.9, 3.1),
            new OfferedChange.Resource("keel to rail", "hulls"));
  }

  /** A rhythm of six days a week with one rest day has none to spare. */
  @Test
  void no_day_becomes_a_rest_day_that_the_rhythm_needs() {
    var ground = new Ground();
    ground.dayToSpare = false;
    ground.weekday = Optional.of(new WeekdayMinutes(DayOfWeek.TUESDAY, 45, 0, 0));
    assertThat(ground.offers()).isEmpty();
    ground.weekday = Optional.of(new WeekdayMinutes(DayOfWeek.TUESDAY, 45, 10, 10));
    assertThat(ground.offers()).as("a shorter day is a day all the same").hasSize(1);
  }

  @Test
  void what_is_said_often_becomes_an_aim() {
    var ground = new Ground();
    ground.said = List.of(new SaidAgain("verticals lean in", 2, 0), new SaidAgain("flat", 1, 1));
    assertThat(ground.offers())
        .extracting(OfferedChange::key)
        .containsExactly("AIM verticals lean in");
    ground.said = Collections.nCopies(3, new SaidAgain("flat", 1, 1));
    assertThat(ground.offers()).as("twice in five weeks").isEmpty();
  }

  @Test
  void what_is_rusty_becomes_a_warm_up() {
    var freshness = new Freshness(0.3, 1, 45, MONDAY.minusDays(80), 80);
    var standing = new TopicStanding("boxes", TopicState.RUSTY, Optional.of(freshness), 120);
    var ground = new Ground();
    ground.rusty =
        List.of(
            new RustAhead.Needed(
                standing, "sheds", "18", Optional.of(18), "Sheds", MONDAY.plusDays(7)));
    assertThat(ground.offers())
        .containsExactly(new OfferedChange.WarmUp("boxes", "sheds", "18", 5, 0.3, 0.5));
  }

  @Test
  void where_little_is_drawn_freely_more_is_kept_for_it() {
    var study = new Drawn.Learned(Drawn.Purpose.STUDY, Optional.empty(), Study.NONE, false);
    var drawn = Drawns.learned(Drawns.of(MONDAY, "hulls", 3, 300), study);
    var ground = new Ground();
    ground.week = WeekFigures.of(Ledger.of(List.of(drawn)), MONDAY);
    ground.freePercent = 20;
    assertThat(ground.offers()).containsExactly(new OfferedChange.FreeShare(30, 0, 0.2));
  }
}
