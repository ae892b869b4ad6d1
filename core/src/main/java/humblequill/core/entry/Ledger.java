package humblequill.core.entry;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
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
  private static final class Index {
    private final Map<UUID, List<Drawn>> byPlacement = new HashMap<>();
    private final Map<String, Tally> minutesByTopic = new HashMap<>();
    private int mostDrawings;
    private int mostMinutes;
    private int size;

    private Index(Stream<Drawn> all) {
      var byTopic = new HashMap<String, List<Drawn>>();
      all.forEach(
          drawn -> {
            drawn.placement().ifPresent(p -> add(byPlacement, p, drawn));
            drawn.topics().forEach(t -> add(byTopic, t, drawn));
            mostDrawings = Math.max(mostDrawings, drawn.drawings().orElse(0));
            mostMinutes = Math.max(mostMinutes, drawn.minutesTold().orElse(0));
            size++;
          });
      byTopic.forEach((topic, drawn) -> minutesByTopic.put(topic, minutesOf(drawn)));
    }

    private static <K> void add(Map<K, List<Drawn>> lists, K key, Drawn drawn) {
      lists.computeIfAbsent(key, k -> new ArrayList<>()).add(drawn);
    }
  }

  private static Tally minutesOf(Collection<Drawn> drawn) {
    return Tally.sum(drawn, Drawn::day, d -> d.minutes().minutes());
  }

  private Index index() {
    if (index == null) {
      index = new Index(all());
    }
    return index;
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
    return new Ledger(changed, new Tally(minutesChanged));
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
    return Collections.unmodifiableList(index().byPlacement.getOrDefault(placement, List.of()));
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
