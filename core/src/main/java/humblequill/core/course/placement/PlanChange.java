package humblequill.core.course.placement;

import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Names;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * One change of a plan. A placement is its course, its start and its changes in order; weeks are
 * named by their keys, so that a change still means the same week after others moved.
 */
public sealed interface PlanChange {
  /** Keys of the weeks that it changes. */
  Set<String> touches();

  /** Keys of the weeks that it brings in. */
  default Set<String> creates() {
    return Set.of();
  }

  /**
   * The plan after it.
   *
   * @throws IllegalArgumentException if it asks for what cannot be
   */
  Placement applyTo(Placement plan);

  /** What is to be said or kept of it, by its kind. */
  <T> T match(PlanChangeCases<T> cases);

  /** The way of dealing with missed work that it is an instance of, if it is one. */
  default Optional<MissedWork> settles() {
    return Optional.empty();
  }

  /** The dates that it closes because they were missed. */
  default Set<LocalDate> missedDays() {
    return Set.of();
  }

  /** The same with topics and sources as they are called now. */
  default PlanChange called(Names names) {
    return this;
  }

  /** Whether a later change is of the same kind and about the same weeks. */
  default boolean isLike(PlanChange later) {
    return getClass() == later.getClass() && touches().equals(later.touches());
  }

  /** This and a later change like it as one. */
  default PlanChange joinedWith(PlanChange later) {
    return later;
  }

  private static Set<LocalDate> union(Set<LocalDate> some, Set<LocalDate> others) {
    var all = new TreeSet<>(some);
    all.addAll(others);
    return all;
  }

  /**
   * Makes a week longer or shorter.
   *
   * @param days its new length, 1 to {@link PlacedWeek#MAX_DAYS}
   */
  record Stretch(String week, int days) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.with(week, w -> w.withDays(days));
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.stretch(this);
    }
  }

  /** Lets a week last until its work is done, or takes that back. */
  record UntilDone(String week, boolean on) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.with(week, w -> w.lasting(on));
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.untilDone(this);
    }
  }

  /**
   * Takes a week once more, right after it.
   *
   * @param as key of the new week
   */
  record Repeat(String week, String as) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Set<String> creates() {
      return Set.of(as);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.repeating(week, as);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.repeat(this);
    }
  }

  /**
   * Leaves a week out. One that has begun ends on the day before, so that its days so far stay.
   *
   * @param on the open practice day
   */
  record Skip(String week, LocalDate on) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.skipping(week, on);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.skip(this);
    }
  }

  /** Lets two weeks change places, each with its length. */
  record Swap(String week, String other) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week, other);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.swapping(week, other);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.swap(this);
    }
  }

  /**
   * Brings in an empty week.
   *
   * @param before key of the week it stands before
   * @param as its own key
   * @param days its length
   */
  record Empty(String before, String as, int days) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(before);
    }

    @Override
    public Set<String> creates() {
      return Set.of(as);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.withEmptyWeek(before, as, days);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.empty(this);
    }
  }

  /**
   * Brings in weeks from elsewhere.
   *
   * @param before key of the week they stand before
   * @param as key of the first; the others are numbered from it
   * @param weeks what is drawn, one or more
   */
  record Detour(String before, String as, List<CourseWeek> weeks) implements PlanChange {
    public Detour {
      weeks = List.copyOf(weeks);
      if (weeks.isEmpty()) {
        throw new InvalidException(Message.of("course.detourWithoutWeek"));
      }
    }

    @Override
    public Set<String> touches() {
      return Set.of(before);
    }

    @Override
    public Set<String> creates() {
      var keys = new HashSet<String>();
      for (int i = 0; i < weeks.size(); i++) {
        keys.add(keyOf(i));
      }
      return keys;
    }

    String keyOf(int i) {
      return i == 0 ? as : as + "-" + (i + 1);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.detouredBy(this);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.detour(this);
    }

    @Override
    public PlanChange called(Names names) {
      return new Detour(before, as, weeks.stream().map(w -> w.called(names)).toList());
    }
  }

  /** Closes dates of a week and makes it longer by as many: the course waits. */
  record Pause(String week, Set<LocalDate> dates) implements PlanChange {
    public Pause {
      dates = Set.copyOf(dates);
    }

    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.closing(week, dates);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.pause(this);
    }
  }

  /** Missed work under {@link MissedWork#SLIDE}: the dates are closed and come again at the end. */
  record Slide(String week, Set<LocalDate> dates) implements PlanChange {
    public Slide {
      dates = Set.copyOf(dates);
    }

    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.closing(week, dates);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.slide(this);
    }

    @Override
    public Optional<MissedWork> settles() {
      return Optional.of(MissedWork.SLIDE);
    }

    @Override
    public Set<LocalDate> missedDays() {
      return dates;
    }

    @Override
    public PlanChange joinedWith(PlanChange later) {
      return later instanceof Slide slide ? new Slide(week, union(dates, slide.dates)) : later;
    }
  }

  /**
   * Missed work under {@link MissedWork#LET_GO}: the dates are closed, what was due is dropped.
   *
   * @param units units to drop, by exercise
   */
  record LetGo(String week, Set<LocalDate> dates, Map<String, Integer> units)
      implements PlanChange {
    public LetGo {
      dates = Set.copyOf(dates);
      units = Map.copyOf(units);
    }

    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.with(week, w -> w.without(units).withClosed(dates));
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.letGo(this);
    }

    @Override
    public Optional<MissedWork> settles() {
      return Optional.of(MissedWork.LET_GO);
    }

    @Override
    public Set<LocalDate> missedDays() {
      return dates;
    }

    @Override
    public PlanChange joinedWith(PlanChange later) {
      if (!(later instanceof LetGo letGo)) {
        return later;
      }
      var all = new TreeMap<>(units);
      letGo.units.forEach((id, count) -> all.merge(id, count, Integer::sum));
      return new LetGo(week, union(dates, letGo.dates), all);
    }
  }

  /**
   * Leaves out units.
   *
   * @param units units to drop, by exercise; an exercise of which nothing is left is gone
   */
  record Drop(String week, Map<String, Integer> units) implements PlanChange {
    public Drop {
      units = Map.copyOf(units);
    }

    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.with(week, w -> w.without(units));
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.drop(this);
    }
  }

  /**
   * Another pace for one exercise.
   *
   * @param secondsEach seconds a unit, 1 or more
   */
  record Pace(String week, String exercise, int secondsEach) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.with(week, w -> w.paced(exercise, secondsEach));
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.pace(this);
    }
  }

  /**
   * More time: every day of the week that has any minutes has at least so many.
   *
   * @param minutes 1 to 960; 0 takes it back
   */
  record MinutesADay(String week, int minutes) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.with(week, w -> w.withMinutesADay(minutes));
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.minutesADay(this);
    }
  }

  /** One more exercise: a warm-up for a topic, or a drawing to compare with later ones. */
  record Add(String week, Exercise exercise) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.adding(week, exercise);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.add(this);
    }

    @Override
    public PlanChange called(Names names) {
      return new Add(week, exercise.called(names));
    }
  }

  /** What becomes of missed work from now on. */
  record Policy(MissedWork policy) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of();
    }

    @Override
    public Placement applyTo(Placement plan) {
      return plan.withPolicy(policy);
    }

    @Override
    public <T> T match(PlanChangeCases<T> cases) {
      return cases.policy(this);
    }
  }
}
