package humblequill.server.course;

import humblequill.core.course.Course;
import humblequill.core.course.CourseMerge;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.Planner;
import humblequill.core.course.plan.RemedyFinder;
import humblequill.core.course.plan.Work;
import humblequill.core.ground.calendar.WeekPattern;
import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.topic.TopicService;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** Offers courses, and keeps those that the learner writes, brings in or merges. */
@Service
class CourseOffers {
  private static final int WEEK = 7;

  private final CourseLibrary library;
  private final CourseFormat format;
  private final SettingsService settings;
  private final TopicService topics;

  CourseOffers(
      CourseLibrary library, CourseFormat format, SettingsService settings, TopicService topics) {
    this.library = library;
    this.format = format;
    this.settings = settings;
    this.topics = topics;
  }

  /**
   * The courses with how they fit, those first that do.
   *
   * @param week minutes from Monday on to measure against; null for the learner's own days
   */
  Courses courses(@Nullable List<Integer> week) {
    var all = library.all();
    var learner = week == null ? settings.learner() : settings.learner().having(week);
    var offers = new ArrayList<Courses.Offer>();
    var broken = new ArrayList<>(all.broken());
    for (var known : all.courses()) {
      try {
        offers.add(offer(known.parsed().course().withCheckpoints(), known.file() != null, learner));
      } catch (ArithmeticException | IllegalArgumentException e) {
        var file = known.file() == null ? known.id() : known.file().getFileName().toString();
        broken.add(Courses.BrokenFile.whole(file, Message.of("course.notLaid")));
      }
    }
    offers.sort(Comparator.comparing(Courses.Offer::fits).reversed());
    return new Courses(offers, broken);
  }

  private static Courses.Offer offer(Course course, boolean own, Learner learner) {
    var rooms = rooms(course, learner);
    long room = rooms.stream().mapToLong(DayRoom::effectiveSeconds).sum();
    var fullest =
        course.weeks().stream().max(Comparator.comparingLong(CourseWeek::seconds)).orElseThrow();
    var loads = loads(course, learner);
    Double load = room == 0 ? null : (double) fullest.seconds() / room;
    return new Courses.Offer(
        course.id(),
        course.title(),
        course.summary(),
        own,
        course.weeks().size(),
        (int) (course.weeks().stream().mapToLong(CourseWeek::seconds).sum() / 60),
        loads,
        minutesADay(course, learner),
        (int) (room / 60),
        load,
        load == null ? null : Math.min(1, 1 / load));
  }

  private static List<Courses.WeekLoad> loads(Course course, Learner learner) {
    var rooms = rooms(course, learner);
    return course.weeks().stream()
        .map(
            week -> {
              var spread = Planner.spread(works(week), rooms, learner.work().order());
              return new Courses.WeekLoad(
                  week.title(),
                  (int) (week.seconds() / 60),
                  Double.isInfinite(spread.load()) ? null : spread.load(),
                  spread.fits());
            })
        .toList();
  }

  private static List<DayRoom> rooms(Course course, Learner learner) {
    var rooms = learner.rooms(learner.today(), learner.today().plusDays(WEEK - 1L));
    return course.habit() ? rooms.stream().map(DayRoom::forHabit).toList() : rooms;
  }

  private static List<Work> works(CourseWeek week) {
    return week.exercises().stream().map(Work::of).toList();
  }

  private static int minutesADay(Course course, Learner learner) {
    var days =
        Stream.iterate(learner.today(), d -> d.plusDays(1))
            .limit(WEEK)
            .map(d -> learner.room(d).withAvailable(1))
            .map(r -> course.habit() ? r.forHabit() : r)
            .toList();
    return course.weeks().stream()
        .mapToInt(
            week ->
                RemedyFinder.minutesNeeded(works(week), days, learner.work().order())
                    .orElse(WeekPattern.MAX_MINUTES))
        .max()
        .orElse(0);
  }

  /** The document of a course with every field that was in its file. */
  JsonNode document(String id) {
    return format.tree(need(id).document());
  }

  private CourseFormat.Parsed need(String id) {
    return library.find(id).orElseThrow(() -> Refusal.notFound("course", id));
  }

  String text(String id, boolean json) {
    var document = document(id);
    return json ? document.toPrettyString() : CourseFormat.yaml(document);
  }

  Courses.Checked check(JsonNode document) {
    try {
      var course = format.parse(document).course().withCheckpoints();
      return new Courses.Checked(loads(course, settings.learner()), null, null, null);
    } catch (CourseFormat.Broken e) {
      return new Courses.Checked(List.of(), e.path(), e.place(), e.why());
    }
  }

  /** Keeps a course of the learner's own. */
  void save(String id, JsonNode document, boolean mayReplace) {
    var parsed = parsed(document.toString());
    if (!parsed.course().id().equals(id)) {
      throw Refusal.badValue(
          "id",
          parsed.course().id(),
          Message.of("course.otherId", "id", parsed.course().id(), "expected", id));
    }
    library.save(document, id, mayReplace);
  }

  /** Brings in a file; tells the course's id. */
  String bring(String text) {
    var parsed = parsed(text);
    library.save(format.tree(parsed.document()), parsed.course().id(), false);
    return parsed.course().id();
  }

  /** A course that is kept has gone through all that listing and placing it do. */
  private CourseFormat.Parsed parsed(String text) {
    try {
      var parsed = format.parse(text);
      tried(parsed.course().withCheckpoints());
      return parsed;
    } catch (CourseFormat.Broken e) {
      throw Refusal.badValue(
          e.path(),
          "",
          Message.of(
              "course.fileNotKept",
              "nowhere",
              e.path().isEmpty(),
              "place",
              e.place(),
              "why",
              Message.why(e)));
    }
  }

  private void tried(Course course) throws CourseFormat.Broken {
    try {
      var learner = settings.learner();
      offer(course, true, learner);
      Placement.of(course, learner.today());
    } catch (ArithmeticException | IllegalArgumentException e) {
      throw new CourseFormat.Broken("", Message.of("course.notLaid"));
    }
  }

  void delete(String id) {
    library.delete(id);
  }

  Courses.Merged merge(CoursesController.ToMerge merge) {
    if (merge.first().equals(merge.second())) {
      throw Refusal.badValue("second", merge.second(), Message.of("course.mergedWithItself"));
    }
    var result =
        CourseMerge.merge(
            need(merge.first()).course(),
            need(merge.second()).course(),
            topics.graph(),
            new CourseMerge.Decisions(merge.decided(), merge.joins()),
            merge.id(),
            merge.title());
    return new Courses.Merged(
        CourseFormat.document(result.course()),
        loads(result.course().withCheckpoints(), settings.learner()),
        result.joins(),
        result.conflicts());
  }
}
