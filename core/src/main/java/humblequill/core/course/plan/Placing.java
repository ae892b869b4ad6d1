package humblequill.core.course.plan;

import java.util.Arrays;
import java.util.stream.IntStream;

/** The ways a work is first put into the draft. Each returns the units that found no day. */
final class Placing {
  private Placing() {}

  /** As early as it fits. */
  static int early(PlanDraft draft, int work) {
    return inTurn(draft, work, IntStream.range(draft.firstDay(work), draft.days()).toArray());
  }

  /** As late as it fits. */
  static int late(PlanDraft draft, int work) {
    int first = draft.firstDay(work);
    int last = draft.days() - 1;
    return inTurn(
        draft, work, IntStream.rangeClosed(first, last).map(d -> first + last - d).toArray());
  }

  /**
   * Day by day as much as fits, in shares of the smallest chunk or more; what cannot be kept in
   * such shares goes where it fits.
   */
  private static int inTurn(PlanDraft draft, int work, int[] days) {
    int todo = draft.work(work).quantity();
    int chunk = Math.min(draft.work(work).chunk(), todo);
    for (int day : days) {
      int here = Math.min(todo, draft.holds(work, day));
      int lacking = todo == here ? 0 : Math.max(0, chunk - (todo - here));
      if (here - lacking >= chunk) {
        todo -= fill(draft, work, day, here - lacking);
      } else if (here >= chunk) {
        todo -= fill(draft, work, day, here);
      }
    }
    for (int day : days) {
      todo -= fill(draft, work, day, todo);
    }
    gatherChunks(draft, work, draft.firstDay(work));
    return todo;
  }

  private static int fill(PlanDraft draft, int work, int day, int most) {
    int here = Math.min(most, draft.holds(work, day));
    draft.put(work, day, here);
    return here;
  }

  /** In proportion to the room left, then one by one where most is left. */
  static int evenly(PlanDraft draft, int work) {
    int first = draft.firstDay(work);
    var weights = draft.left();
    Arrays.fill(weights, 0, Math.min(first, weights.length), 0);
    var wanted = inChunks(draft.work(work), weights);
    int todo = draft.work(work).quantity();
    for (int day = first; day < draft.days(); day++) {
      todo -= fill(draft, work, day, Math.min(todo, wanted[day]));
    }
    for (int day = draft.roomiestFrom(first); todo > 0; day = draft.roomiestFrom(first)) {
      if (day < 0 || draft.holds(work, day) == 0) {
        break;
      }
      draft.put(work, day, 1);
      todo--;
    }
    gatherChunks(draft, work, first);
    return todo;
  }

  /**
   * Where a share would stay below the smallest chunk, whole chunks are parted instead of single
   * units, and what is left of the quantity goes to the days that have a chunk.
   */
  private static int[] inChunks(Work work, long[] weights) {
    var single = LargestRemainder.apportion(work.quantity(), weights);
    if (Arrays.stream(single).noneMatch(units -> units > 0 && units < work.chunk())) {
      return single;
    }
    int size = Math.min(work.chunk(), work.quantity());
    int chunks = Math.max(1, work.quantity() / work.chunk());
    var counts = LargestRemainder.apportion(chunks, weights);
    var rest =
        LargestRemainder.apportion(
            work.quantity() - chunks * size, Arrays.stream(counts).asLongStream().toArray());
    for (int day = 0; day < counts.length; day++) {
      counts[day] = counts[day] * size + rest[day];
    }
    return counts;
  }

  /** Moves shares below the smallest chunk to the nearest day that has a share and room. */
  private static void gatherChunks(PlanDraft draft, int work, int first) {
    for (int day = draft.days() - 1; day >= first; day--) {
      int here = draft.units(work, day);
      if (here > 0 && here < draft.work(work).chunk()) {
        int neighbour = nearestWithRoom(draft, work, day, first);
        if (neighbour >= 0) {
          draft.put(work, day, -here);
          draft.put(work, neighbour, here);
        }
      }
    }
  }

  private static int nearestWithRoom(PlanDraft draft, int work, int day, int first) {
    long needed = (long) draft.units(work, day) * draft.work(work).secondsEach();
    for (int distance = 1; distance < draft.days(); distance++) {
      for (int other : new int[] {day - distance, day + distance}) {
        boolean inside = other >= first && other < draft.days();
        if (inside && draft.units(work, other) > 0 && draft.hasRoom(other, needed)) {
          return other;
        }
      }
    }
    return -1;
  }
}
