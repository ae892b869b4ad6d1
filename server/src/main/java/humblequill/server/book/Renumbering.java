package humblequill.server.book;

import humblequill.core.book.PageMove;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.ground.message.Message;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts page numbers right; entries, pictures and what was told follow their page. */
@Service
class Renumbering {
  private final BookViews views;
  private final PageService pages;
  private final EntryService entries;

  Renumbering(BookViews views, PageService pages, EntryService entries) {
    this.views = views;
    this.pages = pages;
    this.entries = entries;
  }

  /** How pages move. */
  enum Kind {
    /** From a page on everything is so many later or earlier. */
    SHIFT,
    /** Two pages change places. */
    SWAP,
    /** A page goes elsewhere; those between close up. */
    MOVE
  }

  /**
   * A move as it is asked for.
   *
   * @param page the page, or the first of the run
   * @param other the other page, or its number afterwards; for a run how many later, below 0
   *     earlier
   */
  record MoveOfPages(
      @NotNull Kind kind, @Min(1) @Max(9999) int page, @Min(-9999) @Max(9999) int other) {
    private PageMove toCore() {
      return switch (kind) {
        case SHIFT -> new PageMove.Shift(page, other);
        case SWAP -> new PageMove.Swap(page, other);
        case MOVE -> new PageMove.Move(page, other);
      };
    }

    private static MoveOfPages of(PageMove move) {
      if (move instanceof PageMove.Shift shift) {
        return new MoveOfPages(Kind.SHIFT, shift.from(), shift.by());
      } else if (move instanceof PageMove.Swap swap) {
        return new MoveOfPages(Kind.SWAP, swap.one(), swap.other());
      }
      var one = (PageMove.Move) move;
      return new MoveOfPages(Kind.MOVE, one.page(), one.to());
    }
  }

  /**
   * What a move does.
   *
   * @param pages that get another number
   * @param entries that get other pages
   * @param back what takes it back
   */
  record Moved(List<MovedPage> pages, List<MovedEntry> entries, MoveOfPages back) {}

  /** A page and its number afterwards. */
  record MovedPage(int page, int after) {}

  /** An entry and its pages afterwards. */
  record MovedEntry(UUID id, String called, LocalDate day, PageSpan pages, PageSpan after) {}

  @Transactional(readOnly = true)
  Moved preview(UUID book, MoveOfPages asked) {
    try {
      var move = asked.toCore();
      var k = views.known(book);
      var used = new HashSet<Integer>();
      k.pages().forEach(p -> used.add(p.number()));
      var moved = new ArrayList<MovedEntry>();
      for (var drawn : k.drawn()) {
        drawn.span().ifPresent(span -> follow(move, drawn, span, used, moved));
      }
      var last = k.told().toCore(k.name().text()).pageCount();
      var numbers = move.of(used, last);
      return new Moved(
          numbers.entrySet().stream().map(e -> new MovedPage(e.getKey(), e.getValue())).toList(),
          moved,
          MoveOfPages.of(move.back()));
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue(
          "page", asked.page(), Message.of("book.notMoved", "why", Message.why(e)));
    }
  }

  private static void follow(
      PageMove move, Drawn drawn, PageSpan span, HashSet<Integer> used, List<MovedEntry> moved) {
    for (int n = span.from(); n <= span.to(); n++) {
      used.add(n);
    }
    var after = move.after(span);
    if (!after.equals(span)) {
      moved.add(new MovedEntry(drawn.entry(), drawn.called(), drawn.day(), span, after));
    }
  }

  @Transactional
  Moved move(UUID book, MoveOfPages asked) {
    var moved = preview(book, asked);
    Map<UUID, PageSpan> spans = new HashMap<>();
    moved.entries().forEach(e -> spans.put(e.id(), e.after()));
    entries.renumber(spans);
    Map<Integer, Integer> numbers = new HashMap<>();
    moved.pages().forEach(p -> numbers.put(p.page(), p.after()));
    pages.renumber(book, numbers);
    return moved;
  }
}
