package humblequill.core.course.plan;

import humblequill.core.ground.calendar.WeekPattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;

/**
 * Finds remedies by asking the planner itself, so that a remedy that is applied fits and one unit
 * less of it does not.
 */
public final class RemedyFinder {
  private static final int A_FRACTION = 4;

  private final List<Work> works;
  private final List<DayRoom> days;
  private final DayOrder order;

  private RemedyFinder(List<Work> works, List<DayRoom> days, DayOrder order) {
    this.works = works;
    this.days = days;
    this.order = order;
  }

  /**
   * Finds the remedies for work that does not fit.
   *
   * @param nextDays the days after the last one, in order, that could be added
   */
  public static Remedies find(
      List<Work> works, List<DayRoom> days, List<DayRoom> nextDays, DayOrder order) {
    var finder = new RemedyFinder(works, days, order);
    var spread = Planner.spread(works, days, order);
    return new Remedies(
        finder.extraDays(nextDays),
        finder.drops(spread),
        finder.paces(spread),
        finder.minutesADay());
  }

  /**
   * The fewest days to add so that all work fits.
   *
   * @param nextDays the days after the last one, in order
   * @return empty when they do not suffice
   */
  static Optional<Remedies.ExtraDays> extraDays(
      List<Work> works, List<DayRoom> days, List<DayRoom> nextDays, DayOrder order) {
    return new RemedyFinder(works, days, order).extraDays(nextDays);
  }

  /**
   * The smallest number of minutes on every day with which all work fits; days without any minutes
   * stay without.
   *
   * @return empty when no number up to {@link WeekPattern#MAX_MINUTES} does
   */
  public static OptionalInt minutesNeeded(List<Work> works, List<DayRoom> days, DayOrder order) {
    return new RemedyFinder(works, days, order).minutesADay();
  }

  private Optional<Remedies.ExtraDays> extraDays(List<DayRoom> nextDays) {
    var longer = new ArrayList<>(days);
    int added = 0;
    for (var next : nextDays) {
      longer.add(next);
      if (next.effectiveSeconds() == 0) {
        continue;
      }
      added++;
      if (Planner.spread(works, longer, order).fits()) {
        return Optional.of(new Remedies.ExtraDays(added, next.date()));
      }
    }
    return Optional.empty();
  }

  private List<Remedies.Drop> drops(Spread spread) {
    var left = new ArrayList<>(works);
    var shortfalls = spread.shortfalls();
    while (!shortfalls.isEmpty()) {
      for (var shortfall : shortfalls) {
        left.replaceAll(
            w ->
                w.id().equals(shortfall.exerciseId())
                    ? w.withQuantity(w.quantity() - shortfall.count())
                    : w);
      }
      shortfalls = Planner.spread(left, days, order).shortfalls();
    }
    while (takeBack(left)) {
      // Taking back units of one exercise can let in units of another, so it is tried until none
      // fits.
    }
    var drops = new ArrayList<Remedies.Drop>();
    for (int i = 0; i < works.size(); i++) {
      if (left.get(i).quantity() < works.get(i).quantity()) {
        drops.add(
            new Remedies.Drop(works.get(i).id(), works.get(i).quantity() - left.get(i).quantity()));
      }
    }
    return drops;
  }

  /** Puts dropped units back where they fit after all; tells whether it put any. */
  private boolean takeBack(List<Work> left) {
    boolean any = false;
    for (int i = 0; i < works.size(); i++) {
      int position = i;
      int kept = left.get(i).quantity();
      var full = works.get(i);
      if (kept < full.quantity() && fitsWith(left, i, full.withQuantity(kept + 1))) {
        int most =
            largest(kept + 1, full.quantity(), q -> fitsWith(left, position, full.withQuantity(q)));
        left.set(i, full.withQuantity(most));
        any = true;
      }
    }
    return any;
  }

  /** Paces that somebody would take: no drawing in less than a quarter of its time. */
  private List<Remedies.Pace> paces(Spread spread) {
    var paces = new ArrayList<Remedies.Pace>();
    for (int i = 0; i < works.size(); i++) {
      int position = i;
      var work = works.get(i);
      boolean isShort =
          spread.shortfalls().stream().anyMatch(s -> s.exerciseId().equals(work.id()));
      int least = (work.secondsEach() + A_FRACTION - 1) / A_FRACTION;
      if (isShort && fitsWith(works, i, work.withSecondsEach(least))) {
        paces.add(
            new Remedies.Pace(
                work.id(),
                largest(
                    least,
                    work.secondsEach(),
                    s -> fitsWith(works, position, work.withSecondsEach(s)))));
      }
    }
    return paces;
  }

  private OptionalInt minutesADay() {
    IntPredicate fits = minutes -> Planner.spread(works, raisedTo(minutes), order).fits();
    if (!fits.test(WeekPattern.MAX_MINUTES)) {
      return OptionalInt.empty();
    }
    return OptionalInt.of(
        WeekPattern.MAX_MINUTES
            - largest(
                0, WeekPattern.MAX_MINUTES, less -> fits.test(WeekPattern.MAX_MINUTES - less)));
  }

  private List<DayRoom> raisedTo(int minutes) {
    return days.stream()
        .map(
            day ->
                day.availableMinutes() == 0
                    ? day
                    : day.withAvailable(Math.max(minutes, day.availableMinutes())))
        .toList();
  }

  private boolean fitsWith(List<Work> others, int position, Work changed) {
    var all = new ArrayList<>(others);
    all.set(position, changed);
    return Planner.spread(all, days, order).fits();
  }

  /**
   * A value that fits and whose successor does not; {@code fits(low)} holds and {@code fits(high)}
   * does not.
   */
  private static int largest(int low, int high, IntPredicate fits) {
    int yes = low;
    int no = high;
    while (no - yes > 1) {
      int middle = (yes + no) >>> 1;
      if (fits.test(middle)) {
        yes = middle;
      } else {
        no = middle;
      }
    }
    return yes;
  }
}
