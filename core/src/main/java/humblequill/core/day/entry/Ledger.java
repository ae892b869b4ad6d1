package humblequill.core.day.entry;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything that was drawn, by day, by exercise and by topic: what planning, promises, streaks,
 * freshness and reviews all count from. Notes by themselves are left out. A ledger does not change;
 * a day that was written to anew makes another one.
 */
public final class Ledger {
  /** Nothing drawn yet. */
  public static final Ledger EMPTY = new Ledger(new TreeMap<>(), Tally.NONE);

  private final NavigableMap<LocalDate, List<Drawn>> byDay;
  private final Tally minutes;
  private volatile Index index;

  private Ledger(NavigableMap<LocalDate, List<Drawn>> byDay, Tally minutes) {
    this.byDay = byDay;
    this.minutes = minutes;
  }

  /** What is looked up by something else than the day; made when it is first asked for. */
  private record Index(
      Map<UUID, List<Drawn>> byPlacement,
      Map<String, List<Drawn>> byBook,
      Map<String, Tally> minutesByTopic,
      int mostDrawings,
      int mostMinutes,
      int size) {

    private static Index of(Collection<List<Drawn>> days) {
      var byPlacement = new HashMap<UUID, List<Drawn>>();
      var byBook = new HashMap<String, List<Drawn>>();
      var byTopic = new HashMap<String, List<Drawn>>();
      int mostDrawings = 0;
      int mostMinutes = 0;
      int size = 0;
      for (var day : days) {
        for (var drawn : day) {
          if (drawn.placement().isPresent()) {
            add(byPlacement, drawn.placement().get(), drawn);
          }
          if (drawn.book().isPresent()) {
            add(byBook, drawn.book().get(), drawn);
          }
          for (var topic : drawn.topics()) {
            add(byTopic, topic, drawn);
          }
          mostDrawings = Math.max(mostDrawings, drawn.drawings().orElse(0));
          mostMinutes = Math.max(mostMinutes, drawn.minutesTold().orElse(0));
          size++;
        }
      }
      var minutesByTopic = new HashMap<String, Tally>();
      byTopic.forEach((topic, drawn) -> minutesByTopic.put(topic, minutesOf(drawn)));
      byPlacement.replaceAll((placement, drawn) -> Collections.unmodifiableList(drawn));
      byBook.replaceAll((book, drawn) -> Collections.unmodifiableList(drawn));
      return new Index(byPlacement, byBook, minutesByTopic, mostDrawings, mostMinutes, size);
    }

    private static <K> void add(Map<K, List<Drawn>> lists, K key, Drawn drawn) {
      lists.computeIfAbsent(key, k -> new ArrayList<>()).add(drawn);
    }

    /**
     * The same where days are written anew; only topics, books and courses that stand on them are
     * looked at.
     *
     * @param before what stood on these days
     * @param after what stands on them now
     * @return empty where everything must be looked at again, as the most of all may be gone
     */
    private Optional<Index> with(Index before, Index after, Set<LocalDate> days) {
      boolean mostIsGone =
          before.mostDrawings == mostDrawings && after.mostDrawings < mostDrawings
              || before.mostMinutes == mostMinutes && after.mostMinutes < mostMinutes;
      if (mostIsGone) {
        return Optional.empty();
      }
      var topics = new HashMap<>(minutesByTopic);
      for (var topic : union(before.minutesByTopic.keySet(), after.minutesByTopic.keySet())) {
        var minutes = new TreeMap<>(topics.getOrDefault(topic, Tally.NONE).byDay());
        minutes.keySet().removeAll(days);
        minutes.putAll(after.minutesByTopic.getOrDefault(topic, Tally.NONE).byDay());
        replace(topics, topic, new Tally(minutes), minutes.isEmpty());
      }
      return Optional.of(
          new Index(
              with(byPlacement, before.byPlacement, after.byPlacement, days),
              with(byBook, before.byBook, after.byBook, days),
              topics,
              Math.max(mostDrawings, after.mostDrawings),
              Math.max(mostMinutes, after.mostMinutes),
              size - before.size + after.size));
    }

    private static <K> Map<K, List<Drawn>> with(
        Map<K, List<Drawn>> all,
        Map<K, List<Drawn>> before,
        Map<K, List<Drawn>> after,
        Set<LocalDate> days) {
      var changed = new HashMap<>(all);
      for (var key : union(before.keySet(), after.keySet())) {
        var drawn = new ArrayList<>(all.getOrDefault(key, List.of()));
        drawn.removeIf(d -> days.contains(d.day()));
        drawn.addAll(after.getOrDefault(key, List.of()));
        drawn.sort(Comparator.comparing(Drawn::day));
        replace(changed, key, Collections.unmodifiableList(drawn), drawn.isEmpty());
      }
      return changed;
    }

    private static <K> Set<K> union(Set<K> some, Set<K> others) {
      var all = new HashSet<>(some);
      all.addAll(others);
      return all;
    }

    private static <K, V> void replace(Map<K, V> all, K key, V value, boolean isNothing) {
      if (isNothing) {
        all.remove(key);
      } else {
        all.put(key, value);
      }
    }
  }

