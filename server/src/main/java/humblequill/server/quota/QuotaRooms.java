package humblequill.server.quota;

import humblequill.core.plan.DayRoom;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;

/** The time there is for a promise. */
final class QuotaRooms {
  private QuotaRooms() {}

  /** Whether a date has minutes at all. */
  static Predicate<LocalDate> hasMinutes(Learner learner) {
    return date ->
        learner.availability().minutesOn(date) > 0 && !learner.availability().isNeutral(date);
  }

  /** The day's minutes, or those set apart for it on drawing days. */
  static List<DayRoom> rooms(QuotaTerms terms, Learner learner, LocalDate from, LocalDate to) {
    return from.datesUntil(to.plusDays(1)).map(date -> room(terms, learner, date)).toList();
  }

  private static DayRoom room(QuotaTerms terms, Learner learner, LocalDate date) {
    boolean rest = terms.rest().contains(date.getDayOfWeek()) || !hasMinutes(learner).test(date);
    int all = learner.availability().minutesOn(date);
    int own = terms.minutesADay() == null ? all : terms.minutesADay();
    return new DayRoom(date, rest ? 0 : own, learner.overheadMinutes(), 0);
  }

  /** Whole units that a drawing day of these holds, on average; infinite without one. */
  static double unitsADay(List<DayRoom> rooms, int secondsEach) {
    return rooms.stream()
        .filter(room -> room.availableMinutes() > 0)
        .mapToInt(room -> room.effectiveSeconds() / secondsEach)
        .average()
        .orElse(Double.POSITIVE_INFINITY);
  }
}
