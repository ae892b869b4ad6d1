package humblequill.server.day.entry;

import humblequill.core.ground.name.Names;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * By what entries are found and in which order they are listed, held in memory: a database without
 * an index over words reads all of them for every search.
 */
@Component
class EntryIndex {
  private static final int DENSE = 3;

  private final RowsByDay<EntryRepository.Listed> byDay;
  private final Remembered<All> listed;

  EntryIndex(EntryRepository repository, Memory memory) {
    this.byDay =
        new RowsByDay<>(repository::listed, repository::listedOn, EntryRepository.Listed::day);
    this.listed =
        memory.rememberBy("what every entry is found by, by day", EntryEntity.class, "practiceDay");
  }

  /**
   * Entries that match, newest first.
   *
   * @param ids those asked for
   * @param first day of the oldest of them
   * @param last day of the newest of them
   * @param between how many entries there are between these days, whether or not they match
   * @param total how many match in all
   */
  record Found(List<UUID> ids, LocalDate first, LocalDate last, long between, long total) {
    /** Whether most of what lies between its days is asked for. */
    boolean isDense() {
      return between <= DENSE * ids.size();
    }
  }

  /**
   * All entries.
   *
   * @param days each day's, newest first
   * @param count how many there are
   */
  private record All(NavigableMap<LocalDate, List<EntryRepository.Listed>> days, long count) {
    private static All of(NavigableMap<LocalDate, List<EntryRepository.Listed>> days) {
      return new All(days, days.values().stream().mapToLong(List::size).sum());
    }
  }

  Found find(EntryFilter filter, Names names) {
    var query = new EntryQuery(filter, names);
    var ids = new ArrayList<UUID>();
    long total = 0;
    var first = LocalDate.EPOCH;
    var last = LocalDate.EPOCH;
    var all = listed.get(() -> All.of(byDay.read()), this::again);
    var days = all.days();
    boolean everything = query.matchesAll();
    var between = days.subMap(query.from(), true, query.to(), true).descendingMap();
    for (var day : between.values()) {
      if (everything && ids.size() == filter.most()) {
        if (query.isOfAnyDay()) {
          total = all.count();
          break;
        }
        total += day.size();
        continue;
      }
      for (var entry : day) {
        if (query.matches(entry)) {
          if (total >= filter.skip() && ids.size() < filter.most()) {
            ids.add(entry.id());
            last = ids.size() == 1 ? entry.day() : last;
            first = entry.day();
          }
          total++;
        }
      }
    }
    long near = days.subMap(first, true, last, true).values().stream().mapToLong(List::size).sum();
    return new Found(ids, first, last, near, total);
  }

  private All again(All held, Set<Object> days) {
    return All.of(byDay.again(held.days(), days));
  }
}
