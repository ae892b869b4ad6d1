package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What counts towards a promise, how it went, how its rules were kept. By hand. */
class AccountTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final DrawingDays DAYS = Quotas.EVERY_DAY;

  private static Counting counting(Counting.Unit unit) {
    return Counting.all(unit);
  }

  private static Quota quota(Promise promise, Counting.Unit unit, Rule... rules) {
    return new Quota(
        "Posts",
        promise,
        counting(unit),
        Set.of(),
        MissedWork.SPREAD,
        Set.of(rules),
        120,
        PromiseTime.OF_THE_DAY);
  }

  private static Quota sprint(int count, int days) {
    return quota(
        new Promise.Sprint(count, MONDAY, MONDAY.plusDays(days - 1L)), Counting.Unit.DRAWINGS);
  }

  private static Account account(Quota quota, LocalDate ended, Drawn... drawn) {
    return Account.of(quota, Optional.ofNullable(ended), List.of(drawn), Tally.NONE);
  }

  @Test
  void only_entries_between_its_first_day_and_its_end_count() {
    var account =
        account(
            sprint(10, 10),
            MONDAY.plusDays(2),
            Drawns.of(MONDAY.minusDays(1), "a", 9, 9),
            Drawns.of(MONDAY, "a", 1, 9),
            Drawns.of(MONDAY.plusDays(2), "a", 2, 9),
            Drawns.of(MONDAY.plusDays(3), "a", 4, 9));
    assertThat(account.byDay().byDay()).isEqualTo(Map.of(MONDAY, 1, MONDAY.plusDays(2), 2));
    assertThat(account.matching()).hasSize(2);
  }

  @Test
  void prompts_are_ticked_and_what_is_drawn_brings_none() {
    var list = quota(new Promise.PromptList(2, MONDAY, MONDAY.plusDays(6)), Counting.Unit.PROMPTS);
    var ticked = Tally.of(Map.of(MONDAY, 1));
    var account = Account.of(list, Optional.empty(), List.of(Drawns.of(MONDAY, "a", 9, 9)), ticked);
    assertThat(account.byDay().total()).isEqualTo(1);
    assertThat(account.record(DAYS, MONDAY).done()).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({"DRAWINGS, 9", "PAGES, 2", "MINUTES, 20", "PROMPTS, 0"})
  void a_unit_is_read_off_an_entry(Counting.Unit unit, int units) {
    assertThat(counting(unit).unitsIn(Drawns.of(MONDAY, "a", 9, 20, 2, 0))).isEqualTo(units);
  }

  private static Counting of(String field, String wanted) {
    return new Counting(
        Counting.Unit.DRAWINGS,
        only(field, "topic", wanted),
        only(field, "medium", wanted),
        only(field, "source", wanted),
        only(field, "book", wanted),
        only(field, "exercise", wanted));
  }

  private static Optional<String> only(String field, String name, String wanted) {
    return field.equals(name) ? Optional.of(wanted) : Optional.empty();
  }

  @ParameterizedTest
  @CsvSource({
    "topic, gulls, true",
    "topic, cats, false",
    "medium, pen, true",
    "medium, ink, false",
    "source, life, true",
    "source, photo, false",
    "exercise, hy-7-1, true",
    "exercise, hy-7-2, false",
    "book, Quay book, false"
  })
  void each_filter_lets_its_own_through(String field, String wanted, boolean matches) {
    var drawn = Drawns.of(MONDAY, "gulls", 3, 6);
    assertThat(of(field, wanted).matches(drawn)).isEqualTo(matches);
    assertThat(of(field, wanted).unitsIn(drawn)).isEqualTo(matches ? 3 : 0);
  }

  /** Common practice, no published source: who fills pages of a book draws in it what they like. */
  @ParameterizedTest
  @CsvSource({
    "none, true",
    "book, true",
    "topic, false",
    "exercise, false",
    "source, false",
    "medium, false"
  })
  void a_promise_of_so_many_does_not_say_what_is_drawn(String field, boolean anything) {
    assertThat(of(field, "x").takesAnything()).isEqualTo(anything);
  }

  @ParameterizedTest
  @CsvSource({
    "topic, gulls, true", "topic, cats, false", "source, life, true", "source, photo, false",
    "exercise, e, true", "exercise, f, false", "medium, pen, false", "book, b, false",
    "none, x, true"
  })
  void what_a_course_brings_along_must_pass_each_filter_too(
      String field, String wanted, boolean served) {
    assertThat(of(field, wanted).servedBy("e", List.of("gulls"), Optional.of("life")))
        .isEqualTo(served);
  }

  @ParameterizedTest
  @CsvSource({"DRAWINGS, true", "MINUTES, true", "PAGES, false", "PROMPTS, false"})
  void a_course_brings_along_drawings_and_minutes_only(Counting.Unit unit, boolean served) {
    assertThat(counting(unit).servedBy("e", List.of(), Optional.empty())).isEqualTo(served);
  }

  private static Outcome outcome(Account account, LocalDate today) {
    return account.outcome(account.progress(DAYS, today));
  }

  @Test
  void it_runs_until_it_is_reached_ended_or_over() {
    var three = Drawns.of(MONDAY, "a", 3, 6);
    assertThat(outcome(account(sprint(9, 5), null, three), MONDAY)).isEqualTo(Outcome.RUNNING);
    assertThat(outcome(account(sprint(3, 5), null, three), MONDAY)).isEqualTo(Outcome.FINISHED);
    assertThat(outcome(account(sprint(9, 5), MONDAY.plusDays(1), three), MONDAY.plusDays(9)))
        .isEqualTo(Outcome.STOPPED);
    assertThat(outcome(account(sprint(3, 5), MONDAY.plusDays(1), three), MONDAY.plusDays(9)))
        .isEqualTo(Outcome.FINISHED);
    assertThat(outcome(account(sprint(9, 5), null, three), MONDAY.plusDays(4)))
        .as("its last day is open")
        .isEqualTo(Outcome.RUNNING);
    assertThat(outcome(account(sprint(9, 5), null, three), MONDAY.plusDays(5)))
        .isEqualTo(Outcome.RUN_OUT);
    assertThat(outcome(account(sprint(9, 5), MONDAY.plusDays(5), three), MONDAY.plusDays(9)))
        .as("ended once it was over")
        .isEqualTo(Outcome.RUN_OUT);
  }

  @Test
  void weeks_that_grow_are_finished_when_each_of_them_was_met() {
    var ramp = quota(new Promise.Ramp(1, 1, 2, MONDAY), Counting.Unit.DRAWINGS);
    var first = Drawns.of(MONDAY, "a", 1, 6);
    var second = Drawns.of(MONDAY.plusDays(7), "a", 2, 6);
    var after = MONDAY.plusDays(14);
    assertThat(outcome(account(ramp, null, first, second), after)).isEqualTo(Outcome.FINISHED);
    assertThat(outcome(account(ramp, null, first), after)).isEqualTo(Outcome.RUN_OUT);
    assertThat(outcome(account(ramp, null, second), after)).isEqualTo(Outcome.RUN_OUT);
    assertThat(outcome(account(ramp, null, first), after.minusDays(1))).isEqualTo(Outcome.RUNNING);
    assertThat(outcome(account(ramp, MONDAY.plusDays(8), first), after)).isEqualTo(Outcome.STOPPED);
  }

  @Test
  void a_count_that_was_let_go_whole_is_not_finished() {
    var posts = sprint(3, 3);
    var letGo =
        new Quota(
            posts.title(),
            posts.promise(),
            posts.counting(),
            Set.of(),
            MissedWork.LET_GO,
            Set.of(),
            120,
            PromiseTime.OF_THE_DAY);
    assertThat(outcome(account(letGo, null), MONDAY.plusDays(2))).isEqualTo(Outcome.RUNNING);
    assertThat(outcome(account(letGo, null), MONDAY.plusDays(3))).isEqualTo(Outcome.LET_GO);
    assertThat(outcome(account(letGo, null, Drawns.of(MONDAY, "a", 1, 6)), MONDAY.plusDays(3)))
        .isEqualTo(Outcome.FINISHED);
  }

  @Test
  void a_standing_promise_runs_until_it_is_stopped_whatever_its_week_brought() {
    var standing = quota(new Promise.Standing(2, MONDAY), Counting.Unit.DRAWINGS);
    var drawn = Drawns.of(MONDAY, "a", 3, 6);
    assertThat(outcome(account(standing, null, drawn), MONDAY.plusDays(1)))
        .isEqualTo(Outcome.RUNNING);
    assertThat(outcome(account(standing, MONDAY.plusDays(1), drawn), MONDAY.plusDays(3)))
        .isEqualTo(Outcome.STOPPED);
  }

  @Test
  void days_before_are_drawing_days_and_days_that_were_drawn_on_all_the_same() {
    var rest = DAYS.without(Set.of(java.time.DayOfWeek.TUESDAY, java.time.DayOfWeek.THURSDAY));
    var account =
        account(
            sprint(9, 9),
            null,
            Drawns.of(MONDAY, "a", 3, 6),
            Drawns.of(MONDAY.plusDays(3), "a", 2, 6));
    assertThat(account.daysBefore(MONDAY.plusDays(5), rest).byDay().values())
        .containsExactly(3, 0, 2, 0);
    assertThat(account.daysBefore(MONDAY.minusDays(2), rest)).isEqualTo(Tally.NONE);
  }

  @Test
  void what_it_was_the_day_before_knows_nothing_of_today() {
    var account =
        account(
            sprint(9, 9),
            null,
            Drawns.of(MONDAY, "a", 3, 6),
            Drawns.of(MONDAY.plusDays(1), "a", 2, 9));
    var before = account.before(MONDAY.plusDays(1));
    assertThat(before.byDay().byDay()).isEqualTo(Map.of(MONDAY, 3));
    assertThat(before.matching()).hasSize(1);
  }

  @Test
  void its_pace_rests_on_entries_that_tell_how_long_they_took() {
    var account =
        account(
            sprint(99, 9),
            null,
            Drawns.of(MONDAY, "a", 4, 8),
            Drawns.of(MONDAY, "a", 3, 0),
            Drawns.of(MONDAY.plusDays(1), "a", 2, 6));
    assertThat(Account.secondsAUnit(counting(Counting.Unit.DRAWINGS), account.matching()))
        .containsExactly(120, 180);
    assertThat(account.pace())
        .as("(2 · 150 + 5 · 120) ÷ 7 = 128.6")
        .isEqualTo(new PaceEstimate(129, 2, 150));
    var minutes = quota(new Promise.Standing(20, MONDAY), Counting.Unit.MINUTES);
    assertThat(account(minutes, null).pace().secondsEach()).isEqualTo(60);
  }

  @Test
  void few_own_entries_still_lean_on_what_is_expected() {
    assertThat(PaceEstimate.of(List.of(), 60).leansOnExpected()).isFalse();
    assertThat(PaceEstimate.of(List.of(50), 60).leansOnExpected()).isTrue();
    var nineteen = new ArrayList<>(java.util.Collections.nCopies(19, 50));
    assertThat(PaceEstimate.of(nineteen, 60).leansOnExpected()).isTrue();
    nineteen.add(50);
    assertThat(PaceEstimate.of(nineteen, 60).leansOnExpected()).isFalse();
  }

  @Test
  void its_record_ends_on_its_last_day_and_its_curve_with_what_was_drawn() {
    var account =
        account(
            sprint(9, 3),
            null,
            Drawns.of(MONDAY, "a", 3, 6, 1, 4),
            Drawns.of(MONDAY.plusDays(2), "a", 2, 6, 1, 2));
    var record = account.record(DAYS, MONDAY.plusDays(20));
    assertThat(record.span()).isEqualTo(3);
    assertThat(record.curve()).containsExactly(3, 3, 5);
    assertThat(record.days()).isEqualTo(2);
    assertThat(record.minutes()).isEqualTo(12);
    var today = MONDAY.plusDays(1);
    var progress = account.progress(DAYS, today);
    assertThat(account.curve(progress, today)).as("nothing today yet").containsExactly(3);
    var third = MONDAY.plusDays(2);
    assertThat(account.curve(account.progress(DAYS, third), third)).containsExactly(3, 3, 5);
  }

  private static final Names NAMES = new Names(ShippedNames.all());

  private static Drawn drawnWith(String medium, String source) {
    var d = Drawns.of(MONDAY, "a", 1, 1);
    return new Drawn(
        new UUID(0, medium == null ? 0 : medium.hashCode()),
        d.day(),
        d.called(),
        d.placement(),
        d.exercise(),
        d.topics(),
        Optional.ofNullable(medium),
        Optional.ofNullable(source),
        d.book(),
        d.drawings(),
        d.minutes(),
        0,
        0,
        0,
        Drawn.Learned.NOTHING);
  }

  private static RulesKept.Count count(Rule rule, List<RulesKept.Answer> answers, Drawn... drawn) {
    var promise = new Promise.Sprint(9, MONDAY, MONDAY.plusDays(6));
    var account = account(quota(promise, Counting.Unit.DRAWINGS, rule), null, drawn);
    return new RulesKept(answers, NAMES).counts(account).get(rule);
  }

  @Test
  void rules_are_told_by_what_a_medium_is_like_and_by_the_source() {
    var all =
        new Drawn[] {
          drawnWith("brush pen", "life"),
          drawnWith("graphite", "photo"),
          drawnWith("watercolour", null),
          drawnWith(null, null),
          drawnWith("moon dust", null)
        };
    assertThat(count(Rule.PEN_ONLY, List.of(), all)).isEqualTo(new RulesKept.Count(1, 2));
    assertThat(count(Rule.NO_ERASER, List.of(), all)).isEqualTo(new RulesKept.Count(2, 0));
    assertThat(count(Rule.FROM_LIFE, List.of(), all)).isEqualTo(new RulesKept.Count(1, 1));
    assertThat(count(Rule.FINISH_EVERY_PAGE, List.of(), all)).isEqualTo(new RulesKept.Count(0, 0));
  }

  @Test
  void an_answer_weighs_more_than_what_is_told() {
    var pencil = drawnWith("graphite", null);
    var yes = List.of(new RulesKept.Answer(pencil.entry(), Rule.PEN_ONLY, true));
    assertThat(count(Rule.PEN_ONLY, yes, pencil)).isEqualTo(new RulesKept.Count(1, 0));
    var other = List.of(new RulesKept.Answer(pencil.entry(), Rule.FROM_LIFE, true));
    assertThat(count(Rule.PEN_ONLY, other, pencil)).isEqualTo(new RulesKept.Count(0, 1));
  }

  @Test
  void a_medium_of_ones_own_is_a_pen_once_it_is_like_one() {
    var reed =
        new Name(
            new UUID(0, 1),
            NameKind.MEDIUM,
            "reed",
            List.of(),
            Set.of(MediumProperty.CANNOT_BE_ERASED),
            Optional.empty());
    var promise = new Promise.Sprint(9, MONDAY, MONDAY.plusDays(6));
    var account =
        account(
            quota(promise, Counting.Unit.DRAWINGS, Rule.PEN_ONLY), null, drawnWith("reed", null));
    var kept = new RulesKept(List.of(), new Names(List.of(reed)));
    assertThat(kept.counts(account).get(Rule.PEN_ONLY)).isEqualTo(new RulesKept.Count(1, 0));
  }

  @Test
  void what_a_days_entries_leave_open_is_asked() {
    var promise = new Promise.Sprint(9, MONDAY, MONDAY.plusDays(6));
    var quota = quota(promise, Counting.Unit.DRAWINGS, Rule.PEN_ONLY, Rule.FINISH_EVERY_PAGE);
    var pen = drawnWith("brush pen", "life");
    var account = account(quota, null, pen);
    assertThat(
            new RulesKept(List.of(), NAMES)
                .open(account.quota().rules(), account.matching(), MONDAY))
        .containsExactly(new RulesKept.Open(pen, Rule.FINISH_EVERY_PAGE));
    assertThat(
            new RulesKept(List.of(), NAMES)
                .open(account.quota().rules(), account.matching(), MONDAY.plusDays(1)))
        .isEmpty();
    var answered = List.of(new RulesKept.Answer(pen.entry(), Rule.FINISH_EVERY_PAGE, false));
    assertThat(
            new RulesKept(answered, NAMES)
                .open(account.quota().rules(), account.matching(), MONDAY))
        .isEmpty();
  }
}
