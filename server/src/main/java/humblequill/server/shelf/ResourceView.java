package humblequill.server.shelf;

import humblequill.core.book.FullDate;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.shelf.Resource;
import humblequill.core.shelf.UnitsRead;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A resource.
 *
 * @param version counts changes of what was told; 0 while nothing was
 * @param place where it stands on the shelf
 * @param used what entries tell of it
 * @param waitsFor what comes first and is not done
 * @param entryTopics topics of its entries that nobody told, the most drawn first
 * @param price what it cost an hour; null without a price or an hour
 */
record ResourceView(
    UUID id,
    long version,
    Resource.Place place,
    boolean removed,
    ResourceFields fields,
    UseOfResource used,
    List<WaitsFor> waitsFor,
    List<String> entryTopics,
    @Nullable BigDecimal pricePerHour) {
  /**
   * What entries tell of a resource.
   *
   * @param read how many units were
   * @param next the first unit behind the last one read
   * @param unitsAWeek in the last active weeks; null without any
   * @param finish when it will be done; null without a total, or before enough days tell
   * @param withAttempt own minutes a unit where it was attempted first
   */
  record UseOfResource(
      int read,
      int next,
      List<UnitsRead.ReadSpan> spans,
      List<UnitsRead.ReadSpan> gaps,
      int entries,
      int minutes,
      int drawings,
      @Nullable LocalDate first,
      @Nullable LocalDate last,
      @Nullable Double unitsAWeek,
      int activeWeeks,
      @Nullable FullDate finish,
      Map<HowUsed, Integer> byHow,
      int attemptedFirst,
      @Nullable Double withAttempt,
      @Nullable Double without) {}

  /**
   * What comes first.
   *
   * @param id of the resource; null for a week of a course
   * @param week number of a week in its course; null for a resource
   * @param left units left of it; null where nobody knows
   * @param about when it will most likely be done; null where nothing tells
   */
  record WaitsFor(
      @Nullable UUID id,
      String name,
      @Nullable Integer week,
      @Nullable Integer left,
      @Nullable LocalDate about) {}
}
