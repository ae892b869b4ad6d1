package humblequill.core.shelf;

import humblequill.core.day.entry.Units;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;

/**
 * How far a resource is read: spans of units joined, so that none counts twice.
 *
 * @param spans oldest number first, none touching another
 * @param gaps what lies between them and before, and behind where a total is known
 * @param total how many units there are; empty where nobody told
 */
public record UnitsRead(List<ReadSpan> spans, List<ReadSpan> gaps, OptionalInt total) {
  /** Units from one to another. */
  public record ReadSpan(int from, int to) {
    /** How many. */
    public int count() {
      return to - from + 1;
    }
  }

  /**
   * Joins spans; what lies beyond the total is cut off.
   *
   * @param read spans in any order, of one kind of unit
   */
  public static UnitsRead of(Collection<Units> read, OptionalInt total) {
    int last = total.orElse(Units.MOST);
    var sorted =
        read.stream()
            .filter(u -> u.from() <= last)
            .map(u -> new ReadSpan(u.from(), Math.min(u.to(), last)))
            .sorted(Comparator.comparing(ReadSpan::from).thenComparing(ReadSpan::to))
            .toList();
    var spans = new ArrayList<ReadSpan>();
    for (var span : sorted) {
      var before = spans.isEmpty() ? null : spans.get(spans.size() - 1);
      if (before != null && span.from <= before.to + 1) {
        spans.set(spans.size() - 1, new ReadSpan(before.from, Math.max(before.to, span.to)));
      } else {
        spans.add(span);
      }
    }
    var gaps = new ArrayList<ReadSpan>();
    int next = 1;
    for (var span : spans) {
      if (span.from > next) {
        gaps.add(new ReadSpan(next, span.from - 1));
      }
      next = span.to + 1;
    }
    if (total.isPresent() && next <= last) {
      gaps.add(new ReadSpan(next, last));
    }
    return new UnitsRead(List.copyOf(spans), List.copyOf(gaps), total);
  }

  /** How many units are read. */
  public int count() {
    return spans.stream().mapToInt(ReadSpan::count).sum();
  }

  /** How many are left; empty where nobody told how many there are. */
  public OptionalInt left() {
    return total.isPresent() ? OptionalInt.of(total.getAsInt() - count()) : OptionalInt.empty();
  }

  /** The first unit that is not read, behind the last one that is. */
  public int next() {
    return spans.isEmpty() ? 1 : spans.get(spans.size() - 1).to + 1;
  }
}
