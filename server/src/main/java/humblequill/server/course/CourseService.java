package humblequill.server.course;

import humblequill.core.calendar.WeekPattern;
import humblequill.core.course.Course;
import humblequill.core.course.Placement;
import humblequill.core.plan.RemedyFinder;
import humblequill.core.plan.Work;
import humblequill.server.edge.Refusal;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Offers courses and keeps the placement of the one that is followed. */
@Service
public class CourseService {
  private final PlacementRepository repository;
  private final CourseLibrary library;
  private final CourseFormat format;
  private final SettingsService settings;
  private final Clock clock;

  /** A placement's document never changes, so each is read once. */
  private final Map<UUID, Course> read = new ConcurrentHashMap<>();

  CourseService(
      PlacementRepository repository,
      CourseLibrary library,
      CourseFormat format,
      SettingsService settings,
      Clock clock) {
    this.repository = repository;
    this.library = library;
    this.format = format;
    this.settings = settings;
    this.clock = clock;
  }

  /** What can be placed. */
  public Courses courses() {
    var shelf = library.shelf();
    var learner = settings.learner();
    return new Courses(
        shelf.courses().stream()
            .map(CourseFormat.Parsed::course)
            .map(
                c ->
                    new Courses.Offer(
                        c.id(),
                        c.title(),
                        c.summary(),
                        c.weeks().size(),
                        (int) (c.weeks().stream().mapToLong(w -> w.seconds()).sum() / 60),
                        c.weeks().stream().map(w -> (int) (w.seconds() / 60)).toList(),
                        minutesADay(c, learner)))
            .toList(),
        shelf.broken());
  }

  private static int minutesADay(Course course, Learner learner) {
    var days =
        Stream.iterate(learner.today(), d -> d.plusDays(1))
            .limit(7)
            .map(d -> learner.room(d).withAvailable(1))
            .toList();
    return course.weeks().stream()
        .mapToInt(
            week ->
                RemedyFinder.minutesNeeded(
                        week.exercises().stream().map(Work::of).toList(), days, learner.dayOrder())
                    .orElse(WeekPattern.MAX_MINUTES))
        .max()
        .orElse(0);
  }

  /** The course that is followed, if any. */
  @Transactional(readOnly = true)
  public Optional<PlacedCourse> current() {
    return repository.findFirstByEndedAtIsNullOrderByPlacedAtDesc().map(this::placed);
  }

  /** A placement, followed or ended. */
  @Transactional(readOnly = true)
  public Optional<PlacedCourse> find(UUID id) {
    return repository.findById(id).map(this::placed);
  }

  /** Every placement there was, by title and start. */
  @Transactional(readOnly = true)
  public List<PlacedCourse> all() {
    return repository.findAll().stream().map(this::placed).toList();
  }

  private PlacedCourse placed(PlacementEntity entity) {
    var course = read.computeIfAbsent(entity.id, id -> format.stored(entity.document));
    return new PlacedCourse(entity.id, new Placement(course, entity.startDay));
  }

  /**
   * Lays a course on the calendar; another one that is followed ends with that. Its entries stay.
   */
  @Transactional
  public PlacedCourse place(String courseId, LocalDate start) {
    var parsed = library.find(courseId).orElseThrow(() -> Refusal.notFound("course", courseId));
    if (start.getYear() < 1970 || start.getYear() > 2200) {
      throw Refusal.badValue(
          "start", start, "A course starts between 1970 and 2200, not on " + start + ".");
    }
    leave();
    var entity = new PlacementEntity();
    entity.courseId = courseId;
    entity.title = parsed.course().title();
    entity.document = parsed.document();
    entity.startDay = start;
    entity.placedAt = clock.instant();
    return placed(repository.saveAndFlush(entity));
  }

  /** Stops following the course. */
  @Transactional
  public void leave() {
    repository
        .findFirstByEndedAtIsNullOrderByPlacedAtDesc()
        .ifPresent(
            entity -> {
              entity.endedAt = clock.instant();
              repository.saveAndFlush(entity);
            });
  }
}
