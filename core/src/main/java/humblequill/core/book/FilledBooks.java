package humblequill.core.book;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Books that were filled in a year.
 *
 * @param quarters how many in each quarter, four numbers
 * @param papers what their paper came to, by currency; of those whose price was told
 */
public record FilledBooks(List<Integer> quarters, List<PaperCost> papers) {
  private static final int QUARTERS = 4;
  private static final int MONTHS = 3;

  public FilledBooks {
    quarters = List.copyOf(quarters);
    papers = List.copyOf(papers);
  }

  /**
   * A book that was filled.
   *
   * @param on the day it was closed, or the last page was drawn on
   * @param currency of the price, three letters; may be empty
   * @param pages drawn on
   * @param minutes drawn in it
   */
  public record Filled(
      LocalDate on, Optional<BigDecimal> price, String currency, int pages, int minutes) {}

  /** What the paper of some books came to, page by page and hour by hour of all of them. */
  public record PaperCost(String currency, int books, Cost cost) {}

  /** Those of a year. */
  public static FilledBooks of(int year, List<Filled> books) {
    var quarters = new ArrayList<>(Collections.nCopies(QUARTERS, 0));
    var priced = new TreeMap<String, List<Filled>>();
    for (var book : books) {
      if (book.on().getYear() == year) {
        int quarter = (book.on().getMonthValue() - 1) / MONTHS;
        quarters.set(quarter, quarters.get(quarter) + 1);
        if (book.price().isPresent()) {
          priced.computeIfAbsent(book.currency(), c -> new ArrayList<>()).add(book);
        }
      }
    }
    return new FilledBooks(
        quarters, priced.entrySet().stream().map(e -> paper(e.getKey(), e.getValue())).toList());
  }

  private static PaperCost paper(String currency, List<Filled> books) {
    var price =
        books.stream().flatMap(b -> b.price().stream()).reduce(BigDecimal.ZERO, BigDecimal::add);
    return new PaperCost(
        currency,
        books.size(),
        Cost.of(
            price,
            books.stream().mapToInt(Filled::pages).sum(),
            books.stream().mapToInt(Filled::minutes).sum()));
  }
}
