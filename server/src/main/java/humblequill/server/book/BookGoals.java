package humblequill.server.book;

import humblequill.core.day.entry.Drawn;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is written on the first pages of books, and what was drawn in them. */
@Service
public class BookGoals {
  private final BookViews books;

  BookGoals(BookViews books) {
    this.books = books;
  }

  /**
   * A book with its goal.
   *
   * @param from the first day in use; null for one that was never drawn in
   * @param closed the day it was put away; null while it is in use
   */
  public record GoalOfBook(
      UUID id,
      String name,
      String goal,
      @Nullable LocalDate from,
      @Nullable LocalDate closed,
      List<Drawn> drawn) {}

  /** Books on the shelf that have a goal. */
  @Transactional(readOnly = true)
  public List<GoalOfBook> all() {
    return books.onShelf().stream()
        .filter(k -> !k.told().goal().isBlank())
        .map(
            k ->
                new GoalOfBook(
                    k.name().id(),
                    k.name().text(),
                    k.told().goal(),
                    k.from(),
                    k.told().closed(),
                    k.drawn()))
        .toList();
  }
}
