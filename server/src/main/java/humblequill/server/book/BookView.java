package humblequill.server.book;

import humblequill.core.book.Cost;
import humblequill.core.book.FullDate;
import humblequill.core.book.PageState;
import humblequill.core.book.Paper;
import humblequill.core.promise.Rule;
import humblequill.core.promise.RulesKept;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book with its pages.
 *
 * @param version counts changes; 0 while nothing but its name is known
 * @param widthMm of a page, null for unknown
 * @param heightMm of a page, null for unknown
 * @param pages how many there are; by what is known of them where nobody counted the leaves
 * @param counts pages by state
 * @param drawnOn pages ever drawn on, torn out ones among them
 * @param from the first day in use: as told, else of its first entry
 * @param last the day it was last drawn in
 * @param full when it will be full; null for one that is closed, or whose leaves nobody counted
 * @param cost null without a price
 * @param remarks media that its paper does not stand and that were drawn with in it
 * @param kept how its rules were kept
 * @param openings pages as they lie open
 */
public record BookView(
    UUID id,
    long version,
    BookFields fields,
    @Nullable Integer widthMm,
    @Nullable Integer heightMm,
    int pages,
    Map<PageState, Integer> counts,
    int drawnOn,
    int minutes,
    @Nullable LocalDate from,
    @Nullable LocalDate last,
    @Nullable FullDate full,
    @Nullable Cost cost,
    List<PaperRemark> remarks,
    Map<Rule, RulesKept.Count> kept,
    List<OpeningView> openings) {
  /** A medium that the paper does not stand, and where it was drawn with. */
  public record PaperRemark(String medium, Paper takes, List<Integer> pages) {}

  /** Two pages that lie open together. */
  public record OpeningView(@Nullable PageTile left, @Nullable PageTile right) {}

  /**
   * A page on the contact sheet.
   *
   * @param words what a free page waits for, where a torn-out one is, what was glued in
   * @param picture its picture, null without
   * @param about what was drawn on it, in the words of its newest entry; empty without
   * @param day when it was first drawn on
   */
  public record PageTile(
      int number,
      PageState state,
      String words,
      boolean favourite,
      @Nullable UUID picture,
      String about,
      @Nullable LocalDate day) {}
}
