package humblequill.server.course;

import humblequill.core.course.Course;
import humblequill.core.course.Placement;
import humblequill.core.course.PlanChange;
import humblequill.core.course.PlanChangeException;
import humblequill.server.data.Remembered;
import humblequill.server.edge.Refusal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the placements of the courses that are followed, with every change of their plans. */
@Service
public class CourseService {
  private final PlacementRepository repository;
  private final PlanChangeRepository changes;
  private final CourseLibrary library;
  private final CourseFormat format;
  private final Clock clock;

  /** A placement's document never changes, so each is read once. */
  private final Map<UUID, Course> courseOf = new ConcurrentHashMap<>();

  /** Every placement with its folded plan: every page and every written entry needs them. */
  private final Remembered<List<Kept>> known = new Remembered<>();

  /** A placement, and whether it is followed. */
  private record Kept(PlacedCourse placed, boolean followed) {}

  CourseService(
      PlacementRepository repository,
      PlanChangeRepository changes,
      CourseLibrary library,
      CourseFormat format,
      Clock clock) {
    this.repository = repository;
    this.changes = changes;
    this.library = library;
    this.format = format;
    this.clock = clock;
  }

  /** The courses that are followed: the main one first, then those beside it. */
  @Transactional(readOnly = true)
  public List<PlacedCourse> followed() {
    return kept().stream().filter(Kept::followed).map(Kept::placed).toList();
  }

  private List<Kept> kept() {
    return known.get(this::read);
  }

  private List<Kept> read() {
    var byPlacement =
        changes.findAllByOrderByPosition().stream()
            .collect(Collectors.groupingBy(c -> c.placementId));
    return repository.findAllByOrderBySideAscPlacedAtAsc().stream()
        .map(e -> new Kept(placed(e, byPlacement.getOrDefault(e.id, List.of())), e.endedAt == null))
        .toList();
  }

  /** The main course, if any. */
  @Transactional(readOnly = true)
  public Optional<PlacedCourse> current() {
    return followed().stream().findFirst();
  }

  /** A placement that is followed. */
  @Transactional(readOnly = true)
  public PlacedCourse need(UUID id) {
    return followed().stream()
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("course that you follow with the id", id));
  }

  /** Every placement there was. */
  @Transactional(readOnly = true)
  public List<PlacedCourse> all() {
    return kept().stream().map(Kept::placed).toList();
  }

  private PlacedCourse placed(PlacementEntity entity, List<PlanChangeEntity> made) {
    var course =
        courseOf.computeIfAbsent(entity.id, id -> format.stored(entity.document).withCheckpoints());
    var decisions = made.stream().map(CourseService::decision).toList();
    return new PlacedCourse(
        entity.id,
        folded(Placement.of(course, entity.startDay), decisions),
        entity.side,
        entity.weight,
        entity.settledUntil == null ? entity.startDay : entity.settledUntil,
        decisions);
  }

  private static Decision decision(PlanChangeEntity e) {
    return new Decision(
        e.id, e.madeOn, e.automatic, e.reason, ChangeFormat.read(e.changes), e.undoneAt != null);
  }

  private static Placement folded(Placement begin, List<Decision> decisions) {
    var plan = begin;
    for (var decision : decisions) {
      if (!decision.undone()) {
        for (var change : decision.changes()) {
          plan = plan.after(change);
        }
      }
    }
    return plan;
  }

  /** The plan as it was before and after each decision that stands, oldest first. */
  public List<Placement> story(PlacedCourse placed) {
    var plan = Placement.of(placed.placement().course(), placed.placement().start());
    var plans = new ArrayList<>(List.of(plan));
    for (var decision : placed.decisions()) {
      if (!decision.undone()) {
        plan = folded(plan, List.of(decision));
      }
      plans.add(plan);
    }
    return plans;
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
    known.changed();
    var parsed = library.find(courseId).orElseThrow(() -> Refusal.notFound("course", courseId));
    if (start.getYear() < 1970 || start.getYear() > 2200) {
      throw Refusal.badValue(
          "start", start, "A course starts between 1970 and 2200, not on " + start + ".");
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
    return placed(repository.saveAndFlush(entity), List.of());
  }

  /** Changes the part of the room that a course gets beside another. */
  @Transactional
  public void weigh(UUID id, int weight) {
    known.changed();
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("course", id));
    entity.weight = weight;
    repository.saveAndFlush(entity);
  }

  /** Stops following a course; its entries stay. */
  @Transactional
  public void leave(UUID id) {
    known.changed();
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
      PlacedCourse placed,
      UUID id,
      List<PlanChange> made,
      boolean automatic,
      String reason,
      LocalDate today) {
    if (changes.existsById(id)) {
      return;
    }
    known.changed();
    var entity = new PlanChangeEntity();
    entity.id = id;
    entity.placementId = placed.id();
    entity.position = placed.decisions().size();
    entity.madeOn = today;
    entity.madeAt = clock.instant();
    entity.automatic = automatic;
    entity.reason = reason;
    entity.changes = ChangeFormat.write(made);
    changes.saveAndFlush(entity);
  }

  /** Remembers up to which day missed work is settled. */
  @Transactional
  public void settled(UUID placement, LocalDate until) {
    known.changed();
    repository
        .findById(placement)
        .ifPresent(
            entity -> {
              entity.settledUntil = until;
              repository.saveAndFlush(entity);
            });
  }

  /**
   * Why a decision cannot be taken back; empty when it can.
   *
   * @param today days before it must stay as they were
   */
  public Optional<String> whyNotUndone(PlacedCourse placed, Decision decision, LocalDate today) {
    if (decision.undone()) {
      return Optional.of("it is taken back already");
    }
    int at = placed.decisions().indexOf(decision);
    for (var later : placed.decisions().subList(at + 1, placed.decisions().size())) {
      if (!later.undone() && decision.isBuiltOnBy(later)) {
        return Optional.of("a later change builds on it; take that back first");
      }
    }
    try {
      return without(placed, decision).samePast(placed.placement(), today)
          ? Optional.empty()
          : Optional.of("days that it moved are over");
    } catch (PlanChangeException e) {
      return Optional.of("a later change builds on it; take that back first");
    }
  }

  /**
   * The plan as it would be without a decision.
   *
   * @throws PlanChangeException if a later one builds on it
   */
  public Placement without(PlacedCourse placed, Decision decision) {
    var others = placed.decisions().stream().filter(d -> !d.equals(decision)).toList();
    return folded(Placement.of(placed.placement().course(), placed.placement().start()), others);
  }

  /** Takes a decision back. */
  @Transactional
  public void undo(UUID decisionId, LocalDate today) {
    var entity =
        changes.findById(decisionId).orElseThrow(() -> Refusal.notFound("change", decisionId));
    if (entity.undoneAt != null) {
      return;
    }
    var placed = need(entity.placementId);
    var decision =
        placed.decisions().stream()
            .filter(d -> d.id().equals(decisionId))
            .findFirst()
            .orElseThrow();
    whyNotUndone(placed, decision, today)
        .ifPresent(
            why -> {
              throw Refusal.conflict("built-on", "This change cannot be taken back: " + why + ".");
            });
    known.changed();
    entity.undoneAt = clock.instant();
    changes.saveAndFlush(entity);
  }
}
