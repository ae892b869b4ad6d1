package humblequill.server.course.placement;

import humblequill.core.course.Course;
import humblequill.core.course.placement.Decision;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Names;
import humblequill.server.course.CourseFormat;
import humblequill.server.course.CourseWeeks;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the placements of courses, with every decision about their plans. */
@Service
public class PlacementService {
  private static final int FIRST_YEAR = 1970;
  private static final int LAST_YEAR = 2200;

  private final PlacementRepository repository;
  private final PlanChangeRepository changes;
  private final CourseWeeks library;
  private final CourseFormat format;
  private final NameService names;
  private final Clock clock;

  /** A placement's document never changes, so each is read once. */
  private final Map<UUID, Course> courseOf = new ConcurrentHashMap<>();

  private final Remembered<List<Stored>> stored;
  private final Derived<Placed> placed = new Derived<>();

  /** A placement as it stands in the database, and whether it is followed. */
  private record Stored(
      UUID id,
      Course course,
      LocalDate start,
      boolean side,
      int weight,
      LocalDate settledUntil,
      List<Decision> decisions,
      boolean followed) {
    private PlacedCourse placed(Names names) {
      return PlacedCourse.of(
          id,
          course.called(names),
          start,
          side,
          weight,
          settledUntil,
          decisions.stream().map(d -> called(d, names)).toList());
    }

    private static Decision called(Decision d, Names names) {
      return new Decision(
          d.id(),
          d.madeOn(),
          d.automatic(),
          d.reason(),
          d.changes().stream().map(change -> change.called(names)).toList(),
          d.undone());
    }
  }

  /** All placements, and those that are followed. */
  private record Placed(List<PlacedCourse> all, List<PlacedCourse> followed) {}

  PlacementService(
      PlacementRepository repository,
      PlanChangeRepository changes,
      CourseWeeks library,
      CourseFormat format,
      NameService names,
      Memory memory,
      Clock clock) {
    this.repository = repository;
    this.changes = changes;
    this.library = library;
    this.format = format;
    this.names = names;
    this.stored =
        memory.remember(
            "courses on the calendar, with their decisions",
            PlacementEntity.class,
            PlanChangeEntity.class);
    this.clock = clock;
  }

  /** The courses that are followed: the main one first, then those beside it. */
  @Transactional(readOnly = true)
  public List<PlacedCourse> followed() {
    return placed().followed();
  }

  /** Every placement there was. */
  @Transactional(readOnly = true)
  public List<PlacedCourse> all() {
    return placed().all();
  }

  private Placed placed() {
    var rows = stored.get(this::read);
    var known = names.names();
    return placed.get(
        List.of(rows, known),
        () -> {
          var all = rows.stream().map(row -> row.placed(known)).toList();
          var followed = rows.stream().filter(Stored::followed).map(Stored::id).toList();
          return new Placed(all, all.stream().filter(p -> followed.contains(p.id())).toList());
        });
  }

  private List<Stored> read() {
    var byPlacement =
        changes.findAllByOrderByPosition().stream()
            .collect(Collectors.groupingBy(c -> c.placementId));
    return repository.findAllByOrderBySideAscPlacedAtAsc().stream()
        .map(e -> stored(e, byPlacement.getOrDefault(e.id, List.of())))
        .toList();
  }

  private Stored stored(PlacementEntity e, List<PlanChangeEntity> made) {
    return new Stored(
        e.id,
        courseOf.computeIfAbsent(e.id, id -> format.stored(e.document).withCheckpoints()),
        e.startDay,
        e.side,
        e.weight,
        e.settledUntil == null ? e.startDay : e.settledUntil,
        made.stream().map(PlacementService::decision).toList(),
        e.endedAt == null);
  }

  private static Decision decision(PlanChangeEntity e) {
    return new Decision(
        e.id, e.madeOn, e.automatic, e.reason, StoredChanges.read(e.changes), e.undoneAt != null);
  }

  /** A placement that is followed. */
  @Transactional(readOnly = true)
  public PlacedCourse need(UUID id) {
    return followed().stream()
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("followedCourse", id));
  }

  /**
   * Lays a course on the calendar. A main course ends the main course before it, a side course the
   * side course; entries stay.
   *
   * @param weight its part of the room where both have work, 1 to 99, against the other's
   */
  @Transactional
  public PlacedCourse place(
      String courseId, LocalDate start, boolean side, int weight, LocalDate today) {
    var parsed = library.need(courseId);
    if (start.getYear() < FIRST_YEAR || start.getYear() > LAST_YEAR) {
      throw Refusal.badValue("start", start, Message.of("course.startWithin", "start", start));
    }
    for (var other : repository.findByEndedAtIsNull()) {
      if (other.side == side) {
        end(other);
      }
    }
    var entity = new PlacementEntity();
    entity.courseId = courseId;
    entity.title = parsed.course().title();
    entity.document = parsed.document();
    entity.startDay = start;
    entity.placedAt = clock.instant();
    entity.side = side;
    entity.weight = weight;
    entity.settledUntil = start.isBefore(today) ? today : start;
    repository.saveAndFlush(entity);
    return need(entity.id);
  }

  /** Changes the parts of the room that courses get beside each other. */
  @Transactional
  public void weigh(Map<UUID, Integer> weights) {
    weights.forEach(
        (id, weight) -> {
          var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("course", id));
          entity.weight = weight;
          repository.saveAndFlush(entity);
        });
  }

  /** Stops following a course; its entries stay. */
  @Transactional
  public void leave(UUID id) {
    repository.findById(id).ifPresent(this::end);
  }

  private void end(PlacementEntity entity) {
    entity.endedAt = clock.instant();
    repository.saveAndFlush(entity);
  }

  /**
   * Keeps a decision.
   *
   * @param id made by the client, so that a retry never changes twice
   */
  @Transactional
  public void change(
      PlacedCourse course,
      UUID id,
      List<PlanChange> made,
      boolean automatic,
      String reason,
      LocalDate today) {
    if (changes.existsById(id)) {
      return;
    }
    var entity = new PlanChangeEntity();
    entity.id = id;
    entity.placementId = course.id();
    entity.position = course.decisions().size();
    entity.madeOn = today;
    entity.madeAt = clock.instant();
    entity.automatic = automatic;
    entity.reason = reason;
    entity.changes = StoredChanges.write(made);
    changes.saveAndFlush(entity);
  }

  /** Remembers up to which day missed work is settled. */
  @Transactional
  public void settled(UUID placement, LocalDate until) {
    repository
        .findById(placement)
        .ifPresent(
            entity -> {
              entity.settledUntil = until;
              repository.saveAndFlush(entity);
            });
  }

  /** Takes a decision back. */
  @Transactional
  public void undo(UUID decisionId, LocalDate today) {
    var entity =
        changes.findById(decisionId).orElseThrow(() -> Refusal.notFound("change", decisionId));
    if (entity.undoneAt != null) {
      return;
    }
    var course = need(entity.placementId);
    var decision =
        course.decisions().stream()
            .filter(d -> d.id().equals(decisionId))
            .findFirst()
            .orElseThrow();
    course.whyKept(decision, today).ifPresent(PlacementService::refuse);
    entity.undoneAt = clock.instant();
    changes.saveAndFlush(entity);
  }

  private static void refuse(PlacedCourse.Kept why) {
    var reason =
        switch (why) {
          case UNDONE -> Message.of("course.takenBack");
          case BUILT_ON -> Message.of("course.builtOn");
          case OVER -> Message.of("course.movedDaysOver");
        };
    throw Refusal.conflict("built-on", Message.of("course.notTakenBack", "why", reason));
  }
}
