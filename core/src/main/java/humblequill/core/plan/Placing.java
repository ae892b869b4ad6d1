package humblequill.core.plan;

import java.util.Arrays;
import java.util.stream.IntStream;

/** The ways a work is first put on the board. Each returns the units that found no day. */
final class Placing {
  private Placing() {}

  /** As early as it fits. */
  static int early(Board board, int work) {
    return inTurn(board, work, IntStream.range(board.firstDay(work), board.days()).toArray());
  }

  /** As late as it fits. */
  static int late(Board board, int work) {
    int first = board.firstDay(work);
    int last = board.days() - 1;
    return inTurn(
        board, work, IntStream.rangeClosed(first, last).map(d -> first + last - d).toArray());
  }

  /**
   * Day by day as much as fits, in shares of the smallest chunk or more; what cannot be kept in
   * such shares goes where it fits.
   */
  private static int inTurn(Board board, int work, int[] days) {
    int todo = board.work(work).quantity();
    int chunk = Math.min(board.work(work).chunk(), todo);
    for (int day : days) {
      int here = Math.min(todo, board.holds(work, day));
      int lacking = todo == here ? 0 : Math.max(0, chunk - (todo - here));
      if (here - lacking >= chunk) {
        todo -= fill(board, work, day, here - lacking);
      } else if (here >= chunk) {
        todo -= fill(board, work, day, here);
      }
    }
    for (int day : days) {
      todo -= fill(board, work, day, todo);
    }
    gatherChunks(board, work, board.firstDay(work));
    return todo;
  }

  private static int fill(Board board, int work, int day, int most) {
    int here = Math.min(most, board.holds(work, day));
    board.put(work, day, here);
    return here;
  }

  /** In proportion to the room left, then one by one where most is left. */
  static int evenly(Board board, int work) {
    int first = board.firstDay(work);
    var weights = board.left();
    Arrays.fill(weights, 0, Math.min(first, weights.length), 0);
    var wanted = inChunks(board.work(work), weights);
    int todo = board.work(work).quantity();
    for (int day = first; day < board.days(); day++) {
      todo -= fill(board, work, day, Math.min(todo, wanted[day]));
    }
    for (int day = board.roomiestFrom(first); todo > 0; day = board.roomiestFrom(first)) {
      if (day < 0 || board.holds(work, day) == 0) {
        break;
      }
      board.put(work, day, 1);
      todo--;
    }
    gatherChunks(board, work, first);
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
  private static void gatherChunks(Board board, int work, int first) {
    for (int day = board.days() - 1; day >= first; day--) {
      int here = board.units(work, day);
      if (here > 0 && here < board.work(work).chunk()) {
        int neighbour = nearestWithRoom(board, work, day, first);
        if (neighbour >= 0) {
          board.put(work, day, -here);
          board.put(work, neighbour, here);
        }
      }
    }
  }

  private static int nearestWithRoom(Board board, int work, int day, int first) {
    long needed = (long) board.units(work, day) * board.work(work).secondsEach();
    for (int distance = 1; distance < board.days(); distance++) {
      for (int other : new int[] {day - distance, day + distance}) {
        boolean inside = other >= first && other < board.days();
        if (inside && board.units(work, other) > 0 && board.hasRoom(other, needed)) {
          return other;
        }
      }
    }
    return -1;
  }
}
