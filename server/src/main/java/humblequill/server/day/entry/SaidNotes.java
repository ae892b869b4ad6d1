package humblequill.server.day.entry;

import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import java.time.LocalDate;
import java.util.List;
import java.util.NavigableMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What entries say in words: what went wrong, and what to do the next time. */
@Component
public class SaidNotes {
  private final Unjudged unjudged;
  private final Remembered<NavigableMap<LocalDate, List<EntryRepository.Said>>> stored;
  private final RowsByDay<EntryRepository.Said> byDay;
  private final Derived<List<Note>> notes = new Derived<>();

  SaidNotes(EntryRepository repository, Unjudged unjudged, Memory memory) {
    this.unjudged = unjudged;
    this.stored =
        memory.rememberBy("what entries say went wrong, by day", EntryEntity.class, "practiceDay");
    this.byDay = new RowsByDay<>(repository::said, repository::saidOn, EntryRepository.Said::day);
  }

  /** The words of one entry; one of them may be empty. */
  public record Note(UUID entry, LocalDate day, String wentWrong, String nextTime) {}

  /** All, the oldest first; those of books that are not judged are left out. */
  @Transactional(readOnly = true)
  public List<Note> all() {
    var rows = stored.get(byDay::read, byDay::again);
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
}
