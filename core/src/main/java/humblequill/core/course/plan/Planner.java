package humblequill.core.course.plan;

import humblequill.core.course.Exercise;
import java.util.ArrayList;
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
    var waiting = new Waiting(works);
    var draft = new PlanDraft(works, days, waiting);
    var placing = placingOrder(works, waiting);
    placing.forEach(work -> place(draft, work));
    placing.forEach(work -> Repair.of(draft, work));
    return SpreadOfDraft.read(draft, order);
  }

  /**
   * Awaited work first (each after what it waits for itself), then what waits, then the rest;
   * pinned work before work that may stand on any day, longer units before shorter ones, since they
   * are harder to fit.
   */
  private static List<Integer> placingOrder(List<Work> works, Waiting waiting) {
    var order = new ArrayList<Integer>();
    for (int i = 0; i < works.size(); i++) {
      order.add(i);
    }
    order.sort(
        Comparator.comparingInt(waiting::turn)
            .thenComparing(i -> works.get(i).on().isPresent() ? 0 : 1)
            .thenComparing(i -> -works.get(i).secondsEach()));
    return order;
  }

  private static void place(PlanDraft draft, int work) {
    var on = draft.work(work).on();
    if (draft.isAwaited(work) || on.equals(Optional.of(Exercise.Pinned.FIRST_DAY))) {
      draft.setUnplaced(work, Placing.early(draft, work));
    } else if (on.isPresent()) {
      draft.setUnplaced(work, Placing.late(draft, work));
    } else {
      draft.setUnplaced(work, Placing.evenly(draft, work));
    }
  }

  /** Which work waits for which, and in what turn it is placed. */
  static final class Waiting {
    private final int[] waitsFor;
    private final int[] depth;
    private final HashSet<Integer> awaited = new HashSet<>();

    private Waiting(List<Work> works) {
      var index = indexById(works);
      waitsFor = new int[works.size()];
      depth = new int[works.size()];
      for (int i = 0; i < works.size(); i++) {
        waitsFor[i] = works.get(i).after().map(id -> index.getOrDefault(id, -1)).orElse(-1);
      }
      for (int i = 0; i < works.size(); i++) {
        for (int next = waitsFor[i]; next >= 0; next = waitsFor[next]) {
          if (++depth[i] > works.size()) {
            throw new IllegalArgumentException(
                "\"after\" runs in a circle at " + works.get(i).id());
          }
          awaited.add(next);
        }
      }
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

    /** The work that another waits for, or −1. */
    int waitsFor(int work) {
      return waitsFor[work];
    }

    boolean isAwaited(int work) {
      return awaited.contains(work);
    }

    private int turn(int work) {
      if (isAwaited(work)) {
        return depth[work];
      }
      return depth[work] > 0 ? depth.length : depth.length + 1;
    }
  }
}
