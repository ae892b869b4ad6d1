package humblequill.core.book;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.PolyaUrn;
import humblequill.core.promise.DayUrn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * When a book will be full: the pages of the days to come are the next draws of an urn made of the
 * last {@value #DAYS} days, summed exactly (docs/decisions/forecast.md). Every calendar day is a
 * day, since a book is waited for on days without drawing too.
 *
 * @param left pages that something may still be begun on
 * @param ownDays days that are over and that it rests on
 * @param pagesADay the mean of these days; of the plan while there are too few
 * @param early the date by which it is full with 10 %, which is when the next one should be there;
 *     empty when beyond the horizon, and before there are {@value #ENOUGH} own days
 * @param middle the same with 50 %
 * @param late the same with 90 %
 * @param fan pages newly drawn by some dates from today to the late one; none without own days
 */
public record FullDate(
    int left,
    int ownDays,
    double pagesADay,
    Optional<LocalDate> early,
    Optional<LocalDate> middle,
    Optional<LocalDate> late,
    List<PagesBy> fan) {
  /** Days it looks back on. */
  static final int DAYS = 28;

  /** Own days before which a span would rest on a guess alone. */
  static final int ENOUGH = 3;

  /** Dates beyond it are not told. */
  public static final int HORIZON = 365;

  private static final int DAYS_A_WEEK = 7;
  private static final int FAN_DATES = 8;
  private static final double EARLY = 0.1;
  private static final double EVEN = 0.5;
  private static final double LATE = 0.9;

  public FullDate {
    fan = List.copyOf(fan);
  }

  /**
   * Pages newly drawn from now on by the end of a date.
   *
   * @param low at least so many with 90 %
   * @param middle with 50 %
   * @param high with 10 %
   */
  public record PagesBy(LocalDate date, int low, int middle, int high) {}

  /**
   * The forecast.
   *
   * @param left pages that something may still be begun on now
   * @param newlyDrawn pages of this book first drawn on, by day
   * @param opened the first day it was in use
   * @param usual pages a day of the last book that was closed; 1 without one
   * @param today the open practice day
   */
  public static FullDate of(
      int left, Tally newlyDrawn, LocalDate opened, double usual, LocalDate today) {
    var own = lastDays(newlyDrawn, opened, today);
    double mean = own.byDay().values().stream().mapToInt(n -> n).average().orElse(usual);
    if (own.byDay().size() < ENOUGH || left == 0) {
      return new FullDate(
          left,
          own.byDay().size(),
          own.byDay().size() < ENOUGH ? usual : mean,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of());
    }
    int drawnToday = newlyDrawn.on(today);
    int open = left + drawnToday;
    int daysAhead = mean > 0 ? (int) Math.ceil(open / mean) : HORIZON;
    var urn = DayUrn.of(own, usual, DAYS_A_WEEK, Math.min(HORIZON, Math.max(1, daysAhead)));
    var days = told(urn, open, drawnToday);
    return new FullDate(
        left,
        own.byDay().size(),
        mean,
        date(days, open, EARLY, today),
        date(days, open, EVEN, today),
        date(days, open, LATE, today),
        fan(days, open, drawnToday, today));
  }

  /** The pages of each day that is over, zeros among them. */
  private static Tally lastDays(Tally newlyDrawn, LocalDate opened, LocalDate today) {
    var from = today.minusDays(DAYS);
    var first = opened.isAfter(from) ? opened : from;
    var days = new TreeMap<LocalDate, Integer>();
    for (var day = first; day.isBefore(today); day = day.plusDays(1)) {
      days.put(day, newlyDrawn.on(day));
    }
    return new Tally(days);
  }

  /**
   * What was drawn from this morning on by the end of each day.
   *
   * @param certain pages of today that the urn does not know
   */
  private record Told(PolyaUrn.Sums sums, int certain) {
    double atLeast(int pages) {
      return pages <= certain ? 1 : sums.atLeast(pages - certain);
    }

    int reached(double probability, int open) {
      return Math.min(open, certain + sums.reached(probability));
    }
  }

  /** Today is the first draw, known to be at least what was drawn so far. */
  private static List<Told> told(PolyaUrn urn, int open, int drawnToday) {
    boolean unseen = drawnToday > urn.most();
    var draws = (unseen ? urn.drawn(drawnToday) : urn).draws(open);
    var told = new ArrayList<Told>();
    for (int day = 1; day <= HORIZON; day++) {
      if (!unseen || day > 1) {
        draws.next();
      }
      var now = new Told(draws.sums(unseen ? 0 : drawnToday), unseen ? drawnToday : 0);
      told.add(now);
      if (now.atLeast(open) >= LATE) {
        break;
      }
    }
    return told;
  }

  private static Optional<LocalDate> date(
      List<Told> days, int open, double probability, LocalDate today) {
    for (int i = 0; i < days.size(); i++) {
      if (days.get(i).atLeast(open) >= probability) {
        return Optional.of(today.plusDays(i));
      }
    }
    return Optional.empty();
  }

  private static List<PagesBy> fan(List<Told> days, int open, int drawnToday, LocalDate today) {
    var fan = new ArrayList<PagesBy>();
    int shown = -1;
    for (int i = 1; i <= FAN_DATES; i++) {
      int day = Math.round((float) days.size() * i / FAN_DATES) - 1;
      if (day > shown) {
        shown = day;
        var then = days.get(day);
        fan.add(
            new PagesBy(
                today.plusDays(day),
                Math.max(0, then.reached(LATE, open) - drawnToday),
                Math.max(0, then.reached(EVEN, open) - drawnToday),
                Math.max(0, then.reached(EARLY, open) - drawnToday)));
      }
    }
    return fan;
  }
}
