package humblequill.core.topic.coverage;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.calendar.Weeks;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Spans of days side by side, and what was drawn of a topic in each.
 *
 * @param columns oldest first, none overlapping
 */
public record TopicColumns(List<Column> columns) {
  private static final int DAYS = 28;
  private static final int WEEKS_OF_A_YEAR = 52;
  private static final int DAYS_A_WEEK = 7;

  public TopicColumns {
    columns = List.copyOf(columns);
  }

  /**
   * A span of days.
   *
   * @param number of the course week, where it is one
   */
  public record Column(LocalDate from, LocalDate to, Optional<Integer> number, String title) {
    boolean contains(LocalDate day) {
      return !day.isBefore(from) && !day.isAfter(to);
    }
  }

  /**
   * What was drawn and what is still planned in a column.
   *
   * @param column its place, from 0
   * @param minutes drawn
   * @param planned minutes still planned
   * @param inPlan whether the plan names the topic there, also without minutes of its own
   */
  public record TopicCell(int column, int minutes, int planned, boolean inPlan) {}

  /** The last {@value #DAYS} days, one by one. */
  public static TopicColumns days(LocalDate today) {
    var columns = new ArrayList<Column>();
    for (int i = DAYS - 1; i >= 0; i--) {
      columns.add(plain(today.minusDays(i), 1));
    }
    return new TopicColumns(columns);
  }

  /** The weeks of a course as it is followed. */
  public static TopicColumns course(Placement placement) {
    return new TopicColumns(placement.weeks().stream().map(TopicColumns::column).toList());
  }

  private static Column column(PlacedWeek week) {
    return new Column(week.from(), week.to(), week.number(), week.week().title());
  }

  /** The last {@value #WEEKS_OF_A_YEAR} weeks, this one among them. */
  public static TopicColumns year(LocalDate today, DayOfWeek weekStart) {
    return weeks(Weeks.startOf(today, weekStart).minusWeeks(WEEKS_OF_A_YEAR - 1L), today);
  }

  /** The weeks from one that begins on a day to the one of another. */
  public static TopicColumns weeks(LocalDate first, LocalDate last) {
    var columns = new ArrayList<Column>();
    for (var from = first; !from.isAfter(last); from = from.plusWeeks(1)) {
      columns.add(plain(from, DAYS_A_WEEK));
    }
    return new TopicColumns(columns);
  }

  private static Column plain(LocalDate from, int days) {
    return new Column(from, from.plusDays(days - 1L), Optional.empty(), "");
  }

  /** The column of a day; empty outside. */
  public Optional<Integer> at(LocalDate day) {
    int low = 0;
    int high = columns.size() - 1;
    while (low <= high) {
      int middle = (low + high) / 2;
      var column = columns.get(middle);
      if (column.contains(day)) {
        return Optional.of(middle);
      }
      if (day.isBefore(column.from)) {
        high = middle - 1;
      } else {
        low = middle + 1;
      }
    }
    return Optional.empty();
  }

  /**
   * Columns in which something was drawn of a topic or is planned.
   *
   * @param planned what plans still hold of this topic
   */
  public List<TopicCell> cells(String topic, Ledger ledger, List<PlannedTopic> planned) {
    var sums = new TreeMap<Integer, TopicCell>();
    inWindow(ledger.minutesOf(topic))
        .forEach((day, m) -> at(day).ifPresent(c -> add(sums, new TopicCell(c, m, 0, false))));
    planned.forEach(
        p -> at(p.from()).ifPresent(c -> add(sums, new TopicCell(c, 0, p.minutes(), true))));
    return List.copyOf(sums.values());
  }

  private static void add(TreeMap<Integer, TopicCell> sums, TopicCell more) {
    sums.merge(
        more.column,
        more,
        (a, b) ->
            new TopicCell(
                a.column, a.minutes + b.minutes, a.planned + b.planned, a.inPlan || b.inPlan));
  }

  private java.util.SortedMap<LocalDate, Integer> inWindow(Tally tally) {
    return columns.isEmpty()
        ? new TreeMap<>()
        : tally.byDay().subMap(columns.get(0).from, columns.get(columns.size() - 1).to.plusDays(1));
  }
}
