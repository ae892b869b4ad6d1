package humblequill.server.entry;

import humblequill.core.entry.Entry;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Minutes of every day with an entry, held in memory: streaks look at the whole history each time a
 * page opens, and only one run at a time writes to a data folder, so the days a write touches are
 * all that must be read again.
 */
@Component
public class PracticeDays {
  private final EntryRepository repository;
  private @Nullable Map<LocalDate, Integer> minutes;

  PracticeDays(EntryRepository repository) {
    this.repository = repository;
  }

  /**
   * Minutes by practice day; a day whose entries tell no length has 0. The map does not change any
   * more.
   */
  public synchronized Map<LocalDate, Integer> minutesByDay() {
    if (minutes == null) {
      minutes = sum(repository.lengths());
    }
    return minutes;
  }

  /** Tells that entries of these days change in the running transaction. */
  void touched(Collection<LocalDate> days) {
    var touched = List.copyOf(days);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            refresh(touched);
          }
        });
  }

  private synchronized void refresh(List<LocalDate> days) {
    if (minutes == null) {
      return;
    }
    if (days.size() > 100) {
      minutes = null;
      return;
    }
    var changed = new TreeMap<>(minutes);
    days.forEach(changed::remove);
    changed.putAll(sum(repository.lengthsOn(days)));
    minutes = changed;
  }

  private static Map<LocalDate, Integer> sum(List<EntryRepository.Length> lengths) {
    var sums = new TreeMap<LocalDate, Integer>();
    lengths.forEach(
        l ->
            sums.merge(l.day(), minutes(l.minutes(), l.drawings(), l.secondsEach()), Integer::sum));
    return sums;
  }

  static int minutes(
      @Nullable Integer minutes, @Nullable Integer drawings, @Nullable Integer secondsEach) {
    return Entry.minutesOrEstimate(
        Optional.ofNullable(minutes),
        Optional.ofNullable(drawings),
        Optional.ofNullable(secondsEach));
  }
}
