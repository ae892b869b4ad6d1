package humblequill.core.plan;

import humblequill.core.course.Exercise;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Spreads work over days. Deterministic: the same input gives the same plan.
 *
 * <ul>
 *   <li>A quantity is parted in proportion to the room that is left on its days, by the
 *       largest-remainder method, in whole units; ties go to the earlier day.
 *   <li>Work that other work waits for comes as early as it fits, so that what follows keeps the
 *       rest of the days.
 *   <li>Work pinned to the first or the last day comes as early or as late as it fits.
 *   <li>A share below the smallest chunk moves to the nearest day with a share of the same work and
 *       room for it.
 *   <li>No day is given more than its room; single units are moved to make the rest fit, and what
 *       still does not fit is reported.
 * </ul>
 *
 * <p>Where no single unit takes more than a part p of its smallest day's room and the work is at
 * most 1 − p of all room, everything fits: a unit is only left over when every day has less than
 * one unit free. Common practice, no published source.
 */
public final class Planner {
  private Planner() {}

  /**
   * Spreads the work.
   *
   * @param works the work, each with its own id; "after" names another id in the list or work
   *     already done
   * @param days the days, in order of date
   * @param order order of work within a day
   * @throws IllegalArgumentException if ids repeat or "after" runs in a circle
   */
  public static Spread spread(List<Work> works, List<DayRoom> days, DayOrder order) {
    var board = new Board(works, days);
    var placing = placingOrder(works);
    placing.forEach(board::place);
    placing.forEach(board::repair);
    return board.result(order);
  }

  /**
   * Awaited work first (each after what it waits for itself), then what waits, then the rest;
   * longer units before shorter ones, since they are harder to fit.
   */
  private static List<Integer> placingOrder(List<Work> works) {
    var index = indexById(works);
    var awaited = new HashSet<Integer>();
    var depth = new int[works.size()];
    for (int i = 0; i < works.size(); i++) {
      int steps = 0;
      for (var next = awaitedBy(works, index, i);
          next != null;
          next = awaitedBy(works, index, next)) {
        if (++steps > works.size()) {
          throw new IllegalArgumentException("\"after\" runs in a circle at " + works.get(i).id());
        }
        awaited.add(next);
      }
      depth[i] = steps;
    }
    var order = new ArrayList<Integer>();
    for (int i = 0; i < works.size(); i++) {
      order.add(i);
    }
    order.sort(
        Comparator.comparingInt(
                (Integer i) ->
                    awaited.contains(i) ? depth[i] : depth[i] > 0 ? works.size() : works.size() + 1)
            .thenComparing(i -> works.get(i).on().isPresent() ? 0 : 1)
            .thenComparing(i -> -works.get(i).secondsEach()));
    return order;
  }

  private static Integer awaitedBy(List<Work> works, Map<String, Integer> index, int i) {
    return works.get(i).after().map(index::get).orElse(null);
  }

  private static Map<String, Integer> indexById(List<Work> works) {
    var index = new HashMap<String, Integer>();
    for (int i = 0; i < works.size(); i++) {
      if (index.put(works.get(i).id(), i) != null) {
        throw new IllegalArgumentException("work " + works.get(i).id() + " is given twice");
      }
    }
    return index;
  }

  /** The plan in the making: units per work and day, and the room left. */
  private static final class Board {
    private final List<Work> works;
    private final List<DayRoom> days;
    private final int[][] units;
    private final int[] unplaced;
    private final long[] left;
    private final int[] waitsFor;
    private final boolean[] awaited;

    private Board(List<Work> works, List<DayRoom> days) {
      this.works = works;
      this.days = days;
      units = new int[works.size()][days.size()];
      unplaced = new int[works.size()];
      left = days.stream().mapToLong(DayRoom::effectiveSeconds).toArray();
      waitsFor = new int[works.size()];
      awaited = new boolean[works.size()];
      var index = indexById(works);
      for (int i = 0; i < works.size(); i++) {
        var other = awaitedBy(works, index, i);
        waitsFor[i] = other == null ? -1 : other;
        if (other != null) {
          awaited[other] = true;
        }
      }
    }

