package humblequill.core.topic.recall;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/** What is asked for today: at most five minutes of it, what waits longest first. */
public final class DueToday {
  /** The most seconds a day. */
  public static final int MOST_SECONDS = 300;

  /** Seconds to draw a plate from memory, to place or name a pin, and for a step of an order. */
  public static final int DRAWING = 180;

  public static final int PIN = 6;
  public static final int STEP = 8;

  private DueToday() {}

  /**
   * Something that can be asked for.
   *
   * @param id names it
   * @param seconds it takes
   */
  public record Item(String id, Asking asking, int seconds) {}

  /**
   * The choice.
   *
   * @param spent seconds that today's asking took already
   */
  public static List<Item> of(List<Item> items, LocalDate today, int spent) {
    var waiting =
        new PriorityQueue<>(
            Comparator.comparing((Item i) -> i.asking().due()).thenComparing(Item::id));
    int least = MOST_SECONDS;
    for (var item : items) {
      if (item.asking().isDue(today)) {
        waiting.add(item);
        least = Math.min(least, item.seconds());
      }
    }
    var chosen = new ArrayList<Item>();
    int left = MOST_SECONDS - spent;
    while (left >= least && !waiting.isEmpty()) {
      var item = waiting.remove();
      if (item.seconds() <= left) {
        chosen.add(item);
        left -= item.seconds();
      }
    }
    return chosen;
  }
}
