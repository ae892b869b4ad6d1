package humblequill.core.course.plan;

import java.util.List;

/**
 * A plan in the making: units by work and day, and the room left. What may stand where is asked
 * here, constraint by constraint; how units get there is the business of {@link Placing} and {@link
 * Repair}.
 */
final class PlanDraft {
  private final List<Work> works;
  private final List<DayRoom> days;
  private final Planner.Waiting waiting;
  private final int[][] units;
  private final int[] unplaced;
  private final long[] left;

  PlanDraft(List<Work> works, List<DayRoom> days, Planner.Waiting waiting) {
    this.works = works;
    this.days = days;
    this.waiting = waiting;
    units = new int[works.size()][days.size()];
    unplaced = new int[works.size()];
    left = days.stream().mapToLong(DayRoom::effectiveSeconds).toArray();
  }

  int works() {
    return works.size();
  }

  int days() {
    return days.size();
  }

  Work work(int work) {
    return works.get(work);
  }

  DayRoom day(int day) {
    return days.get(day);
  }

  int units(int work, int day) {
    return units[work][day];
  }

  int unplaced(int work) {
    return unplaced[work];
  }

  void setUnplaced(int work, int count) {
    unplaced[work] = count;
  }

  boolean isAwaited(int work) {
    return waiting.isAwaited(work);
  }

  /** Seconds left on every day. */
  long[] left() {
    return left.clone();
  }

  long left(int day) {
    return left[day];
  }

  /** Constraint: no day is given more than its room. */
  boolean hasRoom(int day, long seconds) {
    return left[day] >= seconds;
  }

  /** Whole units of a work that the room left on a day holds. */
  int holds(int work, int day) {
    return (int) Math.min(Integer.MAX_VALUE, left[day] / works.get(work).secondsEach());
  }

  /** Puts units on a day, or takes them off where the count is negative. */
  void put(int work, int day, int count) {
    units[work][day] += count;
    left[day] -= (long) count * works.get(work).secondsEach();
  }

  /**
   * Constraint: work has no share before the day on which what it waits for is done.
   *
   * @return the first day it may stand on; past the last one when what it waits for has no day
   */
  int firstDay(int work) {
    int other = waiting.waitsFor(work);
    if (other < 0) {
      return 0;
    }
    if (unplaced[other] > 0) {
      return days.size();
    }
    return works.get(other).quantity() == 0 ? firstDay(other) : lastShare(other);
  }

  /**
   * Constraint: awaited work does not end later than what waits for it relies on.
   *
   * @return one past the last day it may stand on
   */
  int endDay(int work) {
    return isAwaited(work) && unplaced[work] == 0 ? lastShare(work) + 1 : days.size();
  }

  private int lastShare(int work) {
    int last = 0;
    for (int day = 0; day < days.size(); day++) {
      last = units[work][day] > 0 ? day : last;
    }
    return last;
  }

  /**
   * The day from a first one on that has most room left; ties go to the earlier; −1 without any.
   */
  int roomiestFrom(int first) {
    int best = -1;
    for (int day = first; day < days.size(); day++) {
      if (best < 0 || left[day] > left[best]) {
        best = day;
      }
    }
    return best;
  }
}
