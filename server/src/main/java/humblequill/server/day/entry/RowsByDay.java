package humblequill.server.day.entry;

import java.time.LocalDate;
import java.util.List;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Rows of entries by their day, each day's in the order in which they are read. Days that were
 * written to are read again, each by itself: a question for several days at once is put together
 * and understood anew each time.
 *
 * @param all reads all rows
 * @param on reads those of a day
 * @param day the day of a row
 */
record RowsByDay<R>(
    Supplier<List<R>> all, Function<LocalDate, List<R>> on, Function<R, LocalDate> day) {
  /** From so many days on it is quicker to read all. */
  private static final int MANY = 100;

  /** All rows. */
  NavigableMap<LocalDate, List<R>> read() {
    return all.get().stream()
        .collect(Collectors.groupingBy(day, TreeMap::new, Collectors.toUnmodifiableList()));
  }

  /** What is held, with some days read again; each day's rows that stay are the very same list. */
  NavigableMap<LocalDate, List<R>> again(NavigableMap<LocalDate, List<R>> held, Set<Object> days) {
    if (days.size() >= MANY) {
      return read();
    }
    var changed = new TreeMap<>(held);
    for (var written : days) {
      var rows = on.apply((LocalDate) written);
      if (rows.isEmpty()) {
        changed.remove(written);
      } else {
        changed.put((LocalDate) written, List.copyOf(rows));
      }
    }
    return changed;
  }
}
