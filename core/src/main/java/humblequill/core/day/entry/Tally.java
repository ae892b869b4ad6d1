package humblequill.core.day.entry;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/**
 * Counts by practice day: minutes drawn, units of an exercise, units of a promise. A day may be
 * there with a count of 0, as a day with entries of unknown length is.
 *
 * @param byDay each count 0 or more
 */
public record Tally(SortedMap<LocalDate, Integer> byDay) {
  /** Nothing on any day. */
  public static final Tally NONE = new Tally(new TreeMap<>());

  public Tally {
    if (byDay.values().stream().anyMatch(count -> count < 0)) {
      throw new IllegalArgumentException("a count is 0 or more, was " + byDay);
    }
    byDay = Collections.unmodifiableSortedMap(new TreeMap<>(byDay));
  }

  /** The same counts. */
  public static Tally of(Map<LocalDate, Integer> byDay) {
    return new Tally(new TreeMap<>(byDay));
  }

  /** The sum over all things of a day, day by day; sums stop at the largest number there is. */
  public static <T> Tally sum(
      Collection<T> things, Function<T, LocalDate> day, ToIntFunction<T> count) {
    var sums = new TreeMap<LocalDate, Integer>();
    things.forEach(thing -> sums.merge(day.apply(thing), count.applyAsInt(thing), Tally::add));
    return new Tally(sums);
  }

  /** The counts of both. */
  public Tally plus(Tally other) {
    var sums = new TreeMap<>(byDay);
    other.byDay.forEach((day, count) -> sums.merge(day, count, Tally::add));
    return new Tally(sums);
  }

  /** Without the days on which nothing was counted. */
  public Tally withoutZeros() {
    var counted = new TreeMap<>(byDay);
    counted.values().removeIf(count -> count == 0);
    return new Tally(counted);
  }

  static int add(int a, int b) {
    return (int) Math.min(Integer.MAX_VALUE, (long) a + b);
  }

  private static int total(SortedMap<LocalDate, Integer> counts) {
    return counts.values().stream().reduce(0, Tally::add);
  }

  /** The count of a day, 0 without one. */
  public int on(LocalDate day) {
    return byDay.getOrDefault(day, 0);
  }

  /** Whether a day is there, be it with a count of 0. */
  public boolean has(LocalDate day) {
    return byDay.containsKey(day);
  }

  /** All counts before a day together. */
  public int before(LocalDate day) {
    return total(byDay.headMap(day));
  }

  /** All counts from one day to another, both included, together. */
  public int between(LocalDate from, LocalDate to) {
    return to.isBefore(from) ? 0 : total(byDay.subMap(from, to.plusDays(1)));
  }

  /** All counts together. */
  public int total() {
    return total(byDay);
  }

  /** The first day with a count above 0. */
  public Optional<LocalDate> firstDay() {
    return byDay.entrySet().stream()
        .filter(e -> e.getValue() > 0)
        .map(Map.Entry::getKey)
        .findFirst();
  }
}
