package humblequill.core.course.placement;

import humblequill.core.course.Course;
import humblequill.core.course.Exercise;
import humblequill.core.day.entry.Done;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A course that is or was followed, with its story: what was decided about its plan, oldest first.
 * The plan is the course at its start with every decision that stands.
 *
 * @param id of the placement; entries refer to it
 * @param placement the plan as it stands
 * @param side whether it is followed beside a main course
 * @param weight its part of the room where both have work, against the other's weight, 1 or more
 * @param settledUntil first day whose missed work was not settled yet
 */
public record PlacedCourse(
    UUID id,
    Placement placement,
    boolean side,
    int weight,
    LocalDate settledUntil,
    List<Decision> decisions) {
  /** Why a decision cannot be taken back. */
  public enum Kept {
    /** It is taken back already. */
    UNDONE,
    /** A later decision builds on it. */
    BUILT_ON,
    /** Days that it moved are over. */
    OVER
  }

  public PlacedCourse {
    decisions = List.copyOf(decisions);
    if (weight < 1) {
      throw new InvalidException(Message.of("course.weightWithin", "weight", weight));
    }
  }

  /** A course as its decisions made it. */
  public static PlacedCourse of(
      UUID id,
      Course course,
      LocalDate start,
      boolean side,
      int weight,
      LocalDate settledUntil,
      List<Decision> decisions) {
    return new PlacedCourse(
        id, folded(Placement.of(course, start), decisions), side, weight, settledUntil, decisions);
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

  private Placement begin() {
    return Placement.of(placement.course(), placement.start());
  }

  /**
   * Courses in the order in which they concern the learner on a day: those that run, then those to
   * come, then those that are over. Among equals the order stays as it was.
   */
  public static List<PlacedCourse> inFrontFirst(List<PlacedCourse> followed, LocalDate day) {
    return followed.stream()
        .sorted(
            Comparator.comparing((PlacedCourse p) -> p.placement().end().isBefore(day))
                .thenComparing(p -> p.placement().start().isAfter(day)))
        .toList();
  }

  /** The same with another plan. */
  public PlacedCourse on(Placement other) {
    return new PlacedCourse(id, other, side, weight, settledUntil, decisions);
  }

  /** The plan as it was before and after each decision, oldest first: one more than decisions. */
  public List<Placement> story() {
    var plan = begin();
    var plans = new ArrayList<>(List.of(plan));
    for (var decision : decisions) {
      plan = folded(plan, List.of(decision));
      plans.add(plan);
    }
    return plans;
  }

  /**
   * The plan as it would be without a decision.
   *
   * @throws PlanChangeException if a later one builds on it
   */
  public Placement without(Decision decision) {
    return folded(begin(), decisions.stream().filter(d -> !d.equals(decision)).toList());
  }

  /**
   * Why a decision cannot be taken back; empty when it can.
   *
   * @param today days before it must stay as they were
   */
  public Optional<Kept> whyKept(Decision decision, LocalDate today) {
    if (decision.undone()) {
      return Optional.of(Kept.UNDONE);
    }
    var later = decisions.subList(decisions.indexOf(decision) + 1, decisions.size());
    if (later.stream().anyMatch(d -> !d.undone() && decision.isBuiltOnBy(d))) {
      return Optional.of(Kept.BUILT_ON);
    }
    try {
      return without(decision).samePast(placement, today)
          ? Optional.empty()
          : Optional.of(Kept.OVER);
    } catch (PlanChangeException e) {
      return Optional.of(Kept.BUILT_ON);
    }
  }

  /** What was done of the exercises of this plan. */
  public Done done(Ledger ledger) {
    var byExercise = new HashMap<String, List<Drawn>>();
    for (var drawn : ledger.of(id)) {
      drawn
          .exercise()
          .ifPresent(e -> byExercise.computeIfAbsent(e, x -> new ArrayList<>()).add(drawn));
    }
    var done = new HashMap<String, Tally>();
    byExercise.forEach(
        (exerciseId, drawn) ->
            placement
                .exercise(exerciseId)
                .ifPresent(exercise -> done.put(exerciseId, units(exercise, drawn))));
    return new Done(Map.copyOf(done));
  }

  private static Tally units(Exercise exercise, List<Drawn> drawn) {
    return Tally.sum(drawn, Drawn::day, d -> exercise.unitsIn(d.drawings(), d.minutesTold()));
  }
}
