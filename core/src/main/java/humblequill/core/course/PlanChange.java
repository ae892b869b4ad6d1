package humblequill.core.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

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
   * Makes a week longer or shorter.
   *
   * @param days its new length, 1 to {@link PlacedWeek#MAX_DAYS}
   */
  record Stretch(String week, int days) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }
  }

  /** Lets a week last until its work is done, or takes that back. */
  record UntilDone(String week, boolean on) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
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
  }

  /** Lets two weeks change places, each with its length. */
  record Swap(String week, String other) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week, other);
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
        throw new IllegalArgumentException("a detour has at least one week");
      }
    }

    @Override
    public Set<String> touches() {
      return Set.of(before);
    }

    @Override
    public Set<String> creates() {
      var keys = new java.util.HashSet<String>();
      for (int i = 0; i < weeks.size(); i++) {
        keys.add(keyOf(i));
      }
      return keys;
    }

    String keyOf(int i) {
      return i == 0 ? as : as + "-" + (i + 1);
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
  }

  /** One more exercise: a warm-up for a topic, or a drawing to compare with later ones. */
  record Add(String week, Exercise exercise) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of(week);
    }
  }

  /** What becomes of missed work from now on. */
  record Policy(MissedWork policy) implements PlanChange {
    @Override
    public Set<String> touches() {
      return Set.of();
    }
  }
}
