package humblequill.core.lookback;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * Courses laid into a year, one after another or beside one another, against the room there is.
 *
 * @param lines in the order they were asked for
 * @param roomMinutes what the days of the year offer
 * @param plannedMinutes what the courses take of it
 * @param fullest share of the room that courses side by side take together where that is most
 */
public record YearAhead(List<Laid> lines, int roomMinutes, int plannedMinutes, double fullest) {
  private static final int DAYS = 7;

  /** Courses take no longer than so many times their own weeks. */
  public static final double MOST_STRETCH = 4;

  /**
   * A course to be laid into the year.
   *
   * @param weeks of its own, 1 or more
   * @param minutes of all its work
   * @param beside whether it begins with the one before, and not after it
   */
  public record Wanted(String title, int weeks, int minutes, boolean beside) {}

  /**
   * A course in the year.
   *
   * @param weeks it takes at the learner's own pace
   * @param minutesAWeek its work parted among these
   * @param share of the room of its days that it takes; above 1 it does not fit; 0 without room
   * @param inYear whether it ends within the year
   */
  public record Laid(
      String title,
      LocalDate from,
      LocalDate to,
      int weeks,
      int minutes,
      int minutesAWeek,
      double share,
      boolean inYear) {}

  /**
   * Lays them out.
   *
   * @param start the first day
   * @param stretch by how much longer than planned weeks take, by the learner's own record; 1 as
   *     planned
   * @param room minutes for courses on a date
   */
  public static YearAhead of(
      List<Wanted> wanted, LocalDate start, double stretch, ToIntFunction<LocalDate> room) {
    double longer = Math.max(1, Math.min(MOST_STRETCH, stretch));
    var end = start.plusYears(1);
    var laid = new ArrayList<Laid>();
    var next = start;
    var began = start;
    for (var w : wanted) {
      boolean beside = w.beside() && !laid.isEmpty();
      began = beside ? began : next;
      int weeks = (int) Math.ceil(w.weeks() * longer);
      var to = began.plusDays((long) weeks * DAYS - 1);
      long there = began.datesUntil(to.plusDays(1)).mapToLong(room::applyAsInt).sum();
      laid.add(
          new Laid(
              w.title(),
              began,
              to,
              weeks,
              w.minutes(),
              Math.round((float) w.minutes() / weeks),
              there == 0 ? 0 : (double) w.minutes() / there,
              to.isBefore(end)));
      next = to.plusDays(1).isAfter(next) ? to.plusDays(1) : next;
    }
    return new YearAhead(
        laid,
        start.datesUntil(end).mapToInt(room).sum(),
        wanted.stream().mapToInt(Wanted::minutes).sum(),
        laid.stream().mapToDouble(l -> on(laid, l.from())).max().orElse(0));
  }

  private static double on(List<Laid> laid, LocalDate day) {
    return laid.stream()
        .filter(l -> !day.isBefore(l.from()) && !day.isAfter(l.to()))
        .mapToDouble(Laid::share)
        .sum();
  }
}
