package humblequill.server.lookback;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.plan.Prerequisites;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.lookback.OfferGround;
import humblequill.core.lookback.Offers;
import humblequill.core.lookback.OrderThatSuits;
import humblequill.core.lookback.WeekFigures;
import humblequill.core.lookback.WeekdayMinutes;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.shelf.Teaching;
import humblequill.server.topic.coverage.Standings;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What the changes offered of a week follow from. */
@Component
class OfferGrounds {
  private static final int WEEKS_AHEAD = 2;

  private final WeekGround ground;
  private final SaidRemarks said;
  private final Standings standings;
  private final Teaching teaching;
  private final SittingsLookedBack sittings;
  private final PlacementService placements;
  private final SettingsService settings;

  OfferGrounds(
      WeekGround ground,
      SaidRemarks said,
      Standings standings,
      Teaching teaching,
      SittingsLookedBack sittings,
      PlacementService placements,
      SettingsService settings) {
    this.ground = ground;
    this.said = said;
    this.standings = standings;
    this.teaching = teaching;
    this.sittings = sittings;
    this.placements = placements;
    this.settings = settings;
  }

  OfferGround of(Learner learner, LocalDate from) {
    var to = from.plusDays(WeekGround.DAYS - 1);
    var last = to.isBefore(learner.today()) ? learner.today() : to;
    var course = ground.course(learner, learner.today());
    var ahead = course.flatMap(c -> WeekGround.after(c, last));
    return new OfferGround(
        WeekFigures.of(ground.drawn(), from),
        ground.planned(learner, from),
        Offers.share(ground.planned(learner, from.minusDays(WeekGround.DAYS))),
        course.flatMap(c -> held(c, to)),
        said.again(from),
        ground.rusty(learner),
        course.map(c -> missing(c, learner)).orElse(List.of()),
        ahead,
        ahead.flatMap(w -> weekday(learner, to)),
        learner.hasDayToSpare(),
        OrderThatSuits.of(sat(), learner.work().order()),
        ahead.flatMap(w -> teacher(w, learner)),
        settings.read().work().freePercent(),
        learner.freshness().rustyBelow());
  }

  /** The week of a course that ended with a day, with what was said of its exercises. */
  private Optional<OfferGround.Held> held(PlacedCourse course, LocalDate to) {
    return course
        .placement()
        .weekOn(to)
        .filter(w -> w.to().equals(to))
        .map(w -> new OfferGround.Held(w.key(), w.week().title(), answers(course, w)));
  }

  private List<LookedFor> answers(PlacedCourse course, PlacedWeek week) {
    var exercises = week.week().exercises().stream().map(Exercise::id).collect(Collectors.toSet());
    return ground.drawn().of(course.id()).stream()
        .filter(d -> week.contains(d.day()) && d.exercise().filter(exercises::contains).isPresent())
        .flatMap(d -> d.learned().study().lookedFor().stream())
        .toList();
  }

  private List<OfferGround.Missing> missing(PlacedCourse course, Learner learner) {
    var graph = standings.of(learner).graph();
    var today = learner.today();
    return Prerequisites.untouched(course.placement(), graph, ground.drawn(), today, WEEKS_AHEAD)
        .stream()
        .filter(u -> course.placement().week(u.weekKey()).orElseThrow().from().isAfter(today))
        .map(u -> new OfferGround.Missing(u.need(), u.topic(), u.weekKey()))
        .toList();
  }

  private Optional<WeekdayMinutes> weekday(Learner learner, LocalDate to) {
    var yesterday = learner.today().minusDays(1);
    return WeekdayMinutes.of(
        ground.drawn().minutes(),
        learner.availability(),
        learner.work().overheadMinutes(),
        to.isBefore(yesterday) ? to : yesterday);
  }

  private Optional<OfferGround.Teacher> teacher(PlacedWeek ahead, Learner learner) {
    return teaching
        .next(ahead.week().topics(), learner.today())
        .map(t -> new OfferGround.Teacher(t.name(), t.topic()));
  }

  /** Sittings on exercises of courses, with the kind of exercise. */
  private List<OrderThatSuits.Sat> sat() {
    var courses =
        placements.all().stream().collect(Collectors.toMap(PlacedCourse::id, Function.identity()));
    return sittings.over().stream()
        .flatMap(
            s ->
                exercise(s.drawn(), courses).stream()
                    .map(
                        e ->
                            new OrderThatSuits.Sat(
                                e.kind(), s.sitting().place(), s.drawn().mark())))
        .toList();
  }

  private static Optional<Exercise> exercise(Drawn drawn, Map<UUID, PlacedCourse> courses) {
    return drawn
        .placement()
        .map(courses::get)
        .flatMap(course -> drawn.exercise().flatMap(course.placement()::exercise));
  }
}