    private void place(int work) {
      int first = firstDay(work);
      var on = works.get(work).on();
      if (awaited[work] || on.equals(Optional.of(Exercise.Pinned.FIRST_DAY))) {
        placeEarly(work, first);
      } else if (on.isPresent()) {
        placeLate(work, first);
      } else {
        placeEvenly(work, first);
        gatherChunks(work, first);
      }
    }

    private void placeEarly(int work, int first) {
      int todo = works.get(work).quantity();
      for (int day = first; day < days.size() && todo > 0; day++) {
        int here = (int) Math.min(todo, left[day] / works.get(work).secondsEach());
        put(work, day, here);
        todo -= here;
      }
      unplaced[work] = todo;
    }

    private void placeLate(int work, int first) {
      int todo = works.get(work).quantity();
      for (int day = days.size() - 1; day >= first && todo > 0; day--) {
        int here = (int) Math.min(todo, left[day] / works.get(work).secondsEach());
        put(work, day, here);
        todo -= here;
      }
      unplaced[work] = todo;
    }

    private void placeEvenly(int work, int first) {
      int each = works.get(work).secondsEach();
      int todo = works.get(work).quantity();
      var weights = left.clone();
      for (int day = 0; day < Math.min(first, weights.length); day++) {
        weights[day] = 0;
      }
      var parts = inChunks(LargestRemainder.apportion(todo, weights), weights, works.get(work));
      for (int day = first; day < days.size(); day++) {
        int here = (int) Math.min(parts[day], left[day] / each);
        put(work, day, here);
        todo -= here;
      }
      while (todo > 0) {
        int roomiest = roomiestFrom(first);
        if (roomiest < 0 || left[roomiest] < each) {
          break;
        }
        put(work, roomiest, 1);
        todo--;
      }
      unplaced[work] = todo;
    }

    /**
     * Where a share would stay below the smallest chunk, whole chunks are parted instead of single
     * units, and what is left of the quantity goes to the days that have a chunk.
     */
    private static int[] inChunks(int[] parts, long[] weights, Work work) {
      if (Arrays.stream(parts).noneMatch(part -> part > 0 && part < work.chunk())) {
        return parts;
      }
      int chunks = Math.max(1, work.quantity() / work.chunk());
      int size = Math.min(work.chunk(), work.quantity());
      var counts = LargestRemainder.apportion(chunks, weights);
      var rest =
          LargestRemainder.apportion(
              work.quantity() - chunks * size, Arrays.stream(counts).asLongStream().toArray());
      for (int day = 0; day < counts.length; day++) {
        counts[day] = counts[day] * size + rest[day];
      }
      return counts;
    }

    private int roomiestFrom(int first) {
      int best = -1;
      for (int day = first; day < days.size(); day++) {
        if (best < 0 || left[day] > left[best]) {
          best = day;
        }
      }
      return best;
    }

    private void gatherChunks(int work, int first) {
      int chunk = works.get(work).chunk();
      for (int day = days.size() - 1; day >= first; day--) {
        int here = units[work][day];
        if (here > 0 && here < chunk) {
          int neighbour = nearestWithRoom(work, day, first);
          if (neighbour >= 0) {
            put(work, day, -here);
            put(work, neighbour, here);
          }
        }
      }
    }

    private int nearestWithRoom(int work, int day, int first) {
      long needed = (long) units[work][day] * works.get(work).secondsEach();
      for (int distance = 1; distance < days.size(); distance++) {
        for (int other : new int[] {day - distance, day + distance}) {
          if (other >= first
              && other < days.size()
              && units[work][other] > 0
              && left[other] >= needed) {
            return other;
          }
        }
      }
      return -1;
    }

    /** Moves single units of other work out of the way as long as that lets a left-over unit in. */
    private void repair(int work) {
      while (unplaced[work] > 0 && makeRoom(work)) {
        unplaced[work]--;
      }
    }

