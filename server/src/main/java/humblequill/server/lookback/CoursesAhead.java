package humblequill.server.lookback;

import humblequill.core.course.CourseWeek;
import humblequill.core.lookback.BackOnPlan;
import humblequill.core.lookback.CourseEnd;
import humblequill.core.lookback.YearAhead;
import humblequill.server.course.CourseWeeks;
import humblequill.server.course.plan.ChangeService;
import humblequill.server.course.plan.ChangeToMake;
import humblequill.server.course.plan.PreviewView;
import humblequill.server.ground.settings.SettingsService;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When courses will end, what would bring an end back, and how courses fill a year. */
@Service
class CoursesAhead {
  private static final int MINUTE = 60;

  private final WeekGround ground;
  private final CourseWeeks courses;
  private final ChangeService changes;
  private final SettingsService settings;

  CoursesAhead(
      WeekGround ground, CourseWeeks courses, ChangeService changes, SettingsService settings) {
    this.ground = ground;
    this.courses = courses;
    this.changes = changes;
    this.settings = settings;
  }

  /** A way back. */
  enum WayBack {
    /** More minutes on the days of the next week; so many a week from now on. */
    MORE_MINUTES,
    /** Less work in the next week. */
    DROP,
    /** A longer next week, so that the end is where it really will be. */
    STRETCH
  }

  /**
   * A way to make the end of a course true again.
   *
   * @param amount minutes a week more, minutes of work less, or days of the next week
   * @param change what it does to the plan
   * @param effect its preview
   */
  record WayBackView(WayBack way, int amount, ChangeToMake change, PreviewView effect) {}

  /** The ways back of the course in front; none where it is not behind. */
  record BackView(@Nullable UUID placement, @Nullable String week, List<WayBackView> ways) {}

  @Transactional(readOnly = true)
  public BackView back() {
    var learner = settings.learner();
    var course = ground.course(learner, learner.today());
    var back =
        course.flatMap(
            c ->
                ground
                    .end(c, learner)
                    .flatMap(
                        e ->
                            BackOnPlan.of(
                                c, e, learner.today(), learner.availability()::minutesOn)));
    if (back.isEmpty() || course.isEmpty()) {
      return new BackView(null, null, List.of());
    }
    var b = back.get();
    var id = course.get().id();
    var ways = new ArrayList<WayBackView>();
    if (b.minutesADay() > 0) {
      var more = new ChangeToMake.MinutesADay(b.week(), b.minutesADay());
      ways.add(way(WayBack.MORE_MINUTES, b.moreAWeek(), more, id, b.week()));
    }
    if (!b.drop().isEmpty()) {
      var drop =
          new ChangeToMake.DropUnits(
              b.week(),
              b.drop().entrySet().stream()
                  .map(e -> new ChangeToMake.Units(e.getKey(), e.getValue()))
                  .toList());
      ways.add(way(WayBack.DROP, b.dropMinutes(), drop, id, b.week()));
    }
    var stretch = new ChangeToMake.Stretch(b.week(), b.days());
    ways.add(way(WayBack.STRETCH, b.days(), stretch, id, b.week()));
    return new BackView(
        id, b.week(), ways.stream().filter(w -> w.effect().refused() == null).toList());
  }

  private WayBackView way(WayBack way, int amount, ChangeToMake change, UUID id, String week) {
    return new WayBackView(way, amount, change, changes.preview(id, week, List.of(change)));
  }

  /** A course that is to be laid into the year, and whether beside the one before. */
  record WantedCourse(@NotBlank @Size(max = 80) String course, boolean beside) {}

  /**
   * Courses laid into a year.
   *
   * @param from the first day: when the course in front will really end, else tomorrow
   * @param stretch by how much longer than planned weeks take, by the learner's own weeks
   * @param fullest share of the room that courses side by side take together where that is most
   * @param ownWeeks on how many of them that rests; 0 where it is not known and taken as planned
   */
  record YearAheadView(
      LocalDate from,
      double stretch,
      int ownWeeks,
      List<YearAhead.Laid> lines,
      int roomMinutes,
      int plannedMinutes,
      double fullest) {}

  @Transactional(readOnly = true)
  public YearAheadView year(List<WantedCourse> wanted) {
    var learner = settings.learner();
    var end = ground.course(learner, learner.today()).flatMap(c -> ground.end(c, learner));
    double stretch =
        end.filter(e -> e.early().isPresent() && e.share() > 0).map(e -> 1 / e.share()).orElse(1.0);
    var from = end.map(CoursesAhead::over).orElse(learner.today()).plusDays(1);
    var year =
        YearAhead.of(
            wanted.stream().map(this::wanted).toList(),
            from,
            stretch,
            day -> learner.room(day).effectiveSeconds() / MINUTE);
    return new YearAheadView(
        from,
        Math.max(1, stretch),
        end.filter(e -> e.early().isPresent()).map(CourseEnd::ownWeeks).orElse(0),
        year.lines(),
        year.roomMinutes(),
        year.plannedMinutes(),
        year.fullest());
  }

  private static LocalDate over(CourseEnd end) {
    return end.middle().filter(m -> m.isAfter(end.byPlan())).orElse(end.byPlan());
  }

  private YearAhead.Wanted wanted(WantedCourse w) {
    var course = courses.need(w.course()).course();
    return new YearAhead.Wanted(
        course.title(),
        course.weeks().size(),
        (int)
            Math.min(
                Integer.MAX_VALUE,
                course.weeks().stream().mapToLong(CourseWeek::seconds).sum() / MINUTE),
        w.beside());
  }
}
