package humblequill.server.day.entry;

import humblequill.core.day.entry.PageSpan;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Which entries to list.
 *
 * @param from first day
 * @param to last day
 * @param exercise id of an exercise
 * @param topic topic by any of its spellings
 * @param medium medium by any of its spellings
 * @param source source by any of its spellings
 * @param text words that stand in any of its texts or names
 * @param pages pages it lies on at least one of
 * @param book book by any of its spellings
 * @param facet facet by any of its spellings
 * @param skip how many of those that match are left out first
 * @param most how many are listed, 1 to 500
 */
public record EntryFilter(
    @Nullable LocalDate from,
    @Nullable LocalDate to,
    @Nullable String exercise,
    @Nullable String topic,
    @Nullable String medium,
    @Nullable String source,
    @Nullable String text,
    @Nullable PageSpan pages,
    @Nullable String book,
    @Nullable String facet,
    int skip,
    int most) {
  /** The newest entries of one day. */
  public static EntryFilter on(LocalDate day, int most) {
    return new EntryFilter(day, day, null, null, null, null, null, null, null, null, 0, most);
  }

  /** The newest entries that hold some words. */
  public static EntryFilter holding(String text, int most) {
    return new EntryFilter(null, null, null, null, null, null, text, null, null, null, 0, most);
  }

  /** The newest entries on some pages of a book, or of any. */
  public static EntryFilter on(PageSpan pages, @Nullable String book, int most) {
    return new EntryFilter(null, null, null, null, null, null, null, pages, book, null, 0, most);
  }
}
