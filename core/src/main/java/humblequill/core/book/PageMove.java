package humblequill.core.book;

import humblequill.core.day.entry.PageSpan;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Pages that lie elsewhere than their numbers say: a run that was miscounted, or moved leaves. */
public sealed interface PageMove {
  /** Where a page lies afterwards. */
  int after(int page);

  /** What brings everything back. */
  PageMove back();

  /**
   * From a page on everything is so many later or earlier.
   *
   * @param from the first page that is numbered wrongly
   * @param by how many later; below 0 for earlier, never 0
   */
  record Shift(int from, int by) implements PageMove {
    public Shift {
      if (by == 0) {
        throw new InvalidException(Message.of("book.movedByNothing"));
      }
    }

    @Override
    public int after(int page) {
      return page >= from ? page + by : page;
    }

    @Override
    public PageMove back() {
      return new Shift(from + by, -by);
    }
  }

  /** Two pages change places. */
  record Swap(int one, int other) implements PageMove {
    @Override
    public int after(int page) {
      if (page == one) {
        return other;
      }
      return page == other ? one : page;
    }

    @Override
    public PageMove back() {
      return this;
    }
  }

  /**
   * A page goes elsewhere; those between close up.
   *
   * @param page as it is numbered now
   * @param to its number afterwards
   */
  record Move(int page, int to) implements PageMove {
    @Override
    public int after(int n) {
      if (n == page) {
        return to;
      } else if (page < to) {
        return n > page && n <= to ? n - 1 : n;
      }
      return n >= to && n < page ? n + 1 : n;
    }

    @Override
    public PageMove back() {
      return new Move(to, page);
    }
  }

  /** A move that cannot be made, and why. */
  final class Impossible extends InvalidException {
    private static final long serialVersionUID = 1L;

    Impossible(Message why) {
      super(why);
    }
  }

  /**
   * Where each of some pages lies afterwards; those that stay are left out.
   *
   * @param used pages of which something is known
   * @param last the last page of the book; empty where nobody counted
   * @throws Impossible if a page would fall out of the book, or two would share a number
   */
  default Map<Integer, Integer> of(Collection<Integer> used, Optional<Integer> last) {
    int most = last.orElse(PageSpan.MAX_PAGE);
    var moved = new TreeMap<Integer, Integer>();
    var taken = new TreeMap<Integer, Integer>();
    for (int page : used) {
      int to = after(page);
      if (to < 1 || to > most) {
        throw new Impossible(
            Message.of("book.pageBeyondBook", "page", page, "to", to, "most", most));
      }
      var other = taken.putIfAbsent(to, page);
      if (other != null && other != page) {
        throw new Impossible(
            Message.of("book.pagesFallTogether", "page", other, "other", page, "to", to));
      }
      if (to != page) {
        moved.put(page, to);
      }
    }
    return moved;
  }

  /**
   * Pages of an entry afterwards.
   *
   * @throws Impossible if they would no longer lie side by side
   */
  default PageSpan after(PageSpan span) {
    int low = Integer.MAX_VALUE;
    int high = 0;
    for (int n = span.from(); n <= span.to(); n++) {
      low = Math.min(low, after(n));
      high = Math.max(high, after(n));
    }
    if (high - low + 1 != span.count()) {
      throw new Impossible(Message.of("book.entryTornApart", "from", span.from(), "to", span.to()));
    }
    return new PageSpan(low, high);
  }
}