    private boolean makeRoom(int work) {
      for (int day = firstDay(work); day < lastDay(work); day++) {
        if (clear(day, works.get(work).secondsEach(), work)) {
          put(work, day, 1);
          return true;
        }
      }
      return false;
    }

    private boolean clear(int day, int seconds, int forWork) {
      var moved = new ArrayList<int[]>();
      while (left[day] < seconds) {
        var move = smallestMove(day, forWork);
        if (move == null) {
          moved.forEach(m -> shift(m[0], m[2], m[1]));
          return false;
        }
        shift(move[0], move[1], move[2]);
        moved.add(move);
      }
      return true;
    }

    /** The shortest unit that can leave the day for another: {work, from, to}, or null. */
    private int[] smallestMove(int day, int forWork) {
      int[] best = null;
      for (int work = 0; work < works.size(); work++) {
        int each = works.get(work).secondsEach();
        if (work == forWork
            || works.get(work).on().isPresent()
            || units[work][day] == 0
            || (best != null && each >= works.get(best[0]).secondsEach())) {
          continue;
        }
        for (int to = firstDay(work); to < lastDay(work); to++) {
          if (to != day && left[to] >= each) {
            best = new int[] {work, day, to};
            break;
          }
        }
      }
      return best;
    }

    private void shift(int work, int from, int to) {
      put(work, from, -1);
      put(work, to, 1);
    }

    private void put(int work, int day, int count) {
      units[work][day] += count;
      left[day] -= (long) count * works.get(work).secondsEach();
    }

    /** The first day on which a work may stand: the day on which what it waits for is done. */
    private int firstDay(int work) {
      int other = waitsFor[work];
      if (other < 0) {
        return 0;
      }
      if (unplaced[other] > 0) {
        return days.size();
      }
      return works.get(other).quantity() == 0 ? firstDay(other) : lastShare(other);
    }

    private int lastShare(int work) {
      int last = 0;
      for (int day = 0; day < days.size(); day++) {
        last = units[work][day] > 0 ? day : last;
      }
      return last;
    }

    /**
     * One past the last day on which a work may stand; awaited work must not end later than others
     * rely on.
     */
    private int lastDay(int work) {
      return awaited[work] && unplaced[work] == 0 ? lastShare(work) + 1 : days.size();
    }

    private Spread result(DayOrder order) {
      var inOrder = new ArrayList<Integer>();
      for (int i = 0; i < works.size(); i++) {
        inOrder.add(i);
      }
      inOrder.sort(Comparator.comparingInt(i -> order.rank(works.get(i).kind())));
      var plans = new ArrayList<DayPlan>();
      for (int day = 0; day < days.size(); day++) {
        var shares = new ArrayList<Share>();
        for (int work : inOrder) {
          if (units[work][day] > 0) {
            shares.add(share(work, units[work][day]));
          }
        }
        plans.add(new DayPlan(days.get(day).date(), days.get(day).effectiveSeconds(), shares));
      }
      var shortfalls = new ArrayList<Shortfall>();
      for (int work = 0; work < works.size(); work++) {
        if (unplaced[work] > 0) {
          shortfalls.add(
              new Shortfall(
                  works.get(work).id(),
                  unplaced[work],
                  unplaced[work] * works.get(work).secondsEach(),
                  reason(work)));
        }
      }
      long workSeconds = works.stream().mapToLong(Work::seconds).sum();
      long roomSeconds = days.stream().mapToLong(DayRoom::effectiveSeconds).sum();
      return new Spread(plans, shortfalls, workSeconds, roomSeconds);
    }

    private Share share(int work, int count) {
      return new Share(works.get(work).id(), count, count * works.get(work).secondsEach());
    }

    private Shortfall.Reason reason(int work) {
      if (firstDay(work) >= days.size()) {
        return Shortfall.Reason.WAITS_FOR_ANOTHER;
      }
      int each = works.get(work).secondsEach();
      boolean anyLongEnough = days.stream().anyMatch(day -> day.effectiveSeconds() >= each);
      return anyLongEnough ? Shortfall.Reason.NO_ROOM : Shortfall.Reason.UNIT_TOO_LONG;
    }
  }
}
