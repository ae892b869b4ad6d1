package humblequill.server.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.ground.calendar.Weeks;
import humblequill.core.lookback.CourseEnd;
import humblequill.core.lookback.PlannedExercise;
import humblequill.core.lookback.WhatFor;
import humblequill.core.topic.coverage.RustAhead;
import humblequill.server.course.plan.PlanService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.day.entry.SaidNotes;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.settings.Learner;
import humblequill.server.topic.coverage.Standings;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What a week was, from all that tells of it. */
@Component
class WeekGround {
  static final int DAYS = 7;

  private final EntryLedger ledger;
  private final SaidNotes notes;
  private final PlanService plans;
  private final Standings standings;
  private final Derived<Optional<CourseEnd>> ends = new Derived<>();

  WeekGround(EntryLedger ledger, SaidNotes notes, PlanService plans, Standings standings) {
    this.ledger = ledger;
    this.notes = notes;
    this.plans = plans;
    this.standings = standings;
  }

  Ledger drawn() {
    return ledger.read();
  }

  /** The first day of the first week with an entry; the running week without any. */
  LocalDate firstWeek(Learner learner) {
    var byDay = drawn().minutes().byDay();
    var first = byDay.isEmpty() ? learner.today() : byDay.firstKey();
    var earlier = first.isAfter(learner.today()) ? learner.today() : first;
    return Weeks.startOf(earlier, learner.weekStart());
  }

  /** What courses that are followed gave a week, by exercise. */
  List<PlannedExercise> planned(Learner learner, LocalDate from) {
    var planning = plans.planning(learner);
    var found = new LinkedHashMap<String, PlannedExercise>();
    for (var placed : planning.followed()) {
      for (var week : placed.placement().weeks()) {
        if (!week.from().isAfter(from.plusDays(DAYS - 1)) && !week.to().isBefore(from)) {
          planned(plans.planned(planning, placed, week), from, found);
        }
      }
    }
    return found.values().stream().filter(p -> p.planned() > 0).toList();
  }

  private static void planned(
      PlanService.PlannedWeek week, LocalDate from, Map<String, PlannedExercise> found) {
    var plan = week.open().firstPlan();
    for (var exercise : week.week().week().exercises()) {
      int asked =
          plan.days().stream()
              .filter(d -> isIn(d.date(), from))
              .mapToInt(d -> d.countOf(exercise.id()))
              .sum();
      int done = 0;
      for (int i = 0; i < DAYS; i++) {
        done += week.open().doneOn(exercise.id(), from.plusDays(i));
      }
      found.merge(
          exercise.id(),
          new PlannedExercise(
              exercise.id(),
              exercise.title(),
              exercise.target().unit() == humblequill.core.course.Exercise.Unit.MINUTES,
              asked,
              done,
              exercise.secondsEach(),
              week.week().week().topicsOf(exercise)),
          (a, b) ->
              new PlannedExercise(
                  a.exercise(),
                  a.title(),
                  a.minutesCounted(),
                  a.planned() + b.planned(),
                  a.done(),
                  a.secondsEach(),
                  a.topics()));
    }
  }

  private static boolean isIn(LocalDate day, LocalDate from) {
    return !day.isBefore(from) && day.isBefore(from.plusDays(DAYS));
  }

  /** What went wrong from one day on until before another. */
  List<String> wrong(LocalDate from, LocalDate before) {
    return notes.all().stream()
        .filter(n -> !n.day().isBefore(from) && n.day().isBefore(before))
        .map(SaidNotes.Note::wentWrong)
        .filter(w -> !w.isEmpty())
        .toList();
  }

  /** Topics first touched from one day to another. */
  List<String> newTopics(LocalDate from, LocalDate to) {
    return drawn().between(from, to).stream()
        .flatMap(d -> d.topics().stream())
        .distinct()
        .filter(t -> !drawn().minutesOf(t).byDay().firstKey().isBefore(from))
        .sorted()
        .toList();
  }

  /** What the weeks to come need and is rusty now. */
  List<RustAhead.Needed> rusty(Learner learner) {
    var known = standings.of(learner);
    return known.followed().stream()
        .flatMap(c -> RustAhead.of(c.placement(), known.graph(), known::of, known.today()).stream())
        .toList();
  }

  /** Whether the last weeks serve what all this is for. */
  WhatFor serves(String aim, Learner learner, LocalDate last) {
    return WhatFor.of(aim, standings.of(learner).standing().keySet(), drawn(), last);
  }

  /** The course that concerns the learner most on a day. */
  Optional<PlacedCourse> course(Learner learner, LocalDate day) {
    return PlacedCourse.inFrontFirst(plans.planning(learner).followed(), day).stream().findFirst();
  }

  /** When a course will really end. */
  Optional<CourseEnd> end(PlacedCourse course, Learner learner) {
    var ledgerNow = drawn();
    return ends.get(
        List.of(ledgerNow, course, learner.today()),
        () -> CourseEnd.of(course, ledgerNow, learner.today()));
  }

  /** The week of a course that begins after a day. */
  static Optional<PlacedWeek> after(PlacedCourse course, LocalDate day) {
    return course.placement().weeks().stream().filter(w -> w.from().isAfter(day)).findFirst();
  }

  /** Drawings of a topic from one day on until before another. */
  int drawings(String topic, LocalDate from, LocalDate before) {
    return drawn().between(from, before.minusDays(1)).stream()
        .filter(d -> d.topics().contains(topic))
        .mapToInt(d -> Math.max(1, d.drawings().orElse(1)))
        .sum();
  }

  /** Minutes drawn on a weekday of a week. */
  int minutesOn(DayOfWeek day, LocalDate from) {
    var date = from.with(TemporalAdjusters.nextOrSame(day));
    return drawn().minutes().byDay().getOrDefault(date, 0);
  }

  /** Minutes of a week that went into a resource. */
  int minutesWith(String resource, LocalDate from) {
    return entries(from).stream()
        .filter(d -> d.learned().resource().filter(resource::equals).isPresent())
        .mapToInt(d -> d.minutes().minutes())
        .sum();
  }

  /** Entries of a week, the oldest first. */
  List<Drawn> entries(LocalDate from) {
    return drawn().between(from, from.plusDays(DAYS - 1));
  }
}
