package humblequill.server.course.plan;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.placement.PlanChangeException;
import humblequill.core.ground.message.Message;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import java.nio.ByteBuffer;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pauses everything for a span at once: the days are neutral, and the courses wait. */
@Service
class PauseService {
  private final PlacementService placements;
  private final SettingsService settings;

  PauseService(PlacementService placements, SettingsService settings) {
    this.placements = placements;
    this.settings = settings;
  }

  /**
   * What waiting would do to one course.
   *
   * @param end its last day now
   * @param then its last day with the pause
   */
  record Waiting(String course, LocalDate end, LocalDate then) {}

  @Transactional(readOnly = true)
  List<Waiting> preview(PauseController.Span span) {
    check(span);
    return placements.followed().stream().map(placed -> waiting(placed, span)).toList();
  }

  private Waiting waiting(PlacedCourse placed, PauseController.Span span) {
    var plan = placed.placement();
    for (var change : changes(placed, span)) {
      plan = plan.after(change);
    }
    return new Waiting(plan.course().title(), placed.placement().end(), plan.end());
  }

  @Transactional
  void pause(PauseController.ToPause pause) {
    check(pause.span());
    settings.pause(pause.span().from(), pause.span().to(), pause.reason().strip());
    if (!pause.coursesWait()) {
      return;
    }
    var today = settings.learner().today();
    for (var placed : placements.followed()) {
      var changes = changes(placed, pause.span());
      if (!changes.isEmpty()) {
        placements.change(
            placed, id(pause.id(), placed), changes, false, pause.reason().strip(), today);
      }
    }
  }

  @Transactional
  void undo(PauseController.ToPause pause) {
    settings.resume(pause.span().from(), pause.span().to(), pause.reason().strip());
    var today = settings.learner().today();
    for (var placed : placements.followed()) {
      var id = id(pause.id(), placed);
      if (placed.decisions().stream().anyMatch(d -> d.id().equals(id))) {
        placements.undo(id, today);
      }
    }
  }

  /** Days that are over stay as they were. */
  private List<PlanChange> changes(PlacedCourse placed, PauseController.Span span) {
    var today = settings.learner().today();
    var from = span.from().isBefore(today) ? today : span.from();
    try {
      return placed.placement().waiting(from, span.to());
    } catch (PlanChangeException e) {
      throw Refusal.badValue(
          "to", span.to(), Message.of("course.cannotWait", "to", span.to(), "why", Message.why(e)));
    }
  }

  private static void check(PauseController.Span span) {
    if (span.to().isBefore(span.from())) {
      throw Refusal.badValue(
          "to",
          span.to(),
          Message.of("course.pauseEndsEarly", "to", span.to(), "from", span.from()));
    }
    if (span.from().plusYears(1).isBefore(span.to())) {
      throw Refusal.badValue("to", span.to(), Message.of("course.pauseTooLong"));
    }
  }

  /** One id for each course, the same whenever it is asked for. */
  private static UUID id(UUID pause, PlacedCourse placed) {
    var both = ByteBuffer.allocate(32);
    for (var one : List.of(pause, placed.id())) {
      both.putLong(one.getMostSignificantBits()).putLong(one.getLeastSignificantBits());
    }
    return UUID.nameUUIDFromBytes(both.array());
  }
}
