package humblequill.server.entry;

import humblequill.server.data.Derived;
import humblequill.server.data.Memory;
import humblequill.server.data.Remembered;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What entries say in words: what went wrong, and what to do the next time. */
@Component
public class SaidNotes {
  private final EntryRepository repository;
  private final Unjudged unjudged;
  private final Remembered<Map<LocalDate, List<EntryRepository.Said>>> stored;
  private final Derived<List<Note>> notes = new Derived<>();

  SaidNotes(EntryRepository repository, Unjudged unjudged, Memory memory) {
    this.repository = repository;
    this.unjudged = unjudged;
    this.stored = memory.remember("what entries say went wrong, by day");
  }

  /** The words of one entry; one of them may be empty. */
  public record Note(UUID entry, LocalDate day, String wentWrong, String nextTime) {}

  /** All, the oldest first; those of books that are not judged are left out. */
  @Transactional(readOnly = true)
  public List<Note> all() {
    var rows = rows();
    var books = unjudged.books();
    return notes.get(
        List.of(rows, books),
        () ->
            rows.values().stream()
                .flatMap(List::stream)
                .filter(row -> row.bookId() == null || !books.contains(row.bookId()))
                .map(row -> new Note(row.id(), row.day(), row.wentWrong(), row.nextTime()))
                .toList());
  }

  private Map<LocalDate, List<EntryRepository.Said>> rows() {
    return stored.get(() -> byDay(repository.said()), this::again);
  }

  private static Map<LocalDate, List<EntryRepository.Said>> byDay(List<EntryRepository.Said> rows) {
    return rows.stream()
        .collect(
            Collectors.groupingBy(
                EntryRepository.Said::day, TreeMap::new, Collectors.toUnmodifiableList()));
  }

  private Map<LocalDate, List<EntryRepository.Said>> again(
      Map<LocalDate, List<EntryRepository.Said>> held, Set<Object> days) {
    var changed = new TreeMap<>(held);
    days.forEach(changed::remove);
    changed.putAll(byDay(repository.saidOn(days.stream().map(LocalDate.class::cast).toList())));
    return changed;
  }

  /** Tells that the running transaction writes entries of some days. */
  void changed(Collection<LocalDate> days) {
    stored.changed(days);
  }
}
