package humblequill.server.quota;

import humblequill.core.plan.DayRoom;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/** The time there is for a promise. */
final class QuotaRooms {
  private QuotaRooms() {}

  /** Whether a date has minutes at all. */
  static Predicate<LocalDate> hasMinutes(Learner learner) {
    return date ->
        learner.availability().minutesOn(date) > 0 && !learner.availability().isNeutral(date);
  }

  /**
   * The minutes set apart for it on drawing days; where none are, what other promises leave of the
   * day's, or all of them when it comes on top.
   *
   * @param taken minutes of a date that other promises take
   */
  static List<DayRoom> of(
      QuotaTerms terms,
      Learner learner,
      ToIntFunction<LocalDate> taken,
      LocalDate from,
      LocalDate to) {
    return from.datesUntil(to.plusDays(1))
        .map(
            date -> {
              int minutes =
                  isDrawingDay(terms, learner, date) ? minutes(terms, learner, taken, date) : 0;
              return new DayRoom(date, minutes, learner.overheadMinutes(), 0);
            })
        .toList();
  }

  static boolean isDrawingDay(QuotaTerms terms, Learner learner, LocalDate date) {
    return !terms.rest().contains(date.getDayOfWeek()) && hasMinutes(learner).test(date);
  }

  private static int minutes(
      QuotaTerms terms, Learner learner, ToIntFunction<LocalDate> taken, LocalDate date) {
    if (terms.minutesADay() != null) {
      return terms.minutesADay();
    }
    int all = learner.availability().minutesOn(date);
    return terms.beside() ? all : Math.max(0, all - taken.applyAsInt(date));
  }
}