  private static Tally minutesOf(Collection<Drawn> drawn) {
    return Tally.sum(drawn, Drawn::day, d -> d.minutes().minutes());
  }

  private Index index() {
    var made = index;
    if (made == null) {
      made = Index.of(byDay.values());
      index = made;
    }
    return made;
  }

  /** The ledger of entries; those of one day stay in the order given. */
  public static Ledger of(Collection<Drawn> drawn) {
    return EMPTY.with(drawn.stream().map(Drawn::day).collect(Collectors.toSet()), drawn);
  }

  /** The same with some days written anew: what stood on them is replaced. */
  public Ledger with(Set<LocalDate> days, Collection<Drawn> drawnOnThem) {
    var changed = new TreeMap<>(byDay);
    days.forEach(changed::remove);
    var fresh = new TreeMap<LocalDate, List<Drawn>>();
    drawnOnThem.stream()
        .filter(Drawn::isPractice)
        .forEach(d -> fresh.computeIfAbsent(d.day(), day -> new ArrayList<>()).add(d));
    var minutesChanged = new TreeMap<>(minutes.byDay());
    days.forEach(minutesChanged::remove);
    fresh.forEach(
        (day, drawn) -> {
          changed.put(day, List.copyOf(drawn));
          minutesChanged.put(day, minutesOf(drawn).on(day));
        });
    var ledger = new Ledger(changed, new Tally(minutesChanged));
    var made = index;
    if (made != null) {
      var touched = Index.union(days, fresh.keySet());
      var stood = touched.stream().map(day -> byDay.getOrDefault(day, List.of())).toList();
      ledger.index = made.with(Index.of(stood), Index.of(fresh.values()), touched).orElse(null);
    }
    return ledger;
  }

  /** Everything, oldest first. */
  public Stream<Drawn> all() {
    return byDay.values().stream().flatMap(List::stream);
  }

  /** The most drawings that one entry tells, 0 where none does. */
  public int mostDrawings() {
    return index().mostDrawings;
  }

  /** The most minutes that one entry tells, 0 where none does. */
  public int mostMinutes() {
    return index().mostMinutes;
  }

  /** How many entries there are. */
  public int size() {
    return index().size;
  }

  /** What was drawn between two days, both included, oldest first. */
  public List<Drawn> between(LocalDate from, LocalDate to) {
    return to.isBefore(from)
        ? List.of()
        : byDay.subMap(from, true, to, true).values().stream().flatMap(List::stream).toList();
  }

  /** What was drawn from a day on, oldest first. */
  public List<Drawn> since(LocalDate from) {
    return byDay.tailMap(from, true).values().stream().flatMap(List::stream).toList();
  }

  /** What was drawn for the exercises of a placed course, oldest first. */
  public List<Drawn> of(UUID placement) {
    return index().byPlacement.getOrDefault(placement, List.of());
  }

  /**
   * What was drawn in each book that was drawn in, oldest first; of a book that stays as it was in
   * another ledger the very same list.
   */
  public Map<String, List<Drawn>> byBook() {
    return Collections.unmodifiableMap(index().byBook);
  }

  /** Minutes by day; a day whose entries tell no length is there with 0. */
  public Tally minutes() {
    return minutes;
  }

  /** Minutes of a topic by day; an entry counts for each of its topics in full. */
  public Tally minutesOf(String topic) {
    return index().minutesByTopic.getOrDefault(topic, Tally.NONE);
  }

  /** Topics with at least one entry, however long. */
  public Set<String> topicsTouched() {
    return Set.copyOf(index().minutesByTopic.keySet());
  }
}
